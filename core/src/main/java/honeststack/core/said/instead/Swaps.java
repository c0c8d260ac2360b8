package honeststack.core.said.instead;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.ratio.LikeForLike;
import honeststack.core.said.supposed.Habits;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.regex.Matcher;

/** Foods that give way to others: "swap the butter for oil". */
public final class Swaps {
  private static final int FAR = 4;

  private static final Sought EGG = Sought.of("\\begg");

  private static final Sought ALIKE =
      Sought.of(
          "^,? ?(the )?(same (amount|weight|quantity|again)|like for like|one (to|for) one|1 : 1)");

  private static final Remembered STAND_IN =
      Remembered.whole("substitute|replacement|alternative|replacer|sub|stand-in");

  private static final String[] TAKES = {"use", "take", "i", "we", "you", "add", "put"};

  private final Clause clause;

  private Swaps(Clause clause) {
    this.clause = clause;
  }

  public static void in(Clause clause) {
    Swaps swaps = new Swaps(clause);
    swaps.swaps();
    swaps.alike();
    swaps.given();
    swaps.passive();
    swaps.dropped();
    swaps.forEgg();
    Habits.in(clause);
    swaps.named();
  }

  /** "3 tbsp chickpea flour and 3 tbsp water for the egg": at the end, where no egg is measured. */
  private void forEgg() {
    int last = clause.size() - 1;
    int egg = clause.isMark(last, ".", "!", ",") ? last - 1 : last;
    boolean well = // "make a well for the egg"
        clause.low(egg - 3).endsWith("well")
            || clause.isWord(egg - 3, "hole", "space", "room", "place", "dip");
    boolean the = !well && clause.isWord(egg - 1, "the", "an", "each", "every", "one");
    boolean said = the && clause.isWord(egg - 2, "for") && clause.isFood(egg);
    boolean eggs = said && clause.get(egg).low().matches("eggs?");
    boolean other = false;
    for (int i = 1; i < egg - 2; i++) {
      eggs &= !EGG.isIn(clause.low(i));
      other |= clause.isFood(i) && clause.isStrong(clause.isWord(i - 1, "of") ? i - 2 : i - 1);
    }
    if (eggs && other) {
      clause.take(egg - 2, egg + 1, Part.EXCLUDED);
    }
  }

  /** "100 g apple sauce is my butter substitute", "as butter substitute: …". */
  private void named() {
    boolean other = clause.hasAmount();
    for (int i = 1; i < clause.size(); i++) {
      boolean as = clause.isWord(i - 1, "as", "my", "our") || clause.isWord(i - 2, "as", "is");
      boolean named = clause.says(i + 1, STAND_IN);
      boolean whole = clause.isFood(i) && clause.low(i).endsWith(" substitute");
      if (as && other && clause.isFood(i) && (named || whole)) {
        clause.take(i, named ? i + 2 : i + 1, Part.EXCLUDED);
      }
    }
  }

  /** "swap the butter for 3 tbsp oil". */
  private void swaps() {
    for (int i = 0; i < clause.size(); i++) {
      boolean may = clause.isWord(i - 1, "be", "can", "could", "may", "might");
      boolean turned =
          clause.low(i).startsWith("switch")
              && clause.ahead(i + 1, FAR, Element::isFood) < 0; // "the iron on"
      if (!clause.is(i, Sort.SWAP) || clause.isMark(i + 1, ":") || may || turned) {
        continue;
      }
      for (int j = i + 1; j < clause.size(); j++) {
        if (clause.is(j, Sort.SWAPPED) || clause.isMark(j, ">")) {
          if (!clause.get(i).isFree()) {
            goOn(j); // its first two are read
            break;
          }
          boolean free =
              clause.isWord(j + 2, "free") && clause.ahead(j + 3, FAR, Element::isFood) < 0;
          if (free || isHalf(i, j)) {
            break; // "for lactose free": it is milk; "swap half of the flour for almonds": some of
            // it stays
          }
          if (isNew(i, j)) {
            int from = clause.isStrong(j + 1) ? j + 2 : j + 1;
            int old = clause.ahead(from, FAR, Element::isFood);
            clause.take(from, old + 1, Part.EXCLUDED);
            clause.take(from - 1, from, Part.EXCLUDED);
          } else if (clause.isFood(j - 1)
              || clause.isFood(j - 2) && clause.get(j - 1).kind == Element.Kind.WORD
              || clause.isFood(j - 2) && LikeForLike.isSaid(clause.low(j - 1))
              || clause.isMark(j - 1, "-", ",")) {
            clause.exclude(i, j);
            handOn(i, j);
            goOn(j);
          }
          break;
        }
      }
    }
  }

