package honeststack.app.kept;

import honeststack.core.estimate.Identity;
import honeststack.core.estimate.Identity.Aspect;
import honeststack.core.estimate.Identity.Calibration;
import honeststack.core.estimate.Identity.Field;
import honeststack.core.estimate.Identity.HouseholdWeight;
import honeststack.core.estimate.Identity.Line;
import honeststack.core.estimate.Identity.OwnWeight;
import honeststack.core.estimate.Identity.Part;
import honeststack.core.estimate.Identity.Pieces;
import honeststack.core.estimate.Identity.Use;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Sources as they were pinned before readings were kept whole: by a key of text. */
final class OldPins {
  private static final Pattern PREPARATION = Pattern.compile("preparation:([^:]+):use:(.+)");
  private static final Pattern PARTS =
      Pattern.compile(
          "(.*?)(?::adjusted:(\\d+))?(?::(\\d+))?(?::(range|drained|strained|left|beside))?");
  private static final Map<String, Field> FIELDS =
      Map.of(
          "griddle.left", Field.BATTER_LEFT,
          "griddle.panFatLeft", Field.PAN_FAT_LEFT,
          "finish.weight", Field.FINISHED_WEIGHT,
          "finish.cupWeighs", Field.CUP_WEIGHS);

  private final Set<String> lines;

  /**
   * @param lines identities of the version's own lines; they may hold colons
   */
  OldPins(Set<String> lines) {
    this.lines = lines;
  }

  /**
   * What a key meant.
   *
   * @throws IllegalArgumentException if no key looked like this
   */
  Identity identity(String key) {
    Matcher prepared = PREPARATION.matcher(key);
    if (prepared.matches()) {
      return use(prepared.group(1), prepared.group(2));
    }
    if (key.startsWith("use:")) {
      return key.equals("use:griddle:pieces") && !lines.contains("griddle:pieces")
          ? new Pieces()
          : use("", key.substring("use:".length()));
    }
    String[] parts = key.split(":");
    return switch (parts[0]) {
      case "scale" -> Calibration.SCALE;
      case "measure" -> new HouseholdWeight(parts[1], parts[2].toUpperCase(Locale.ROOT));
      case "own" -> new OwnWeight(parts[1], parts[2], parts[3]);
      default -> throw new IllegalArgumentException("No source was ever called “" + key + "”");
    };
  }

  private Use use(String batch, String rest) {
    if (FIELDS.containsKey(rest)) {
      return new Use(batch, FIELDS.get(rest), Part.WHOLE);
    }
    for (String line : lines) {
      if (rest.equals(line)) {
        return new Use(batch, new Line(line), Part.WHOLE);
      }
    }
    Matcher parts = PARTS.matcher(rest);
    if (!parts.matches()) {
      throw new IllegalArgumentException("No use was ever called “" + rest + "”");
    }
    int adjustment = parts.group(2) == null ? -1 : Integer.parseInt(parts.group(2));
    int term = parts.group(3) == null ? 0 : Integer.parseInt(parts.group(3));
    return new Use(
        batch, new Line(parts.group(1)), new Part(adjustment, term, aspect(parts.group(4))));
  }

  private static Aspect aspect(String word) {
    if (word == null || word.equals("beside")) {
      return Aspect.AMOUNT;
    }
    return Aspect.valueOf(word.toUpperCase(Locale.ROOT));
  }
}
