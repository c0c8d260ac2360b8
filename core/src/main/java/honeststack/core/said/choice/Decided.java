package honeststack.core.said.choice;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;

/** Choices of which the speaker says what was taken: "butter or oil – I took oil, 30 ml". */
public final class Decided {
  private static final int NEAR = 4;

  private static final Sought TAKEN =
      Sought.of(
          ".*\\b(?:(?:i|we) (?:just |always |usually )?(?:took|take|used|use|had|have|did|do|chose"
              + "|choose|picked|pick|went (?:with|for)|go (?:with|for))|mine (?:was|is|were|has)"
              + "|ours (?:was|is|were)|it was)(?: the| some)?");

  private static final Sought CASE =
      Sought.of("(?:in my case|for me|in mine|this time|today|here)\\b.*");

  private static final Sought ANY =
      Sought.of("^(?:any|whatever|whichever|some (?:kind|sort) of|which)\\b");

  private final Clause clause;

  private Decided(Clause clause) {
    this.clause = clause;
  }

  /** Within a sentence. */
  public static void in(Clause clause) {
    Decided decided = new Decided(clause);
    for (Mention taken : List.copyOf(clause.mentions)) {
      if (decided.isSaid(taken)) {
        clause.mentions.stream()
            .filter(open -> taken.from > open.from && decided.isTaken(open, taken))
            .findFirst()
            .ifPresent(open -> take(clause, open, taken));
      }
    }
  }

  /** "Butter or oil? Oil, 30 ml." */
  public static void answered(Clause before, Clause clause) {
    boolean asked = before.isMark(before.size() - 1, "?") && !clause.mentions.isEmpty();
    for (Mention open : asked ? List.copyOf(before.mentions) : List.<Mention>of()) {
      Mention taken = clause.mentions.get(0);
      if (isOne(open, taken) && taken.isMeasured() != open.isMeasured()) {
        take(before, open, taken);
      }
    }
  }

  private boolean isSaid(Mention taken) {
    return TAKEN.isAll(clause.words(taken.from - NEAR, taken.from))
        || CASE.isAll(clause.words(taken.to, taken.to + NEAR));
  }

  private boolean isTaken(Mention open, Mention taken) {
    boolean measured = taken.isMeasured() && taken.amount != null; // "the egg" is one
    if (measured == open.isMeasured()) {
      return false; // "50 g butter or oil, and I use 10 g butter for the pan"
    }
    boolean any =
        !open.isMeasured()
            && Alternatives.isAlike(open, taken)
            && ANY.isIn(clause.words(0, open.to));
    return any || isOne(open, taken);
  }

  /** It is the food that stands first, or another one of the choice. */
  private static boolean isOne(Mention open, Mention taken) {
    if (open.others.isEmpty() || taken.food == null || open.food == null) {
      return false;
    }
    String name = taken.foodText.toLowerCase(Locale.ROOT);
    return open.food.isSameFood(taken.food)
        || open.others.stream().anyMatch(o -> o.toLowerCase(Locale.ROOT).endsWith(name));
  }

  private static void take(Clause clause, Mention open, Mention taken) {
    if (!taken.isMeasured()) {
      taken.amountText = open.amountText;
      taken.restated = true;
    }
    open.mark(Part.EXCLUDED);
    clause.mentions.remove(open);
  }
}
