package honeststack.app.larder;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.app.larder.TableFood.Filling;
import honeststack.core.food.Component;
import honeststack.core.food.Provenance.Mark;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Foods of open tables as the larder takes them. */
class TableFoodTest {
  private static LarderEntry entry(String name, Filling... fillings) {
    return new TableFood(
            "FDC",
            "FoodData Central",
            "168884",
            name,
            Map.of(Component.PROCNT, 9.5),
            Map.of(),
            List.of(fillings))
        .entry();
  }

  @Test
  void itsNameSaysWhichTableItIsFrom() {
    LarderEntry entry = entry("  Rye   grain ");
    assertThat(entry.food().id()).isEqualTo("fdc-168884");
    assertThat(entry.food().name()).isEqualTo("Rye grain (FDC 168884)");
    assertThat(entry.food().provenance().mark()).isEqualTo(Mark.READ);
    assertThat(entry.food().provenance().remark()).contains("Allergens");
    assertThat(entry.own()).isTrue();
  }

  @Test
  void aLongNameIsCutBeforeTheNumber() {
    String name = entry("Grain, ".repeat(40)).food().name();
    assertThat(name).hasSize(120).endsWith(" (FDC 168884)");
  }

  @Test
  void measuresThatKitchensKnowAreKeptOnce() {
    LarderEntry entry =
        entry(
            "Rye",
            new Filling("cup", "", 169),
            new Filling("cup", "", 170),
            new Filling("cup", "chopped", 150),
            new Filling("handful", "", 30),
            new Filling("piece", "large", 0));
    assertThat(entry.food().measures().stream().map(MeasureRow::of).toList())
        .contains(new MeasureRow("cup", "", 169, false, false))
        .hasSizeLessThanOrEqualTo(2);
  }
}
