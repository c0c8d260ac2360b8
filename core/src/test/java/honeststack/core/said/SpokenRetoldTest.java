package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is told once more, told anew, and told for each who eats. */
class SpokenRetoldTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  /** A remark on what was measured measures nothing. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          LIST. With 2 eggs they hold together.                      | butter 50, egg 2, flour 200, milk 300
          LIST. 2 eggs make it rich, I find.                         | butter 50, egg 2, flour 200, milk 300
          LIST. It's 300 ml of milk for every 200 g of flour.        | butter 50, egg 2, flour 200, milk 300
          LIST. So that's 200 g of flour, 2 eggs and 300 ml of milk. | butter 50, egg 2, flour 200, milk 300
          LIST. As I said, 2 eggs.                                   | butter 50, egg 2, flour 200, milk 300
          LIST. Again: 200 g flour, 300 ml milk.                     | butter 50, egg 2, flour 200, milk 300
          LIST. For 200 g of flour I take 300 ml of milk.            | butter 50, egg 2, flour 200, milk 300
          LIST. Really 50 g of butter? Yes.                          | butter 50, egg 2, flour 200, milk 300
          LIST. I usually make double.                               | butter 50, egg 2, flour 200, milk 300
          LIST. For a crowd make it twice.                           | butter 50, egg 2, flour 200, milk 300
          """)
  void isToldOnceMore(String text, String foods) {
    assertThat(ToldFoods.of(telling, text)).isEqualTo(foods);
  }

  /** As much of it again, for something else. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          LIST. Crumble: 50 g flour, 50 g butter.            | butter 100, egg 2, flour 250, milk 300
          LIST. 50 g butter for the pan.                     | butter 100, egg 2, flour 200, milk 300
          LIST. In another bowl mix 100 g sugar with 2 eggs. | butter 50, egg 4, flour 200, milk 300, sugar 100
          LIST. Another 2 eggs.                              | butter 50, egg 4, flour 200, milk 300
          """)
  void isSomethingElse(String text, String foods) {
    assertThat(ToldFoods.of(telling, text)).isEqualTo(foods);
  }

  /** Set against what is done today. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          Last week 250 ml milk, this week 300 ml milk.                                | milk 300
          I did 250 ml milk last time and it was wrong, so 300 ml milk today.          | milk 300
          First try: 250 ml milk. Second try: 300 ml milk.                             | milk 300
          Old: 250 ml milk, new: 300 ml milk.                                          | milk 300
          I've gone from 250 ml milk to 300 ml milk.                                   | milk 300
          Last week 250 ml milk and they were like leather, so this week I did 300 ml. | milk 300
          Usually 250 ml milk, but for this one 300 ml milk.                           | milk 300
          """)
  void isOfAnotherDay(String text, String foods) {
    assertThat(ToldFoods.of(telling, text)).isEqualTo(foods);
  }

  /** The whole list is taken back. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          LIST. Sorry, that was the small one. 250 g flour, 4 eggs, 500 ml milk.  | butter 50, egg 4, flour 250, milk 500
          LIST. Let me check. 250 g flour, 4 eggs, 500 ml milk.                   | butter 50, egg 4, flour 250, milk 500
          LIST. Hmm, now that I look it's 4 eggs and 500 ml milk for 250 g flour. | butter 50, egg 4, flour 250, milk 500
          LIST. That's not right, it should be 250 g flour, 4 eggs, 500 ml milk.  | butter 50, egg 4, flour 250, milk 500
          LIST. What I really used: 250 g flour, 4 eggs, 500 ml milk.             | butter 50, egg 4, flour 250, milk 500
          """)
  void isAllToldAnew(String text, String foods) {
    assertThat(ToldFoods.of(telling, text)).isEqualTo(foods);
  }

  /** What goes into the batter for each. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          1 egg per person. Serves 4. | egg 4
          1 egg each. Serves 4.       | egg 4
          1 egg per person, for 3     | egg 3
          1 egg each, we're 5         | egg 5
          """)
  void isOfEachEater(String text, String foods) {
    assertThat(ToldFoods.of(telling, text)).isEqualTo(foods);
  }
}
