package honeststack.core.said.yield;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;

/** How often one food of a list is taken: "flour 100 g x 3" makes nothing of the others. */
final class OwnTimes {
  private static final Sought TIMES =
      Sought.of(
          "(?:(?:taken |used |multiplied )?(?:x|×|times|by)) ?"
              + BatchForms.NUMBER
              + "|(?:taken |used )?"
              + BatchForms.NUMBER
              + " ?(?:x|×|times)(?: over)?");

  private static final int FAR = 7;

  private OwnTimes() {}

  static boolean is(Clause clause, int from, int to) {
    boolean pan = isForPan(clause, from); // "5 g butter in the pan, four times"
    if (!TIMES.isAll(clause.words(from, to)) || clause.isMark(from - 1, ",") && !pan) {
      return false; // "2 g of oil a time, 8 times"
    }
    int begin = from;
    while (begin > 0 && !clause.isMark(begin - 1, ";")) {
      begin--;
    }
    int end = to;
    while (clause.has(end) && !clause.isMark(end, ";")) {
      end++;
    }
    if (pan && clause.isMark(from - 1, ",")) {
      return true;
    }
    boolean alone =
        clause.elements.subList(begin, end).stream().filter(Element::isFood).count() == 1;
    return (alone || isInList(clause, from, to))
        && clause.elements.subList(begin, from).stream().anyMatch(OwnTimes::isWeighed);
  }

  /** "Oil for the iron 2 g, six times": behind the last food, or in what is done with it. */
  private static boolean isForPan(Clause clause, int from) {
    for (int i = from - 1; i >= Math.max(0, from - FAR); i--) {
      if (clause.is(i, Sort.PAN, Sort.PAN_NEXT)) {
        return clause.elements.subList(i, from).stream().anyMatch(e -> e.isAmount() && !e.isWeak())
            || clause.is(from - 2, Sort.PAN);
      }
      if (clause.get(i).isFood()) {
        return false;
      }
    }
    return false;
  }

  /** "2 eggs, 50 g flour x 4, 7 g salt": right behind an item, and the list goes on. */
  private static boolean isInList(Clause clause, int from, int to) {
    int amount = clause.isWord(from - 2, "of") ? from - 3 : from - 2;
    boolean behind =
        clause.isFood(from - 1) && clause.isStrong(amount)
            || clause.isStrong(from - 1) && clause.isFood(from - 2);
    return behind
        && (clause.isMark(to, ",") || clause.isWord(to, "and"))
        && clause.isStrong(to + 1)
        && clause.isFood(to + 2);
  }

  private static boolean isWeighed(Element element) {
    return element.isAmount() && !element.isWeak() && !element.isCount();
  }
}
