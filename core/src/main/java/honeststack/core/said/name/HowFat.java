package honeststack.core.said.name;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;

/** Words before a food's name that say how much is in it: "low-fat mozzarella, 100 g". */
public final class HowFat {
  private static final Remembered WORD =
      Remembered.whole(
          "(?:low|lower|half|reduced|less|full|high|higher)-?(?:fat|sugar|salt|sodium|carb|calorie)"
              + "|fat-reduced|nonfat|fatfree|light|lite|lighter|extra-light|diet|skim|skimmed|part-skim|zero|lean");

  private static final Remembered FIRST = Remembered.whole("low|lower|half|reduced|less|full");

  private HowFat() {}

  /** "low-fat"; or "low" before "fat". */
  public static boolean isSaid(Clause clause, int i) {
    boolean free = clause.has(i) && clause.get(i).isFree();
    boolean none = clause.is(i, Sort.UNIT_OTHER) && clause.low(i).matches("0 ?%");
    return free
        && (none
            || clause.says(i, WORD)
            || clause.says(i, FIRST) && clause.low(i + 1).equals("fat"));
  }
}
