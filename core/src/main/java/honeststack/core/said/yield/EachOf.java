package honeststack.core.said.yield;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.Optional;

/** How many come out, said beside what each gets: "each of the 8 gets …", "all 8 get …". */
public final class EachOf {
  private static final Sought BEFORE =
      Sought.of(
          "(?:.* )?(?:each of (?:the|these|those|my)|(?:every|each) one of (?:the|them)|all(?: the)?)");

  private static final Sought BEHIND =
      Sought.of("(?:gets?|got|has|have|had|with|is|are|were|takes?|goes|go|comes?)\\b.*");

  private EachOf() {}

  public static void in(Clause clause) {
    for (int i = 1; i < clause.size() && clause.counts.pieces.isEmpty(); i++) {
      boolean number =
          clause.isStrong(i) && clause.get(i).isCount() && clause.counts.serves.isEmpty();
      if (number && BEFORE.isAll(clause.words(i - 3, i)) && isOpen(clause, i + 1)) {
        clause.counts.pieces = Optional.of(BareCounts.range(clause.get(i)));
        clause.get(i).part = Part.YIELD;
      }
    }
  }

  private static boolean isOpen(Clause clause, int next) {
    return !clause.has(next)
        || clause.isMark(next, ".", ",", ";", "!")
        || BEHIND.isAll(clause.low(next)) && !clause.is(next, Sort.PIECES);
  }
}
