package honeststack.core.said.yield;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/**
 * How many came out and how many of them somebody eats, with what: "made 7, ate 3 with 30 g honey",
 * "he has two of the four with yoghurt". The first number, or the one behind "of the", is of all.
 */
public final class OfThose {
  private static final String ATE =
      "(?:ate|eats?|have|has|had|'ll have|take|takes|took|finish(?:ed)?|manage[sd]?) ";

  private static final String NOUN =
      "(?:(?:small|big|little|of them|pancakes|waffles|crepes|ones) )*";

  private static final List<Sought> FORMS =
      List.of(
          Sought.of(
              "\\b(?:makes?|made|got|get|gives?|gave|baked|cooked) (?:about )?(?<all># )"
                  + NOUN
                  + "(?:(?:and|but|then|so|of which|i|we|he|she|they|only|just|always|usually|,|;|–|-) )*"
                  + ATE
                  + "(?:only |just )?(?<some># )(?:of (?:them|those) )?"
                  + NOUN
                  + "(?=with\\b|w /|w/|[,.;]|and\\b|$)"),
          Sought.of(
              "\\b"
                  + ATE
                  + "(?:only |just )?(?<some># )(?:out )?of (?:the|those|these|my) (?<all># )"
                  + NOUN
                  + "(?=with\\b|[,.;]|and\\b|$)"));

  private OfThose() {}

  public static void in(Clause clause) {
    FORMS.stream()
        .map(form -> Shape.of(clause, 2).flatMap(shape -> shape.find(form)))
        .flatMap(Optional::stream)
        .findFirst()
        .ifPresent(found -> put(clause, found));
  }

  private static void put(Clause clause, Shape.Found found) {
    Element all = clause.get(found.at("all"));
    Element some = clause.get(found.at("some"));
    boolean pieces =
        all.isCount()
            && some.isCount()
            && all.measure().size().isEmpty()
            && some.measure().size().isEmpty()
            && some.measure().amount() < all.measure().amount();
    if (pieces) {
      clause.counts.pieces = Optional.of(BareCounts.range(all));
      clause.counts.sure = true;
      all.part = Part.YIELD;
      some.part = Part.NOTE;
    }
  }
}
