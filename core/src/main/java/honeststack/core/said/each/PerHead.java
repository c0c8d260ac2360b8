package honeststack.core.said.each;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Eaters;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.BareCounts;
import honeststack.core.said.yield.Company;
import honeststack.core.said.yield.Divided;
import java.util.Optional;

/**
 * How many pieces each eater gets: "serves 4, 3 each", "12 pancakes, 3 a head", "4 portions of 3".
 * With how many are served it says how many come out, and the other way round.
 */
public final class PerHead {
  private static final int FAR = 3;

  /** No shorter word is what is counted: "39p each". */
  private static final int SHORT = 3;

  /** So many elements on either side say what a number is. */
  private static final int NEAR = 8;

  /** Behind the number and what it counts. */
  private static final Sought BEHIND =
      Sought.of(
          "(?:each|apiece|a piece|pp|(?:is|are|make|makes|to|=) (?:a|one|1) "
              + Eaters.ONE
              + "|per "
              + Eaters.ONE
              + "|an? "
              + Eaters.ONE
              + "|(?:to|for|on) (?:a|an|each|every|one) "
              + Eaters.ONE
              + "|for each of (?:us|them|the \\S+ (?:of us|people|kids|guests|children)))(?: for\\b.*| [,.;:!)].*)?");

  /** Whoever it is, behind the pieces: "4 cakes per scout", "3 waffles a rider". */
  private static final Sought ANYBODY =
      Sought.of(
          "(?:per|an?|for (?:a|each|every)|to (?:a|each|every)) (?!(?:batch|pan|panful|round|minute"
              + "|hour|iron|side|cup|lit(?:re|er)|pack|packet|tray|go|recipe|time|day|week|month"
              + "|morning|evening|egg|bowl|mix|kilo|pound|pint|quart|tin|layer|ladle|turn|load|bit"
              + "|few|little|lot|dozen|griddle|good|nice|shop|stall|hundred)\\b)[a-z]{3,}(?: [,.;:!)].*)?");

  /** Right before the number. */
  private static final Sought BEFORE =
      Sought.of(
          ".*\\b(?:(?:serving|portion) size ?:?|(?:a|one|1|each|every) "
              + Eaters.ONE
              + " (?:is|gets|has|eats|means|makes|=)|per "
              + Eaters.ONE
              + " ?:?|(?:per|a|one|each|the) (?:serving|portion) of|(?:every|each )(?:one|body) (?:gets|has))(?: about| around)? ");

  private static final Sought SHARES =
      Sought.of("portions?|servings?|helpings?|plates?|stacks?|people|guests|friends|kids");

  private final Clause clause;

  private PerHead(Clause clause) {
    this.clause = clause;
  }

  public static void in(Clause clause) {
    Divided.in(clause);
    Company.in(clause);
    PerHead perHead = new PerHead(clause);
    for (int i = 0; i < clause.size(); i++) {
      boolean one = // "one waffle each"
          clause.isWord(i, "one") && clause.get(i).isAmount() && clause.is(i + 1, Sort.PIECES);
      boolean strong = (one || clause.isStrong(i)) && clause.get(i).isFree();
      if (strong && (clause.get(i).isCount() || isCakes(clause.get(i)))) {
        perHead.read(i);
      }
    }
  }

  private static boolean isCakes(Element number) {
    return number.measure().size().equals("cake");
  }

  private void read(int i) {
    int behind = behindNoun(i);
    if (behind < 0 || clause.isFood(i - 1)) { // "eggs 1 each"
      return;
    }
    boolean each =
        BEHIND.isAll(clause.words(behind, behind + NEAR))
            || (behind > i + 1 || isCakes(clause.get(i)))
                && ANYBODY.isAll(clause.words(behind, behind + NEAR))
            || (isEnd(behind) || clause.isWord(behind, "with", "plus", "and"))
                && (BEFORE.isAll(clause.words(i - NEAR, i) + " ")
                    || OnePortion.isOfEach(clause, i));
    if (each) {
      take(i, behind);
    } else if (isOfShares(i) && isEnd(behind)) {
      int shares = i - 3;
      clause.counts.serves = Optional.of(BareCounts.range(clause.get(shares)));
      clause.get(shares).part = Part.SERVES;
      take(i, behind);
    }
  }

  /** "1 portion = 2 pancakes": what stands behind the noun says what one is. */
  public static boolean isShare(Clause clause, int noun) {
    boolean is = clause.isWord(noun + 1, "is", "are", "means") || clause.isMark(noun + 1, "=");
    return is && clause.isAmount(noun + 2);
  }

  private void take(int i, int behind) {
    clause.counts.each = Optional.of(BareCounts.range(clause.get(i)));
    clause.counts.eachNumber = clause.get(i);
    clause.get(i).part = Part.YIELD;
    for (int j = behind; clause.has(j) && clause.get(j).isAmount() && !clause.isStrong(j); j++) {
      clause.get(j).part = Part.NOTE; // "a head"
    }
    if (clause.has(behind) && clause.low(behind).equals("a head")) {
      clause.get(behind).part = Part.NOTE;
    }
  }

  /** "4 portions of 3 pancakes", "6 guests at 2 each". */
  private boolean isOfShares(int i) {
    return (clause.isWord(i - 1, "of", "at", "with") || clause.isMark(i - 1, "@"))
        && clause.has(i - 2)
        && SHARES.isAll(clause.low(i - 2))
        && clause.isStrong(i - 3)
        && clause.get(i - 3).isCount();
  }

  /** Behind what the number counts, or behind it; -1 where that is no piece. */
  private int behindNoun(int i) {
    int at = i + 1;
    for (int words = 0; clause.has(at) && words < FAR; at++, words++) {
      if (clause.is(at, Sort.PIECES)) {
        return at + 1;
      }
      if (clause.get(at).kind != Element.Kind.WORD || clause.isFood(at)) {
        break;
      }
    }
    boolean any =
        clause.has(i + 1)
            && clause.get(i + 1).kind == Element.Kind.WORD
            && clause.low(i + 1).length() > SHORT;
    if (any && clause.isWord(i + 2, "each", "apiece")) {
      return i + 2; // "4 hearts each"
    }
    return clause.isFood(i + 1) ? -1 : i + 1;
  }

  private boolean isEnd(int i) {
    return BareCounts.isEnd(clause, i);
  }
}
