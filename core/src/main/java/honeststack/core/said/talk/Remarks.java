package honeststack.core.said.talk;

import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Named;
import honeststack.core.said.words.Sought;

/**
 * Sentences that say something of a food which the recipe measures, and put none of it in: "one egg
 * has 6 g protein", "there are 4 eggs left", "the packet says 3 eggs", "a kilo of flour is 2
 * euros".
 */
public final class Remarks {
  private static final int FAR = 4;

  /** Right behind the amount and the food. */
  private static final Sought BEHIND =
      Sought.of(
          "^(?:(?:has|have|contains?|weighs?|costs?|equals|=|left)\\b"
              + "|(?:is|are|was|were|would be|gives?|makes?)\\b(?! (?:then |also |all )?(?:added|needed"
              + "|stirred|whisked|poured|mixed|melted|for|in|used|beaten|folded|rubbed|sifted|put)\\b))");

  /** Between a food and the amount behind it: "eggs here are about 60 g". */
  private static final Sought BETWEEN = Sought.of("\\b(?:is|are|weighs?|costs?)\\b");

  private static final Sought SAYS =
      Sought.of(
          "\\b(?:euros?|dollars?|cents?|pence|costs?|price)\\b"
              + "|\\b(?:keep|store|bought|buy|got)\\b.*\\b(?:freezer|fridge|cupboard|pantry|larder|shelf"
              + "|shop|mill|market|supermarket)\\b"
              + "|\\b(?:mum|mom|gran|nan|grandma|mother|aunt|sister)'s recipe\\b|\\bthe original\\b"
              + "|\\b(?:it|book|packet|card|box|recipe|label|tin|bag|internet) says\\b"
              + "|\\b(?:they|people|some|others|americans|most) (?:say|use|put|take)\\b"
              + "|\\b(?:the rule is|rule of thumb|a rule)\\b|\\bcould (?:eat|drink)\\b"
              + "|\\b(?:old|original|other|her|his|their) (?:recipe|version|one)\\b");

  private static final Sought EACH =
      Sought.of("\\b(?:each|apiece|per (?:portion|serving|pancake|waffle|piece))[ .!]*$");

  private Remarks() {}

  /** Whether the sentence of a mention, measured elsewhere, only remarks on it. */
  public static boolean isRemark(Named said) {
    Mention mention = said.mention;
    Clause clause = said.clause;
    if (mention.amount == null || mention.food == null || mention.place != Place.NOT_SAID) {
      return false;
    }
    int food = clause.elements.indexOf(mention.food);
    int amount = clause.elements.indexOf(mention.amount);
    boolean told = food >= 0 && amount > food && BETWEEN.isIn(clause.words(food + 1, amount));
    boolean share = clause.mentions.size() == 1 && EACH.isIn(said.words());
    return told
        || share
        || BEHIND.isIn(clause.words(Math.max(food, amount) + 1, mention.to + FAR))
        || says(clause, said.words());
  }

  /** Asked once for all foods of a sentence. */
  private static boolean says(Clause clause, String words) {
    if (clause.remarks == null) {
      clause.remarks = SAYS.isIn(words);
    }
    return clause.remarks;
  }
}
