package honeststack.core.measure;

/**
 * What a cup and a spoon hold, mL.
 *
 * <ul>
 *   <li>US customary: NIST Handbook 44, Appendix C (gallon of 231 cubic inches, cup 1/16 of it).
 *   <li>US labelling: 21 CFR 101.9(b)(5)(viii).
 *   <li>Metric, Australian: common practice; the Australian tablespoon is four teaspoons.
 *   <li>Imperial: cup of 10 imperial fluid ounces, from memory.
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

  double cup() {
    return cup;
  }

  double tablespoon() {
    return tablespoon;
  }

  double teaspoon() {
    return teaspoon;
  }

  double fluidOunce() {
    return fluidOunce;
  }

  /** Imperial: 20 fluid ounces; two US cups in all others. */
  double pint() {
    return this == IMPERIAL ? 20 * fluidOunce : 2 * US.cup;
  }
}
