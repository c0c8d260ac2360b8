package honeststack.core.said.amount;

import honeststack.core.food.Role;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import honeststack.core.wording.Numbers;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a scale shows of all that is in the bowl so far: "250 g milk, then flour till it says 450",
 * "flour to 200, milk to 500 on the scale". What was put in last is what the others leave of it.
 */
public final class OneBowl {
  /** A bare number from here on is grams, or as many millilitres. */
  private static final double LEAST = 10;

  private static final String PUT_IN =
      "(?:(?:in|on|on top|in the bowl|goes in|to it|too|as well|,) )*";

  private static final String SHOWS =
      "(?:(?:it|that|the scales?|the display|scales?|it all|the total|you|i)(?:'s|'m)? )?"
          + "(?:(?:says?|said|reads?|shows?|showed|hits|gets to|is|was|comes to|came to|reach(?:es)?|sees?|have|at) )*";

  /** No food of its own stands behind the number. */
  private static final String END = "(?! ?(?:of )?@)";

  private static final List<Sought> SAID =
      List.of(
          Sought.of("(?<food>@ )" + PUT_IN + "(?:till?|until) " + SHOWS + "(?<all># )" + END),
          Sought.of(
              "(?<food>@ )" + PUT_IN + "brings (?:it|that|the lot) (?:up )?to (?<all># )" + END),
          Sought.of("(?<food>@ )(?:: )?(?:the )?scales? (?:at|reads|says|shows) (?<all># )" + END));

  /** They say the weight of all only in a text about scales. */
  private static final List<Sought> MEANT =
      List.of(
          Sought.of("(?<!@ )(?<all># )(?:after|with) (?:adding )?the (?<food>@ )"),
          Sought.of(
              "\\bafter (?:adding )?(?:the )?(?<food>@ )" + PUT_IN + SHOWS + "(?<all># )" + END),
          Sought.of("\\bwith (?:the )?(?<food>@ )" + PUT_IN + SHOWS + "(?<all># )" + END),
          Sought.of("(?<food>@ )in : (?<all># )" + END),
          Sought.of("(?<food>@ )" + PUT_IN + "(?:up )?to (?<all># )" + END));

  /** Weighed in one bowl it is, the text says. */
  private static final Sought SCALES =
      Sought.of(
          "\\bscales?\\b|\\btar(?:e|ed|ing)\\b|\\bdisplay\\b|\\bone bowl\\b|\\bempty (?:bowl|jug|pan)\\b|^(?:the |my )?bowl \\d"
              + "|\\bit (?:says|said|reads|shows|showed)\\b",
          Pattern.CASE_INSENSITIVE);

  /** All numbers are what the scale shows. */
  private static final Sought RUNNING =
      Sought.of(
          "\\b(?:without|no|don't|do not|not|never|didn't) (?:\\w+ )?(?:re)?tar(?:e|ing)\\b|\\bscale readings?\\b"
              + "|\\brunning total|\\bcumulative",
          Pattern.CASE_INSENSITIVE);

  /** The vessel by itself. */
  private static final Sought EMPTY =
      Sought.of(
          "^(?:the |my )?(?:empty )?(?:bowl|jug|dish|pan|container|basin|tub) (?:(?:weighs|is|was|alone|empty|:|,) )*"
              + "(?<tare>\\d{2,4})(?: ?g)?(?= [,;.]|$| with\\b| and\\b)");

  private OneBowl() {}

  /** Whether a text tells of scales. */
  public static boolean isOnScales(String text) {
    return SCALES.isIn(text) || RUNNING.isIn(text);
  }

  /**
   * Finds what a scale shows, and behind which food it does.
   *
   * @param onScales the text tells of scales
   */
  public static void in(Clause clause, boolean onScales) {
    Optional<Shape> shape = clause.hasFood() ? Shape.of(clause, 1) : Optional.empty();
    if (shape.isPresent()) {
      List<Shape.Found> all = new ArrayList<>();
      SAID.forEach(form -> all.addAll(shape.get().each(form)));
      if (onScales) {
        MEANT.forEach(form -> all.addAll(shape.get().each(form)));
      }
      all.forEach(found -> mark(clause, found));
    }
  }

  private static void mark(Clause clause, Shape.Found found) {
    int food = found.at("food");
    Element all = clause.get(found.at("all"));
    boolean weighed = all.measure().unit().kind() == Unit.Kind.MASS || isBare(all.measure());
    if (weighed && !all.reading && all.instead == null) {
      found.take(Part.NOTE, food, found.at("all"));
      all.corrects = found.at("all") > food;
      all.reading = true;
    }
  }

  private static boolean isBare(Measure measure) {
    return measure.unit() == Unit.COUNT && measure.amount() >= LEAST;
  }

  /** Has each count what was put in by itself. */
  public static void find(String text, List<Clause> read) {
    boolean running = isRunning(text, read);
    boolean some =
        read.stream().anyMatch(c -> c.elements.stream().anyMatch(element -> element.reading));
    if (!some && !running) {
      return;
    }
    double all = 0;
    for (Clause clause : read) {
      Matcher empty = EMPTY.matcher(clause.words(0, clause.size()));
      all = empty.find() ? Double.parseDouble(empty.group("tare")) : all;
      for (Mention mention : clause.mentions) {
        if (mention.amount == null || !mention.isMeasured()) {
          continue;
        }
        boolean reading = mention.amount.reading || running && isWeighed(mention);
        double grams = reading ? Scaled.fine(mention.amount.measure()) : grams(mention);
        if (reading) {
          put(mention, grams - all);
          all = grams;
        } else {
          all += grams;
        }
      }
    }
  }

  /** "without taring: flour 200, milk 500, sugar 530": each more than the one before. */
  private static boolean isRunning(String text, List<Clause> read) {
    if (!RUNNING.isIn(text)) {
      return false;
    }
    List<Double> weighed =
        read.stream()
            .flatMap(clause -> clause.mentions.stream())
            .filter(OneBowl::isWeighed)
            .map(mention -> Scaled.fine(mention.amount.measure()))
            .toList();
    boolean more = weighed.size() > 1;
    for (int i = 1; i < weighed.size(); i++) {
      more &= weighed.get(i) > weighed.get(i - 1);
    }
    return more;
  }

  private static boolean isWeighed(Mention mention) {
    return mention.amount != null
        && mention.isMeasured()
        && mention.role() != Role.EGG
        && !Double.isInfinite(grams(mention));
  }

  private static void put(Mention mention, double left) {
    if (left > 0 && !Double.isInfinite(left)) {
      mention.amountText = Numbers.plain(left) + " g";
      mention.restated = true;
    } else {
      mention.amountText = "";
      mention.amount.part = Part.UNKNOWN;
    }
  }

  /** Infinite for what no scale shows. */
  private static double grams(Mention mention) {
    Measure measure = Scaled.single(mention.amountText).orElse(mention.amount.measure());
    if (measure.unit() == Unit.COUNT) {
      boolean egg = mention.role() == Role.EGG;
      return egg
          ? ToppedUp.EGG * measure.amount()
          : isBare(measure) ? measure.amount() : Double.POSITIVE_INFINITY;
    }
    boolean gram = measure.unit().kind() == Unit.Kind.MASS || measure.unit() == Unit.MILLILITRE;
    return gram ? Scaled.fine(measure) : Double.POSITIVE_INFINITY;
  }
}
