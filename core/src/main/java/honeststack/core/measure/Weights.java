package honeststack.core.measure;

import static honeststack.core.measure.Refusal.Reason.BAD_AMOUNT;

import honeststack.core.estimate.Distribution;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Composition.TableDoubt;
import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure.Piece;
import honeststack.core.food.Role;
import honeststack.core.measure.DoubtTable.Doubt;
import honeststack.core.measure.DoubtTable.Way;
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
  private final DoubtTable doubt;
  private final Fillings fillings;
  private final Household household;
  private final MeasuringSystem system;
  private final SourceBook book;

  public Weights(DoubtTable doubt, MeasuringSystem system, SourceBook book) {
    this(doubt, OwnWeights.NONE, system, book);
  }

  /**
   * @param own the cook's own weighings, used before the larder's weights
   */
  public Weights(DoubtTable doubt, OwnWeights own, MeasuringSystem system, SourceBook book) {
    this.doubt = doubt;
    this.household = new Household(doubt, system);
    this.system = system;
    this.book = book;
    this.fillings = new Fillings(doubt, own, household, system, book);
  }

  /**
   * Mass of a measured food, g: what was added less what was taken away.
   *
   * @param use identity of this use, such as batch and line
   * @throws RefusedException if the larder has no weight for the unit, packing or size, the mass is
   *     over 100 kg, or more was taken away than there was
   */
  public Estimate of(Amount amount, Food food, String use) {
    Estimate sum = of(amount.first(), food, use);
    List<Amount.Term> terms = amount.terms();
    for (int i = 1; i < terms.size(); i++) {
      Estimate term = of(terms.get(i).measure(), food, use + ":" + i);
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

  /** How far values of food tables are off. */
  public TableDoubt tableDoubt() {
    return doubt.ofTables();
  }

  /** What fat in the pan is taken for when nobody measured it, g: common practice. */
  public double usualPanFat() {
    return doubt.of(Way.PAN_FAT_NOT_MEASURED).shared();
  }

  private Estimate drained(Estimate tin, Food food, String use) {
    Doubt part = doubt.of(Way.DRAINED_OF_TIN);
    Estimate stays =
        book.input(
            part.shared(),
            part.shared() * part.perUse(),
            Source.perUse(
                "use:" + use + ":drained",
                "how much of the tin of " + food.name() + " stays when it is drained"));
    return tin.times(stays);
  }

  /**
   * Mass of one measure of a food, g.
   *
   * @param use identity of this use, such as batch and line
   * @throws RefusedException if the larder has no weight for the unit, packing or size, or the mass
   *     is over 100 kg
   */
  public Estimate of(Measure measure, Food food, String use) {
    Estimate mass =
        switch (measure.unit().kind()) {
          case MASS -> weighed(measure, food.name(), use);
          case VOLUME -> fillings.of(measure, food, use);
          case VAGUE -> vague(measure, food, use);
          case COUNT -> counted(measure, food, use);
          case SPRAY -> fillings.own(measure, food, use).orElseGet(() -> sprayed(measure, food));
        };
    return plausible(ranged(mass, measure, food, use), measure);
  }

  /** A stated range is rectangular over all between its ends (JCGM 100:2008, 4.3.7). */
  private Estimate ranged(Estimate mass, Measure measure, Food food, String use) {
    if (measure.halfRange() == 0) {
      return mass;
    }
    Source source =
        Source.perUse(
                "use:" + use + ":range",
                "how much “" + measure.words() + "” of " + food.name() + " was")
            .shaped(Distribution.RECTANGULAR);
    double relative = Distribution.rectangular(measure.halfRange()) / measure.amount();
    return mass.times(book.input(1, relative, source));
  }

  /** A pinch, a splash, a knob: anything between half and one and a half of its usual size. */
  private Estimate vague(Measure measure, Food food, String use) {
    double grams =
        measure.unit().isVagueWeight()
            ? measure.amount() * measure.unit().grams()
            : measure.amount()
                * system.millilitres(measure.unit())
                * household.ofSpoon(measure, food);
    Source source =
        Source.perUse("use:" + use, "how much “" + measure.words() + "” of " + food.name() + " was")
            .shaped(Distribution.RECTANGULAR);
    double relative = Distribution.rectangular(doubt.of(Way.VAGUE).perUse());
    return book.input(grams, relative * Fillings.averaged(measure.amount()) * grams, source);
  }

  /** A mass read off a scale, g. */
  public Estimate weighed(Measure measure, String what, String use) {
    double grams = measure.amount() * measure.unit().grams();
    Doubt way = doubt.of(Way.WEIGHED);
    double step = measure.decimals() == 0 ? way.perUse() : Math.pow(10, -measure.decimals());
    Estimate bias =
        book.input(
            grams,
            way.shared() * grams,
            Source.shared("scale:calibration", "the calibration of the scale"));
    Estimate reading =
        book.input(
            0,
            grams == 0 ? 0 : Distribution.rectangular(step / 2),
            Source.perUse("use:" + use, "reading the scale for " + what)
                .shaped(Distribution.RECTANGULAR));
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

  private Estimate counted(Measure measure, Food food, String use) {
    Piece piece = household.piece(measure, food);
    Doubt way = doubt.of(piece.graded() ? Way.COUNT_GRADED : Way.COUNT_NATURAL);
    String what = (piece.size().isEmpty() ? "" : piece.size() + " ") + food.name();
    return fillings.doubted(
        measure.amount() * piece.grams(),
        way.shared(),
        "measure:" + food.id() + ":piece",
        "what one " + what + " weighs",
        way.perUse() * Fillings.averaged(measure.amount()),
        use,
        "the size of the " + what);
  }

  /** Seconds × grams in a second: what comes out of a can in a second is the same each time. */
  private Estimate sprayed(Measure measure, Food food) {
    if (food.role() != Role.FAT) {
      throw Household.noVolume(measure, food);
    }
    Doubt way = doubt.of(Way.SPRAY);
    return book.input(
        measure.amount() * way.shared(),
        measure.amount() * way.shared() * way.perUse(),
        Source.shared(
            "measure:" + food.id() + ":spray", "how much " + food.name() + " a second's spray is"));
  }
}
