package honeststack.core.claim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import honeststack.core.TestRecipes;
import honeststack.core.claim.Panel.Row;
import honeststack.core.recipe.Recipe.Portioning;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A label to teach with, derived on paper from foods with round numbers. */
class PanelTest {
  /** 200 g of flour and 100 g of sugar in ten pieces of which one is served. */
  private static Panel panel(Rounding manner) {
    TestRecipes recipe =
        TestRecipes.bowl("200 g flour", "100 g sugar")
            .pieces(10, Portioning.WEIGHED)
            .pan("none", "")
            .serving(1);
    return Panel.of(recipe.read(), manner);
  }

  private static Row row(Panel panel, String words) {
    return panel.rows().stream().filter(row -> row.words().equals(words)).findFirst().orElseThrow();
  }

  /**
   * Energy 2 × 350 + 400 = 1100 kcal, a tenth is 110; protein 20 g, a tenth 2; carbohydrate 140 +
   * 100, a tenth 24, of a day's 275 g (21 CFR 101.9(c)(9)) 9 %; fibre 10 g, a tenth 1, of 28 g 4 %;
   * fat 2 g, a tenth 0.2, stated as 0 below 0.5 (101.9(c)(2)).
   */
  @Test
  void theUnitedStatesWay() {
    Panel panel = panel(Rounding.UNITED_STATES);
    assertThat(panel.amounts()).containsExactly("in a serving");
    assertThat(row(panel, "Energy").values()).containsExactly("110 kcal");
    assertThat(row(panel, "Energy").share()).isEmpty();
    assertThat(row(panel, "Protein").values()).containsExactly("2 g");
    assertThat(row(panel, "Carbohydrate, total").values()).containsExactly("24 g");
    assertThat(row(panel, "Carbohydrate, total").share()).isEqualTo("9 %");
    assertThat(row(panel, "fibre").share()).isEqualTo("4 %");
    assertThat(row(panel, "Fat").values()).containsExactly("0 g");
  }

  /**
   * Without fibre: 230 g, a tenth 23, of 260 g (1169/2011, annex XIII) 9 %; 1100 kcal less fibre.
   */
  @Test
  void theEuropeanWay() {
    Panel panel = panel(Rounding.EUROPEAN_UNION);
    assertThat(panel.amounts()).hasSize(2);
    Row carbohydrate = row(panel, "Carbohydrate");
    assertThat(carbohydrate.values().get(1)).isEqualTo("23 g");
    assertThat(carbohydrate.share()).isEqualTo("9 %");
    assertThat(row(panel, "Energy").values().get(1)).matches("\\d+ kJ / 10\\d kcal");
  }

  /** No food of the test kitchen says what saturates it holds. */
  @Test
  void whatIsMissingIsSaidAndHasNoShare() {
    Row saturates = row(panel(Rounding.UNITED_STATES), "saturated");
    assertThat(saturates.values().get(0)).matches("≥ 0 g|not known");
    assertThat(saturates.share()).isEmpty();
    assertThat(saturates.within()).isTrue();
  }

  @Test
  void nothingIsStatedAsWrittenNorBeforeThereIsAServing() {
    assertThatIllegalArgumentException().isThrownBy(() -> panel(Rounding.AS_WRITTEN));
    TestRecipes open = TestRecipes.bowl("200 g flour").portion("").serving(1);
    assertThat(Panel.of(open.read(), Rounding.UNITED_STATES).rows()).isEqualTo(List.of());
  }
}
