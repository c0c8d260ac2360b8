package honeststack.core.said.place;

import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.clause.Split;
import honeststack.core.said.part.PartlyOther;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Some of a listed food that goes into the pan or on the plate, in a sentence of its own: "10 g of
 * the butter went into the pan", "I kept half the berries for the top", "30 g of the butter in the
 * batter, the rest for frying".
 */
public final class SharedLater {
  static final String PAN =
      "(?:(?:in|into|on|onto|for|to) (?:the |my |our )?(?:hot )?(?:pan|pans|iron|irons|griddle|skillet|frying pan|waffle iron|tawa)"
          + "|for (?:the )?(?:frying|greasing|cooking|brushing|first one)(?: them| the iron| the pan)?|to (?:fry|grease|cook)(?: them| in| the pan)?)";

  static final String PLATE =
      "(?:on (?:the )?(?:very )?top(?: of (?:them|it))?|(?:on|onto|over) (?:the )?(?:plates?|side|stack|pancakes|waffles|lot)"
          + "|for (?:the )?(?:top|topping|tops|plate|plates|serving|garnish|decoration|decorating)|(?:over|on) (?:them|it|each)"
          + "|to (?:serve|finish|garnish|decorate|top)(?: with| them)?|over|as (?:a |the )?(?:topping|garnish))";

  private static final String PLACE = "(?:(?<pan>" + PAN + ")|(?<plate>" + PLATE + "))";

  static final String SHARE =
      "half|a half|one half|a third|one third|a quarter|one quarter|two thirds|three quarters|½|⅓|¼|⅔|¾";

  private static final String FOOD = "(?:(?<food>@)|it|this|that|them|these|those)";

  /** "10 g of the butter", "half the berries", "the last 10 g of butter"; not "10 g of butter". */
  private static final String SOME =
      "(?:the last )?(?:(?<part>#)|(?<share>"
          + SHARE
          + "))(?: of)? (?:(?<=the last # (?:of )?)|(?:the|that|this|my|our|those|these) (?=@)|(?=it|th))"
          + FOOD;

  private static final String GOES =
      "(?: (?:i|we|went|goes|go|was|were|is|are|stays|stayed|stay|used|use|will|get|gets|got|put|kept|keep|saved))*";

  private static final String LEAD =
      "(?:(?:and|but|then|so|only|i|we|of course|next|later) ,? ?)*"
          + "(?:(?:kept|keep|saved|save|held|hold|reserved|reserve|set|put|left|leave|used|use|take|took|scatter|scattered|spoon|spooned|spread|sprinkle|sprinkled|pour|poured)"
          + "(?: back| aside)? )?(?:about |only |just )?";

  private static final String BATTER =
      "(?: (?:goes|go|went|is|are|was|were))*(?: (?:in|into|for|to) (?:the )?(?:batter|mix|mixture|bowl|dough)| in)";

  private static final String END = "(?: today| this time| later| instead)?[ .!]*";

  private static final List<Sought> FORMS =
      List.of(
          Sought.of(LEAD + SOME + GOES + " " + PLACE + END),
          Sought.of(
              "of (?:the |that )?"
                  + FOOD
                  + " ,? ?(?:i |we )?(?:kept |saved |used |put )?(?:(?<part>#)|(?<share>"
                  + SHARE
                  + "))"
                  + GOES
                  + " "
                  + PLACE
                  + END),
          Sought.of(
              "(?:(?:i|we|then|and) )*(?<pan>(?:fried|fry|cooked|cook|baked|bake|brushed|brush|greased|grease|oiled|rubbed)(?: (?:them|it|these|the (?:pan|iron|griddle|skillet|pancakes|waffles)))?(?: all)? (?:in|with)) "
                  + SOME
                  + END),
          Sought.of(
              "(?:(?<pan>for (?:the pan|the iron|frying|the griddle))|(?<plate>for (?:the top|the topping|serving|the plate)|on top)) ,? ?(?:i|we) (?:took|take|used|use|kept|keep|saved|put) "
                  + SOME
                  + END),
          Sought.of(
              "(?<pan>the (?:pan|iron|griddle|skillet) (?:got|gets|took|takes|had|needed|needs)) "
                  + SOME
                  + END),
          Sought.of(
              "(?:#|half)(?: of)? (?:the |that )?"
                  + FOOD
                  + BATTER
                  + " ,? ?(?:and |then )?(?:(?<part>#)|(?:the )?(?:other |second )?(?<share>half)|(?<rest>(?:the )?(?:rest|remainder|remaining #|other #)))(?: of (?:it|them))?"
                  + GOES
                  + " "
                  + PLACE
                  + END),
          Sought.of(
              "(?:melt|soften|chop|wash|halve) (?:the )?"
                  + FOOD
                  + " [,;] (?:and )?(?:keep |leave |reserve |save )?(?:(?<part>#)|(?<share>"
                  + SHARE
                  + "))(?: of (?:it|them))?"
                  + GOES
                  + " "
                  + PLACE
                  + END));

