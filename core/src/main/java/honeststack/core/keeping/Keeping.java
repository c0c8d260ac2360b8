package honeststack.core.keeping;

import honeststack.core.wording.Say;
import java.util.List;

/**
 * How long what was made keeps, by the stricter of the rules that apply. Local codes go before all
 * of it.
 *
 * @param days from the day on which it was made
 * @param words what the rule says, with where it stands
 */
public record Keeping(int days, String words) {

  /** What it is. */
  public enum Form {
    PIECES,
    BATTER
  }

  /** Where it is kept. */
  public enum Place {
    /** At 5 °C or colder. */
    FRIDGE,
    /** At −18 °C or colder. */
    FREEZER
  }

  private record Rule(int days, String words) {}

  /** Ready-to-eat food that needs the cold, at 5 °C: the day of making is day 1. */
  private static final Rule FOOD_CODE =
      new Rule(6, "FDA Food Code 3-501.17: seven days at 5 °C, the day of making counted");

  private static final Rule COOKED_COLD =
      new Rule(3, "cautious home guidance: cooked leftovers three to four days (from memory)");
  private static final Rule COOKED_FROZEN =
      new Rule(60, "for taste, one to two months at −18 °C (from memory); safe for longer");
  private static final Rule RAW_EGG =
      new Rule(
          1, "cautious school: a batter with raw egg is used by the next day (common practice)");
  private static final Rule RAW_FLOUR =
      new Rule(2, "a batter without egg is used within two days (common practice)");
  private static final Rule BATTER_FROZEN =
      new Rule(30, "a batter keeps about a month frozen; its leavening does not (common practice)");

  /**
   * @param rawEgg whether there is egg in it that was not cooked
   */
  public static Keeping of(Form form, Place place, boolean rawEgg) {
    List<Rule> rules =
        switch (form) {
          case PIECES ->
              place == Place.FRIDGE ? List.of(FOOD_CODE, COOKED_COLD) : List.of(COOKED_FROZEN);
          case BATTER ->
              place == Place.FREEZER
                  ? List.of(BATTER_FROZEN)
                  : rawEgg ? List.of(FOOD_CODE, RAW_EGG) : List.of(FOOD_CODE, RAW_FLOUR);
        };
    Rule strictest = rules.get(0);
    for (Rule rule : rules) {
      if (rule.days < strictest.days) {
        strictest = rule;
      }
    }
    return new Keeping(strictest.days, strictest.words);
  }

  /** A caution about how long finished pieces wait. */
  public static String waiting(double minutes, boolean waffles) {
    double crisp = waffles ? 20 : 30;
    String good =
        minutes <= crisp
            ? Say.of("The first piece waits %.0f minutes: well, at about 93 °C.", minutes)
            : Say.of(
                "The first piece waits %.0f minutes; %s stay good for about %.0f at about 93 °C,"
                    + " uncovered on a rack (common practice).",
                minutes, waffles ? "waffles" : "pancakes", crisp);
    return minutes > HOLD_MINUTES
        ? good + " Held for hours, they are kept at 57 °C or hotter (FDA Food Code 3-501.16)."
        : good;
  }

  private static final double HOLD_MINUTES = 120;
}
