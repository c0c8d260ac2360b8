package honeststack.core.said.corrected;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;

/**
 * What a sentence says was changed: "reduce the sugar from 50 g to 30 g", "I wrote jam, ignore
 * that".
 */
final class Changes {
  private static final int FAR = 9;

  private static final int NEAR = 5;

  private static final Remembered WAS =
      Remembered.whole("(?:actually )?(?:it was|that was|it's|that's)(?: actually)?");

  private static final Remembered TOTAL =
      Remembered.whole("altogether|in all|in total|all told|all together|now");

  private static final Sought SO = Sought.of("\\b(?:so|making|makes|it's|that's|now)\\b");

  private static final Sought SURE =
      Sought.of("\\b(?:actually|really|well|sorry|in fact|of course|i mean)\\b");

  private static final Remembered CHANGES =
      Remembered.part(
          "\\b(?:cut|cutting|reduced?|reducing|dropp?(?:ed|ing)?|lower(?:ed|ing)?|raised?"
              + "|upp(?:ed|ing)|increased?|increasing|trim(?:med)?|scaled?|taken?|took|br[io](?:ng|ught)"
              + "|turned|brought|halved|doubled|pushed|knocked|pulled)\\b(?: the)?$");

  private static final String BEFORE = "^.* (?:to|-|–) ";

  private final Clause clause;

  private Changes(Clause clause) {
    this.clause = clause;
  }

  /** Leaves out what was before. */
  static void in(Clause clause) {
    Changes changes = new Changes(clause);
    changes.retold();
    changes.renamed();
    changes.changed();
    changes.reduced();
    changes.altogether();
  }

  /**
   * "I said oat milk but it's soy", "I wrote jam, ignore that": what was told first is taken back.
   */
  private void retold() {
    for (int i = 0; i < clause.size(); i++) {
      boolean told = clause.isWord(i, "wrote", "written", "said", "says", "typed");
      int wrong = told ? clause.ahead(i + 1, FAR, Element::isFood) : -1;
      int cue = wrong < 0 ? -1 : back(wrong + 1);
      boolean was = cue > 0 && clause.low(cue).matches("it was|it's|that's");
      boolean other =
          cue > 0
              && (was || clause.is(cue, Sort.CORRECT))
              && clause.ahead(cue + 1, 1, Element::isFood) > 0;
      if (other || cue > 0 && clause.low(cue).matches("(ignore|disregard).*")) {
        clause.take(wrong, wrong + 1, Part.EXCLUDED);
        clause.take(cue, cue + 1, Part.EXCLUDED);
      }
    }
  }

  /**
   * "30 g butter, well actually it was oil", "40 g honey, it's maple syrup, not honey": as much of
   * another food.
   */
  private void renamed() {
    for (int i = 2; i + 1 < clause.size(); i++) {
      boolean was = clause.says(i, WAS);
      int right = was ? clause.ahead(i + 1, 1, Element::isFood) : -1;
      int wrong = right < 0 ? -1 : foodBefore(i);
      if (wrong < 0
          || !clause.get(wrong).isFree()
          || clause.get(wrong).isSameFood(clause.get(right))) {
        continue;
      }
      boolean not =
          clause.low(right + 2).equals("not")
              && clause.has(right + 3)
              && clause.get(right + 3).isFood()
              && clause.get(right + 3).isSameFood(clause.get(wrong));
      boolean said = SURE.isIn(clause.words(i - 2, right + 3));
      if (!not && !(said && clause.get(wrong).isOfAKind(clause.get(right)))) {
        continue;
      }
      Element food = clause.get(wrong);
      food.part = Part.EXCLUDED;
      if (isMeasured(right)) {
        clause.take(amountOf(wrong), right + 1, Part.EXCLUDED);
      } else {
        clause.elements.set(wrong, clause.get(right));
        clause.elements.set(right, food);
      }
      if (not) {
        clause.take(right + 2, right + 4, Part.EXCLUDED);
      }
    }
  }

  private int foodBefore(int i) {
    for (int j = i - 1; j >= Math.max(0, i - NEAR); j--) {
      if (clause.isFood(j)) {
        return j;
      }
      if (clause.isStrong(j)) {
        return -1;
      }
    }
    return -1;
  }

