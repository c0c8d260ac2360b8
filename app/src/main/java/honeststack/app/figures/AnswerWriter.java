package honeststack.app.figures;

import honeststack.app.figures.FiguresAnswer.BasisAnswer;
import honeststack.app.figures.FiguresAnswer.ChangeAnswer;
import honeststack.app.figures.FiguresAnswer.FieldProblemAnswer;
import honeststack.app.figures.FiguresAnswer.FigureAnswer;
import honeststack.app.figures.FiguresAnswer.JudgementAnswer;
import honeststack.app.figures.FiguresAnswer.MakeupAnswer;
import honeststack.app.figures.FiguresAnswer.MeasurandAnswer;
import honeststack.app.figures.FiguresAnswer.PartAnswer;
import honeststack.app.figures.FiguresAnswer.Range;
import honeststack.core.estimate.Bound;
import honeststack.core.estimate.Estimate;
import honeststack.core.figures.Basis;
import honeststack.core.figures.EnergyCheck;
import honeststack.core.figures.Figure;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Makeup;
import honeststack.core.figures.Measurand;
import honeststack.core.figures.Part;
import honeststack.core.goal.Change;
import honeststack.core.goal.Goal;
import honeststack.core.goal.Judgement;
import honeststack.core.promise.Promise;
import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.RecipeReading;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;

/** Writes the figures of a reading down as the bench shows them. */
final class AnswerWriter {
  private static final double FOUR_DIGITS = 1e4;
  private static final double THREE_DIGITS = 1e3;
  private static final double LEAST_ROUNDED = 1e-9;
  private static final double MOST_ROUNDED = 1e5;

  private AnswerWriter() {}

  /**
   * @param asked what the tally shows; figures may hold more, for the goals
   * @param bases whose figures are shown
   */
  static FiguresAnswer write(
      Figures figures, Shown asked, Set<Basis> bases, List<Goal> goals, List<Promise> promised) {
    RecipeReading reading = figures.reading();
    List<Measurand> shown = asked.measurands();
    List<Measurand> pictured = asked.parts();
    return new FiguresAnswer(
        reading.lines().stream().map(LineAnswers::of).toList(),
        range(reading.batterMass()),
        makeup(reading),
        shown.stream().map(AnswerWriter::measurand).toList(),
        List.copyOf(figures.bases()),
        figures.bases().stream()
            .filter(bases::contains)
            .map(basis -> basis(figures, basis, shown))
            .toList(),
        pictured.stream().map(Measurand::tag).toList(),
        parts(figures, pictured),
        reading.problems().stream().map(AnswerWriter::problem).toList(),
        findings(reading),
        reading.without(),
        judgements(figures, goals),
        reading.griddle().map(g -> YieldWriter.yield(reading, g)).orElse(null),
        reading.others().isEmpty() ? null : YieldWriter.servings(reading, shown),
        PromiseWriter.promises(reading, promised),
        PromiseWriter.allergens(reading),
        PromiseWriter.cautions(reading),
        asked.school().energy().words(),
        asked.school().carbohydrate().words());
  }

  private static List<String> findings(RecipeReading reading) {
    return Stream.concat(reading.findings().stream(), EnergyCheck.of(reading).stream()).toList();
  }

  private static FieldProblemAnswer problem(RecipeReading.FieldProblem problem) {
    return new FieldProblemAnswer(
        problem.field(),
        problem.refusal().offending(),
        problem.refusal().problem(),
        problem.refusal().accepted());
  }

  private static MakeupAnswer makeup(RecipeReading reading) {
    Makeup makeup = Makeup.of(reading);
    return new MakeupAnswer(
        makeup.water().map(AnswerWriter::range).orElse(null),
        makeup.liquidPerFlour().map(AnswerWriter::range).orElse(null),
        orNull(reading.alcohol()));
  }

  private static BasisAnswer basis(Figures figures, Basis basis, List<Measurand> shown) {
    return new BasisAnswer(
        basis, shown.stream().map(one -> figure(figures.figure(basis, one))).toList());
  }

