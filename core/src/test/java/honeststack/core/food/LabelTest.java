package honeststack.core.food;

import static honeststack.core.food.Component.CHOCDF;
import static honeststack.core.food.Component.ENERC;
import static honeststack.core.food.Component.FAT;
import static honeststack.core.food.Component.FIBTG;
import static honeststack.core.food.Component.NA;
import static honeststack.core.food.Component.PROCNT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.food.Label.Value;
import honeststack.core.food.LabelConversion.Converted;
import java.util.EnumMap;
import java.util.Map;
import org.junit.jupiter.api.Test;

class LabelTest {
  private static Converted label(LabelStyle style, double serving, double doubt, Object... lines) {
    Map<LabelLine, Value> values = new EnumMap<>(LabelLine.class);
    for (int i = 0; i < lines.length; i += 2) {
      values.put((LabelLine) lines[i], new Value(((Number) lines[i + 1]).doubleValue(), false));
    }
    return LabelConversion.per100g(new Label(style, serving, 0, values), doubt);
  }

  /**
   * 21 CFR 101.9(c): energy over 50 kcal in steps of 10, protein in steps of 1 g, fat under 5 g in
   * steps of 0.5 g, sodium of 5 to 140 mg in steps of 5 mg. In a 30 g scoop each step counts 100/30
   * times; a rectangular half-width a has the standard uncertainty a/√3 (JCGM 100:2008, 4.3.7).
   */
  @Test
  void roundingOfAnAmericanLabelBecomesDoubt() {
    Converted scoop =
        label(
            LabelStyle.US,
            30,
            0,
            LabelLine.ENERGY,
            120,
            LabelLine.FAT,
            1.5,
            LabelLine.CARBOHYDRATE,
            3,
            LabelLine.PROTEIN,
            24,
            LabelLine.SODIUM,
            60);
    assertThat(scoop.contradictions()).isEmpty();
    assertThat(scoop.values().get(ENERC)).isCloseTo(400, within(1e-9));
    assertThat(scoop.doubts().get(ENERC)).isCloseTo(5 / Math.sqrt(3) * 100 / 30, within(1e-9));
    assertThat(scoop.doubts().get(PROCNT)).isCloseTo(0.5 / Math.sqrt(3) * 100 / 30, within(1e-9));
    assertThat(scoop.doubts().get(FAT)).isCloseTo(0.25 / Math.sqrt(3) * 100 / 30, within(1e-9));
    assertThat(scoop.doubts().get(NA)).isCloseTo(2.5 / Math.sqrt(3) * 100 / 30, within(1e-9));
  }

  /** "0 g" of fat may be anything under 0.5 g: its middle, 0.25 g, with (0.25 g)/√3. */
  @Test
  void zeroIsNotNothing() {
    Converted label = label(LabelStyle.US, 15, 0, LabelLine.ENERGY, 10, LabelLine.FAT, 0);
    assertThat(label.values().get(FAT)).isCloseTo(0.25 / 15 * 100, within(1e-9));
    assertThat(label.doubts().get(FAT)).isCloseTo(0.25 / Math.sqrt(3) / 15 * 100, within(1e-9));
  }

  /** A label value may be off by 8 % beyond its rounding (common practice). */
  @Test
  void aLabelIsOffByMoreThanItsRounding() {
    double u = label(LabelStyle.EU, 100, 0.08, LabelLine.PROTEIN, 20).doubts().get(PROCNT);
    assertThat(u).isCloseTo(Math.hypot(0.5 / Math.sqrt(3), 1.6), within(1e-9));
  }

  /** Regulation (EU) 1169/2011: carbohydrate without fibre, salt = sodium × 2.5, kJ. */
  @Test
  void aEuropeanLabelIsConverted() {
    Converted flakes =
        label(
            LabelStyle.EU,
            100,
            0,
            LabelLine.ENERGY_KJ,
            1560,
            LabelLine.FAT,
            7,
            LabelLine.CARBOHYDRATE,
            59,
            LabelLine.FIBRE,
            10,
            LabelLine.PROTEIN,
            13,
            LabelLine.SALT,
            0.5);
    assertThat(flakes.contradictions()).isEmpty();
    assertThat(flakes.values().get(CHOCDF)).isCloseTo(69, within(1e-9));
    assertThat(flakes.values().get(FIBTG)).isCloseTo(10, within(1e-9));
    assertThat(flakes.values().get(NA)).isCloseTo(200, within(1e-9));
    assertThat(flakes.values().get(ENERC)).isCloseTo(1560 / 4.184, within(1e-9));
  }

  @Test
  void withoutFibreTotalCarbohydrateStaysUnknown() {
    Converted syrup = label(LabelStyle.EU, 100, 0, LabelLine.CARBOHYDRATE, 70);
    assertThat(syrup.values()).doesNotContainKey(CHOCDF);
    assertThat(syrup.notes()).hasSize(1);
  }

  @Test
  void saysWhereItContradictsItself() {
    assertThat(
            label(
                    LabelStyle.US,
                    30,
                    0,
                    LabelLine.ENERGY,
                    200,
                    LabelLine.FAT,
                    1,
                    LabelLine.CARBOHYDRATE,
                    3,
                    LabelLine.PROTEIN,
                    20)
                .contradictions())
        .singleElement()
        .asString()
        .contains("200 kcal");
    assertThat(
            label(LabelStyle.US, 30, 0, LabelLine.CARBOHYDRATE, 3, LabelLine.SUGARS, 5)
                .contradictions())
        .singleElement()
        .asString()
        .contains("Sugars", "5 g", "3 g");
    assertThat(
            label(LabelStyle.EU, 30, 0, LabelLine.FAT, 20, LabelLine.PROTEIN, 15).contradictions())
        .singleElement()
        .asString()
        .contains("30.0 g");
    assertThat(
            label(LabelStyle.EU, 100, 0, LabelLine.ENERGY, 372, LabelLine.ENERGY_KJ, 2000)
                .contradictions())
        .hasSize(1);
  }

  @Test
  void roundingIsNoContradiction() {
    assertThat(
            label(
                    LabelStyle.US,
                    5,
                    0,
                    LabelLine.ENERGY,
                    5,
                    LabelLine.FAT,
                    0.5,
                    LabelLine.CARBOHYDRATE,
                    0,
                    LabelLine.PROTEIN,
                    0)
                .contradictions())
        .isEmpty();
    assertThat(
            label(LabelStyle.US, 5, 0, LabelLine.CARBOHYDRATE, 0, LabelLine.SUGARS, 1)
                .contradictions())
        .isEmpty();
  }

  @Test
  void refusesAServingOfNothing() {
    assertThatThrownBy(() -> label(LabelStyle.US, 0, 0)).hasMessageContaining("0");
    assertThatThrownBy(() -> new Value(Double.NaN, false)).hasMessageContaining("NaN");
  }
}
