package honeststack.core.said.corrected;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.part.Rescaled;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/**
 * Behind a list, how much it was in the end of a food in it: "250 g flour, 2 eggs, 400 ml milk.
 * Except that I used 3 eggs.", "… But with 3 eggs and a pinch of salt."
 */
public final class ListBut {
  private static final int FEWEST = 2;

  private static final String FILL =
      "(?:(?:that|with|using|for|today|this time|now|i|we|it|it's|there's|there are|has|have|had|used|use|took|take|put|put in"
          + "|made it|make it|gave it|only|just|,) )*";

  private static final String MEASURED = "(?:the )?# (?:of )?(?:[a-z-]+ )?@ ";

  private static final Sought SAID =
      Sought.of(
          "(?:(?:and|so|,|–|-) )*(?:(?:but|except|except that|except for|only that|apart from that) "
              + FILL
              + MEASURED
              + "(?:(?:, )?(?:(?:and|but) )?"
              + FILL
              + MEASURED
              + ")*(?:(?:instead|today|this time|in it|now) )*"
              + "|(?:but )?with "
              + MEASURED
              + "(?:(?:,|and) "
              + MEASURED
              + ")*instead )[.! ]*");

  private ListBut() {}

  /** Whether the sentence says so. */
  public static boolean by(List<Clause> read, Clause clause, Shape shape) {
    if (!clause.hasFood() || !clause.hasAmount() || !Clause.measure(read, FEWEST)) {
      return false;
    }
    Optional<Shape.Found> said = shape.whole(SAID);
    boolean told =
        said.isPresent()
            && clause.elements.stream()
                .filter(Element::isFood)
                .findFirst()
                .flatMap(food -> Rescaled.before(read, food))
                .isPresent();
    if (told) {
      SameBut.change(read, clause, false, false);
    }
    return told;
  }
}
