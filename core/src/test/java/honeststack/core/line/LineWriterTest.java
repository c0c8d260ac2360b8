package honeststack.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestFoods;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.estimate.SourceBook;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.measure.OwnWeights;
import honeststack.core.measure.Weights;
import honeststack.core.wording.RefusedException;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LineWriterTest {
  private final LineReader reader = new LineReader(new TestFoods());
  private final LineWriter writer =
      new LineWriter(
          reader,
          new Weights(TestFoods.tables(), OwnWeights.NONE, MeasuringSystem.US, new SourceBook()));

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          2 cups flour, spooned          | 2    | 4 cups flour, spooned
          1/2 cup milk                   | 3    | 1½ cups milk
          190 g flour                    | 1.5  | 285 g flour
          2 large eggs                   | 1.5  | 3 large eggs
          1 heaped tbsp sugar            | 2    | 2 heaped tbsp sugar
          1 packed cup sugar             | 0.5  | ½ packed cup sugar
          2 cups flour less 1 tbsp       | 2    | 4 cups less 2 tbsp flour
          3-4 tbsp milk                  | 2    | 6–8 tbsp milk
          milk, 250 ml                   | 2    | milk, 500 mL
          150 g (about 1¼ cups) flour    | 2    | 300 g flour
          a pinch of sugar               | 3    | 3 pinches sugar
          sugar, to taste                | 2    | sugar, to taste
          """)
  void scales(String text, double factor, String scaled) {
    assertThat(writer.scaled(text, Optional.empty(), factor).text()).isEqualTo(scaled);
  }

  /** A third of 2 tsp is 0.667 tsp; ½ and ⅛ tsp are 6.25 % less, ¾ tsp would be 12.5 % more. */
  @Test
  void roundingIsTold() {
    LineWriter.Rewritten third = writer.scaled("2 tsp sugar", Optional.empty(), 1 / 3.0);
    assertThat(third.text()).isEqualTo("½ tsp + ⅛ tsp sugar");
    assertThat(third.rounding()).isCloseTo(-0.0625, within(1e-9));
  }

  /** A spooned cup of flour weighs 120 g here, a cup of milk 244 g. */
  @Test
  void grams() {
    assertThat(writer.inGrams("1 1/2 cups flour, spooned", Optional.empty()).text())
        .isEqualTo("180 g flour, spooned");
    assertThat(writer.inGrams("2 large eggs", Optional.empty()).text())
        .isEqualTo("100 g large eggs");
    assertThat(writer.inGrams("80 g sugar", Optional.empty()).text()).isEqualTo("80 g sugar");
  }

  /** Twice and half again, a third and three times: nothing is lost on the way. */
  @ParameterizedTest
  @CsvSource({"2", "4", "0.5", "0.25", "3", "1.5"})
  void thereAndBackIsTheSame(double factor) {
    for (String line : new String[] {"1 cup milk", "6 tbsp sugar", "2 cups flour", "½ cup oil"}) {
      String there = writer.scaled(line, Optional.empty(), factor).text();
      LineWriter.Rewritten back = writer.scaled(there, Optional.empty(), 1 / factor);
      double grams = grams(line);
      assertThat(grams(back.text()))
          .as(line + " → " + there)
          .isCloseTo(grams, within(0.05 * grams));
    }
  }

  private double grams(String line) {
    ReadLine read = reader.read(line);
    return new Weights(TestFoods.tables(), OwnWeights.NONE, MeasuringSystem.US, new SourceBook())
        .of(read.amount().orElseThrow(), read.food(), Use.of("a"))
        .value();
  }

  @Test
  void kitchenMeasures() {
    LineWriter.Rewritten milk = writer.inKitchenMeasures("183 g milk", Optional.empty());
    assertThat(milk.text()).isEqualTo("¾ cup milk");
    assertThat(milk.rounding()).isCloseTo(0, within(1e-9));
    LineWriter.Rewritten eggs = writer.inKitchenMeasures("100 g egg", Optional.empty());
    assertThat(eggs.text()).isEqualTo("2 egg");
    assertThatThrownBy(() -> writer.inKitchenMeasures("100 g butter", Optional.empty()))
        .isInstanceOf(RefusedException.class);
  }

  /**
   * Cups of flour, not said how filled, weigh 130 g, of sugar 200 g, of milk 244 g; a pear 180 g; a
   * third of a cup of sugar 66.7 g. What comes closest is taken, of likes the larger measure.
   */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          200 g sugar  | 1 cup sugar    | 0
          67 g sugar   | ⅓ cup sugar    | -0.00498
          25 g sugar   | 2 tbsp sugar   | 0
          4.2 g sugar  | 1 tsp sugar    | -0.00794
          1 g sugar    | ¼ tsp sugar    | 0.04167
          360 g pear   | 2 pear         | 0
          135 g pear   | ¾ pear         | 0
          8 kg milk    | 32¾ cups milk  | -0.00112
          28 g oil     | 2 tbsp oil     | 0
          1 cup milk   | 1 cup milk     | 0
          sugar        | sugar          | 0
          """)
  void kitchenMeasuresComeClosest(String text, String written, double rounding) {
    LineWriter.Rewritten anew = writer.inKitchenMeasures(text, Optional.empty());
    assertThat(anew.text()).isEqualTo(written);
    assertThat(anew.rounding()).isCloseTo(rounding, within(5e-5));
  }

  /** Weights stay as fine as they were said, kilograms and litres as they are read. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          5 g sugar            | 0.5  | 2½ g sugar       | 0
          3 g sugar            | 0.25 | ¾ g sugar        | 0
          25 g sugar           | 0.5  | 12½ g sugar      | 0
          25 g sugar           | 0.3  | 7½ g sugar       | 0
          101 g sugar          | 0.25 | 25 g sugar       | -0.0099
          7.5 g sugar          | 3    | 22 g sugar       | -0.02222
          1.5 kg flour         | 0.5  | 0.75 kg flour    | 0
          1.5 kg flour         | 2    | 3 kg flour       | 0
          1.5 kg flour         | 0.25 | 375 g flour      | 0
          1 l milk             | 0.125 | 125 mL milk     | 0
          2 eggs               | 0.25 | ½ eggs           | 0
          1 tbsp sugar         | 0.1  | ¼ tsp sugar      | -0.16667
          1/4 cup milk         | 0.3333333333 | 4 tsp milk | 0
          1 cup milk           | 0.875 | ¾ cup + 2 tbsp milk | 0
          ¾ cup + 2 tbsp milk  | 0.5  | 7 tbsp milk      | 0
          7 tbsp milk          | 2    | ¾ cup + 2 tbsp milk | 0
          6 tbsp sugar         | 2    | ¾ cup sugar      | 0
          ¾ cup sugar          | 0.5  | 6 tbsp sugar     | 0
          1 tsp sugar          | 3    | 3 tsp sugar      | 0
          """)
  void scaledWeightsStayAsFineAsTheyWere(
      String text, double factor, String written, double rounding) {
    LineWriter.Rewritten anew = writer.scaled(text, Optional.empty(), factor);
    assertThat(anew.text()).isEqualTo(written);
    assertThat(anew.rounding()).isCloseTo(rounding, within(5e-5));
  }
}
