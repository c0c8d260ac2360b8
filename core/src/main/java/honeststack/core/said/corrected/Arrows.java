package honeststack.core.said.corrected;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.BareCounts;
import java.util.List;
import java.util.Optional;

/**
 * What an arrow leads to counts, what it comes from does not: "30 g butter → 25 g oil", "milk 300
 * ml → 200 ml", "butter 30 g → none".
 */
public final class Arrows {
  private static final int FAR = 3;
  private static final int LEAST = 5;
  private static final String[] ENDS = {",", ";", ".", "→", "⇒", "•", "|"};

  private static final Sought TO =
      Sought.of("(?<one># )(?:of )?(?<food>@ )(?:down |up )?to (?<now># )(?=[.,;]|and |$)");

  private static final Sought SCALE =
      Sought.of("\\b(?:scaled?|cut|reduced?|dropped|took|brought|changed|halved|upped|raised)\\b");

  private final Clause clause;
  private final int arrow;

  /** The only food and the only amount before it; -1 for none, -2 for several. */
  private int food = -1;

  private int amount = -1;
  private int from;

  private Arrows(Clause clause, int arrow) {
    this.clause = clause;
    this.arrow = arrow;
    for (from = arrow; from > 0 && !isEnd(from - 1); from--) {
      if (clause.isFood(from - 1)) {
        food = food == -1 ? from - 1 : -2;
      } else if (clause.isStrong(from - 1)) {
        amount = amount == -1 ? from - 1 : -2;
      }
    }
  }

  public static void in(Clause clause) {
    scaled(clause);
    for (int i = 1; i + 1 < clause.size(); i++) {
      if (clause.isMark(i, "→", "⇒")) {
        new Arrows(clause, i).read();
      }
    }
  }

  /** "scale 2 l milk to 1.6 and 10 eggs to 8": what each comes to. */
  private static void scaled(Clause clause) {
    List<Shape.Found> all =
        clause.hasFood() && isToAmount(clause)
            ? Shape.of(clause, 2).map(shape -> shape.each(TO)).orElse(List.of())
            : List.of();
    boolean cue = SCALE.isIn(clause.words(0, clause.size()));
    for (Shape.Found found : all) {
      Element one = clause.get(found.at("one"));
      Element now = clause.get(found.at("now"));
      boolean alike = now.isCount() || now.measure().unit() == one.measure().unit();
      if ((cue || all.size() > 1) && alike && one.instead == null) {
        one.instead = now.textLike(one);
        clause.take(found.at("food") + 1, found.at("now") + 1, Part.NOTE);
      }
    }
  }

  private static boolean isToAmount(Clause clause) {
    for (int i = 2; i + 1 < clause.size(); i++) {
      if (clause.isWord(i, "to") && clause.isAmount(i + 1)) {
        return true;
      }
    }
    return false;
  }

  /** "butter, 30 g → …" goes on; "flour, butter → …" does not. */
  private boolean isEnd(int i) {
    boolean apart = clause.isMark(i, ",") && clause.isFood(i - 1) && clause.isStrong(i + 1);
    boolean own = apart && clause.isMark(i + 2, "→", "⇒") && !clause.isStrong(i - 2);
    return clause.isMark(i, ENDS) && !own;
  }

  private void read() {
    int said = next(true);
    int other = next(false);
    boolean none =
        clause.isWord(arrow + 1, "none", "nothing", "out", "omit", "gone", "no", "omitted")
            || clause.is(arrow + 1, Sort.OUT)
            || clause.get(arrow + 1).text().equals("0");
    boolean pieces = said >= 0 && isPieces(said);
    if (!pieces && (food == -2 || amount == -2) || isStep()) {
      return;
    }
    if (pieces) {
      clause.get(said).part = Part.YIELD;
      clause.get(arrow).part = Part.NOTE;
      clause.counts.pieces = Optional.of(BareCounts.range(clause.get(said)));
      return;
    }
    if (none && food >= 0 && other < 0) {
      clause.exclude(from, arrow);
      clause.get(arrow + 1).part = Part.NOTE;
    } else if (other >= 0 && food >= 0 && !clause.get(food).isSameFood(clause.get(other))) {
      clause.exclude(said >= 0 || amount < 0 ? from : food, said < 0 ? food + 1 : arrow);
      clause.get(arrow).part = Part.NOTE;
    } else if (said >= 0 && amount >= 0) {
      clause.get(amount).part = Part.EXCLUDED;
      clause.get(said).takeUnit(clause.get(amount));
      clause.get(said).corrects = other < 0 && food >= 0;
      if (other >= 0 && food >= 0) {
        clause.get(food).part = Part.EXCLUDED; // "30 g butter → 20 g butter"
      }
    }
  }

  /** "… 300 ml milk → 8": nobody goes down so far. */
  private boolean isPieces(int said) {
    Element number = clause.get(said);
    if (!number.isCount() || amount == -1) {
      return false;
    }
    if (amount < 0) { // of a whole list
      return clause.is(said + 1, Sort.PIECES);
    }
    double all = clause.get(amount).measure().amount();
    return !clause.get(amount).isCount()
        && BareCounts.isEnd(clause, said + 1)
        && number.measure().amount() * LEAST < all;
  }

  /** "80 g oats → blend → add 200 ml milk": one after the other. */
  private boolean isStep() {
    int to = arrow + 1;
    while (clause.has(to) && !clause.isMark(to, ENDS)) {
      to++;
    }
    return clause.isMark(from - 1, "→", "⇒")
        || clause.isMark(to, "→", "⇒")
        || clause.is(arrow + 1, Sort.VERB);
  }

  /** The amount that the arrow leads to, or the food; -1 for none. */
  private int next(boolean measured) {
    int words = 0;
    for (int i = arrow + 1; clause.has(i) && !clause.isMark(i, ENDS) && words < FAR; i++) {
      boolean found = measured ? clause.isStrong(i) : clause.isFood(i);
      if (found) {
        return i;
      }
      words += clause.isStrong(i) || clause.isFood(i) ? 0 : 1;
    }
    return -1;
  }
}
