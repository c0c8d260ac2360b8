package honeststack.core.measure;

import static honeststack.core.measure.Refusal.Reason.BAD_AMOUNT;
import static honeststack.core.measure.Refusal.Reason.NO_WEIGHT;

import honeststack.core.estimate.Distribution;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure;
import honeststack.core.food.HouseholdMeasure.Piece;
import honeststack.core.food.HouseholdMeasure.Volume;
import honeststack.core.food.Packing;
import honeststack.core.measure.DoubtTable.Doubt;
import honeststack.core.measure.DoubtTable.Way;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

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
  private final MeasuringSystem system;
  private final SourceBook book;

  public Weights(DoubtTable doubt, MeasuringSystem system, SourceBook book) {
    this.doubt = doubt;
    this.system = system;
    this.book = book;
  }

  /**
   * Mass of a measured food, g.
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
          case COUNT -> counted(measure, food, use);
        };
    return plausible(mass, measure);
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
    List<Piece> pieces = of(food, Piece.class);
    Piece piece =
        pieces.stream()
            .filter(p -> measure.size().isEmpty() ? p.usual() : p.size().equals(measure.size()))
            .findFirst()
            .orElseThrow(() -> noPiece(measure, food, pieces));
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
    double millilitres = measure.amount() * system.millilitres(measure.unit());
    if (measure.unit().isSpoon()) {
      Way way = measure.unit() == Unit.TABLESPOON ? Way.TABLESPOON : Way.TEASPOON;
      double density = spoonDensity(measure, food);
      return level(measure, food, millilitres * density, way, use);
    }
    if (food.liquid()) {
      double density =
          density(measure, food, Packing.NOT_SAID).orElseThrow(() -> noVolume(measure, food));
      return level(measure, food, millilitres * density, Way.LIQUID_JUG, use);
    }
    return switch (measure.packing()) {
      case NOT_SAID -> packingNotSaid(measure, food, millilitres, use);
      case SPOONED, SIFTED ->
          level(
              measure,
              food,
              millilitres * loose(measure, food, measure.packing()),
              Way.CUP_SPOONED,
              use);
      case SCOOPED ->
          level(measure, food, millilitres * scooped(measure, food), Way.CUP_SCOOPED, use);
      case PACKED -> {
        double density =
            density(measure, food, Packing.PACKED).orElseThrow(() -> noVolume(measure, food));
        yield level(measure, food, millilitres * density, Way.CUP_PACKED, use);
      }
    };
  }

  /** y = (a + b)/2 of the loose and the dense filling, u² = ((b − a)/2)²/3 + (shared y)². */
  private Estimate packingNotSaid(Measure measure, Food food, double millilitres, String use) {
    double loose = millilitres * loose(measure, food, Packing.SPOONED);
    double dense =
        millilitres
            * density(measure, food, Packing.SCOOPED)
                .or(() -> density(measure, food, Packing.PACKED))
                .orElseGet(() -> scooped(measure, food));
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
    double fillings =
        measure.unit() == Unit.MILLILITRE || measure.unit() == Unit.LITRE ? 1 : measure.amount();
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

  private double loose(Measure measure, Food food, Packing packing) {
    return density(measure, food, packing)
        .or(
            () ->
                density(
                    measure, food, packing == Packing.SIFTED ? Packing.SPOONED : Packing.NOT_SAID))
        .or(() -> density(measure, food, Packing.NOT_SAID))
        .orElseThrow(() -> noVolume(measure, food));
  }

  private double scooped(Measure measure, Food food) {
    return density(measure, food, Packing.SCOOPED)
        .or(
            () ->
                density(measure, food, Packing.SPOONED)
                    .map(d -> d * doubt.of(Way.SCOOPED_OVER_SPOONED).shared()))
        .or(() -> density(measure, food, Packing.NOT_SAID))
        .orElseThrow(() -> noVolume(measure, food));
  }

  private double spoonDensity(Measure measure, Food food) {
    return density(measure, food, measure.packing())
        .or(() -> density(measure, food, Packing.NOT_SAID))
        .or(() -> density(measure, food, Packing.SPOONED))
        .or(() -> density(measure, food, Packing.PACKED))
        .orElseThrow(() -> noVolume(measure, food));
  }

  /** Of the food's volumes with this packing, the density of the one nearest in size. */
  private Optional<Double> density(Measure measure, Food food, Packing packing) {
    double unit = Math.log(system.millilitres(measure.unit()));
    return of(food, Volume.class).stream()
        .filter(v -> v.packing() == packing)
        .min(Comparator.comparingDouble(v -> Math.abs(Math.log(v.millilitres()) - unit)))
        .map(Volume::density);
  }

  private static <M extends HouseholdMeasure> List<M> of(Food food, Class<M> kind) {
    return food.measures().stream().filter(kind::isInstance).map(kind::cast).toList();
  }

  private static RefusedException noPiece(Measure measure, Food food, List<Piece> pieces) {
    String known =
        pieces.isEmpty()
            ? "a weight or a volume, such as 50 g"
            : pieces.stream()
                .map(p -> p.size().isEmpty() ? "pieces without a size" : p.size())
                .collect(Collectors.joining(", ", "", ", or a weight"));
    return new RefusedException(
        NO_WEIGHT,
        measure.words(),
        "The larder does not know what “" + measure.words() + "” of " + food.name() + " weighs.",
        known);
  }

  private static RefusedException noVolume(Measure measure, Food food) {
    String packed = measure.packing() == Packing.PACKED ? ", packed" : "";
    return new RefusedException(
        NO_WEIGHT,
        measure.words(),
        "The larder does not know what “"
            + measure.words()
            + packed
            + "” of "
            + food.name()
            + " weighs.",
        "a weight, such as 50 g");
  }
}
