package honeststack.core.said.corrected;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;

/**
 * An amount that is taken back for a reason before the one that counts is said: "300 ml milk – no
 * wait, that's the old recipe, it's 280".
 */
public final class Reconsidered {
  /** No reason is longer. */
  private static final int FAR = 14;

  private static final Sought REASON =
      Sought.of(
          "\\b(?:no|nope|wait|hang on|hold on|old recipe|last time|was before|now it's|now it is"
              + "|wrong|can't be right|cannot be right|let me (?:check|look|see|think)|crossed out"
              + "|(?:big|large|double|small) (?:batch|one)|(?:book|card|packet|recipe|notes?) says?|mine (?:has|is)"
              + "|thinking of|this (?:week|time|one)|so today|but today|these days|nowadays|(?:until|till) (?:it|i) (?:was|is|had|came to|reached|weighed)|kept adding"
              + "|(?:way |far )?too (?:much|little)|taking (?:some|a bit) out|took (?:some|a bit) out|typo|edit|mixed up|misread|different recipe|other recipe|scrap that)\\b");

  /** What an amount came to is near it: "12" of "200 g flour, came out at 12" is not. */
  private static final Sought OUTCOME =
      Sought.of(
          "\\b(?:(?:ended|end|wound) up|in (?:practice|reality|the event)|(?:really|actually) more like|on paper|in theory"
              + "|(?:came|turned|worked) out|rounded (?:up|down))\\b");

  private static final double NEAR = 1.7;

  private static final Sought FURTHER =
      Sought.of(
          "\\b(?:no more|no less|not more|more|extra|another|further|plus|up to|if|when|should)\\b");

  private final Clause clause;

  private Reconsidered(Clause clause) {
    this.clause = clause;
  }

  public static void in(Clause clause) {
    Reconsidered reconsidered = new Reconsidered(clause);
    for (int i = 0; i + 2 < clause.size(); i++) {
      if (clause.isStrong(i)) {
        reconsidered.at(i);
      }
    }
  }

  private void at(int old) {
    int right = next(old);
    if (right < 0 || !isAlike(clause.get(old), clause.get(right)) || !isClosed(right)) {
      return;
    }
    String between = clause.words(old + 1, right) + asides(old, right);
    boolean outcome = OUTCOME.isIn(between) && isNear(old, right);
    boolean further = FURTHER.isIn(between.replace("more like", ""));
    boolean reason = (REASON.isIn(between) || outcome) && !further;
    if (reason && !clause.isWord(right + 1, "more", "extra", "later")) {
      clause.take(old, old + 1, Part.EXCLUDED);
      said(old + 1, right);
      clause.get(right).takeUnit(clause.get(old));
      clause.get(right).corrects = true;
    }
  }

  private boolean isNear(int old, int right) {
    double ratio = clause.get(right).measure().amount() / clause.get(old).measure().amount();
    return ratio <= NEAR && ratio >= 1 / NEAR;
  }

  /** "I did": of the food, and not how many came out. */
  private void said(int from, int to) {
    for (int i = from; i < to; i++) {
      if (clause.is(i, Sort.YIELD)) {
        clause.take(i, i + 1, Part.NOTE);
      }
    }
  }

  /** The next amount, if the food stands right beside the one before and no other between. */
  private int next(int old) {
    int foods = clause.isFood(old - 1) || clause.isMark(old - 1, ":", ",") ? 1 : 0;
    for (int i = old + 1; i < clause.size() && i < old + FAR; i++) {
      if (clause.isStrong(i)) {
        return foods > 0 ? i : -1;
      }
      if (clause.get(i).isAmount() && clause.get(i).part == Part.EXCLUDED) {
        return -1; // that one was taken back
      }
      boolean time = clause.is(i, Sort.UNIT_OTHER) && clause.get(i).to - clause.get(i).from > 1;
      if (clause.isFood(i) && foods++ > 0 || time || clause.is(i, Sort.PAN, Sort.PLATE)) {
        return -1;
      }
    }
    return -1;
  }

  private static boolean isAlike(Element one, Element other) {
    return other.isCount() && !one.isCount()
        || one.measure().unit() == other.measure().unit()
            && one.measure().size().equals(other.measure().size());
  }

  /** No food of its own follows. */
  private boolean isClosed(int amount) {
    int next = amount + 1;
    return !clause.has(next)
        || clause.isMark(next, ".", ",", "!", ";")
        || clause.isStrong(next)
        || clause.isWord(next, "and") && clause.has(next + 1) && clause.get(next + 1).isAmount()
        || clause.is(next, Sort.CORRECT)
        || clause.isWord(next, "actually", "really", "then", "now", "instead")
        || clause
            .words(next, next + 3)
            .matches("(?:in the (?:end|bowl|jug)|in practice|in reality).*");
  }

  /** What stands in brackets between them. */
  private String asides(int from, int to) {
    StringBuilder words = new StringBuilder();
    for (Clause.Aside aside : clause.asides) {
      boolean between =
          aside.after() >= clause.get(from).end() && aside.after() <= clause.get(to).start();
      words.append(between ? " " + aside.clause().words(0, aside.clause().size()) : "");
    }
    return words.toString();
  }
}
