package honeststack.core.said.without;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.part.PartlyOther;
import honeststack.core.said.part.Rescaled;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/**
 * Some of what was listed that did not go in after all, in a sentence of its own: "20 ml of the
 * milk was left over.", "All but 20 ml of the milk went in.", "I stopped 20 ml short with the
 * milk." The rest counts.
 */
public final class StayedOut {
  private static final String LEAD =
      "(?:(?:and|but|so|in the end|though|then|about|around|roughly|maybe|today|i think|,) )*";

  private static final String SOME = "(?:about |around |roughly |maybe |some )?(?<some># )";

  private static final String OF = "(?:of )?(?:(?:the|that|my) )?(?<food>@ )";

  private static final String WHERE =
      "(?:in the (?:jug|cup|glass|measuring jug|measure|bowl|pan|mug|pot|beaker)|behind|out|over|unused|for (?:later|tea|coffee))";

  private static final String OUT =
      "(?:(?:was|were|is|are|got|had been) (?:left|left over|not used|not needed|unused|kept back|held back|spare|too much|spilled|spilt|wasted)"
          + "|(?:stayed|remained|was left|were left|is left|ended up) "
          + WHERE
          + "|(?:didn't|did not|never|hasn't|has not) (?:go|went|gone|made it|make it|get used|got used) ?(?:in|into the bowl|used)?"
          + "|(?:wasn't|was not|weren't) (?:used|needed)|remained|went unused) ";

  private static final String END =
      "(?:(?:" + WHERE + "|in the end|though|this time|today) )*[ .!]*";

  private static final String WE = "(?:i|we) (?:(?:then|just|only|also|have|had) )*";

  private static final String BACK =
      "(?:kept|held|left|saved|set|put|keep|hold) (?:back |out |aside )?";

  private static final String NEVER =
      "(?:,|and|but) (?:then )?(?:i )?(?:(?:never|didn't|did not) (?:used?|needed|need|add(?:ed)?|put)(?: (?:it|that|them))?(?: in)?"
          + "|it (?:stayed|remained|was left) (?:out|there|in the jug|unused|over)|left it(?: out)?|it never went in|it didn't go in)";

  private static final List<Sought> FORMS =
      List.of(
          Sought.of(LEAD + "(?:the last )?" + SOME + OF + OUT + END),
          Sought.of(
              LEAD
                  + "there (?:was|were|is|are) (?:still )?"
                  + SOME
                  + OF
                  + "(?:left|left over|over|remaining|spare|unused) "
                  + END),
          Sought.of(LEAD + WE + BACK + SOME + OF + "(?:back |out |aside )?" + NEVER + "[ .!]*"),
          Sought.of(
              LEAD
                  + "(?:all but |everything but )"
                  + SOME
                  + OF
                  + "(?:went in|was used|is in|i used|goes in)[ .!]*"),
          Sought.of(
              LEAD
                  + WE
                  + "(?:used|put in|added|took) all but (?:the last )?"
                  + SOME
                  + OF
                  + "[ .!]*"),
          Sought.of(
              LEAD
                  + "(?:"
                  + WE
                  + ")?(?:didn't|did not|never|don't) (?:used?|need(?:ed)?|add(?:ed)?|put in|want) the (?:last|final) "
                  + SOME
                  + OF
                  + "[ .!]*"),
          Sought.of(
              LEAD
                  + "the (?:last|final) "
                  + SOME
                  + OF
                  + "(?:i|we) (?:left out|didn't use|didn't need|kept back|never used|skipped|left)[ .!]*"),
          Sought.of(
              LEAD
                  + "(?:"
                  + WE
                  + ")?(?:stopped|was|were|came up|finished) "
                  + SOME
                  + "short (?:with|of|on) (?:the )?(?<food>@ )[ .!]*"),
          Sought.of(
              LEAD
                  + "(?:"
                  + WE
                  + ")?(?:didn't|did not|don't) (?:need|use|want) all (?:of )?(?:the )?(?<food>@ )(?:,|and|–|-|so|:) ?(?:there (?:was|were) )?"
                  + SOME
                  + "(?:(?:of it )?(?:was |were |is |got )?(?:stayed|left|remained|over|spare|unused).*|[ .!]*)"));

  private StayedOut() {}

  /** Whether the sentence says nothing else. */
  public static boolean by(List<Clause> read, Clause clause, Shape shape) {
    if (read.isEmpty() || !clause.hasFood() || !clause.hasAmount()) {
      return false;
    }
    Optional<Shape.Found> said =
        FORMS.stream().map(shape::whole).flatMap(Optional::stream).findFirst();
    Optional<Mention> old =
        said.flatMap(found -> Rescaled.before(read, clause.get(found.at("food"))));
    return old.isPresent() && take(old.get(), clause.get(said.get().at("some")), clause);
  }

  private static boolean take(Mention old, Element some, Clause clause) {
    boolean alike = // "2 eggs … one of the eggs was left over"
        old.amount != null
            && PartlyOther.isPlain(old.amount)
            && PartlyOther.isPlain(some)
            && some.measure().unit() == old.amount.measure().unit();
    double left = alike ? old.amount.measure().amount() - some.measure().amount() : 0;
    if (left <= 0) {
      return false;
    }
    old.amountText = PartlyOther.written(old, left);
    old.restated = true;
    clause.passOver();
    return true;
  }
}
