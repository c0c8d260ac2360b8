package honeststack.core.said;

/**
 * What a sentence says was changed: "reduce the sugar from 50 g to 30 g", "I wrote jam, ignore
 * that".
 */
final class Changes {
  private static final int FAR = 9;

  private static final Remembered CHANGES =
      Remembered.part(
          "\\b(?:cut|cutting|reduced?|reducing|dropp?(?:ed|ing)?|lower(?:ed|ing)?|raised?"
              + "|upp(?:ed|ing)|increased?|increasing|trim(?:med)?|scaled?|taken?|took|br[io](?:ng|ught)"
              + "|turned|brought|halved|doubled|pushed|knocked|pulled)\\b(?: the)?$");

  private final Clause clause;

  private Changes(Clause clause) {
    this.clause = clause;
  }

  /** Leaves out what was before. */
  static void in(Clause clause) {
    Changes changes = new Changes(clause);
    changes.retold();
    changes.changed();
    changes.reduced();
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
  }

  /** "I cut the sugar down to 50 g", "sugar cut to 50 g". */
  private void reduced() {
    for (int i = 0; i < clause.size(); i++) {
      int food =
          CHANGES.is(clause.low(i))
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
        clause.take(i, i + 1, Part.NOTE);
        clause.take(Math.max(i, food) + 1, to + 1, Part.NOTE);
      }
    }
  }
}
