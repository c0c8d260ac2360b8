package honeststack.core.measure;

import static honeststack.core.measure.MeasuringSystem.AUSTRALIAN;
import static honeststack.core.measure.MeasuringSystem.IMPERIAL;
import static honeststack.core.measure.MeasuringSystem.METRIC;
import static honeststack.core.measure.MeasuringSystem.US;
import static honeststack.core.measure.MeasuringSystem.US_LABELLING;
import static honeststack.core.measure.Unit.CUP;
import static honeststack.core.measure.Unit.FLUID_OUNCE;
import static honeststack.core.measure.Unit.OUNCE;
import static honeststack.core.measure.Unit.POUND;
import static honeststack.core.measure.Unit.TABLESPOON;
import static honeststack.core.measure.Unit.TEASPOON;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import javax.measure.MetricPrefix;
import javax.measure.quantity.Mass;
import javax.measure.quantity.Volume;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import systems.uom.common.Imperial;
import systems.uom.common.USCustomary;
import tech.units.indriya.quantity.Quantities;
import tech.units.indriya.unit.Units;

class UnitsTest {

  /** NIST Handbook 44, Appendix C, to the digits printed there. */
  @Test
  void handbook44() {
    assertThat(CUP.millilitres(US)).isCloseTo(236.5882365, within(1e-7));
    assertThat(TABLESPOON.millilitres(US)).isCloseTo(14.78676478, within(1e-8));
    assertThat(TEASPOON.millilitres(US)).isCloseTo(4.928921594, within(1e-9));
    assertThat(FLUID_OUNCE.millilitres(US)).isCloseTo(29.57352956, within(1e-8));
    assertThat(OUNCE.grams()).isEqualTo(28.349523125);
    assertThat(POUND.grams()).isEqualTo(453.59237);
  }

  /** 21 CFR 101.9(b)(5)(viii): cup 240 mL, tablespoon 15 mL, teaspoon 5 mL, fluid ounce 30 mL. */
  @Test
  void labelling() {
    assertThat(CUP.millilitres(US_LABELLING)).isEqualTo(240);
    assertThat(TABLESPOON.millilitres(US_LABELLING)).isEqualTo(15);
    assertThat(TEASPOON.millilitres(US_LABELLING)).isEqualTo(5);
    assertThat(FLUID_OUNCE.millilitres(US_LABELLING)).isEqualTo(30);
  }

  /** Common practice. */
  @Test
  void metricAndAustralian() {
    assertThat(CUP.millilitres(METRIC)).isEqualTo(250);
    assertThat(TABLESPOON.millilitres(AUSTRALIAN)).isEqualTo(4 * TEASPOON.millilitres(AUSTRALIAN));
  }

  /** An independent library: systems-common on Indriya. */
  @Test
  void unitLibrary() {
    assertThat(millilitres(USCustomary.CUP)).isCloseTo(CUP.millilitres(US), within(1e-6));
    assertThat(millilitres(USCustomary.TABLESPOON))
        .isCloseTo(TABLESPOON.millilitres(US), within(1e-6));
    assertThat(millilitres(USCustomary.TEASPOON)).isCloseTo(TEASPOON.millilitres(US), within(1e-6));
    assertThat(millilitres(USCustomary.FLUID_OUNCE))
        .isCloseTo(FLUID_OUNCE.millilitres(US), within(1e-6));
    assertThat(10 * millilitres(Imperial.FLUID_OUNCE))
        .isCloseTo(CUP.millilitres(IMPERIAL), within(1e-4));
    assertThat(grams(USCustomary.OUNCE)).isCloseTo(OUNCE.grams(), within(1e-9));
    assertThat(grams(USCustomary.POUND)).isCloseTo(POUND.grams(), within(1e-9));
  }

  private static double millilitres(javax.measure.Unit<Volume> unit) {
    return Quantities.getQuantity(1, unit)
        .to(MetricPrefix.MILLI(Units.LITRE))
        .getValue()
        .doubleValue();
  }

  private static double grams(javax.measure.Unit<Mass> unit) {
    return Quantities.getQuantity(1, unit).to(Units.GRAM).getValue().doubleValue();
  }

  @Test
  void aUnitOfTheOtherKindIsRefused() {
    assertThatIllegalArgumentException().isThrownBy(CUP::grams);
    assertThatIllegalArgumentException().isThrownBy(() -> OUNCE.millilitres(US));
  }

  /**
   * Pints and quarts: NIST Handbook 44, Appendix C; the imperial pint is 20 imperial fluid ounces.
   * What nobody measures is common practice, in teaspoons, tablespoons and cups of the system.
   */
  @ParameterizedTest
  @CsvSource({
    "MILLILITRE, US, 1",
    "CENTILITRE, METRIC, 10",
    "DECILITRE, US, 100",
    "LITRE, IMPERIAL, 1000",
    "PINT, US, 473.176473",
    "QUART, US, 946.352946",
    "GALLON, US, 3785.411784",
    "GILL, US, 118.29411825",
    "PINT, IMPERIAL, 568.26125",
    "QUART, IMPERIAL, 1136.5225",
    "GALLON, IMPERIAL, 4546.09",
    "DESSERTSPOON, METRIC, 10",
    "LADLE, METRIC, 62.5",
    "SCOOP, US_LABELLING, 60",
    "PINCH, METRIC, 0.3125",
    "DASH, METRIC, 0.625",
    "SMIDGEN, METRIC, 0.15625",
    "SPLASH, AUSTRALIAN, 20",
    "DROP, US, 0.05",
    "DRIZZLE, METRIC, 10",
    "SQUEEZE, METRIC, 5"
  })
  void volumes(Unit unit, MeasuringSystem system, double millilitres) {
    assertThat(unit.millilitres(system)).isCloseTo(millilitres, within(1e-4 * millilitres));
  }

  /** What a kitchen can measure; nothing is rounded to a spoon that is not in the drawer. */
  @ParameterizedTest
  @CsvSource({
    "GRAM, 9.96, 10", "GRAM, 9.94, 9.9", "GRAM, 10.4, 10", "KILOGRAM, 1.23449, 1.234",
    "OUNCE, 2.3, 2.25", "CUP, 0.28, 0.25", "CUP, 0.3, 0.3333333333333333",
        "CUP, 0.63, 0.6666666666666666",
    "CUP, 1.9, 2", "TABLESPOON, 1.3, 1.5", "TABLESPOON, 1.2, 1", "TEASPOON, 0.11, 0.125",
    "TEASPOON, 0.6, 0.5", "COUNT, 2.3, 2.25", "CUP, 0.05, 0", "PINCH, 1.37, 1.37"
  })
  void rounding(Unit unit, double amount, double rounded) {
    assertThat(unit.rounded(amount)).isEqualTo(rounded);
  }

  @Test
  void onlyWhatIsFilledAlikeCanBeWeighedOnce() {
    assertThat(Unit.values())
        .filteredOn(Unit::isConstant)
        .containsExactlyInAnyOrder(
            FLUID_OUNCE,
            CUP,
            Unit.GILL,
            Unit.PINT,
            Unit.QUART,
            Unit.GALLON,
            Unit.MILLISPOON,
            TABLESPOON,
            Unit.DESSERTSPOON,
            TEASPOON,
            Unit.LADLE,
            Unit.SCOOP,
            Unit.SECOND);
    assertThat(CUP.noun()).isEqualTo("cup");
    assertThat(Unit.SECOND.noun()).isEqualTo("second's spray");
  }
}
