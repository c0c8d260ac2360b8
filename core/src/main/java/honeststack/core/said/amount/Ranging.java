package honeststack.core.said.amount;

import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import honeststack.core.wording.Numbers;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;

/** Amounts that are a range by what is said behind the food: "150 g flour, up to 200 if runny". */
public final class Ranging {
  private static final int FAR = 6;

  /** A range does not go further up than so many times its lower end. */
  private static final double WIDEST = 3;

  /** Of another size or form there goes as much: "20 g fresh yeast or 7 g dry". */
  private static final String[] FORMS = {
    "large",
    "big",
    "medium",
    "small",
    "jumbo",
    "dry",
    "dried",
    "instant",
    "active",
    "fresh",
    "powdered",
    "frozen",
    "tinned",
    "canned",
    "raw",
    "cooked",
    "ground"
  };

  /** Before how much it is more or less. */
  private static final Set<String> ABOUT =
      Set.of("give or take", "plus or minus", "plus minus", "±", "+ -", "+ / -", "+-");

  /** Before what it reaches up to. */
  private static final Set<String> UP =
      Set.of(
          "to",
          "up to",
          "or",
          "maybe",
          "perhaps",
          "possibly",
          "or maybe",
          "or perhaps",
          "or even",
          "or up to",
          "maybe even",
          "and up to",
          "at most",
          "even",
          "max",
          "or at most",
          "sometimes",
          "or sometimes");

  private static final Sought HALF =
      Sought.of("and (?:an? )?(half|quarter|third)(?= ?[,.;!)]|$| and| of?$)");

  private static final Map<String, Double> HALVES =
      Map.of("half", 0.5, "quarter", 0.25, "third", 1.0 / 3);

  private final Clause clause;

  private Ranging(Clause clause) {
    this.clause = clause;
  }

  public static void in(Clause clause) {
    Ranging ranging = new Ranging(clause);
    for (Mention mention : List.copyOf(clause.mentions)) {
      if (isSingle(mention)) {
        ranging.half(mention);
        ranging.behind(mention, Math.max(mention.to, clause.elements.indexOf(mention.amount) + 1));
      }
    }
  }

  /** "1 cup flour and a half": of the unit before it. */
  private void half(Mention mention) {
    Matcher half = HALF.matcher(clause.words(mention.to, mention.to + 3));
    int to = mention.to;
    while (half.lookingAt() && clause.words(mention.to, to).length() < half.end()) {
      to++;
    }
    if (to > mention.to && !clause.isFood(to) && !clause.isWord(to, "of", "the")) {
      Measure one = mention.amount.measure();
      double more = HALVES.get(half.group(1));
      String what = one.unit() == Unit.COUNT ? one.size() : one.unit().symbol();
      mention.amountText = (Numbers.plain(one.amount() + more) + " " + what).strip();
      mention.restated = true;
      clause.elements.subList(mention.to, to).forEach(element -> element.part = Part.AMOUNT);
    }
  }

  /** Whether brackets behind a food say how far its amount may go: "2 (or 3) eggs". */
  public static boolean inBrackets(Mention mention, Clause inner) {
    if (isSingle(mention) && inner.isAmount(0) && MADE_LARGER.isIn(inner.words(1, inner.size()))) {
      inner.mentions.clear();
      inner.elements.forEach(element -> element.part = Part.NOTE); // "(4 if doubling)"
      return true;
    }
    boolean ranged = isSingle(mention) && new Ranging(inner).behind(mention, 0);
    if (ranged) {
      inner.mentions.clear();
    }
    return ranged;
  }

  private static final Sought MADE_LARGER =
      Sought.of(
          "\\b(?:if|when|for)\\b.*\\b(?:doubl|tripl|twice|three times|(?:big|large|double)\\w* batch|crowd)");

  private static boolean isSingle(Mention mention) {
    return mention.amount != null
        && mention.isMeasured()
        && !mention.restated
        && mention.amount.amount.orElseThrow().terms().size() == 1
        && mention.amount.measure().halfRange() == 0;
  }

  /** Whether a range follows, which counts from now on. */
  private boolean behind(Mention mention, int from) {
    int at = clause.isMark(from, ",") ? from + 1 : from;
    StringBuilder said = new StringBuilder();
    while (at < clause.size() && at < from + FAR && !isAmount(at)) {
      said.append(said.length() == 0 ? "" : " ").append(clause.low(at));
      at++;
    }
    if (!isAmount(at) || clause.ahead(at + 1, 2, Element::isFood) > 0) {
      return false;
    }
    Measure first = mention.amount.measure();
    Measure second = clause.get(at).measure();
    boolean same = second.unit() == first.unit() || second.unit() == Unit.COUNT;
    if (!same || second.halfRange() > 0 || !second.size().isEmpty()) {
      return false;
    }
    double one = first.amount();
    double other = second.amount();
    double high = Math.max(one, other);
    double low = Math.min(one, other);
    String cue = said.toString();
    boolean up = UP.contains(cue) || cue.isEmpty() && clause.isWord(at + 1, "if", "when");
    boolean sized = cue.equals("or") && clause.isWord(at + 1, FORMS);
    if (sized) {
      clause.elements.subList(from, at + 2).forEach(element -> element.part = Part.NOTE);
      return true; // "2 small eggs or 1 large": as much
    }
    if (ABOUT.contains(cue) && other < one) {
      restate(mention, one - other, one + other);
    } else if (up && high > low && high <= WIDEST * low && (other > one || !cue.endsWith("to"))) {
      restate(mention, low, high);
    } else {
      return false;
    }
    clause.elements.subList(from, at + 1).forEach(element -> element.part = Part.NOTE);
    return true;
  }

  /** A number of which nothing was made yet. */
  private boolean isAmount(int i) {
    return clause.has(i)
        && clause.get(i).isAmount()
        && !clause.get(i).isWeak()
        && (clause.get(i).isFree() || clause.get(i).part == Part.UNKNOWN);
  }

  private static void restate(Mention mention, double low, double high) {
    Measure measure = mention.amount.measure();
    boolean count = measure.unit() == Unit.COUNT;
    String what = count ? measure.size() : measure.unit().symbol();
    mention.amountText = (Numbers.plain(low) + "–" + Numbers.plain(high) + " " + what).strip();
    mention.restated = true;
  }
}
