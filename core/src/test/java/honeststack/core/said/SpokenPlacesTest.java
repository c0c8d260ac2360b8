package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.said.told.Told;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Where foods go by what stands around them, what comes out, and numbers that measure none. */
class SpokenPlacesTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  private Told told(String text) {
    return telling.read(text.replace('⏎', '\n'));
  }

  private String places(String text) {
    return told(text).lines().stream()
        .map(line -> line.text() + " " + line.place().name().substring(0, 2))
        .collect(Collectors.joining("; "));
  }

  /** PA: the pan, PL: the plate, NO: not said, so the bowl. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          200 g flour, 10 g butter for the waffle maker, 2 eggs     | 200 g flour NO; 10 g butter PA; 2 eggs NO
          200 g flour, 10 g butter to stop them sticking, 2 eggs    | 200 g flour NO; 10 g butter PA; 2 eggs NO
          200 g flour, 10 g butter, for the pan, 2 eggs             | 200 g flour NO; 10 g butter PA; 2 eggs NO
          200 g flour, 10 g butter just for the pan, 2 eggs         | 200 g flour NO; 10 g butter PA; 2 eggs NO
          200 g flour, 10 g butter (pan), 2 eggs                    | 200 g flour NO; 10 g butter PA; 2 eggs NO
          200 g flour and 2 eggs, add 10 g butter to the pan        | 200 g flour NO; 2 eggs NO; 10 g butter PA
          200 g flour and 2 eggs then for the pan, 10 g butter      | 200 g flour NO; 2 eggs NO; 10 g butter PA
          200 g flour, 2 eggs, in the pan goes 10 g butter          | 200 g flour NO; 2 eggs NO; 10 g butter PA
          200 g flour, 2 eggs, for the topping I use 30 g sugar     | 200 g flour NO; 2 eggs NO; 30 g sugar PL
          200 g flour, 30 g sugar that goes on top, 2 eggs          | 200 g flour NO; 30 g sugar PL; 2 eggs NO
          200 g flour, 2 eggs, finish them off with 30 g sugar      | 200 g flour NO; 2 eggs NO; 30 g sugar PL
          200 g flour, a pear as a filling, 2 eggs                  | 200 g flour NO; a pear PL; 2 eggs NO
          200 g flour, 2 eggs, a pear rolled up inside              | 200 g flour NO; 2 eggs NO; a pear PL
          200 g flour⏎2 eggs⏎Our favourite topping⏎a pear           | 200 g flour NO; 2 eggs NO; a pear PL
          200 g flour⏎2 eggs⏎Ingredients for the topping:⏎a pear    | 200 g flour NO; 2 eggs NO; a pear PL
          200 g flour⏎2 eggs⏎--- Topping ---⏎a pear                 | 200 g flour NO; 2 eggs NO; a pear PL
          200 g flour⏎2 eggs⏎Cooking fat:⏎10 g butter               | 200 g flour NO; 2 eggs NO; 10 g butter PA
          Sugar in the batter 1 tbsp, 2 eggs                        | 1 tbsp Sugar NO; 2 eggs NO
          """)
  void whereItGoes(String text, String places) {
    assertThat(places(text)).isEqualTo(places);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          200 g flour, that's about 8              | 8  | 0
          200 g flour. 8 come out of this.         | 8  | 0
          200 g flour. The batter does 8.          | 8  | 0
          200 g flour. It gave six.                | 6  | 0
          a little oil round each one, 8 in all    | 8  | 0
          200 g flour. It fed four.                | 0  | 4
          200 g flour, for one                     | 0  | 1
          200 g flour, one serving                 | 0  | 1
          200 g flour, just for me                 | 0  | 1
          200 g flour for me and 3 kids            | 0  | 4
          """)
  void howMany(String text, double pieces, double serves) {
    assertThat(told(text).pieces().map(Told.Count::low).orElse(0.0)).isEqualTo(pieces);
    assertThat(told(text).serves().map(Told.Count::low).orElse(0.0)).isEqualTo(serves);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "20 g protein, 60 g carbs, 15 g fat. 200 g flour, 2 eggs",
        "200 g flour, 2 eggs, of which sugars 12 g",
        "200 g flour, 2 eggs; high in protein (20 g)",
        "200 g flour, 2 eggs. Sugar per serving 0.5 g.",
        "60 kcal each. 200 g flour, 2 eggs",
        "Nutrition per serving: 500 kcal, 20 g protein, 15 g fat. 200 g flour, 2 eggs"
      })
  void aLabelMeasuresNothing(String text) {
    assertThat(told(text).lines())
        .extracting(Told.Line::text)
        .containsExactly("200 g flour", "2 eggs");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "two hundred & fifty g flour & 2 eggs",
        "two hundred and um fifty g flour and um 2 eggs",
        "flour two hundred and fifty two eggs",
        "250 grams flour, 2 eggs"
      })
  void itSaysTheSame(String text) {
    assertThat(told(text).lines()).hasSize(2).allMatch(Told.Line::understood);
    assertThat(told(text).lines().get(0).text()).contains("flour");
    assertThat(told(text).lines().get(1).text()).matches("(2|two) eggs");
  }
}
