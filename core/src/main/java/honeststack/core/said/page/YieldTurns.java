package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.People;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;

/**
 * How many come out, from least to most, or for how many at how many each: "never fewer than 20 and
 * never more than 24", "eight on a good day, seven on a bad", "22 children and two teachers, one
 * each".
 */
final class YieldTurns {
  private static final String N = Numerals.STRICT;

  static final String START = "(?<=^|[.!;\\n] ?)";

  static final String END = "(?= ?(?:[.!;\\n]|$))";

  private static final String PIECES =
      "(?: (?:pancakes|waffles|pieces|cr[eê]pes|blini|ones|of them))?";

  private static final String HEADS =
      " (?:[a-z]{3,9} )?(?:"
          + People.EATERS
          + "|of them in (?:the )?class|in (?:the|my|our) (?:class|club|group|team|house))";

  private static final String EACH = " (?:each|apiece|a head|per head)";

  private static final Sought FROM_TO =
      said(
          "\\b(?:never (get|make|have)|(?:no|not|never)) (?:fewer|less|under) than "
              + N
              + PIECES
              + "(?: from (?:this|it|that))?,?(?: and| but| or| nor)* (?:never |not |no )(?:ever )?(?:more|over) than "
              + N
              + PIECES);

  private static final Sought LEAST_MOST =
      said("\\bat least " + N + PIECES + ",? (?:and |but )?at (?:the )?most " + N + "\\b");

  private static final Sought MINIMUM =
      said(
          "\\b(?:a )?min(?:imum)?\\.?(?: of)? "
              + N
              + PIECES
              + ",? (?:and )?(?:a )?max(?:imum)?\\.?(?: of)? "
              + N
              + PIECES
              + END);

  /** "call it eleven, or twelve if my daughter does it". */
  private static final Sought OR_IF =
      said(
          "\\b(call it|that's|makes|make|get|gets|got|about|say|reckon on) "
              + N
              + PIECES
              + ", (?:or |maybe |and |even )*"
              + N
              + PIECES
              + " (?:if|when|on a good day)\\b(?:(?!\\b(?:with|add|more|another|extra)\\b)[^.,;\\n]){0,40}"
              + END);

  /** "9 if I'm lucky, 8 more often", "eight on a good day, seven on a bad". */
  private static final Sought LUCKY =
      said(
          START
              + N
              + PIECES
              + " (?:if (?:i'm|we're|you're) (?:lucky|careful|mean|quick)|on a (?:good|bad) day|at (?:best|worst))[,;]? (?:and |but |or )?"
              + N
              + " (?:more often|usually|mostly|otherwise|if not|on (?:a|most|other|the) (?:bad|good|others?|days)(?: (?:one|day|days))?|at (?:worst|best)|when i'm not)"
              + END);

  private static final Sought TWO_GROUPS =
      said(
          START
              + "(?:there (?:were|are|was) |for |we (?:were|are) )?"
              + N
              + HEADS
              + " (?:and|plus) "
              + N
              + HEADS
              + ",? (?:with |at )?"
              + N
              + EACH
              + END);

  /** "24 of them in class, one each, two for me". */
  private static final Sought AND_FOR_ME =
      said(
          START
              + "(?:there(?:'s|s| are| were| is) )?"
              + N
              + HEADS
              + ",? "
              + N
              + EACH
              + ",? (?:and |plus )?"
              + N
              + "(?: extra| more)? for (?:me|myself|us|the (?:leader|teacher|cook|dog|boss|helper))"
              + END);

  private static final Sought EVERYONE_HAD =
      said(
          START
              + "(?:we were|there were) "
              + N
              + "(?: of us)?,? (?:and |so )?(?:everyone|everybody|each|all of us|each of us|we all) (?:had|got|ate|managed) "
              + N
              + "(?: each)?"
              + END);

  private static final Sought CLEARED =
      said(
          START
              + N
              + HEADS
              + " (?:cleared|finished|demolished|polished off|ate|had|shared|devoured) (?:the lot|them all|everything|all of them|it all|them),? "
              + N
              + EACH
              + END);

  private static final Sought US_BOTH =
      said(
          START
              + "(?:it|they|this|that)? ?(?:did|fed|does|feeds|filled) (?:us both|us two|the two of us|both of us|the both of us),? "
              + N
              + EACH
              + END);

  private static final Sought FEEDS_TWICE =
      said(START + "(?:it )?(?:feeds|fed|does|did) me (twice|three times|" + N + " times)" + END);

  private static final String TIMES = "(twice|three times|" + N + " times)";

