package honeststack.core.figures;

import honeststack.core.estimate.Estimate;
import honeststack.core.recipe.Plate;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.yield.Griddle;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;

/** What share of each place's foods is in each basis that a reading allows. */
final class Bases {
  private final RecipeReading reading;
  private final Totals bowl;
  private final Totals cooked;
  private final Totals pan;
  private final Totals plate;
  private final Supplier<Totals> finished;

  private final Map<Basis, Supplier<List<Taken>>> offered = new EnumMap<>(Basis.class);

  /**
   * @param bowl raw
   * @param cooked the same without the alcohol that is gone
   * @param finished summed up only where a basis is of it
   */
  Bases(
      RecipeReading reading,
      Totals bowl,
      Totals cooked,
      Totals pan,
      Totals plate,
      Supplier<Totals> finished) {
    this.reading = reading;
    this.bowl = bowl;
    this.cooked = cooked;
    this.pan = pan;
    this.plate = plate;
    this.finished = finished;
  }

  /** Those that the reading allows; each is worked out when it is asked for. */
  Map<Basis, Supplier<List<Taken>>> offered() {
    double mass = bowl.contents().mass();
    if (mass > 0) {
      offered.put(
          Basis.PER_100G_RAW,
          () -> List.of(new Taken(bowl, hundred(reading.batterMass()), -100 / mass / mass)));
    }
    reading
        .finished()
        .ifPresent(
            done ->
                offered.put(
                    Basis.PER_100G_FINISHED,
                    () -> List.of(new Taken(finished.get(), hundred(done.weight()), 0))));
    reading.griddle().ifPresent(this::pieces);
    return offered;
  }

  private void pieces(Griddle griddle) {
    Estimate one = Estimate.exact(1);
    offered.put(
        Basis.PER_PIECE,
        () ->
            List.of(batter(griddle, griddle.pieceShare()), new Taken(pan, griddle.panShare(), 0)));
    offered.put(
        Basis.WHOLE_BATCH, () -> List.of(new Taken(cooked, one, 0), new Taken(pan, one, 0)));
    griddle
        .cookedPiece()
        .ifPresent(piece -> offered.put(Basis.PER_100G_COOKED, () -> cooked(griddle, piece)));
    if (reading.isServed()) {
      offered.put(Basis.AS_SERVED, () -> served(griddle, reading.plate().orElseThrow()));
    }
  }

  private List<Taken> served(Griddle griddle, Plate served) {
    Estimate fat = served.panShare().orElseGet(() -> griddle.panShare(served.pieces()));
    return List.of(
        batter(griddle, served.batterShare().orElseThrow()),
        new Taken(pan, fat, 0),
        new Taken(plate, Estimate.exact(1), 0));
  }

  private static Estimate hundred(Estimate weight) {
    return Estimate.exact(100).dividedBy(weight);
  }

  /** 100 g of cooked pieces hold 100/w of a mean piece, w being what one weighs. */
  private List<Taken> cooked(Griddle griddle, Estimate piece) {
    Estimate pieces = hundred(piece);
    Estimate batter = reading.batterMass();
    Estimate inPieces =
        griddle.left().value() > 0
            ? batter.minus(griddle.left()).dividedBy(batter)
            : Estimate.exact(1);
    Estimate share = inPieces.times(griddle.panShare()).times(pieces);
    double mass = bowl.contents().mass();
    double pull =
        griddle.weighed()
            ? griddle.left().value() / mass / mass * griddle.panShare().value() * pieces.value()
            : -share.value() / mass;
    Estimate fat = griddle.panShare().times(pieces);
    double baked = mass - griddle.left().value();
    double fatPull = griddle.weighed() || griddle.predicted() ? 0 : -fat.value() / baked;
    return List.of(new Taken(cooked, share, pull), new Taken(pan, fat, fatPull));
  }

  /**
   * Counted pieces take all but what was left, however much there is; of a prediction each piece
   * takes the same amount.
   */
  private Taken batter(Griddle griddle, Estimate share) {
    double mass = bowl.contents().mass();
    double left = griddle.left().value();
    double pull =
        griddle.predicted()
            ? -share.value() / mass
            : share.value() * left / mass / Math.max(1e-9, mass - left);
    return new Taken(cooked, share, pull);
  }
}
