package honeststack.core.said.without;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.People;
import honeststack.core.said.words.Sought;
import java.util.List;

/**
 * What others take, or what may be taken, and the speaker does not: "My sister puts in 50 g
 * walnuts; I can't stand them.", "You can add 50 g raisins. I never do."
 */
public final class Declined {
  /** Who has it, or that it need not be. */
  private static final String WHO =
      "(?:(?:my|our|her|his|your|the) "
          + "(?:kids|"
          + People.KIN
          + ")|"
          + People.NAMED
          + "\\b"
          + "|(?:some|most|many|other)(?: (?:people|folks?|recipes|cooks|places|cafes|of my friends))?|others|people|everyone else|everybody else"
          + "|(?:the|my|this|that|her|his|an|an old|the old|every) (?:recipe|book|card|packet|box|original|blog|magazine|label|video|chef)"
          + "|(?:it's|it is|they're|is|are|was) (?:meant|supposed|said) to|(?:it|they) should|you (?:can|could|may|might|should|'re supposed to|'ll (?:see|find|hear|read))"
          + "|one (?:can|could|may)|once upon a time|used to|at first|in the past|back then|years ago|normally|traditionally|usually"
          + "|optional|if you (?:like|want|wish|have|fancy)|(?:is|are|would be|tastes?) (?:nice|lovely|good))";

  private static final String NO =
      "(?:not (?:me|mine|ours|us|i|for me|for us|in mine|in ours|my thing|our thing|to my taste|here|any more|now)|(?:mine|ours) not"
          + "|(?:mine|ours|this|this one|it|mine here) (?:just )?(?:gets?|has|takes?|got|had|have|needs?) (?:none|nothing|no such thing)(?: of (?:it|that|them|those))?"
          + "|(?:mine|ours|this|this one) (?:doesn't|does not|didn't|hasn't|don't|hasn't any)"
          + "|(?:i|we) (?:(?:myself|always|usually|mostly|just|personally|simply|never) )*(?:don't|do not|never do|never did|never have|never|didn't|haven't|won't|wouldn't|can't)"
          + "(?: (?:do (?:it|that|so)|bother|like (?:it|them|that)|have (?:it|them)|stand (?:it|them|that)|use (?:it|them|any)|put (?:it|them|any) in|add (?:it|them|any)|need (?:it|them)|eat (?:it|them)|want (?:it|them)|in mine|for years|in years|now|here|any more|anymore|in the house|at home|in it|in there|in this))*"
          + "|(?:i|we) (?:(?:always|usually|mostly|just) )*(?:skip|leave|leave out|hate|drop|omit|loathe|avoid|dislike) (?:it|that|them|those)(?: out| off)?"
          + "|(?:i|we) (?:give|gave) (?:it|mine|them) (?:nothing|none)(?: of (?:it|that))?|(?:i|we)(?:'ve)? (?:stopped|quit|gave that up|gave it up|given that up|given it up|gave up on (?:it|that))"
          + "|(?:don't|haven't|didn't|stopped|never do)(?: (?:now|for years|in years|any more|anymore|these days|today|that))*)";

  private static final String BUT =
      "(?:(?:and|but|so|though|although|yet|which|that|as for me|me|,) )*";

  private static final Sought REPORTED = Sought.of("\\b" + WHO + " ");

  private static final Sought WITHIN =
      Sought.of(
          "(?<food>@ )[^@#.]{0,40}?(?:# [^@#.]{0,20}?)?(?:[,;–—(-]|but|and|though|although) (?<no>"
              + BUT
              + NO
              + " )(?=[.,;)!–—-] |$)");

  private static final Sought WHOLE = Sought.of(BUT + NO + "[ .!]*");

  private Declined() {}

  /**
   * Leaves out what a sentence, or the one before it, says that others have.
   *
   * @return whether the sentence says nothing else
   */
  public static boolean by(List<Clause> read, Clause clause) {
    if (clause.mentions.stream().anyMatch(Mention::isMeasured)) {
      within(clause);
      return false;
    }
    Clause before = read.isEmpty() ? null : read.get(read.size() - 1);
    boolean declined =
        before != null
            && clause.mentions.isEmpty()
            && WHOLE.isAll(clause.words(0, clause.size()))
            && REPORTED.isIn(Shape.signs(before.elements));
    if (declined) {
      Mention last =
          before.mentions.isEmpty() ? null : before.mentions.get(before.mentions.size() - 1);
      int from = last == null ? 0 : Math.min(said(before), before.elements.indexOf(last.food));
      List.copyOf(before.mentions)
          .forEach(mention -> leaveOut(before, mention, from, before.size()));
    }
    return declined;
  }

  private static void within(Clause clause) {
    Shape shape = Shape.read(clause).orElseThrow();
    for (Shape.Found found : shape.each(WITHIN)) {
      int food = found.at("food");
      int from = said(clause);
      if (from < 0 || from > found.at("no")) {
        continue;
      }
      int first = from < food ? from : food;
      for (Mention mention : List.copyOf(clause.mentions)) {
        leaveOut(clause, mention, first, food + 1);
      }
    }
  }

  /** Place of the word with which it is told of others; -1 for none. */
  private static int said(Clause clause) {
    for (int i = 0; i < clause.size(); i++) {
      if (REPORTED.begins(Shape.signs(clause.elements.subList(i, clause.size())))) {
        return i;
      }
    }
    return -1;
  }

  private static void leaveOut(Clause clause, Mention mention, int from, int to) {
    int food = clause.elements.indexOf(mention.food);
    if (mention.isMeasured() && food >= from && food < to) {
      mention.mark(Part.EXCLUDED);
      clause.mentions.remove(mention);
    }
  }
}
