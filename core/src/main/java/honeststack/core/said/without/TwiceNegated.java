package honeststack.core.said.without;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;

/** "Don't skip the salt", "never without cinnamon", "nothing without butter": then it is in it. */
public final class TwiceNegated {
  private static final int FAR = 3;

  private static final Remembered LEFT_OUT =
      Remembered.whole(
          "(?:skip|forget|leave out|leaving out|omit|drop|without|do without|go without|scrap|miss|miss out|ditch|lose"
              + "|hold|skimp on)(?: the| any| all the| of the)?");

  private static final Sought NOT =
      Sought.of(
          "(?:.* )?(?:don't|do not|dont|never|nothing|couldn't|could not|can't|cannot|wouldn't|mustn't|must not|not"
              + "|nobody should|no one should)(?: (?:ever|do|be|live|cook|bake|survive|function|to|you|go|it|the same|complete|quite|right))*");

  private TwiceNegated() {}

  /** Before anything is left out. */
  public static void in(Clause clause) {
    for (int i = 1; i < clause.size(); i++) {
      boolean cue = clause.is(i, Sort.EXCLUDE) && clause.says(i, LEFT_OUT);
      boolean enough = clause.is(i - 1, Sort.EXCLUDE) && clause.isWord(i, "enough");
      if (enough) {
        clause.take(i - 1, i, Part.NOTE); // "never enough butter"
      }
      boolean must = clause.is(i - 1, Sort.OUT) && clause.isWord(i, "optional", "negotiable");
      if (must) {
        clause.take(i - 1, i, Part.NOTE); // "butter is not optional"
      }
      if (cue && NOT.isAll(clause.words(i - FAR, i))) {
        clause.take(i, i + 1, Part.NOTE);
        clause.take(Math.max(0, i - FAR), i, Part.NOTE, e -> e.is(Sort.EXCLUDE));
      }
    }
  }
}
