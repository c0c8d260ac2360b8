package honeststack.core.claim;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestRecipes;
import honeststack.core.goal.Verdict;
import honeststack.core.recipe.Recipe.Portioning;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Words of claims held against pieces of foods with round numbers. */
class WordedTest {
  private static List<Worded> held(String... bowl) {
    TestRecipes recipe =
        TestRecipes.bowl(bowl).pieces(10, Portioning.WEIGHED).pan("none", "").serving(1);
    return Worded.of(recipe.read(), LabelWord.US_PANCAKES);
  }

  private static Verdict verdict(boolean unitedStates, String words, String... bowl) {
    return held(bowl).stream()
        .filter(one -> one.unitedStates() == unitedStates && one.words().equals(words))
        .findFirst()
        .orElseThrow()
        .verdict();
  }

  /**
   * Cooked, a batter keeps 85 to 90 % of its mass: 100 g cooked hold about 1.15 times what 100 g
   * raw hold. Flour has 1 g of fat, 5 g of fibre, 10 g of protein in 350 kcal; oil is all fat.
   */
  @ParameterizedTest
  @CsvSource({
    "false, low fat, 200 g flour, MET",
    "false, low fat, 100 g oil, MISSED",
    "false, fat-free, 200 g flour, MISSED",
    "false, source of fibre, 200 g flour, MET",
    "false, source of fibre, 200 g sugar, MISSED",
    "false, source of protein, 200 g sugar, MISSED",
    "false, high protein, 200 g egg, MET",
    "true, low fat, 200 g flour, MET",
    "true, high in fibre, 200 g sugar, MISSED",
    "true, good source of fibre, 200 g sugar, MISSED",
    "true, low calorie, 200 g flour, MISSED"
  })
  void standAsTheRuleHasIt(boolean unitedStates, String words, String bowl, Verdict verdict) {
    assertThat(verdict(unitedStates, words, bowl)).isEqualTo(verdict);
  }

  /** 20 % of energy from protein: 4 × 12 of 142 kcal in an egg is 34 %, in flour 12 % at most. */
  @Test
  void theBetterOfTwoWaysCounts() {
    // Egg has no fibre; sugar neither; flour has 5 g in 350 kcal: 1.4 in 100 kcal, not 1.5.
    assertThat(verdict(false, "source of fibre", "60 g flour", "300 g milk", "40 g egg"))
        .isNotEqualTo(Verdict.MET);
    assertThat(held("200 g flour")).allSatisfy(one -> assertThat(one.rule()).isNotBlank());
  }

  @Test
  void nothingIsHeldBeforeAnythingIsCooked() {
    TestRecipes open = TestRecipes.bowl("200 g flour").portion("").serving(1);
    assertThat(Worded.of(open.read(), LabelWord.US_WAFFLES)).isEmpty();
  }
}
