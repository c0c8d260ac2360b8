package honeststack.core.line;

import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure.Piece;
import honeststack.core.measure.Containers;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import java.util.List;

/** Parts of a food that are counted, said behind its name: "2 tomato slices", "4 peach halves". */
final class PartBehind {
  private static final double HALF = 0.5;
  private static final double QUARTER = 0.25;

  private PartBehind() {}

  /**
   * The measure that is meant where only a number was said.
   *
   * @param name the words that were taken for the food's name
   * @param rest the words behind the amount, with the name among them
   */
  static Measure of(Measure measure, Food food, List<Token> name, List<Token> rest) {
    boolean bare = measure.unit() == Unit.COUNT && measure.size().isEmpty();
    if (!bare || name.isEmpty()) {
      return measure;
    }
    Token last = name.get(name.size() - 1);
    int at = rest.lastIndexOf(last) + 1;
    String behind = at < rest.size() ? rest.get(at).low() : "";
    boolean one = measure.amount() <= 1;
    if (isPart(behind) && (one == behind.endsWith("s") || last.low().endsWith("s"))) {
      return measure; // "1 onion rings" is all of it, "2 eggs halves" are two
    }
    int before = name.size() - 2;
    boolean joined = before >= 0 && rest.lastIndexOf(name.get(before)) == at - 2;
    boolean inName = joined && share(last.low()) < 1;
    double share = share(inName ? last.low() : behind);
    if (share < 1) {
      return measure.times(share);
    }
    boolean ahead = rest.size() > 1 && rest.get(1).isWord("of"); // "a strip of lemon zest"
    String part = Containers.behind(ahead ? rest.get(0).low() : behind);
    if (part.isEmpty() && joined && isPart(last.low(), food)) {
      part = Containers.behind(last.low());
    }
    return part.isEmpty()
        ? measure
        : new Measure(
            measure.amount(),
            measure.halfRange(),
            measure.decimals(),
            Unit.COUNT,
            measure.packing(),
            measure.heap(),
            part);
  }

  /** Whether a word may be one, of whatever food. */
  static boolean isPart(Token token) {
    return isPart(token.low());
  }

  private static boolean isPart(String low) {
    return !Containers.behind(low).isEmpty() || share(low) < 1;
  }

  private static double share(String low) {
    return switch (low) {
      case "half", "halves" -> HALF;
      case "quarter", "quarters" -> QUARTER;
      default -> 1;
    };
  }

  /** A name may end with a part, "apple slices"; a stock cube is no part of anything. */
  private static boolean isPart(String low, Food food) {
    String part = Containers.behind(low);
    boolean known =
        food.measures().stream().anyMatch(m -> m instanceof Piece p && p.size().equals(part));
    return !part.isEmpty() && (known || !food.name().contains(low) && !food.name().contains(part));
  }
}
