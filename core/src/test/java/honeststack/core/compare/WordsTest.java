package honeststack.core.compare;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.compare.Pairing.Pair;
import honeststack.core.estimate.Estimate;
import honeststack.core.food.Food;
import honeststack.core.recipe.MeasuredFood;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What changed, in a few words. */
class WordsTest {
  private static Optional<MeasuredFood> of(Food food, double grams) {
    return Optional.of(new MeasuredFood("a", food, Estimate.exact(grams)));
  }

  private static String change(Optional<MeasuredFood> before, Optional<MeasuredFood> after) {
    return Words.change(new Pair<>(before, after));
  }

  @Test
  void changes() {
    assertThat(change(of(TestFoods.MILK, 100), of(TestFoods.MILK, 130)))
        .isEqualTo("milk: 30 g more");
    assertThat(change(of(TestFoods.MILK, 100), of(TestFoods.MILK, 95.5)))
        .isEqualTo("milk: 4.5 g less");
    assertThat(change(of(TestFoods.MILK, 100), of(TestFoods.EGG, 100))).isEqualTo("egg for milk");
    assertThat(change(of(TestFoods.MILK, 100), Optional.empty())).isEqualTo("without milk");
    assertThat(change(Optional.empty(), of(TestFoods.OIL, 12))).isEqualTo("12 g of oil added");
  }

  @ParameterizedTest
  @CsvSource({"0, nothing", "9.94, 9.9 g", "9.99, 10.0 g", "10, 10 g", "10.6, 11 g"})
  void grams(double grams, String words) {
    assertThat(Words.grams(grams)).isEqualTo(words);
  }

  @Test
  void portions() {
    assertThat(Words.portion(2, 10, 2, 10)).isEqualTo("portion: another share of the batter");
    assertThat(Words.portion(2, 10, 2, 8)).isEqualTo("portion: 2 of 8 pieces, not 2 of 10");
    assertThat(Words.portion(2, 10, 2.5, 10)).isEqualTo("portion: 2.5 of 10 pieces, not 2 of 10");
  }
}
