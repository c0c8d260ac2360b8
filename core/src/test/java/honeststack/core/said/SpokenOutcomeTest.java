package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.said.told.Told;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What came of the batter, how often the pan was filled, and how much a vessel holds. */
class SpokenOutcomeTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  /** A number and what was done. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          Cuts into 4 big wedges        | 4.0..4.0
          Should give 10-12 drop scones | 10.0..12.0
          I make ten of them            | 10.0..10.0
          Eight slices                  | 8.0..8.0
          About 50 pieces               | 50.0..50.0
          Turns into 6 fat ones         | 6.0..6.0
          Cut into 12 squares           | 12.0..12.0
          Fills the iron 5 times        | 5.0..5.0
          Batch of 24                   | 24.0..24.0
          QTY 18                        | 18.0..18.0
          18 or so                      | 18.0..18.0
          18 off this                   | 18.0..18.0
          18 came off the griddle       | 18.0..18.0
          Last time it was 18           | 18.0..18.0
          Expect 18 or so               | 18.0..18.0
          Cuts into 6 wedges, serves 3  | 6.0..6.0
          There'll be 18                | 18.0..18.0
          I counted 18                  | 18.0..18.0
          18 Stück                      | 18.0..18.0
          I make ten                    | 10.0..10.0
          """)
  void tellsPieces(String text, String range) {
    Told told = telling.read("200 g flour, 2 eggs. " + text + ".");
    assertThat(told.pieces())
        .hasValueSatisfying(
            count -> assertThat(count.low() + ".." + count.high()).isEqualTo(range));
    assertThat(ToldFoods.of(told)).isEqualTo("egg 2, flour 200");
  }

  /** A number and who eats. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          For 60 pax                     | 60.0..60.0
          4 covers                       | 4.0..4.0
          Enough for me and the two kids | 3.0..3.0
          For myself                     | 1.0..1.0
          Serves a family of 5           | 5.0..5.0
          A family of five               | 5.0..5.0
          """)
  void tellsEaters(String text, String range) {
    Told told = telling.read("200 g flour, 2 eggs. " + text + ".");
    assertThat(told.serves())
        .hasValueSatisfying(
            count -> assertThat(count.low() + ".." + count.high()).isEqualTo(range));
    assertThat(ToldFoods.of(told)).isEqualTo("egg 2, flour 200");
  }

  /** Batches share one bowl; what each takes comes as often. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          LIST. Cook in three batches.                             | butter 50, egg 2, flour 200, milk 300
          LIST. Bake in two batches.                               | butter 50, egg 2, flour 200, milk 300
          LIST. Cook three batches of four.                        | butter 50, egg 2, flour 200, milk 300
          LIST. Do two batches.                                    | butter 50, egg 2, flour 200, milk 300
          LIST. 1 tsp oil per batch, six batches.                  | butter 50, egg 2, flour 200, milk 300, oil 6
          LIST. 1 tsp oil in the pan each time. It takes six goes. | butter 50, egg 2, flour 200, milk 300, oil 6
          LIST. 2 tsp oil for every pan, in 4 rounds.              | butter 50, egg 2, flour 200, milk 300, oil 8
          LIST. Spray the pan once.                                | butter 50, egg 2, flour 200, milk 300, spray 1
          LIST. Oil spray x 4.                                     | butter 50, egg 2, flour 200, milk 300, oil 4
          LIST. A spray of oil for each of six batches.            | butter 50, egg 2, flour 200, milk 300, oil 6
          """)
  void countsRounds(String text, String foods) {
    assertThat(ToldFoods.of(telling, text)).isEqualTo(foods);
  }

  /** How much the cook's own holds. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          2 glasses flour, 1.5 glasses milk, glass 250 ml      | flour 500, milk 375
          2 glasses of flour (250 ml glass), 1.5 glass of milk | flour 500, milk 375
          2 glasses flour and 1.5 glasses milk. Glass: 250 ml. | flour 500, milk 375
          I use a 280 ml mug: 2 mugs flour, 1 mug milk         | flour 560, milk 280
          2 mugs flour, 1 mug milk (280 ml mug)                | flour 560, milk 280
          2 mugs of flour (280 ml each), 1 mug of milk         | flour 560, milk 280
          2 cups flour, 1 cup milk (metric cups)               | flour 500, milk 250
          """)
  void takesTheVessel(String text, String foods) {
    assertThat(ToldFoods.of(telling, text)).isEqualTo(foods);
  }
}
