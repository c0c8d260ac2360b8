package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.said.told.Told;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is written short, as on cards and in notes, each as the lines that it means. */
class SpokenShortTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  private String lines(String text) {
    return telling.read(text.replace('⏎', '\n')).lines().stream()
        .map(Told.Line::text)
        .collect(Collectors.joining("; "));
  }

  /** With a dot or without; a word of its own stays one. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          1 c. flour, 10 ml oil          | 1 c flour; 10 ml oil
          2 hpd. tsp. sugar, 10 ml oil   | 2 heaped tsp sugar; 10 ml oil
          1 lvl. tsp. sugar, 10 ml oil   | 1 level tsp sugar; 10 ml oil
          1 rd. tbsp. sugar, 10 ml oil   | 1 rounded tbsp sugar; 10 ml oil
          2 lg. eggs, 10 ml oil          | 2 large eggs; 10 ml oil
          2 sm. eggs, 10 ml oil          | 2 small eggs; 10 ml oil
          2 sm eggs, 10 ml oil           | 2 sm eggs; 10 ml oil
          3 tbsps. sug., 10 ml oil       | 3 tbsps sugar; 10 ml oil
          2 eggs, b'ten, 10 ml oil       | 2 eggs, beaten; 10 ml oil
          1 lit. milk, 10 ml oil         | 1 litre milk; 10 ml oil
          2 oz. butter, 10 ml oil        | 2 oz butter; 10 ml oil
          200 g fl., 10 ml oil           | 200 g flour; 10 ml oil
          fl. 200 g, 10 ml oil           | 200 g flour; 10 ml oil
          8 fl. oz. milk, 10 ml oil      | 8 fl. oz milk; 10 ml oil
          c. 200 g flour, 10 ml oil      | 200 g flour; 10 ml oil
          ca. 200 g flour, 10 ml oil     | 200 g flour; 10 ml oil
          approx. 200 g flour, 10 ml oil | 200 g flour; 10 ml oil
          1 med. pear, 10 ml oil         | 1 medium pear; 10 ml oil
          2 dsstsp. sugar, 10 ml oil     | 2 dsp sugar; 10 ml oil
          """)
  void wordsCutShort(String text, String lines) {
    assertThat(lines(text)).isEqualTo(lines);
  }

  /** What an arrow leads to counts; a chain of them are steps. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          30 g butter -> 25 g oil                      | 25 g oil
          30 g butter → 25 g oil                       | 25 g oil
          30 g butter => 25 g oil                      | 25 g oil
          30 g butter --> 25 g oil                     | 25 g oil
          butter 30 g -> oil 25 g                      | 25 g oil
          butter, 30 g -> oil 25 g                     | 25 g oil
          butter -> 25 g oil                           | 25 g oil
          30 g butter -> oil                           | 30 g oil
          butter 30 g -> oil (same)                    | 30 g oil
          30 g butter -> 20 g                          | 20 g butter
          butter: 30 g -> 20 g                         | 20 g butter
          butter 30 -> 20 g                            | 20 g butter
          200 g flour, 30 g butter -> none, 2 eggs     | 200 g flour; 2 eggs
          200 g flour, butter 30 g -> nothing, 2 eggs  | 200 g flour; 2 eggs
          200 g flour, butter (30 g) -> none, 2 eggs   | 200 g flour; 2 eggs
          200 g flour, 30 g butter -> 25 g oil, 2 eggs | 200 g flour; 25 g oil; 2 eggs
          200 g flour -> add 300 ml milk               | 200 g flour; 300 ml milk
          200 g flour -> 300 ml milk -> 2 eggs         | 200 g flour; 300 ml milk; 2 eggs
          200 g flour + 2 eggs -> fry in 10 g butter   | 200 g flour; 2 eggs; 10 g butter
          """)
  void arrows(String text, String lines) {
    assertThat(lines(text)).isEqualTo(lines);
  }

  /** The number stays. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          1 tbsp sugar, I mean tsp               | 1 tsp sugar
          1 tbsp sugar, sorry, tsp               | 1 tsp sugar
          1 tbsp of sugar, I mean teaspoon       | 1 tsp of sugar
          2 tbsp sugar, no, teaspoons            | 2 tsp sugar
          1 tbsp, I mean tsp, of sugar           | 1 tsp of sugar
          1 tablespoon – no, teaspoon – of sugar | 1 tsp of sugar
          200 ml flour, I mean grams             | 200 g flour
          2 cups flour, I mean tablespoons       | 2 tbsp flour
          2 oz butter, sorry, tablespoons        | 2 tbsp butter
          1 tsp sugar, not tbsp                  | 1 tsp sugar
          """)
  void unitsTakenBack(String text, String lines) {
    assertThat(lines(text)).isEqualTo(lines);
  }

  /** What is made is no food of it. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          Pear pancakes: 200 g flour, 2 eggs                 | 200 g flour; 2 eggs
          Pear and butter waffles: 200 g flour, 2 eggs       | 200 g flour; 2 eggs
          Pear waffles, my way: 200 g flour, 2 eggs          | 200 g flour; 2 eggs
          Pear pancakes (4 people): 200 g flour, 2 eggs      | 200 g flour; 2 eggs
          Pear pancakes⏎200 g flour, 2 eggs                  | 200 g flour; 2 eggs
          Pear pancakes with butter⏎200 g flour, 2 eggs      | 200 g flour; 2 eggs
          Pear pancakes. 200 g flour, 2 eggs.                | 200 g flour; 2 eggs
          Pear pancakes, 12 pieces⏎200 g flour, 2 eggs       | 200 g flour; 2 eggs
          I love pear pancakes with 30 g butter, 200 g flour | 30 g butter; 200 g flour
          """)
  void titles(String text, String lines) {
    assertThat(lines(text)).isEqualTo(lines);
  }

  /** How much it was is said behind it. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          a little butter (15 g)              | 15 g butter
          a bit of butter (about 15 g)        | 15 g butter
          a little bit of butter (maybe 15 g) | 15 g butter
          a small amount of butter (15 g)     | 15 g butter
          a thin film of butter (15 g in all) | 15 g butter
          a knob of butter (I use 15 g)       | 15 g butter
          a handful of sugar (I use 15 g)     | 15 g sugar
          a little butter, about 15 g         | 15 g butter
          2 packs of sugar, 15 g each         | 2 packs of sugar (15 g each)
          1 packet sugar 15 g                 | 1 packet sugar (15 g)
          """)
  void aLittleAndHowMuch(String text, String lines) {
    assertThat(lines(text)).isEqualTo(lines);
  }
}
