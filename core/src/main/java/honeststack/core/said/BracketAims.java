package honeststack.core.said;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.BareCounts;
import java.util.regex.Pattern;

/** Amounts in brackets behind a measured food: all that is wanted of it, or what it was before. */
final class BracketAims {
  /** What the cook needs, however many it takes. */
  private static final Sought AIM =
      Sought.of(
          "so|=|.*\\b(?:want|need|use|used(?! to)|using|should|that's|it's|get|have|came to|weighing)\\b.*",
          Pattern.CASE_INSENSITIVE);

  private static final Sought OLD =
      Sought.of(
          "(?:v ?\\d|version \\w+|old|before|previously|formerly|earlier|last time|orig|original(?:ly)?)"
              + " ?(?::|was|had|=)? .*");

  private BracketAims() {}

  /** "(v1: 220)", "(before 250)". */
  static boolean isOld(Clause inner) {
    return !inner.hasFood() && OLD.isAll(inner.words(0, inner.size()));
  }

  private static boolean isAll(String low) {
    return BareCounts.isAll(low) || low.equals("total");
  }

  /** "60 g for each egg (so 120 g here)", "(120 g in all)". */
  static boolean isTotal(Mention before, Clause inner) {
    int amount = inner.isWord(0, "so", "=") || inner.isMark(0, "=") ? 1 : 0;
    while (amount < 3 && inner.has(amount) && isAim(inner.get(amount))) {
      amount++;
    }
    boolean all = inner.is(1, Sort.IDLE) && isAll(inner.low(1));
    boolean measured =
        inner.has(amount)
            && inner.get(amount).isAmount()
            && (!inner.get(amount).isCount() || isBareNeed(before, inner, amount));
    boolean aim =
        inner.elements.subList(0, Math.min(amount, inner.size())).stream()
            .anyMatch(e -> AIM.isAll(e.text()));
    boolean placed = inner.elements.stream().anyMatch(e -> e.is(Sort.PAN, Sort.PLATE, Sort.BOWL));
    return measured && !placed && (aim || all);
  }

  /** "500 g bag (need 150)": in its unit. */
  private static boolean isBareNeed(Mention before, Clause inner, int amount) {
    return amount > 0
        && amount + 1 == inner.size()
        && inner.isWord(amount - 1, "need", "want", "use", "used", "using")
        && before.isMeasured()
        && before.amount != null
        && !before.amount.isCount();
  }

  /** "you want 150 g", "that's 150 g". */
  private static boolean isAim(Element element) {
    return AIM.isAll(element.text()) || element.isWord("you", "i", "be");
  }
}
