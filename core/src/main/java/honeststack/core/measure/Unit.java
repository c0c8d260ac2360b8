package honeststack.core.measure;

import static honeststack.core.measure.Unit.Steps.CUP_PARTS;
import static honeststack.core.measure.Unit.Steps.EIGHTHS;
import static honeststack.core.measure.Unit.Steps.FINE;
import static honeststack.core.measure.Unit.Steps.NONE;
import static honeststack.core.measure.Unit.Steps.PIECES;
import static honeststack.core.measure.Unit.Steps.SPOON_PARTS;
import static honeststack.core.measure.Unit.Steps.TEASPOON_PARTS;
import static honeststack.core.measure.Unit.Steps.THOUSANDTHS;

import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * Units a cook may write. All that the product knows of a unit stands here.
 *
 * <p>The ounce and the pound are avoirdupois, 28.349523125 g and 453.59237 g exactly (NIST Handbook
 * 44, Appendix C). Sizes of what nobody measures are common practice: a dessertspoon is two
 * teaspoons, a ladle a quarter cup, a pinch 1/16 and a dash 1/8 of a teaspoon, a smidgen 1/32, a
 * splash one tablespoon, a drizzle two teaspoons, a squeeze one, a drop a twentieth of a
 * millilitre, a dollop two tablespoons, an unnamed spoon one, a mug 300, a glass 200, a teacup or a
 * small kitchen bowl 180, a wineglass or a pot of yogurt 125, a tea glass 100, an espresso cup 60,
 * an egg cup 45, a shot 30 and a capful 7 mL, a knob 15 g, a piece like a walnut 18, one like an
 * egg 50, a pat 5, a smear 8, a dusting 4, a handful 30 g.
 */