  private static final Sought FILLED =
      said(
          START
              + "(?:the|my|our) (?:pan|griddle|iron|skillet|plate|stove|waffle iron|waffle maker) (?:takes|holds|fits|does|has room for) "
              + N
              + "(?: at a time| at once)?,? (?:and |so )?(?:i|we) (?:fill|filled|use|used|do|did|loaded|load) it "
              + TIMES
              + END);

  private static final Sought FULL =
      said(
          START
              + N
              + " (?:griddles|pans|irons|trays|sheets|griddlefuls|panfuls|tins)(?: full| of them)?,? "
              + N
              + " (?:on|in|to|per) (?:each|every one|a (?:griddle|pan|tray|sheet|tin))"
              + END);

  private static final Sought TRAYS =
      said(
          START
              + "(?:(?:it )?(?:makes|fills|filled) )?"
              + N
              + " (?:trays|racks|griddlefuls|panfuls|rows|lots) of "
              + N
              + PIECES
              + END);

  private static final Sought RUNS_OUT =
      said(
          START
              + "(?:the )?(?:batter|mix|bowl) (?:runs out|ran out|is empty|was empty|finishes|finished|ends|ended|gives out|gave out) (?:at|after|with) (?:pancake |waffle |number |the )?"
              + N
              + PIECES
              + END);

  private static final Sought COUNTED =
      said(START + "(?:i |we )?(?:stopped|gave up|lost) count(?:ing)? (?:at|after) " + N + END);

  private static final Sought GIANT =
      said(
          START
              + "(?:(?:makes|gives|that's|it's) )?(?:one|an?|1|a single|just one) (?:giant|huge|big|large|single|enormous|great big)(?: large)?(?: (?:one|pancake|waffle))?(?: that fills the (?:pan|plate|skillet))?(?:,? (?:cut|torn|sliced|shared) (?:in|into|up into) "
              + N
              + "(?: for "
              + N
              + ")?)?"
              + END);

  private static final Sought ISH =
      said(
          START
              + "(?:makes |about )?(\\d{1,3})-?ish (?:small|little|big|large|wee|thin|fat)(?: ones)?"
              + END);

  private static final Sought SCORE =
      said(
          START
              + "a score(?: of (?:[a-z]{3,8} ){0,2}(?:ones|pancakes|waffles|scones|blini))?"
              + END);

  private static final String BAD =
      "(?: (?:is|was|'s|always|usually|gets|goes|got|for|to|a|the))*"
          + " ?(?:rubbish|binned|a dud|dud|no good|wasted?|dog(?:'s)?|bin|cook(?:'s)?|test|a test|thrown away|a failure|awful|ruined|a write-off|chucked(?: out)?|not counted|never counts|doesn't count|eaten at the stove),?";

  /** "12 ladles in the bowl, the first is rubbish, you eat 11". */
  private static final Sought FIRST_BAD =
      said(
          "(?:"
              + START
              + "(?:(?:the batter |it )?(?:fills|makes|does|gives) )?"
              + N
              + "(?: \\p{L}{4,9})?(?: (?:in the bowl|poured|ladled|of it))?[,.;]? (?:but |and )?)?"
              + "\\b(?:the )?first(?: one| pancake| waffle)?(?:'s)?"
              + BAD
              + " (?:so |and |then |which leaves |leaving |but )*(?:(?:i|we|you|they)(?:'re|'ll)? )?(?:only )?(?:eat |ate |have |had |get |got |end up with |left with |that's )*(?:the other )?"
              + N
              + "(?: to eat| on the table| good ones| left| for the plate| of them)?"
              + END);

  /** "after an hour I fried fourteen of them". */
  private static final Sought FRIED =
      said(
          "\\b(?:i |we )(?:then )?(fried|fry|cooked|cook|baked|bake|turned out|flipped) (\\d{1,3}|"
              + "five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen|twenty|thirty|forty) of them(?= in| on| with|[.,;\\n]|$)");

  /** "We had forty-five kids. … Everybody had two and there were ten left over." */
  private static final Sought ALL_AND_LEFT =
      said(
          "\\b(?=everybody\\b|everyone\\b|each\\b|they all\\b|we all\\b|all of\\b)(?=[^.!\\n]{0,60}\\b(?:left|over|spare)\\b)(?<=(?:^|[^-\\w])(?:we were |there were |we had )?"
              + N
              + "(?: of us|"
              + HEADS
              + "|(?=[.,]))[^\\n]{0,250})\\b(?:everybody|everyone|each(?: of (?:us|them)| one| child| kid)?|they all|we all|all of (?:us|them)) (?:had|got|ate) "
              + N
              + "(?: each)?,? (?:and |with |but )?(?:there (?:were|was) )?"
              + N
              + "(?: (?:were|was))? (?:left(?: over)?|over|spare|to spare)"
              + END);

