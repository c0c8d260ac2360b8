package honeststack.core.said.amount;

import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;

/** "enough buttermilk to wet it, near enough a pint": how much that is stands behind the aim. */
public final class Enough {
  private static final int FAR = 12;

  private Enough() {}

  public static void in(Clause clause) {
    for (int i = 0; i < clause.size(); i++) {
      boolean open =
          clause.isWord(i, "enough", "sufficient")
              || clause.low(i).endsWith("as much")
              || clause.low(i).endsWith("enough");
      int food = open ? clause.ahead(i + 1, 1, Element::isFood) : -1;
      if (open && clause.isFood(i - 1) && clause.isWord(i + 1, "to")) {
        behind(clause, i - 1); // "flour enough to thicken it, say 200 g"
      }
      if (food > 0 && clause.isFood(food) && !clause.isMark(food + 1, ",")) {
        behind(clause, food);
      }
    }
  }

  private static void behind(Clause clause, int food) {
    boolean comma = false;
    for (int i = food + 1; i < clause.size() && i < food + FAR; i++) {
      comma |= clause.isMark(i, ",", "-", "–");
      if (clause.isFood(i) && !clause.is(i - 1, Sort.LIKE)) {
        return;
      }
      if (clause.isStrong(i)) {
        Element amount = clause.get(i);
        boolean closed = !clause.has(i + 1) || clause.isMark(i + 1, ",", ".", ";", "!");
        if (comma && closed && amount.measure().unit() != Unit.COUNT) {
          clause.take(food + 1, i, Part.NOTE);
          amount.corrects = true;
        }
        return;
      }
    }
  }
}
