package honeststack.core.said;

import java.util.Optional;
import java.util.regex.Matcher;

/**
 * How much goes in altogether, behind how it goes in: "the eggs, one at a time – three in all",
 * "the milk bit by bit, 400 ml altogether".
 */
final class InAll {
  private static final Sought SAID =
      Sought.of(
          "(?<food>@ )(?:(?:and|but|in|,|–|—|-) )*"
              + "(?:(?:one|two|half|a (?:third|half|quarter|bit|little|few|spoonful|drop)|#) (?:at a time|by (?:one|two|#)) "
              + "|(?:one by one|bit by bit|little by little|slowly|gradually|steadily|in (?:two|three|several|a few) goes) )?"
              + "(?:(?:,|–|—|-) )*(?<all># )(?:of (?:it|them) )?(?:in all|altogether|in total|all told|all together) ");

  private InAll() {}

  static void in(Clause clause) {
    Optional<Shape> shape = clause.hasFood() ? Shape.of(clause, 1) : Optional.empty();
    Optional<Matcher> found = shape.flatMap(said -> said.find(SAID));
    if (found.isEmpty()) {
      return;
    }
    int food = shape.get().at(found.get(), "food");
    int all = shape.get().at(found.get(), "all");
    int before = clause.isWord(food - 1, "of") ? food - 2 : food - 1;
    if (!clause.isStrong(before)) {
      shape.get().take(found.get(), Part.NOTE, food, all);
      clause.get(all).corrects = true;
    }
  }
}
