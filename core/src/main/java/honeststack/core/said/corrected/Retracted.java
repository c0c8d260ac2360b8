package honeststack.core.said.corrected;

import honeststack.core.said.clause.Between;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.supposed.WentBack;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.Set;

/**
 * Amounts that are set against the one that counts: "200 ml milk, not 300", "was 300 ml, now 200".
 */
public final class Retracted {
  private static final int FAR = 8;

  /** Before what was. */
  private static final Set<String> ONCE =
      Set.of("was", "were", "used to be", "originally", "normally", "usually", "formerly", "once");

  /** Between what was and what is. */
  private static final Sought NOW =
      Sought.of(
          ",? ?(?:but )?(?:(?:it's |it is |is |are |they're )?"
              + "(?:now|nowadays|today|these days)(?: it's| it is| use| i use)?|is|are)");

  /** Between an amount that was no good and the one that is. */
  private static final Sought CHANGED =
      Sought.of(
          "→|->|became|becomes|turned into"
              + "|(?:is|was|were|are|seems|seemed|proved|would be) (?:(?:far|way|a bit|just|really) )?"
              + "(?:too (?:much|little|many|few|thick|thin|runny|sweet|dry|salty)|not enough|overkill)"
              + "(?: for (?:me|us))?,? ?(?:so|and|now)? ?(?:(?:i|we|you) )?"
              + "(?:take|took|use|used|went with|go with|do|did|make|made|put|need|needed|go for|try)?"
              + "(?: it)?(?: about)?");

  private final Clause clause;

  private Retracted(Clause clause) {
    this.clause = clause;
  }

  public static void in(Clause clause) {
    Retracted retracted = new Retracted(clause);
    for (int i = 0; i + 1 < clause.size(); i++) {
      retracted.not(i);
      retracted.instead(i);
      retracted.told(i);
      retracted.better(i);
      retracted.butMine(i);
      WentBack.at(clause, i);
      retracted.changed(i);
      retracted.used(i);
    }
  }

  /** The amount before a place gives way to another behind it. */
  public static void instead(Clause clause, int place, int amount) {
    Retracted retracted = new Retracted(clause);
    int old = retracted.last(place);
    if (old >= 0) {
      clause.take(old, old + 1, Part.EXCLUDED);
      clause.take(place, amount, Part.NOTE);
      retracted.correct(old, amount, true);
    }
  }

  /** "not 300 but 200 ml", "not 300 ml of milk but 200", "200 ml milk, not the 300 it says". */
  private void not(int i) {
    int wrong = Between.overUsual(clause, i + 1);
    if (!clause.isWord(i, "not") || !clause.isStrong(wrong)) {
      return;
    }
    int food = clause.ahead(wrong + 1, 2, Element::isFood);
    int but = food > 0 ? food + 1 : wrong + 1;
    boolean comma = food > 0 && clause.isMark(but, ",");
    boolean own = comma && clause.ahead(but + 2, 2, Element::isFood) > 0;
    boolean other = clause.isWord(but, "but") && clause.ahead(but + 2, 1, Element::isFood) > 0;
    if (food > 0 && other && clause.isStrong(but + 1)) {
      clause.take(i, but + 1, Part.EXCLUDED); // "not 50 g sugar but 40 g honey"
    } else if ((clause.isWord(but, "but") || comma && !own) && clause.isStrong(but + 1)) {
      clause.take(i, wrong + 1, Part.EXCLUDED);
      clause.take(but, but + 1, Part.EXCLUDED);
      correct(wrong, but + 1, food > 0);
    } else if (food > 0) {
      clause.take(i, food + 1, Part.EXCLUDED); // "not 100 g sugar, 80 g sugar"
    } else if (hasAmount(i)) {
      clause.take(i, wrong + 1, Part.EXCLUDED);
      said(wrong + 1);
      int right = clause.isMark(wrong + 1, ",") ? wrong + 2 : wrong + 1;
      int old = last(i);
      if (clause.isStrong(right) && clause.ahead(right + 1, 2, Element::isFood) < 0 && old >= 0) {
        clause.take(old, old + 1, Part.EXCLUDED);
        correct(old, right, true); // "300 ml milk, not 300 ml, 250 ml"
      }
    } else if (clause.isFood(i - 1)) {
      clause.take(i - 1, wrong + 1, Part.EXCLUDED); // "sugar not 100 g, sugar 80 g"
    }
  }