  static MeasurandAnswer measurand(Measurand one) {
    return new MeasurandAnswer(one.tag(), one.words(), one.unit(), one.isAdditive());
  }

  static FigureAnswer figure(Figure figure) {
    return new FigureAnswer(
        figure.value(),
        figure.u(),
        figure.low(),
        figure.high(),
        figure.bound() == Bound.COMPLETE ? null : figure.bound());
  }

  private static List<PartAnswer> parts(Figures figures, List<Measurand> shown) {
    if (figures.partsBasis().isEmpty()) {
      return List.of();
    }
    Basis basis = figures.partsBasis().get();
    double[] whole =
        shown.stream()
            .mapToDouble(one -> one.isAdditive() ? figures.figure(basis, one).value() : 0)
            .toArray();
    Map<String, Integer> places = new HashMap<>();
    List<LineReading> lines = figures.reading().lines();
    for (int i = 0; i < lines.size(); i++) {
      places.put(lines.get(i).id(), i);
    }
    List<PartAnswer> parts = new ArrayList<>();
    for (Part part : figures.partsOf(shown)) {
      List<Double> values = new ArrayList<>(whole.length);
      List<Double> shares = new ArrayList<>(whole.length);
      for (int c = 0; c < whole.length; c++) {
        double value = Double.isNaN(part.values()[c]) ? 0 : part.values()[c];
        values.add(rounded(value, THREE_DIGITS));
        shares.add(whole[c] == 0 ? 0 : Math.rint(value / whole[c] * FOUR_DIGITS) / FOUR_DIGITS);
      }
      parts.add(new PartAnswer(places.get(part.measured().id()), values, shares));
    }
    return parts;
  }

  /** To five digits that count; for pictures and ranges beside which nothing is computed. */
  static double rounded(double value) {
    return rounded(value, FOUR_DIGITS);
  }

  private static double rounded(double value, double most) {
    double size = Math.abs(value);
    if (!(size >= LEAST_ROUNDED && size < MOST_ROUNDED)) {
      return size >= MOST_ROUNDED ? Math.rint(value) : value;
    }
    double parts = most;
    for (double whole = 10; size >= whole; whole *= 10) {
      parts /= 10;
    }
    for (double whole = 1; size < whole; whole /= 10) {
      parts *= 10;
    }
    return Math.rint(value * parts) / parts;
  }

  private static List<JudgementAnswer> judgements(Figures figures, List<Goal> goals) {
    return goals.stream()
        .filter(goal -> !figures.on(goal.basis()).isEmpty())
        .map(goal -> Judgement.of(goal, figures.figure(goal.basis(), goal.measurand())))
        .map(judgement -> judgement(figures, judgement))
        .toList();
  }

  private static JudgementAnswer judgement(Figures figures, Judgement judgement) {
    Goal goal = judgement.goal();
    return new JudgementAnswer(
        measurand(goal.measurand()),
        goal.basis(),
        goal.wish(),
        orNull(goal.lower()),
        orNull(goal.upper()),
        figures.figure(goal.basis(), goal.measurand()).value(),
        judgement.verdict(),
        judgement.verdict().words(),
        judgement.probability(),
        judgement.reason(),
        judgement.better().map(Judgement.Better::words).orElse(null),
        Change.of(judgement, figures).map(change -> change(change, figures)).orElse(null));
  }

  private static ChangeAnswer change(Change change, Figures figures) {
    OptionalDouble pieces = change.pieces();
    return new ChangeAnswer(change.words(figures.reading()), orNull(pieces));
  }

  private static Double orNull(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : null;
  }

  static Range range(Estimate estimate) {
    return new Range(
        rounded(estimate.value()),
        rounded(estimate.u()),
        rounded(estimate.low()),
        rounded(estimate.high()));
  }

  private static Range range(Figure figure) {
    return new Range(
        rounded(figure.value()),
        rounded(figure.u()),
        rounded(figure.low()),
        rounded(figure.high()));
  }
}
