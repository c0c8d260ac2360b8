package honeststack.core.said.place;

import honeststack.core.food.Food;
import honeststack.core.food.Role;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.Set;
import java.util.regex.Pattern;

/** Foods of a sentence in a row: which of them go where the last one goes. */
public final class Row {
  /** What is poured over as often as it is stirred in. */
  private static final Sought SPOONED =
      Sought.of(
          "yogurt|yoghurt|skyr|quark|cream|crème|creme|syrup|sauce", Pattern.CASE_INSENSITIVE);

  private static final Set<Unit> ON_TOP = Set.of(Unit.DOLLOP, Unit.DRIZZLE, Unit.DUSTING);

  private final Clause clause;

  Row(Clause clause) {
    this.clause = clause;
  }

  /** Behind a batter, all of it in one row. */
  boolean isBehindBatter(int last) {
    int j = last;
    while (j > 0 && isRow(clause.mentions.get(j - 1), clause.mentions.get(j))) {
      j--;
      if (j + 1 < last && isBatter(clause.mentions.get(j))) {
        return true; // not "milk and oats for frying"
      }
    }
    return false;
  }

  private boolean isRow(Mention mention, Mention next) {
    boolean marks =
        mention.to <= next.from
            && clause.elements.subList(mention.to, next.from).stream().allMatch(Row::joins);
    return mention.isMeasured() && next.isMeasured() && !mention.placed && marks;
  }

  /** Nothing is told by it, as in "and right", "and, you know,". */
  private static boolean joins(Element element) {
    boolean said =
        element.is(Sort.IDLE) && !element.is(Sort.VERB) && element.kind != Element.Kind.FOOD;
    return element.isMark(",", "+", "&")
        || element.isWord("and", "then", "plus", "uh", "um", "er")
        || said
        || element.part == Part.EXCLUDED;
  }

  /** A comma or what ends a list stands between. */
  boolean isNext(Mention mention, Mention next) {
    return mention.to <= next.from
        && clause.elements.subList(mention.to, next.from).stream()
            .anyMatch(e -> e.isMark(",", "+", "&") || e.isWord("and", "then", "plus"));
  }

  /** "x and y on top"; over a comma only what is no batter, and said alike. */
  boolean isListed(Mention mention, Mention next) {
    boolean comma = false;
    boolean with = false;
    if (mention.to >= next.from && mention.isMeasured() && next.isMeasured()) {
      return false; // "2 eggs 30 g yogurt as a topping": said one after the other
    }
    for (int i = mention.to; i < next.from; i++) {
      Element element = clause.get(i);
      if (element.isMark(",")) {
        comma = true;
      } else if (element.isWord("then", "and then") && mention.isMeasured() && next.isMeasured()) {
        return false; // "40 g butter then 30 g honey on top"
      } else if (element.isWord("with")) {
        with = true;
      } else if (element.is(Sort.VERB)
          || element.kind == Element.Kind.PHRASE && !element.is(Sort.IDLE)) {
        return false;
      } else if (element.isWord("i", "we", "used", "took", "needed")) {
        return false; // "40 g butter, I used 10 g oil for the pan"
      } else if (element.isMark(";", ".", ":", "–", "—", "-")) {
        return false;
      }
    }
    boolean served = with && !comma && mention.role() == Role.LIQUID;
    boolean batter = isBatter(mention) && !isBatter(next) && !served;
    return !batter && (!comma || mention.isMeasured() == next.isMeasured() && !isBatter(mention));
  }

  /** No other verb stands between. */
  boolean isNear(int from, int to) {
    int verbs = 0;
    for (int i = from; i < to; i++) {
      if (clause.is(i, Sort.VERB) && !clause.is(i, Sort.IDLE)) {
        verbs++;
      }
    }
    return verbs <= 1;
  }

  /** "30 g jam, 20 g cream on", "…, for spooning over": at its end, and nothing is of a batter. */
  boolean isOfToppings(int over) {
    boolean goes = clause.isWord(over - 1, "go", "goes", "went", "going");
    boolean word = !goes || clause.isWord(over - 2, "to", "for");
    boolean purpose = clause.low(over).startsWith("to ") || clause.low(over).startsWith("for ");
    return (purpose || word && clause.isWord(over, "over", "on"))
        && clause.mentions.size() > 1
        && clause.mentions.stream().noneMatch(m -> m.from > over || isBatter(m))
        && clause.elements.stream().noneMatch(e -> e.is(Sort.BOWL, Sort.PAN, Sort.BATTER));
  }

  public static boolean isBatter(Mention mention) {
    Role role = mention.role();
    return role == Role.FLOUR
        || role == Role.EGG
        || role == Role.LEAVENING
        || role == Role.LIQUID && mention.known().filter(Row::isPoured).isPresent()
        || role == Role.SALT;
  }

  public static boolean isSpooned(String food) {
    return SPOONED.isIn(food);
  }

  /** "cream, a dollop each", "a sprig of dill each": nobody puts that into a batter. */
  public static boolean isSpooned(Mention mention) {
    return mention.amount != null
        && (ON_TOP.contains(mention.amount.measure().unit())
            || mention.amount.low().contains("sprig")
            || SPOONED.isIn(mention.foodText)
            || mention.known().filter(food -> SPOONED.isIn(food.name())).isPresent());
  }

  private static boolean isPoured(Food food) {
    return food.liquid() && !SPOONED.isIn(food.name());
  }
}
