package honeststack.core.said.each;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;

/** What each gets and how many that makes: "one egg each for the two kids, so two". */
public final class EachSo {
  private static final Sought SAID =
      Sought.of(
          "\\b(?:an?|one|1) (?<food>@ )(?:each|apiece|per (?:person|head|child|kid)|a head)\\b[^@]*?\\b(?:so|that's|makes|that makes)"
              + " (?:that's |it's |about )?(?<all># )(?=[,.;]|in |altogether|then|$)");

  private EachSo() {}

  public static void in(Clause clause) {
    Shape.in(clause, 1, SAID).ifPresent(found -> put(clause, found));
  }

  private static void put(Clause clause, Shape.Found found) {
    int food = found.at("food");
    int all = found.at("all");
    if (clause.get(all).isCount() && clause.get(food - 1).isAmount()) {
      found.take(Part.NOTE, food, all);
      clause.get(food - 1).part = Part.NOTE;
      clause.get(all).corrects = true;
    }
  }
}
