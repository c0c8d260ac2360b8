package honeststack.app.kept;

import honeststack.app.kept.KeptForm.EstimateForm;
import honeststack.app.kept.KeptForm.FoodForm;
import honeststack.app.kept.KeptForm.GapForm;
import honeststack.app.kept.KeptForm.GriddleForm;
import honeststack.app.kept.KeptForm.HelpingForm;
import honeststack.app.kept.KeptForm.LineForm;
import honeststack.app.kept.KeptForm.MeasuredForm;
import honeststack.app.kept.KeptForm.OutcomeForm;
import honeststack.app.kept.KeptForm.PlateForm;
import honeststack.app.kept.KeptForm.SourceForm;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity;
import honeststack.core.estimate.Identity.Calibration;
import honeststack.core.estimate.Identity.HouseholdWeight;
import honeststack.core.estimate.Identity.Line;
import honeststack.core.estimate.Identity.OwnWeight;
import honeststack.core.estimate.Identity.Part;
import honeststack.core.estimate.Identity.Pieces;
import honeststack.core.estimate.Identity.Place;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Facts;
import honeststack.core.food.Food;
import honeststack.core.recipe.AlcoholKept;
import honeststack.core.recipe.Finished;
import honeststack.core.recipe.Gap;
import honeststack.core.recipe.Helping;
import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.LineReading.Adjusted;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.NotUnderstood;
import honeststack.core.recipe.LineReading.Remarks;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.MeasuredFood;
import honeststack.core.recipe.PanFat;
import honeststack.core.recipe.Plate;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.recipe.RecipeReading.FieldProblem;
import honeststack.core.recipe.RecipeReading.Step;
import honeststack.core.yield.Balance;
import honeststack.core.yield.Griddle;
import honeststack.core.yield.Outcome;
import honeststack.core.yield.Portion;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Puts a kept reading together again, equal to what was kept. */
final class KeptReader {
  private final KeptForm form;
  private final SourceBook book = new SourceBook();
  private final List<Food> foods;

  private KeptReader(KeptForm form) {
    this.form = form;
    this.foods = form.foods().stream().map(KeptReader::food).toList();
    form.sources().forEach(source -> book.enter(source(source)));
    book.freeze();
  }

  /**
   * @throws IllegalArgumentException if the form is of a format that is not known
   */
  static RecipeReading read(KeptForm form) {
    if (form.format() != KeptForm.FORMAT) {
      throw new IllegalArgumentException(
          "A reading of format " + form.format() + " is of a newer Honest Stack than this");
    }
    return new KeptReader(form).reading();
  }

  private RecipeReading reading() {
    return new RecipeReading(
        book,
        form.lines().stream().map(this::line).toList(),
        measured(form.batter()),
        pans(),
        Optional.ofNullable(form.griddle()).map(this::griddle),
        Optional.ofNullable(form.outcome()).map(this::outcome).orElse(Outcome.UNKNOWN),
        Optional.ofNullable(form.plate()).map(this::plate),
        some(form.others()).stream().map(this::helping).toList(),
        Optional.ofNullable(form.finished())
            .map(done -> new Finished(measured(done.parts()), estimate(done.weight()))),
        form.alcoholKept() == null
            ? AlcoholKept.ALL
            : new AlcoholKept(
                form.alcoholKept(), form.alcoholKeptU() == null ? 0 : form.alcoholKeptU()),
        gaps(form.gaps()),
        form.steps().stream()
            .map(step -> new Step(step.words(), step.stays(), step.sources()))
            .toList(),
        new RecipeReading.Said(
            form.problems().stream().map(p -> new FieldProblem(p.field(), p.refusal())).toList(),
            form.findings(),
            form.without()));
  }

  private List<PanFat> pans() {
    return Stream.concat(Stream.ofNullable(form.pan()), some(form.morePans()).stream())
        .map(pan -> new PanFat(measured(pan.in()), measured(pan.taken()), pan.assumed()))
        .toList();
  }

  private List<Gap> gaps(List<GapForm> gaps) {
    return gaps.stream()
        .map(gap -> new Gap(gap.station(), Optional.ofNullable(gap.most()).map(this::measured)))
        .toList();
  }

  private Helping helping(HelpingForm helping) {
    return new Helping(
        helping.name(),
        plate(helping.plate()),
        Optional.ofNullable(helping.missing()).map(this::gaps));
  }