public enum Unit {
  GRAM(Kind.MASS, "g", "g", 1, FINE, "g", "gr", "grm", "gm", "gram", "gramm", "gramme"),
  /** As they weigh in Budapest and in Warsaw. */
  DECAGRAM(Kind.MASS, "dag", "dag", 10, NONE, "dag", "dkg", "deka"),
  KILOGRAM(Kind.MASS, "kg", "kg", 1000, THOUSANDTHS, "kg", "kgs", "kilo", "kilogram", "kilogramme"),
  OUNCE(Kind.MASS, "oz", "oz", 28.349523125, EIGHTHS, "oz", "ounce"),
  POUND(Kind.MASS, "lb", "lb", 453.59237, EIGHTHS, "lb", "pound"),
  MILLILITRE(Kind.MARKED, "mL", "mL", s -> 1, FINE, "ml mls mil millilitre milliliter cc ccm mill"),
  CENTILITRE(Kind.MARKED, "cL", "cL", s -> 10, NONE, "cl", "centilitre", "centiliter"),
  DECILITRE(Kind.MARKED, "dL", "dL", s -> 100, NONE, "dl", "deci", "decilitre", "deciliter"),
  LITRE(Kind.MARKED, "L", "L", s -> 1000, THOUSANDTHS, "l", "litre", "liter", "ltr", "lt"),
  FLUID_OUNCE(Kind.VOLUME, "fl oz", "fl oz", MeasuringSystem::fluidOunce, EIGHTHS, "floz", "fl-oz"),
  CUP(
      Kind.VOLUME,
      "cup",
      "cups",
      MeasuringSystem::cup,
      CUP_PARTS,
      "c cp cup cupful taza tazza tasse tassen xícara xicara"),
  GILL(Kind.VOLUME, "gill", "gills", s -> s.pint() / 4, CUP_PARTS, "gill"),
  PINT(Kind.VOLUME, "pint", "pints", MeasuringSystem::pint, CUP_PARTS, "pt", "pint"),
  QUART(Kind.VOLUME, "quart", "quarts", s -> 2 * s.pint(), CUP_PARTS, "qt", "quart"),
  GALLON(Kind.VOLUME, "gallon", "gallons", s -> 8 * s.pint(), CUP_PARTS, "gal", "gallon"),
  TABLESPOON(
      Kind.SPOON,
      "tbsp",
      "tbsp",
      MeasuringSystem::tablespoon,
      SPOON_PARTS,
      "tbsp tbs tb tbl tblsp tbspn tablespoon tablespoonful table-spoon soupspoon soupspoonful el ss",
      "esslöffel eetl eetlepel msk spsk rkl cda cucharada cas càs cucchiaio cucchiai",
      "łyżka łyżki"),
  DESSERTSPOON(
      Kind.SPOON,
      "dessertspoon",
      "dessertspoons",
      s -> 2 * s.teaspoon(),
      SPOON_PARTS,
      "dessertspoon",
      "dsp",
      "dstspn dstsp dessertsp dssp",
      "dessert-spoon dessertspoonful desertspoon eatingspoon"),
  TEASPOON(
      Kind.SPOON,
      "tsp",
      "tsp",
      MeasuringSystem::teaspoon,
      TEASPOON_PARTS,
      "tsp tspn teaspoon teaspoonful tea-spoon coffeespoon coffeespoonful tl teelöffel theel",
      "theelepel ts tsk cdta cdita cucharadita cac càc cucchiaino cucchiaini łyżeczka",
      "łyżeczki"),
  /** A small spoon of one millilitre, as sets of the north hold one. */
  MILLISPOON(Kind.SPOON, "mL spoon", "mL spoons", s -> 1, TEASPOON_PARTS, "krm"),
  /** A ladle of nobody's measuring. */
  LADLE(Kind.LADLE, "ladle", "ladles", s -> s.cup() / 4, CUP_PARTS, "ladle", "ladleful"),
  /** A scoop: the one of a food's own tub, otherwise about a quarter cup. */
  SCOOP(Kind.LADLE, "scoop", "scoops", s -> s.cup() / 4, CUP_PARTS, "scoop scoopful coffeescoop"),
  PINCH(
      Kind.VAGUE,
      "pinch",
      "pinches",
      s -> s.teaspoon() / 16,
      NONE,
      "pinch pinche grating prise pincée pizzico pizca chutki nypa nypor snufje pitada szczypta špetka csipet klype"),
  DASH(
      Kind.VAGUE,
      "dash",
      "dashes",
      s -> s.teaspoon() / 8,
      NONE,
      "dash dashe shake knifetip knife-tip knifepoint knife-point messerspitze saltspoon mustardspoon"),
  /** By what is sprinkled: see the usual amounts; of a spice, a dash. */
  SPRINKLE(
      Kind.VAGUE,
      "sprinkle",
      "sprinkles",
      s -> s.teaspoon() / 8,
      NONE,
      "sprinkle sprinkling scattering"),
  DUSTING(Kind.VAGUE, "dusting", "dustings", 4, NONE, "dusting"),
  SMIDGEN(
      Kind.VAGUE, "smidgen", "smidgens", s -> s.teaspoon() / 32, NONE, "smidgen smidge smidgeon"),
  SPLASH(
      Kind.VAGUE,
      "splash",
      "splashes",
      MeasuringSystem::tablespoon,
      NONE,
      "splash splashe splosh sploshe glug slosh sloshe slug slurp"),
  DROP(Kind.VAGUE, "drop", "drops", s -> 0.05, NONE, "drop"),
  DRIZZLE(
      Kind.VAGUE,
      "drizzle",
      "drizzles",
      s -> 2 * s.teaspoon(),
      NONE,
      "drizzle dribble swirl squirt"),
  DOLLOP(Kind.VAGUE, "dollop", "dollops", s -> 2 * s.tablespoon(), NONE, "dollop blob dob dollup"),
  /** A spoon of nobody's naming, about a tablespoon. */
  SPOON(
      Kind.VAGUE,
      "spoon",
      "spoons",
      MeasuringSystem::tablespoon,
      NONE,
      "spoon spoonful spoonsful spoonfull löffel cuillère cuchara colher colheres chamach"),
  MUG(Kind.VAGUE, "mug", "mugs", s -> 300, NONE, "mug mugful mugfull coffeemug teamug"),
  GLASS(
      Kind.VAGUE,
      "glass",
      "glasses",
      s -> 200,
      NONE,
      "glass glasse glassful tumbler beaker juiceglass juiceglasse waterglass waterglasse",
      "whiskyglass whiskyglasse drinkingglass drinkingglasse glas verre bicchiere bicchieri vaso copo"),
  TEACUP(Kind.VAGUE, "teacup", "teacups", s -> 180, NONE, "teacup", "teacupful", "coffeecup"),
  WINEGLASS(Kind.VAGUE, "wineglass", "wineglasses", s -> 125, NONE, "wineglass", "wineglasse"),
  YOGURT_POT(Kind.VAGUE, "yogurt pot", "yogurt pots", s -> 125, NONE, "yogurtpot yoghurtpot"),
  TEA_GLASS(Kind.VAGUE, "tea glass", "tea glasses", s -> 100, NONE, "teaglass teaglasse"),
  ESPRESSO_CUP(
      Kind.VAGUE, "espresso cup", "espresso cups", s -> 60, NONE, "espressocup mochacup demitasse"),
  EGG_CUP(Kind.VAGUE, "egg cup", "egg cups", s -> 45, NONE, "eggcup eggcupful"),
  BOWLFUL(Kind.VAGUE, "katori", "katoris", s -> 180, NONE, "katori", "vati"),
  SHOT(Kind.VAGUE, "shot", "shots", s -> 30, NONE, "shot shotglass shotglasse jigger tot dram nip"),
  CAPFUL(
      Kind.VAGUE,
      "capful",
      "capfuls",
      s -> 7,
      NONE,
      "capful bottlecap bottlecapful bottlelid lidful"),
  SMEAR(Kind.VAGUE, "smear", "smears", 8, NONE, "smear", "scrape", "scraping", "dab"),
  PAT(Kind.VAGUE, "pat", "pats", 5, NONE, "pat", "curl"),
  EGG_SIZED(Kind.VAGUE, "egg-sized piece", "egg-sized pieces", 50, NONE),
  WALNUT(Kind.VAGUE, "walnut-sized piece", "walnut-sized pieces", 18, NONE),
  SQUEEZE(Kind.VAGUE, "squeeze", "squeezes", MeasuringSystem::teaspoon, NONE, "squeeze"),
  KNOB(Kind.VAGUE, "knob", "knobs", 15, NONE, "knob", "nub", "noisette", "noix"),
  HANDFUL(Kind.VAGUE, "handful", "handfuls", 30, NONE, "handful", "handfull", "fistful", "palmful"),
  /** A second of spraying oil from a can. */
  SECOND(Kind.SPRAY, "s", "s", 0, NONE, "sec", "second", "spray", "spritz", "spritze", "burst"),
  COUNT(Kind.COUNT, "", "", 0, PIECES);

