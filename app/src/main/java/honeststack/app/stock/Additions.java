package honeststack.app.stock;

import honeststack.app.stock.StockAnswers.AddedAnswer;
import honeststack.app.stock.StockAnswers.StockFigure;
import honeststack.core.estimate.Estimate;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Figure;
import honeststack.core.figures.Figures;
import honeststack.core.figures.School;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.recipe.Kitchen;
import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.Recipe;
import honeststack.core.recipe.Recipe.Portioning;
import honeststack.core.recipe.RecipeReading;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** What reheating and the plate add to pieces that were put away. */
final class Additions {
  private final List<String> lines;
  private final RecipeReading reading;
  private final List<Figure> figures;

  private Additions(List<String> lines, RecipeReading reading) {
    this.lines = lines;
    this.reading = reading;
    this.figures = Figures.of(reading, School.USUAL.tally()).on(Basis.WHOLE_BATCH);
  }

  /**
   * @param system what their cups and spoons hold
   */
  static Additions read(Kitchen kitchen, MeasuringSystem system, List<String> lines) {
    List<Recipe.Line> bowl =
        IntStream.range(0, lines.size())
            .mapToObj(i -> new Recipe.Line("added-" + i, lines.get(i), Optional.empty()))
            .toList();
    Recipe recipe =
        new Recipe(
            system,
            bowl,
            new Recipe.AtTheGriddle(
                Optional.of(1), 0, Portioning.WEIGHED, "", Optional.empty(), ""),
            new Recipe.OnThePlate(Optional.empty(), List.of()));
    return new Additions(lines, kitchen.read(recipe));
  }

  List<AddedAnswer> answers() {
    return IntStream.range(0, lines.size())
        .mapToObj(i -> answer(lines.get(i), reading.lines().get(i)))
        .toList();
  }

  private static AddedAnswer answer(String text, LineReading line) {
    if (line instanceof Understood read) {
      return new AddedAnswer(text, read.food().name(), read.mass().value(), null);
    }
    String problem =
        line instanceof NotMeasured open
            ? "“" + text + "” does not say how much " + open.food().name() + "."
            : ((LineReading.NotUnderstood) line).refusal().problem();
    return new AddedAnswer(text, null, null, problem);
  }

  /**
   * A figure of so many pieces with all of this. Their doubts are taken to be independent; the
   * pieces' own grows with their number, since it is mostly that of what all of them are made of.
   */
  StockFigure with(StockFigure each, double times) {
    double value = times * each.value();
    double u = times * (each.high() - each.value()) / Estimate.COVERAGE;
    for (Figure figure : figures) {
      if (figure.measurand().tag().equals(each.tag())) {
        value += figure.value();
        u = Math.hypot(u, figure.u());
      }
    }
    double low = Math.max(0, value - Estimate.COVERAGE * u);
    double high = value + Estimate.COVERAGE * u;
    return new StockFigure(each.tag(), each.words(), each.unit(), value, low, high);
  }
}