  /** Without words of both no form is found. */
  private static final Remembered SOMEWHERE =
      Remembered.part(
          "pan|iron|griddle|skillet|tawa|fry|fried|cook|bak|brush|greas|top|plate|serv|stack|finish|garnish|decor|over|side|lot|them|cakes|waffles");

  private static final Remembered SOME_OF =
      Remembered.part(
          "\\b(?:of|half|third|quarter|thirds|quarters|last|melt|soften|chop|wash|halve)\\b|[½⅓¼⅔¾]");

  /** They go into the pan only as batter. */
  static final Set<Role> WET = Set.of(Role.LIQUID, Role.FLOUR, Role.LEAVENING);

  private static final double ALMOST = 0.98;

  private SharedLater() {}

  /** Whether the sentence says so and nothing else. */
  public static boolean by(List<Clause> read, Clause clause, Shape shape) {
    if (!clause.says(SOMEWHERE) || !clause.says(SOME_OF)) {
      return false;
    }
    for (Sought form : FORMS) {
      Optional<Shape.Found> found = shape.whole(form);
      if (found.isPresent() && take(read, clause, found.get())) {
        return true;
      }
    }
    return false;
  }

  private static boolean take(List<Clause> read, Clause clause, Shape.Found found) {
    int food = found.at("food");
    Mention whole = whole(read, food < 0 ? null : clause.get(food));
    Place place = has(found, "pan") ? Place.PAN : Place.PLATE;
    if (whole == null || place == Place.PAN && WET.contains(whole.role())) {
      return false;
    }
    double share = share(clause, found, whole);
    if (!(share > 0) || share > ALMOST) {
      return false;
    }
    whole.split =
        Split.parts(whole.food, List.of(1 - share, share), List.of(Place.NOT_SAID, place));
    whole.placed = true;
    clause.mentions.clear();
    clause.loose.clear();
    clause.splits.clear();
    clause.elements.forEach(
        element -> element.part = element.isFood() || element.isAmount() ? Part.PLACE : Part.IDLE);
    return true;
  }

  /** What measures the food last, all of which goes into the bowl as yet; null for none. */
  private static Mention whole(List<Clause> read, Element food) {
    for (int i = read.size() - 1; i >= 0; i--) {
      List<Mention> mentions = read.get(i).mentions;
      for (int k = mentions.size() - 1; k >= 0; k--) {
        Mention old = mentions.get(k);
        boolean same = food == null || old.food != null && old.food.isSameFood(food);
        if (same && isWhole(old) && (food != null || !WET.contains(old.role()))) {
          return old;
        }
        if (food == null && !WET.contains(old.role())) {
          return null;
        }
      }
    }
    return null;
  }

  static boolean isWhole(Mention old) {
    return old.isMeasured()
        && old.amount != null
        && old.food != null
        && old.split == null
        && old.more == null
        && old.place == Place.NOT_SAID
        && PartlyOther.isPlain(old.amount);
  }

  /** Not a number where the two amounts are in units of different kinds. */
  private static double share(Clause clause, Shape.Found found, Mention whole) {
    double all = whole.amount.measure().amount();
    if (has(found, "part")) {
      Element part = clause.get(found.at("part"));
      if (part.isCount() && part.measure().amount() < 1) {
        return part.measure().amount();
      }
      return like(part, whole) ? part.measure().amount() / all : Double.NaN;
    }
    if (has(found, "share")) {
      return PartlyOther.share(found.said().group("share"), 1);
    }
    for (Element element : clause.elements) { // "30 g in the batter, the rest in the pan"
      if (element.isAmount() && !element.isWeak()) {
        boolean some = element.isCount() && element.measure().amount() < 1;
        double bowl = some ? element.measure().amount() : element.measure().amount() / all;
        return some || like(element, whole) ? 1 - bowl : Double.NaN;
      }
    }
    return Double.NaN;
  }

  private static boolean like(Element part, Mention whole) {
    return part.isCount() || part.measure().unit() == whole.amount.measure().unit();
  }

  private static boolean has(Shape.Found found, String group) {
    return found.said().pattern().pattern().contains("<" + group + ">") && found.has(group);
  }
}
