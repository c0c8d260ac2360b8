package honeststack.core.line;

import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure.Piece;
import honeststack.core.measure.Amount.Term;
import honeststack.core.measure.Containers;
import honeststack.core.measure.Measure;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.measure.Unit;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A weight in brackets behind a number: of all together, or of each: "2 packets yeast (14 g)". */
final class Bracketed {
  /** On which the weight of all that is in them is printed. */
  private static final Set<String> TINS = Set.of("tin", "can", "jar");

  /** Common practice: with their brine, tins weigh about so much or more, g. */
  private static final double WHOLE_TIN = 300;

  /** So much nearer, as a logarithm: by a quarter. */
  private static final double CLEARLY = Math.log(1.25);

  private static final String[] NUTRIENTS = {
    "protein", "proteins", "carbs", "carb", "carbohydrate", "carbohydrates", "fibre", "fiber",
    "fat", "sugars", "saturates", "sodium", "kcal", "cal", "cals", "calories"
  };

  private static final String[] TOGETHER = {"together", "altogether", "total", "all", "overall"};

  private Bracketed() {}

  /** "2 eggs (12 g protein each)": of a label, not of the food. */
  static boolean isNutrient(List<Token> aside, int i) {
    int of = i < aside.size() && aside.get(i).isWord("of", "net") ? i + 1 : i;
    return of < aside.size() && aside.get(of).isWord(NUTRIENTS);
  }

  /**
   * The amount of all together. Where the food's pieces have a known weight, whatever is nearer to
   * it is meant; otherwise the content of each container, and the weight of all pieces.
   *
   * @param aside where it stands, which may say that it is of each, or of all
   * @param container containers are counted
   */
  static Measure all(
      Measure said, List<Term> terms, Food food, List<Token> aside, boolean container) {
    boolean together = aside.stream().anyMatch(token -> token.isWord(TOGETHER));
    if (terms.isEmpty() || together) {
      return said;
    }
    boolean each = aside.stream().anyMatch(token -> token.isWord("each"));
    Measure first = terms.get(0).measure();
    double times = first.amount();
    boolean counted = first.unit() == Unit.COUNT || first.unit() == Unit.SCOOP;
    if (each) {
      return said.times(times);
    }
    if (!counted || times == 1) {
      return said;
    }
    boolean part = container && times < 1;
    boolean filled = container && times > 1 && TINS.contains(first.size()); // drained or not
    boolean ofEach =
        filled
            || grams(said)
                .flatMap(
                    all -> known(first, food).map(one -> isOfEach(all / one, times, container)))
                .orElse(container && !part);
    return ofEach ? said.times(times) : said;
  }

  /**
   * "1 tin sweetcorn, drained (165 g)": so much is left when it is drained. From {@link #WHOLE_TIN}
   * on it may be what is printed on the tin.
   */
  static boolean isLeft(List<Token> tokens, List<List<Token>> bracketed) {
    return tokens.stream()
        .filter(token -> token.isWord("drained"))
        .anyMatch(drained -> bracketed.stream().anyMatch(aside -> isLeft(drained, aside)));
  }

  private static boolean isLeft(Token drained, List<Token> aside) {
    AmountParser parser = new AmountParser("", aside);
    return aside.get(0).start() > drained.end()
        && parser
            .measure(parser.about(0), false)
            .filter(found -> found.measure().unit().kind() == Unit.Kind.MASS)
            .flatMap(found -> grams(found.measure()))
            .filter(grams -> grams < WHOLE_TIN)
            .isPresent();
  }

  /** A millilitre is near enough to a gram here. */
  private static Optional<Double> grams(Measure said) {
    return switch (said.unit().kind()) {
      case MASS -> Optional.of(said.amount() * said.unit().grams());
      case MARKED -> Optional.of(said.amount() * said.unit().millilitres(MeasuringSystem.METRIC));
      default -> Optional.empty();
    };
  }

  /**
   * Whether so many pieces' weight is nearer to one than to all of them. Behind pieces it is of all
   * unless it is clearly not; common practice.
   */
  private static boolean isOfEach(double pieces, double times, boolean container) {
    double clearly = container ? 0 : CLEARLY;
    return Math.abs(Math.log(pieces)) + clearly < Math.abs(Math.log(pieces / times));
  }

  /** What one weighs, g. */
  private static Optional<Double> known(Measure counted, Food food) {
    String size = counted.unit() == Unit.SCOOP ? "scoop" : counted.size();
    return food.measures().stream()
        .filter(Piece.class::isInstance)
        .map(Piece.class::cast)
        .filter(piece -> size.isEmpty() ? piece.usual() : isSame(piece.size(), size))
        .map(Piece::grams)
        .findFirst();
  }

  private static boolean isSame(String piece, String size) {
    return piece.equals(size) || Containers.isContainer(piece) && Containers.isContainer(size);
  }
}
