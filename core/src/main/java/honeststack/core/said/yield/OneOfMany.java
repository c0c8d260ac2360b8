package honeststack.core.said.yield;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import java.util.List;
import java.util.stream.IntStream;

/**
 * "one" as a number like the others of a list of bare numbers: "flour one twenty milk two hundred
 * egg one sugar ten salt one", names first or numbers first. Elsewhere it is as weak as "a".
 */
public final class OneOfMany {
  private static final int LEAST_FOODS = 3;

  /** A bare number from here on is a weight (common practice). */
  private static final double WEIGHED = 10;

  private OneOfMany() {}

  /** "two teaspoons, no, one": a number, too. */
  public static void corrected(Clause clause) {
    for (int i = 2; i < clause.size(); i++) {
      int no = clause.isMark(i - 1, ",", "–", "-") ? i - 2 : i - 1;
      boolean one =
          clause.isWord(i, "one")
              && clause.get(i).isAmount()
              && clause.isWord(no, "no", "nope", "wait", "sorry")
              && BareCounts.isEnd(clause, i + 1);
      if (one) {
        clause.get(i).firm = true;
      }
    }
  }

  public static void in(Clause clause) {
    boolean one = clause.elements.stream().anyMatch(e -> e.isAmount() && e.isWord("one"));
    if (!one) {
      return;
    }
    List<Element> said =
        clause.elements.stream().filter(e -> e.isFree() && (e.isAmount() || e.isFood())).toList();
    boolean even = said.size() % 2 == 0 && said.size() / 2 >= LEAST_FOODS;
    boolean turns =
        even
            && IntStream.range(1, said.size())
                .allMatch(i -> said.get(i).isFood() != said.get(i - 1).isFood());
    if (!turns) {
      return;
    }
    List<Element> numbers = said.stream().filter(Element::isAmount).toList();
    boolean bare = numbers.stream().allMatch(e -> e.isCount() && !e.isWord("a", "an", "each"));
    long weighed = numbers.stream().filter(e -> e.measure().amount() >= WEIGHED).count();
    if (bare && weighed > 1) {
      numbers.stream().filter(e -> e.isWord("one")).forEach(e -> e.firm = true);
    }
  }
}