  private int amountOf(int food) {
    int amount = clause.isWord(food - 1, "of") ? food - 2 : food - 1;
    return clause.isStrong(amount) ? amount : food;
  }

  /** "…, 30 g of oil": it follows once more with an amount of its own. */
  private boolean isMeasured(int food) {
    int again = clause.isWord(food + 3, "of") ? food + 4 : food + 3;
    return clause.has(food + 1)
        && clause.get(food + 1).kind == Element.Kind.MARK
        && clause.isStrong(food + 2)
        && clause.isFood(again)
        && clause.get(again).isSameFood(clause.get(food));
  }

  /** Where it is taken back; -1 for nowhere. */
  private int back(int from) {
    for (int i = from; i < clause.size() && i < from + FAR; i++) {
      int food = clause.ahead(i + 1, 1, Element::isFood);
      boolean was = food > 0 && clause.low(i).matches("it was|it's|that's");
      if (was || clause.is(i, Sort.CORRECT) || clause.isWord(i, "ignore", "disregard")) {
        return i;
      }
    }
    return -1;
  }

  /** "added 50 g more flour so it's 250 g flour altogether": the sum counts. */
  private void altogether() {
    for (int i = 2; i < clause.size(); i++) {
      int sum = clause.says(i, TOTAL) && clause.isFood(i - 1) ? amountOf(i - 1) : -1;
      boolean said = sum > 0 && sum < i - 1 && SO.isIn(clause.words(sum - 3, sum));
      for (int food = 0; said && food < sum; food++) {
        int part = clause.isFood(food) ? moreOf(food) : food;
        if (part < food && clause.get(food).isSameFood(clause.get(i - 1))) {
          clause.take(part, food + 1, Part.EXCLUDED);
        }
      }
    }
  }

  /** Its amount, also over "more": "50 g more flour". */
  private int moreOf(int food) {
    int amount = clause.isWord(food - 1, "more", "extra", "of") ? food - 2 : food - 1;
    return clause.isStrong(amount) ? amount : food;
  }

  /** "reduce the sugar from 50 g to 30 g". */
  private void changed() {
    for (int i = 2; i + 1 < clause.size(); i++) {
      boolean from = clause.isStrong(i - 1) && clause.isWord(i - 2, "from");
      boolean to = from && clause.low(i).matches("to|(right )?down to|up to");
      if (to && clause.isStrong(i + 1)) {
        clause.take(i - 2, i + 1, Part.EXCLUDED);
        clause.get(i + 1).corrects = true;
      }
    }
    for (int i = 1; i < clause.size(); i++) {
      if (clause.isStrong(i) && clause.isWord(i - 1, "from") && isMoved(i - 1)) {
        clause.get(i).instead = clause.get(i).text().replaceFirst(BEFORE, "");
      }
    }
  }

  /** "milk up from 250 to 300 ml", "I upped the eggs from 2 to 3": no range. */
  private boolean isMoved(int from) {
    boolean moved = false;
    for (int i = Math.max(0, from - NEAR); i < from; i++) {
      moved |= clause.says(i, CHANGES) || clause.isWord(i, "up", "down", "went", "goes", "moved");
    }
    return moved;
  }

  /** "I cut the sugar down to 50 g", "sugar cut to 50 g". */
  private void reduced() {
    for (int i = 0; i < clause.size(); i++) {
      int food =
          clause.says(i, CHANGES)
              ? clause.isFood(i - 1) ? i - 1 : clause.ahead(i + 1, 2, Element::isFood)
              : -1;
      if (food < 0 || clause.isStrong(food - 1)) {
        continue;
      }
      int to = Math.max(i, food) + 1;
      while (clause.isWord(
          to, "right", "down", "up", "back", "it", "was", "slightly", "a", "bit")) {
        to++;
      }
      if (clause.low(to).matches("(down |up |right down )?to") && clause.isStrong(to + 1)) {
        clause.take(i, i + 1, Part.EXCLUDED);
        clause.take(Math.max(i, food) + 1, to + 1, Part.NOTE);
      }
    }
  }
}
