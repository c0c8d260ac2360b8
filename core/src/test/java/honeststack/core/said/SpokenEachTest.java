package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lists of which a heading says that they are for each eater, or for each piece. */
class SpokenEachTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          For each child (10 children):⏎30 g flour⏎40 ml milk⏎1 egg        | egg 10, flour 300, milk 400
          Serves 4⏎Per person:⏎50 g flour⏎1 egg⏎100 ml milk                | egg 4, flour 200, milk 400
          Per person:⏎50 g flour⏎1 egg⏎Serves 4                            | egg 4, flour 200
          Per person: 50 g flour, 1 egg, 100 ml milk. For 4 people.        | egg 4, flour 200, milk 400
          Ingredients per person⏎50 g flour⏎1 egg⏎⏎Serves 4                | egg 4, flour 200
          Amounts per head:⏎50 g flour⏎2 eggs⏎Feeds 3                      | egg 6, flour 150
          For every guest:⏎60 g flour⏎1 egg⏎For 5 guests                   | egg 5, flour 300
          Makes 6 waffles⏎200 g flour⏎Topping per waffle:⏎10 g honey       | flour 200, honey 60
          6 waffles. Per waffle: 40 g flour, 10 g butter                   | butter 60, flour 240
          Per pancake:⏎20 g flour⏎5 g butter⏎Makes 8                       | butter 40, flour 160
          Per portion (serves 8):⏎30 g flour⏎40 ml milk                    | flour 240, milk 320
          Per person:⏎50 g flour⏎1 egg                                     | egg 1, flour 50
          Per person:⏎50 g flour⏎⏎For the pan:⏎10 g butter⏎Serves 4        | butter 10, flour 200
          Batter:⏎200 g flour⏎Topping per person:⏎20 g honey⏎Serves 4      | flour 200, honey 20
          LIST⏎Serves 4⏎Per serving:⏎Calories 180⏎Fat 6 g⏎Salt 0.5 g       | butter 50, egg 2, flour 200, milk 300
          LIST⏎Serves 4⏎Per serving:⏎Protein 8 g⏎Fat 6 g⏎Salt 0.5 g        | butter 50, egg 2, flour 200, milk 300
          LIST⏎Makes 8⏎Per pancake⏎145 kcal⏎6 g protein⏎5 g fat             | butter 50, egg 2, flour 200, milk 300
          Serves 4. For each person 50 g flour and 1 egg                   | egg 4, flour 200
          """)
  void aHeadingMayBeForEach(String text, String foods) {
    assertThat(ToldFoods.of(telling, text.replace('⏎', '\n'))).isEqualTo(foods);
  }
}
