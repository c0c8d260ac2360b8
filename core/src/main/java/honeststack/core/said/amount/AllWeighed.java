package honeststack.core.said.amount;

import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;

/** What pieces weigh together once they are ready: "3 bananas (peeled weight 300 g)". */
public final class AllWeighed {
  private static final int FAR = 6;

  private static final String DONE =
      "(?:peel|cor|trimm|prepar|mash|chopp|grat|slic|dic|drain|shell|skinn|ston|pitt|cook|squeez|stew|combin)";

  /** They are no pieces any more: what is weighed then is all of them. */
  private static final String NO_PIECES =
      "(?:(?:peeled|cored|boiled|cooked|roasted|steamed|baked|stewed|finely|coarsely|well|then|and|,) )*"
          + "(?:mashed|grated|pur[ée]ed|shredded|crushed|blended|blitzed)(?: and (?:squeezed|drained|cooled))?";

  private static final Sought GROUND = Sought.of("^,? ?" + NO_PIECES + "$");

  /** Between the pieces and what they weigh. */
  private static final Sought CUE =
      Sought.of(
          "(?:the |a |their )?(?:(?:total|net|edible|raw|whole|"
              + DONE
              + "ed) )*weight(?: of| is| was| about)?|all in all|edible (?:part|portion)|"
              + NO_PIECES
              + "|(?:(?:they|it|that|which|these|all) )?(?:came|come|comes|coming|weigh|weighs|weighed"
              + "|weighing|work(?:ed)? out|amount(?:ed|s)?|add(?:ed|s)? up)(?: in| up)?(?: to| at)?(?: about)?"
              + "|(?:(?:they|it|that|which|these) )?(?:gives?|gave|giving|yields?|yielded|makes?|made)"
              + "(?: me| us| you)?(?: about)?"
              + "|(?:after|when|once) "
              + DONE
              + "(?:ing|ed)(?: they weigh(?:ed)?)?");

  private static final Sought TAIL =
      Sought.of("(?:(?:of )?(?:the )?(?:flesh|mash|pulp|puree|purée|fruit|meat))? ?[.!]?");

  private static final Sought LEFT =
      Sought.of(
          "^(?:what(?: is|'s| was)? (?:left|remains)|leaving|leaves|to leave|(?:un)?till? (?:you|i|we)(?: have|'ve| get)"
              + "|to (?:give|get|make)|(?:you|i|we) (?:want|need|should have|end up with))\\b");

  private AllWeighed() {}

  /** Whether brackets say so. */
  public static boolean inBrackets(Mention pieces, Clause inner) {
    int weight = weight(inner, 0);
    boolean told =
        isPieces(pieces.amount)
            && pieces.food != null
            && (weight > 0 && CUE.isAll(words(inner, 0, weight))
                || weight == 0 && GROUND.isAll(pieces.notes))
            && TAIL.isAll(inner.words(weight + 1, inner.size()));
    if (told) {
      pieces.amountText = inner.get(weight).text();
      pieces.restated = true;
      inner.elements.forEach(element -> element.part = Part.NOTE);
      inner.counts.clear();
      inner.mentions.clear();
    }
    return told;
  }

  /** "2 courgettes; after squeezing 180 g": behind the food. */
  public static boolean isBetween(Clause clause, int food, int weight) {
    int from = clause.isMark(food + 1, ";", ",", "–", "-", ":") ? food + 2 : food + 1;
    boolean each = clause.is(weight + 1, Sort.EACH, Sort.PER);
    return !each
        && weight > from
        && weight(clause, from) == weight
        && CUE.isAll(words(clause, from, weight));
  }

  /** "2 courgettes. After squeezing 180 g.": in a sentence of its own. */
  public static void goOn(Mention pieces, Clause clause) {
    int weight = clause.mentions.isEmpty() ? weight(clause, 0) : -1;
    boolean told =
        weight > 0
            && pieces.food != null
            && isPieces(pieces.amount)
            && CUE.isAll(words(clause, 0, weight))
            && TAIL.isAll(words(clause, weight + 1, clause.size()));
    if (told) {
      pieces.amountText = clause.get(weight).text();
      pieces.restated = true;
      pieces.amount.part = Part.NOTE;
      clause.elements.forEach(element -> element.part = Part.NOTE);
      clause.loose.clear();
    }
  }

  /** "3 bananas, weighing in at 300 g", "3 bananas that came to 300 g". */
  public static void in(Clause clause) {
    for (int i = 1; i + 2 < clause.size(); i++) {
      if (!clause.isFood(i) || !clause.isAmount(i - 1) || !isPieces(clause.get(i - 1))) {
        continue;
      }
      boolean that = clause.low(i + 1).startsWith("that") || clause.low(i + 1).startsWith("which");
      if (that || clause.isMark(i + 1, ",", ":", "–", "-") || isLeft(clause, i)) {
        told(clause, i);
      }
    }
  }

  private static void told(Clause clause, int food) {
    int from = clause.low(food + 1).contains(" ") ? food + 1 : food + 2; // "that came to"
    int weight = weight(clause, isLeft(clause, food) ? left(clause, food) : from);
    int end = weight + 1;
    while (weight > 0 && clause.has(end) && !isClosed(clause, end)) {
      end++;
    }
    boolean flesh = weight > 0 && end > weight + 1;
    boolean told =
        weight > 0
            && (CUE.isAll(words(clause, from, weight))
                || isLeft(clause, food)
                || flesh && weight == food + 2)
            && TAIL.isAll(clause.words(weight + 1, end));
    if (told) {
      clause.get(food - 1).part = Part.NOTE;
      clause.take(food + 1, weight, Part.NOTE);
      clause.take(weight + 1, end, Part.NOTE);
      clause.get(weight).corrects = true;
    }
  }

  /** "two courgettes, squeeze them hard, and what is left weighs 250 g". */
  private static boolean isLeft(Clause clause, int food) {
    return left(clause, food) > 0;
  }

  private static int left(Clause clause, int food) {
    for (int i = food + 1; i < food + 2 * FAR && clause.has(i) && !clause.isFood(i); i++) {
      if (clause.isStrong(i)) {
        return -1;
      }
      boolean left = LEFT.isIn(clause.words(i, Math.min(clause.size(), i + 3)));
      if (left && weight(clause, i + 1) > 0) {
        return i + 1;
      }
    }
    return -1;
  }

  private static boolean isClosed(Clause clause, int i) {
    return clause.get(i).kind == Element.Kind.MARK || clause.isWord(i, "and", "with", "then");
  }

  private static String words(Clause clause, int from, int to) {
    int end = clause.isMark(to - 1, ",", ":", "–", "-") ? to - 1 : to;
    return clause.words(from, end);
  }

  /** The next amount, if it is a weight; -1 if not. */
  private static int weight(Clause clause, int from) {
    for (int i = from; i < from + FAR && clause.has(i); i++) {
      Element element = clause.get(i);
      if (element.isAmount() && !element.isWeak()) {
        return element.measure().unit().kind() == Unit.Kind.MASS ? i : -1;
      }
    }
    return -1;
  }

  private static boolean isPieces(Element amount) {
    return amount != null
        && !amount.isWeak()
        && amount.isCount()
        && amount.measure().size().isEmpty();
  }
}
