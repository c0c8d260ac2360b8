package honeststack.core.said.yield;

import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.Optional;

/**
 * An amount for some eaters, and today's for others: "for 4 people 200 g flour, we were 6 so 300
 * g", "serves 2 with 100 g oats, I was alone so 50 g oats".
 */
public final class Grown {
  /** How many there were, between the two amounts or behind them. */
  private static final Sought TODAY =
      Sought.of(
          "\\b(?:we(?:'re| were| are)|there (?:were|are)|i(?:'m| was| am)|of us|alone|by myself"
              + "|just me|only me)\\b");

  private static final Sought ALONE = Sought.of("\\b(?:alone|by myself|just me|only me)\\b");

  private final Clause clause;

  private Grown(Clause clause) {
    this.clause = clause;
  }

  public static void in(Clause clause) {
    Grown grown = new Grown(clause);
    for (int i = 1; i + 1 < clause.size(); i++) {
      if (clause.isWord(i, "so", "therefore", "hence") && clause.isStrong(i + 1)) {
        grown.so(i);
      }
    }
  }

  private void so(int so) {
    int now = so + 1;
    int food = clause.isWord(now + 1, "of") ? now + 2 : now + 1;
    boolean own = clause.isFood(food);
    int old = old(so, own ? clause.get(food) : null, clause.get(now).measure().unit());
    int first = old < 0 ? -1 : eaters(old);
    boolean today = first >= 0 && TODAY.isIn(clause.words(Math.max(old, first) + 1, clause.size()));
    if (!today) {
      return;
    }
    clause.get(first).part = Part.NOTE;
    clause.take(old, old + 1, Part.EXCLUDED);
    if (own) {
      clause.take(old + 1, so, Part.NOTE, Element::isFood);
    } else {
      clause.get(now).corrects = true;
    }
    if (ALONE.isIn(clause.words(old, clause.size()))) {
      clause.counts.serves = Optional.of(new Told.Count(1, 1));
    }
  }

  /** The amount of a food before; of the same food if one is named; -1 for none. */
  private int old(int so, Element same, Unit unit) {
    for (int i = so - 1; i > 0; i--) {
      int amount = clause.isWord(i - 1, "of") ? i - 2 : i - 1;
      boolean measured = clause.isFood(i) && clause.isStrong(amount);
      if (measured
          && clause.get(amount).measure().unit() == unit
          && (same == null || clause.get(i).isSameFood(same))) {
        return amount;
      }
      if (clause.isFood(i)) {
        return -1;
      }
    }
    return -1;
  }

  /** The number of eaters that the first amount was for: before it, or right behind its food. */
  private int eaters(int old) {
    for (int i = 0; i < Math.min(clause.size(), old + 6); i++) {
      boolean number = clause.isStrong(i) && clause.get(i).isCount() && i != old;
      boolean cue = clause.isWord(i - 1, "for", "serves", "feeds") || clause.is(i + 1, Sort.PEOPLE);
      if (number && cue && !clause.isFood(i + 1)) {
        return i;
      }
    }
    return -1;
  }
}
