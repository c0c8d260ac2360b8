package honeststack.core.said.corrected;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.supposed.Versions;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A list that was told by mistake, where the right one follows: "150 g flour, 3 eggs. Hang on,
 * that's the waffle one. 200 g flour, 2 eggs …", "Start again: …". The first is left out.
 */
public final class WrongList {
  private static final String OOPS =
      "(?:(?:oh|no|wait|hang on|hold on|sorry|oops|stop|ah|damn|right|well|,|\\.|–|-|!) )+";

  private static final Sought SAID =
      Sought.of(
          "(?:"
              + OOPS
              + "(?:that's|that was|that is|this is|it's|those are|those were) (?:(?:the|my|for|our|all|from the|from) )*(?!all|it|that|lot)"
              + "(?:wrong(?: (?:card|recipe|page|one))?|[a-z]+ (?:one|ones|recipe|list|card|batter|page)|waffles|crepes|crêpes|pancakes|pikelets|crumpets)"
              + "|(?:"
              + OOPS
              + ")?wrong (?:card|recipe|page|one|list)"
              + "|(?:"
              + OOPS
              + ")?(?:scrap|scratch|ignore|forget|strike|bin) (?:all (?:of )?)?(?:that|this|the above|the lot)(?: lot)?"
              + "|(?:"
              + OOPS
              + ")?(?:(?:let me|i'll|let's) )?(?:start|begin) (?:again|over|afresh|from scratch)"
              + "|(?:"
              + OOPS
              + ")?once more from the (?:top|start|beginning)"
              + ")(?: ?[.,:;!–-])?(?: .*)?");

  /** Words before what is measured. */
  private static final int HEAD = 14;

  private static final int NEXT = 3;

  private static final int SHARED = 2;

  private WrongList() {}

  public static void find(List<Clause> read) {
    for (int i = 1; i < read.size(); i++) {
      Clause clause = read.get(i);
      int head = 0;
      while (clause.has(head)
          && head < HEAD
          && !clause.get(head).isFood()
          && !(clause.get(head).isAmount() && !clause.get(head).isWeak())) {
        head++;
      }
      if (SAID.isAll(clause.words(0, head))) {
        List<Clause> before = read.subList(0, i);
        List<Clause> behind = read.subList(i, Math.min(read.size(), i + NEXT));
        Set<String> foods = foods(before);
        foods.retainAll(foods(behind));
        if (foods.size() >= SHARED) {
          before.forEach(Versions::leaveOut);
        }
      }
    }
  }

  private static Set<String> foods(List<Clause> clauses) {
    return clauses.stream()
        .flatMap(clause -> clause.mentions.stream())
        .filter(Mention::isMeasured)
        .flatMap(mention -> mention.known().stream())
        .map(food -> food.id())
        .collect(Collectors.toSet());
  }
}