  /** "replace the milk with oat milk and the butter with oil". */
  private void goOn(int swapped) {
    String by = clause.low(swapped);
    for (int i = swapped + 2; clause.has(i + 2); i++) {
      boolean and = clause.isWord(i - 1, "and") || clause.isMark(i - 1, ",");
      int old = clause.isWord(i, "the", "my", "your", "all") ? i + 1 : i;
      int food = clause.isStrong(old) ? old + 1 : old;
      food = food > old && clause.isWord(food, "of") ? food + 1 : food;
      boolean pair = and && clause.isFood(food) && clause.isWord(food + 1, by);
      if (pair && clause.ahead(food + 2, FAR, e -> e.isFood() || e.isAmount()) > 0) {
        clause.take(old, food + 1, Part.EXCLUDED);
      }
    }
  }

  /** "sub 2 tbsp yogurt for the egg": what comes first is the new one. */
  private boolean isNew(int verb, int swapped) {
    boolean sub = clause.low(verb).startsWith("sub");
    int old =
        sub && clause.isWord(swapped, "for") ? clause.ahead(swapped + 1, FAR, Element::isFood) : -1;
    boolean definite = clause.isWord(verb + 1, "the", "your", "my");
    boolean bare = clause.isStrong(verb + 1) && clause.isFood(swapped + 1);
    if (old > 0 && bare && isFoodBetween(verb, swapped)) {
      return true; // "sub 100 g mashed banana for eggs"
    }
    boolean both = clause.isStrong(verb + 1) && clause.isStrong(swapped + 1);
    if (sub && both && isFoodBetween(verb, swapped)) {
      return true; // "substitute 60 g applesauce for 60 g of the oil"
    }
    return old > 0 && !definite && clause.isWord(swapped + 1, "the", "your", "my", "each", "an");
  }

  private boolean isFoodBetween(int from, int to) {
    return clause.elements.subList(from, to).stream().anyMatch(Element::isFood);
  }

  /** "swap ¼ cup of the flour for ground flax": as much of the other. */
  private void handOn(int from, int to) {
    int food = clause.ahead(to + 1, FAR, Element::isFood);
    boolean own = clause.ahead(to + 1, FAR, Element::isAmount) >= 0;
    int amount = clause.ahead(from + 1, FAR, Element::isAmount);
    if (food < 0 || own || amount < 0 || amount > to || clause.get(amount).isCount()) {
      return;
    }
    clause.get(amount).part = null;
    clause.get(to).part = Part.NOTE;
  }

  /** "ghee for butter, same amount": the second gives way. */
  private void alike() {
    for (int i = 1; i + 1 < clause.size(); i++) {
      boolean pair = clause.isWord(i, "for") && clause.isFood(i - 1) && clause.isFood(i + 1);
      boolean first = pair && clause.elements.subList(0, i - 1).stream().noneMatch(Element::isFood);
      if (first && isAlike(i + 2)) {
        clause.take(i, i + 2, Part.EXCLUDED);
      }
    }
  }

  private boolean isHalf(int from, int to) {
    boolean half = false;
    for (int i = from; i < to; i++) {
      if (clause.isStrong(i)) {
        return false;
      }
      half |= clause.is(i, Sort.PART_OF);
    }
    return half;
  }

  /** "drop the honey, use cinnamon", "for the butter, use 30 g oil". */
  private void dropped() {
    for (int i = 0; i + 2 < clause.size(); i++) {
      boolean cue = clause.isWord(i, "drop", "lose", "cut", "for", "leave");
      int food = clause.isWord(i + 1, "the") ? i + 2 : i + 1;
      boolean other = clause.isMark(food + 1, ",") || clause.isWord(food + 1, "and");
      boolean one = clause.isWord(i, "for") && clause.isWord(food + 1, TAKES);
      int verb = other ? food + 2 : one ? food + 1 : food;
      verb = clause.isWord(verb, "i", "we", "you") ? verb + 1 : verb;
      boolean use = verb > food && clause.isWord(verb, "use", "add", "take", "put", "used", "took");
      boolean first = i == 0 || clause.isMark(i - 1, ",", ";");
      boolean given = other || clause.ahead(verb + 1, 2, Element::isAmount) > 0;
      if (cue && first && use && given && clause.isFood(food)) {
        clause.take(i, food + 1, Part.EXCLUDED);
      }
    }
  }

