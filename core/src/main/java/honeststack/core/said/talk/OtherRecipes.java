package honeststack.core.said.talk;

import honeststack.core.food.Role;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.wording.WordSet;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What stands under the name of another dish, in a text that has a batter besides: "Soup: 500 g
 * carrots.", "Monday pancakes (…), Tuesday porridge (50 g oats)", "… and for the bread 500 g
 * flour".
 */
public final class OtherRecipes {
  private static final Remembered DISH =
      Remembered.whole(
          "(?:[a-z]+ ){0,2}(?:cake|bread|loaf|pie|quiche|tart|muffins|biscuits|cookies|omelettes?|omelets?|stew|soup|roast|casserole|pasta"
              + "|pizza|pizza dough|bread dough|brownies|scones|porridge|lunch|dinner|supper|lasagne|curry)");

  private static final Remembered OWN =
      Remembered.part(
          "^(?:pancakes?|waffles?|cr[eê]pes?|blini|batter|breakfast|pikelets?|galettes?|dosas?|hotcakes|flapjacks?)$");

  /** Right before its name. */
  private static final Set<String> LEADS =
      WordSet.of(
          """
          the a an my our some for and also then plus today tomorrow yesterday tonight monday tuesday
          wednesday thursday friday saturday sunday mon tue wed thu fri sat sun making make made baking
          cooking having had have , ; : ( – - .
          """);

  /** Right behind it. */
  private static final Set<String> TAILS =
      WordSet.of(": , ( – - takes needs with is uses has i we from");

  private static final int FEWEST = 2;

  /** What was measured for something else, and where. */
  private record Other(Clause clause, Mention mention) {}

  private final List<Other> others = new ArrayList<>();
  private int own;
  private boolean flour;

  private OtherRecipes() {}

  public static void find(List<Clause> read) {
    boolean any =
        read.stream()
            .flatMap(c -> Stream.concat(Stream.of(c), c.asides.stream().map(Clause.Aside::clause)))
            .anyMatch(clause -> clause.says(DISH));
    if (!any) {
      return;
    }
    OtherRecipes found = new OtherRecipes();
    boolean headed = false;
    for (Clause clause : read) {
      boolean label = isOnlyLabel(clause);
      boolean starts = clause.elements.stream().anyMatch(e -> e.says(OWN));
      headed = label ? dish(clause, 0) >= 0 : headed && !starts && !clause.mentions.isEmpty();
      found.read(clause, headed);
    }
    if (found.own >= FEWEST && found.flour) {
      found.others.forEach(OtherRecipes::leaveOut);
    }
  }

  /** Behind a batter, whether the sentence speaks of another dish only. */
  public static boolean by(List<Clause> read, Clause clause) {
    int first = 0;
    while (first < clause.size() && !clause.isAmount(first) && dish(clause, first) < 0) {
      first++;
    }
    boolean other = first < clause.size() && !clause.isAmount(first) && clause.hasAmount();
    if (!other || clause.elements.stream().anyMatch(e -> e.says(OWN) || e.is(Sort.PIECES))) {
      return false;
    }
    OtherRecipes found = new OtherRecipes();
    read.forEach(before -> found.read(before, false));
    boolean bread = clause.get(first).low().endsWith("bread");
    boolean flour = clause.mentions.stream().anyMatch(m -> m.role() == Role.FLOUR);
    if (found.own < FEWEST || !found.flour || bread && !flour) {
      return false;
    }
    clause.mentions.forEach(mention -> mention.mark(Part.ASIDE));
    clause.mentions.clear();
    clause.counts.clear();
    clause.passOverAmounts();
    return true;
  }

  /** "Bread:", "Pancakes:" on a line of its own. */
  private static boolean isOnlyLabel(Clause clause) {
    return !clause.hasAmount() && clause.size() <= FEWEST + 1 && clause.asides.isEmpty();
  }

  private void read(Clause clause, boolean headed) {
    List<Mention> under = new ArrayList<>();
    for (Mention mention : clause.mentions) {
      if (headed || mention.isMeasured() && isUnder(clause, mention)) {
        under.add(mention);
      } else if (mention.isMeasured()) {
        own++;
        flour |= mention.role() == Role.FLOUR;
      }
    }
    boolean bread = clause.elements.stream().anyMatch(e -> e.low().endsWith("bread"));
    boolean baked = !bread || under.stream().anyMatch(m -> m.role() == Role.FLOUR);
    if (baked) {
      under.forEach(mention -> others.add(new Other(clause, mention)));
      if (!under.isEmpty()) {
        clause.mentions.stream()
            .filter(m -> !m.isMeasured() && m.food != null && m.food.says(DISH))
            .forEach(m -> others.add(new Other(clause, m)));
      }
    }
  }

  /** Whether it is under the name of another dish. */
  private static boolean isUnder(Clause clause, Mention mention) {
    Element one = mention.food == null ? mention.amount : mention.food;
    for (Clause.Aside aside : clause.asides) {
      boolean inside = aside.clause().elements.contains(one);
      if (inside && label(aside.clause(), one.start()) >= 0) {
        return true;
      }
    }
    boolean behind = // "bread 500 g flour"
        mention.food != null && mention.amount != null && mention.amount.from > mention.food.from;
    return one != null && label(clause, one.start() + (behind ? 1 : 0)) >= 0;
  }

  /** Where the last name of another dish stands before a place of the text; -1 for none. */
  private static int label(Clause clause, int to) {
    int label = -1;
    for (int i = 0; i < clause.size() && clause.get(i).start() < to; i++) {
      if (clause.get(i).says(OWN) || clause.is(i, Sort.PIECES)) {
        label = -1;
      } else if (dish(clause, i) >= 0) {
        label = i;
      }
    }
    return label;
  }

  /** Itself where a name of another dish stands there by itself; -1 where none does. */
  private static int dish(Clause clause, int i) {
    boolean verb = clause.isWord(i, "stew", "roast") && clause.isAmount(i + 1);
    boolean named =
        !verb && clause.says(i, DISH) && clause.mentions.stream().noneMatch(m -> is(clause, m, i));
    boolean led = i == 0 || LEADS.contains(clause.low(i - 1));
    int behind = clause.get(i).end();
    boolean bracket = clause.asides.stream().anyMatch(aside -> aside.after() == behind);
    boolean tail =
        !clause.has(i + 1)
            || bracket
            || clause.isAmount(i + 1)
            || TAILS.contains(clause.low(i + 1));
    return named && led && tail ? i : -1;
  }

  /** It is measured. */
  private static boolean is(Clause clause, Mention mention, int i) {
    boolean isIt = mention.food != null && mention.food.start() == clause.get(i).start();
    boolean first = mention.amount == null || mention.amount.from < clause.get(i).from;
    boolean left = clause.low(i).startsWith("leftover ") || clause.isWord(i - 1, "leftover");
    return isIt && mention.isMeasured() && (first || left);
  }

  private static void leaveOut(Other other) {
    other.mention().mark(Part.ASIDE);
    other.clause().mentions.remove(other.mention());
  }
}
