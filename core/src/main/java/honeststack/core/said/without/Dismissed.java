package honeststack.core.said.without;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.instead.Displaced;
import honeststack.core.said.instead.DisplacedForms;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;

/**
 * A measured food that the words right before it wave away, whatever stands beside it: "scrap 50 g
 * sugar", "no longer 100 ml milk", "couldn't find 40 g honey".
 */
public final class Dismissed {
  private static final Sought BEFORE =
      Sought.of(
          "(?:^|.* |# )(?:scrap|cancel|delete|cross out|crossed out|strike out|omit|ditch|ditched|no longer|couldn't (?:find|get)"
              + "|could not (?:find|get)|gave up|given up|gone (?:is|are)|no need for|don't need|no more)"
              + "(?: the| my| our| all| any| those| these| usual| some)*");

  private static final Remembered HINT =
      Remembered.part(
          "\\b(?:scrap|cancel|delete|cross|strike|omit|ditch|ditched|longer|couldn't|could|gave|given|gone|need"
              + "|more)\\b");

  private Dismissed() {}

  public static void in(Clause clause) {
    boolean may = clause.hasAmount() && clause.says(HINT);
    Displaced words = new Displaced(clause);
    for (int i = 0; may && i < clause.size(); i++) {
      Displaced.Measured food = clause.isFood(i) ? words.measured(i) : null;
      if (food != null && food.isMeasured() && isGone(words.before(food.from()))) {
        take(clause, food);
      }
    }
  }

  private static boolean isGone(String before) {
    return !DisplacedForms.isKept(before) && BEFORE.isAll(before);
  }

  private static void take(Clause clause, Displaced.Measured food) {
    clause.exclude(food.from(), food.to());
    for (int i = food.from() - 3; i < food.to() + 4; i++) {
      if (clause.is(i, Sort.SWAP, Sort.EXCLUDE, Sort.OUT, Sort.CORRECT, Sort.INSTEAD)) {
        clause.take(i, i + 1, Part.NOTE);
      }
    }
  }
}
