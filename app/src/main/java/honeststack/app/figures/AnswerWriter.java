package honeststack.app.figures;

import honeststack.app.figures.FiguresAnswer.AdjustedAnswer;
import honeststack.app.figures.FiguresAnswer.ComponentAnswer;
import honeststack.app.figures.FiguresAnswer.FieldProblemAnswer;
import honeststack.app.figures.FiguresAnswer.FigureAnswer;
import honeststack.app.figures.FiguresAnswer.FoodName;
import honeststack.app.figures.FiguresAnswer.JudgementAnswer;
import honeststack.app.figures.FiguresAnswer.LineAnswer;
import honeststack.app.figures.FiguresAnswer.MakeupAnswer;
import honeststack.app.figures.FiguresAnswer.NextAnswer;
import honeststack.app.figures.FiguresAnswer.NotMeasuredAnswer;
import honeststack.app.figures.FiguresAnswer.Range;
import honeststack.app.figures.FiguresAnswer.RowAnswer;
import honeststack.app.figures.FiguresAnswer.SourceAnswer;
import honeststack.app.figures.FiguresAnswer.UnderstoodAnswer;
import honeststack.core.batter.Batter;
import honeststack.core.batter.Preparation;
import honeststack.core.estimate.Bound;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.SourceBook;
import honeststack.core.estimate.Total;
import honeststack.core.food.Allergen;
import honeststack.core.food.Component;
import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure;
import honeststack.core.food.Packing;
import honeststack.core.food.Provenance;
import honeststack.core.goal.Goal;
import honeststack.core.goal.Judgement;
import honeststack.core.measure.DoubtTable;
import honeststack.core.measure.Unit;
import honeststack.core.serving.Basis;
import honeststack.core.serving.Figures;
import honeststack.core.serving.Figures.Station;
import honeststack.core.serving.Formula;
import honeststack.core.serving.Made;
import honeststack.core.serving.Makeup;
import honeststack.core.serving.Narrowing;
import honeststack.core.serving.RecipeReading;
import honeststack.core.serving.RecipeReading.LineReading;
import honeststack.core.serving.RecipeReading.NotMeasured;
import honeststack.core.serving.RecipeReading.NotUnderstood;
import honeststack.core.serving.RecipeReading.Understood;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** Writes figures down as one answer. */
final class AnswerWriter {
  private static final double LEAST_SHARE = 0.001;

  private final SourceBook book;
  private final DoubtTable doubt;

  AnswerWriter(SourceBook book, DoubtTable doubt) {
    this.book = book;
    this.doubt = doubt;
  }

  FiguresAnswer write(
      RecipeReading reading, Figures figures, List<Component> components, List<Goal> goals) {
    Narrowing narrowing = Narrowing.of(reading, doubt, book);
    List<FigureAnswer> answers = new ArrayList<>();
    for (Basis basis : figures.bases()) {
      for (Component component : components) {
        answers.add(figure(basis, component, figures, reading.made(), narrowing));
      }
    }
    List<SourceAnswer> sources =
        book.sources().stream().map(s -> new SourceAnswer(s.key(), s.scope(), s.words())).toList();
    return new FiguresAnswer(
        reading.lines().stream().map(line -> line(line, figures)).toList(),
        range(figures.batterMass()),
        makeup(reading.made().batter()),
        range(figures.batterShare()),
        components.stream().map(c -> new ComponentAnswer(c, c.words(), c.unit())).toList(),
        sources,
        figures.rows().stream().map(row -> row(row, figures, components)).toList(),
        answers,
        reading.problems().stream()
            .map(
                p ->
                    new FieldProblemAnswer(
                        p.field(),
                        p.refusal().offending(),
                        p.refusal().problem(),
                        p.refusal().accepted()))
            .toList(),
        reading.findings(),
        reading.without(),
        judgements(figures, goals),
        "energy as in each food's own table row (specific factors)",
        "total carbohydrate by difference, fibre included");
  }

  /** Read after the list of sources is written, which has no use for those of the water. */
  private MakeupAnswer makeup(Batter batter) {
    Makeup makeup = Makeup.of(batter, book);
    boolean known = makeup.water().bound() == Bound.COMPLETE && !batter.lines().isEmpty();
    return new MakeupAnswer(
        known ? range(makeup.water().estimate()) : null,
        makeup
            .liquidPerFlour()
            .filter(ratio -> !batter.gaps())
            .map(AnswerWriter::range)
            .orElse(null));
  }

  private static List<JudgementAnswer> judgements(Figures figures, List<Goal> goals) {
    if (!figures.bases().contains(Basis.AS_SERVED)) {
      return List.of();
    }
    return goals.stream()
        .map(goal -> Judgement.of(goal, figures.total(Basis.AS_SERVED, goal.component())))
        .map(AnswerWriter::judgement)
        .toList();
  }

  private static JudgementAnswer judgement(Judgement judgement) {
    Goal goal = judgement.goal();
    return new JudgementAnswer(
        goal.component(),
        goal.lower().isPresent() ? goal.lower().getAsDouble() : null,
        goal.upper().isPresent() ? goal.upper().getAsDouble() : null,
        judgement.verdict(),
        judgement.verdict().words(),
        judgement.probability(),
        judgement.reason(),
        judgement.better().map(AnswerWriter::better).orElse(null));
  }

