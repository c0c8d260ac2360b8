package honeststack.core.recipe;

import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.SourceBook;
import honeststack.core.measure.Factors;
import honeststack.core.measure.Factors.Factor;
import honeststack.core.measure.Weights;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.wording.RefusedException;
import honeststack.core.wording.Say;
import honeststack.core.yield.Griddle;
import honeststack.core.yield.Outcome;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * One reading of one recipe into grams. What cannot be read is said, and stays out of the numbers.
 */
final class RecipeReader {
  private final Kitchen kitchen;
  private final Recipe recipe;
  private final SourceBook book = new SourceBook();
  private final Weights weights;
  private final LinePass lines;
  private final Fields fields;

  RecipeReader(Kitchen kitchen, Recipe recipe) {
    this.kitchen = kitchen;
    this.recipe = recipe;
    this.weights = kitchen.weights(recipe.system(), book);
    this.lines = new LinePass(kitchen, recipe, weights, book);
    this.fields = new Fields(weights);
  }

  RecipeReading read() {
    List<MeasuredFood> batter = lines.measured(recipe.bowl(), Station.BOWL);
    Estimate mass = RecipeReading.mass(batter);
    BatterReader volume =
        new BatterReader(kitchen.tables(), kitchen.tools(), recipe, weights, book, batter, mass);
    GriddleReader stove =
        new GriddleReader(kitchen.tables(), recipe.griddle(), volume, fields, book, mass);
    List<PanFat> panFats = new PanReader(recipe, lines::pan, fields, book).read(stove.pieces());
    Optional<Griddle> griddle = stove.read();
    Outcome outcome = stove.outcome();
    List<MeasuredFood> toppings = lines.measured(recipe.plate().toppings(), Station.PLATE);
    PlateReader served =
        new PlateReader(kitchen.tables(), weights, lines::aside, fields, book, griddle, stove);
    Optional<Plate> plate = served.read(recipe.plate(), toppings);
    List<Helping> others = served.others(recipe.plate(), toppings);
    AlcoholKept kept = alcoholKept(batter);
    Optional<Finished> finished =
        recipe
            .finish()
            .flatMap(
                end ->
                    new FinishReader(kitchen.tables(), recipe, fields, book)
                        .read(end, batter.stream().map(kept::of).toList(), panFats));
    book.freeze();
    return new RecipeReading(
        book,
        said(griddle, plate, panFats),
        batter,
        panFats,
        griddle,
        outcome,
        plate,
        others,
        finished,
        finished.isPresent() ? AlcoholKept.ALL : kept,
        lines.gaps(),
        Steps.of(kitchen.tables(), lines.readings(), griddle, panFats, book),
        new RecipeReading.Said(
            fields.problems(),
            Stream.concat(lines.findings().stream(), fields.findings().stream()).toList(),
            Stream.concat(lines.without().stream(), fields.without().stream()).toList()));
  }

  /** What of its alcohol stays as it was heated, said where that matters. */
  private AlcoholKept alcoholKept(List<MeasuredFood> batter) {
    String heated = recipe.griddle().making().heated();
    Factors factors = kitchen.tables().factors();
    AlcoholKept kept =
        recipe.finish().isPresent()
            ? AlcoholKept.ALL
            : AlcoholKept.of(factors.of(Factor.ALCOHOL_KEPT));
    if (!heated.isBlank()) {
      try {
        kept = AlcoholKept.read(heated, factors);
      } catch (RefusedException refused) {
        fields.refuse("griddle.heated", refused.refusal());
      }
    }
    OptionalDouble poured = RecipeReading.alcohol(batter);
    if (poured.isPresent()) {
      fields.found(
          kept.share() == 1
              ? Say.of(
                  "All of its %.0f g of alcohol are counted; say how it is heated to take out what"
                      + " boils off.",
                  poured.getAsDouble())
              : Say.of(
                  "Of its %.0f g of alcohol, %.0f %% are taken to stay%s.",
                  poured.getAsDouble(),
                  100 * kept.share(),
                  heated.isBlank() ? "" : ": " + heated.strip()));
    }
    return kept;
  }

  /** The lines, with what can only be said once all of them are read. */
  private List<LineReading> said(
      Optional<Griddle> griddle, Optional<Plate> plate, List<PanFat> panFats) {
    List<LineReading> said = new ArrayList<>(lines.readings().size());
    for (LineReading line : lines.readings()) {
      if (line instanceof NotMeasured open) {
        said.add(open.saying(Sentences.would(open, kitchen.tables().usual(), griddle, plate)));
      } else if (line instanceof Understood read && line.station() == Station.PAN) {
        said.add(
            panFats.stream()
                .filter(fat -> fat.assumed() && fat.in().id().equals(read.id()))
                .findFirst()
                .map(fat -> read.assuming(Sentences.staysInThePan(fat)))
                .orElse(read));
      } else {
        said.add(line);
      }
    }
    return said;
  }
}
