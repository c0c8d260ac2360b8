package honeststack.core.measure;

import honeststack.core.estimate.Distribution;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity.HouseholdWeight;
import honeststack.core.estimate.Identity.OwnWeight;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure.Piece;
import honeststack.core.food.Packing;
import honeststack.core.measure.Factors.Factor;
import honeststack.core.measure.Measure.Heap;
import honeststack.core.measure.Uncertainties.Doubt;
import honeststack.core.measure.Uncertainties.Way;
import honeststack.core.measure.UsualAmounts.Usual;
import honeststack.core.wording.Say;
import java.util.Optional;

/**
 * What cups, spoons, jugs, ladles and scoops of a food weigh, and how far that is off. Masses in g.
 */
final class Fillings {
  private final Tables tables;
  private final OwnWeights own;
  private final Household household;
  private final MeasuringSystem system;
  private final SourceBook book;

  Fillings(
      Tables tables, OwnWeights own, Household household, MeasuringSystem system, SourceBook book) {
    this.tables = tables;
    this.own = own;
    this.household = household;
    this.system = system;
    this.book = book;
  }

  Estimate of(Measure measure, Food food, Use use) {
    Optional<Estimate> weighed = own(measure, food, use);
    if (weighed.isPresent()) {
      return weighed.get();
    }
    Optional<Piece> scoop = Household.scoop(measure, food);
    if (scoop.isPresent()) {
      return level(measure, food, measure.amount() * scoop.get().grams(), Way.LADLE, use);
    }
    double millilitres =
        measure.amount() * measure.unit().millilitres(system) * level(measure.heap());
    return switch (measure.heap()) {
      case HEAPED -> level(measure, food, ofSpoon(millilitres, measure, food), Way.HEAPED, use);
      case ROUNDED -> level(measure, food, ofSpoon(millilitres, measure, food), Way.ROUNDED, use);
      case LEVEL, SCANT -> level(measure, food, millilitres, use);
    };
  }

  /** How many level ones it holds. */
  private double level(Heap heap) {
    return switch (heap) {
      case LEVEL -> 1;
      case SCANT -> tables.factors().of(Factor.SCANT_OVER_LEVEL);
      case ROUNDED -> tables.factors().of(Factor.ROUNDED_OVER_LEVEL);
      case HEAPED -> tables.factors().of(Factor.HEAPED_OVER_LEVEL);
    };
  }

  private Estimate level(Measure measure, Food food, double millilitres, Use use) {
    return switch (measure.unit().kind()) {
      case SPOON -> {
        Way way = measure.unit() == Unit.TABLESPOON ? Way.TABLESPOON : Way.TEASPOON;
        yield level(measure, food, ofSpoon(millilitres, measure, food), way, use);
      }
      case LADLE -> level(measure, food, ofSpoon(millilitres, measure, food), Way.LADLE, use);
      case MARKED, VOLUME -> cup(measure, food, millilitres, use);
      case MASS, VAGUE, SPRAY, COUNT ->
          throw new IllegalArgumentException(measure.unit() + " is not filled");
    };
  }

  private double ofSpoon(double millilitres, Measure measure, Food food) {
    return millilitres * household.ofSpoon(measure, food);
  }

  private Estimate cup(Measure measure, Food food, double millilitres, Use use) {
    if (food.liquid()) {
      double density = known(measure, food, Packing.NOT_SAID);
      return level(measure, food, millilitres * density, Way.LIQUID_JUG, use);
    }
    Packing packing = measure.packing();
    return switch (packing) {
      case NOT_SAID -> packingNotSaid(measure, food, millilitres, use);
      case SPOONED, SIFTED -> {
        double density = household.loose(measure, food, packing);
        yield level(measure, food, millilitres * density, Way.CUP_SPOONED, use);
      }
      case SCOOPED -> {
        double density = household.scooped(measure, food);
        yield level(measure, food, millilitres * density, Way.CUP_SCOOPED, use);
      }
      case PACKED ->
          household
              .of(measure, food, Packing.PACKED)
              .map(d -> level(measure, food, millilitres * d, Way.CUP_PACKED, use))
              .orElseGet(() -> packed(measure, food, millilitres, use));
      case WHOLE, SLICED, CHOPPED, GRATED, MASHED, GROUND ->
          household
              .of(measure, food, packing)
              .map(d -> level(measure, food, millilitres * d, Way.CUP_NOT_SAID, use))
              .orElseGet(() -> packingNotSaid(measure, food, millilitres, use));
    };
  }

