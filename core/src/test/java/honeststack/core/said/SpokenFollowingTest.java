package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.said.told.Told;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Amounts in a sentence of their own, amounts that take another's place, and numbers corrected. */
class SpokenFollowingTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          Then sugar. 30 grams.                                | sugar 30
          200 g flour. And milk! Around 300 ml.                | flour 200, milk 300
          Butter for the pan!! Lots! About 20 g.               | butter 20
          Eggs. 2.                                             | egg 2
          400 g flour, use 200.                                | flour 200
          Tip the 500 g bag of flour in and use 200 of it.     | flour 200
          125 g butter, I only had 100 left.                   | butter 100
          300 ml milk, then another 50.                        | milk 350
          15 g butter, sorry, 15 g of oil.                     | oil 15
          100 g flour, 48 h later.                             | flour 100
          Serves 4. 200 g flour, a head of egg lettuce.        | flour 200, lettuce 0
          200 g flour, 1 cup milk (7 g carbs per cup).         | flour 200, milk 1
          """)
  void anAmountIsOfTheFoodBefore(String text, String foods) {
    assertThat(ToldFoods.of(telling, text)).isEqualTo(foods);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          LIST. Makes 12, no sorry, 10.                       | 10
          LIST. Makes 9, sorry, I counted wrong, 11.          | 11
          LIST. Makes about 8. No, 9.                         | 9
          LIST. Makes 5 big waffles, I tell a lie, 6.         | 6
          LIST. Makes 8 square ones.                          | 8
          LIST = 14 pancakes.                                 | 14
          LIST. Cut in 12, a spoon of jam each.               | 12
          LIST. Makes 4. Double everything for 8.             | 4
          LIST. Makes 4. On Sundays I make it times three.    | 4
          """)
  void theLastNumberOfPiecesCounts(String text, double pieces) {
    Told told = telling.read(text.replace("LIST", "200 g flour, 2 eggs, 300 ml milk"));
    assertThat(told.pieces()).isEqualTo(Optional.of(new Told.Count(pieces, pieces)));
  }
}
