package honeststack.core.said.amount;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;

/** "two tablespoons, or was it three, no, it was two": what is said last counts. */
public final class Wavered {
  private static final Sought SAID =
      Sought.of(
          "(?<first># )(?:(?:of )?@ )?(?:[,;–-] )?(?:or )?(?:was it|is it|or maybe|maybe|or) (?<second># )(?:(?:of )?@ )?[,?.;–-]* ?"
              + "(?:(?:no|nope|yes|yeah|it was|it's|i'm sure|i think|definitely|make that|,) )+(?<last># )(?!(?:of )?@)");

  private Wavered() {}

  public static void in(Clause clause) {
    Shape.of(clause, 3).flatMap(shape -> shape.find(SAID)).ifPresent(found -> put(clause, found));
  }

  private static void put(Clause clause, Shape.Found found) {
    Element first = clause.get(found.at("first"));
    Element last = clause.get(found.at("last"));
    last.takeUnit(first);
    for (int i = found.at("first"); i < found.at("last"); i++) {
      Element element = clause.get(i);
      element.part = element.isFood() ? element.part : Part.EXCLUDED;
    }
    last.corrects = true;
  }
}
