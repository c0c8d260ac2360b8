package honeststack.core.said.name;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;

/** What was measured is another food, it is said behind it: "200 ml milk. No, buttermilk." */
public final class Renamed {
  private static final int LONGEST = 6;

  private static final Sought NO =
      Sought.of("(?:oh |er |ah |wait |sorry |oops )?(?:no|nope|wait|sorry|oops|i mean|i meant)");

  private Renamed() {}

  /** "200 ml milk – buttermilk, I mean": in one sentence, at its end. */
  public static void in(Clause clause) {
    int end = clause.isMark(clause.size() - 1, ".", "!") ? clause.size() - 1 : clause.size();
    int cue = end - 1;
    int right = clause.isMark(cue - 1, ",", "–", "-", "—") ? cue - 2 : cue - 1;
    boolean told = clause.is(cue, Sort.CORRECT) && clause.isFood(right) && right > 2;
    int wrong = right - 2;
    if (told
        && clause.isMark(right - 1, ",", "–", "-", "—", "…", ".")
        && isMeasured(clause, wrong)
        && isAnother(clause.get(wrong), clause.get(right))) {
      Element said = clause.get(right);
      clause.elements.set(right, clause.get(wrong));
      clause.elements.set(wrong, said);
      clause.take(right, right + 1, Part.EXCLUDED);
      clause.take(cue, cue + 1, Part.NOTE);
    }
  }

  private static boolean isMeasured(Clause clause, int food) {
    int amount = clause.isWord(food - 1, "of") ? food - 2 : food - 1;
    return clause.isFood(food) && clause.isStrong(amount);
  }

  private static boolean isAnother(Element wrong, Element right) {
    return wrong.isOfAKind(right) && !wrong.isSameFood(right);
  }

  /** The only one; -1 if there are more. */
  private static int food(Clause clause) {
    int found = -1;
    for (int i = 0; i < clause.size(); i++) {
      if (clause.get(i).isFood()) {
        found = found < 0 && i <= LONGEST ? i : clause.size();
      }
    }
    return found < clause.size() ? found : -1;
  }

  /** In the sentence behind it, or in brackets: whether it says so. */
  public static boolean by(Mention before, Clause clause) {
    int food = food(clause);
    boolean may = food >= 0 && before.isMeasured() && before.food != null && !clause.hasAmount();
    if (!may || !isAnother(before.food, clause.get(food))) {
      return false;
    }
    int last = clause.isMark(clause.size() - 1, ".", "!") ? clause.size() - 2 : clause.size() - 1;
    int mark = clause.isMark(food - 1, ",", "!", ":", "–", "-", "—") ? food - 1 : food;
    boolean no = mark < food && food == last && NO.isAll(clause.words(0, mark));
    boolean sorry = food == last && clause.is(0, Sort.CORRECT) && !clause.isWord(0, "no");
    boolean behind = food == 0 && last > 0 && last <= 2 && clause.is(last, Sort.CORRECT);
    if (!no && !(sorry && mark <= 1) && !behind) {
      return false;
    }
    before.food.part = Part.EXCLUDED;
    Element right = clause.get(food);
    before.food = right;
    before.foodText = right.text();
    before.restated = true;
    clause.mentions.clear();
    clause.take(0, clause.size(), Part.NOTE);
    right.part = Part.FOOD;
    return true;
  }
}