  private Griddle griddle(GriddleForm g) {
    return new Griddle(
        g.pieces(),
        g.discarded(),
        g.variation(),
        estimate(g.left()),
        estimate(g.pieceShare()),
        g.panShare() == null ? Estimate.exact(1.0 / g.pieces()) : estimate(g.panShare()),
        Boolean.TRUE.equals(g.predicted()),
        perhaps(g.cookedPiece()),
        Boolean.TRUE.equals(g.weighed()),
        g.later() == null ? 0 : g.later());
  }

  private Plate plate(PlateForm plate) {
    return new Plate(
        plate.pieces(),
        measured(plate.toppings()),
        perhaps(plate.batterShare()),
        perhaps(plate.panShare()));
  }

  private Outcome outcome(OutcomeForm outcome) {
    return new Outcome(
        perhaps(outcome.volume()),
        Optional.ofNullable(outcome.portion())
            .map(p -> new Portion(estimate(p.grams()), estimate(p.millilitres()), p.words())),
        perhaps(outcome.predicted()),
        Optional.ofNullable(outcome.balance())
            .map(
                b ->
                    new Balance(
                        estimate(b.batter()),
                        estimate(b.inPieces()),
                        estimate(b.left()),
                        estimate(b.spilled()),
                        estimate(b.tasted()))));
  }

  private Optional<Estimate> perhaps(EstimateForm estimate) {
    return Optional.ofNullable(estimate).map(this::estimate);
  }

  private LineReading line(LineForm line) {
    if (line.refusal() != null) {
      return new NotUnderstood(
          line.id(), line.station(), line.text(), line.off(), line.refusal(), some(line.nearest()));
    }
    Remarks remarks =
        new Remarks(
            line.text(),
            line.optional(),
            line.off(),
            some(line.unused()),
            text(line.check()),
            text(line.assumed()),
            text(line.rest()),
            List.of());
    Food food = foods.get(line.food());
    if (line.mass() == null) {
      return new NotMeasured(
          line.id(),
          line.station(),
          food,
          line.general(),
          Optional.ofNullable(line.tablespoon()),
          text(line.would()),
          remarks);
    }
    return new Understood(
        line.id(),
        line.station(),
        line.said(),
        food,
        line.general(),
        estimate(line.mass()),
        some(line.adjusted()).stream()
            .map(a -> new Adjusted(a.words(), estimate(a.mass())))
            .toList(),
        remarks);
  }

  private static <T> List<T> some(List<T> list) {
    return list == null ? List.of() : list;
  }

  private static String text(String text) {
    return text == null ? "" : text;
  }

  private List<MeasuredFood> measured(List<MeasuredForm> foods) {
    return some(foods).stream().map(this::measured).toList();
  }

  private MeasuredFood measured(MeasuredForm food) {
    return new MeasuredFood(
        food.id(), foods.get(food.food()), estimate(food.mass()), measured(food.parts()));
  }

  private Estimate estimate(EstimateForm estimate) {
    return book.restore(estimate.v(), estimate.p(), estimate.s());
  }

  private static Food food(FoodForm food) {
    Map<Component, Double> values = new EnumMap<>(Component.class);
    Map<Component, Double> doubts = new EnumMap<>(Component.class);
    food.per100g()
        .forEach(
            (component, value) -> {
              values.put(component, value[0]);
              doubts.put(component, value[1]);
            });
    return new Food(
        food.id(),
        food.name(),
        food.role(),
        food.liquid(),
        Composition.of(food.id(), food.name(), food.revision(), food.doubt(), values, doubts),
        List.of(),
        new Facts(food.allergens(), food.mayContain(), food.origins(), food.added()),
        food.provenance());
  }

  private static Source source(SourceForm source) {
    return new Source(identity(source), source.shape(), source.words());
  }

  private static Identity identity(SourceForm source) {
    return switch (source.kind()) {
      case CALIBRATION -> new Calibration(source.of());
      case HOUSEHOLD -> new HouseholdWeight(source.of(), source.measure());
      case OWN -> new OwnWeight(source.of(), source.measure(), source.packing());
      case LINE -> use(source, new Line(source.of()));
      case FIELD -> use(source, source.field());
      case PIECES -> new Pieces();
    };
  }

  private static Use use(SourceForm source, Place place) {
    return new Use(
        text(source.batch()), place, new Part(source.adjustment(), source.term(), source.aspect()));
  }
}
