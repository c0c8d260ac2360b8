package honeststack.core.said.clause;

/** Numbers that only say which: "page 12", "version 3", "20 June". */
public final class Numbered {
  /** Before the number of a version. */
  private static final String[] NUMBERED = {
    "v",
    "version",
    "ver",
    "week",
    "lesson",
    "chapter",
    "page",
    "practical",
    "episode",
    "card",
    "year",
    "grade",
    "room",
    "class",
    "session",
    "module"
  };

  /** Which no other word is. */
  private static final String[] MONTHS = {
    "january",
    "february",
    "april",
    "june",
    "july",
    "august",
    "september",
    "october",
    "november",
    "december",
    "jan",
    "feb",
    "apr",
    "jun",
    "jul",
    "aug",
    "sept",
    "oct",
    "nov",
    "dec"
  };

  private Numbered() {}

  /**
   * @param last nothing that it counts stands behind it
   */
  public static boolean is(Clause clause, int i, boolean last) {
    boolean which = clause.isWord(i - 1, NUMBERED) && (last || clause.isMark(i + 1, ":"));
    boolean day =
        clause.get(i).isCount() && (clause.isWord(i - 1, MONTHS) || clause.isWord(i + 1, MONTHS));
    return which || day;
  }
}
