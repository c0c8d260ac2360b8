package honeststack.core.said.name;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.words.Sought;
import java.util.regex.Matcher;

/**
 * A measure that nobody else knows, and how much it is: "1 derica of rice (350 g)", "two gavias of
 * milk, about 400 ml". What it is in a common unit counts.
 */
public final class OddMeasures {
  private static final Sought NAME = Sought.of("(?U)\\p{L}{3,} of (?<food>.+)");
  private static final Sought WORTH =
      Sought.of(" \\((?:about |roughly |around |ca\\.? |~ ?)?(?<amount>[^()]*\\d[^()]*)\\)");

  private OddMeasures() {}

  public static void in(Clause clause) {
    for (Mention mention : clause.mentions) {
      boolean counted = mention.amount != null && mention.amount.isCount() && mention.food != null;
      Matcher name = NAME.matcher(mention.foodText);
      Matcher worth = WORTH.matcher(mention.notes);
      if (counted
          && name.matches()
          && name.group("food").equals(mention.food.text())
          && worth.find()) {
        mention.foodText = mention.food.text();
        mention.amountText = worth.group("amount");
        mention.notes = worth.replaceFirst("");
        mention.restated = true;
      }
    }
  }
}
