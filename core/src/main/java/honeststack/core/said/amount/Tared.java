package honeststack.core.said.amount;

import honeststack.core.food.Role;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import honeststack.core.wording.Numbers;
import java.util.List;

/**
 * What a scale or a mark shows before and after: "bowl 300 g, with the flour 520 g", "the bottle
 * went from 750 to 500 ml of milk", "the butter was 250 g, now it's 210".
 */
public final class Tared {
  /** Grams; less without a unit may be pieces (common practice). */
  private static final double LEAST = 10;

  private static final String IS =
      "(?:(?:is|was|are|it's|it is|it was|weighs|weighed|reads|read|says|said|shows|showed|at|alone|empty|only|just"
          + "|about|now|then|left|on the scales?|[,:;–-]) )*";

  private static final String VESSEL =
      "(?:bowl|jug|dish|pan|container|jar|cup|mug|tin|basin|beaker|glass|plate|tub)";

  private static final String JOINED = "(?:(?:and|then|but|[,;–-]) )*";

  private static final String PACK =
      "(?:carton|bottle|bag|packet|pack|tin|tub|block|box|jug|pot|jar|can)";

  private static final String INSIDE = "(?:(?:in|from) (?:the|a|my|our) [a-z]+ )?";

  private static final List<Sought> FORMS =
      List.of(
          Sought.of(
              "\\b(?:empty )?"
                  + VESSEL
                  + " "
                  + IS
                  + "(?<less># )(?:empty )?"
                  + JOINED
                  + "with (?:all )?(?:the |my )?(?<food>@ )(?:in |in it |inside )?"
                  + IS
                  + "(?<more># )"),
          Sought.of(
              "\\b"
                  + VESSEL
                  + " "
                  + IS
                  + "(?<less># )(?:empty )?"
                  + JOINED
                  + "(?<more># )(?:with|full of|filled with|once filled with|including) (?:all )?(?:the |my )?(?<food>@ )"),
          Sought.of(
              "\\bbefore (?:the |adding the |adding )?(?<food>@ )"
                  + IS
                  + "(?<less># )"
                  + JOINED
                  + "after(?:wards)? "
                  + IS
                  + "(?<more># )"),
          Sought.of(
              "\\b(?:bottle|jar|tub|bag|carton|jug|packet|tin|pack|box)\\b[^#@]*(?:went|goes|gone|down|dropped|fell) (?:down )?from (?<more># )(?:down )?to (?<less># )(?:of )?(?:the )?(?<food>@ )"),
          Sought.of(
              "(?<food>@ )[^#@]*\\b(?:bottle|jar|tub|bag|carton|jug|packet|tin|pack|box)\\b[^#@]*(?:went|goes|gone|down|dropped|fell) (?:down )?from (?<more># )(?:down )?to (?:about )?(?<less># )"),
          Sought.of(
              "(?<food>@ )(?:bottle|jar|tub|bag|carton|packet|tin|pack|box|block) (?:was|weighed|started at|went from|goes from) "
                  + "(?<more># )(?:(?:before|at the start|full) )?(?:(?:and|but|,|;|–|-) )*(?:to|(?:now |afterwards |after )?(?:it's|it is|is|it was|weighs|it weighs)|now|after(?:wards)?) "
                  + IS
                  + "(?<less># )"),
          Sought.of(
              "^(?:(?:a|an|the|of) )?(?<more># )(?:of )?(?<food>@ )(?!(?:, |and |but )*(?:i|we) (?:only|just) )(?:(?:,|;|–|-|and|but|of which|still|only|about|is|are|was|were|we|i|there|had|have) )+"
                  + "(?<less># )(?:(?:of it|is|was|are|were|still) )*(?:left|remain(?:ed|s|ing)?|over)\\b(?! (?:so|and so) (?:i|we|here))"),
          Sought.of(
              "\\b(?:opened|started with|began with|bought|had|held|contained|poured from|from|new|fresh|unopened) "
                  + "(?:(?:a|an|the|new|fresh|full) )*(?<more># )(?:"
                  + PACK
                  + " )?(?:of )?(?<food>@ )"
                  + INSIDE
                  + "(?:(?:,|;|–|-|and|but|until|till|so that|afterwards|then|now|we|i|there|there's|was|were|is|are|had|have|still"
                  + "|only|about|just|it's|of which) )+(?<less># )(?:(?:of it|of that|is|was|are|were|still) )*"
                  + "(?:left|remain(?:ed|s|ing)?|leftover|over)\\b(?! (?:so|and so) (?:i|we|here))"),
          Sought.of(
              "(?:there (?:was|were)|had|held) (?<more># )(?:of )?(?<food>@ )"
                  + INSIDE
                  + "(?:[,;–-] |and |but )*now (?:it's|there's|there are|there is|it is) (?:only |just )?(?<less># )"),
          Sought.of(
              "(?<food>@ )(?:: )?(?:(?:was|weighed|started|began|with|at|on|from|before|first|full|"
                  + PACK
                  + ") )*(?<more># )(?:(?:before|at first|at the start|first|full) )?(?:(?:,|;|–|-|→|and|but|to|now|then|so) )*(?<less># )"
                  + "(?:(?:is|was|are|were|still|of it) )*(?:(?:left|remain(?:ed|s|ing)?|leftover)\\b(?! (?:after|once|when|if|so|and so))"
                  + "|(?:at the end|after(?:wards)?)(?= ?(?:[,.;]|$)))"),
          Sought.of(
              "\\ball but (?:about )?(?<less># )(?:of |from )?(?:(?:a|an|the|one|my|full|new) )*(?<more># )(?:"
                  + PACK
                  + " )?(?:of )?(?<food>@ )"),
          Sought.of(
              "(?:had|opened|bought) (?<more># )(?:of )?(?<food>@ )"
                  + "(?:(?:,|and|but|i|we) )*used (?:it )?all (?:of it )?but (?:about )?(?<less># )"));

