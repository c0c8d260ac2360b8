package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.line.Place;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.said.told.Told;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Some of a food that is another one, who eats, and what is measured behind the cooking. */
class SpokenPartlyTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          300 ml milk, half of it oil                      | milk 150, oil 150
          200 g flour, a quarter of it sugar                  | flour 150, sugar 50
          200 g flour, of which 50 g is sugar                 | flour 150, sugar 50
          300 ml milk, 100 of it oil                       | milk 200, oil 100
          300 ml milk, two thirds of which is oil          | milk 100, oil 200
          300 ml milk (half oil)                           | milk 150, oil 150
          300 ml milk (ran out so half milk half oil)      | milk 150, oil 150
          200 g flour – 25 % of it sugar                      | flour 150, sugar 50
          300 ml milk, half of it warm                       | milk 300
          300 ml milk, half of it with the 2 eggs            | egg 2, milk 300
          instead of 200 ml milk and 2 eggs, 200 ml oil    | oil 200
          an egg each, so 4 for the four of us               | egg 4
          100 g flour and 1 egg per person, 4 people         | egg 4, flour 400
          We did 3 batches. Each batch: 1000 g flour. Fed 75 | flour 3000
          Each batch: 1000 g flour, 10 eggs. Serves 20       | egg 10, flour 1000
          mix x 30 covers: 3000 g flour, 24 eggs             | egg 24, flour 3000
          compare per pancake: 125 g flour, makes 8          | flour 125
          2 eggs (or 1 large)                                | egg 2
          """)
  void isReckoned(String text, String foods) {
    assertThat(ToldFoods.of(telling, text)).isEqualTo(foods);
  }

  /** Pieces and eaters; 0 for none said. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          me and my sister get 3 each                   | 6   | 2
          mum, dad and I get 2 each                     | 6   | 3
          both of us have 3 each                        | 6   | 2
          feeds me and my flatmate                      | 0   | 2
          serves 4, one waffle each                     | 4   | 4
          Makes ten, two is a portion.                  | 10  | 5
          12 waffles, 3 is a serving                    | 12  | 4
          120 portions @ 3 mini pancakes                | 360 | 120
          feeds 40 scouts, 4 cakes per scout            | 160 | 40
          10 pupils. Each pupil gets 2 pancakes.        | 20  | 10
          14 guests. Pancakes 3 pp.                     | 42  | 14
          For me alone: 50 g flour                      | 0   | 1
          Target: 64 pieces                             | 64  | 0
          ~16 pcs @ 50 g.                               | 16  | 0
          2 dozen silver-dollar size                    | 24  | 0
          200 g flour, 2 eggs. A dozen.                 | 12  | 0
          Oat waffles x 12                              | 12  | 0
          Oat galettes (GF) — 8 pieces                  | 8   | 0
          fills my iron 5 times, 4 quarters each time   | 20  | 0
          one round is 4, we did 5 rounds               | 20  | 0
          Makes 8. Nutrition (1 waffle): 229 cal        | 8   | 0
          """)
  void isCounted(String text, double pieces, double serves) {
    Told told = telling.read(text);
    assertThat(told.pieces().map(Told.Count::low).orElse(0.0)).isEqualTo(pieces);
    assertThat(told.serves().map(Told.Count::high).orElse(0.0)).isEqualTo(serves);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          makes 8 if thin, 6 if thick         | 6  | 8
          makes ten, eight if my son ladles   | 8  | 10
          makes 10, 12 if they're small       | 10 | 12
          makes 10 (12 if small)              | 10 | 12
          """)
  void aConditionMakesARange(String text, double low, double high) {
    assertThat(telling.read(text).pieces()).contains(new Told.Count(low, high));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "LIST. Fry them. 50 g raisins.",
        "LIST. Cook 2 minutes a side. Then 50 g raisins.",
        "LIST. I had 3 pancakes with 50 g raisins.",
        "LIST. Serve 2 with 50 g raisins.",
        "LIST. She has one with 50 g raisins.",
        "LIST. Crush 50 g raisins. Spoon over the waffles.",
        "LIST, cook, flip, 50 g raisins"
      })
  void liesOnThePlate(String text) {
    assertThat(places(text)).isEqualTo(Place.PLATE);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "LIST. Fry them. Oh and 50 g raisins.",
        "LIST. Cook slowly. I forgot 50 g raisins in the batter.",
        "LIST, 50 g raisins. Fry them.",
        "50 g raisins. Fry them. LIST."
      })
  void goesIntoTheBatter(String text) {
    assertThat(places(text)).isEqualTo(Place.NOT_SAID);
  }

  private Place places(String text) {
    List<Told.Line> lines = telling.read(text.replace("LIST", ToldFoods.LIST)).lines();
    return lines.stream()
        .filter(line -> line.text().contains("raisins"))
        .map(Told.Line::place)
        .reduce((first, second) -> null)
        .orElseThrow();
  }
}
