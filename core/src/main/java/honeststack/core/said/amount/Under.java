package honeststack.core.said.amount;

import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.words.Sought;

/** Cups and spoons that are not quite full: "just shy of a cup", "a little under 2 tbsp". */
public final class Under {
  private static final int FAR = 4;

  private static final Sought CUE =
      Sought.of(
          ".*\\b(?:(?:just|(?:a )?(?:little|bit|tad|touch|shade)|slightly|fractionally) (?:under|below|less than)"
              + "|(?:just )?(?:shy|short) of|not quite)");

  /** Right before the amount: "a generous half cup". */
  private static final String[] FILLED = {
    "generous", "heaped", "heaping", "rounded", "scant", "bare", "overflowing"
  };

  private Under() {}

  /** Makes them scant ones, or as full as is said. */
  public static void in(Clause clause) {
    for (int i = 1; i < clause.size(); i++) {
      Element amount = clause.get(i);
      if (amount.isAmount() && amount.instead == null && isFilled(amount.measure())) {
        String said = amount.text();
        int unit = said.lastIndexOf(' ') + 1;
        boolean filled = clause.isWord(i - 1, FILLED);
        if (unit > 0 && (filled || CUE.isAll(clause.words(i - FAR, i)))) {
          String how = filled ? clause.low(i - 1) : "scant";
          amount.instead = said.substring(0, unit) + how + " " + said.substring(unit);
        }
      }
    }
  }

  private static boolean isFilled(Measure measure) {
    Unit.Kind kind = measure.unit().kind();
    return (kind == Unit.Kind.VOLUME || kind == Unit.Kind.SPOON)
        && measure.heap() == Measure.Heap.LEVEL;
  }
}
