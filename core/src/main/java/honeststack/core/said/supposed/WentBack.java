package honeststack.core.said.supposed;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;

/** What was tried gives way to what was there before it. */
public final class WentBack {
  private WentBack() {}

  /** "tried it with 200 g of spelt but went back to 200 g of plain flour". */
  public static void at(Clause clause, int i) {
    boolean but = clause.isWord(i, "but", "then", "and", "so", "now");
    boolean back = false;
    int to = i + 1;
    while (but && to < i + 6 && clause.has(to) && !(" " + clause.low(to)).endsWith(" to")) {
      back |=
          clause.isWord(to, "went", "switched", "changed", "moved", "returned", "reverted", "back");
      to++;
    }
    back = clause.low(to).endsWith("back to") || back && (" " + clause.low(to)).endsWith(" to");
    int right = back && clause.isStrong(to + 1) ? clause.ahead(to + 2, 3, Element::isFood) : -1;
    int wrong = i - 1;
    while (right > 0 && wrong > 0 && !clause.isFood(wrong)) {
      wrong--;
    }
    if (right > 0 && clause.isFood(wrong) && clause.get(wrong).isOfAKind(clause.get(right))) {
      int amount = clause.isWord(wrong - 1, "of") ? wrong - 2 : wrong - 1;
      clause.take(Math.max(0, amount), i, Part.EXCLUDED);
    }
  }
}