  /** What a unit measures. */
  public enum Kind {
    MASS,
    /** Read off marks rather than filled to the brim: one filling, whatever the amount. */
    MARKED,
    /** A cup or another vessel, filled to the brim. */
    VOLUME,
    SPOON,
    /** A ladle or a scoop of no known size. */
    LADLE,
    /** A volume or a weight that nobody measured, by its usual size. */
    VAGUE,
    /** A time during which it was let out. */
    SPRAY,
    COUNT;

    /** Whether it is a volume that somebody measured. */
    public boolean isVolume() {
      return switch (this) {
        case MARKED, VOLUME, SPOON, LADLE -> true;
        case MASS, VAGUE, SPRAY, COUNT -> false;
      };
    }
  }

  /** To what an amount is rounded that a kitchen has to measure. */
  enum Steps {
    /** Whole ones, halves under ten. */
    FINE,
    THOUSANDTHS,
    EIGHTHS,
    CUP_PARTS(0, 1 / 4.0, 1 / 3.0, 1 / 2.0, 2 / 3.0, 3 / 4.0, 1),
    SPOON_PARTS(0, 1 / 2.0, 1),
    TEASPOON_PARTS(0, 1 / 8.0, 1 / 4.0, 1 / 2.0, 3 / 4.0, 1),
    /** Quarters; thirds where it is one. */
    PIECES(0, 1 / 4.0, 1 / 2.0, 3 / 4.0, 1),
    NONE;

