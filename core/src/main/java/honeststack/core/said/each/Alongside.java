package honeststack.core.said.each;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.place.Row;
import honeststack.core.said.yield.BatterForEach;
import java.util.ArrayList;
import java.util.List;

/** What goes on with a food that each piece gets: "30 g ham and 20 g cheddar each". */
final class Alongside {
  /** Nobody puts more of one food on each piece, in grams or millilitres (common practice). */
  private static final double MOST = 60;

  private Alongside() {}

  /**
   * The foods listed before it, the last first; none where one goes into the batter. Behind a comma
   * only where nothing in the sentence does: "10 g almonds, 15 g honey over each one".
   */
  static List<Mention> of(Clause clause, Mention last) {
    List<Mention> all = new ArrayList<>();
    boolean toppings = clause.mentions.stream().noneMatch(Row::isBatter);
    if (BatterForEach.is(last.role()) && !toppings) {
      return all;
    }
    Mention next = last;
    for (int i = clause.mentions.indexOf(last) - 1; i >= 0; i--) {
      Mention mention = clause.mentions.get(i);
      boolean joined = clause.isWord(mention.to, "and", "plus", "&");
      joined &= !BatterForEach.is(mention.role()) && !BatterForEach.is(last.role());
      boolean own = mention.amount != null && mention.amount != next.amount && mention.per == null;
      boolean listed = toppings && clause.isMark(mention.to, ",") && own && isLittle(mention);
      if (!own || mention.to != next.from - 1 || !joined && !listed) {
        break;
      }
      all.add(mention);
      next = mention;
    }
    return all;
  }

  private static boolean isLittle(Mention mention) {
    return Scaled.fine(mention.amount.measure()) <= MOST;
  }
}
