package honeststack.core.said.corrected;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.part.Rescaled;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/** Some of what was told that stayed out: "3 eggs, … I left out one egg." The rest counts. */
public final class LeftSome {
  private static final String DID =
      "(?:left out|leave out|left off|skipped|dropped|omitted|took out|kept back|held back)";

  private static final Sought SAID =
      Sought.of(
          "(?:(?:but|and|so|then|only|except|that|,) )*(?:i|we|she|he|they) (?:have |just )?"
              + DID
              + " (?:about )?(?<some># |one |two )(?:of )?(?:the |my |those )?@ (?:(?:out|today|this time|in the end) )*[.! ]*");

  private LeftSome() {}

  /** Whether the sentence says so. */
  public static boolean by(List<Clause> read, Clause clause, Shape shape) {
    Optional<Shape.Found> said = clause.hasFood() ? shape.whole(SAID) : Optional.empty();
    if (said.isEmpty()) {
      return false;
    }
    Element some = clause.get(said.get().at("some"));
    Optional<Mention> told =
        clause.elements.stream()
            .filter(Element::isFood)
            .findFirst()
            .flatMap(food -> Rescaled.before(read, food))
            .filter(old -> old.amount != null && some.isAmount() && some.isPartOf(old.amount));
    boolean less = told.isPresent() && PointedBack.alter(told.get(), some, -1);
    if (less) {
      clause.passOver();
    }
    return less;
  }
}
