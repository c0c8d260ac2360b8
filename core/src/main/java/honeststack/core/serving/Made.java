package honeststack.core.serving;

import honeststack.core.batter.Batter;
import honeststack.core.batter.MeasuredFood;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.yield.Griddle;
import honeststack.core.yield.PanFat;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * One batch from the bowl to the plate, every amount in grams; later stations may still be empty.
 *
 * @param finished where it is a preparation, what became of it
 */
public record Made(
    Batter batter, Optional<Griddle> griddle, Optional<Plate> plate, Optional<Finished> finished) {

  public Made(Batter batter, Optional<Griddle> griddle, Optional<Plate> plate) {
    this(batter, griddle, plate, Optional.empty());
  }

  /**
   * The same batch in another book, its sources under the identities that {@code keys} gives them.
   * Two batches are compared in one book; what they share there decides everything.
   */
  public Made rebased(SourceBook book, UnaryOperator<Source> keys) {
    Rebase rebase = new Rebase(book, keys);
    return new Made(
        new Batter(batter.lines().stream().map(rebase::food).toList(), batter.gaps()),
        griddle.map(rebase::griddle),
        plate.map(
            p -> new Plate(p.pieces(), p.toppings().stream().map(rebase::food).toList(), p.gaps())),
        finished.map(
            done ->
                new Finished(
                    done.parts().stream().map(rebase::food).toList(),
                    rebase.estimate(done.weight()))));
  }

  private record Rebase(SourceBook book, UnaryOperator<Source> keys) {
    Estimate estimate(Estimate estimate) {
      return book.restore(
          estimate.value(),
          estimate.budget().stream()
              .map(s -> new Estimate.Share(keys.apply(s.source()), s.sensitivity(), s.share()))
              .toList());
    }

    MeasuredFood food(MeasuredFood food) {
      return new MeasuredFood(
          food.id(),
          food.food(),
          estimate(food.mass()),
          food.parts().stream().map(this::food).toList());
    }

    Griddle griddle(Griddle griddle) {
      Source pieces = keys.apply(griddle.unevenness());
      return new Griddle(
          griddle.pieces(),
          griddle.discarded(),
          griddle.variation(),
          estimate(griddle.left()),
          griddle.panFat().map(fat -> new PanFat(food(fat.in()), food(fat.taken()))),
          griddle.gaps(),
          pieces);
    }
  }
}
