package honeststack.core.said;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;

/**
 * "200 g flour": one amount and its food, with nothing beside them. Most lines of a list are, and
 * of none of them there is more to ask.
 */
final class Item {
  private Item() {}

  static boolean is(Clause clause) {
    int end = clause.size();
    while (end > 0 && clause.isMark(end - 1, ",", ".", ";")) {
      end--;
    }
    return end == 2
        && clause.asides.isEmpty()
        && isStrong(clause.get(0))
        && clause.get(1).food.isPresent();
  }

  private static boolean isStrong(Element element) {
    return element.isAmount() && !element.isWeak() && element.measure().amount() > 0; // "0 sugar"
  }
}
