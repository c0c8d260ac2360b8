package honeststack.core.said.amount;

import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;

/** "enough buttermilk to wet it, near enough a pint": how much that is stands behind the aim. */
public final class Enough {
  private static final int FAR = 12;

  /** Before how much it was, where no comma is. */
  private static final Sought SAY =
      Sought.of("(?:i'd say|i'd guess|maybe|i think|i say|i would say)(?: .*)?");

  private static final Sought AIM =
      Sought.of("(?:make|get|bring|thin|loosen|slacken|let|bind)(?: .*)?");

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
      if (isAim(clause, i)) {
        behind(clause, i - 1);
      }
      if (food > 0 && clause.isFood(food) && !clause.isMark(food + 1, ",")) {
        behind(clause, food);
      }
    }
  }

  /** "water to make it pourable, 150 ml or so": of a food that nobody measured before. */
  private static boolean isAim(Clause clause, int to) {
    return clause.isFood(to - 1)
        && clause.isWord(to, "to")
        && AIM.isAll(clause.low(to + 1))
        && !clause.isStrong(to - 2)
        && !clause.isWord(to - 2, "of", "more");
  }

  private static void behind(Clause clause, int food) {
    boolean comma = false;
    for (int i = food + 1; i < clause.size() && i < food + FAR; i++) {
      comma |= clause.isMark(i, ",", "-", "–") || SAY.isAll(clause.words(i, i + 2));
      if (clause.isFood(i) && !clause.is(i - 1, Sort.LIKE)) {
        return;
      }
      if (clause.isStrong(i)) {
        Element amount = clause.get(i);
        int end = clause.is(i + 1, Sort.IDLE) ? i + 2 : i + 1; // "or so"
        boolean closed =
            !clause.has(end)
                || clause.isMark(end, ",", ".", ";", "!")
                || end == i + 1 && clause.isWord(end, "and", "and then", "then");
        if (comma && closed && amount.measure().unit() != Unit.COUNT) {
          clause.take(food + 1, i, Part.NOTE);
          amount.corrects = true;
        }
        return;
      }
    }
  }
}
