package honeststack.core.measure;

import static honeststack.core.measure.Refusal.Reason.BAD_AMOUNT;

import honeststack.core.estimate.Distribution;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Composition.TableDoubt;
import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure.Piece;
import honeststack.core.food.Packing;
import honeststack.core.measure.DoubtTable.Doubt;
import honeststack.core.measure.DoubtTable.Way;
import honeststack.core.measure.Measure.Heap;
import java.util.List;
import java.util.Optional;

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
  private final OwnWeights own;
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
    this.own = own;
    this.doubt = doubt;
    this.household = new Household(doubt, system);
    this.system = system;
    this.book = book;
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
    return amount.drained() && isTin(amount) ? drained(sum, food, use) : sum;
  }

  /** How far values of food tables are off. */
  public TableDoubt tableDoubt() {
    return doubt.ofTables();
  }

  /** What fat in the pan is taken for when nobody measured it, g: common practice. */
  public double usualPanFat() {
    return doubt.of(Way.PAN_FAT_NOT_MEASURED).shared();
  }

  /** What is poured off is not in the weight of what stays, unless that was weighed by itself. */
  private static boolean isTin(Amount amount) {
    return amount.unit().kind() == Unit.Kind.MASS && amount.tin();
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
          case VOLUME -> filled(measure, food, use);
          case VAGUE -> vague(measure, food, use);
          case COUNT -> counted(measure, food, use);
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
    return book.input(grams, relative * averaged(measure.amount()) * grams, source);
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
    return doubted(
        measure.amount() * piece.grams(),
        way.shared(),
        "measure:" + food.id() + ":piece",
        "what one " + what + " weighs",
        way.perUse() * averaged(measure.amount()),
        use,
        "the size of the " + what);
  }

  private Estimate filled(Measure measure, Food food, String use) {
    Optional<OwnWeights.Own> own = own(measure, food);
    if (own.isPresent()) {
      return own(own.get(), measure, food, use);
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
    if (measure.unit() == Unit.LADLE) {
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

  private Optional<OwnWeights.Own> own(Measure measure, Food food) {
    return measure.heap() != Heap.LEVEL || measure.unit().isMarked()
        ? Optional.empty()
        : own.of(food.id(), measure.unit(), measure.packing());
  }

  /** The cook's own weighings replace the larder's weight and the table of doubt. */
  private Estimate own(OwnWeights.Own kept, Measure measure, Food food, String use) {
    return doubted(
        measure.amount() * kept.grams(),
        kept.shared(),
        "own:" + food.id() + ":" + measure.unit() + ":" + measure.packing(),
        "what your %s of %s weighs, from %d weighings"
            .formatted(measure.unit().symbol(), food.name(), kept.weighings()),
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

  private Estimate doubted(
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
  private static double averaged(double fillings) {
    if (fillings <= 1) {
      return 1;
    }
    double whole = Math.floor(fillings);
    double part = fillings - whole;
    return Math.sqrt(whole + part * part) / fillings;
  }
}
