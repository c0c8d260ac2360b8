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

  /** Gives a food before a place the whole amount that is told behind it; whether there is one. */
  static boolean take(Clause clause, Mention each, int from) {
    for (int i = from + 1; clause.has(i); i++) {
      Element amount = clause.get(i);
      boolean whole = amount.isAmount() && amount.part == Part.UNKNOWN && !amount.isCount();
      if (whole
          && BEFORE.isAll(clause.words(Math.max(0, i - NEAR), i))
          && BEHIND.isAll(clause.words(i + 1, i + 1 + NEAR))) {
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
}
