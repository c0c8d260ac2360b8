package honeststack.core.said.each;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.words.Eaters;
import honeststack.core.said.words.Per;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Words that say that an amount is for each: "per waffle", "a head", "each", "for every guest". */
public final class PerCue {
  /** So many elements say what each is. */
  private static final int WORDS = 6;

  private static final String ASIDE =
      "(?: ?(?:of|the|these|those|them|my|our|single|finished|cooked|small|large|big|little|hot"
          + "|\\d+|two|three|four|five|six|seven|eight|nine|ten|twelve))*";

  private static final Pattern CUE =
      Pattern.compile(
          "(?:.* )?(?:each|every|per|apiece|a piece)( .*)?|an?( head)|(?:to|for) an?|(?:each|every)-?one");

  private static final Remembered CUES = Remembered.whole(CUE.pattern());

  private static final Sought PIECE =
      Sought.of(
          ASIDE
              + " ?(?:pan)?(?:cakes?|waffles?|cr[eê]pes?|pieces?|galettes?|blinis?|pikelets?"
              + "|crumpets?|dosas?|cheelas?|chillas?|uttapams?|scones?|flapjacks?|hotcakes?"
              + "|fritters?|latkes?|roti|parathas?|holes?|hollows?|wells?|dimples?)\\b.*");

  private static final Sought EATER =
      Sought.of(ASIDE + " ?(?:" + Eaters.ONE + "|bowl|cook|one of us|of us|of you|of them)\\b.*");

  private static final Sought ROUND =
      Sought.of(
          ASIDE
              + " ?(?:batch(?:es)?|rounds?|panfuls?|pans?|go|goes|time|turn|load|ironful|fry|frying|fill|filling)\\b"
              + "(?! (?:of day|you eat|we eat)).*");

  private static final Sought EACH = Sought.of("(?:.* )?(?:each|apiece|a piece|every)(?: .*)?");

  private static final Set<String> ON = Set.of("on", "onto", "over", "into", "inside");

  private static final Set<String> TO_EVERY =
      Set.of("for every", "to every", "for each", "to each");

  /** What each gets, or where it goes, follows. */
  private static final String[] OPEN = {
    "one", "other", "had", "has", "gets", "get", "got", "goes", "went", "takes", "took", "fold",
    "folds", "rolled", "way", "time", "and", "plus", "in", "on", "at", "of", "for", "with", "is"
  };

  private static final String[] ROUND_WORDS = {
    "round", "batch", "panful", "go", "time", "turn", "pan", "load"
  };

  private static final String[] HEADS = {
    "person", "guest", "eater", "child", "kid", "adult", "plate", "portion", "serving"
  };

  /** What comes again and again otherwise. */
  private static final Sought OTHER =
      Sought.of(
          " ?(?:side|day|week|morning|egg|cup|bowlful|minute|tray|jug|pot|box|ladle|scoop|spoon|kitchen|family|tin|lot"
              + "|cent|kilo|kg|g|100|litre|packet|tin|layer|way)\\b.*");

  /** What is reckoned for each, and is no amount. */
  private static final Remembered FIGURED =
      Remembered.whole(
          "compared?|nutrition|figures?|calories|macros?|costs?|price[ds]?|energy|values?|carbs"
              + "|worked out|calculated|numbers|breakdown|facts");

  private static final Remembered PEOPLE =
      Remembered.whole(
          "(?:.* )?(?:everybody|everyone|people|guests|kids|children|of us|family)(?: .*)?");

  private final Clause clause;
  private final int i;

  private PerCue(Clause clause, int i) {
    this.clause = clause;
    this.i = i;
  }

  /** What the words from an element on say it is for; empty where they say nothing of the kind. */
  public static Optional<Per> of(Clause clause, int i) {
    return new PerCue(clause, i).per();
  }

  /** "1 tbsp per 3 pancakes". */
  public static boolean isOfSoMany(Clause clause, int i) {
    boolean cue = clause.isWord(i, "per", "every", "each") || TO_EVERY.contains(clause.low(i));
    return cue
        && clause.isAmount(i + 1)
        && clause.get(i + 1).isCount()
        && clause.is(i + 2, Sort.PIECES);
  }

  /** "Everybody takes what they like, usually 30 ml each". */
  private boolean isOfPeople() {
    return clause.elements.subList(0, i).stream().anyMatch(e -> e.says(PEOPLE));
  }

  /** An amount, whatever was made of it: "a teaspoon a round". */
  private boolean isSome(int amount) {
    return clause.get(amount).isAmount() && !clause.get(amount).isWeak();
  }

  private boolean isBehindSome() {
    return clause.get(i - 1).isFood() || isSome(i - 1) || clause.is(i - 1, Sort.PAN);
  }

