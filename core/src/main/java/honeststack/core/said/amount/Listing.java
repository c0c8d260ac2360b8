package honeststack.core.said.amount;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.words.Sort;

/**
 * Foods that are named one after the other: "milk, eggs or even butter", "the oil and the sugar".
 */
public final class Listing {
  private static final Sort[] PLACES = {Sort.PAN, Sort.PLATE, Sort.PAN_NEXT, Sort.PLATE_NEXT};

  /** "as well as". */
  private static final int AS_WELL_AS = 3;

  private final Clause clause;

  public Listing(Clause clause) {
    this.clause = clause;
  }

  /** Behind the last food of a list that begins with one, of which nothing is measured. */
  public int end(int first) {
    boolean the = clause.low(first - 1).matches("(?:.* )?the");
    int last = first;
    while (true) {
      int next = next(last, the);
      if (next < 0) {
        return last + 1;
      }
      last = next;
    }
  }

  /** The food that is joined to one; -1 where none is. */
  private int next(int food, boolean the) {
    int i = food + 1;
    boolean comma = clause.isMark(i, ",");
    int joint = comma ? i + 1 : i;
    boolean joined = isJoint(joint);
    int next = joined ? joint + (isAsWell(joint) ? AS_WELL_AS : 1) : joint;
    while (clause.isWord(next, "also", "even", "any", "no", "nor", "especially", "all", "both")
        || the && joined && clause.isWord(next, "the")) {
      joined |= clause.isWord(next, "nor", "no", "any");
      next++;
    }
    boolean listed = clause.isFood(next) && !clause.is(next + 1, PLACES);
    boolean goesOn = joined || comma && (isGoingOn(next) || isAllToTheEnd(food));
    return listed && (comma || joined) && goesOn ? next : -1;
  }

  private boolean isJoint(int i) {
    return clause.is(i, Sort.OR)
        || clause.isWord(i, "and", "nor", "or", "plus")
        || clause.isMark(i, "/", "&")
        || isAsWell(i);
  }

  private boolean isAsWell(int i) {
    return clause.isWord(i, "as") && clause.isWord(i + 1, "well") && clause.isWord(i + 2, "as");
  }

  /** "dairy, egg or nuts": more of a list comes. */
  private boolean isGoingOn(int food) {
    boolean comma = clause.isMark(food + 1, ",") && !clause.isStrong(food + 2);
    return clause.is(food + 1, Sort.OR) || comma || clause.isWord(food + 1, "and");
  }

  /** "no milk, eggs, butter.": names and commas before, and nothing behind the last. */
  private boolean isAllToTheEnd(int food) {
    boolean end =
        !clause.has(food + 3)
            || clause.isMark(food + 3, ".", "!", ";")
            || clause.isWord(food + 3, "in", "here", "at", "please", "thanks");
    return end && clause.isMark(food - 1, ",") && clause.get(food - 2).isFood();
  }

  /** Where a list begins that ends with a food: "butter, milk and the eggs are out". */
  public int begin(int last) {
    int first = last;
    boolean joined = false;
    while (true) {
      int i = first - 1;
      boolean any = clause.isWord(i, "any");
      while (clause.isWord(i, "the", "all", "both", "any", "my", "also", "even")) {
        i--;
      }
      i = isAsWell(i - 2) ? i - 2 : i;
      boolean and = isJoint(i) || any && clause.isMark(i, ",");
      int before = clause.isMark(i - 1, ",") ? i - 2 : i - 1;
      int measure = clause.isWord(before - 1, "of") ? before - 2 : before - 1;
      boolean bare = clause.isFood(before) && !clause.isStrong(measure);
      boolean comma = clause.isMark(i, ",") && (joined || isBare(before - 1));
      if (!bare || !and && !comma) {
        return first;
      }
      joined = true;
      first = before;
    }
  }

  /** A comma, and before it a food without an amount. */
  private boolean isBare(int i) {
    return clause.isMark(i, ",") && clause.isFood(i - 1) && !clause.isStrong(i - 2);
  }
}
