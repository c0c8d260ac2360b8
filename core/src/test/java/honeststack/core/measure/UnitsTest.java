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
import systems.uom.common.Imperial;
import systems.uom.common.USCustomary;
import tech.units.indriya.quantity.Quantities;
import tech.units.indriya.unit.Units;

class UnitsTest {

  /** NIST Handbook 44, Appendix C, to the digits printed there. */
  @Test
  void handbook44() {
    assertThat(US.millilitres(CUP)).isCloseTo(236.5882365, within(1e-7));
    assertThat(US.millilitres(TABLESPOON)).isCloseTo(14.78676478, within(1e-8));
    assertThat(US.millilitres(TEASPOON)).isCloseTo(4.928921594, within(1e-9));
    assertThat(US.millilitres(FLUID_OUNCE)).isCloseTo(29.57352956, within(1e-8));
    assertThat(OUNCE.grams()).isEqualTo(28.349523125);
    assertThat(POUND.grams()).isEqualTo(453.59237);
  }

  /** 21 CFR 101.9(b)(5)(viii): cup 240 mL, tablespoon 15 mL, teaspoon 5 mL, fluid ounce 30 mL. */
  @Test
  void labelling() {
    assertThat(US_LABELLING.millilitres(CUP)).isEqualTo(240);
    assertThat(US_LABELLING.millilitres(TABLESPOON)).isEqualTo(15);
    assertThat(US_LABELLING.millilitres(TEASPOON)).isEqualTo(5);
    assertThat(US_LABELLING.millilitres(FLUID_OUNCE)).isEqualTo(30);
  }

  /** Common practice. */
  @Test
  void metricAndAustralian() {
    assertThat(METRIC.millilitres(CUP)).isEqualTo(250);
    assertThat(AUSTRALIAN.millilitres(TABLESPOON)).isEqualTo(4 * AUSTRALIAN.millilitres(TEASPOON));
  }

  /** An independent library: systems-common on Indriya. */
  @Test
  void unitLibrary() {
    assertThat(millilitres(USCustomary.CUP)).isCloseTo(US.millilitres(CUP), within(1e-6));
    assertThat(millilitres(USCustomary.TABLESPOON))
        .isCloseTo(US.millilitres(TABLESPOON), within(1e-6));
    assertThat(millilitres(USCustomary.TEASPOON)).isCloseTo(US.millilitres(TEASPOON), within(1e-6));
    assertThat(millilitres(USCustomary.FLUID_OUNCE))
        .isCloseTo(US.millilitres(FLUID_OUNCE), within(1e-6));
    assertThat(10 * millilitres(Imperial.FLUID_OUNCE))
        .isCloseTo(IMPERIAL.millilitres(CUP), within(1e-4));
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
    assertThatIllegalArgumentException().isThrownBy(() -> US.millilitres(OUNCE));
  }
}
