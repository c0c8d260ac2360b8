package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Amounts that are part of one told before, told twice, or told not to be. */
class SpokenPortionsTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  /** Once it is measured, the work is done with some of it and then with the rest. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          LIST. Add 1 egg, then the other.                                              | butter 50, egg 2, flour 200, milk 300
          LIST. Beat in the first egg, then the second.                                 | butter 50, egg 2, flour 200, milk 300
          LIST. Beat in one egg, then the next one.                                     | butter 50, egg 2, flour 200, milk 300
          LIST. Take 100 ml of milk from the 300 and warm it.                           | butter 50, egg 2, flour 200, milk 300
          LIST. Pour in 100 ml milk to begin with, then the remaining 200 ml.           | butter 50, egg 2, flour 200, milk 300
          LIST. Start with 200 ml of milk, then add the other 100.                      | butter 50, egg 2, flour 200, milk 300
          LIST. Stir in 200 ml milk first and the rest later.                           | butter 50, egg 2, flour 200, milk 300
          LIST. Melt 20 g of the butter, keep the other 30 g cold.                      | butter 50, egg 2, flour 200, milk 300
          LIST. Save 50 ml of milk for the end.                                         | butter 50, egg 2, flour 200, milk 300
          LIST. Beat one egg with 100 ml of the milk, then the other egg with the rest. | butter 50, egg 2, flour 200, milk 300
          LIST. Mix 100 g flour with 150 ml milk, then add the rest of both.            | butter 50, egg 2, flour 200, milk 300
          LIST. Whisk the flour with 150 ml milk until smooth, then the last 150 ml.    | butter 50, egg 2, flour 200, milk 300
          LIST. Use 250 ml milk at first, the remaining 50 ml if it needs it.           | butter 50, egg 2, flour 200, milk 300
          LIST. Rub in 30 g of butter and melt the remaining 20 g.                      | butter 50, egg 2, flour 200, milk 300
          LIST. Work in 100 g flour, then the other 100 g.                              | butter 50, egg 2, flour 200, milk 300
          LIST. Add two eggs one by one.                                                | butter 50, egg 2, flour 200, milk 300
          LIST. Whisk the 2 eggs with the 300 ml milk.                                  | butter 50, egg 2, flour 200, milk 300
          LIST. Add all 200 g of flour at once.                                         | butter 50, egg 2, flour 200, milk 300
          LIST. Keep back 2 tbsp of the milk.                                           | butter 50, egg 2, flour 200, milk 300
          LIST. Whisk in 250 ml milk. Then add the remaining 50 ml milk.                | butter 50, egg 2, flour 200, milk 300
          LIST. Keep 10 g butter for the pan.                                           | butter 50, egg 2, flour 200, milk 300
          LIST. Melt 20 g butter in the pan, the rest goes in the batter.               | butter 50, egg 2, flour 200, milk 300
          """)
  void isPartOfWhatWasMeasured(String text, String foods) {
    assertThat(ToldFoods.of(telling, text)).isEqualTo(foods);
  }

  /** It comes on top of what was measured. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          LIST. In the end I put in 1 more egg.             | butter 50, egg 3, flour 200, milk 300
          LIST. I add an extra 50 ml of milk.               | butter 50, egg 2, flour 200, milk 350
          LIST. Then 100 ml of water.                       | butter 50, egg 2, flour 200, milk 300, water 100
          LIST. Then a further 30 g of butter.              | butter 80, egg 2, flour 200, milk 300
          LIST. And 20 g of butter for the pan.             | butter 70, egg 2, flour 200, milk 300
          LIST. Brush with 10 g more butter.                | butter 60, egg 2, flour 200, milk 300
          LIST. 1 egg extra for the glaze.                  | butter 50, egg 3, flour 200, milk 300
          LIST. 20 g butter goes in the pan on top of that. | butter 70, egg 2, flour 200, milk 300
          """)
  void isMore(String text, String foods) {
    assertThat(ToldFoods.of(telling, text)).isEqualTo(foods);
  }

  /** Who speaks says things twice. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          2 eggs yeah 2 eggs and 300 ml milk        | egg 2, milk 300
          2 eggs, 2 eggs, and 300 ml milk           | egg 2, milk 300
          2 eggs - yes 2 eggs - and 300 ml milk     | egg 2, milk 300
          300 ml milk, eggs 2, yes, 2 eggs          | egg 2, milk 300
          2 eggs, as I said 2 eggs, and 300 ml milk | egg 2, milk 300
          2 eggs. 2 eggs, yes. And 300 ml milk.     | egg 2, milk 300
          """)
  void isSaidTwice(String text, String foods) {
    assertThat(ToldFoods.of(telling, text)).isEqualTo(foods);
  }

  /** Set against the amount that counts. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          Not 100 g flour, 200 g flour                | flour 200
          200 g flour, not 100 g flour                | flour 200
          flour not 100 g, flour 200 g                | flour 200
          It's not 100 g flour, it's 200 g flour      | flour 200
          Not 100 g flour but 200 g flour             | flour 200
          No, not 100 g flour. 200 g flour.           | flour 200
          200 g of flour. Not 100 g.                  | flour 200
          I use 200 g of flour, not the 100 g it says | flour 200
          """)
  void isNotThat(String text, String foods) {
    assertThat(ToldFoods.of(telling, text)).isEqualTo(foods);
  }

  /** Weighed with its jar, before and after. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          the sugar jar was 412 g before and 380 g after                 | sugar 32
          sugar jar 412 g before, 380 g after, so 32 g                   | sugar 32
          sugar: 412 g to 380 g on the scale, so 32 g used               | sugar 32
          I weighed the sugar jar before and after, 412 and 380, so 32 g | sugar 32
          """)
  void isWhatTheJarLost(String text, String foods) {
    assertThat(ToldFoods.of(telling, text)).isEqualTo(foods);
  }
}
