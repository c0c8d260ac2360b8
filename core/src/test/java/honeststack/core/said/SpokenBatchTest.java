package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.said.told.Told;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How much was made of a list of 400 g flour, 4 eggs and 600 ml milk. */
class SpokenBatchTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          Normally it's LIST; I made half.                        | 0.5
          LIST. I made half of it.                                | 0.5
          LIST. We only made half.                                | 0.5
          The recipe is LIST but I halved it.                     | 0.5
          The recipe says LIST. I halved everything.              | 0.5
          LIST - halved, as there's two of us.                    | 0.5
          Half this: LIST                                         | 0.5
          Half of this recipe: LIST                               | 0.5
          I make half of this: LIST                               | 0.5
          LIST. Do half the recipe.                               | 0.5
          LIST, x2                                                | 2
          LIST - doubled                                          | 2
          LIST. I doubled everything.                             | 2
          2x: LIST                                                | 2
          Times two: LIST                                         | 2
          LIST. Today I made one and a half times that.           | 1.5
          LIST. I did a quarter of that.                          | 0.25
          LIST, all doubled.                                      | 2
          LIST, all times three                                   | 3
          Double batch of: LIST                                   | 2
          Half a batch of this: LIST                              | 0.5
          LIST. That's the full batch, I made half.               | 0.5
          LIST. We made it twice.                                 | 2
          LIST. Made two batches of that.                         | 2
          Three times this: LIST                                  | 3
          LIST; half of everything today.                         | 0.5
          LIST. I used half quantities.                           | 0.5
          Half quantities of LIST                                 | 0.5
          LIST, halve it for two people.                          | 1
          LIST. Double that for a crowd.                          | 1
          LIST. You can double it.                                | 1
          LIST. It doubles well.                                  | 1
          LIST. That's already doubled.                           | 1
          LIST. That's a double batch.                            | 1
          LIST. That's half of what the book says.                | 1
          This is double the usual: LIST                          | 1
          This is a half batch: LIST                              | 1
          LIST. Cook half of the batter first.                    | 1
          """)
  void allOfItIsMultiplied(String text, double times) {
    Told told = telling.read(text.replace("LIST", "400 g flour, 4 eggs, 600 ml milk"));
    assertThat(told.lines())
        .extracting(line -> Double.parseDouble(line.text().replaceFirst("\\D.*", "")))
        .containsExactly(400 * times, 4 * times, 600 * times);
    assertThat(told.lines()).allMatch(Told.Line::understood);
  }
}
