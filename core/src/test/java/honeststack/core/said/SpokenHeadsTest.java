package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.said.told.Told;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How many come out, from the fewest to the most, and how many eat; 0 for what nobody said. */
class SpokenHeadsTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          Serves 4 (3 pancakes each)                  | 12 | 12 | 4
          Serves 4 (3 each)                           | 12 | 12 | 4
          Serves 4, 3 each                            | 12 | 12 | 4
          Serves 4: 3 pancakes each                   | 12 | 12 | 4
          Serves 4 (3 pancakes per person)            | 12 | 12 | 4
          Serves 4 - 3 per person                     | 12 | 12 | 4
          Serves 4; 3 a head                          | 12 | 12 | 4
          Serves 4 (3 per head)                       | 12 | 12 | 4
          3 pancakes each for 4 people                | 12 | 12 | 4
          3 each for 4                                | 12 | 12 | 4
          3 a head for 4 people                       | 12 | 12 | 4
          3 per person, serves 4                      | 12 | 12 | 4
          enough for 4, 3 each                        | 12 | 12 | 4
          enough for 4 people, 3 apiece               | 12 | 12 | 4
          feeds 4 at 3 each                           | 12 | 12 | 4
          feeds 4 with 3 each                         | 12 | 12 | 4
          for 4 people, 3 each                        | 12 | 12 | 4
          4 people, 3 pancakes each                   | 12 | 12 | 4
          we are 4, 3 each                            | 12 | 12 | 4
          we're 4 and have 3 each                     | 12 | 12 | 4
          4 of us, 3 each                             | 12 | 12 | 4
          4 of us had 3 each                          | 12 | 12 | 4
          4 portions of 3                             | 12 | 12 | 4
          4 portions of 3 pancakes                    | 12 | 12 | 4
          4 servings of 3 pancakes                    | 12 | 12 | 4
          4 servings, 3 pancakes each                 | 12 | 12 | 4
          4 servings (3 pancakes each)                | 12 | 12 | 4
          4 helpings of 3 pancakes                    | 12 | 12 | 4
          4 stacks of 3                               | 12 | 12 | 4
          4 guests at 3 each                          | 12 | 12 | 4
          Servings: 4 (3 pancakes per serving)        | 12 | 12 | 4
          Serves 4 (serving size: 3 pancakes)         | 12 | 12 | 4
          Serves 4, a serving is 3 pancakes           | 12 | 12 | 4
          Yield: 4 servings of 3 waffles each         | 12 | 12 | 4
          4 people get 3 each                         | 12 | 12 | 4
          Serves 4. Allow 3 pancakes each.            | 12 | 12 | 4
          Serves 4. That's 3 each.                    | 12 | 12 | 4
          Serves 4 with 3 pancakes each               | 12 | 12 | 4
          Serves 4 hungry people, 3 waffles apiece    | 12 | 12 | 4
          Serves 4 (allow 3 per person)               | 12 | 12 | 4
          Serves 4 (about 3 pancakes each)            | 12 | 12 | 4
          Makes 12, 3 each                            | 12 | 12 | 4
          Makes 12, 3 per person                      | 12 | 12 | 4
          Makes 12 (3 per serving)                    | 12 | 12 | 4
          Makes 12; 3 a head                          | 12 | 12 | 4
          enough batter for 12 waffles, 3 a head      | 12 | 12 | 4
          12 pancakes, 3 each                         | 12 | 12 | 4
          12 pancakes, allow 3 per person             | 12 | 12 | 4
          Makes 12. Allow 3 each.                     | 12 | 12 | 4
          makes 12, we have 3 each                    | 12 | 12 | 4
          Makes 12; a serving is 3 pancakes           | 12 | 12 | 4
          Yields 12 pancakes, serving size 3          | 12 | 12 | 4
          makes 12, 3 to a serving                    | 12 | 12 | 4
          makes 12, 3 per portion                     | 12 | 12 | 4
          Makes 12 waffles (3 per portion)            | 12 | 12 | 4
          Makes 12 pancakes (3 pancakes per person)   | 12 | 12 | 4
          Makes 12, 3 to a plate                      | 12 | 12 | 4
          Makes 12, 3 per plate                       | 12 | 12 | 4
          makes 10, 12 if small                       | 10 | 12 | 0
          makes 10, 12 at a push                      | 10 | 12 | 0
          I get 10 from this, 12 if I'm mean          | 10 | 12 | 0
          makes 10, sometimes 12                      | 10 | 12 | 0
          makes 10 but 12 if small                    | 10 | 12 | 0
          makes 10, or 12 if small                    | 10 | 12 | 0
          makes 10 (12 if small)                      | 10 | 12 | 0
          makes 10 (12 small ones)                    | 10 | 12 | 0
          makes 10 large or 12 small                  | 10 | 12 | 0
          makes 10, 12 on a good day                  | 10 | 12 | 0
          makes 10, 12 if I'm careful                 | 10 | 12 | 0
          about 10 pancakes, 12 if you make them thin | 10 | 12 | 0
          makes 10, possibly 12                       | 10 | 12 | 0
          makes 10, maybe 12                          | 10 | 12 | 0
          makes 10, 12 if you stretch it              | 10 | 12 | 0
          makes 10 or so, 12 if thin                  | 10 | 12 | 0
          makes 10 big ones, 12 small                 | 10 | 12 | 0
          10 pancakes (12 if you go smaller)          | 10 | 12 | 0
          makes 10, even 12                           | 10 | 12 | 0
          makes 10, could be 12                       | 10 | 12 | 0
          you get 10, 12 tops                         | 10 | 12 | 0
          10 waffles, 12 if you're stingy             | 10 | 12 | 0
          we're four, and two of us eat no sugar      |  0 |  0 | 4
          we're four. There are usually 12.           | 12 | 12 | 4
          4 people, makes 12, 5 each                  | 12 | 12 | 4
          makes 10, 30 if small                       | 10 | 10 | 0
          3 pancakes per serving                      |  0 |  0 | 0
          We mix it with three hundred millilitres of milk and then for all a serving is 3 pancakes, serves 4 | 12 | 12 | 4
          """)
  void ofPiecesEatersAndWhatEachGetsTwoSayTheThird(
      String text, double fewest, double most, double eaters) {
    Told told = telling.read("200 g flour, 2 eggs. " + text);
    Optional<Told.Count> pieces = told.pieces();
    assertThat(pieces.map(Told.Count::low).orElse(0.0)).isEqualTo(fewest);
    assertThat(pieces.map(Told.Count::high).orElse(0.0)).isEqualTo(most);
    assertThat(told.serves().map(Told.Count::low).orElse(0.0)).isEqualTo(eaters);
  }
}