  private static final Sought IN_PRACTICE =
      said(
          START
              + "(?:(?:makes|gives) )?"
              + N
              + PIECES
              + " (?:in theory|on paper|in the book|by the book|supposedly),? (?:but |and )?"
              + N
              + PIECES
              + " (?:in practice|in reality|in fact|really|here|in my pan|for me)"
              + END);

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(
              ALL_AND_LEFT,
              at -> made(at, n(at, 1) * n(at, 2) + n(at, 3), 0),
              "left",
              "over",
              "spare"),
          Repair.of(IN_PRACTICE, at -> made(at, n(at, 2), 0), " in "),
          Repair.of(FIRST_BAD, at -> made(at, n(at, 2), 0), "first"),
          Repair.of(FRIED, at -> "made " + n(at, 2) + ", " + at.group(1), " of them"),
          Repair.of(
              FROM_TO, at -> (at.group(1) == null ? "" : at.group(1) + " ") + to(at, 2, 3), "than"),
          Repair.of(LEAST_MOST, at -> to(at, 1, 2), "at least"),
          Repair.of(MINIMUM, at -> "makes " + to(at, 1, 2), "min"),
          Repair.of(OR_IF, YieldTurns::orIf, " if ", " when ", "good day"),
          Repair.of(
              LUCKY,
              at -> "makes " + to(at, 1, 2),
              "lucky",
              "careful",
              "mean",
              "quick",
              " day",
              "best",
              "worst"),
          Repair.of(
              TWO_GROUPS,
              at -> made(at, (n(at, 1) + n(at, 2)) * n(at, 3), n(at, 1) + n(at, 2)),
              "each",
              "apiece",
              " head"),
          Repair.of(
              AND_FOR_ME, at -> made(at, n(at, 1) * n(at, 2) + n(at, 3), n(at, 1) + 1), " for "),
          Repair.of(
              EVERYONE_HAD, at -> made(at, n(at, 1) * n(at, 2), n(at, 1)), "we were", "there were"),
          Repair.of(
              CLEARED, at -> made(at, n(at, 1) * n(at, 2), n(at, 1)), "each", "apiece", " head"),
          Repair.of(US_BOTH, at -> made(at, 2 * n(at, 1), 2), " us", " of us"),
          Repair.of(FEEDS_TWICE, at -> "serves " + times(at, 1, 2), " me "),
          Repair.of(FILLED, at -> made(at, n(at, 1) * times(at, 2, 3), 0), " it "),
          Repair.of(FULL, at -> made(at, n(at, 1) * n(at, 2), 0), "each", "every one", " a "),
          Repair.of(
              TRAYS,
              at -> made(at, n(at, 1) * n(at, 2), 0),
              "trays",
              "racks",
              "fuls",
              "rows",
              "lots"),
          Repair.of(RUNS_OUT, at -> made(at, n(at, 1), 0), "batter", "mix", "bowl"),
          Repair.of(COUNTED, at -> made(at, n(at, 1), 0), " count"),
          Repair.of(
              GIANT,
              at -> made(at, 1, at.group(2) == null ? 0 : n(at, 2)),
              "giant",
              "huge",
              "big",
              "large",
              "single",
              "enormous"),
          Repair.of(ISH, at -> made(at, n(at, 1), 0), "ish"),
          Repair.as(SCORE, "makes 20", "a score"));

  private YieldTurns() {}

  static int n(MatchResult at, int group) {
    return Numerals.of(at.group(group));
  }

  private static int times(MatchResult at, int whole, int number) {
    String said = at.group(whole).toLowerCase(Locale.ROOT);
    return said.equals("twice") ? 2 : said.equals("three times") ? 3 : n(at, number);
  }

  /** Nobody makes more than twice as many of the same (common practice): then they are others. */
  private static String orIf(MatchResult at) {
    int few = Math.min(n(at, 2), n(at, 3));
    int many = Math.max(n(at, 2), n(at, 3));
    return many > 2 * few ? at.group() : "makes " + to(at, 2, 3);
  }

  /** "8 to 10", whichever was said first. */
  private static String to(MatchResult at, int one, int other) {
    int a = n(at, one);
    int b = n(at, other);
    return Math.min(a, b) + " to " + Math.max(a, b);
  }

  static String made(MatchResult at, int pieces, int eaters) {
    String made = "makes " + pieces + (eaters > 0 ? ", serves " + eaters : "");
    return made.length() > at.group().length() ? "= " + pieces : made;
  }
}
