package honeststack.core.said.each;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;

/** What was said for each, and how much of it that makes: "5 g butter each, so 50 g in all". */
final class ForTheLot {
  private static final String ALL =
      "(?:for the lot|in all|in total|total|altogether|all told|all in|for all(?: of them)?"
          + "|over the whole batch|for the whole (?:lot|batch)|together|overall|for everything)";

  private static final Remembered IN_BRACKETS = Remembered.whole(".*\\b" + ALL + "\\b.*");
  private static final Sought BEHIND = Sought.of(ALL + "(?: [,.;:!)].*)?");
  private static final Sought BEFORE =
      Sought.of(
          "(?:.* )?(?:so|that's|that is|which is|which makes|makes|making|making it|comes to|=|hence"
              + "|call it|meaning|thus|therefore)(?: (?:about|around|roughly|say|maybe))?");

  /** Right before the amount. */
  private static final Sought TOLD =
      Sought.of(
          "(?:.* )?"
              + ALL
              + "(?: (?:i|we|use|used|it's|that's|is|about|around|roughly|maybe|say))*");

  private static final int NEAR = 3;

  private ForTheLot() {}

  /** "before each waffle (about 20 g for the lot)". */
  static boolean isInBrackets(Clause clause, int i) {
    return clause.asides.stream()
        .anyMatch(
            aside ->
                aside.after() >= clause.get(i).start()
                    && IN_BRACKETS.is(aside.clause().words(0, aside.clause().size())));
  }

  /**
   * "butter in every hole, in total 50 g", "…, 50 g in total": inside of what is said of a food.
   */
  static boolean isTold(Clause clause, int each, Mention mention) {
    return IN_BRACKETS.is(clause.words(each + 1, mention.to))
        || BEHIND.begins(clause.words(mention.to, mention.to + NEAR));
  }

  /** Gives a food before a place the whole amount that is told behind it; whether there is one. */
  static boolean take(Clause clause, Mention each, int from) {
    for (int i = from + 1; clause.has(i); i++) {
      Element amount = clause.get(i);
      boolean whole = amount.isAmount() && amount.part == Part.UNKNOWN && !amount.isCount();
      if (whole && isWhole(clause, i)) {
        each.mark(Part.FOOD);
        each.amountText = amount.text();
        each.restated = true;
        amount.part = Part.AMOUNT;
        return true;
      }
      if (clause.mentions.stream().anyMatch(m -> m.amount == amount && m != each)) {
        return false;
      }
    }
    return false;
  }

  private static boolean isWhole(Clause clause, int amount) {
    String before = clause.words(Math.max(0, amount - NEAR), amount);
    boolean said = clause.isMark(amount - 1, ",", "–", "-") || BEFORE.isAll(before);
    return said && BEHIND.isAll(clause.words(amount + 1, amount + 1 + NEAR)) || TOLD.isAll(before);
  }
}
