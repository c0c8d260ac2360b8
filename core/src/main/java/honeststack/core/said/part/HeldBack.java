package honeststack.core.said.part;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;

/**
 * "hold back 100 ml of the milk": milk that is measured elsewhere, or right there, "(1 l in all)".
 */
public final class HeldBack {
  private static final int FAR = 4;

  private static final Remembered ALL =
      Remembered.whole("in all|altogether|total|in total|all told|all together|in sum");

  private HeldBack() {}

  /**
   * Passes over what is kept back.
   *
   * @param cue place of the word that says so
   * @param amount place of how much of it
   */
  public static void take(Clause clause, int cue, int amount) {
    int food = clause.ahead(amount + 1, FAR, Element::isFood);
    int back = clause.isWord(food + 1, "back", "aside", "apart") ? food + 2 : food + 1;
    boolean the = food > 0 && clause.isWord(food - 1, "the", "this", "that");
    if (food < 0 || !the && back == food + 1) {
      return;
    }
    int all = clause.isMark(back, ",") ? back + 1 : back;
    boolean behind = clause.isStrong(all) && clause.says(all + 1, ALL);
    if (behind || isTold(clause, food)) {
      clause.take(cue, food, Part.METHOD);
      clause.take(food + 1, behind ? all : back, Part.NOTE);
      clause.take(all + 1, behind ? all + 2 : all, Part.NOTE);
    } else {
      clause.take(cue, back, Part.METHOD);
    }
    int aim = clause.isWord(food + 1, "for") ? clause.ahead(food + 2, 2, Element::isFood) : -1;
    if (aim > 0) {
      clause.get(aim).part = Part.METHOD;
    }
  }

  /** "… of the milk (300 ml in all)", "… of the milk back in case (300 ml in all)". */
  private static boolean isTold(Clause clause, int food) {
    int next = food + 1;
    while (clause.has(next) && !clause.isFood(next) && !clause.isStrong(next)) {
      next++;
    }
    int from = clause.get(food).end();
    int to = clause.get(next - 1).end();
    return clause.asides.stream()
        .filter(aside -> aside.after() >= from && aside.after() <= to)
        .map(Clause.Aside::clause)
        .anyMatch(inner -> inner.isAmount(0) && inner.says(1, ALL));
  }
}
