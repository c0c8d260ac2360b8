package honeststack.core.said.pairing;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.yield.BareCounts;
import java.util.List;
import java.util.Set;

/** Amounts of several foods together, of which nobody says how much each is. */
public final class Sums {
  /** Besides what may also stand behind a number of pieces. */
  private static final Set<String> TOTAL = Set.of("total", "together", "all together");

  private Sums() {}

  /** Whether the words at a place say that it is of all: "altogether", "in all". */
  public static boolean isTotal(Clause clause, int i) {
    return clause.has(i) && isTotal(clause.low(i));
  }

  private static boolean isTotal(String low) {
    return BareCounts.isAll(low) || TOTAL.contains(low);
  }

  /** "300 g flour, 200 ml milk, 500 g in total": of all that was measured before. */
  public static boolean isOfMeasured(Clause clause, int amount) {
    boolean total = clause.isStrong(amount) && isTotal(clause.low(amount + 1));
    int measured = 0;
    boolean counted = false;
    for (int i = 1; total && i < amount; i++) {
      int said = clause.isWord(i - 1, "of") ? i - 2 : i - 1;
      boolean one = clause.isFood(i) && clause.isStrong(said);
      boolean share = one && clause.get(said).isCount() && clause.get(said).measure().amount() < 1;
      measured += one && !share ? 1 : 0;
      counted = one ? clause.get(said).isCount() : counted; // "2 bananas, 200 g in total"
    }
    return measured > 1 && !counted && !clause.get(amount).isCount();
  }

  /** "raspberries and blueberries, 200 g in total": of both, and nobody says how much of each. */
  public static void in(Clause clause, List<Mention> mentions) {
    for (int i = 1; i < mentions.size(); i++) {
      Mention mention = mentions.get(i);
      Mention before = mentions.get(i - 1);
      boolean joined = before.to < mention.from && clause.isWord(mention.from - 1, "and");
      boolean open = joined && !before.isMeasured() && before.food != null;
      Element amount = mention.amount;
      if (amount != null && open && isTotal(clause.low(clause.elements.indexOf(amount) + 1))) {
        mention.amount = null;
        mention.amountText = "";
        amount.part = Part.UNKNOWN;
      }
    }
  }
}
