package honeststack.core.line;

import static java.util.Map.entry;

import honeststack.core.measure.Unit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What cooks call their units, on either side of the ocean. */
public final class UnitWords {
  private static final Map<String, Unit> UNITS = units();
  private static final MisspeltUnit MISSPELT = new MisspeltUnit(UNITS);

  /** Before a vague unit, "a big handful": times so much (common practice). */
  static final Map<String, Double> BIGNESS =
      Map.ofEntries(
          entry("big", 1.5),
          entry("large", 1.5),
          entry("good", 1.5),
          entry("generous", 1.5),
          entry("small", 0.5),
          entry("little", 0.5),
          entry("tiny", 0.5),
          entry("wee", 0.5),
          entry("slight", 0.5),
          entry("light", 0.5),
          entry("huge", 2.0),
          entry("massive", 2.0),
          entry("hearty", 1.5),
          entry("fat", 1.5));

  /** What cooks fill that comes in any size. */
  static final Set<String> VESSELS = Set.of("bowl", "bowls", "plate", "plates");

  /** So many words may name what a ball is of. */
  private static final int NEAR = 4;

  /** Of what a lump is as much as a knob. */
  private static final String[] SOLID_FATS = {
    "butter", "lard", "ghee", "margarine", "fat", "shortening", "dripping"
  };

  /** What a spoon, a cup or a cap is called by, where it is written apart. */
  private static final Set<String> FIRST =
      Set.of(
          "soup",
          "coffee",
          "table",
          "tea",
          "wine",
          "dessert",
          "desert",
          "knife",
          "knife's",
          "bottle",
          "eating",
          "salt",
          "mustard",
          "shot",
          "drinking",
          "whisky");

  /** What would be a food without "of" behind the vessel: "an egg cup of milk". */
  private static final Set<String> FIRST_OF =
      Set.of("egg", "espresso", "mocha", "juice", "water", "yogurt", "yoghurt");

  private static final Set<String> VESSEL_OF =
      Set.of("cup", "cups", "glass", "glasses", "pot", "pots");

  /** A small spoon is a teaspoon, a large one a tablespoon; common practice. */
  private static final String[] SMALL = {"small", "little", "tiny"};

  private static final String[] LARGE = {"large", "big"};

  private static final Set<String> SECOND =
      Set.of(
          "spoon",
          "spoons",
          "spoonful",
          "spoonfuls",
          "spoonsful",
          "cup",
          "cups",
          "glass",
          "glasses",
          "tip",
          "tips",
          "point",
          "points",
          "cap",
          "caps",
          "capful",
          "capfuls",
          "lid",
          "lids",
          "mug",
          "mugs",
          "scoop",
          "scoops");

  /** With which a unit of several words, or one that only some foods have, begins. */
  private static final Set<String> BEGINNINGS =
      Stream.of(
              FIRST,
              FIRST_OF,
              Set.of(SMALL),
              Set.of(LARGE),
              Set.of(
                  "ball",
                  "balls",
                  "boule",
                  "boules",
                  "c",
                  "chunk",
                  "chunks",
                  "colher",
                  "colheres",
                  "cs",
                  "cucchiai",
                  "cucchiaio",
                  "cucharada",
                  "cucharadas",
                  "cuil",
                  "cuillere",
                  "cuilleres",
                  "cuillère",
                  "cuillères",
                  "drop",
                  "egg-size",
                  "egg-sized",
                  "fl",
                  "fluid",
                  "grind",
                  "grinding",
                  "grinds",
                  "hazelnut",
                  "hazelnut-size",
                  "hazelnut-sized",
                  "hunk",
                  "kugel",
                  "kugeln",
                  "lump",
                  "lumps",
                  "nugget",
                  "nuggets",
                  "nut",
                  "turn",
                  "turns",
                  "twist",
                  "twists",
                  "walnut",
                  "walnut-size",
                  "walnut-sized",
                  "wodge"))
          .flatMap(Set::stream)
          .collect(Collectors.toUnmodifiableSet());

  private UnitWords() {}

  /**
   * @param next place of the first token after it
   */
  public record Found(Unit unit, int next) {}

