package honeststack.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestFoods;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Composition;
import honeststack.core.food.Facts;
import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure;
import honeststack.core.food.HouseholdMeasure.Piece;
import honeststack.core.food.HouseholdMeasure.Volume;
import honeststack.core.food.Packing;
import honeststack.core.food.Provenance;
import honeststack.core.food.Role;
import honeststack.core.line.LineReader;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Which household weight is taken when several would do. Metric: cup 250, tablespoon 15, tea 5. */
class HouseholdTest {
  private static Food food(boolean liquid, HouseholdMeasure... measures) {
    return new Food(
        "moss",
        "moss",
        Role.ADD_IN,
        liquid,
        Composition.of("moss", "moss", 1, 1, Map.of()),
        List.of(measures),
        Facts.NONE,
        new Provenance("round numbers for tests", "", Provenance.Mark.INVENTED, ""));
  }

  private static final Map<String, Food> FOODS =
      Map.of(
          "all",
          food(
              false,
              new Volume(250, Packing.SPOONED, 100),
              new Volume(250, Packing.SCOOPED, 130),
              new Volume(250, Packing.PACKED, 150),
              new Volume(250, Packing.SIFTED, 90),
              new Volume(250, Packing.CHOPPED, 60),
              new Volume(15, Packing.NOT_SAID, 7),
              new Volume(5, Packing.NOT_SAID, 3)),
          "spooned",
          food(false, new Volume(250, Packing.SPOONED, 100)),
          "packed",
          food(false, new Volume(250, Packing.PACKED, 150)),
          "chopped",
          food(false, new Volume(250, Packing.CHOPPED, 60)),
          "plain",
          food(false, new Volume(250, Packing.NOT_SAID, 80)),
          "scoop",
          food(false, new Piece("scoop", true, false, 33), new Volume(250, Packing.NOT_SAID, 80)),
          "pieces",
          food(false, new Piece("large", true, true, 50), new Piece("small", true, false, 40)),
          "one",
          food(false, new Piece("", true, true, 20)),
          "tin",
          food(false, new Piece("tin", true, true, 400), new Piece("slice", false, false, 30)));

  private static double grams(String text, String food) {
    Measure measure = new LineReader(new TestFoods()).read(text, FOODS.get(food)).measure();
    return new Weights(
            TestFoods.tables(), OwnWeights.NONE, MeasuringSystem.METRIC, new SourceBook())
        .of(measure, FOODS.get(food), Use.of("x"))
        .value();
  }

  /**
   * A scooped cup of what is only known spooned weighs more by the table's factor; a packed one of
   * what is only known loose up to twice as much.
   */
  @ParameterizedTest
  @CsvSource({
    "2 cups spooned, all, 200",
    "1 cup sifted, all, 90",
    "1 cup scooped, all, 130",
    "1 cup packed, all, 150",
    "1 cup chopped, all, 60",
    "1 cup, all, 115",
    "1 cup packed, spooned, 150",
    "1 cup packed, chopped, 90",
    "1 cup sifted, spooned, 100",
    "1 cup sifted, plain, 80",
    "1 cup spooned, plain, 80",
    "1 cup scooped, plain, 80",
    "1 cup, plain, 80",
    "1 cup chopped, plain, 80",
    "2 tbsp, all, 14",
    "1 tsp, all, 3",
    "1 tbsp spooned, all, 6",
    "1 tbsp, spooned, 6",
    "1 tbsp, packed, 9",
    "1 tbsp, chopped, 3.6",
    "1 scoop, scoop, 33",
    "2 scoops, scoop, 66",
    "1 scoop, plain, 20",
    "1 ladle, plain, 20",
    "3, pieces, 150",
    "1 small, pieces, 40",
    "2 large, one, 40",
    "2, one, 40",
    "1 tin, tin, 400",
    "2 cans, tin, 800",
    "1 slice, tin, 30"
  })
  void takes(String text, String food, double grams) {
    assertThat(grams(text, food)).isCloseTo(grams, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"1 cup scooped, spooned", "1 cup, spooned"})
  void scoopedFollowsFromSpooned(String text, String food) {
    double factor = TestFoods.tables().factors().of(Factors.Factor.SCOOPED_OVER_SPOONED);
    assertThat(factor).isGreaterThan(1);
    double scooped = 100 * factor;
    double expected = text.contains("scooped") ? scooped : (100 + scooped) / 2;
    assertThat(grams(text, food)).isCloseTo(expected, within(1e-9));
  }

  /** A large one weighs 50 g, 1.3 times a middling one; a jumbo 1.6 times (common practice). */
  @ParameterizedTest
  @CsvSource({"1 jumbo, 61.54", "1 medium, 38.46", "2 huge, 115.38", "1 little, 40"})
  void aSizeThatIsNotKnownFollowsFromTheUsualOne(String text, double grams) {
    assertThat(grams(text, "pieces")).isCloseTo(grams, within(0.01));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "1 cup packed, pieces",
        "1 cup, pieces",
        "1 slice, pieces",
        "1 cup, one",
        "1 jar, one",
        "2 bunches, one",
        "3 slices, one"
      })
  void whatIsNotKnownIsRefused(String said) {
    String[] words = said.split(", ");
    assertThatThrownBy(() -> grams(words[0], words[1])).hasMessageContaining("moss");
  }
}