  /** "… the 100 g it says": where it stood. */
  private void said(int from) {
    boolean who = clause.isWord(from, "it", "they", "she", "he", "that", "the");
    if (who && clause.isWord(from + 1, "says", "said", "say", "asks", "wrote", "calls")) {
      clause.take(from, from + 2, Part.NOTE);
    }
  }

  /** "200 ml milk instead of 300", "200 ml instead of 300 ml of milk", "down from 300 ml". */
  private void instead(int i) {
    boolean from = clause.isWord(i, "from") && clause.isWord(i - 1, "down", "up");
    if (!from && !clause.is(i, Sort.INSTEAD)) {
      return;
    }
    int amount = Between.overUsual(clause, i + 1);
    boolean own = clause.ahead(amount + 1, 2, Element::isFood) > 0;
    boolean right = clause.has(amount) && clause.get(amount).corrects;
    right |= clause.is(amount + 1, Sort.PIECES, Sort.PEOPLE); // "will do for 6 pancakes"
    if (!right && clause.isStrong(amount) && (clause.isStrong(i - 1) || !own && hasAmount(i))) {
      clause.take(i, amount + 1, Part.EXCLUDED);
    }
  }

  /** "it says 300 ml milk but I use 200". */
  private void told(int i) {
    boolean told =
        clause.isWord(i, "wrote", "said", "says", "say", "calls", "asks", "typed", "wants")
            || clause.isWord(i, "used") && clause.isWord(i + 1, "to")
            || clause.low(i).equals("used to be");
    int amount = told ? amount(i + 1, 4) : -1;
    int food = amount < 0 ? -1 : clause.ahead(amount + 1, 3, Element::isFood);
    int said = food < 0 ? -1 : amount(food + 1, FAR + 2);
    boolean own = said > 0 && clause.ahead(said + 1, 2, Element::isFood) > 0;
    int other = said > 0 && !own ? other(food, said) : -1;
    if (other > 0 && isTurn(other + 1, said)) {
      clause.take(
          amount, food + 1, Part.EXCLUDED); // "said 3 eggs, mine were duck eggs so I used 2"
      clause.take(other + 1, said, Part.NOTE);
      clause.get(said).corrects = true;
    } else if (said > 0 && !own && isTurn(food + 1, said)) {
      clause.take(amount, amount + 1, Part.EXCLUDED);
      correct(amount, said, true);
    }
  }

  /** Another sort of the food, before the amount that counts; -1 for none. */
  private int other(int food, int said) {
    for (int i = food + 1; i < said; i++) {
      if (clause.isFood(i) && clause.get(i).isOfAKind(clause.get(food))) {
        return i;
      }
    }
    return -1;
  }

  private boolean isTurn(int from, int to) {
    for (int i = from; i < to; i++) {
      if (clause.isFood(i)) {
        return false;
      }
      if (clause.low(i).equals("it was")
          || clause.isWord(
              i,
              "but",
              "now",
              "nowadays",
              "use",
              "used",
              "was",
              "meant",
              "it's",
              "take",
              "put",
              "do",
              "make",
              "typo",
              "mistake",
              "misprint",
              "wrong")) {
        return true;
      }
    }
    return false;
  }

  /** "I put 250 ml milk, but 300 is better". */
  private void better(int i) {
    boolean is = clause.isStrong(i) && clause.isWord(i + 1, "is", "works", "was", "would");
    boolean better = false;
    for (int j = i + 2; j < clause.size() && j < i + 5; j++) {
      better |= clause.isWord(j, "better", "plenty", "enough");
    }
    for (int j = i - 1; is && better && j > 0; j--) {
      boolean food = clause.isStrong(j) && clause.ahead(j + 1, 3, Element::isFood) > 0;
      if (food) {
        clause.take(j, j + 1, Part.EXCLUDED);
        correct(j, i, true);
        return;
      }
    }
  }

  /** "you can get away with 1 egg but I prefer 2". */
  private void butMine(int i) {
    int food = clause.isStrong(i) ? clause.ahead(i + 1, 2, Element::isFood) : -1;
    int but = food < 0 ? -1 : clause.isMark(food + 1, ",") ? food + 2 : food + 1;
    int said = clause.isWord(but, "but") ? amount(but + 1, 6) : -1;
    said = said < 0 && clause.isWord(but, "but") ? one(but + 1) : said;
    boolean last = said > 0 && (!clause.has(said + 1) || clause.isMark(said + 1, ".", "!"));
    boolean mine = false;
    for (int j = but + 1; j < said; j++) {
      mine |=
          clause.isWord(
              j, "prefer", "cut", "reduce", "keep", "go", "went", "had", "have", "got", "use",
              "like", "take", "put", "do", "usually", "always", "used");
    }
    if (last && mine) {
      clause.take(i, i + 1, Part.EXCLUDED);
      correct(i, said, true);
    }
  }

