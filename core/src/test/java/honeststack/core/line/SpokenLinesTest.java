package honeststack.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestFoods;
import honeststack.core.food.Packing;
import honeststack.core.measure.Amount;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Measure.Heap;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.measure.Unit;
import honeststack.core.wording.Refusal;
import honeststack.core.wording.Refusal.Reason;
import honeststack.core.wording.RefusedException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Lines as they are spoken: number words, ranges, sums, tins, heaps, and what stands around them.
 */
class SpokenLinesTest {
  private final LineReader reader = new LineReader(new TestFoods());

  private Amount amount(String text) {
    return reader.read(text).amount().orElseThrow();
  }

  private Refusal refusal(String text) {
    RefusedException refused =
        catchThrowableOfType(RefusedException.class, () -> reader.read(text));
    assertThat(refused).as(text).isNotNull();
    return refused.refusal();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          half a cup of milk            | 0.5    | CUP
          3/4 of a cup milk             | 0.75   | CUP
          ½ of a cup of milk            | 0.5    | CUP
          a cup and a half of milk      | 1.5    | CUP
          a sprinkle of sugar           | 1      | SPRINKLE
          a half cup milk               | 0.5    | CUP
          a quarter of a cup of milk    | 0.25   | CUP
          three quarters of a cup milk  | 0.75   | CUP
          two-thirds cup milk           | 0.6667 | CUP
          two and a half cups milk      | 2.5    | CUP
          1 and 1/2 cups milk           | 1.5    | CUP
          one cup milk                  | 1      | CUP
          1 & 1/2 cups milk             | 1.5    | CUP
          heaping tsp sugar             | 1      | TEASPOON
          a couple of cups of milk      | 2      | CUP
          a few eggs                    | 3      | COUNT
          a dozen eggs                  | 12     | COUNT
          half a dozen eggs             | 6      | COUNT
          two dozen eggs                | 24     | COUNT
          a 400 g tin of pears          | 400    | GRAM
          2 x 400g tins pears           | 800    | GRAM
          1 (400 g) tin pears           | 400    | GRAM
          2 tins (400 g each) pears     | 800    | GRAM
          1 lb 2 oz flour               | 1      | POUND
          eggs x 3                      | 3      | COUNT
          eggs: 3                       | 3      | COUNT
          sugar, 2 tbsp, sifted         | 2      | TABLESPOON
          milk......300 ml              | 300    | MILLILITRE
          one and three quarter cups milk | 1.75 | CUP
          a scant half cup sugar        | 0.5    | CUP
          between 2 and 4 tbsp milk     | 3      | TABLESPOON
          flour 200 g                   | 200    | GRAM
          milk: 250 ml                  | 250    | MILLILITRE
          a big handful of flour        | 1.5    | HANDFUL
          2 pinches sugar               | 2      | PINCH
          2 scoops flour                | 2      | SCOOP
          1 pint milk                   | 1      | PINT
          2 dessertspoons sugar         | 2      | DESSERTSPOON
          """)
  void amounts(String text, double amount, Unit unit) {
    assertThat(amount(text).first().amount()).as(text).isCloseTo(amount, within(1e-4));
    assertThat(amount(text).unit()).as(text).isEqualTo(unit);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          3-4 tbsp milk       | 3.5 | 0.5
          3–4 tbsp milk       | 3.5 | 0.5
          7 or 8 eggs         | 7.5 | 0.5
          1 to 2 cups milk    | 1.5 | 0.5
          several eggs        | 4   | 1
          """)
  void rangesAreTheirMiddleAndHalfTheirWidth(String text, double middle, double half) {
    Measure measure = amount(text).first();
    assertThat(measure.amount()).isCloseTo(middle, within(1e-12));
    assertThat(measure.halfRange()).isCloseTo(half, within(1e-12));
  }

  @Test
  void sums() {
    Amount less = amount("2 cups flour less 1 tbsp");
    assertThat(less.words()).isEqualTo("2 cups less 1 tbsp");
    assertThat(less.terms().get(1).taken()).isTrue();
    assertThat(amount("2 tsp + ½ tsp sugar").words()).isEqualTo("2 tsp + ½ tsp");
    assertThat(amount("1 cup plus 2 tbsp milk").words()).isEqualTo("1 cup + 2 tbsp");
    Amount more = amount("210 g flour plus a little more");
    assertThat(more.more()).isTrue();
    assertThat(more.words()).isEqualTo("210 g, and some more");
  }

  @Test
  void howFullAndHowPacked() {
    assertThat(amount("1 heaped tbsp sugar").first().heap()).isEqualTo(Heap.HEAPED);
    assertThat(amount("a generous tablespoon of sugar").first().heap()).isEqualTo(Heap.ROUNDED);
    assertThat(amount("1 scant cup milk").first().heap()).isEqualTo(Heap.SCANT);
    assertThat(amount("1 packed cup sugar").packing()).isEqualTo(Packing.PACKED);
    assertThat(amount("1 cup flour, scooped from the bag").packing()).isEqualTo(Packing.SCOOPED);
    assertThat(amount("2 pears, finely grated").packing()).isEqualTo(Packing.GRATED);
    assertThat(amount("2 large eggs, beaten").first().size()).isEqualTo("large");
    assertThat(amount("2 EU medium eggs").first().size()).isEqualTo("eu medium");
  }

