package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.said.told.Told;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a cook takes back, leaves out, replaces or shares, each as the lines that are left. */
class SpokenTurnsTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  private Told told(String text) {
    return telling.read(text.replace('⏎', '\n'));
  }

  private String lines(String text) {
    return told(text).lines().stream().map(Told.Line::text).collect(Collectors.joining("; "));
  }

  private void allUnderstood(String text) {
    assertThat(told(text).lines()).as(text).allMatch(Told.Line::understood);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          200 g flour, 300 ml milk, actually make that 250 ml   | 200 g flour; 250 ml milk
          200 g flour, 300 ml milk, no no, 250 ml               | 200 g flour; 250 ml milk
          100 g sugar, I take that back, 80 g                   | 80 g sugar
          two eggs, nope, three                                 | three eggs
          100 g sugar, er, 80 g                                 | 80 g sugar
          two eggs, that should be three                        | three eggs
          100 g sugar – should be 80 g                          | 80 g sugar
          100 g sugar, my mistake, 80 g                         | 80 g sugar
          100 g sugar, better 80 g                              | 80 g sugar
          100 g sugar (sorry, 80 g)                             | 80 g sugar
          100 g sugar [80 g, sorry]                             | 80 g sugar
          300 ml milk, not 300 ml, 250 ml                       | 250 ml milk
          300 ml, I mean 250 ml, milk                           | 250 ml milk
          300 ml milk was too much so 250 ml                    | 250 ml milk
          sugar was 100 g, is 80 g now                          | 80 g sugar
          two eggs is not enough, take three                    | three eggs
          two eggs → three                                      | three eggs
          originally 100 g sugar, now 80 g                      | 80 g sugar
          100 g sugar. That's wrong, 80 g.                      | 80 g sugar
          2 tbsp sugar? No. 3 tbsp.                             | 3 tbsp sugar
          250 ml milk. That was too thick, I ended up at 320.   | 320 mL milk
          200 g flour, I cut the sugar to 50 g, 2 eggs          | 200 g flour; 50 g sugar; 2 eggs
          sugar cut to 50 g, flour 200 g                        | 50 g sugar; 200 g flour
          I upped the milk to 300 ml. Flour 200 g.              | 300 ml milk; 200 g Flour
          beat 2 eggs well, 200 g flour                         | 2 eggs; 200 g flour
          2 eggs, wait, then 200 g flour                        | 2 eggs; 200 g flour
          two eggs um 200 g flour er 300 ml milk                | two eggs; 200 g flour; 300 ml milk
          now 2 eggs, then 200 g flour, now 300 ml milk         | 2 eggs; 200 g flour; 300 ml milk
          that was 200 g flour, and this is 300 ml milk         | 200 g flour; 300 ml milk
          2 pears, of which you need 1                          | 1 pears
          """)
  void whatIsTakenBackIsGone(String text, String lines) {
    assertThat(lines(text)).isEqualTo(lines);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          we haven't got eggs, 200 g flour             | 200 g flour
          200 g flour, not using butter                | 200 g flour
          200 g flour, no need of sugar                | 200 g flour
          milk stays out. 200 g flour.                 | 200 g flour
          200 g flour, butter is not in it             | 200 g flour
          I left out the sugar. 200 g flour.           | 200 g flour
          butter – no thanks, 200 g flour              | 200 g flour
          200 g flour⏎butter: none                     | 200 g flour
          200 g flour⏎sugar: 0                         | 200 g flour
          200 g flour, butter I don't use              | 200 g flour
          eggs never. 200 g flour.                     | 200 g flour
          200 g flour, milk doesn't agree with me      | 200 g flour
          nobody here eats butter. 200 g flour         | 200 g flour
          staying off sugar. 200 g flour               | 200 g flour
          Sugar? No. 200 g flour                       | 200 g flour
          Sugar? No thanks. 200 g flour                | 200 g flour
          Sugar? 50 g. Flour? 200 g.                   | 50 g Sugar; 200 g Flour
          I never use more than 20 g sugar             | 20 g sugar
          no more than 20 g sugar, 200 g flour         | 20 g sugar; 200 g flour
          50 g butter, left out overnight, 200 g flour | 50 g butter; 200 g flour
          100 g flour, no less. 2 eggs.                | 100 g flour; 2 eggs
          butter is not too cold: 50 g butter          | 50 g butter
          """)
  void whatIsLeftOutIsNotCounted(String text, String lines) {
    assertThat(lines(text)).isEqualTo(lines);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          100 g oil as a substitute for butter           | 100 g oil
          100 g pears in the role of the sugar           | 100 g pears
          switch the butter for 100 g oil                | 100 g oil
          switch out the butter for 100 g oil            | 100 g oil
          sub 100 g oil for butter                       | 100 g oil
          butter => 100 g oil                            | 100 g oil
          out with the butter, in with 100 g oil         | 100 g oil
          the butter turned into 100 g oil               | 100 g oil
          it calls for butter, I use 100 g oil           | 100 g oil
          usually it's butter, today 100 g oil           | 100 g oil
          I used to use butter, now 100 g oil            | 100 g oil
          for the butter I use 100 g oil                 | 100 g oil
          as butter substitute: 100 g oil                | 100 g oil
          100 g oil does the job of butter               | 100 g oil
          where it said butter I put 100 g oil           | 100 g oil
          usually I add 20 g sugar, now and then 10 g oil | 20 g sugar; 10 g oil
          switch the iron on and whisk 2 eggs            | 2 eggs
          it says 200 g flour and 2 eggs                 | 200 g flour; 2 eggs
          """)
  void whatGivesWayIsNotCounted(String text, String lines) {
    assertThat(lines(text)).isEqualTo(lines);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          150 g to 200 g flour                     | 150 g to 200 g flour
          between 150 g and 200 g of flour         | between 150 g and 200 g of flour
          200±10 g flour                           | 200±10 g flour
          a tbsp or two sugar                      | a tbsp or two sugar
          2 eggs or maybe 3                        | 2–3 eggs
          2 (or 3) eggs                            | 2–3 eggs
          1 egg, 2 if they're small                | 1–2 egg
          200 g flour, give or take 20             | 180–220 g flour
          150 g flour, up to 200 if it's runny     | 150–200 g flour
          200 g flour, maybe 220, and 2 eggs       | 200–220 g flour; 2 eggs
          8 oz / 225 g flour                       | 8 oz / 225 g flour
          milk 100 / pinch sugar                   | 100 ml milk; pinch sugar
          """)
  void aRangeIsKept(String text, String lines) {
    assertThat(lines(text)).isEqualTo(lines);
    allUnderstood(text);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          70% flour and 30% sugar, 300 g total             | 210 g flour; 90 g sugar
          half milk, half oil, 300 ml in all               | 150 mL milk; 150 mL oil
          two thirds flour, one third sugar, 300 g in total | 200 g flour; 100 g sugar
          equal parts milk and oil, 300 ml in total        | 150 mL milk; 150 mL oil
          200 g flour, sugar and butter, 20 g each         | 200 g flour; 20 g sugar; 20 g butter
          sugar 20 g, butter the same                      | 20 g sugar; 20 g butter
          20 g sugar, ditto butter                         | 20 g sugar; 20 g butter
          300 g flour, 200 ml milk, 500 g in total         | 300 g flour; 200 ml milk
          2 pears, 200 g in total                          | 2 pears (200 g in all)
          300 ml milk, about 90 g a piece                  | 300 ml milk
          """)
  void amountsAreShared(String text, String lines) {
    assertThat(lines(text)).isEqualTo(lines);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "For 4: 200 g flour, 2 eggs. For 8: 400 g flour, 4 eggs.",
        "Serves 4: 200 g flour, 2 eggs. Serves 8: 400 g flour, 4 eggs.",
        "For 4:⏎200 g flour⏎2 eggs⏎⏎For 8:⏎400 g flour⏎4 eggs"
      })
  void aListAtAnotherScaleCountsOnce(String text) {
    assertThat(lines(text)).isEqualTo("200 g flour; 2 eggs");
    assertThat(told(text).serves()).contains(new Told.Count(4, 4));
  }

  /** Whatever else stands between: more of the same is added. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "200 g flour, 2 eggs. Makes 8. Crumble: 100 g flour, 1 egg.",
        "200 g flour, 2 eggs. It was too thin, so I added 100 g flour and 1 egg.",
        "Serves 4: 200 g flour, 2 eggs. For 5 I add 100 g flour, 1 egg."
      })
  void aSecondHelpingIsNoOtherScale(String text) {
    assertThat(lines(text)).startsWith("200 g flour; 2 eggs; 100 g flour; 1 egg");
  }

  @Test
  void aSumOfTwoIsOfNeither() {
    assertThat(told("pears and sugar, 200 g in total").lines())
        .filteredOn(line -> !line.understood())
        .hasSize(1);
    assertThat(lines("pears and sugar, 200 g in total")).startsWith("pears; sugar;");
  }

  @Test
  void aListForSomethingElseIsCountedToo() {
    assertThat(
            lines("For the batter 200 g flour and 2 eggs, for the crumble 100 g flour and 1 egg"))
        .isEqualTo(String.join("; ", List.of("200 g flour", "2 eggs", "100 g flour", "1 egg")));
  }
}
