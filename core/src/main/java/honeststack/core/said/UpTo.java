package honeststack.core.said;

import java.util.Optional;
import java.util.regex.Pattern;

/** More pieces than were said first, on a condition: "makes 10, 12 if they're small". */
final class UpTo {
  /** No more than so many times as many. */
  private static final double MOST = 2.5;

  private static final int FAR = 3;

  private static final Pattern LEADING =
      Pattern.compile(
          "maybe|perhaps|possibly|sometimes|or|even|but|or even|or maybe|could be|occasionally|at best|or so");

  private static final Pattern CONDITION =
      Pattern.compile(
          "(?:if|when|at a push|in a pinch|with a|on a good|tops|max|maximum|at most|at best"
              + "|depending|small|smaller|thin|thinner|mini|little|when they're|in a good)\\b.*");

  private final Clause clause;

  private UpTo(Clause clause) {
    this.clause = clause;
  }

  /** Behind the number of pieces of the clause. */
  static void behind(Clause clause, int number) {
    UpTo upTo = new UpTo(clause);
    int other = upTo.other(number);
    if (other < 0) {
      return;
    }
    boolean more = upTo.isConditional(other + 1) || upTo.isHesitant(number, other);
    if (more && upTo.raise(clause.counts, other)) {
      upTo.note(other + 1);
    }
  }

  /** "(12 if small)": in brackets behind how many come out. */
  static void inBrackets(Counted made, Clause inner) {
    UpTo upTo = new UpTo(inner);
    boolean counted = inner.size() > 1 && inner.get(0).isCount() && !inner.get(0).isWeak();
    if (counted && made.pieces.isPresent() && upTo.isConditional(1) && upTo.raise(made, 0)) {
      inner.counts.pieces = Optional.empty();
      inner.mentions.clear();
      upTo.note(1);
    }
  }

  /** Whether a number is somewhat more than how many come out, which goes up to it then. */
  private boolean raise(Counted made, int number) {
    Told.Count most = BareCounts.range(clause.get(number));
    Told.Count few = made.pieces.orElseThrow();
    boolean more = most.low() > few.high() && most.low() <= MOST * few.high();
    if (more) {
      made.pieces = Optional.of(new Told.Count(few.low(), most.high()));
      clause.get(number).part = Part.YIELD;
    }
    return more;
  }

  /** The next number, over what the first one counts and a word or two; -1 for none. */
  private int other(int number) {
    int words = 0;
    for (int i = number + 1; clause.has(i) && words <= FAR; i++) {
      if (clause.isStrong(i)) {
        return clause.get(i).isCount() && clause.get(i).isFree() ? i : -1;
      }
      if (clause.isFood(i)) {
        return -1;
      }
      boolean over = clause.isMark(i, ",", "–", "-") || clause.is(i, Sort.PIECES, Sort.OR);
      words += over ? 0 : 1;
    }
    return -1;
  }

  private boolean isHesitant(int number, int other) {
    boolean before = LEADING.matcher(clause.low(other - 1)).matches() && other > number + 1;
    return before && BareCounts.isEnd(clause, other + 1);
  }

  /** Nothing else is measured or named behind it, up to the end. */
  private boolean isConditional(int from) {
    StringBuilder words = new StringBuilder();
    for (int i = from; clause.has(i) && !clause.isMark(i, ".", "!", ";", ")"); i++) {
      if (clause.isFood(i) || clause.isStrong(i)) {
        return false;
      }
      words.append(clause.low(i)).append(' ');
    }
    return CONDITION.matcher(words.toString().strip()).matches();
  }

  private void note(int from) {
    for (int i = from; clause.has(i) && !clause.isMark(i, ".", "!", ";", ")"); i++) {
      clause.get(i).part = Part.NOTE;
    }
  }
}
