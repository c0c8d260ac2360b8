package honeststack.core.said.yield;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Counted;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A sentence that names no food and one number, and says what came of the batter: "cuts into 4 big
 * wedges", "18 came off the griddle", "fills the iron 5 times".
 */
public final class Outcome {
  private static final int LONGEST = 14;
  private static final double MOST = 1000;

  /** Stands for the number. */
  private static final String NUMBER = "#";

  private static final String LEAD =
      "(?:(?:and|so|this|that|it|they|usually|always|normally|mine|i|we|you|one|should|will|would"
          + "|might|can|it'll|that'll|i'd|the|batter|whole|lot|amount|recipe|batch|mix|then|last|time"
          + "|today|tonight|here|all|in|altogether) )*";

  private static final String ABOUT =
      "(?:(?:about|around|roughly|circa|ca|c|env|environ|etwa|unas|unos|some|maybe|perhaps|a|good|at least|at most|up|to|exactly|easily|nearly"
          + "|almost|just|over|under|me|us|you|out|as|with|of) )*";

  private static final String NOUN =
      "(?:wedges?|slices?|squares?|triangles?|quarters|pieces?|units?|ones|scones?|cakes?|rounds?"
          + "|st(?:ü|ue?)ck|stk|farls?|fingers|bars|discs?|pancakes?|waffles?|cr[eê]pes?|nos?|pcs?)";

  /** Up to two words for their size, then what they are. */
  private static final String PIECES = "(?: (?:[\\w-]+ ){0,2}" + NOUN + ")?";

  private static final String TAIL =
      "(?: (?:of them|- ish|or so|or thereabouts|ish|in all|in total|altogether|usually|normally|at least"
          + "|for me|this time|tonight|today|each time|easily|when you're done|if .*|when .*"
          + "|depending .*|from (?:it|this|that)|off (?:it|this|that)|out of (?:it|this|that)"
          + "|in (?:my|the|a) \\w+(?: pan| iron)?))*";

  private static final Sought CUT =
      said("(?:cuts?|slices?|divides?|splits?|shapes?|rolls?)(?: \\w+){0,3} in(?:to)? ", TAIL);

  private static final List<Sought> SAID =
      List.of(
          said(
              "(?:gives?|gave|makes?|made|do|does|did|produce[sd]?|turn(?:s|ed)?(?: out)?(?: into)?"
                  + "|becomes?|became|stretch(?:es|ed)? to|expect|count(?:ed)?|get|gets|got|had|bake[sd]?|ends?(?: up)?"
                  + "|ended up|comes? to|came to|reckon|bank on|plan (?:for|on)|allow) ",
              TAIL),
          said(
              "(?:stack of|pile of|tower of|there'll be|there will be|there were|there are|it was|that was"
                  + "|(?:will|should|would|might|could|it'll|that'll) be) ",
              TAIL),
          said("(?:batch of|qty:?|quantity:?|pieces:?|number:?|count:?) ", ""),
          said(
              "",
              " ish|-ish| or so| or thereabouts| more like| at (?:best|most|a push)| on a good day| with (?:any |a bit of )?luck| max| tops"
                  + "| (?:each|every) time|,? give or take| if (?:you're|i'm) .*"),
          said(
              "(?:(?:don't|do not|never|can't|won't|not) (?:ever )?(?:expect|get|make|count on|manage) (?:any )?more than"
                  + "|no more than|no fewer than|no less than|never (?:fewer|less) than|never (?:get|got|make|made) (?:fewer|less) than|nearer|more like|closer to) ",
              TAIL),
          said("", " (?:came|come|fell) (?:off|out|from) .*| off (?:it|this|that)(?: .*)?"));

  /** The number and what they are, with nothing before it. */
  private static final Sought NAMED =
      Sought.of(LEAD + ABOUT + NUMBER + " (?:[\\w-]+ ){0,2}" + NOUN + TAIL);

  private static final Sought FILLED =
      Sought.of(LEAD + "fills? (?:the|my|an?) (?:\\w+ )?(?:iron|pan|griddle|maker) # times");

