package honeststack.core.said.supposed;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Worded;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.regex.Matcher;

/**
 * What was in it once, or in somebody else's, and is no more: "we used to put an egg in", "the old
 * recipe had sugar", "normally there's butter in, but not this time". What it measures is so only
 * where more is told: it may be the whole recipe.
 */
public final class Bygone {
  private static final String PUT =
      "(?:put|add(?:ed)?|have|had|use|used|include|mix(?:ed)? in|stir(?:red)? in|take|need|be)";

  /** The foods behind it are past. */
  private static final List<Sought> BEHIND =
      List.of(
          Sought.of("\\b(?:used to|would have) (?:always |usually |often )?" + PUT + "\\b"),
          Sought.of(
              "\\b(?:old|original|first|usual|classic|traditional|other) "
                  + "(?:recipe|version|one|ones|card|way) (?:had|has|used|uses|took|takes"
                  + "|call(?:s|ed) for|ask(?:s|ed) for|include[sd]?|contain(?:s|ed))\\b"),
          Sought.of("\\b(?:i|we|she|he|they) once (?:put|added|tried|used|had|made)\\b"),
          Sought.of(
              "\\bused to (?:always |usually |often )?(?:do|make|cook|bake|mix) (?:these|them|it|this|mine|ours|pancakes|waffles) (?:with|from|of|on)\\b"),
          Sought.of(
              "\\b(?:it|this|they|these|that|mine|i|we)(?: all)? (?:began|started(?: out| off| life)?) (?:life )?(?:as|with|from|on)\\b(?! (?:an? )?(?:way|means|attempt|experiment|joke|treat)\\b)"),
          Sought.of(
              "\\b(?:back then|in the old days|in those days|before (?:the|her|his|my|our) diagnosis"
                  + "|before we knew|in the past|years ago|originally|once upon a time)\\b.{0,30}?"
                  + "\\b(?:had|was|were|put|used|added|went)\\b"));

  /** None of them is without. */
  private static final Sought HINT =
      Sought.of(
          "used to|would have|recipe|version|ones? |card|way|once|then|days|knew|ago|past|began|started");

  /** The foods before it are past. */
  private static final Sought BEFORE =
      Sought.of(
          "\\b(?:not any ?more|not any longer|no longer|never again|we dropped (?:that|it|them)"
              + "|but not (?:this time|today|now|here|in (?:this|these|mine|ours))|now (?:i|we) don't"
              + "|(?:i|we)(?:'ve)? stopped|by mistake|by accident|once and never|years ago"
              + "|in it originally|in them originally|in originally)\\b");

  /** What follows is how it is today. */
  private static final Sought NOW =
      Sought.of("\\b(?:now|nowadays|today|these days|this time|instead|but|mine|ours)\\b");

  /** At the end, of all that the sentence names, measured or not. */
  private static final Sought STOPPED =
      Sought.of(
          "\\b(?:so|and|but|which) ,? ?(?:i|we) ?(?:'ve|have)? ?(?:now |since )?(?:stopped|given (?:it|that|them) up"
              + "|gave (?:it|that|them) up|quit|dropped (?:it|that|them))"
              + "(?: (?:doing|using|adding) (?:it|that|them))?(?: now| ages ago)?[ .!]*$");

  /** "Usually 20 g sugar, today none", whether or not it measures it. */
  private static final Sought NOT_TODAY =
      Sought.of(
          "\\b(?:usually|normally|mostly|most days|as a rule|otherwise|ordinarily|on other days)\\b"
              + ".*?(?:\\b(?:today|this time|now|here|this morning|tonight) ?,? (?:there's |it's |i put |it has |we had |i had )?"
              + "(?:none|no [a-z]+|not|nothing|without(?: [a-z]+)?)\\b"
              + "|\\b(?:but|and|just)? ?(?:none|nothing|not|without) (?:any |it |in )?(?:today|this time|now|here|this morning|tonight)\\b)");

  private Bygone() {}

  public static void in(Clause clause) {
    boolean food = clause.hasFood();
    if (food && STOPPED.isIn(clause.words(0, clause.size()))) {
      clause.exclude(0, clause.size());
      return;
    }
    if (food) {
      Worded worded = Worded.of(clause);
      Matcher not = NOT_TODAY.matcher(worded.words);
      if (not.find()) {
        worded.take(not.start(), not.end(), Part.EXCLUDED);
        return;
      }
    }
    boolean measured = clause.hasAmount();
    if (!food || measured && !HINT.isIn(clause.words(0, clause.size()))) {
      return;
    }
    Worded worded = Worded.of(clause);
    for (Sought pattern : BEHIND) {
      Matcher behind = pattern.matcher(worded.words);
      if (behind.find()) {
        Matcher now = NOW.matcher(worded.words);
        boolean today = now.find(behind.end());
        int to = today ? now.start() : worded.words.length();
        if (!measured || today && !worded.measures(behind.end(), to)) {
          worded.take(behind.end(), to, Part.EXCLUDED);
        }
      }
    }
    if (measured) {
      return;
    }
    Matcher before = BEFORE.matcher(worded.words);
    if (before.find()) {
      worded.take(0, before.start(), Part.EXCLUDED);
    }
  }

  /** With an amount, as so much was measured before: "… We used to put 2 eggs in." */
  public static void measured(List<Clause> read, Clause clause) {
    boolean any = clause.mentions.stream().anyMatch(Mention::isMeasured);
    boolean told =
        any
            && HINT.isIn(clause.words(0, clause.size()))
            && read.stream().anyMatch(c -> c.mentions.stream().anyMatch(Mention::isMeasured));
    if (!told) {
      return;
    }
    Worded worded = Worded.of(clause);
    for (Sought pattern : BEHIND) {
      Matcher behind = pattern.matcher(worded.words);
      if (behind.find() && !NOW.matcher(worded.words).find(behind.end())) {
        List<Mention> past =
            clause.mentions.stream()
                .filter(m -> m.food != null && worded.isBehind(m.from, behind.end()))
                .toList();
        past.forEach(mention -> mention.mark(Part.EXCLUDED));
        clause.mentions.removeAll(past);
      }
    }
  }
}
