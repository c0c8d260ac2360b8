package honeststack.core.said.choice;

import honeststack.core.food.Food;
import honeststack.core.food.Role;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import java.util.List;

/**
 * What goes with the second of two choices: "either 250 ml buttermilk or 200 ml milk plus 50 ml
 * yogurt".
 */
public final class EitherOr {
  private static final String[] JOINING = {
    "plus", "with", "and", "soured", "mixed", "stirred", "together"
  };

  private EitherOr() {}

  /** The first counts, so what goes with the other does not. */
  public static void in(Clause clause) {
    List<Mention> all = clause.mentions;
    for (int i = 0; i + 1 < all.size(); i++) {
      Mention first = all.get(i);
      Mention with = all.get(i + 1);
      if (!clause.elements.contains(first.food) || !clause.elements.contains(with.food)) {
        continue; // of brackets
      }
      boolean either =
          clause.elements.subList(0, first.from).stream().anyMatch(e -> e.isWord("either"));
      boolean alike = // "2 eggs or 1 egg plus 2 whites"
          first.role() == with.role() && (with.role() == Role.EGG || with.role() == Role.LIQUID);
      boolean joined =
          with.isMeasured()
              && clause.has(with.from - 2)
              && clause.get(with.from - 2).isFood()
              && (clause.isWord(with.from - 1, "plus", "with")
                  || clause.low(with.from - 1).equals("+"));
      boolean standsIn = isJoined(clause, with) && isMadeWith(first, with);
      if (!first.others.isEmpty() && (joined && (either || alike) || standsIn)) {
        with.mark(Part.NOTE);
        all.remove(with);
        return;
      }
    }
  }

  /** Behind another food and a word that joins them: "milk soured with". */
  private static boolean isJoined(Clause clause, Mention with) {
    int i = with.from - 1;
    while (clause.isWord(i, JOINING) || clause.low(i).equals("+") || clause.isMark(i, "&")) {
      i--;
    }
    return with.isMeasured() && i < with.from - 1 && clause.has(i) && clause.get(i).isFood();
  }

  /**
   * What stands in for the first is made of two: milk and an acid for buttermilk, plain flour and
   * baking powder for self-raising, seeds and water for an egg. Common practice.
   */
  private static boolean isMadeWith(Mention first, Mention with) {
    String food = id(first);
    String other = id(with);
    return food.matches("buttermilk|kefir|sour-cream|sour-milk|yogurt.*")
            && other.matches("lemon-juice|vinegar.*|cream-of-tartar")
        || food.equals("wheat-flour-self-rising") && other.matches("baking-powder.*|salt")
        || first.role() == Role.EGG && other.equals("water");
  }

  private static String id(Mention mention) {
    return mention.known().map(Food::id).orElse("");
  }
}
