package honeststack.core.measure;

import static honeststack.core.TestFoods.EGG;
import static honeststack.core.TestFoods.FLOUR;
import static honeststack.core.TestFoods.MILK;
import static honeststack.core.TestFoods.OIL;
import static honeststack.core.TestFoods.PEAR;
import static honeststack.core.TestFoods.SUGAR;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestFoods;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Food;
import honeststack.core.food.Packing;
import honeststack.core.line.LineReader;
import honeststack.core.line.ReadLine;
import honeststack.core.wording.Refusal;
import honeststack.core.wording.RefusedException;
import org.junit.jupiter.api.Test;

/** Each expected doubt is put together by hand from the table of doubt (common practice). */
class WeightsTest {
  private final SourceBook book = new SourceBook();
  private final LineReader reader = new LineReader(new TestFoods());
  private int uses;

  private Estimate mass(String text) {
    return mass(text, MeasuringSystem.US);
  }

  private Estimate mass(String text, MeasuringSystem system) {
    ReadLine line = reader.read(text);
    return new Weights(TestFoods.tables(), OwnWeights.NONE, system, book)
        .of(line.measure(), line.food(), Use.of("line" + uses++));
  }

  private static void check(Estimate mass, double grams, double u) {
    assertThat(mass.value()).isCloseTo(grams, within(1e-9 + grams * 1e-9));
    assertThat(mass.u()).isCloseTo(u, within(1e-9 + u * 1e-9));
  }

  @Test
  void weighed() {
    check(mass("160 g flour"), 160, Math.hypot(0.003 * 160, 1 / Math.sqrt(12)));
    check(mass("7.5 g sugar"), 7.5, Math.hypot(0.003 * 7.5, 0.1 / Math.sqrt(12)));
    check(mass("0 g flour"), 0, 0);
    check(mass("1 lb flour"), 453.59237, Math.hypot(0.003 * 453.59237, 1 / Math.sqrt(12)));
  }

  /** The last digit shown, in the unit shown; a weight without decimals is read to 1 g. */
  @Test
  void aScalesStepIsTheLastDigitInItsUnit() {
    double ounce = 28.349523125;
    check(
        mass("0.5 oz flour"),
        ounce / 2,
        Math.hypot(0.003 * ounce / 2, 0.1 * ounce / Math.sqrt(12)));
    check(mass("1.2 kg flour"), 1200, Math.hypot(0.003 * 1200, 100 / Math.sqrt(12)));
    check(mass("62½ g flour"), 62.5, Math.hypot(0.003 * 62.5, 1 / Math.sqrt(12)));
  }

  @Test
  void twoWeighingsShareTheScale() {
    Estimate a = mass("100 g flour");
    Estimate b = mass("200 g milk");
    assertThat(a.covariance(b)).isCloseTo(0.3 * 0.6, within(1e-12));
  }

  @Test
  void cups() {
    check(mass("1 cup flour, spooned"), 120, 120 * Math.hypot(0.04, 0.03));
    check(mass("1 cup scooped flour"), 140, 140 * Math.hypot(0.055, 0.045));
    check(mass("1 cup sugar"), 200, 200 * Math.hypot(0.04, 0.04));
    check(mass("1 cup milk"), 244, 244 * Math.hypot(0.015, 0.02));
    check(
        mass("1 cup milk", MeasuringSystem.METRIC),
        244 * 250 / TestFoods.CUP,
        244 * 250 / TestFoods.CUP * 0.025);
  }

  @Test
  void packingNotSaidLiesBetweenSpoonedAndScooped() {
    double shared = Math.hypot(10 / Math.sqrt(3), 0.04 * 130);
    check(mass("1 cup flour"), 130, Math.hypot(shared, 0.04 * 130));
  }

  @Test
  void severalFillingsAverageOut() {
    check(mass("4 cups flour, spooned"), 480, 480 * Math.hypot(0.04, 0.03 / 2));
    // 1½ cups are one filling and half a filling: 0.03 · √(1 + ¼) / 1.5
    check(
        mass("1½ cups flour, spooned"), 180, 180 * Math.hypot(0.04, 0.03 * Math.sqrt(1.25) / 1.5));
  }

  @Test
  void spoonsAndPieces() {
    check(mass("1 tbsp oil"), 14, 14 * Math.hypot(0.03, 0.05));
    check(mass("1 tsp oil"), 14.0 / 3, 14.0 / 3 * Math.hypot(0.04, 0.07));
    check(mass("4 large eggs"), 200, 200 * Math.hypot(0.05, 0.04 / 2));
    check(mass("1 small egg"), 40, 40 * Math.hypot(0.05, 0.04));
    check(mass("2 pears"), 360, 360 * Math.hypot(0.05, 0.15 / Math.sqrt(2)));
  }

  private Estimate whole(String text) {
    ReadLine line = reader.read(text);
    return new Weights(TestFoods.tables(), OwnWeights.NONE, MeasuringSystem.US, book)
        .of(line.amount().orElseThrow(), line.food(), Use.of("line" + uses++));
  }

  /** 3 to 4 tbsp: 3.5 in the middle, rectangular with a half-width of ½ (JCGM 100, 4.3.7). */
  @Test
  void aRangeIsRectangular() {
    double filled = Math.hypot(0.03, 0.05 * Math.sqrt(3.25) / 3.5);
    double range = 0.5 / 3.5 / Math.sqrt(3);
    check(whole("3-4 tbsp oil"), 49, 49 * Math.hypot(filled, range));
  }