  private static String better(Judgement.Better better) {
    String what = better.source().words();
    return better.settles()
        ? "Most of the doubt is " + what + "; knowing it would settle this."
        : "Most of the doubt is " + what + "; knowing it alone would not settle this.";
  }

  private LineAnswer line(LineReading line, Figures figures) {
    if (line instanceof NotUnderstood refused) {
      return new LineAnswer(
          refused.id(),
          refused.station(),
          false,
          null,
          null,
          refused.refusal(),
          refused.nearest().stream().map(f -> new FoodName(f.id(), f.name())).toList());
    }
    if (line instanceof NotMeasured open) {
      Food food = open.food();
      return new LineAnswer(
          open.id(),
          open.station(),
          open.remarks().off(),
          null,
          new NotMeasuredAnswer(
              food.id(),
              food.name(),
              open.general(),
              open.remarks().optional(),
              would(open, figures)),
          null,
          List.of());
    }
    Understood read = (Understood) line;
    Food food = read.food();
    return new LineAnswer(
        read.id(),
        read.station(),
        read.remarks().off(),
        new UnderstoodAnswer(
            read.words(),
            read.amount().packing().words(),
            food.id(),
            food.name(),
            read.general(),
            range(read.mass()),
            food.allergens().stream().sorted().map(Allergen::words).toList(),
            origin(food),
            read.remarks().optional(),
            read.adjusted().stream()
                .map(a -> new AdjustedAnswer(a.words(), a.mass().value()))
                .toList(),
            read.remarks().unused(),
            read.remarks().check(),
            read.remarks().rest(),
            read.amount().unit().isConstant(),
            read.amount().unit() == Unit.CUP && isPacked(food)),
        null,
        null,
        List.of());
  }

  /** What each tablespoon, or each 10 g, would add to a serving, or to all of it. */
  private String would(NotMeasured line, Figures figures) {
    if (line.station() == Station.PAN) {
      double usual = doubt.of(DoubtTable.Way.PAN_FAT_NOT_MEASURED).shared();
      return "%.0f g are taken, anything from nothing to %.0f g.".formatted(usual, 2 * usual);
    }
    OptionalDouble energy = line.food().composition().value(Component.ENERC);
    if (energy.isEmpty()) {
      return "Not in the numbers; what it would add is not known.";
    }
    double share = figures.shareOf(line.station());
    String where = share > 0 ? "to a serving" : "to all of it";
    double perGram = energy.getAsDouble() / 100 * (share > 0 ? share : 1);
    String ten = "each 10 g would add %.0f kcal %s".formatted(10 * perGram, where);
    return line.tablespoon()
        .map(
            spoon ->
                "Not in the numbers: each tablespoon (%.0f g) would add %.0f kcal, %s."
                    .formatted(spoon.value(), spoon.value() * perGram, ten))
        .orElse("Not in the numbers: " + ten + ".");
  }

  /** A food whose cup weighs otherwise when it is filled otherwise. */
  private static boolean isPacked(Food food) {
    return !food.liquid()
        && food.measures().stream()
            .anyMatch(
                m ->
                    m instanceof HouseholdMeasure.Volume v
                        && v.packing() != Packing.NOT_SAID
                        && !v.packing().isForm());
  }

  /** A preparation's number is its version's identity, which tells a reader nothing. */
  private static Provenance origin(Food food) {
    Provenance origin = food.provenance();
    return Preparation.is(food)
        ? new Provenance(origin.source(), "", origin.mark(), origin.remark())
        : origin;
  }

  private static RowAnswer row(Figures.Row row, Figures figures, List<Component> components) {
    List<Double> values = new ArrayList<>(components.size());
    List<Double> u = new ArrayList<>(components.size());
    List<Double> shares = new ArrayList<>(components.size());
    List<Double> per100g = new ArrayList<>(components.size());
    for (Component component : components) {
      boolean known = row.measured().knows(component);
      Estimate part = row.served().get(component).estimate();
      values.add(known ? part.value() : null);
      u.add(known ? part.u() : null);
      shares.add(figures.shareOfServing(row, component));
      OptionalDouble value = row.measured().per100g(component);
      per100g.add(value.isPresent() ? value.getAsDouble() : null);
    }
    return new RowAnswer(
        row.measured().id(),
        row.station(),
        row.measured().food().name(),
        row.servedMass().value(),
        values,
        u,
        shares,
        per100g);
  }

  private FigureAnswer figure(
      Basis basis, Component component, Figures figures, Made made, Narrowing narrowing) {
    Total total = figures.total(basis, component);
    Estimate estimate = total.estimate();
    Narrowing.Narrowed narrowed = narrowing.of(estimate);
    List<Integer> at = new ArrayList<>();
    List<Double> shares = new ArrayList<>();
    for (Estimate.Share share : estimate.budget(LEAST_SHARE)) {
      at.add(book.place(share.source()));
      shares.add(share.share());
    }
    return new FigureAnswer(
        basis,
        component,
        estimate.value(),
        estimate.u(),
        estimate.low(),
        estimate.high(),
        total.bound(),
        Formula.words(figures, made, basis, component),
        at,
        shares,
        narrowed.next().map(next -> new NextAnswer(next.words(), next.u())).orElse(null),
        narrowed.best());
  }

  private static Range range(Estimate estimate) {
    return new Range(estimate.value(), estimate.u(), estimate.low(), estimate.high());
  }
}
