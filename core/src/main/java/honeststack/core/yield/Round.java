package honeststack.core.yield;

/**
 * A cake as it is poured: a disc of batter.
 *
 * @param diameter mm, over 0
 * @param thickness mm, over 0
 */
public record Round(double diameter, double thickness) {
  /** How thick a cake is poured, mm (common practice). */
  public static final double POURED = 6;

  private static final double CUBIC_MM = 1000;

  public Round {
    if (!(diameter > 0 && thickness > 0)) {
      throw new IllegalArgumentException("No cake is " + diameter + " × " + thickness + " mm");
    }
  }

  /** The cake that so much batter makes, mL over 0, poured so thick, mm. */
  public static Round of(double millilitres, double thickness) {
    return new Round(Math.sqrt(4 * millilitres * CUBIC_MM / (Math.PI * thickness)), thickness);
  }

  /** mL of batter in it. */
  public double millilitres() {
    return Math.PI / 4 * diameter * diameter * thickness / CUBIC_MM;
  }
}
