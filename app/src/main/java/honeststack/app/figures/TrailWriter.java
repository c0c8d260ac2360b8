package honeststack.app.figures;

import honeststack.app.figures.FiguresAnswer.BudgetLine;
import honeststack.app.figures.FiguresAnswer.NextAnswer;
import honeststack.app.figures.FiguresAnswer.TrailAnswer;
import honeststack.app.figures.FiguresAnswer.TrailPart;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Figure;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Formula;
import honeststack.core.figures.Measurand;
import honeststack.core.figures.Part;
import honeststack.core.food.Component;
import honeststack.core.food.Food;
import honeststack.core.food.Provenance;
import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.Preparation;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** Writes down where one figure comes from. */
final class TrailWriter {

  private TrailWriter() {}

  static TrailAnswer write(Figures figures, Basis basis, Measurand measurand) {
    Figure figure = figures.figure(basis, measurand);
    Figure.Narrowed narrowed = figure.narrowed();
    return new TrailAnswer(
        AnswerWriter.measurand(measurand),
        basis,
        AnswerWriter.figure(figure),
        Formula.words(figures, basis, measurand),
        measurand.component().map(c -> parts(figures, c)).orElse(List.of()),
        figure.budget(Figure.LEAST_SHARE).stream()
            .map(share -> new BudgetLine(share.source().words(), share.share()))
            .toList(),
        narrowed.next().map(next -> new NextAnswer(next.words(), next.u())).orElse(null),
        narrowed.best());
  }

  private static List<TrailPart> parts(Figures figures, Component component) {
    Map<String, LineReading> lines = new HashMap<>();
    figures.reading().lines().forEach(line -> lines.put(line.id(), line));
    double whole =
        figures.partsBasis().map(basis -> figures.figure(basis, component).value()).orElse(0.0);
    return figures.parts(List.of(component)).stream()
        .map(part -> part(part, component, whole, lines.get(part.measured().id())))
        .toList();
  }

  private static TrailPart part(Part part, Component component, double whole, LineReading line) {
    Food food = part.measured().food();
    double value = part.values()[0];
    boolean known = !Double.isNaN(value);
    OptionalDouble per100g = part.measured().per100g(component);
    Optional<Understood> read =
        line instanceof Understood understood ? Optional.of(understood) : Optional.empty();
    return new TrailPart(
        part.measured().id(),
        part.station(),
        food.name(),
        read.map(TrailWriter::said).orElse(""),
        part.grams(),
        per100g.isPresent() ? per100g.getAsDouble() : null,
        known ? value : null,
        known && whole != 0 ? value / whole : 0,
        origin(food),
        read.map(Understood::remarks).map(LineAnswers::notes).orElse(List.of()));
  }

  private static String said(Understood read) {
    String packing = read.said().packing();
    return packing.isEmpty() ? read.words() : read.words() + ", " + packing;
  }

  /** A preparation's number is its version's identity, which tells a reader nothing. */
  private static Provenance origin(Food food) {
    Provenance origin = food.provenance();
    return Preparation.is(food)
        ? new Provenance(origin.source(), "", origin.mark(), origin.remark())
        : origin;
  }
}
