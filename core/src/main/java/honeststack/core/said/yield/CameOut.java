package honeststack.core.said.yield;

import honeststack.core.food.Role;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How many came out, behind a list, in words that else correct an amount: "…, 6 eggs, and that was
 * 46", "300 ml milk, that was ten".
 */
public final class CameOut {
  private static final String[] BEFORE = {
    "were", "had", "was", "made", "gave", "did", "to", "as", "me", "us", "about", "exactly"
  };

  private static final Sought WAS =
      Sought.of(
          "(?:.* )?(?:that|which|it) (?:was|made|gave|came to|came out as|did)(?: me| us| about| exactly)*");

  /** So too how many there were, of which each got something. */
  private static final Sought THERE_WERE =
      Sought.of(".*\\b(?:each|every|per)\\b.*\\b(?:there were|we had|i had)(?: about| exactly)?");

  private static final Sought END =
      Sought.of(
          "(?:(?:of them|of em|of those|pancakes|waffles|in all|in total|altogether|exactly|then|pieces|crepes) ?)*[.!]?");

  /** Nobody mends an amount to so much more or less of it (common practice). */
  private static final double FAR = 3;

  /** Nobody gets more out of one bowl (common practice). */
  private static final double MOST = 500;

  private static final int FEW = 3;

  /** Of what is counted behind it, where no food is named: "they come out green, five of them". */
  private static final Sought CAKES =
      Sought.of(
          "\\b(?:pancakes|waffles|cr[eê]pes|galettes|fritters|pikelets|ones|(?:come|came|turn|turned) out)\\b");

  private static final Sought LEFT =
      Sought.of(
          "(?:(?:so|and|that's|leaving|which leaves|that leaves|,) )*# (?:of them )?left [.! ]*");

  private static final Sought FIRST =
      Sought.of("\\b(?:got|ate|had|has|gets|eats) (?:the )?(?:first|one)\\b");

  private CameOut() {}

  public static void in(Clause clause) {
    for (int i = 2; i < clause.size(); i++) {
      boolean count =
          clause.isStrong(i)
              && Stream.of(BEFORE).anyMatch(clause.low(i - 1)::endsWith)
              && clause.get(i).isCount()
              && clause.get(i).instead == null
              && (WAS.isAll(clause.words(0, i)) || THERE_WERE.isAll(clause.words(0, i)))
              && END.isAll(clause.words(i + 1, clause.size()));
      if (isApart(clause, i)) {
        clause.counts.pieces = Optional.of(BareCounts.range(clause.get(i)));
        clause.get(i).part = Part.YIELD;
      } else if (count && isOther(clause, i)) {
        clause.counts.pieces = Optional.of(BareCounts.range(clause.get(i)));
        clause.take(i - 2, i, Part.NOTE);
        clause.get(i).part = Part.YIELD;
      }
    }
  }

  /** "…, that's 8, served with …", "…, 8 of them, …": between marks. */
  private static boolean isApart(Clause clause, int i) {
    boolean them = clause.words(i + 1, i + FEW).equals("of them");
    boolean that = clause.isWord(i - 1, "that's");
    int from = that ? i - 2 : i - 1;
    int to = them ? i + FEW : i + 1;
    boolean mark = clause.isMark(from, ",", ";", "–", "-") || clause.isWord(from, "then");
    boolean end = !clause.has(to) || clause.isMark(to, ",", ".", ";", "–", "!");
    int food = from;
    while (food >= 0 && !clause.get(food).isFood()) {
      food--;
    }
    boolean eggs = them && food >= 0 && clause.get(food).isRole(Role.EGG); // "the eggs, 3 of them"
    return (them || that)
        && !eggs
        && mark
        && end
        && clause.isStrong(i)
        && clause.get(i).isCount()
        && clause.get(i).instead == null
        && isNumber(clause, i);
  }

  /** No amount of eggs stands before it, or a much smaller one. */
  private static boolean isNumber(Clause clause, int number) {
    int i = number - 1;
    while (i >= 0 && !clause.isStrong(i)) {
      i--;
    }
    boolean told = i < 0 && !clause.hasFood() && CAKES.isIn(clause.words(0, number));
    return told || i >= 0 && (!clause.get(i).isCount() || isOther(clause, number));
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
  public static void left(List<Clause> read) {
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
