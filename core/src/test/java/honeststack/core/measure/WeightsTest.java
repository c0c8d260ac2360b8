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
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Food;
import org.junit.jupiter.api.Test;

/** Each expected doubt is put together by hand from the table of doubt (common practice). */
class WeightsTest {
  private final SourceBook book = SourceBook.firstOrder();
  private final LineReader reader = new LineReader(new TestFoods());
  private int uses;

  private Estimate mass(String text) {
    return mass(text, MeasuringSystem.US);
  }

  private Estimate mass(String text, MeasuringSystem system) {
    LineReader.Line line = reader.read(text);
    return new Weights(TestFoods.doubt(), system, book)
        .of(line.measure(), line.food(), "line" + uses++);
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
    check(mass("4 large eggs"), 200, 200 * 0.04 / 2);
    check(mass("1 small egg"), 40, 1.6);
    check(mass("2 pears"), 360, 360 * 0.15 / Math.sqrt(2));
  }

  @Test
  void unknownWeightsAreRefusedWithWhatIsKnown() {
    assertThat(refusal("1 jumbo egg", EGG).accepted()).contains("large").contains("small");
    assertThat(refusal("1 cup pear", PEAR).problem()).contains("1 cup");
    assertThat(refusal("1 cup packed flour", FLOUR).problem()).contains("packed");
    assertThat(refusal("3 milk", MILK).accepted()).contains("50 g");
    assertThat(refusal("101 kg sugar", SUGAR).problem()).contains("101 kg");
    assertThat(refusal("9999 lb oil", OIL).accepted()).contains("100 kg");
  }

  private Refusal refusal(String text, Food food) {
    Measure measure = reader.read(text, food).measure();
    Weights weights = new Weights(TestFoods.doubt(), MeasuringSystem.US, book);
    return catchThrowableOfType(RefusedException.class, () -> weights.of(measure, food, "x"))
        .refusal();
  }
}
