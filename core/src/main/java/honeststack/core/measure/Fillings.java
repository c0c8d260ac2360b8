package honeststack.core.measure;

import honeststack.core.estimate.Distribution;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure.Piece;
import honeststack.core.food.Packing;
import honeststack.core.measure.DoubtTable.Doubt;
import honeststack.core.measure.DoubtTable.Way;
import honeststack.core.measure.Measure.Heap;
import java.util.Optional;

/**
 * What cups, spoons, jugs, ladles and scoops of a food weigh, and how far that is off. Masses in g.
 */
final class Fillings {
  private final DoubtTable doubt;
  private final OwnWeights own;
  private final Household household;
  private final MeasuringSystem system;
  private final SourceBook book;

  Fillings(
      DoubtTable doubt,
      OwnWeights own,
      Household household,
      MeasuringSystem system,
      SourceBook book) {
    this.doubt = doubt;
    this.own = own;
    this.household = household;
    this.system = system;
    this.book = book;
  }

  Estimate of(Measure measure, Food food, String use) {
    Optional<Estimate> own = own(measure, food, use);
    if (own.isPresent()) {
      return own.get();
    }
    Optional<Piece> scoop = household.scoop(measure, food);
    if (scoop.isPresent()) {
      return level(measure, food, measure.amount() * scoop.get().grams(), Way.LADLE, use);
    }
    double millilitres =
        measure.amount() * system.millilitres(measure.unit()) * heapFactor(measure.heap());
    if (measure.heap() == Heap.HEAPED || measure.heap() == Heap.ROUNDED) {
      Way way = measure.heap() == Heap.HEAPED ? Way.HEAPED : Way.ROUNDED;
      return level(measure, food, millilitres * household.ofSpoon(measure, food), way, use);
    }
    if (measure.unit().isSpoon()) {
      Way way = measure.unit() == Unit.TABLESPOON ? Way.TABLESPOON : Way.TEASPOON;
      double density = household.ofSpoon(measure, food);
      return level(measure, food, millilitres * density, way, use);
    }
    if (measure.unit() == Unit.LADLE || measure.unit() == Unit.SCOOP) {
      return level(measure, food, millilitres * household.ofSpoon(measure, food), Way.LADLE, use);
    }
    if (food.liquid()) {
      double density =
          household
              .of(measure, food, Packing.NOT_SAID)
              .orElseThrow(() -> Household.noVolume(measure, food));
      return level(measure, food, millilitres * density, Way.LIQUID_JUG, use);
    }
    if (measure.packing().isForm()) {
      return household
          .of(measure, food, measure.packing())
          .map(d -> level(measure, food, millilitres * d, Way.CUP_NOT_SAID, use))
          .orElseGet(() -> packingNotSaid(measure, food, millilitres, use));
    }
    return switch (measure.packing()) {
      case NOT_SAID -> packingNotSaid(measure, food, millilitres, use);
      case SPOONED, SIFTED ->
          level(
              measure,
              food,
              millilitres * household.loose(measure, food, measure.packing()),
              Way.CUP_SPOONED,
              use);
      case SCOOPED ->
          level(
              measure, food, millilitres * household.scooped(measure, food), Way.CUP_SCOOPED, use);
      case PACKED -> {
        double density =
            household
                .of(measure, food, Packing.PACKED)
                .orElseThrow(() -> Household.noVolume(measure, food));
        yield level(measure, food, millilitres * density, Way.CUP_PACKED, use);
      }
      default -> throw new IllegalStateException(measure.packing() + " is a form");
    };
  }

  private double heapFactor(Heap heap) {
    return switch (heap) {
      case LEVEL -> 1;
      case SCANT -> doubt.of(Way.SCANT_OVER_LEVEL).shared();
      case ROUNDED -> doubt.of(Way.ROUNDED_OVER_LEVEL).shared();
      case HEAPED -> doubt.of(Way.HEAPED_OVER_LEVEL).shared();
    };
  }

  /**
   * By the cook's own weighings, which replace the larder's weight and the table of doubt; empty
   * while there are too few.
   */
  Optional<Estimate> own(Measure measure, Food food, String use) {
    return measure.heap() != Heap.LEVEL || !measure.unit().isConstant()
        ? Optional.empty()
        : own.of(food.id(), measure.unit(), measure.packing())
            .map(kept -> own(kept, measure, food, use));
  }

  private Estimate own(OwnWeights.Own kept, Measure measure, Food food, String use) {
    return doubted(
        measure.amount() * kept.grams(),
        kept.shared(),
        "own:" + food.id() + ":" + measure.unit() + ":" + measure.packing(),
        "what your %s of %s weighs, from %d weighings"
            .formatted(measure.unit().noun(), food.name(), kept.weighings()),
        kept.perUse() * averaged(measure.amount()),
        use,
        filling(measure, food));
  }

  /** y = (a + b)/2 of the loose and the dense filling, u² = ((b − a)/2)²/3 + (shared y)². */
  private Estimate packingNotSaid(Measure measure, Food food, double millilitres, String use) {
    double loose = millilitres * household.loose(measure, food, Packing.SPOONED);
    double dense =
        millilitres
            * household
                .of(measure, food, Packing.SCOOPED)
                .or(() -> household.of(measure, food, Packing.PACKED))
                .orElseGet(() -> household.scooped(measure, food));
    double middle = (loose + dense) / 2;
    Doubt way = doubt.of(Way.CUP_NOT_SAID);
    double shared =
        middle == 0
            ? 0
            : Math.hypot(Distribution.rectangular((dense - loose) / 2) / middle, way.shared());
    String how = dense == loose ? "what a cup of " : "how the cup was filled, and what a cup of ";
    return doubted(
        middle,
        shared,
        "measure:" + food.id() + ":" + Way.CUP_NOT_SAID,
        how + food.name() + " weighs",
        way.perUse() * averaged(measure.amount()),
        use,
        filling(measure, food));
  }

  private Estimate level(Measure measure, Food food, double grams, Way how, String use) {
    Doubt way = doubt.of(how);
    double fillings = measure.unit().isMarked() ? 1 : measure.amount();
    return doubted(
        grams,
        way.shared(),
        "measure:" + food.id() + ":" + how,
        "what a " + (measure.unit().isSpoon() ? "spoon" : "cup") + " of " + food.name() + " weighs",
        way.perUse() * averaged(fillings),
        use,
        filling(measure, food));
  }

  private static String filling(Measure measure, Food food) {
    return "filling " + measure.words() + " of " + food.name();
  }

  /** A mass with a part that all batches share and a part of this use, both relative. */
  Estimate doubted(
      double grams,
      double shared,
      String sharedKey,
      String sharedWords,
      double perUse,
      String use,
      String useWords) {
    Estimate common = book.input(grams, shared * grams, Source.shared(sharedKey, sharedWords));
    Estimate filling =
        book.input(1, grams == 0 ? 0 : perUse, Source.perUse("use:" + use, useWords));
    return common.times(filling);
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
