package honeststack.app.kept;

import honeststack.app.kept.KeptForm.AdjustedForm;
import honeststack.app.kept.KeptForm.BalanceForm;
import honeststack.app.kept.KeptForm.EstimateForm;
import honeststack.app.kept.KeptForm.FinishedForm;
import honeststack.app.kept.KeptForm.FoodForm;
import honeststack.app.kept.KeptForm.GapForm;
import honeststack.app.kept.KeptForm.GriddleForm;
import honeststack.app.kept.KeptForm.HelpingForm;
import honeststack.app.kept.KeptForm.Kind;
import honeststack.app.kept.KeptForm.LineForm;
import honeststack.app.kept.KeptForm.MeasuredForm;
import honeststack.app.kept.KeptForm.OutcomeForm;
import honeststack.app.kept.KeptForm.PanForm;
import honeststack.app.kept.KeptForm.PlateForm;
import honeststack.app.kept.KeptForm.PortionForm;
import honeststack.app.kept.KeptForm.ProblemForm;
import honeststack.app.kept.KeptForm.SourceForm;
import honeststack.app.kept.KeptForm.StepForm;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity;
import honeststack.core.estimate.Identity.Calibration;
import honeststack.core.estimate.Identity.Field;
import honeststack.core.estimate.Identity.HouseholdWeight;
import honeststack.core.estimate.Identity.Line;
import honeststack.core.estimate.Identity.OwnWeight;
import honeststack.core.estimate.Identity.Pieces;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.estimate.Source;
import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Food;
import honeststack.core.recipe.Gap;
import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.NotUnderstood;
import honeststack.core.recipe.LineReading.Remarks;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.MeasuredFood;
import honeststack.core.recipe.PanFat;
import honeststack.core.recipe.Plate;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.yield.Griddle;
import honeststack.core.yield.Outcome;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Writes a reading down to be kept. */
final class KeptWriter {
  private final Map<Food, Integer> places = new LinkedHashMap<>();

  private KeptWriter() {}

  static KeptForm write(RecipeReading reading) {
    return new KeptWriter().form(reading);
  }

  private KeptForm form(RecipeReading reading) {
    List<LineForm> lines = reading.lines().stream().map(this::line).toList();
    List<MeasuredForm> batter = measured(reading.batter());
    List<PanForm> pans = reading.panFats().stream().map(this::pan).toList();
    GriddleForm griddle = reading.griddle().map(KeptWriter::griddle).orElse(null);
    PlateForm plate = reading.plate().map(this::plate).orElse(null);
    List<HelpingForm> others =
        reading.others().stream()
            .map(
                o ->
                    new HelpingForm(
                        o.name(), plate(o.plate()), o.missing().map(this::gaps).orElse(null)))
            .toList();
    FinishedForm finished =
        reading
            .finished()
            .map(done -> new FinishedForm(measured(done.parts()), estimate(done.weight())))
            .orElse(null);
    List<GapForm> gaps = gaps(reading.gaps());
    return new KeptForm(
        KeptForm.FORMAT,
        reading.book().sources().stream().map(KeptWriter::source).toList(),
        places.keySet().stream().map(KeptWriter::food).toList(),
        lines,
        batter,
        pans.isEmpty() ? null : pans.get(0),
        pans.size() > 1 ? pans.subList(1, pans.size()) : null,
        griddle,
        outcome(reading.outcome()),
        plate,
        others.isEmpty() ? null : others,
        finished,
        reading.alcoholKept().share() < 1 ? reading.alcoholKept().share() : null,
        reading.alcoholKept().share() < 1 ? reading.alcoholKept().u() : null,
        gaps,
        reading.steps().stream()
            .map(step -> new StepForm(step.words(), step.stays(), step.sources()))
            .toList(),
        reading.problems().stream().map(p -> new ProblemForm(p.field(), p.refusal())).toList(),
        reading.findings(),
        reading.without());
  }

  private List<GapForm> gaps(List<Gap> gaps) {
    return gaps.stream()
        .map(gap -> new GapForm(gap.station(), gap.most().map(this::known).orElse(null)))
        .toList();
  }

  private PanForm pan(PanFat fat) {
    return new PanForm(measured(fat.in()), measured(fat.taken()), fat.assumed());
  }

  private static GriddleForm griddle(Griddle g) {
    return new GriddleForm(
        g.pieces(),
        g.discarded(),
        g.variation(),
        estimate(g.left()),
        estimate(g.pieceShare()),
        isPlain(g.panShare(), 1.0 / g.pieces()) ? null : estimate(g.panShare()),
        g.predicted() ? true : null,
        g.cookedPiece().map(KeptWriter::estimate).orElse(null),
        g.weighed() ? true : null,
        g.later() > 0 ? g.later() : null);
  }

  private PlateForm plate(Plate plate) {
    return new PlateForm(
        plate.pieces(),
        measured(plate.toppings()),
        plate.batterShare().map(KeptWriter::estimate).orElse(null),
        plate
            .panShare()
            .filter(share -> share.sources() > 0)
            .map(KeptWriter::estimate)
            .orElse(null));
  }

  /** What goes without saying. */
  private static boolean isPlain(Estimate share, double said) {
    return share.sources() == 0 && share.value() == said;
  }

