package honeststack.core.said.corrected;

import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.instead.Superseded;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Set;

/**
 * A sentence that says nothing but what is right of the one before it: "One egg. Two, actually.",
 * "Last time 3 eggs were too many. Now 2.", "40 g honey. Maple syrup, I mean."
 */
public final class Amended {
  private static final int LONGEST = 9;

  /** Nobody mends an amount to so many times of it. */
  private static final double MOST = 3;

  /** What such a sentence may hold besides its amount. */
  private static final Set<String> OVER =
      Set.of(
          "i",
          "we",
          "me",
          "mine",
          "ours",
          "it",
          "it's",
          "its",
          "that's",
          "think",
          "guess",
          "just",
          "only",
          "yes",
          "now",
          "today",
          "nowadays",
          "these days",
          "this time",
          "oh",
          "oops",
          "hm",
          "hmm",
          "er",
          "um",
          "well",
          "is",
          "are",
          "use",
          "do",
          "take",
          "put",
          "have",
          "go",
          "in",
          "did",
          "used",
          "took",
          "about",
          "for",
          "myself",
          "with",
          "fact",
          "mistake",
          "my",
          "yeah");

  private static final Sought RIGHT =
      Sought.of(
          "\\b(?:actually|sorry|i mean|i meant|rather|correction|oops|oh|no wait|in fact|my mistake"
              + "|scratch that|no)\\b");

  private static final Sought TODAY =
      Sought.of("\\b(?:now|today|nowadays|these days|this time|me|mine|ours|i|we)\\b");

  /** Not of all of it, or of more than there was. */
  private static final Sought MORE =
      Sought.of("\\b(?:more|extra|another|less|plus|also|too|each|per|again|over|left|spare)\\b");

  /** The one before tells of another time, or of somebody else. */
  private static final Sought ONCE =
      Sought.of(
          "\\b(?:first time|last time|at first|once|used to|wants?|says?|said|asks?|calls? for|was"
              + "|were|book|recipe|packet|original(?:ly)?|usually|normally|before|last (?:week|year)"
              + "|(?:mum|mom|mother|gran|grandma|nan|dad|she|he|they) (?:took|takes|used|uses|puts?))\\b");

  private final Clause before;
  private final Clause clause;
  private final String words;

  private Amended(Clause before, Clause clause) {
    this.before = before;
    this.clause = clause;
    this.words = clause.words(0, clause.size());
  }

  public static void by(Clause before, Clause clause) {
    if (clause.size() <= LONGEST && clause.size() > 1 && !before.mentions.isEmpty()) {
      Amended amended = new Amended(before, clause);
      amended.amount();
      amended.food();
    }
  }

  private void amount() {
    Mention last = last();
    Element said = single();
    boolean counts = clause.counts.serves.isPresent() || MORE.isIn(words);
    if (last == null || said == null || counts || !isAlike(last.amount, said)) {
      return;
    }
    boolean once = ONCE.isIn(before.words(0, before.size()));
    boolean right = RIGHT.isIn(words) || once && TODAY.isIn(words);
    last = right ? Superseded.meant(before, last, said) : null;
    if (last != null) {
      last.amount.part = Part.EXCLUDED;
      last.amountText = said.textLike(last.amount);
      last.restated = true;
      said.part = Part.AMOUNT;
      clause.counts.clear(); // "I do 60"
      clause.mentions.clear();
    }
  }

  /** What was measured last. */
  private Mention last() {
    Mention last = before.mentions.get(before.mentions.size() - 1);
    return last.isMeasured() && last.amount != null ? last : null;
  }

  /** The only amount, of no food; null where more is said. */
  private Element single() {
    Element single = null;
    for (int i = 0; i < clause.size(); i++) {
      Element element = clause.get(i);
      if (element.isAmount() && !element.isWord("a", "an", "each")) {
        if (single != null) {
          return null;
        }
        single = element;
      } else if (!isOver(element)) {
        return null;
      }
    }
    return single;
  }

  private static boolean isOver(Element element) {
    return element.kind == Element.Kind.MARK
        || element.is(Sort.CORRECT, Sort.IDLE, Sort.AMOUNTS_TO)
        || element.is(Sort.YIELD) && element.low().matches("i do|we do|i did|i use")
        || List.of(element.low().split(" ")).stream().allMatch(OVER::contains)
        || OVER.contains(element.low());
  }

  /** Both count, or both measure. */
  private static boolean isAlike(Element old, Element said) {
    boolean few = said.measure().amount() <= MOST * old.measure().amount(); // no number of pieces
    return said.isCount() && (!old.isCount() || few) || !said.isCount() && !old.isCount();
  }

  /** "Maple syrup, I mean.": as much of another. */
  private void food() {
    Mention last = last();
    Mention said = clause.mentions.size() == 1 ? clause.mentions.get(0) : null;
    boolean other =
        last != null
            && said != null
            && said.food != null
            && !said.isMeasured()
            && last.food != null
            && last.food.isOfAKind(said.food)
            && !last.food.isSameFood(said.food)
            && RIGHT.isIn(words)
            && clause.elements.stream().allMatch(e -> e == said.food || isOver(e));
    if (other) {
      said.amountText = last.amountText;
      said.restated = true;
      said.place = said.place == Place.NOT_SAID ? last.place : said.place;
      last.mark(Part.EXCLUDED);
      before.mentions.remove(last);
    }
  }
}
