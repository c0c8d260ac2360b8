package honeststack.core.said.amount;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;

/**
 * How much goes in altogether, behind how it goes in: "the eggs, one at a time – three in all",
 * "the milk bit by bit, 400 ml altogether".
 */
public final class InAll {
  private static final Sought SAID =
      Sought.of(
          "(?<food>@ )(?:(?:and|but|in|,|–|—|-) )*"
              + "(?:(?:one|two|half|a (?:third|half|quarter|bit|little|few|spoonful|drop)|#) (?:at a time|by (?:one|two|#)) "
              + "|(?:one by one|bit by bit|little by little|slowly|gradually|steadily|in (?:two|three|several|a few) goes) )?"
              + "(?:(?:,|–|—|-) )*(?<all># )(?:of (?:it|them) )?(?:in all|altogether|in total|all told|all together) ");

  private InAll() {}

  public static void in(Clause clause) {
    Shape.in(clause, 1, SAID).ifPresent(found -> put(clause, found));
  }

  private static void put(Clause clause, Shape.Found found) {
    int food = found.at("food");
    int all = found.at("all");
    int before = clause.isWord(food - 1, "of") ? food - 2 : food - 1;
    if (!clause.isStrong(before)) {
      found.take(Part.NOTE, food, all);
      clause.get(all).corrects = true;
    }
  }
}