  /** "but I only had one." */
  private int one(int from) {
    int last = clause.isMark(clause.size() - 1, ".", "!") ? clause.size() - 2 : clause.size() - 1;
    return last > from && clause.isWord(last, "one") && clause.get(last).isAmount() ? last : -1;
  }

  /** "400 g carrots, use 200", "tip the 500 g bag of flour in, use 200 of it". */
  private void used(int i) {
    boolean ofIt =
        clause.isWord(i + 3, "of")
            && clause.isWord(i + 4, "it", "that", "this", "them", "those")
            && clause.isWhole(i + 2)
            && clause.isWord(i + 1, "use", "using", "take");
    int food = i;
    while (ofIt && food >= 0 && !clause.isFood(food)) {
      food--;
    }
    int bag = ofIt && clause.isWord(food - 1, "of") ? food - 2 : food - 1;
    if (ofIt && food > 0 && clause.isStrong(bag)) {
      clause.take(bag, bag + 1, Part.EXCLUDED);
      clause.take(food + 1, i + 2, Part.NOTE);
      clause.take(i + 3, i + 5, Part.NOTE);
      correct(bag, i + 2, true);
      return;
    }
    boolean need = clause.isWord(i + 1, "need", "want") && clause.isWord(i + 2, "just", "only");
    boolean use =
        clause.isMark(i, ",", ";", "-", "–") && (need || clause.isWord(i + 1, "use", "take"));
    int right = use ? amount(i + 2, 2) : -1;
    int old = right < 0 ? -1 : last(i);
    boolean part = right > 0 && clause.get(right).measure().amount() < 1; // "use half"
    boolean end =
        right > 0 && !part && (!clause.has(right + 1) || clause.isMark(right + 1, ".", ",", ";"));
    boolean near = old >= 0 && (food(old, i) == i - 1 || old == i - 1);
    if (end && near && clause.get(right).isPartOf(clause.get(old))) {
      clause.take(old, old + 1, Part.EXCLUDED);
      clause.take(i, right, Part.NOTE);
      correct(old, right, true);
    }
  }

  /** "300 ml milk was too much so 250 ml", "sugar was 100 g, is 80 g now". */
  private void changed(int old) {
    int right = clause.isStrong(old) ? amount(old + 1, FAR) : -1;
    int food = right < 0 ? -1 : food(old, right);
    boolean other = right < 0 || clause.ahead(right + 1, 2, Element::isFood) > 0;
    if (other || food < 0) {
      return;
    }
    StringBuilder words = new StringBuilder();
    for (int i = Math.max(old, food) + 1; i < right; i++) {
      if (clause.isFood(i)) {
        return;
      }
      words.append(clause.low(i)).append(' ');
    }
    String between = words.toString().replace(" , ", ", ").strip();
    int was = old - 1;
    boolean once = ONCE.contains(clause.low(was));
    boolean now = once && NOW.isAll(between);
    if (now || CHANGED.isAll(between)) {
      clause.take(old, old + 1, Part.EXCLUDED);
      correct(old, right, food > old);
    }
  }

  /** The food that an amount is of, right before it or behind it; -1 for none. */
  private int food(int amount, int end) {
    int behind = clause.isWord(amount + 1, "of", "the") ? amount + 2 : amount + 1;
    if (behind < end && clause.isFood(behind)) {
      return behind;
    }
    int before = amount - 1;
    while (clause.isMark(before, ":", ",", "-") || clause.isWord(before, "was", "were", "used")) {
      before--;
    }
    return clause.isFood(before) ? before : -1;
  }

  private int amount(int from, int most) {
    for (int i = from; i < clause.size() && i < from + most; i++) {
      if (clause.isStrong(i)) {
        return i;
      }
    }
    return -1;
  }

  /** The amount before a place that counted so far; -1 for none. */
  private int last(int before) {
    for (int i = before - 1; i >= 0; i--) {
      if (clause.isStrong(i)) {
        return i;
      }
    }
    return -1;
  }

  private boolean hasAmount(int before) {
    return clause.elements.subList(0, before).stream().anyMatch(e -> e.isAmount() && !e.isWeak());
  }

  /** The amount that counts, in the unit of the other where it has none. */
  private void correct(int old, int said, boolean behind) {
    clause.get(said).takeUnit(clause.get(old));
    clause.get(said).corrects = behind;
  }
}
