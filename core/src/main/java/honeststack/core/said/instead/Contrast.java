package honeststack.core.said.instead;

import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.StandIn;

/**
 * What is told against something else, in whatever words: what was meant, ruled or once done
 * against what was done in the end. "Meant to use 50 g sugar, had to use 40 g honey", "officially
 * 60 g butter, in practice 45 ml oil", "2 eggs … no hang on, 1 banana". All words around the two
 * are weighed together ({@link Weights}).
 */
final class Contrast {
  /** How sure the words must be that one of two amounts gives way. */
  private static final double SURE = 0.65;

  /** So too of a number alone, which may be of anything, and of foods that are not alike. */
  private static final double SURE_OF_OTHERS = 0.88;

  private Contrast() {}

  private static Weights.Says says(Around around, double sure) {
    double[] shares = Weights.CONTRAST.of(around.features());
    double first = shares[Weights.Says.FIRST_GIVES_WAY.ordinal()];
    double second = shares[Weights.Says.SECOND_GIVES_WAY.ordinal()];
    return first + second <= sure
        ? Weights.Says.BOTH_COUNT
        : first > second ? Weights.Says.FIRST_GIVES_WAY : Weights.Says.SECOND_GIVES_WAY;
  }

  /**
   * Which of two foods gives way, if one does. By words alone no liquid takes an egg's place.
   *
   * @param both they are measured; else the second alone, and only what is near may give way
   * @param before the words before the first
   * @param between those between them
   * @param behind those behind the second
   */
  static Weights.Says of(
      Element first, Element second, boolean both, String before, String between, String behind) {
    boolean near = StandIn.isNear(first, second);
    boolean told = StandIn.isTold(first, second) || StandIn.isTold(second, first);
    boolean may = near || both && told && !StandIn.isFor(first, second);
    if (!may || DisplacedForms.isKept(before)) {
      return Weights.Says.BOTH_COUNT;
    }
    double sure = near && both && !first.isSameFood(second) ? SURE : SURE_OF_OTHERS;
    return says(Around.of(before, between, behind, false), sure);
  }

  /**
   * An amount behind that of a food: "200 ml milk in theory, 250 ml in practice", "100 g flour,
   * though I stop at 120 g".
   *
   * @param count the amount is a number alone, which may be of pieces
   */
  static boolean isRestated(String before, String between, String behind, boolean count) {
    double sure = count ? SURE_OF_OTHERS : SURE;
    return !DisplacedForms.isKept(before)
        && says(Around.of(before, between, behind, true), sure) == Weights.Says.FIRST_GIVES_WAY;
  }
}