  /** Common practice: heaped is 1½ level ones, ± 12 % shared and 8 % each time. */
  @Test
  void heapedAndRoundedSpoons() {
    check(whole("1 heaped tbsp oil"), 21, 21 * Math.hypot(0.12, 0.08));
    check(whole("1 rounded tbsp oil"), 17.5, 17.5 * Math.hypot(0.10, 0.08));
    check(whole("1 scant tbsp oil"), 12.6, 12.6 * Math.hypot(0.03, 0.05));
  }

  /** Common practice: a knob 15 g, a pinch 1/16 tsp, each half as much up or down, rectangular. */
  @Test
  void vagueAmounts() {
    check(whole("a knob of butter"), 15, 15 * 0.5 / Math.sqrt(3));
    check(whole("a pinch of sugar"), 200 / 48.0 / 16, 200 / 48.0 / 16 * 0.5 / Math.sqrt(3));
    check(whole("a splash of oil"), 14, 14 * 0.5 / Math.sqrt(3));
  }

  /** Common practice: 0.25 ± 0.1 g in a second, the stated ± read as two standard uncertainties. */
  @Test
  void sprayedOilGoesByTheSecond() {
    check(whole("2 s oil"), 0.5, 0.1);
    Estimate twice = whole("a 2-second spray of oil").plus(whole("2 seconds of oil"));
    check(twice, 1, 0.2); // the same can: no averaging out
    assertThat(refusal("2 s flour", FLOUR).reason()).isEqualTo(Refusal.Reason.NO_WEIGHT);
  }

  @Test
  void sumsAddAndTakeAway() {
    check(
        whole("1 cup flour, spooned, less 20 g"),
        100,
        Math.hypot(120 * 0.05, Math.hypot(0.06, 1 / Math.sqrt(12))));
    assertThat(whole("2 cups milk plus 100 g").value()).isCloseTo(588, within(1e-9));
    assertThat(catchThrowableOfType(RefusedException.class, () -> whole("10 g sugar less 20 g")))
        .hasMessageContaining("takes away more");
  }

  /** Common practice: what stays of a tin is 60 % of its weight, ± 5 % of that. */
  @Test
  void aTinIsDrained() {
    double tin = Math.hypot(0.003, 1 / Math.sqrt(12) / 400);
    check(whole("a 400 g tin of pears, drained"), 240, 240 * Math.hypot(tin, 0.05));
    assertThat(whole("400 g pears, drained").value()).isCloseTo(400, within(1e-9));
  }

  /**
   * Weighings of 100, 104 and 108 g: mean 104, s 4 (JCGM 100:2008, 4.2); widened by Student's t for
   * two degrees of freedom, 4.303 at 95 % (JCGM 100:2008, table G.2), over 2; a scale of 1 g and
   * 0.3 % in quadrature.
   */
  @Test
  void ownWeighingsReplaceTheTable() {
    OwnWeights.Own kept = OwnWeights.Own.of(java.util.List.of(100.0, 104.0, 108.0));
    Weights own =
        new Weights(
            TestFoods.tables(),
            (food, unit, packing) ->
                food.equals("flour") && unit == Unit.CUP && packing == Packing.SPOONED
                    ? java.util.Optional.of(kept)
                    : java.util.Optional.empty(),
            MeasuringSystem.US,
            book);
    ReadLine cups = reader.read("4 cups flour, spooned");
    Estimate mass = own.of(cups.amount().orElseThrow(), cups.food(), Use.of("own"));
    double once = Math.hypot(4.302653 / 2 * 4, 1 / Math.sqrt(12));
    double mean = Math.hypot(once / Math.sqrt(3), 0.003 * 104);
    assertThat(mass.value()).isCloseTo(416, within(1e-9));
    assertThat(mass.u()).isCloseTo(Math.hypot(4 * mean, 4 * once / 2.0), within(1e-4));
    assertThat(book.sources()).anyMatch(s -> s.words().contains("from 3 weighings"));
    ReadLine other = reader.read("1 cup flour, scooped");
    check(
        own.of(other.amount().orElseThrow(), other.food(), Use.of("other")),
        140,
        140 * Math.hypot(0.055, 0.045));
  }

  /** Anything between one loose cup of 120 g and one and a half, rectangular. */
  @Test
  void packedIsWideWhereOnlyTheLooseCupIsKnown() {
    ReadLine line = reader.read("1 cup packed flour");
    Weights weights = new Weights(TestFoods.tables(), OwnWeights.NONE, MeasuringSystem.US, book);
    double common = Math.hypot(30 / Math.sqrt(3), 150 * 0.04);
    check(
        weights.of(line.amount().orElseThrow(), line.food(), Use.of("packed")),
        150,
        Math.hypot(common, 150 * 0.03));
  }

  @Test
  void unknownWeightsAreRefusedWithWhatIsKnown() {
    assertThat(refusal("1 slice egg", EGG).accepted()).contains("large").contains("small");
    assertThat(refusal("1 cup pear", PEAR).problem()).contains("1 cup");
    assertThat(refusal("3 milk", MILK).accepted()).contains("50 g");
    assertThat(refusal("101 kg sugar", SUGAR).problem()).contains("101 kg");
    assertThat(refusal("9999 lb oil", OIL).accepted()).contains("100 kg");
  }

  private Refusal refusal(String text, Food food) {
    Measure measure = reader.read(text, food).measure();
    Weights weights = new Weights(TestFoods.tables(), OwnWeights.NONE, MeasuringSystem.US, book);
    return catchThrowableOfType(
            RefusedException.class, () -> weights.of(measure, food, Use.of("x")))
        .refusal();
  }
}
