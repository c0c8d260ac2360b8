package honeststack.core.keeping;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestRecipes;
import honeststack.core.keeping.Keeping.Form;
import honeststack.core.keeping.Keeping.Place;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** FDA Food Code 2022: 3-501.16 57 °C, 3-501.17 seven days at 5 °C, 3-403.11 74 °C. */
class KeepingTest {
  @ParameterizedTest
  @CsvSource({
    "PIECES, FRIDGE, false, 3",
    "PIECES, FREEZER, true, 60",
    "BATTER, FRIDGE, true, 1",
    "BATTER, FRIDGE, false, 2",
    "BATTER, FREEZER, true, 30"
  })
  void theStricterRuleCounts(Form form, Place place, boolean rawEgg, int days) {
    Keeping keeping = Keeping.of(form, place, rawEgg);
    assertThat(keeping.days()).isEqualTo(days);
    if (place == Place.FRIDGE) {
      assertThat(keeping.days()).isLessThanOrEqualTo(6); // day 7, the day of making being day 1
    }
  }

  @Test
  void cautionsNameTheirNumbers() {
    var cautions = Caution.of(TestRecipes.bowl("200 g flour", "2 eggs").read());
    assertThat(cautions).anyMatch(c -> c.words().contains("57 °C (135 °F)"));
    assertThat(cautions).anyMatch(c -> c.basis().contains("3-501.16"));
    assertThat(cautions).anyMatch(c -> c.words().contains("74 °C (165 °F)"));
    assertThat(cautions).anyMatch(c -> c.words().contains("raw flour"));
    assertThat(Caution.of(TestRecipes.bowl("200 g flour").read()))
        .noneMatch(c -> c.words().contains("raw egg"));
    assertThat(Keeping.waiting(10, true)).doesNotContain("57");
    assertThat(Keeping.waiting(180, false)).contains("57 °C");
  }
}
