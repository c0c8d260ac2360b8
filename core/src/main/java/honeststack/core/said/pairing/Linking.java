package honeststack.core.said.pairing;

import honeststack.core.line.LineWords;
import honeststack.core.line.Token;
import honeststack.core.measure.Containers;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Between;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.span.UnknownNames;
import honeststack.core.said.words.Sort;
import java.util.ArrayList;
import java.util.List;

/**
 * Which amount is of which food: of all ways to pair neighbours, the cheapest.
 *
 * <p>Costs: an amount before its food 0, behind it 1; each word between 0.4, or 0.1 where it
 * describes a food; a food without an amount 2; an amount without a food 6, or 0.2 for "a"; a
 * second amount of the same food 1.5.
 */
public final class Linking {
  private static final double NEVER = 1e6;
  private static final double BEHIND = 1;
  private static final double WORD = 0.4;
  private static final double DESCRIBING = 0.1;
  private static final double FOOD_ALONE = 2;
  private static final double AMOUNT_ALONE = 6;
  private static final double ARTICLE_ALONE = 0.2;
  private static final double TWICE = 1.5;
  private static final double COMMA = 2.5;

  /** An amount that stands right before a word nobody knows is of that. */
  private static final double OF_UNKNOWN = 5;

  /** A list that begins with a name and its amount goes on so. */
  private static final double NAMES_FIRST = 3;

  /** In such a list an amount right behind a name is of that. */
  private static final double TAKEN = 1.5;

  /** "this one it's honey": a number before them is of something else. */
  private static final String[] CLAUSES = {
    "it's", "is", "that's", "was", "are", "i", "we", "you", "they", "she", "he", "has", "gets"
  };

  private static final int MOST_WORDS = 5;
  private static final int MOST_BEHIND = 7;

  private final Clause clause;
  private final UnknownNames names;
  private final List<Integer> places = new ArrayList<>();

  private Linking(Clause clause) {
    this.clause = clause;
    this.names = new UnknownNames(clause);
    for (int i = 0; i < clause.size(); i++) {
      Element element = clause.get(i);
      if (element.isFree() && (element.isAmount() || element.isFood())) {
        places.add(i);
      }
    }
  }

  /**
   * @param amount its place in the clause; -1 for none
   * @param food its place; -1 for none
   * @param also place of a second amount of the same food; -1 for none
   */
  public record Link(int amount, int food, int also) {
    int from() {
      return amount < 0 ? food : food < 0 ? amount : Math.min(amount, food);
    }

    int to() {
      return Math.max(Math.max(amount, food), also) + 1;
    }
  }

  private record Step(Link link, int back, double cost) {}

  public static List<Link> in(Clause clause) {
    return new Linking(clause).links();
  }

  private List<Link> links() {
    int n = places.size();
    Step[] best = new Step[n + 1];
    best[0] = new Step(null, 0, 0);
    for (int k = 0; k < n; k++) {
      int at = places.get(k);
      boolean food = clause.get(at).isFood();
      offer(best, k, 1, food ? new Link(-1, at, -1) : new Link(at, -1, -1), alone(at));
      if (k + 1 < n) {
        int next = places.get(k + 1);
        if (food && clause.get(next).isAmount() && !isShare(at)) {
          offer(best, k, 2, new Link(next, at, -1), behind(at, next));
          alsoBehind(best, k, at, next);
        } else if (!food && clause.get(next).isFood()) {
          offer(best, k, 2, new Link(at, next, -1), before(at, next));
          also(best, k, at, next);
        }
      }
    }
    List<Link> links = new ArrayList<>();
    for (int k = n; k > 0; k -= best[k].back()) {
      links.add(0, best[k].link());
    }
    return links;
  }

  /** "50 % wholemeal, 300 g in all": some of what follows, not all. */
  private boolean isShare(int food) {
    return clause.is(food - 1, Sort.UNIT_OTHER) && clause.get(food - 1).text().endsWith("%");
  }

