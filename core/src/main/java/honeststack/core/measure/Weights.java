package honeststack.core.measure;

import static honeststack.core.wording.Refusal.Reason.BAD_AMOUNT;

import honeststack.core.estimate.Distribution;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity.Aspect;
import honeststack.core.estimate.Identity.Calibration;
import honeststack.core.estimate.Identity.HouseholdWeight;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure.Piece;
import honeststack.core.food.Role;
import honeststack.core.measure.Factors.Factor;
import honeststack.core.measure.Uncertainties.Doubt;
import honeststack.core.measure.Uncertainties.Way;
import honeststack.core.measure.UsualAmounts.Usual;
import honeststack.core.wording.RefusedException;
import java.util.List;

/**
 * From a stated amount to grams with its doubt: amount × unit volume × density, amount × piece
 * mass, or the weighed grams.
 *
 * <p>Each mass is m = m₀ (1 + a ε_shared)(1 + b ε_use): a from the shared part of the table of
 * doubt, b from its per-use part. Several fillings or pieces average out: w full fillings and a
 * part f give b·√(w + f²)/(w + f).
 */
public final class Weights {
  private static final String PIECE = "PIECE";
  private static final String SPRAY = "SPRAY";

  private final Tables tables;
  private final Fillings fillings;
  private final Household household;
  private final MeasuringSystem system;
  private final SourceBook book;

  /**
   * @param own the cook's own weighings, used before the larder's weights
   */
  public Weights(Tables tables, OwnWeights own, MeasuringSystem system, SourceBook book) {
    this.tables = tables;
    this.household = new Household(tables.factors(), system);
    this.system = system;
    this.book = book;
    this.fillings = new Fillings(tables, own, household, system, book);
  }

  /** Whose cups and spoons they are. */
  public MeasuringSystem system() {
    return system;
  }

  /**
   * Mass of a measured food, g: what was added less what was taken away.
   *
   * @throws RefusedException if the larder has no weight for the unit, packing or size, the mass is
   *     over 100 kg, or more was taken away than there was
   */
  public Estimate of(Amount amount, Food food, Use use) {
    Estimate sum = of(amount.first(), food, use);
    List<Amount.Term> terms = amount.terms();
    for (int i = 1; i < terms.size(); i++) {
      Estimate term = of(terms.get(i).measure(), food, use.part(use.part().term(i)));
      sum = terms.get(i).taken() ? sum.minus(term) : sum.plus(term);
    }
    if (sum.value() < 0) {
      throw new RefusedException(
          BAD_AMOUNT,
          amount.words(),
          "“" + amount.words() + "” takes away more than there is.",
          "less taken away than there is");
    }
    return amount.isDrainedTin() ? drained(sum, food, use) : sum;
  }

  private Estimate drained(Estimate tin, Food food, Use use) {
    double part = tables.factors().of(Factor.DRAINED_OF_TIN);
    Source source =
        Source.of(
            aspect(use, Aspect.DRAINED),
            "how much of the tin of " + food.name() + " stays when it is drained");
    return tin.times(
        book.input(part, part * tables.uncertainties().of(Way.DRAINED).perUse(), source));
  }

  /**
   * Mass of one measure of a food, g.
   *
   * @throws RefusedException if the larder has no weight for the unit, packing or size, or the mass
   *     is over 100 kg
   */
  public Estimate of(Measure measure, Food food, Use use) {
    Estimate mass =
        switch (measure.unit().kind()) {
          case MASS -> weighed(measure, food.name(), use);
          case MARKED, VOLUME, SPOON, LADLE -> fillings.of(measure, food, use);
          case VAGUE -> vague(measure, food, use);
          case COUNT -> counted(measure, food, use);
          case SPRAY -> fillings.own(measure, food, use).orElseGet(() -> sprayed(measure, food));
        };
    return plausible(ranged(mass, measure, food, use), measure);
  }

  /** A stated range is rectangular over all between its ends (JCGM 100:2008, 4.3.7). */
  private Estimate ranged(Estimate mass, Measure measure, Food food, Use use) {
    if (measure.halfRange() == 0) {
      return mass;
    }
    Source source =
        Source.rectangular(
            aspect(use, Aspect.RANGE),
            "how much “" + measure.words() + "” of " + food.name() + " was");
    double relative = Distribution.rectangular(measure.halfRange()) / measure.amount();
    return mass.times(book.input(1, relative, source));
  }

