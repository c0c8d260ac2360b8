package honeststack.core.said.place;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.words.Sort;

/** What is finished, on which more goes: "over the hot waffles", "onto the courgette ones". */
final class Dish {
  private static final int FAR = 4;

  private Dish() {}

  /** Whether it stands behind "over" or the like at a place. */
  static boolean isBehind(Clause clause, int over) {
    if (!clause.isWord(over, "over", "onto", "on")) {
      return false;
    }
    for (int i = over + 1; i <= over + FAR && clause.has(i); i++) {
      if (clause.is(i, Sort.PIECES) || clause.isWord(i, "stack", "stacks", "pile")) {
        return true;
      }
      if (clause.isAmount(i) || clause.get(i).kind == Element.Kind.MARK || clause.isWord(i, "in")) {
        return false;
      }
    }
    return false;
  }
}