  /** The unit that begins at a token. */
  public static Optional<Found> at(List<Token> tokens, int i) {
    boolean numbered = i + 1 < tokens.size() && tokens.get(i + 1).kind() == Token.Kind.NUMBER;
    if (i > 0 && i < tokens.size() && tokens.get(i).isMark("#") && !numbered) {
      return Optional.of(new Found(Unit.POUND, i + 1));
    }
    if (i >= tokens.size() || tokens.get(i).kind() != Token.Kind.WORD) {
      return Optional.empty();
    }
    Token word = tokens.get(i);
    if (!BEGINNINGS.contains(word.low())) {
      return named(word, dot(tokens, i + 1));
    }
    if (word.isWord("drop")
        && i + 1 < tokens.size()
        && tokens.get(i + 1).low().matches("scones?")) {
      return Optional.empty(); // "10 drop scones"
    }
    boolean of = i + 1 < tokens.size() && tokens.get(i + 1).isWord("of");
    if (word.isWord("walnut", "nut") && of) {
      return Optional.of(new Found(Unit.WALNUT, i + 1));
    }
    if (word.isWord("walnut-sized", "walnut-size")) {
      return Optional.of(new Found(Unit.WALNUT, isPiece(tokens, i + 1) ? i + 2 : i + 1));
    }
    boolean pepper =
        of
            && (i + 2 < tokens.size() && tokens.get(i + 2).isWord("pepper")
                || i + 3 < tokens.size() && tokens.get(i + 3).isWord("pepper"));
    if (word.isWord("grind", "grinds", "grinding", "twist", "twists", "turn", "turns") && pepper) {
      return Optional.of(new Found(Unit.SMIDGEN, i + 1));
    }
    if (word.isWord("ball", "balls", "boule", "boules", "kugel", "kugeln")
        && isIce(tokens, i + 1)) {
      return Optional.of(new Found(Unit.SCOOP, i + 1));
    }
    boolean fat = of && i + 2 < tokens.size() && tokens.get(i + 2).isWord(SOLID_FATS);
    if (word.isWord("lump", "lumps", "nugget", "nuggets", "chunk", "chunks", "wodge", "hunk")
        && fat) {
      return Optional.of(new Found(Unit.KNOB, i + 1)); // of sugar it is a small one
    }
    if (word.isWord("hazelnut") && fat || word.isWord("hazelnut-sized", "hazelnut-size")) {
      return Optional.of(new Found(Unit.PAT, isPiece(tokens, i + 1) ? i + 2 : i + 1));
    }
    if (word.isWord("egg-sized", "egg-size")) {
      return Optional.of(new Found(Unit.EGG_SIZED, isPiece(tokens, i + 1) ? i + 2 : i + 1));
    }
    int next = dot(tokens, i + 1);
    if (word.isWord("fl", "fluid")
        && next < tokens.size()
        && tokens.get(next).isWord("oz", "ozs", "ounce", "ounces")) {
      return Optional.of(new Found(Unit.FLUID_OUNCE, dot(tokens, next + 1)));
    }
    boolean second =
        FIRST.contains(word.low())
            && i + 1 < tokens.size()
            && SECOND.contains(tokens.get(i + 1).low());
    boolean vessel =
        FIRST_OF.contains(word.low())
            && i + 1 < tokens.size()
            && VESSEL_OF.contains(tokens.get(i + 1).low())
            && (word.isWord("water", "juice")
                || i + 2 < tokens.size() && tokens.get(i + 2).isWord("of"));
    if (second || vessel) {
      Unit two = UNITS.get(word.low().replace("'s", "") + tokens.get(i + 1).low());
      return Optional.ofNullable(two).map(found -> new Found(found, dot(tokens, i + 2)));
    }
    boolean sized =
        i + 1 < tokens.size()
            && tokens.get(i + 1).low().startsWith("spoon")
            && SECOND.contains(tokens.get(i + 1).low());
    if (sized && word.isWord(SMALL)) {
      return Optional.of(new Found(Unit.TEASPOON, i + 2));
    }
    if (sized && word.isWord(LARGE)) {
      return Optional.of(new Found(Unit.TABLESPOON, i + 2));
    }
    boolean french =
        word.isWord("c", "cs", "cuillère", "cuillères", "cuillere", "cuilleres", "cuil")
            && next + 2 < tokens.size()
            && tokens.get(next).isWord("à", "a")
            && tokens
                .get(next + 1)
                .isWord("s", "c", "soupe", "café", "cafe", "thé", "the", "table");
    if (french) {
      boolean table = tokens.get(next + 1).isWord("s", "soupe", "table");
      Unit spoon = table ? Unit.TABLESPOON : Unit.TEASPOON;
      return Optional.of(new Found(spoon, dot(tokens, next + 2)));
    }
    boolean romance =
        word.isWord("colher", "colheres", "cucharada", "cucharadas", "cucchiaio", "cucchiai")
            && next + 1 < tokens.size()
            && tokens.get(next).isWord("de", "da", "di")
            && tokens.get(next + 1).isWord("sopa", "chá", "cha", "café", "tè", "té", "tavola");
    if (romance) {
      boolean table = tokens.get(next + 1).isWord("sopa", "tavola");
      return Optional.of(new Found(table ? Unit.TABLESPOON : Unit.TEASPOON, next + 2));
    }
    return named(word, next);
  }

  private static Optional<Found> named(Token word, int next) {
    Unit unit = UNITS.getOrDefault(word.text(), UNITS.get(word.low()));
    unit = unit == null ? MISSPELT.of(word.low()) : unit;
    return Optional.ofNullable(unit).map(found -> new Found(found, next));
  }

  /** Ice cream by the ball, and nothing else: "a ball of vanilla ice cream". */
  private static boolean isIce(List<Token> tokens, int from) {
    return tokens.subList(from, Math.min(tokens.size(), from + NEAR)).stream()
        .anyMatch(t -> t.isWord("ice", "gelato", "sorbet", "ice-cream"));
  }

  private static boolean isPiece(List<Token> tokens, int i) {
    return i < tokens.size()
        && tokens.get(i).isWord("piece", "pieces", "lump", "lumps", "knob", "knobs", "chunk");
  }

  /** The unit of a name alone. */
  public static Optional<Unit> of(String name) {
    return Optional.ofNullable(UNITS.get(name));
  }

  /** Whether a unit's name, or its last word, is a token. */
  public static boolean isUnit(List<Token> tokens, int i) {
    return at(tokens, i).isPresent() || tokens.get(i).isWord("oz", "approx", "c");
  }

  private static int dot(List<Token> tokens, int i) {
    return i < tokens.size() && tokens.get(i).isMark(".") ? i + 1 : i;
  }

  private static Map<String, Unit> units() {
    Map<String, Unit> units = new HashMap<>();
    for (Unit unit : Unit.values()) {
      for (String name : unit.names()) {
        units.put(name, unit);
        units.put(name + "s", unit);
      }
    }
    units.put("s", Unit.SECOND);
    units.put("T", Unit.TABLESPOON);
    units.put("Tb", Unit.TABLESPOON);
    units.put("t", Unit.TEASPOON);
    return units;
  }
}
