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
}