  private static OutcomeForm outcome(Outcome outcome) {
    return outcome.equals(Outcome.UNKNOWN)
        ? null
        : new OutcomeForm(
            outcome.volume().map(KeptWriter::estimate).orElse(null),
            outcome
                .portion()
                .map(
                    p -> new PortionForm(estimate(p.grams()), estimate(p.millilitres()), p.words()))
                .orElse(null),
            outcome.predicted().map(KeptWriter::estimate).orElse(null),
            outcome
                .balance()
                .map(
                    b ->
                        new BalanceForm(
                            estimate(b.batter()),
                            estimate(b.inPieces()),
                            estimate(b.left()),
                            estimate(b.spilled()),
                            estimate(b.tasted())))
                .orElse(null));
  }

  private LineForm line(LineReading line) {
    if (line instanceof Understood read) {
      Remarks remarks = read.remarks();
      return new LineForm(
          read.id(),
          read.station(),
          remarks.text(),
          remarks.off(),
          remarks.optional(),
          read.general(),
          place(read.food()),
          read.said(),
          estimate(read.mass()),
          read.adjusted().stream()
              .map(a -> new AdjustedForm(a.words(), estimate(a.mass())))
              .toList(),
          remarks.unused(),
          remarks.check(),
          remarks.assumed(),
          remarks.rest(),
          null,
          null,
          null,
          null);
    }
    if (line instanceof NotMeasured open) {
      Remarks remarks = open.remarks();
      return new LineForm(
          open.id(),
          open.station(),
          remarks.text(),
          remarks.off(),
          remarks.optional(),
          open.general(),
          place(open.food()),
          null,
          null,
          null,
          remarks.unused(),
          remarks.check(),
          remarks.assumed(),
          remarks.rest(),
          open.tablespoon().orElse(null),
          open.would(),
          null,
          null);
    }
    NotUnderstood refused = (NotUnderstood) line;
    return new LineForm(
        refused.id(),
        refused.station(),
        refused.text(),
        refused.off(),
        false,
        false,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        refused.refusal(),
        refused.nearest());
  }

  private List<MeasuredForm> measured(List<MeasuredFood> foods) {
    return foods.stream().map(this::measured).toList();
  }

  private MeasuredForm measured(MeasuredFood food) {
    return new MeasuredForm(
        food.id(),
        place(food.food()),
        estimate(food.mass()),
        food.parts().isEmpty() ? null : measured(food.parts()));
  }

  /** A plausible amount is known exactly; it is no estimate. */
  private MeasuredForm known(MeasuredFood food) {
    return new MeasuredForm(
        food.id(),
        place(food.food()),
        new EstimateForm(food.mass().value(), new int[0], new double[0]),
        food.parts().isEmpty() ? null : food.parts().stream().map(this::known).toList());
  }

  private int place(Food food) {
    return places.computeIfAbsent(food, f -> places.size());
  }

  private static EstimateForm estimate(Estimate estimate) {
    List<Integer> places = new ArrayList<>(estimate.sources());
    List<Double> sensitivities = new ArrayList<>(estimate.sources());
    estimate.sensitivities(
        (place, s) -> {
          places.add(place);
          sensitivities.add(s);
        });
    return new EstimateForm(
        estimate.value(),
        places.stream().mapToInt(Integer::intValue).toArray(),
        sensitivities.stream().mapToDouble(Double::doubleValue).toArray());
  }

  private static FoodForm food(Food food) {
    Composition composition = food.composition();
    Map<Component, double[]> values = new EnumMap<>(Component.class);
    composition
        .values()
        .forEach((c, value) -> values.put(c, new double[] {value, composition.u(c)}));
    return new FoodForm(
        food.id(),
        food.name(),
        food.role(),
        food.liquid(),
        composition.revision(),
        composition.doubtFactor(),
        values,
        food.facts().allergens(),
        food.facts().mayContain(),
        food.facts().origins(),
        food.facts().added(),
        food.provenance());
  }

  private static SourceForm source(Source source) {
    Identity identity = source.identity();
    if (identity instanceof Use use) {
      return use(use, source);
    }
    if (identity instanceof HouseholdWeight w) {
      return of(Kind.HOUSEHOLD, w.foodId(), w.measure(), null, source);
    }
    if (identity instanceof OwnWeight w) {
      return of(Kind.OWN, w.foodId(), w.unit(), w.packing(), source);
    }
    if (identity instanceof Calibration c) {
      return of(Kind.CALIBRATION, c.instrument(), null, null, source);
    }
    if (identity instanceof Pieces) {
      return of(Kind.PIECES, null, null, null, source);
    }
    throw new IllegalStateException("A value of a food table is no source of a mass: " + identity);
  }

  private static SourceForm of(
      Kind kind, String of, String measure, String packing, Source source) {
    return new SourceForm(
        kind,
        of,
        measure,
        packing,
        null,
        null,
        null,
        null,
        null,
        source.distribution(),
        source.words());
  }

  private static SourceForm use(Use use, Source source) {
    boolean line = use.place() instanceof Line;
    return new SourceForm(
        line ? Kind.LINE : Kind.FIELD,
        use.place() instanceof Line at ? at.id() : null,
        null,
        null,
        use.place() instanceof Field field ? field : null,
        use.batch().isEmpty() ? null : use.batch(),
        use.part().adjustment(),
        use.part().term(),
        use.part().aspect(),
        source.distribution(),
        source.words());
  }
}
