package honeststack.core.figures;

import static honeststack.core.TestRecipes.bowl;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.figures.School.Carbohydrate;
import honeststack.core.figures.School.Energy;
import honeststack.core.recipe.RecipeReading;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SchoolTest {
  /**
   * 100 g of flour in round numbers: 350 kcal, 10 protein, 70 carbohydrate, 5 of it fibre, 1 fat.
   */
  private final RecipeReading flour = bowl("100 g flour").pan("none", "").read();

  private double inAll(Measurand measurand) {
    return Figures.of(flour, List.of(measurand)).figure(Basis.WHOLE_BATCH, measurand).value();
  }

  /** By hand: 4 · 10 + 9 · 1 + 4 · 70; the EU's way 4 · 10 + 9 · 1 + 4 · 65 + 2 · 5. */
  @ParameterizedTest
  @CsvSource({"TABLES, 350", "GENERAL, 329", "EU, 319"})
  void energyOfEachSchool(Energy energy, double kilocalories) {
    assertThat(inAll(energy.measurand())).isCloseTo(kilocalories, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"TOTAL, 70", "AVAILABLE, 65", "NET, 65"})
  void carbohydrateOfEachSchool(Carbohydrate carbohydrate, double grams) {
    assertThat(inAll(carbohydrate.measurand())).isCloseTo(grams, within(1e-9));
  }

  /** Energy first, and the same five whatever is chosen: pages and sheets rest on it. */
  @Test
  void theTallyKeepsItsOrderInEverySchool() {
    for (Energy energy : Energy.values()) {
      for (Carbohydrate carbohydrate : Carbohydrate.values()) {
        assertThat(new School(energy, carbohydrate).tally())
            .extracting(Measurand::unit)
            .containsExactly("kcal", "g", "g", "g", "g");
        assertThat(new School(energy, carbohydrate).tally())
            .doesNotHaveDuplicates()
            .allMatch(Measurand::isAdditive);
      }
    }
    assertThat(Arrays.stream(Energy.values()).map(Energy::words)).doesNotHaveDuplicates();
  }
}
