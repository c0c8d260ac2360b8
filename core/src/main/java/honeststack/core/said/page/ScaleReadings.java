package honeststack.core.said.page;

import honeststack.core.said.words.Sought;
import honeststack.core.wording.Numbers;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a scale shows of a vessel and all that is in it so far, one reading behind the other: "bowl
 * 412 g empty, 612 with flour, 912 with the milk". Written as what was put in: "200 g flour, 300 g
 * milk".
 */
final class ScaleReadings {
  private static final String VESSEL =
      "(?:bowl|jug|dish|container|basin|tub|mixing bowl|pan|beaker|jar)";

  private static final String GRAMS =
      "(\\d{2,5})(?: ?(?:g|gr|grams)\\b)?(?![\\d.,]*\\d| ?(?:ml|cl|l|kg|oz|cups?)\\b)";

  /** The vessel alone, or nothing on the scale. */
  private static final Sought EMPTY =
      Sought.of(
          "\\b(?:(?:empty |the |my |a )*"
              + VESSEL
              + "(?: (?:on (?:the )?scales?|alone|empty|by itself|weighs|weighed|is|was))* ?[:,=]? ?(?<a>"
              + GRAMS
              + ")(?: (?:empty|alone|by itself))?|(?<b>"
              + GRAMS
              + ") (?:empty|(?:for |of )?(?:the |my )?(?:empty )?"
              + VESSEL
              + ")|(?<zero>zero(?:ed)?|tared?)(?: (?:the |my )?(?:scales?|bowl))?)(?= ?[,.;\\n])",
          Pattern.CASE_INSENSITIVE);

  private static final String FOOD =
      "((?!with\\b|after\\b|once\\b|then\\b|and\\b)[a-z][a-z-]{2,14}(?: (?!too\\b|till\\b|until\\b)[a-z][a-z-]{2,14})?)";

  private static final String THE = "(?:(?:the|my|all the|adding) )?";

  private static final String JOIN =
      "^(?:[ ,.;\\n+]|then\\b|and\\b|on the scales?\\b|scales?\\b|says?\\b|said\\b){1,8}";

  private static final Pattern NUMBER_FIRST =
      Pattern.compile(
          JOIN
              + GRAMS
              + " (?:with|after|once) "
              + THE
              + FOOD
              + "(?: (?:was|is|went|were|had gone|goes) in\\b| in\\b)?(?= ?[,.;\\n]| and\\b| then\\b|$)",
          Pattern.CASE_INSENSITIVE);

  private static final Pattern FOOD_FIRST =
      Pattern.compile(
          JOIN
              + "(?<with>(?:with |after |plus )?"
              + THE
              + ")"
              + FOOD
              + "(?: too| as well| in| added| (?:up )?to| till| until| (?:was|is) in| takes it to| makes it)* ?[:,=]? ?"
              + GRAMS
              + "(?= ?[,.;\\n]| and\\b| then\\b|$)",
          Pattern.CASE_INSENSITIVE);

  /** Without it the scale may have been zeroed again. */
  private static final Sought UP_TO =
      Sought.of("\\b(?:to|till|until)\\b", Pattern.CASE_INSENSITIVE);

  private static final int LONGEST = 5000;

  private static final int FEWEST = 2;

  private final String text;
  private final StringBuilder plain;

  private ScaleReadings(String text) {
    this.text = text;
    this.plain = new StringBuilder(text);
  }

  /** Every other letter stays where it was. */
  static String plain(String text) {
    String low = text.toLowerCase(Locale.ROOT);
    boolean may = low.contains("empty") || low.contains("bowl") || low.contains("zero");
    may |= low.contains("jug") || low.contains("tare") || low.contains("basin");
    if (!may || text.length() > LONGEST || !EMPTY.isIn(text)) {
      return text;
    }
    ScaleReadings readings = new ScaleReadings(text);
    Matcher empty = EMPTY.matcher(text);
    for (int from = 0; empty.find(from); ) {
      from = Math.max(readings.read(empty), empty.end());
    }
    return readings.plain.toString();
  }

  /** Behind the last reading. */
  private int read(Matcher empty) {
    boolean zero = empty.group("zero") != null;
    String group = empty.group("a") != null ? "a" : "b";
    double last = zero ? 0 : number(empty.group(group));
    String before = plain.toString();
    int at = empty.end();
    int count = 0;
    while (at < text.length()) {
      Matcher first = NUMBER_FIRST.matcher(text).region(at, text.length());
      Matcher food = FOOD_FIRST.matcher(text).region(at, text.length());
      Matcher said = first.lookingAt() ? first : food.lookingAt() ? food : null;
      double all = said == null ? 0 : number(said.group(said == first ? 1 : 3));
      boolean own = zero && said == food && !UP_TO.matcher(said.group()).find();
      if (said == null || own || all <= last) {
        break;
      }
      write(said, said == first, all - last);
      last = all;
      at = said.end();
      count++;
    }
    if (count < FEWEST) {
      plain.replace(0, plain.length(), before);
      return empty.end();
    }
    if (!zero) {
      blank(empty.start(group), empty.end(group));
    }
    return at;
  }

  private static double number(String digits) {
    return Double.parseDouble(digits.replaceAll("\\D.*", ""));
  }

  /** As much as was put in, where the reading stood. */
  private void write(Matcher said, boolean first, double grams) {
    if (!first) {
      blank(said.start("with"), said.end("with"));
    }
    int from = said.start(first ? 1 : 2);
    int room = said.end() - from;
    String food = said.group(2);
    String amount = Numbers.plain(grams);
    String written = first ? amount + " g " + food : food + " " + amount + " g";
    if (written.length() > room) {
      written = first ? amount + " " + food : food + " " + amount;
    }
    if (written.length() <= room) {
      blank(from, said.end());
      plain.replace(from, from + written.length(), written);
    }
  }

  private void blank(int from, int to) {
    for (int i = from; i < to; i++) {
      plain.setCharAt(i, ' ');
    }
  }
}