  private void also(Step[] best, int k, int amount, int food) {
    if (k + 2 >= places.size()) {
      return;
    }
    int also = places.get(k + 2);
    boolean other = clause.isStrong(also) && !clause.get(also).isCount();
    boolean count = clause.get(amount).isCount();
    if (count
        && clause.isStrong(also)
        && clause.get(also).measure().unit().kind() != Unit.Kind.MASS) {
      return; // "2 eggs, 200 ml": of what, is another question
    }
    boolean packed = Containers.isContainer(clause.get(amount).measure().size());
    boolean pieces = (count || packed) && !clause.isFood(also + 1);
    boolean apart =
        (also > food + 1 || pieces)
            && !isOfNext(food, also)
            && !clause.isWord(also + 1, "of") // "1 egg white, half a teaspoon of …"
            && !names.isNext(also)
            && !(also > food + 1 && names.isNamedBefore(also)) // "pinch salt, mealie meal 2 cups"
            && !isPlaced(food, also)
            && !clause.is(also + 1, Sort.PAN, Sort.PLATE);
    if (other && apart) {
      double cost = before(amount, food) + behind(food, also) + TWICE;
      offer(best, k, 3, new Link(amount, food, also), cost);
    }
  }

  /** "130 ml milk, 10 g sugar": behind a comma, of what follows. */
  private boolean isOfNext(int food, int also) {
    int of = clause.isWord(also + 1, "of") ? also + 2 : also + 1;
    return clause.isMark(also - 1, ",") && also > food + 1 && clause.isFood(of);
  }

  /** "1 tbsp butter for the pan, 2 tbsp for the batter": another helping of it. */
  private boolean isPlaced(int food, int also) {
    boolean placed = false;
    for (int i = food + 1; i < also; i++) {
      placed |= clause.is(i, Sort.PAN, Sort.PLATE, Sort.BOWL) && !clause.is(i, Sort.BATTER);
    }
    return placed;
  }

  /** "blueberries, a good handful, say 80 g". */
  private void alsoBehind(Step[] best, int k, int food, int amount) {
    if (k + 2 >= places.size()) {
      return;
    }
    int also = places.get(k + 2);
    boolean other =
        clause.isStrong(also)
            && !clause.get(also).isCount()
            && !names.isNext(also)
            && !names.isNamedBefore(also);
    boolean last = k + 3 >= places.size() || clause.isMark(also + 1, ",", ";", ".");
    boolean each = // "buckwheat flour 4 scoops @ 25 g"
        clause.isMark(also - 1, "@", "à")
            || clause.isWord(also - 1, "at", "à") && also == amount + 2;
    if (other && last && (each || clause.get(amount).measure().unit().kind() == Unit.Kind.VAGUE)) {
      double cost = behind(food, amount) + behind(amount, also) + TWICE;
      offer(best, k, 3, new Link(amount, food, also), cost);
    }
  }

  private static void offer(Step[] best, int k, int taken, Link link, double cost) {
    double all = best[k].cost() + cost;
    if (best[k + taken] == null || all < best[k + taken].cost()) {
      best[k + taken] = new Step(link, taken, all);
    }
  }

  /** "cream 100 g butter", "mix 150 g flour". */
  private static boolean isVerb(Element element) {
    return element.isWord("cream", "mix");
  }

  /** "increase the milk to 300 ml". */
  private boolean isChanged() {
    return clause.isWord(
        0,
        "set",
        "increase",
        "reduce",
        "raise",
        "lower",
        "cut",
        "bring",
        "bump",
        "drop",
        "up",
        "change");
  }

  private static boolean isRashers(Element amount) {
    return amount.low().contains("rasher");
  }

  private boolean isNamesFirst() { // only marks stand between the first name and an amount
    int amount = places.size() > 2 ? places.get(1) : -1;
    boolean colon = amount > 0 && clause.isMark(amount - 1, ":") && clause.isFood(amount + 1);
    boolean marks = amount > 0 && clause.isStrong(amount) && !colon;
    for (int i = places.get(0) + 1; marks && i < amount; i++) {
      marks = clause.isMark(i, ":", "-", "–", "—", "=", ".", "…");
    }
    return marks;
  }

  private double alone(int at) {
    Element element = clause.get(at);
    boolean named = at == places.get(0) && element.isFood() && isNamesFirst() && !isVerb(element);
    if (named) {
      return FOOD_ALONE + NAMES_FIRST;
    }
    if (element.isAmount() && (names.isNextIn(at, places) || names.isBefore(at))) {
      return FOOD_ALONE;
    }
    return element.isFood() ? FOOD_ALONE : element.isWeak() ? ARTICLE_ALONE : AMOUNT_ALONE;
  }