    private static final double EXACT = 0.005;

    private final double[] parts;

    Steps(double... parts) {
      this.parts = parts;
    }

    double nearest(double value) {
      return switch (this) {
        case FINE -> value < 10 ? Math.round(value * 10) / 10.0 : Math.rint(value);
        case THOUSANDTHS -> Math.round(value * 1000) / 1000.0;
        case EIGHTHS -> Math.round(value * 8) / 8.0;
        case NONE -> value;
        case PIECES -> isThird(value) ? Math.rint(3 * value) / 3 : nearestPart(value);
        case CUP_PARTS, SPOON_PARTS, TEASPOON_PARTS -> nearestPart(value);
      };
    }

    private static boolean isThird(double value) {
      return Math.abs(value - Math.rint(3 * value) / 3) < EXACT;
    }

    private double nearestPart(double value) {
      double whole = Math.floor(value);
      double best = whole;
      for (double part : parts) {
        if (Math.abs(whole + part - value) < Math.abs(best - value)) {
          best = whole + part;
        }
      }
      return best;
    }
  }

  private final Kind kind;
  private final String symbol;
  private final String plural;
  private final double grams;
  private final ToDoubleFunction<MeasuringSystem> millilitres;
  private final Steps steps;
  private final List<String> names;

  /** A unit of mass; 0 g for one that has none. */
  Unit(Kind kind, String symbol, String plural, double grams, Steps steps, String... names) {
    this(kind, symbol, plural, grams, null, steps, names);
  }

  /** A unit of volume. */
  Unit(
      Kind kind,
      String symbol,
      String plural,
      ToDoubleFunction<MeasuringSystem> millilitres,
      Steps steps,
      String... names) {
    this(kind, symbol, plural, 0, millilitres, steps, names);
  }

  Unit(
      Kind kind,
      String symbol,
      String plural,
      double grams,
      ToDoubleFunction<MeasuringSystem> millilitres,
      Steps steps,
      String... names) {
    this.kind = kind;
    this.symbol = symbol;
    this.plural = plural;
    this.grams = grams;
    this.millilitres = millilitres;
    this.steps = steps;
    this.names = names.length == 0 ? List.of() : List.of(String.join(" ", names).split(" "));
  }

  public Kind kind() {
    return kind;
  }

  public String symbol() {
    return symbol;
  }

  /** As it is written behind more than one of it. */
  public String plural() {
    return plural;
  }

  /** What cooks call it, in the singular. */
  public List<String> names() {
    return names;
  }

  /**
   * Grams in one of a unit of mass.
   *
   * @throws IllegalArgumentException if the unit is not one of mass
   */
  public double grams() {
    if (grams == 0) {
      throw new IllegalArgumentException(this + " is not a unit of mass");
    }
    return grams;
  }

  /**
   * Millilitres in one of a unit of volume.
   *
   * @throws IllegalArgumentException if the unit is not one of volume
   */
  public double millilitres(MeasuringSystem system) {
    if (millilitres == null) {
      throw new IllegalArgumentException(this + " is not a unit of volume");
    }
    return millilitres.applyAsDouble(system);
  }

  /** A vague unit that is a weight. */
  public boolean isVagueWeight() {
    return kind == Kind.VAGUE && grams > 0;
  }

  /** For a sentence: "cup", "second's spray". */
  public String noun() {
    return this == SECOND ? "second's spray" : symbol;
  }

  /** Filled, or let out, each time alike: what one of it weighs can be weighed once and kept. */
  public boolean isConstant() {
    return switch (kind) {
      case VOLUME, SPOON, LADLE, SPRAY -> true;
      case MASS, MARKED, VAGUE, COUNT -> false;
    };
  }

  /** An amount as a kitchen can measure it. */
  public double rounded(double amount) {
    return steps.nearest(amount);
  }
}