  private static Use aspect(Use use, Aspect aspect) {
    return use.part(use.part().aspect(aspect));
  }

  /** g in one of a unit that nobody measures. */
  private double vague(Measure measure, Food food) {
    Unit unit = measure.unit();
    if (unit == Unit.SPRINKLE && food.role() == Role.ADD_IN) {
      return tables.usual().of(Usual.SPRINKLE_ADD_IN);
    }
    if (unit == Unit.SPRINKLE && food.role() == Role.SUGAR) {
      return tables.usual().of(Usual.SPRINKLE_SUGAR);
    }
    if (unit == Unit.SMEAR && food.role() == Role.FLAVOUR) {
      return vague(measure.in(Unit.PINCH), food); // of a nutmeg
    }
    if (unit == Unit.DASH && food.role() == Role.LIQUID) {
      return vague(measure.in(Unit.SPLASH), food); // of milk
    }
    if (unit == Unit.SPLASH && food.name().endsWith("extract")) {
      Measure spoon = measure.in(Unit.TEASPOON); // nobody splashes more vanilla
      return Unit.TEASPOON.millilitres(system) * household.ofSpoon(spoon, food);
    }
    return unit.isVagueWeight()
        ? unit.grams()
        : unit.millilitres(system) * household.ofSpoon(measure, food);
  }

  /** A pinch, a splash, a knob: anything between half and one and a half of its usual size. */
  private Estimate vague(Measure measure, Food food, Use use) {
    double grams = measure.amount() * vague(measure, food);
    Source source =
        Source.rectangular(use, "how much “" + measure.words() + "” of " + food.name() + " was");
    double relative = Distribution.rectangular(tables.uncertainties().of(Way.VAGUE).perUse());
    return book.input(grams, relative * Fillings.averaged(measure.amount()) * grams, source);
  }

  /** A mass read off a scale, g. */
  public Estimate weighed(Measure measure, String what, Use use) {
    double grams = measure.amount() * measure.unit().grams();
    double calibration = tables.uncertainties().of(Way.WEIGHED).shared();
    double step = measure.step(tables.usual().of(Usual.SCALE_STEP));
    Estimate bias =
        book.input(
            grams,
            calibration * grams,
            Source.of(Calibration.SCALE, "the calibration of the scale"));
    Estimate reading =
        book.input(
            0,
            grams == 0 ? 0 : Distribution.rectangular(step / 2),
            Source.rectangular(use, "reading the scale for " + what));
    return plausible(bias.plus(reading), measure);
  }

  private static Estimate plausible(Estimate mass, Measure measure) {
    if (mass.value() > Measure.MOST_GRAMS) {
      throw new RefusedException(
          BAD_AMOUNT,
          measure.words(),
          "“" + measure.words() + "” is more than 100 kg.",
          "up to 100 kg");
    }
    return mass;
  }

  private Estimate counted(Measure measure, Food food, Use use) {
    Piece piece = household.piece(measure, food);
    Doubt way = tables.uncertainties().of(piece.graded() ? Way.COUNT_GRADED : Way.COUNT_NATURAL);
    String what = (piece.size().isEmpty() ? "" : piece.size() + " ") + food.name();
    return fillings.doubted(
        measure.amount() * piece.grams(),
        new Doubt(way.shared(), way.perUse() * Fillings.averaged(measure.amount())),
        Source.of(new HouseholdWeight(food.id(), PIECE), "what one " + what + " weighs"),
        Source.of(use, "the size of the " + what));
  }

  /** Seconds × grams in a second: what comes out of a can in a second is the same each time. */
  private Estimate sprayed(Measure measure, Food food) {
    if (food.role() != Role.FAT) {
      throw Household.noVolume(measure, food);
    }
    double grams = measure.amount() * tables.usual().of(Usual.SPRAY_SECOND);
    return book.input(
        grams,
        grams * tables.uncertainties().of(Way.SPRAY).shared(),
        Source.of(
            new HouseholdWeight(food.id(), SPRAY),
            "how much " + food.name() + " a second's spray is"));
  }

  /** What a mass of so much would be off by if it were weighed, relative. */
  public static double weighedAnew(double grams, Tables tables) {
    double step = tables.usual().of(Usual.SCALE_STEP) / Math.sqrt(12);
    return grams > 0
        ? Math.hypot(tables.uncertainties().of(Way.WEIGHED).shared(), step / grams)
        : 0;
  }
}
