package honeststack.core.measure;

/**
 * What a cup and a spoon hold, mL.
 *
 * <ul>
 *   <li>US customary: NIST Handbook 44, Appendix C (gallon of 231 cubic inches, cup 1/16 of it).
 *   <li>US labelling: 21 CFR 101.9(b)(5)(viii).
 *   <li>Metric, Australian: common practice; the Australian tablespoon is four teaspoons.
 *   <li>Imperial: cup of 10 imperial fluid ounces, from memory.
 *   <li>In all of them, common practice: a dessertspoon is two teaspoons, a ladle a quarter cup, a
 *       pinch 1/16 and a dash 1/8 of a teaspoon, a smidgen 1/32, a splash one tablespoon, a drizzle
 *       two teaspoons, a squeeze one.
 * </ul>
 */
public enum MeasuringSystem {
  US(236.5882365, 14.78676478125, 4.92892159375, 29.5735295625),
  US_LABELLING(240, 15, 5, 30),
  METRIC(250, 15, 5, 29.5735295625),
  AUSTRALIAN(250, 20, 5, 29.5735295625),
  IMPERIAL(284.130625, 17.7581640625, 5.91938802083, 28.4130625);

  private final double cup;
  private final double tablespoon;
  private final double teaspoon;
  private final double fluidOunce;

  MeasuringSystem(double cup, double tablespoon, double teaspoon, double fluidOunce) {
    this.cup = cup;
    this.tablespoon = tablespoon;
    this.teaspoon = teaspoon;
    this.fluidOunce = fluidOunce;
  }

  /**
   * Millilitres in one of a unit of volume.
   *
   * @throws IllegalArgumentException if the unit is not one of volume
   */
  public double millilitres(Unit unit) {
    return switch (unit) {
      case MILLILITRE -> 1;
      case CENTILITRE -> 10;
      case DECILITRE -> 100;
      case LITRE -> 1000;
      case PINT -> this == IMPERIAL ? 20 * fluidOunce : 2 * US.cup;
      case QUART -> 2 * millilitres(Unit.PINT);
      case DESSERTSPOON -> 2 * teaspoon;
      case LADLE, SCOOP -> cup / 4;
      case PINCH -> teaspoon / 16;
      case DASH -> teaspoon / 8;
      case SMIDGEN -> teaspoon / 32;
      case SPLASH -> tablespoon;
      case DROP -> 0.05;
      case DRIZZLE -> 2 * teaspoon;
      case SQUEEZE -> teaspoon;
      case CUP -> cup;
      case TABLESPOON -> tablespoon;
      case TEASPOON -> teaspoon;
      case FLUID_OUNCE -> fluidOunce;
      default -> throw new IllegalArgumentException(unit + " is not a unit of volume");
    };
  }
}
