package honeststack.core.said.talk;

import honeststack.core.food.Role;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;

/**
 * Foods beside a recipe that are none of it: what is still in the house, on the shopping list, or
 * goes into another dish: "That leaves 4 eggs.", "Tomorrow I need 400 g flour for a cake."
 */
public final class OtherDish {
  private static final String DISH =
      "(?:cake|bread|loaf|pie|quiche|tart|pudding|muffins|biscuits|cookies|omelette|stew|soup|roast|casserole|salad|pasta|pizza"
          + "|brownies|scones|custard|ice cream)";

  private static final Sought SAID =
      Sought.of(
          "(?:(?:and|so|but|oh|ps|by the way|,) )*(?:"
              + "(?:that|which|this) leaves (?:me |us )?(?:with )?(?!out\\b).*"
              + "|(?:i|we)(?:'ve| have)? still (?:got|have)\\b.*"
              + "|(?:i|we) still have\\b.*"
              + "|(?:i|we)(?:'ve| have)?(?: got)? (?:plenty|lots|loads|enough|masses) of .*"
              + "|with the (?:other|rest|remaining|leftover)\\b.* (?:i|we)(?:'ll| will)? (?:make|made|bake|baked|cook|do|did)\\b.*"
              + "|(?:normally|usually|otherwise|ideally|in theory|on a normal day)(?: ,)? (?!.*\\b(?:today|now|this time|but|tonight|here)\\b)(?:i|we)(?:'d| would)\\b.*"
              + "|(?:i|we) (?:was|were) (?:going|about|meaning) to (?:add|put|use|throw|chuck|stir|fold)\\b.*"
              + "|(?:to buy|to get|still to buy|from the shop|on the shopping list|shopping(?: list)?)(?: tomorrow| today)?(?: ?[:,–-]| is| are)? .*"
              + "|(?:tomorrow|tonight|on \\w+day|for \\w+day|next week)(?: ,)? (?:i|we)(?:'ll)? (?:also )?(?:need|want|use|make|bake)\\b.* for (?:a|an|the|my) (?:\\w+ )?"
              + DISH
              + "\\b.*"
              + "|(?:a|an|the|my) (?:\\w+ )?"
              + DISH
              + " (?:i (?:made|baked)|we (?:had|made)|needs?|takes?|took|had|has|gets|got)\\b.*"
              + "|(?:and )?for (?:dinner|lunch|supper|tonight)(?: ,)? (?:it's|there's|there is|i(?:'m| am) (?:making|having|doing)|we(?:'re| are) having|we have|i have)\\b.*"
              + ")");

  /** It goes with the pancakes after all. */
  private static final Sought WITH_THEM =
      Sought.of(
          "\\b(?:(?:in|on|with|over) (?:them|it|the (?:pancakes|waffles|crepes))|on top|fill(?:ed|ing)?|topped|topping|batter)\\b");

  private static final int FEWEST = 2;

  private OtherDish() {}

  /** Passes over them, behind a batter. */
  public static void find(List<Clause> read) {
    int measured = 0;
    boolean flour = false;
    for (Clause clause : read) {
      boolean batter = flour && measured >= FEWEST;
      String words = clause.words(0, clause.size());
      boolean other = SAID.isAll(words) && !WITH_THEM.isIn(words);
      if (batter && !clause.mentions.isEmpty() && other) {
        clause.mentions.forEach(mention -> mention.mark(Part.ASIDE));
        clause.mentions.clear();
        clause.counts.clear();
        clause.passOverAmounts();
        continue;
      }
      measured += (int) clause.mentions.stream().filter(Mention::isMeasured).count();
      flour |= clause.mentions.stream().anyMatch(m -> m.role() == Role.FLOUR && m.isMeasured());
    }
  }
}