  /** For a whole sentence. */
  private static final List<Sought> WHOLE =
      Stream.concat(SAID.stream(), Stream.of(CUT, NAMED, FILLED)).toList();

  /** For what stands between commas: "I ended up at 320" is of something else there. */
  private static final List<Sought> PART = List.of(CUT, NAMED, FILLED);

  private static final Sought TIMES =
      Sought.of("(?:\\d+|" + String.join("|", Counted.WORDS.subList(2, 11)) + ") times");

  /** What a number counts, taken for its unit. */
  private static final Sought UNIT =
      Sought.of("\\b(?:pieces?|pcs?|nos|ea|stück|stk|stck|slices?|squares?|wedges?|cakes?)\\.?$");

  private Outcome() {}

  private static Sought said(String before, String behind) {
    return Sought.of(LEAD + before + ABOUT + NUMBER + PIECES + "(?:" + behind + ")");
  }

  /** How many came out, where the sentence, or what stands before its colon, says no more. */
  public static void in(Clause clause) {
    List<Element> all = clause.elements;
    int colon = 0;
    while (colon < all.size() && !all.get(colon).isMark(":")) {
      colon++;
    }
    in(clause, colon > 1 && colon + 2 < all.size() ? all.subList(0, colon) : all, WHOLE);
    int from = 0; // "Cuts into 6 wedges, serves 3.", "Oven 250 degrees, eight slices."
    boolean foods = all.stream().anyMatch(Element::isFood);
    for (int i = 0; i <= all.size(); i++) {
      boolean end = i == all.size() || all.get(i).isMark(",", ";");
      if (end && clause.counts.pieces.isEmpty()) {
        in(clause, all.subList(from, i), foods ? List.of(CUT) : PART);
      }
      from = end ? i + 1 : from;
    }
  }

  private static void in(Clause clause, List<Element> told, List<Sought> patterns) {
    if (told.size() > LONGEST || told.stream().anyMatch(Outcome::isOther)) {
      return;
    }
    List<Element> numbers = told.stream().filter(Outcome::isNumber).toList();
    if (numbers.size() != 1) {
      return;
    }
    Element number = numbers.get(0);
    String all = words(told, number);
    if (patterns.stream().anyMatch(pattern -> pattern.matcher(all).matches())) {
      take(clause, told, number);
    }
  }

  /** In small letters, a sign for the number. */
  private static String words(List<Element> told, Element number) {
    StringBuilder words = new StringBuilder();
    for (Element element : told) {
      String said = element == number ? number(element) : element.low();
      words.append(element.isMark(".", "!", ":", "~") ? "" : " " + said);
    }
    return words.toString().strip();
  }

  private static void take(Clause clause, List<Element> told, Element number) {
    clause.counts.pieces = Optional.of(count(number));
    told.stream().filter(Element::isFood).forEach(e -> e.part = Part.NOTE);
    number.part = Part.YIELD;
  }

  /** A food, or people. */
  private static boolean isOther(Element element) {
    boolean thick = element.isWord("fat"); // "6 fat ones"
    return element.isWord("left", "leftover", "spare")
        || element.isFood() && !thick
        || element.is(Sort.PEOPLE, Sort.PER, Sort.BATTER);
  }

  private static boolean isNumber(Element element) {
    boolean times = element.is(Sort.UNIT_OTHER) && TIMES.isAll(element.low());
    return element.isAmount() && !element.isWeak() && element.isFree() || times;
  }

  private static Told.Count count(Element number) {
    if (number.isAmount()) {
      return BareCounts.range(number);
    }
    String first = number.low().split(" ")[0];
    int word = Counted.WORDS.indexOf(first);
    double times = word < 0 ? Double.parseDouble(first) : word;
    return new Told.Count(times, times);
  }

  /** With what it counts; the amount in its own words where it is no number of pieces. */
  private static String number(Element element) {
    if (!element.isAmount()) {
      return "# times";
    }
    boolean named = UNIT.isIn(element.low());
    boolean pieces = element.isCount() || named;
    boolean some = element.measure().amount() > 1 && element.measure().amount() < MOST;
    return pieces && some ? NUMBER + (named ? " pieces" : "") : element.low();
  }
}