  private double before(int amount, int food) {
    if (clause.get(amount).corrects) {
      return NEVER;
    }
    boolean marked = // "sour cream – 500 g – sugar – 100 g – vanilla – a little"
        clause.isMark(amount - 1, "-", "–", "—", ":", "=") && isNamesFirst();
    int name = marked ? amount - 2 : amount - 1;
    boolean apart = clause.has(amount + 1) && clause.get(amount + 1).kind == Element.Kind.MARK;
    while (apart
        && name > 0
        && clause.get(name).kind == Element.Kind.WORD
        && LineWords.isDescribing(clause.low(name))) {
      name--; // "flour 200 g - butter melted 50 g - salt"
    }
    boolean taken =
        amount > 0
            && clause.isFood(name)
            && clause.isFood(places.get(0))
            && !isVerb(clause.get(places.get(0)))
            && !isVerb(clause.get(name));
    boolean weak = clause.get(amount).isWeak();
    double cost = taken ? TAKEN : 0;
    int words = 0;
    for (int i = amount + 1; i < food; i++) {
      Element element = clause.get(i);
      if (element.isWord("plus", "so")) {
        return NEVER; // "2 dosas plus coconut milk", "6 hens so eggs are no problem"
      }
      if (element.isMark(",")) {
        cost += clause.get(amount).isWeak() ? NEVER : COMMA;
        cost += names.isBefore(amount) || names.isNextIn(amount, places) ? OF_UNKNOWN : 0;
      } else if (element.isMark(".", "-", "–", "'", "\"", "#")) {
        cost += WORD;
      } else if (Between.isPaired(clause, i)
          || Between.isOver(element)
              && !Between.isJoint(element)
              && !(weak && element.isWord(CLAUSES))) {
        cost += words(element);
        words += element.to - element.from;
      } else {
        return NEVER;
      }
    }
    return words > MOST_WORDS ? NEVER : cost;
  }

  private double behind(int food, int amount) {
    Element said = clause.get(amount);
    if (said.corrects) {
      return 0;
    }
    if (isRashers(said) && !clause.get(food).low().contains("bacon")) {
      return NEVER; // nothing else comes in them
    }
    int next = clause.isWord(amount + 2, "the", "my") ? amount + 3 : amount + 2;
    boolean ofNext = clause.isWord(amount + 1, "of") && clause.isFood(next);
    if (said.isWeak() || ofNext && (amount == food + 1 || clause.isWord(amount - 1, "plus"))) {
      return NEVER; // "sugar pinch of salt"
    }
    if (clause.isWord(amount - 1, "total", "altogether", "weighs")) {
      return NEVER; // of all together
    }
    boolean other = // "spelt; kinako 2 tablespoons"
        clause.isMark(amount - 2, ";", ",") && names.isNamedBefore(amount);
    double cost = names.isNextIn(amount, places) || other ? BEHIND + OF_UNKNOWN : BEHIND;
    int words = 0;
    for (int i = reasonEnd(food + 1, amount); i < amount; i++) {
      Element element = clause.get(i);
      if (element.isMark(Between.LEADING)) {
        cost -= i == food + 1 ? DESCRIBING : 0;
      } else if (element.isMark(",")) {
        cost += DESCRIBING;
      } else if (element.isMark(";") || element.isWord("to") && isChanged()) {
        cost += WORD;
      } else if (element.is(Sort.AMOUNTS_TO)
          || element.isFree() && Between.isTaken(element)
          || element.isWord("shell", "shells") // "3 eggs without shell, 156 g"
          || element.isAmount() && element.isWeak()) {
        cost += DESCRIBING;
      } else if (Between.isOver(element) && !Between.isJoint(element)
          || element.is(Sort.PLATE, Sort.PAN, Sort.BOWL, Sort.EXCLUDE, Sort.INSTEAD, Sort.LIKE)) {
        cost +=
            element.isWord("about", "is", "that", "that's", "so", "x")
                ? DESCRIBING
                : words(element);
        words += element.to - element.from;
      } else {
        return NEVER;
      }
    }
    return words > MOST_BEHIND ? NEVER : cost;
  }

  /** "oat milk because of the allergy, 240 ml": behind the reason; where it began if none is. */
  private int reasonEnd(int from, int amount) {
    int at = clause.isMark(from, ",") ? from + 1 : from;
    boolean reason = clause.isWord(at, "because", "since", "as", "cause", "seeing");
    for (int i = at + 1; reason && i < amount; i++) {
      if (clause.isMark(i, ",")) {
        return i;
      }
      reason = !clause.isFood(i) && !clause.isStrong(i);
    }
    return from;
  }

  private static double words(Element element) {
    double cost = 0;
    for (Token token : element.tokens.subList(element.from, element.to)) {
      cost += LineWords.isDescribing(token.low()) ? DESCRIBING : WORD;
    }
    return cost;
  }
}
