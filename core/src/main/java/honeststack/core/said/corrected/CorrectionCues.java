package honeststack.core.said.corrected;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.words.Sort;

/** By which words, and in which places, a speaker takes back what was said: see Corrections. */
final class CorrectionCues {
  private CorrectionCues() {}

  static boolean isCue(Clause clause, int i) {
    return clause.is(i, Sort.CORRECT) && clause.get(i).isFree() && !isHesitation(clause, i);
  }

  /** "and uh a teaspoon", "300 g flour uh 2 eggs" only hesitate. */
  private static boolean isHesitation(Clause clause, int i) {
    if (!clause.isWord(i, "uh", "um", "er", "erm", "hm", "hmm")) {
      return false;
    }
    int food = clause.isWord(i + 2, "of") ? i + 3 : i + 2;
    int last = clause.isMark(i - 1, ",") ? i - 2 : i - 1;
    boolean other =
        clause.has(i + 1)
            && clause.get(i + 1).isAmount()
            && clause.isFood(food)
            && !(clause.isFood(last) && clause.get(last).isSameFood(clause.get(food)));
    return other || clause.isWord(i - 1, "and", "plus", "then");
  }

  /** "3 tbsp for each, so 6 tbsp": what it comes to. */
  static boolean isSum(Clause clause, int i) {
    return clause.isWord(i, "so")
        && clause.isMark(i - 1, ",")
        && clause.isStrong(i + 1)
        && (!clause.get(i + 1).isCount() || isCorrected(clause, i))
        && (!clause.has(i + 2) || clause.isMark(i + 2, ".", ",", ";"));
  }

  /** "one egg no two eggs": the same food with another number. */
  static boolean isAgain(Clause clause, int i) {
    return clause.isWord(i, "no", "wait", "sorry")
        && clause.isFood(i - 1)
        && clause.has(i - 2)
        && clause.get(i - 2).isAmount()
        && clause.isStrong(i + 1)
        && clause.isFood(i + 2)
        && clause.get(i - 1).isSameFood(clause.get(i + 2));
  }

  private static boolean isCorrected(Clause clause, int to) {
    return clause.elements.subList(1, to).stream().anyMatch(e -> e.is(Sort.CORRECT));
  }

  /** "make that one and then …", not "actually one of them". */
  static boolean isOne(Clause clause, int i) {
    return clause.isWord(i, "one")
        && clause.get(i).isAmount()
        && (!clause.has(i + 1)
            || clause.get(i + 1).kind == Element.Kind.MARK
            || clause.isStrong(i + 1)
            || clause.is(i + 1, Sort.YIELD, Sort.SERVES, Sort.PLATE_NEXT, Sort.PAN_NEXT)
            || clause.is(i + 1, Sort.IDLE, Sort.CORRECT) && !clause.isWord(i + 1, "of", "is", "was")
            || clause.isWord(i + 1, "and", "and then", "then", "like", "fry"));
  }
}
