package honeststack.core.said;

import honeststack.core.food.Role;
import honeststack.core.measure.Unit;
import honeststack.core.wording.Numbers;

/**
 * What a scale shows of all that is in the bowl: "250 g milk, then flour till it says 450". What is
 * weighed last is what the others leave of it.
 */
final class ReadsOn {
  /** A bare number from here on is grams, or as many millilitres. */
  private static final double LEAST = 10;

  private static final Sought SAID =
      Sought.of(
          "(?<food>@ )(?:in |on )?(?:till?|until) (?:it|the scales?|the display|it all) "
              + "(?:says|reads|shows|hits|gets to|is at|comes to) (?<all># )");

  private ReadsOn() {}

  static void in(Clause clause) {
    Shape.in(clause, 1, SAID).ifPresent(found -> put(clause, found));
  }

  private static void put(Clause clause, Shape.Found found) {
    int food = found.at("food");
    Element all = clause.get(found.at("all"));
    double left = all.measure().amount();
    for (int i = 0; i < food; i++) {
      left -= clause.isStrong(i) ? grams(clause, i) : 0;
    }
    if (left > 0) {
      found.take(Part.NOTE, food, clause.elements.indexOf(all));
      all.instead = Numbers.plain(left) + " g";
      all.corrects = true;
    } else {
      all.part = Part.UNKNOWN;
    }
  }

  /** Infinite for what no scale shows. */
  private static double grams(Clause clause, int i) {
    Element amount = clause.get(i);
    double number = amount.measure().amount();
    Unit unit = amount.measure().unit();
    int food = clause.isWord(i + 1, "of") ? i + 2 : i + 1;
    boolean egg = clause.isFood(food) && clause.get(food).isRole(Role.EGG);
    if (unit == Unit.COUNT) {
      boolean bare = number == 0 || number >= LEAST; // "zero the scale"
      return egg ? ToppedUp.EGG * number : bare ? number : Double.POSITIVE_INFINITY;
    }
    boolean gram = unit == Unit.GRAM || unit == Unit.MILLILITRE;
    return gram ? number : Double.POSITIVE_INFINITY;
  }
}
