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
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

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

  /** "FAT 10, SALT 1.2" as printed on a serving of so many grams. */
  private static Converted printed(LabelStyle style, double serving, String lines) {
    Map<LabelLine, Value> values = new EnumMap<>(LabelLine.class);
    for (String line : lines.split(", ")) {
      String[] words = line.split(" ");
      boolean below = words[1].startsWith("<");
      double amount = Double.parseDouble(words[1].replace("<", ""));
      values.put(LabelLine.valueOf(words[0]), new Value(amount, below));
    }
    return LabelConversion.per100g(new Label(style, serving, 0, values), 0);
  }

  /**
   * What each pair allows, worked on paper with the roundings of 21 CFR 101.9(c) and of the EU's
   * guidance on tolerances. Of a European label with fat 10, carbohydrate 50, fibre 5, protein 10:
   * at least 9 · 9.5 + 4 · 9.5 + 4 · 49.5 = 321.5 kcal, at most 9 · 10.5 + 4 · 10.5 + 4 · (50.5 +
   * 5.05) = 358.7 kcal; of the American one, where fibre is inside, at least 299.5 and at most
   * 338.5 kcal; ten of every hundred kilocalories printed are let pass.
   */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      nullValues = "-",
      textBlock =
          """
          EU | 100 | ENERGY 291, FAT 10, CARBOHYDRATE 50, FIBRE 5, PROTEIN 10 | 322 to 359 kcal
          EU | 100 | ENERGY 292, FAT 10, CARBOHYDRATE 50, FIBRE 5, PROTEIN 10 | -
          EU | 100 | ENERGY 399, FAT 10, CARBOHYDRATE 50, FIBRE 5, PROTEIN 10 | -
          EU | 100 | ENERGY 400, FAT 10, CARBOHYDRATE 50, FIBRE 5, PROTEIN 10 | prints 400 kcal
          US | 100 | ENERGY 260, FAT 10, CARBOHYDRATE 50, FIBRE 5, PROTEIN 10 | 300 to 339 kcal
          US | 100 | ENERGY 270, FAT 10, CARBOHYDRATE 50, FIBRE 5, PROTEIN 10 | -
          US | 100 | ENERGY 380, FAT 10, CARBOHYDRATE 50, FIBRE 5, PROTEIN 10 | -
          US | 100 | ENERGY 390, FAT 10, CARBOHYDRATE 50, FIBRE 5, PROTEIN 10 | prints 390 kcal
          EU | 100 | ENERGY 120, FAT 0, CARBOHYDRATE 90, POLYOLS 90, PROTEIN 0 | -
          EU | 100 | ENERGY 120, FAT 0, CARBOHYDRATE 90, PROTEIN 0 | prints 120 kcal
          EU | 100 | ENERGY 900, FAT 50, CARBOHYDRATE 10 | -
          EU | 100 | FAT 50, CARBOHYDRATE 10, PROTEIN 5 | -
          EU | 30 | FAT 10, CARBOHYDRATE 10, PROTEIN 5, FIBRE 6, SALT 0.05 | -
          EU | 30 | FAT 10, CARBOHYDRATE 10, PROTEIN 5, FIBRE 6, SALT 0.2 | at least 30.1 g
          US | 30 | FAT 10, CARBOHYDRATE 10, PROTEIN 10, SODIUM 500 | -
          US | 30 | FAT 10, CARBOHYDRATE 10, PROTEIN 10, SODIUM 1000 | serving weighs 30.0 g
          US | 30 | FAT 10, CARBOHYDRATE 10, PROTEIN 10, FIBRE 9 | -
          EU | 100 | CARBOHYDRATE 10, SUGARS 12 | Sugars (12 g) are more than the carbohydrate (10 g)
          EU | 100 | SUGARS 10, ADDED_SUGARS 12 | Added sugars (12 g) are more than the sugars
          EU | 100 | CARBOHYDRATE 10, POLYOLS 12 | Polyols (12 g) are more than the carbohydrate
          EU | 100 | POLYOLS 10, ERYTHRITOL 12 | Of them erythritol (12 g) are more than the polyols
          EU | 100 | FAT 10, SATURATES 12 | Saturates (12 g) are more than the fat (10 g)
          US | 100 | CARBOHYDRATE 10, FIBRE 12 | Fibre (12 g) are more than the carbohydrate
          EU | 100 | CARBOHYDRATE 10, FIBRE 12 | -
          US | 100 | CARBOHYDRATE <1, SUGARS 3 | under 1 g
          EU | 100 | ENERGY 97, ENERGY_KJ 418.4 | kJ are not 97 kcal
          EU | 100 | ENERGY 103, ENERGY_KJ 418.4 | -
          EU | 100 | ENERGY 20, ENERGY_KJ 92 | -
          EU | 100 | ENERGY 20, ENERGY_KJ 93 | 93 kJ are not 20 kcal
          """)
  void contradicts(LabelStyle style, double serving, String lines, String words) {
    List<String> found = printed(style, serving, lines).contradictions();
    if (words == null) {
      assertThat(found).isEmpty();
    } else {
      assertThat(found).singleElement().asString().contains(words);
    }
  }

  /** A hundred grams of a label of a 40 g serving are two and a half servings of each line. */
  @Test
  void everyLineOfALabelIsConverted() {
    Converted bar =
        printed(
            LabelStyle.EU,
            40,
            "FAT 8, SATURATES 4, CARBOHYDRATE 20, SUGARS 10, ADDED_SUGARS 8, POLYOLS 4, ERYTHRITOL 2,"
                + " FIBRE 3, PROTEIN 6");
    assertThat(bar.values())
        .containsEntry(FAT, 20.0)
        .containsEntry(Component.FASAT, 10.0)
        .containsEntry(Component.SUGAR, 25.0)
        .containsEntry(Component.SUGAD, 20.0)
        .containsEntry(Component.POLYL, 10.0)
        .containsEntry(FIBTG, 7.5)
        .containsEntry(PROCNT, 15.0);
    assertThat(bar.values().get(CHOCDF)).isCloseTo(57.5, within(1e-9));
  }
}
