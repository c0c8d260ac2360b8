package honeststack.core.said.amount;

import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.told.Part;

/**
 * How much one of a food is, and then how much was taken: "one cup flour = 125 g, so I use 250 g".
 */
public final class Worth {
  private static final int FAR = 8;

  private static final String[] JOINTS = {
    "so", "and", "i", "we", "you", "use", "used", "put", "take", "took", "need", "needed", "do",
    "did", "went", "with", "then", "that's", "makes", "it's", "make", "add", "added", "want"
  };

  private Worth() {}

  /** Leaves what one is out; the amount behind it counts. */
  public static void in(Clause clause) {
    for (int i = 0; i < clause.size(); i++) {
      int food = clause.isWord(i + 1, "of") ? i + 2 : i + 1;
      int second = clause.isFood(food) ? second(clause, food) : -1;
      boolean one = clause.has(i) && clause.get(i).isAmount() && second > 0;
      int third = one ? third(clause, i, second) : -1;
      if (third > 0) {
        clause.take(i, i + 1, Part.EXCLUDED);
        clause.take(food + 1, third, Part.EXCLUDED);
        clause.get(third).corrects = true;
        retold(clause, third, food);
      }
    }
  }

  /** "flour = 125 g". */
  private static int second(Clause clause, int food) {
    boolean is =
        clause.isMark(food + 1, "=", "→", "≈") || clause.isWord(food + 1, "is", "weighs", "equals");
    int about = clause.isWord(food + 2, "about", "around", "roughly") ? food + 3 : food + 2;
    return is && clause.isStrong(about) && !clause.get(about).isCount() ? about : -1;
  }

  /** What is taken: in the unit of one of them, and nothing else behind it. */
  private static int third(Clause clause, int first, int second) {
    for (int i = second + 1; clause.has(i) && i < second + FAR; i++) {
      if (clause.isStrong(i)) {
        Unit unit = clause.get(i).measure().unit();
        boolean alike =
            unit == clause.get(first).measure().unit() && unit != Unit.COUNT
                || unit == clause.get(second).measure().unit();
        boolean end = !clause.has(i + 1) || clause.isMark(i + 1, ",", ".", ";", "!");
        return alike && i > second + 1 && (end || clause.isWord(i + 1, "for")) ? i : -1;
      }
      if (!clause.isMark(i, ",", "-", "–") && !clause.isWord(i, JOINTS)) {
        return -1;
      }
    }
    return -1;
  }

  /** "so 150 g for three eggs". */
  private static void retold(Clause clause, int amount, int food) {
    int again = amount + 3;
    boolean same =
        clause.isWord(amount + 1, "for")
            && clause.isStrong(amount + 2)
            && clause.isFood(again)
            && clause.get(again).isSameFood(clause.get(food));
    if (same) {
      clause.take(amount + 1, again + 1, Part.EXCLUDED);
    }
  }
}
