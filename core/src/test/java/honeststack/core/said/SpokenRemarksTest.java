package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a sentence says of foods that a recipe measures, and puts none of it in. */
class SpokenRemarksTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  /** It leaves the recipe as it is. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          LIST. One egg has about 6 g protein.                    | butter 50, egg 2, flour 200, milk 300
          LIST. 100 g of flour has 10 g of protein.               | butter 50, egg 2, flour 200, milk 300
          LIST. A cup of flour weighs 120 to 150 g.               | butter 50, egg 2, flour 200, milk 300
          LIST. A medium egg is fine.                             | butter 50, egg 2, flour 200, milk 300
          LIST. I bought the flour at the mill, 5 kg for 8 euros. | butter 50, egg 2, flour 200, milk 300
          LIST. I've 3 eggs left.                                 | butter 50, egg 2, flour 200, milk 300
          LIST. I keep a kilo of flour in the freezer.            | butter 50, egg 2, flour 200, milk 300
          LIST. Mum's recipe was 250 g flour.                     | butter 50, egg 2, flour 200, milk 300
          LIST. The packet says 3 eggs, which is too many.        | butter 50, egg 2, flour 200, milk 300
          LIST. They say 1 egg per 100 g of flour.                | butter 50, egg 2, flour 200, milk 300
          LIST. For savoury pancakes omit the milk.               | butter 50, egg 2, flour 200, milk 300
          LIST. Don't use cold milk.                              | butter 50, egg 2, flour 200, milk 300
          LIST. Never use hot butter.                             | butter 50, egg 2, flour 200, milk 300
          LIST. Never add the eggs to hot milk.                   | butter 50, egg 2, flour 200, milk 300
          LIST. I always run out of eggs.                         | butter 50, egg 2, flour 200, milk 300
          LIST. The rule is 1 egg to 100 g flour.                 | butter 50, egg 2, flour 200, milk 300
          """)
  void isRemarked(String text, String foods) {
    assertThat(ToldFoods.of(telling, text)).isEqualTo(foods);
  }

  /** It changes the recipe. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          LIST. 2 more eggs are added at the end.   | butter 50, egg 4, flour 200, milk 300
          LIST. 100 g of sugar is added at the end. | butter 50, egg 2, flour 200, milk 300, sugar 100
          LIST. 20 g butter is for the pan.         | butter 70, egg 2, flour 200, milk 300
          LIST. Don't use butter.                   | egg 2, flour 200, milk 300
          LIST. Never any eggs.                     | butter 50, flour 200, milk 300
          """)
  void isDone(String text, String foods) {
    assertThat(ToldFoods.of(telling, text)).isEqualTo(foods);
  }
}
