package honeststack.core.said;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How many came out, behind a list, in words that else correct an amount: "…, 6 eggs, and that was
 * 46", "300 ml milk, that was ten".
 */
final class CameOut {
  private static final String[] BEFORE = {
    "was", "made", "gave", "did", "to", "as", "me", "us", "about", "exactly"
  };

  private static final Sought WAS =
      Sought.of(
          "(?:.* )?(?:that|which|it) (?:was|made|gave|came to|came out as|did)(?: me| us| about| exactly)*");

  private static final Sought END =
      Sought.of(
          "(?:(?:of them|of em|of those|pancakes|waffles|in all|in total|altogether|exactly|then|pieces|crepes) ?)*[.!]?");

  /** Nobody mends an amount to so much more or less of it (common practice). */
  private static final double FAR = 3;

  /** Nobody gets more out of one bowl (common practice). */
  private static final double MOST = 500;

  private static final Sought LEFT =
      Sought.of(
          "(?:(?:so|and|that's|leaving|which leaves|that leaves|,) )*# (?:of them )?left [.! ]*");

  private static final Sought FIRST =
      Sought.of("\\b(?:got|ate|had|has|gets|eats) (?:the )?(?:first|one)\\b");

  private CameOut() {}

  static void in(Clause clause) {
    for (int i = 2; i < clause.size(); i++) {
      boolean count =
          clause.isStrong(i)
              && Stream.of(BEFORE).anyMatch(clause.low(i - 1)::endsWith)
              && clause.get(i).isCount()
              && clause.get(i).instead == null
              && WAS.isAll(clause.words(0, i))
              && END.isAll(clause.words(i + 1, clause.size()));
      if (count && isOther(clause, i)) {
        clause.counts.pieces = Optional.of(BareCounts.range(clause.get(i)));
        clause.take(i - 2, i, Part.NOTE);
        clause.get(i).part = Part.YIELD;
      }
    }
  }

  /** It can be no amount of the food before it. */
  private static boolean isOther(Clause clause, int number) {
    double pieces = clause.get(number).measure().amount();
    for (int i = number - 1; i >= 0; i--) {
      if (clause.isStrong(i)) {
        double before = clause.get(i).measure().amount();
        return pieces <= MOST && (pieces >= FAR * before || pieces * FAR <= before);
      }
    }
    return false;
  }

  /** "The dog got the first one. Seven left.", where nobody else says how many came out. */
  static void left(List<Clause> read) {
    if (read.stream().anyMatch(clause -> clause.counts.pieces.isPresent())) {
      return;
    }
    for (int i = 1; i < read.size(); i++) {
      Clause clause = read.get(i);
      boolean left =
          clause.hasWord("left") && !clause.hasFood() && LEFT.isAll(Shape.signs(clause.elements));
      if (left && Clause.measure(read.subList(0, i), 2)) {
        int number = clause.ahead(0, clause.size(), Element::isAmount);
        Told.Count count = BareCounts.range(clause.get(Math.max(number, 0)));
        boolean gone = FIRST.isIn(read.get(i - 1).words(0, read.get(i - 1).size()));
        clause.counts.pieces =
            Optional.of(new Told.Count(count.low(), count.high() + (gone ? 1 : 0)));
        clause.elements.stream().filter(Element::isAmount).forEach(e -> e.part = Part.YIELD);
      }
    }
  }
}
