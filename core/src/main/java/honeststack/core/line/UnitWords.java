package honeststack.core.line;

import static java.util.Map.entry;

import honeststack.core.measure.Unit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What cooks call their units, on either side of the ocean. */
final class UnitWords {
  private static final Map<String, Unit> UNITS = units();

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

  private UnitWords() {}

  /**
   * @param next place of the first token after it
   */
  record Found(Unit unit, int next) {}

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