  private Tared() {}

  public static void in(Clause clause) {
    Shape.all(clause, 2, FORMS).findFirst().ifPresent(found -> put(clause, found));
  }

  private static void put(Clause clause, Shape.Found found) {
    int food = found.at("food");
    int less = found.at("less");
    int more = found.at("more");
    Element high = clause.get(more);
    Element low = clause.get(less);
    Unit unit = high.isCount() ? low.measure().unit() : high.measure().unit();
    boolean one = high.isCount() || low.isCount() || low.measure().unit() == unit;
    boolean fine = kind(high) == Unit.Kind.MASS || kind(high) == Unit.Kind.MARKED;
    boolean finer = !one && fine && kind(high) == kind(low);
    double left =
        finer
            ? Scaled.fine(high.measure()) - Scaled.fine(low.measure())
            : high.measure().amount() - low.measure().amount();
    if (finer) {
      unit = kind(high) == Unit.Kind.MASS ? Unit.GRAM : Unit.MILLILITRE;
    }
    boolean eggs = clause.get(food).isRole(Role.EGG);
    boolean measured =
        unit == Unit.COUNT
            ? left >= LEAST || eggs
            : unit.kind() == Unit.Kind.MASS || unit.kind().isVolume();
    boolean told = // "412 to 380 g, so 32 g honey"
        clause.elements.stream().anyMatch(e -> e.isAmount() && e.measure().amount() == left);
    if (left > 0 && (one || finer) && measured && !told) {
      int nearest = Math.abs(more - food) < Math.abs(less - food) ? more : less;
      found.take(Part.NOTE, food, nearest);
      clause.bitByBit = true; // "500 ml syrup, we had 400 ml left"
      clause.get(nearest).corrects = food < nearest;
      clause.get(nearest).instead =
          Numbers.plain(left) + " " + (unit == Unit.COUNT && !eggs ? Unit.GRAM : unit).symbol();
    }
  }

  private static Unit.Kind kind(Element amount) {
    return amount.measure().unit().kind();
  }
}
