package honeststack.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestFoods;
import honeststack.core.food.Packing;
import honeststack.core.measure.Unit;
import honeststack.core.wording.Refusal.Reason;
import honeststack.core.wording.RefusedException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LineReaderTest {
  private final LineReader reader = new LineReader(new TestFoods());

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          160 g flour            | 160   | GRAM        | NOT_SAID |        | flour
          160g flour             | 160   | GRAM        | NOT_SAID |        | flour
          1.2 kg of flour        | 1.2   | KILOGRAM    | NOT_SAID |        | flour
          4 oz flour             | 4     | OUNCE       | NOT_SAID |        | flour
          2 lbs flour            | 2     | POUND       | NOT_SAID |        | flour
          1 1/4 cups milk        | 1.25  | CUP         | NOT_SAID |        | milk
          1¼ cups milk           | 1.25  | CUP         | NOT_SAID |        | milk
          1,25 cups milk         | 1.25  | CUP         | NOT_SAID |        | milk
          .5 cup milk            | 0.5   | CUP         | NOT_SAID |        | milk
          0,5 l milk             | 0.5   | LITRE       | NOT_SAID |        | milk
          300 mL milk            | 300   | MILLILITRE  | NOT_SAID |        | milk
          8 fl. oz. milk         | 8     | FLUID_OUNCE | NOT_SAID |        | milk
          8 fluid ounces milk    | 8     | FLUID_OUNCE | NOT_SAID |        | milk
          ¾ cup flour, spooned   | 0.75  | CUP         | SPOONED  |        | flour
          1 cup sifted flour     | 1     | CUP         | SIFTED   |        | flour
          2 level tbsp. sugar    | 2     | TABLESPOON  | NOT_SAID |        | sugar
          2 Tablespoons sugar    | 2     | TABLESPOON  | NOT_SAID |        | sugar
          2 T sugar              | 2     | TABLESPOON  | NOT_SAID |        | sugar
          2 t sugar              | 2     | TEASPOON    | NOT_SAID |        | sugar
          1/2 tsp sugar          | 0.5   | TEASPOON    | NOT_SAID |        | sugar
          1⁄2 tsp sugar          | 0.5   | TEASPOON    | NOT_SAID |        | sugar
          2 large eggs           | 2     | COUNT       | NOT_SAID | large  | egg
          3 eggs                 | 3     | COUNT       | NOT_SAID |        | egg
          1 medium pear          | 1     | COUNT       | NOT_SAID | medium | pear
          """)
  void reads(String text, double amount, Unit unit, Packing packing, String size, String food) {
    ReadLine line = reader.read(text);
    assertThat(line.measure().amount()).isCloseTo(amount, within(1e-12));
    assertThat(line.measure().unit()).isEqualTo(unit);
    assertThat(line.measure().packing()).isEqualTo(packing);
    assertThat(line.measure().size()).isEqualTo(size == null ? "" : size);
    assertThat(line.food().id()).isEqualTo(food);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          NaN g flour       | NO_AMOUNT    | NaN g flour
          -2 cups milk      | BAD_AMOUNT   | -2 cups milk
          1/0 cup milk      | BAD_AMOUNT   | 1/0
          1,000 g flour     | BAD_AMOUNT   | 1,000
          2 cups            | NO_FOOD      | 2 cups
          2 cups large      | NO_FOOD      | large
          3 jots of plonk   | UNKNOWN_FOOD | jots plonk
          """)
  void refusesAndQuotes(String text, Reason reason, String offending) {
    RefusedException refused =
        catchThrowableOfType(RefusedException.class, () -> reader.read(text));
    assertThat(refused).as(text).isNotNull();
    assertThat(refused.refusal().reason()).isEqualTo(reason);
    assertThat(refused.refusal().offending()).isEqualTo(offending);
    assertThat(refused.refusal().problem()).contains(offending);
    assertThat(refused.refusal().accepted()).isNotBlank();
  }

  @Test
  void aFoodPickedByHandNeedsNoName() {
    assertThat(reader.read("2 tbsp whatever", TestFoods.OIL).food()).isEqualTo(TestFoods.OIL);
  }

  @Test
  void aWeightAloneIsAWeightAndNothingElse() {
    assertThat(MassText.read("1.5 oz").amount()).isEqualTo(1.5);
    assertThat(catchThrowableOfType(RefusedException.class, () -> MassText.read("2 cups")))
        .isNotNull();
    assertThat(
            catchThrowableOfType(RefusedException.class, () -> MassText.read("40 g or so"))
                .refusal()
                .offending())
        .isEqualTo("or so");
  }

  @Test
  void amountsAreWrittenAsCooksWriteThem() {
    assertThat(reader.read("1.25 cups milk").measure().words()).isEqualTo("1¼ cups");
    assertThat(reader.read("2/3 cup milk").measure().words()).isEqualTo("⅔ cup");
    assertThat(reader.read("7.5 g sugar").measure().words()).isEqualTo("7.5 g");
  }
}
