package honeststack.core.said.amount;

import honeststack.core.food.Role;
import honeststack.core.line.LineWords;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/** How much of a food it is, said in a sentence by itself: "Butter for the pan. About 10 g." */
public final class Following {
  private static final int LONGEST = 7;

  /** So many sentences may stand between: "Butter! Lots! Like 20 g." */
  private static final int FAR = 2;

  /** How much that was, right before it. */
  private static final Sought MEANING =
      Sought.of(
          ".*\\b(?:in my case|which was|that was|which is|meaning|which came to|that came to|which means|it was|i needed|it took|must have been|it'll have been|will have been|would have been|that'll be|probably|i used|i put in|this time|today) ?(?:about|around|roughly|maybe|some)?"
              + "|(?:till|until|'til|so that|enough to|to make|just so) .*, ?(?:(?:about|around|roughly|maybe|say|probably|some|that's|took|it's) ?)*");

  /** "a bit of lard", before it is told how much that was. */
  private static final Sought LITTLE =
      Sought.of(
          "^(?:an? )?(?:little |tiny |small |wee )?(?:bit|touch|lick|film|dab|spot) of ",
          Pattern.CASE_INSENSITIVE);

  /** Behind how much it takes: "a bit of lard on a cloth, 30 g does the whole lot". */
  private static final Sought DOES =
      Sought.of(
          "(?:does|do|did|will do|is enough for|was enough for|lasts|is plenty for) (?:me |us )?(?:it|(?:for )?(?:the (?:whole )?(?:lot|job|batch)|all of (?:it|them)|them all|all)|them)\\b|goes a long way\\b|went[ .!]*$");

  private static final String[] TELLS = {
    "needed",
    "took",
    "needs",
    "measured",
    "poured",
    "stopped",
    "turned",
    "ended",
    "went",
    "weighed",
    "came",
    "used",
    "today",
    "tonight",
    "morning",
    "guess",
    "reckon",
    "think"
  };

  /** "I've found you need about 450 g.", "10 g does it.": nothing else is said. */
  private static final Sought TELLING =
      Sought.of(
          "(?:(?:and|but|so|well|mostly|usually|normally|always|for me|here|in my case|that's|it's|i'd say|i'd guess|i|i've|i'll|we|we've|you|you'll|it|it'll|she|he|they"
              + "|have|find|found|reckon|think|that|need|needs|needed|take|takes|took|use|uses|used|do|does|put|puts|put in|add|adds|want|wants"
              + "|will|would|around|about|roughly|maybe|say|some|just|only|comes to|came to|works out at|turned out to be|is|was|like|,) )*"
              + "(?<all># )(?:of (?:it|that|them) )?"
              + "(?:does (?:it|(?:for )?(?:the (?:whole )?(?:lot|job|batch)|all of (?:it|them)|them all|all))|goes a long way|went|is enough|is plenty|will do|is right|is about right|seems right|in the end|usually|normally|or so|here|today|at most|for me)?[ .!]*");

  private Following() {}

  /** Gives the last food before, if nobody said how much it is, the only amount of a sentence. */
  public static void measure(List<Clause> read, Clause clause) {
    Element amount = amount(clause);
    if (amount == null) {
      return;
    }
    int said = 0;
    for (int i = read.size() - 1; i >= 0 && said < FAR; i--) {
      boolean marks = read.get(i).elements.stream().allMatch(e -> e.kind == Element.Kind.MARK);
      said += marks ? 0 : 1; // "!!"
      List<Mention> before = read.get(i).mentions;
      if (!before.isEmpty()) {
        take(before.get(before.size() - 1), amount, clause);
        return;
      }
      if (read.get(i).hasAmount()) {
        return;
      }
    }
  }

  /** "as much milk as it takes, in my case 250 ml": of the last food, in one sentence. */
  public static void within(Clause clause) {
    if (clause.mentions.isEmpty()) {
      return;
    }
    Mention last = clause.mentions.get(clause.mentions.size() - 1);
    boolean vague = last.amount == null || last.amount.isWeak();
    int food = last.food == null ? -1 : clause.elements.indexOf(last.food);
    Element found = null;
    for (int i = food + 1; food >= 0 && vague && i < clause.size(); i++) {
      Element element = clause.get(i);
      boolean amount = element.isAmount() && !element.isWeak();
      if (element.isFood() && element.isFree()
          || amount && (found != null || element.part != Part.UNKNOWN)) {
        return;
      }
      found = amount ? element : found;
    }
    String before = found == null ? "" : clause.words(food + 1, clause.elements.indexOf(found));
    boolean told =
        found != null
            && (MEANING.isAll(before)
                || DOES.begins(clause.words(clause.elements.indexOf(found) + 1, clause.size())));
    if (told && !found.isCount()) {
      last.amount = found;
      last.amountText = found.text();
      last.foodText = LITTLE.matcher(last.foodText).replaceFirst("");
      last.restated = true;
      found.part = Part.AMOUNT;
    }
  }

  private static void take(Mention mention, Element amount, Clause clause) {
    boolean counted = mention.known().filter(food -> food.role() == Role.EGG).isPresent();
    boolean open = !mention.isMeasured() && mention.food != null && mention.more == null;
    if (open && (counted || !amount.isCount())) {
      mention.amount = amount;
      mention.amountText = amount.text();
      mention.restated = true;
      clause.mentions.clear();
      amount.part = Part.AMOUNT;
    }
  }

  /** The one amount of a sentence that names no food and does nothing; null for any other. */
  private static Element amount(Clause clause) {
    Optional<Shape.Found> telling =
        clause.hasFood()
            ? Optional.empty()
            : Shape.read(clause).flatMap(shape -> shape.whole(TELLING));
    if (telling.isPresent() && clause.mentions.stream().allMatch(m -> m.food == null)) {
      return clause.get(telling.get().at("all"));
    }
    Element found = null;
    if (clause.size() > LONGEST || clause.mentions.stream().anyMatch(m -> m.food != null)) {
      return null;
    }
    for (int i = 0; i < clause.size(); i++) {
      Element element = clause.get(i);
      boolean free = element.isFree() || element.part == Part.UNKNOWN;
      if (element.isAmount() && !element.isWeak()) {
        boolean only = found == null && (free || element.part == Part.AMOUNT);
        if (!only) {
          return null;
        }
        found = element;
      } else if (!isOver(element)) {
        return null;
      }
    }
    return found;
  }

  private static boolean isOver(Element element) {
    boolean filler =
        element.kind == Element.Kind.PHRASE
            && !element.is(Sort.PER, Sort.EACH, Sort.PART_OF, Sort.CORRECT, Sort.MORE, Sort.BATTER);
    boolean done =
        element.kind == Element.Kind.WORD
            && (LineWords.isDescribing(element.low())
                || element.isWord("boiling", "peeling")
                || element.isWord(TELLS));
    return element.kind == Element.Kind.MARK
        || done
        || filler
            && element.is(Sort.IDLE, Sort.LIKE, Sort.AMOUNTS_TO, Sort.YIELD)
            && !isNext(element);
  }

  /** "another 20 g", "then 20 g more" are of something else. */
  private static boolean isNext(Element element) {
    return element.isWord("another", "more", "then", "plus", "extra", "other", "with");
  }
}