  private double known(Measure measure, Food food, Packing packing) {
    return household
        .of(measure, food, packing)
        .orElseThrow(() -> Household.noVolume(measure, food));
  }

  /**
   * By the cook's own weighings, which replace the larder's weight and the table of doubt; empty
   * while there are too few.
   */
  Optional<Estimate> own(Measure measure, Food food, Use use) {
    return measure.heap() != Heap.LEVEL || !measure.unit().isConstant()
        ? Optional.empty()
        : own.of(food.id(), measure.unit(), measure.packing())
            .map(kept -> own(kept, measure, food, use));
  }

  private Estimate own(OwnWeights.Own kept, Measure measure, Food food, Use use) {
    double step = tables.usual().of(Usual.SCALE_STEP);
    double calibration = tables.uncertainties().of(Way.WEIGHED).shared();
    Source weight =
        Source.of(
            new OwnWeight(food.id(), measure.unit().name(), measure.packing().name()),
            Say.of(
                "what your %s of %s weighs, from %d weighings",
                measure.unit().noun(), food.name(), kept.weighings()));
    return doubted(
        measure.amount() * kept.grams(),
        new Doubt(kept.shared(step, calibration), kept.perUse(step) * averaged(measure.amount())),
        weight,
        Source.of(use, filling(measure, food)));
  }

  /** y = (a + b)/2 of the loose and the dense filling, u² = ((b − a)/2)²/3 + (shared y)². */
  private Estimate packingNotSaid(Measure measure, Food food, double millilitres, Use use) {
    double loose = millilitres * household.loose(measure, food, Packing.SPOONED);
    double dense =
        millilitres
            * household
                .of(measure, food, Packing.SCOOPED)
                .or(() -> household.of(measure, food, Packing.PACKED))
                .orElseGet(() -> household.scooped(measure, food));
    return between(measure, food, loose, dense, Way.CUP_NOT_SAID, use);
  }

  /** Packed, of a food that the larder knows loose only. */
  private Estimate packed(Measure measure, Food food, double millilitres, Use use) {
    double[] density = household.packed(measure, food);
    return between(
        measure, food, millilitres * density[0], millilitres * density[1], Way.CUP_PACKED, use);
  }

  private Estimate between(
      Measure measure, Food food, double loose, double dense, Way filled, Use use) {
    double middle = (loose + dense) / 2;
    Doubt way = tables.uncertainties().of(filled);
    double spread =
        middle == 0
            ? 0
            : Math.hypot(Distribution.rectangular((dense - loose) / 2) / middle, way.shared());
    String how = dense == loose ? "what a cup of " : "how the cup was filled, and what a cup of ";
    return doubted(
        middle,
        new Doubt(spread, way.perUse() * averaged(measure.amount())),
        household(food, filled, how + food.name() + " weighs"),
        Source.of(use, filling(measure, food)));
  }

  private Estimate level(Measure measure, Food food, double grams, Way how, Use use) {
    Doubt way = tables.uncertainties().of(how);
    double fillings = measure.unit().kind() == Unit.Kind.MARKED ? 1 : measure.amount();
    String vessel = measure.unit().kind() == Unit.Kind.SPOON ? "spoon" : "cup";
    return doubted(
        grams,
        new Doubt(way.shared(), way.perUse() * averaged(fillings)),
        household(food, how, "what a " + vessel + " of " + food.name() + " weighs"),
        Source.of(use, filling(measure, food)));
  }

  private static Source household(Food food, Way how, String words) {
    return Source.of(new HouseholdWeight(food.id(), how.name()), words);
  }

  private static String filling(Measure measure, Food food) {
    return "filling " + measure.words() + " of " + food.name();
  }

  /** A mass with a part that all batches share and a part of this use, both relative. */
  Estimate doubted(double grams, Doubt doubt, Source shared, Source use) {
    Estimate common = book.input(grams, doubt.shared() * grams, shared);
    return common.times(book.input(1, grams == 0 ? 0 : doubt.perUse(), use));
  }

  /** How much less the mean of several fillings scatters than one does. */
  static double averaged(double fillings) {
    if (fillings <= 1) {
      return 1;
    }
    double whole = Math.floor(fillings);
    double part = fillings - whole;
    return Math.sqrt(whole + part * part) / fillings;
  }
}
