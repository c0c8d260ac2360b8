package honeststack.core.line;

import static honeststack.core.wording.Refusal.Reason.BAD_AMOUNT;

import honeststack.core.wording.RefusedException;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads how something was heated: "simmered 15 min", "off the heat", "flamed", "5 min". */
public final class HeatText {
  /** What is accepted, for a reader. */
  public static final String ACCEPTED =
      "how long it was hot, or how: 5 min, simmered 15 min, baked, off the heat, flamed, overnight";

  private static final Pattern TIME =
      Pattern.compile("([\\d.,½¼¾/ ]*[\\d½¼¾])\\s*(min|minutes?|h|hours?)\\b");
  private static final double MINUTES_PER_HOUR = 60;

  private HeatText() {}

  /** A way of heating. */
  public enum Way {
    /** Mixed with everything else and kept hot. */
    SIMMERED(""),
    /** In the oven on top, or not stirred in. */
    BAKED("\\bbaked\\b|\\boven\\b"),
    /** Into something hot that is taken away at once. */
    OFF_THE_HEAT("\\boff (?:the )?heat\\b|\\bafter cooking\\b|\\bat the end\\b"),
    FLAMED("\\bflam(?:ed|bé(?:ed)?|be(?:ed)?)\\b"),
    /** Never heated, and left to stand. */
    OVERNIGHT("\\bovernight\\b|\\bnot heated\\b");

    private final Pattern said;

    Way(String said) {
      this.said = Pattern.compile(said);
    }
  }

  /**
   * What was said.
   *
   * @param minutes empty where no time was said
   */
  public record Heat(Way way, OptionalDouble minutes) {}

  /**
   * @throws RefusedException if it says neither a time nor a way
   */
  public static Heat read(String text) {
    String said = text.strip().toLowerCase(Locale.ROOT);
    Matcher time = TIME.matcher(said);
    OptionalDouble minutes =
        time.find()
            ? OptionalDouble.of(
                NumberText.read(time.group(1).strip())
                    * (time.group(2).startsWith("h") ? MINUTES_PER_HOUR : 1))
            : OptionalDouble.empty();
    for (Way way : Way.values()) {
      if (way != Way.SIMMERED && way.said.matcher(said).find()) {
        return new Heat(way, minutes);
      }
    }
    if (minutes.isEmpty()) {
      throw new RefusedException(
          BAD_AMOUNT,
          text.strip(),
          "“" + text.strip() + "” says neither how long it was hot nor how.",
          ACCEPTED);
    }
    return new Heat(Way.SIMMERED, minutes);
  }
}
