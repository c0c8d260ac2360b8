package honeststack.core.measure;

import static java.util.Map.entry;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What cooks call their units, on either side of the ocean. */
final class UnitWords {
  private static final Map<String, Unit> UNITS = units();

  /** What food is bought in; a weight before it is the weight of what is in it. */
  private static final Set<String> CONTAINERS =
      Set.of(
          "tin",
          "can",
          "jar",
          "packet",
          "pack",
          "bag",
          "sachet",
          "tub",
          "carton",
          "bottle",
          "pot",
          "package",
          "container",
          "block");

  /** Before a vague unit, "a big handful": times so much (common practice). */
  static final Map<String, Double> BIGNESS =
      Map.ofEntries(
          entry("big", 1.5),
          entry("large", 1.5),
          entry("good", 1.5),
          entry("generous", 1.5),
          entry("small", 0.5),
          entry("little", 0.5),
          entry("tiny", 0.5));

  /** What cooks fill that comes in any size. */
  static final Set<String> VESSELS =
      Set.of(
          "mug",
          "mugful",
          "mugs",
          "glass",
          "glasses",
          "bowl",
          "bowls",
          "teacup",
          "teacups",
          "wineglass",
          "spoon",
          "spoons",
          "spoonful",
          "spoonfuls",
          "shot",
          "shots",
          "capful");

  /** Parts of a food and containers that are counted, in the singular. */
  static final Map<String, String> COUNTED = counted();

  private UnitWords() {}

  /**
   * @param next place of the first token after it
   */
  record Found(Unit unit, int next) {}

  /** What a food comes in: "tin", "packet". */
  static boolean isContainer(String size) {
    return CONTAINERS.contains(size);
  }

  /** The unit that begins at a token. */
  static Optional<Found> at(List<Token> tokens, int i) {
    if (i >= tokens.size() || tokens.get(i).kind() != Token.Kind.WORD) {
      return Optional.empty();
    }
    Token word = tokens.get(i);
    int next = dot(tokens, i + 1);
    if (word.isWord("fl", "fluid")
        && next < tokens.size()
        && tokens.get(next).isWord("oz", "ounce", "ounces")) {
      return Optional.of(new Found(Unit.FLUID_OUNCE, dot(tokens, next + 1)));
    }
    Unit unit = UNITS.getOrDefault(word.text(), UNITS.get(word.low()));
    return Optional.ofNullable(unit).map(found -> new Found(found, next));
  }

  private static int dot(List<Token> tokens, int i) {
    return i < tokens.size() && tokens.get(i).isMark(".") ? i + 1 : i;
  }

  private static Map<String, Unit> units() {
    Map<String, Unit> units = new HashMap<>();
    name(units, Unit.GRAM, "g", "gr", "gm", "gram", "gramme");
    name(units, Unit.KILOGRAM, "kg", "kilo", "kilogram", "kilogramme");
    name(units, Unit.OUNCE, "oz", "ounce");
    name(units, Unit.POUND, "lb", "pound");
    name(units, Unit.MILLILITRE, "ml", "millilitre", "milliliter", "cc");
    name(units, Unit.CENTILITRE, "cl", "centilitre", "centiliter");
    name(units, Unit.DECILITRE, "dl", "decilitre", "deciliter");
    name(units, Unit.LITRE, "l", "litre", "liter", "ltr");
    name(units, Unit.CUP, "c", "cup", "cupful");
    name(units, Unit.PINT, "pt", "pint");
    name(units, Unit.QUART, "qt", "quart");
    name(units, Unit.TABLESPOON, "tbsp", "tbs", "tb", "tbl", "tblsp", "tbspn", "tablespoon");
    name(units, Unit.TABLESPOON, "tablespoonful", "table-spoon");
    name(units, Unit.DESSERTSPOON, "dessertspoon", "dsp", "dstspn", "dessert-spoon");
    name(units, Unit.TEASPOON, "tsp", "tspn", "teaspoon", "teaspoonful", "tea-spoon");
    name(units, Unit.LADLE, "ladle", "ladleful");
    name(units, Unit.SCOOP, "scoop", "scoopful");
    name(units, Unit.PINCH, "pinch", "pinche", "grating");
    name(units, Unit.DROP, "drop");
    name(units, Unit.DASH, "dash", "dashe", "sprinkle", "sprinkling", "shake");
    name(units, Unit.SMIDGEN, "smidgen", "smidge", "smidgeon");
    name(units, Unit.SPLASH, "splash", "splashe", "glug");
    name(units, Unit.DRIZZLE, "drizzle");
    name(units, Unit.SQUEEZE, "squeeze");
    name(units, Unit.KNOB, "knob", "nub");
    name(units, Unit.HANDFUL, "handful", "handfull", "fistful");
    name(units, Unit.SECOND, "sec", "second");
    units.put("s", Unit.SECOND);
    units.put("T", Unit.TABLESPOON);
    units.put("Tb", Unit.TABLESPOON);
    units.put("t", Unit.TEASPOON);
    return units;
  }

  private static void name(Map<String, Unit> units, Unit unit, String... names) {
    for (String name : names) {
      units.put(name, unit);
      units.put(name + "s", unit);
    }
  }

  private static Map<String, String> counted() {
    Map<String, String> counted = new HashMap<>();
    for (String part :
        List.of(
            "slice", "stick", "fillet", "clove", "sprig", "cake", "piece", "ear", "cube", "square",
            "segment", "stalk", "bunch", "head")) {
      counted.put(part, part);
      counted.put(part + "s", part);
    }
    for (String container : CONTAINERS) {
      counted.put(container, container);
      counted.put(container + "s", container);
    }
    counted.put("box", "packet");
    counted.put("boxes", "packet");
    counted.put("envelope", "packet");
    counted.put("rasher", "slice");
    counted.put("rashers", "slice");
    counted.put("bunches", "bunch");
    counted.put("leaf", "leaf");
    counted.put("leaves", "leaf");
    return counted;
  }
}