  /**
   * The weighed amount wins, the other is kept to check it by; a bare count is no second amount.
   */
  @Test
  void ofTwoAmountsTheWeighedOneWins() {
    ReadLine line = reader.read("1¼ cups (150 g) flour");
    assertThat(line.measure().unit()).isEqualTo(Unit.GRAM);
    assertThat(line.other().orElseThrow().unit()).isEqualTo(Unit.CUP);
    ReadLine slash = reader.read("8 oz / 225 g flour");
    assertThat(slash.measure().unit()).isEqualTo(Unit.GRAM);
    ReadLine counted = reader.read("2 pears (about 300 g)");
    assertThat(counted.measure().amount()).isEqualTo(300);
    assertThat(counted.other()).isEmpty();
  }

  @Test
  void whatIsNotMeasuredIsAFoodWithoutAnAmount() {
    for (String text :
        new String[] {
          "sugar, to taste",
          "a little oil",
          "some milk",
          "flour as needed",
          "enough sugar",
          "milk, as much as you like",
          "oil for the pan"
        }) {
      assertThat(reader.read(text).amount()).as(text).isEmpty();
    }
    assertThat(reader.read("10 g oil for the pan").place()).isEqualTo(Place.PAN);
    assertThat(reader.read("2 tbsp sugar, to serve").place()).isEqualTo(Place.PLATE);
    assertThat(reader.read("2 tbsp sugar").place()).isEqualTo(Place.NOT_SAID);
  }

  @Test
  void optionalLinesAndUnusedWordsAreSaid() {
    assertThat(reader.read("50 g sugar (optional)").optional()).isTrue();
    assertThat(reader.read("optional: 50 g sugar").optional()).isTrue();
    assertThat(reader.read("1 cup milk, from our neighbour").unused())
        .containsExactly("our", "neighbour");
    assertThat(reader.read("1 cup cold milk, whisked").unused()).isEmpty();
  }

  @Test
  void anOpenChoiceIsAsked() {
    assertThat(refusal("1 cup milk of choice").reason()).isEqualTo(Reason.OPEN_CHOICE);
    assertThat(reader.read("2 pears, fresh or frozen").food()).isEqualTo(TestFoods.PEAR);
    assertThat(reader.read("2 tbsp butter or oil", TestFoods.OIL).food()).isEqualTo(TestFoods.OIL);
  }

  /** The first of a choice counts; the other one stands beside it as a line of its own. */
  @Test
  void ofAChoiceTheFirstCounts() {
    ReadLine line = reader.read("2 tbsp butter or oil");
    assertThat(line.food()).isEqualTo(TestFoods.BUTTER);
    assertThat(line.alternatives()).containsExactly("2 tbsp oil");
    assertThat(reader.read("1 egg or 2 pears").alternatives()).containsExactly("2 pears");
    assertThat(refusal("2 tbsp butter or wombat").reason()).isEqualTo(Reason.OPEN_CHOICE);
    assertThat(refusal("2 tbsp butter or wombat").offending()).contains("wombat");
  }

  @Test
  void twoThingsInOneLineAreRefusedWithAHint() {
    assertThat(refusal("zest and juice of 2 pears").accepted()).contains("a line for each");
    assertThat(refusal("1 egg plus 2 pears").accepted()).contains("a line for each");
  }

  @Test
  void aVesselOfAnySizeIsRefused() {
    assertThat(refusal("2 bowls of flour").problem()).contains("bowls");
    assertThat(refusal("2 bowls of flour").accepted()).contains("cups");
  }

  @Test
  void aBulletIsNoMinus() {
    assertThat(amount("- 2 eggs").first().amount()).isEqualTo(2);
    assertThat(amount("• 200 g flour").first().amount()).isEqualTo(200);
    assertThat(amount("sugar - 2 tbsp").first().amount()).isEqualTo(2);
    assertThat(refusal("-2 cups milk").reason()).isEqualTo(Reason.BAD_AMOUNT);
  }

  @Test
  void numbersAndSharesAlone() {
    assertThat(NumberText.read("1½")).isEqualTo(1.5);
    assertThat(NumberText.read("two and a half")).isEqualTo(2.5);
    assertThat(catchThrowableOfType(RefusedException.class, () -> NumberText.read("2 cups")))
        .isNotNull();
    assertThat(catchThrowableOfType(RefusedException.class, () -> NumberText.read("2-3")))
        .isNotNull();
    assertThat(ShareText.read("60 %")).isEqualTo(0.6);
    assertThat(ShareText.read("60")).isEqualTo(0.6);
    assertThat(ShareText.read("0.6")).isEqualTo(0.6);
    assertThat(ShareText.read("3/5")).isEqualTo(0.6);
    assertThat(catchThrowableOfType(RefusedException.class, () -> ShareText.read("101 %")))
        .hasMessageContaining("101 %");
  }

  /**
   * NIST Handbook 44, App. C: a US liquid pint is 473.176473 mL; the imperial one, from memory, 20
   * imperial fluid ounces, 568.26125 mL.
   */
  @Test
  void pintsOfBothSystems() {
    assertThat(Unit.PINT.millilitres(MeasuringSystem.US)).isCloseTo(473.176473, within(1e-6));
    assertThat(Unit.PINT.millilitres(MeasuringSystem.IMPERIAL)).isCloseTo(568.26125, within(1e-5));
    assertThat(Unit.PINCH.millilitres(MeasuringSystem.METRIC)).isCloseTo(5 / 16.0, within(1e-12));
  }
}
