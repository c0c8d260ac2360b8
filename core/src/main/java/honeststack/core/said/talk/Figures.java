package honeststack.core.said.talk;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;
import java.util.List;

/**
 * Sentences that tell figures of a portion or of a body, and measure nothing: "sugar is 4 g per
 * pancake", "I dosed for 50 g carbs and was 9.2 after 2 h", "weighed 72.4 kg this morning".
 */
public final class Figures {
  private static final String NUTRIENT =
      "(?:fats?|saturates|sugars?|salt|sodium|fibre|fiber|protein|carbs?|carbohydrates?|starch)";

  /** Behind the nutrient, around the one amount. */
  private static final Sought TOLD =
      Sought.of(
          "(?:.* )?"
              + NUTRIENT
              + " (?:[a-z'-]+ ){0,3}?(?:is|was|were|are|at|came to|comes to|works out at|down to|up to)"
              + " (?:about |only |just |around |roughly )?|(?:the )?"
              + NUTRIENT
              + " (?:per|a|in one|in each) (?:pancake|waffle|piece|portion|serving|slice) ?[:=] ");

  private static final Sought OF_EACH =
      Sought.of(
          "(?:per|a|each|in each|for each|for one|in one) ?(?:pancake|waffle|crepe|piece|portion|serving|slice"
              + "|one|head|person)?\\b.*");

  private static final Sought BODY =
      Sought.of(
          "\\b(?:dosed?|dosing|bolus(?:ed)?|injected|bg|bgl|glucose|blood sugar|mmol|hba1c|hydration)\\b"
              + "|\\b(?:i|he|she) ?(?:'m| am| is| was)? ?(?:weigh(?:s|ed)?|down to|up to) \\d[\\d.]* ?(?:kg|kilos|stone|lbs?)\\b"
              + "|^weigh(?:ed|-in|ing in at)? ?:? \\d[\\d.]* ?(?:kg|kilos|stone)\\b.*\\b(?:today|morning|evening)\\b");

  private static final Sought ROSE =
      Sought.of(
          "^(?:my |her |his |the )?(?:blood )?(?:sugars?|glucose|levels?|reading) (?:went|rose|shot|climbed|dropped"
              + "|fell|was|were|stayed|peaked|hit) (?:up |down )?(?:from |to |at |between )?\\d");

  /** None of them is without. */
  private static final Remembered HINT =
      Remembered.part(
          "\\b(?:"
              + NUTRIENT
              + "|dos(?:ed?|ing)|bolus(?:ed)?|injected|bgl?|glucose|blood|mmol|hba1c|hydration|weigh\\w*|down|up"
              + "|levels?|reading)\\b");

  private Figures() {}

  public static void in(Clause clause) {
    if (!clause.says(HINT) || !clause.hasAmount()) {
      return;
    }
    List<Element> amounts =
        clause.elements.stream().filter(e -> e.isAmount() && !e.isWeak()).toList();
    long foods = clause.elements.stream().filter(Element::isFood).count();
    int at = clause.elements.indexOf(amounts.get(0));
    boolean told =
        amounts.size() == 1
            && foods <= 1
            && TOLD.isAll(clause.words(0, at) + " ")
            && (OF_EACH.isAll(clause.words(at + 1, clause.size()))
                || OF_EACH.isIn(clause.words(0, at)));
    if (told) {
      clause.take(0, clause.size(), Part.ASIDE);
    } else if (foods <= 1
        && amounts.stream().allMatch(Element::isCount)
        && ROSE.isIn(clause.words(0, clause.size()))) {
      clause.take(0, clause.size(), Part.ASIDE);
    } else if (BODY.isIn(clause.words(0, clause.size())) && foods == 0) {
      clause.passOverAmounts();
    }
  }
}
