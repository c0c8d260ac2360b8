package honeststack.core.said.clause;

import honeststack.core.said.told.Part;

/** The words of a sentence in small letters, a space behind each, and where its foods stand. */
public final class Worded {
  /** Stands for a food, where foods are not written out. */
  public static final String FOOD = "#";

  /** In small letters, a space behind each. */
  public final String words;

  private final Clause clause;
  private final int[] starts;

  private Worded(Clause clause, boolean foods) {
    this.clause = clause;
    this.starts = new int[clause.size()];
    StringBuilder all = new StringBuilder();
    for (int i = 0; i < clause.size(); i++) {
      starts[i] = all.length();
      all.append(!foods && clause.isFood(i) ? FOOD : clause.low(i)).append(' ');
    }
    this.words = all.toString();
  }

  /** With its foods written out. */
  public static Worded of(Clause clause) {
    return new Worded(clause, true);
  }

  /** With a sign for each food. */
  public static Worded withoutFoods(Clause clause) {
    return new Worded(clause, false);
  }

  /** An element of it begins there or behind. */
  public boolean isBehind(int element, int from) {
    return element >= 0 && element < starts.length && starts[element] >= from;
  }

  /** In a stretch of it stands an amount that says more than "a". */
  public boolean measures(int from, int to) {
    for (int i = 0; i < clause.size(); i++) {
      if (starts[i] >= from && starts[i] < to && clause.isAmount(i)) {
        return true;
      }
    }
    return false;
  }

  /** Takes the foods of a stretch, and an article before each. */
  public void take(int from, int to, Part part) {
    for (int i = 0; i < clause.size(); i++) {
      if (starts[i] >= from && starts[i] < to && clause.isFood(i)) {
        boolean weak = clause.has(i - 1) && clause.get(i - 1).isAmount();
        clause.take(weak ? i - 1 : i, i + 1, part);
      }
    }
  }
}
