package honeststack.core.recipe;

import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Component;
import honeststack.core.measure.Factors.Factor;
import honeststack.core.measure.Weights;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.wording.Say;
import honeststack.core.yield.Griddle;
import honeststack.core.yield.Outcome;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * One reading of one recipe into grams. What cannot be read is said, and stays out of the numbers.
 */
final class RecipeReader {
  /** g in all of the batter. */
  private static final double SOME_ALCOHOL = 3;

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
    Optional<Finished> finished =
        recipe
            .finish()
            .flatMap(
                end ->
                    new FinishReader(kitchen.tables(), recipe, fields, book)
                        .read(end, batter, panFats));
    double kept = Math.min(1, kitchen.tables().factors().of(Factor.ALCOHOL_KEPT));
    if (recipe.finish().isEmpty()) {
      alcohol(batter, kept, fields);
    }
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
        kept,
        lines.gaps(),
        Steps.of(kitchen.tables(), lines.readings(), griddle, panFats, book),
        new RecipeReading.Said(
            fields.problems(),
            Stream.concat(lines.findings().stream(), fields.findings().stream()).toList(),
            Stream.concat(lines.without().stream(), fields.without().stream()).toList()));
  }

  /** How much of it is taken to stay, where there is more than a spoon of vanilla brings. */
  private static void alcohol(List<MeasuredFood> batter, double kept, Fields fields) {
    double poured = batter.stream().mapToDouble(food -> food.value(Component.ALC)).sum();
    if (poured < SOME_ALCOHOL) {
      return;
    }
    fields.found(
        kept == 1
            ? Say.of(
                "All of the batter's %.0f g of alcohol are counted; what boils off at the griddle"
                    + " can be set on the page of measuring.",
                poured)
            : Say.of(
                "Of the batter's %.0f g of alcohol, %.0f %% are taken to stay at the griddle.",
                poured, 100 * kept));
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