  private Optional<Per> per() {
    Element element = clause.get(i);
    boolean pieces = // "6 kids, two each: 200 g flour"
        element.isWord("each", "apiece")
            && clause.isAmount(i - 1)
            && clause.get(i - 1).isCount()
            && clause.isMark(i + 1, ":", "–", "-");
    if (pieces) {
      return Optional.empty();
    }
    boolean own = FIGURED.is(element.low().split(" ")[0]); // "cost per pancake"
    if (own || clause.says(i - 1, FIGURED) || clause.says(i - 2, FIGURED)) {
      return Optional.empty();
    }
    boolean weak =
        element.isAmount()
            && element.isWeak()
            && (clause.is(i + 1, Sort.PIECES)
                || clause.isWord(i + 1, ROUND_WORDS)
                || clause.isWord(i + 1, HEADS))
            && i > 0
            && isBehindSome();
    boolean batch = element.low().equals("a batch") && i > 0 && isBehindSome(); // "a spoon a batch"
    if (batch) {
      return Optional.of(Per.ROUND);
    }
    if (!weak && (element.isFood() || !element.says(CUES))) {
      return Optional.empty();
    }
    boolean cabbage = element.isAmount() && !weak && isOfFood(i + 1); // "a head of cabbage"
    if (cabbage) {
      return Optional.empty();
    }
    Matcher cue = CUE.matcher(element.low());
    String said = weak || !cue.matches() ? "" : own(cue);
    String what = (said + " " + clause.words(i + 1, i + WORDS)).strip();
    if (PIECE.isAll(what)) {
      return Optional.of(Per.PIECE);
    }
    if (what.startsWith("of them") && isOn(element)) {
      return Optional.of(Per.PIECE);
    }
    if (EATER.isAll(what)) {
      return Optional.of(Per.EATER);
    }
    if (ROUND.isAll(what)) {
      return Optional.of(Per.ROUND);
    }
    boolean we = element.isWord("each") && clause.isWord(i - 1, "we", "they", "you");
    if (we || isOfPeople()) {
      return Optional.of(Per.EATER);
    }
    boolean topped = i == 0 && clause.isWord(0, "each", "every") && clause.isWord(1, "one");
    if (topped && clause.isWord(2, "got", "gets", "has", "had", "was", "is", "with", "filled")) {
      return Optional.of(Per.PIECE); // "Each one got 5 g jam": nobody says so of eaters
    }
    boolean end = !clause.has(i + 1) || clause.isMark(i + 1, ",", ".", ";");
    boolean and = end || clause.isWord(i + 1, "and", "plus");
    if (clause.isWord(i, "each") && and && i > 0 && clause.isWord(i - 1, "on", "onto", "over")) {
      return Optional.of(Per.PIECE); // "10 g honey on each"
    }
    if (isInside(clause, i)) {
      return Optional.of(Per.PIECE);
    }
    boolean one = clause.isWord(i, "each") && (clause.isWord(i + 1, "one") || end) && i > 0;
    if (one && clause.isWord(i - 1, "into", "onto")) {
      return Optional.of(Per.PIECE); // "10 g jam into each"
    }
    if (one && !end && clause.isWord(i - 1, "into", "in", "on", "onto", "over")) {
      return Optional.of(Per.PIECE); // "press 9 blueberries into each one"
    }
    boolean each = EACH.isAll(element.low()) && !isOfSomething();
    return each && !OTHER.isAll(what) ? Optional.of(Per.EITHER) : Optional.empty();
  }

  /** "In each an egg and 40 g ham": at the beginning. */
  static boolean isInside(Clause clause, int each) {
    int next = clause.isWord(each + 1, "one") ? each + 2 : each + 1;
    return each == 1
        && clause.isWord(1, "each")
        && clause.isWord(0, "in", "into", "inside")
        && clause.has(next)
        && clause.get(next).isAmount();
  }

  /** "on each of them": nobody puts it on eaters. */
  private boolean isOn(Element each) {
    return ON.contains(each.low().split(" ")[0]) || ON.contains(clause.low(i - 1));
  }

  /** "every session", "each table": no eater and no piece. */
  private boolean isOfSomething() {
    boolean every = clause.low(i).matches("(?:.* )?(?:each|every)");
    boolean noun = clause.has(i + 1) && clause.get(i + 1).kind == Element.Kind.WORD;
    return every && noun && !clause.isWord(i + 1, OPEN) && !clause.low(i + 1).endsWith("ed");
  }

  private boolean isOfFood(int at) {
    return clause.isWord(at, "of") || clause.has(at) && clause.get(at).isFood();
  }

  /** What a cue itself says it is for: "for each waffle", "a head". */
  private static String own(Matcher cue) {
    return cue.group(1) != null ? cue.group(1) : cue.group(2) != null ? cue.group(2) : "";
  }
}
