package honeststack.core.said;

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

  /**
   * "40 g honey, formerly 50 g sugar" is the second of two, "50 g sugar, now 40 g honey" the first.
   */
  private static boolean is(Weights.Says says, Around around, double sure) {
    double[] shares = Weights.of(around.features());
    double either = 1 - shares[Weights.Says.BOTH_COUNT.ordinal()];
    return either > sure && shares[says.ordinal()] > either / 2;
  }

  /**
   * Whether one of two foods gives way.
   *
   * @param both they are measured; else the second alone, and only what is near may give way
   * @param before the words before the first
   * @param between those between them
   * @param behind those behind the second
   */
  static boolean is(
      Weights.Says says,
      Element first,
      Element second,
      boolean both,
      String before,
      String between,
      String behind) {
    boolean near = StandIn.isNear(first, second);
    boolean told = StandIn.isTold(first, second) || StandIn.isTold(second, first);
    boolean may =
        near || both && told && !StandIn.isFor(first, second); // no milk for an egg by them
    return may
        && !DisplacedForms.isKept(before)
        && is(
            says,
            Around.of(before, between, behind, false),
            near && both && !first.isSameFood(second) ? SURE : SURE_OF_OTHERS);
  }

  /**
   * An amount behind that of a food: "200 ml milk in theory, 250 ml in practice", "100 g flour,
   * though I stop at 120 g".
   *
   * @param count the amount is a number alone, which may be of pieces
   */
  static boolean isRestated(String before, String between, String behind, boolean count) {
    return !DisplacedForms.isKept(before)
        && is(
            Weights.Says.FIRST_GIVES_WAY,
            Around.of(before, between, behind, true),
            count ? SURE_OF_OTHERS : SURE);
  }
}
