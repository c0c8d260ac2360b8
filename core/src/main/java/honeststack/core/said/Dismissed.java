package honeststack.core.said;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/**
 * A measured food that the words right beside it wave away, where another stands in for it: "40 g
 * honey since the 50 g sugar was off", "scrap 50 g sugar", "2 eggs out, 1 banana in", "50 g sugar;
 * my version: 40 g honey".
 */
final class Dismissed {
  private static final String THE = "(?: the| my| our| all| any| those| these| usual| some)*";

  /** Before a food; no other needs to stand in for it. */
  private static final Pattern SURE =
      Pattern.compile(
          "(?:^|.* |# )(?:scrap|cancel|delete|cross out|crossed out|strike out|omit|ditch|ditched|no longer|couldn't (?:find|get)"
              + "|could not (?:find|get)|gave up|given up|gone (?:is|are)|no need for|don't need|no more)"
              + THE);

  private static final Remembered HINT =
      Remembered.part(
          "\\b(?:scrap|cancel|delete|cross|strike|omit|ditch|ditched|longer|couldn't|could|gave|given|gone|need"
              + "|more)\\b");

  /** Before a food where another stands in for it. */
  private static final Pattern BEFORE =
      Pattern.compile(
          "(?:^|.* |# )(?:no|not|never|never again|less|strike|skip|skipped|drop|dropped|forget|without"
              + "|(?:don't|didn't|doesn't|won't|can't|couldn't) (?:use|put|do|have|take|add|eat|find|get)"
              + "|(?:nearly|almost) (?:put|wrote|said|used|took|added|did)"
              + "|(?:was|were) (?:going|about) to (?:put|use|add|write|say)"
              + "|did i say|there should have been|should have had|allergic to|out of)"
              + THE
              + "|(?:was|were|used to be|once was|originally)(?: ?[,:])?"
              + THE);

  /** So too, if the other is set against it. */
  private static final Pattern THEIRS =
      before(
          "(?:card|book|recipe|original|packet|version|blog|box|label|gran|grandma|mum|mom|mother|she|he|they|it)"
              + " (?:says?|said|has|had|calls? for|called for|wants?|wanted|uses?|used|puts?|asks? for)"
              + "|in \\w+ it's");

  private static final Pattern AGAINST =
      Pattern.compile("(?:.* |,)?(?:but|i|we|here|mine|ours|my|our)\\b.*");

  /** Behind a food where another stands in for it. */
  private static final Pattern BEHIND =
      Pattern.compile(
          "(?:(?:is|was|are|were|has|had|have|being|got|gets|all|already|just|now|been) )*"
              + "(?:(?:off|gone|out|finished|empty|missing|sour)(?= ,|$)|gone off|run out|used up|omitted|skipped|dropped"
              + "|removed|crossed out|struck (?:out|through)|scratched(?: out)?|cancelled|deleted|left out|unnecessary"
              + "|any ?more(?= ,|$)|out and|gone (?:i|we|so|and)|out of stock|(?:would be |is |was )?too (?:sweet|heavy|rich|dear|expensive"
              + "|salty|fatty)(?! alone)|in there but|but (?:i |we )?changed (?:my|our) minds?)(?: .*)?");

  /** Before the one that stands in; the food before it then gives way. */
  private static final Pattern INSTEAD =
      before(
          "(?:in )?(?:my|our) (?:version|take|own|variant)(?: has| is)?|in (?:mine|ours)|mine|ours|here|(?:i|we) had only"
              + "|(?:then|but|so) (?:i |we )?went with|changed my mind|(?:i|we) (?:make|do) it with|over to"
              + "|(?:and|,) wrote|= ");

  /** Behind it. */
  private static final Pattern NOW =
      Pattern.compile("(?:now|in (?:its|their) place|beside it|written beside it)(?: ,.*|$)");

  private final Clause clause;
  private final Displaced words;

  private Dismissed(Clause clause) {
    this.clause = clause;
    this.words = new Displaced(clause);
  }

  private static Pattern before(String cues) {
    return Pattern.compile("(?:^|.* |# )(?:" + cues + ")(?: ?[,:])?" + THE + "(?: ,)?");
  }

  static void in(Clause clause) {
    if (clause.hasAmount()) {
      new Dismissed(clause).read();
    }
  }

  /** Whether the words before a food say that it stands in for the one before it. */
  static boolean isInstead(String before) {
    return INSTEAD.matcher(before).matches();
  }

  /** Whether the words before a place wave away what stands there. */
  static boolean isAt(Clause clause, int from) {
    String before = new Displaced(clause).before(from);
    return isGone(before);
  }

  private static boolean isGone(String before) {
    return !DisplacedForms.isKept(before)
        && (SURE.matcher(before).matches() || BEFORE.matcher(before).matches());
  }

  private void read() {
    List<Displaced.Measured> all = new ArrayList<>();
    for (int i = 0; i < clause.size(); i++) {
      if (clause.isFood(i)) {
        all.add(words.measured(i));
      }
    }
    boolean hinted = clause.elements.stream().anyMatch(e -> HINT.is(e.low()));
    for (int i = 0; i < all.size(); i++) {
      Displaced.Measured one = all.get(i);
      Displaced.Measured other = other(all, i);
      String before = hinted ? words.before(one.from()) : "";
      boolean gone = one.isMeasured() && isGone(before) && SURE.matcher(before).matches();
      if (gone || other != null && isGone(one, other) && !isGone(other, one)) {
        take(one);
      } else if (other != null && i + 1 < all.size() && all.get(i + 1) == other && isNow(other)) {
        take(one);
      }
    }
  }

  /** The next to it that may stand in for it; null for none. */
  private Displaced.Measured other(List<Displaced.Measured> all, int i) {
    for (int j : new int[] {i + 1, i - 1}) {
      boolean is = j >= 0 && j < all.size() && all.get(j).isMeasured() && all.get(i).isMeasured();
      if (is && isFor(all.get(i).food(), all.get(j).food())) {
        return all.get(j);
      }
    }
    return null;
  }

  private boolean isFor(int food, int other) {
    Element one = clause.get(food);
    Element two = clause.get(other);
    return one.isFree() && two.isFree() && !one.isSameFood(two) && StandIn.isNear(one, two);
  }

  private boolean isGone(Displaced.Measured food, Displaced.Measured other) {
    boolean theirs =
        other.from() >= food.to()
            && THEIRS.matcher(words.before(food.from())).matches()
            && AGAINST.matcher(clause.words(food.to(), other.from())).matches();
    return theirs
        || isGone(words.before(food.from()))
        || BEHIND.matcher(words.behind(food.to())).matches();
  }

  private boolean isNow(Displaced.Measured food) {
    return INSTEAD.matcher(words.before(food.from())).matches()
        || NOW.matcher(words.behind(food.to())).matches();
  }

  private void take(Displaced.Measured food) {
    clause.exclude(food.from(), food.to());
    for (int i = food.from() - 3; i < food.to() + 4; i++) {
      if (clause.is(i, Sort.SWAP, Sort.EXCLUDE, Sort.OUT, Sort.CORRECT, Sort.INSTEAD)) {
        clause.take(i, i + 1, Part.NOTE);
      }
    }
  }
}
