package honeststack.core.said.yield;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.words.Sought;

/** How often one food of a list is taken: "flour 100 g x 3" makes nothing of the others. */
final class OwnTimes {
  private static final Sought TIMES =
      Sought.of(
          "(?:x|×|times) ?" + BatchForms.NUMBER + "|" + BatchForms.NUMBER + " ?(?:x|×|times)");

  private OwnTimes() {}

  static boolean is(Clause clause, int from, int to) {
    if (!TIMES.isAll(clause.words(from, to)) || clause.isMark(from - 1, ",")) {
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
    return clause.elements.subList(begin, end).stream().filter(Element::isFood).count() == 1
        && clause.elements.subList(begin, from).stream().anyMatch(OwnTimes::isWeighed);
  }

  private static boolean isWeighed(Element element) {
    return element.isAmount() && !element.isWeak() && !element.isCount();
  }
}
