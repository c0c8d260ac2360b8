package honeststack.core.said.yield;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Counted;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.Optional;

/**
 * More or fewer than were said first, on a condition: "makes 10, 12 if they're small", "serves 4,
 * or 2 if they're hungry".
 */
public final class UpTo {
  /** No more than so many times as many. */
  private static final double MOST = 2.5;

  private static final int FAR = 3;

  /** So many words tell of the first condition. */
  private static final int CONDITIONAL = 6;

  private static final Sought LEADING =
      Sought.of(
          "maybe|perhaps|possibly|sometimes|or|even|on a good day|on a bad day|once even|once|at a push|but|or even|or maybe|could be|occasionally|at best|or so");

  private static final Sought CONDITION =
      Sought.of(
          "(?:if|when|as(?: an?)?|for (?:big|small|hungry|light|breakfast|lunch|brunch)|at a push|in a pinch|with (?:a|the)|on a good|tops|max|maximum|at most|at best"
              + "|depending|small|smaller|thin|thinner|mini|little|when they're|in a good)\\b.*");

  private static final Sought LARGER =
      Sought.of("\\b(?:large|larger|big|bigger|thick|thicker|giant)\\b");

  private final Clause clause;

  private UpTo(Clause clause) {
    this.clause = clause;
  }

  /** Behind the number of pieces of the clause. */
  public static void behind(Clause clause, int number) {
    clause.counts.pieces = new UpTo(clause).with(number, clause.counts.pieces, Part.YIELD);
  }

  /** Behind the number of eaters. */
  public static void served(Clause clause, int number) {
    clause.counts.serves = new UpTo(clause).with(number, clause.counts.serves, Part.SERVES);
  }

  private Optional<Told.Count> with(int number, Optional<Told.Count> first, Part part) {
    int other = other(number);
    boolean more = other > 0 && (isConditional(other + 1) || isHesitant(number, other));
    boolean fewer = part == Part.SERVES || clause.counts.sure || isConditioned(number);
    Optional<Told.Count> both = more ? both(first.orElseThrow(), other, fewer) : Optional.empty();
    if (both.isEmpty()) {
      return first;
    }
    clause.take(number + 1, other, Part.NOTE);
    clause.get(other).part = part;
    note(other + 1);
    return both;
  }

  /** "(12 if small)": in brackets behind how many come out. */
  public static void inBrackets(Counted made, Clause inner) {
    UpTo upTo = new UpTo(inner);
    boolean counted = inner.size() > 1 && inner.get(0).isCount() && !inner.get(0).isWeak();
    boolean more = counted && made.pieces.isPresent() && upTo.isConditional(1);
    boolean fewer = LARGER.isIn(inner.words(0, inner.size())); // "8 (4 if large)"
    Optional<Told.Count> both = more ? upTo.both(made.pieces.get(), 0, fewer) : Optional.empty();
    if (both.isPresent()) {
      made.pieces = both;
      inner.get(0).part = Part.YIELD;
      inner.counts.pieces = Optional.empty();
      inner.mentions.clear();
      upTo.note(1);
    }
  }

  /** From the smaller to the larger; the second where they are far apart. */
  static Optional<Told.Count> either(Told.Count first, Told.Count second) {
    double low = Math.min(first.low(), second.low());
    double high = Math.max(first.high(), second.high());
    return Optional.of(high <= MOST * low ? new Told.Count(low, high) : second);
  }

  /** From the smaller of two numbers to the larger; empty where they are far apart, or one. */
  private Optional<Told.Count> both(Told.Count first, int number, boolean mayBeFewer) {
    Told.Count other = BareCounts.range(clause.get(number));
    double low = Math.min(first.low(), other.low());
    double high = Math.max(first.high(), other.high());
    boolean fewer = other.high() < first.low() && mayBeFewer; // not "4 waffles, or 2 if greedy"
    boolean near = other.low() > first.high() || fewer;
    return near && high <= MOST * low ? Optional.of(new Told.Count(low, high)) : Optional.empty();
  }

  /** The next number, over what the first one counts and a word or two; -1 for none. */
  private int other(int number) {
    int words = 0;
    int far = isConditioned(number) ? CONDITIONAL : FAR;
    for (int i = number + 1; clause.has(i) && words <= far; i++) {
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

  /** "8 if thin, 6 if thick": the first has its condition, too. */
  private boolean isConditioned(int number) {
    int at = clause.is(number + 1, Sort.PIECES, Sort.PEOPLE) ? number + 2 : number + 1;
    return clause.low(at).matches("(?:if|when|as)\\b.*");
  }

  private boolean isHesitant(int number, int other) {
    if (clause.is(other - 1, Sort.OR)
        && clause.low(other + 1).matches("normal|usual|regular|large|big|full")) {
      return BareCounts.isEnd(clause, other + 2); // "24 mini or 10 normal"
    }
    boolean before = LEADING.isAll(clause.low(other - 1)) && other > number + 1;
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
    return CONDITION.isAll(words.toString().strip());
  }

  private void note(int from) {
    for (int i = from; clause.has(i) && !clause.isMark(i, ".", "!", ";", ")"); i++) {
      clause.get(i).part = Part.NOTE;
    }
  }
}