  /** "the oil can be replaced by apple sauce". */
  private void passive() {
    for (int i = 1; i + 1 < clause.size(); i++) {
      boolean by = clause.isWord(i + 1, "by", "with", "for");
      boolean swapped = clause.isWord(i, "replaced", "swapped", "substituted", "exchanged") && by;
      swapped |= clause.isWord(i, "turned", "turns") && clause.isWord(i + 1, "into");
      swapped &= clause.get(i).isFree();
      for (int food = i - 1; swapped && food >= Math.max(0, i - FAR); food--) {
        if (clause.isFood(food)) {
          boolean some = clause.is(food - 1, Sort.PART_OF); // "half the flour swapped for rye"
          if (!some && !isAllowed(food, i)) {
            clause.take(food, food + 1, Part.EXCLUDED);
          }
          break;
        }
      }
    }
  }

  /** "30 g butter, can be replaced by oil": what may be is a choice. */
  private boolean isAllowed(int food, int verb) {
    boolean measured =
        clause.isStrong(food - 1) || clause.isWord(food - 1, "of") && clause.isStrong(food - 2);
    boolean may = false;
    for (int i = food + 1; i < verb; i++) {
      may |= clause.isWord(i, "can", "could", "may", "might");
    }
    return measured && may && clause.ahead(verb + 1, FAR, Element::isAmount) < 0;
  }

  /** "coconut oil for the butter (2 tbsp)", of a kind and nothing else between. */
  private void given() {
    for (int i = 1; i + 2 < clause.size(); i++) {
      boolean pair = clause.isWord(i, "for") && clause.isWord(i + 1, "the");
      if (pair
          && clause.isFood(i - 1)
          && clause.isFood(i + 2)
          && clause.get(i - 1).isOfAKind(clause.get(i + 2))) {
        clause.take(i, i + 3, Part.EXCLUDED);
      }
      int instead = clause.isWord(i + 1, "the") && clause.isStrong(i + 2) ? i + 3 : -1;
      int next = clause.has(instead + 1) && clause.get(instead + 1).isAmount() ? instead + 2 : -1;
      boolean given = clause.isWord(i, "for") && instead > 0 && clause.isFood(instead);
      if (given && next > 0 && clause.ahead(next, 2, Element::isFood) > 0) {
        clause.take(i, instead + 1, Part.EXCLUDED); // "for the two eggs a mashed banana"
      }
      int old = pair && clause.isStrong(i + 2) ? clause.ahead(i + 3, 2, Element::isFood) : -1;
      if (old > 0 && clause.isFood(old) && isKindBefore(i, clause.get(old))) {
        clause.take(i, old + 1, Part.EXCLUDED); // "10 g stevia per cake for the 20 g of sugar"
      }
      boolean measured = clause.isWord(i, "for") && clause.isStrong(i + 1) && clause.isFood(i + 2);
      if (measured
          && clause.isFood(i - 1)
          && clause.isStrong(i - 2)
          && clause.get(i - 1).isOfAKind(clause.get(i + 2))) {
        clause.take(i, i + 3, Part.EXCLUDED); // "3/4 cup honey for 1 cup sugar"
      }
    }
  }

  private boolean isKindBefore(int place, Element old) {
    return clause.elements.subList(0, place).stream()
        .anyMatch(e -> e.isFood() && e.isFree() && e.isOfAKind(old) && !e.isSameFood(old));
  }

  private boolean isAlike(int from) {
    StringBuilder words = new StringBuilder();
    for (int i = from; i < clause.size() && i < from + 6; i++) {
      words.append(clause.low(i)).append(' ');
    }
    Matcher alike = ALIKE.matcher(words.toString());
    boolean found = alike.find();
    int end = found ? from + words.substring(0, alike.end()).strip().split(" ").length : from;
    for (int i = from; found && i < Math.min(end, clause.size()); i++) {
      if (!clause.get(i).isAmount() || clause.get(i).isCount()) {
        clause.get(i).part = Part.NOTE;
      }
    }
    return found;
  }
}
