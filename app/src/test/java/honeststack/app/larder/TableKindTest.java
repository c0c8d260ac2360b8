package honeststack.app.larder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.app.doubt.ShippedTables;
import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Food;
import honeststack.core.food.TableKind;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is made alike everywhere is known better than what grows as it grows (common practice). */
class TableKindTest {
  @ParameterizedTest
  @CsvSource({
    "oil-sunflower, FAT, 0.01",
    "sugar-white, CHOCDF, 0.01",
    "sugar-white, SUGAR, 0.02",
    "corn-starch, CHOCDF, 0.01",
    "salt, NA, 0.01",
    "milk-whole, PROCNT, 0.025",
    "butter, FAT, 0.025",
    "cheddar, FAT, 0.05",
    "egg, PROCNT, 0.05",
    "wheat-flour-white, CHOCDF, 0.05",
    "wheat-flour-white, FIBTG, 0.10",
    "blueberries, CHOCDF, 0.10",
    "banana, FIBTG, 0.20"
  })
  void doubtByKind(String id, Component component, double relative) {
    Food food = Larder.reference().byId(id).orElseThrow();
    Composition doubted =
        food.doubted(ShippedTables.read().uncertainties().ofTables(TableKind.of(food)))
            .composition();
    double value = doubted.value(component).orElseThrow();
    assertThat(doubted.u(component)).isCloseTo(relative * value, within(1e-9));
  }
}
