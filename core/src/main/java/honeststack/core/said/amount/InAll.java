package honeststack.core.said.amount;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.List;

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

  /** "butter in every hole, in total I use 50 g": not of two foods, and of nothing else. */
  private static final Sought BEFORE =
      Sought.of(
          "(?<!@ (?:and|,|plus) )(?<food>@ )(?:[\\p{L}'’-]+ ){0,7}?(?:(?:,|–|—|-|:) )*(?:and |so )?"
              + "(?:in all|altogether|in total|all told|all together|all in all|overall|over all) "
              + "(?:(?:i|we|it|you|use|used|uses|take|takes|took|need|needs|needed|is|was|it's|that's|about|around|maybe|perhaps|roughly|some|say|,) )*"
              + "(?<all># )(?:of (?:it|them) )?(?=[,.;!)–—-]|$|and |for |in the pan )");

  private InAll() {}

  public static void in(Clause clause) {
    Shape.all(clause, 1, List.of(SAID, BEFORE)).findFirst().ifPresent(found -> put(clause, found));
  }

  private static void put(Clause clause, Shape.Found found) {
    int food = found.at("food");
    int all = found.at("all");
    int before = clause.isWord(food - 1, "of") ? food - 2 : food - 1;
    if (!clause.isStrong(before)) {
      clause.take(food + 1, all, Part.NOTE, e -> !e.is(Sort.PLATE, Sort.PAN)); // "on each one"
      clause.take(all + 1, found.end(), Part.NOTE);
      clause.get(all).corrects = true;
    }
  }
}
