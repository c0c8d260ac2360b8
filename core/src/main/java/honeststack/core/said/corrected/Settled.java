package honeststack.core.said.corrected;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.part.PartlyOther;
import honeststack.core.said.part.Rescaled;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/**
 * How much of a measured food it was after all, in a sentence of its own: "I needed more milk,
 * about 350.", "A bit less sugar, 20 g.", "With the milk I stopped at 250.", "I only used 6 oz of
 * flour as that's all I had."
 */
public final class Settled {
  private static final String LEAD =
      "(?:(?:and|but|so|well|oh|though|today|this time|in the end|here|though|,) )*";

  private static final String ABOUT =
      "(?:(?:about|around|roughly|maybe|say|call it|more like|nearer|closer to|just|only|probably|it was|that was|so|i'd say|i think|was|became|now|to|at|until|till"
          + "|down|up|back) )*";

  private static final String END =
      "(?:(?:in the end|today|this time|instead|altogether|in all|in total|all told|i'd say|i think|or so|was enough|did it|was plenty|was right) ?)*[ .!]*";

  private static final String THE = "(?:(?:the|my|that|of) )*";

  /** So much more or less than was said. */
  private static final Sought MORE_OR_LESS =
      Sought.of(
          LEAD
              + "(?:(?:i|we|it|this|that|mine|had to|have to|ended up|a|an) )*(?:(?:needed|need|took|used|wanted|put in|had to use|had to add|added|with|using|use|takes|bit|little|touch|lot|good deal|slightly|much|far) )*"
              + "(?<how>more|less|fewer) "
              + THE
              + "(?<food>@ )(?:than (?:that|usual|it says|i said) )?(?:, |– |- |: |\\( |; )"
              + ABOUT
              + "(?<amount># )(?:\\) )?"
              + END);

  /** Whatever it was. */
  private static final List<Sought> SAID =
      List.of(
          Sought.of(
              LEAD
                  + "(?:(?:it|the batter|this|that|i|we|mine|only|just|ended up) )*(?:took|needed|used|wanted|drank|using|taking|needing) "
                  + ABOUT
                  + "(?<amount># )of (?:the |my |that )(?<food>@ )"
                  + END),
          Sought.of(
              LEAD
                  + "(?:(?:i|we) )?(?:(?:was|were|went|am|'m) )?(?:a bit |a little |rather |very )?(?:heavy-handed|heavy - handed|heavy handed|generous|easy|sparing|mean|careful|stingy|liberal|light|cautious|free)"
                  + "(?: - handed)? (?:with|on) "
                  + THE
                  + "(?<food>@ )(?:, |– |- |: |; )"
                  + ABOUT
                  + "(?<amount># )"
                  + END),
          Sought.of(
              LEAD
                  + "(?:with|for|of) "
                  + THE
                  + "(?<food>@ )(?:, )?(?:i|we) (?:stopped|ended up|went|got|settled|stuck|gave up|finished) (?:at|with|to|up to|as far as|on|for|down to) "
                  + ABOUT
                  + "(?<amount># )"
                  + END),
          Sought.of(
              LEAD
                  + "(?:(?:i|we) )?(?:cut|reduced|trimmed|dropped|adjusted|changed|altered|scaled|upped|raised|increased|lowered|bumped|pushed|nudged|knocked|brought|took) "
                  + THE
                  + "(?<food>@ )(?:(?:to suit|to match|accordingly|down|up|back|too|as well|a bit|a little) )?(?:, |– |- |: |; |to )"
                  + ABOUT
                  + "(?<amount># )"
                  + END),
          Sought.of(
              LEAD
                  + THE
                  + "(?<food>@ )(?:i|we) (?:cut|brought|took|put|reduced|dropped|raised|upped|pushed) (?:down |up |back )?to "
                  + ABOUT
                  + "(?<amount># )"
                  + END),
          Sought.of(
              LEAD
                  + "(?:(?:i|we) )?(?:went|came|got|had to go) (?:up |down |back )?to "
                  + ABOUT
                  + "(?<amount># )(?:with|on|for|of) "
                  + THE
                  + "(?<food>@ )"
                  + END),
          Sought.of(
              LEAD
                  + THE
                  + "(?<food>@ )(?:needed|had|has|turned out|ended up|came out) (?:to be|being|as|at) "
                  + ABOUT
                  + "(?<amount># )"
                  + END),
          Sought.of(
              LEAD
                  + "(?:(?:i|we) )?(?:only |just )(?:used|put in|took|had|added) (?<amount># )(?:of )?"
                  + THE
                  + "(?<food>@ )(?:, )?(?:as|because|since|for) (?:that's|that was|that is|it was|it's|there was|there were|i had|we had|i didn't|i don't|we don't|we didn't|they)\\b[^#@]*"));

  /** Nothing was done yet. */
  private static final Sought NOT =
      Sought.of(
          "\\b(?:if|when|whenever|unless|next time|would|could|might|may|should|you|maybe next|i'll|we'll)\\b|\\?");

  private static final int LONGEST = 25;

  /** Nobody changes an amount to so many times of it. */
  private static final double MOST = 3;

  private Settled() {}

  /** Whether words behind a list say so. */
  public static boolean isSaid(List<Element> words) {
    return words.size() <= LONGEST && MORE_OR_LESS.isAll(Shape.signs(words));
  }

  /** Whether the sentence says nothing else. */
  public static boolean by(List<Clause> read, Clause clause, Shape shape) {
    boolean one =
        clause.hasFood()
            && clause.elements.stream().filter(Element::isFood).count() == 1
            && clause.elements.stream().filter(e -> e.isAmount() && !e.isWeak()).count() == 1;
    if (!one || NOT.isIn(clause.words(0, clause.size()))) {
      return false;
    }
    Optional<Shape.Found> how = shape.whole(MORE_OR_LESS);
    if (how.isPresent()) {
      boolean more = how.get().said().group("how").equals("more");
      return settle(read, clause, how.get(), more ? 1 : -1);
    }
    return SAID.stream()
        .map(shape::whole)
        .flatMap(Optional::stream)
        .anyMatch(found -> settle(read, clause, found, 0));
  }

  /**
   * @param sign it is more than was said, or less; 0 for either
   */
  private static boolean settle(List<Clause> read, Clause clause, Shape.Found found, int sign) {
    Element amount = clause.get(found.at("amount"));
    Optional<Mention> old =
        Rescaled.before(read, clause.get(found.at("food")))
            .filter(m -> m.amount != null && PartlyOther.isPlain(m.amount))
            .filter(m -> isAlike(m.amount, amount, sign));
    old.ifPresent(
        mention -> {
          mention.amountText = PartlyOther.written(mention, amount.measure().amount());
          mention.restated = true;
          clause.passOver();
          clause.loose.clear();
          clause.counts.clear();
          amount.part = Part.NOTE;
        });
    return old.isPresent();
  }

  private static boolean isAlike(Element old, Element now, int sign) {
    boolean unit = now.isCount() || now.measure().unit() == old.measure().unit();
    double times = now.measure().amount() / old.measure().amount();
    boolean near = times <= MOST && times >= 1 / MOST;
    return unit && near && (sign == 0 || (times - 1) * sign > 0);
  }
}
