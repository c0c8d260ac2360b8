package honeststack.core.said.supposed;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.words.Sought;
import java.util.Set;

/**
 * What others take, or one took before, set against what is done: "mum used lard, I use butter",
 * "usually it's butter, today apple sauce". The first gives way.
 */
public final class Habits {
  private static final int FAR = 4;

  private static final Set<String> OTHERS =
      Set.of(
          "mum",
          "mom",
          "mother",
          "mam",
          "gran",
          "grandma",
          "granny",
          "nan",
          "nana",
          "nonna",
          "oma",
          "grandmother",
          "dad",
          "father",
          "grandad",
          "grandpa",
          "aunt",
          "auntie",
          "uncle",
          "sister",
          "brother",
          "neighbour",
          "neighbor",
          "wife",
          "husband",
          "friend",
          "everyone",
          "everybody",
          "people",
          "others",
          "they",
          "recipe",
          "it",
          "book",
          "original",
          "packet",
          "box",
          "card",
          "she",
          "he",
          "she'd",
          "he'd",
          "they'd");

  private static final Set<String> HABITS =
      Set.of(
          "used", "uses", "use", "puts", "put", "adds", "added", "add", "said", "says", "say",
          "takes", "likes", "calls", "wants", "wanted", "asks", "asked", "had", "has", "did",
          "does", "always", "have");

  private static final Set<String> OWN =
      Set.of(
          "use", "put", "add", "do", "did", "take", "prefer", "have", "make", "go", "went", "used",
          "swap", "swapped", "put in", "like", "i'd");

  /** What was usual, before what is done today. */
  private static final Set<String> USUAL =
      Set.of(
          "normally",
          "usually",
          "traditionally",
          "originally",
          "typically",
          "ordinarily",
          "used to use",
          "used to be",
          "used to take",
          "used to put",
          "as a rule");

  private static final Set<String> TODAY =
      Set.of("today", "now", "nowadays", "this time", "these days", "this morning", "lately");

  /** One does as they do. */
  private static final Sought AGREED =
      Sought.of(
          "\\b(?:that|this|which)(?:'s| is| was) (?:(?:exactly|just|also|pretty much) )*(?:what|how) (?:i|we)\\b"
              + "|\\b(?:i|we) (?:do|did|make|made|use|used) (?:(?:just|exactly|precisely) (?:that|so|this|the same)|the same|likewise)\\b"
              + "|\\bso (?:do|did) (?:i|we)\\b");

  private final Clause clause;

  private Habits(Clause clause) {
    this.clause = clause;
  }

  public static void in(Clause clause) {
    Habits habits = new Habits(clause);
    habits.theirs();
    habits.usual();
  }

  /** "usually it's butter, today 100 g apple sauce". */
  private void usual() {
    for (int i = 0; i + 1 < clause.size(); i++) {
      boolean used = clause.isWord(i, "used") && clause.isWord(i + 1, "to");
      int old = used || USUAL.contains(clause.low(i)) ? food(i + 1) : -1;
      for (int j = old + 1; old > 0 && j < old + FAR && clause.has(j); j++) {
        boolean then = clause.isWord(j + 1, "and"); // "now and then"
        boolean today = TODAY.contains(clause.low(j)) && !clause.isStrong(j - 1) && !then;
        if (today && food(j + 1) > 0 && !isRestated(j)) {
          clause.exclude(i, j);
          break;
        }
      }
    }
  }

  /** What follows is another amount of the same food. */
  private boolean isRestated(int from) {
    int amount = from + 1;
    while (amount < from + FAR && !clause.isAmount(amount)) {
      amount++;
    }
    return clause.has(amount) && clause.get(amount).corrects;
  }

  private int food(int from) {
    for (int i = from; i < from + FAR && clause.has(i); i++) {
      if (clause.isFood(i)) {
        return i;
      }
    }
    return -1;
  }

  /** "mum used lard, I use butter": what somebody else takes, where it is set against one's own. */
  private void theirs() {
    if (AGREED.isIn(clause.words(0, clause.size()))) {
      return;
    }
    for (int i = 0; i + 1 < clause.size(); i++) {
      boolean other = OTHERS.contains(clause.low(i)) && HABITS.contains(clause.low(i + 1));
      other |= i == 0 && clause.isWord(0, "calls", "asks") && clause.isWord(1, "for");
      int own = other ? own(i + 2) : -1;
      int from = clause.low(i + 1).equals("have") ? i + 3 : i + 2;
      int food = own < 0 ? -1 : clause.ahead(from, FAR, e -> e.isFood() || e.isAmount());
      boolean measured = own > 0 && clause.ahead(own + 2, FAR, Element::isAmount) > 0;
      boolean both = measured && (clause.isAmount(food) || food(own + 2) < 0); // see Contrast
      if (food > 0 && food < own && !both && !isRestated(own)) {
        clause.exclude(food, own);
      }
    }
  }

  /** Where "I use" begins; -1 for nowhere. */
  private int own(int from) {
    for (int i = from; i + 1 < clause.size(); i++) {
      int verb = clause.isWord(i + 1, "just", "only", "always", "usually") ? i + 2 : i + 1;
      boolean mine = clause.isWord(i, "i", "we") && (OWN.contains(clause.low(verb)));
      if (mine || clause.isWord(i, "mine", "ours") && clause.isWord(i + 1, "is", "has", "gets")) {
        return i;
      }
    }
    return -1;
  }
}
