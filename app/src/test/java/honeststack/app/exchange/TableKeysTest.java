package honeststack.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.food.Component;
import org.junit.jupiter.api.Test;

/** What open tables call the components. */
class TableKeysTest {

  /** The table's own energy goes before one by factors, whichever comes first. */
  @Test
  void theFirstKeyOfAComponentWins() {
    for (boolean own : new boolean[] {true, false}) {
      TableKeys.Values values = TableKeys.of("fdc").values();
      values.put(own ? "208" : "957", own ? 364 : 355, 0);
      values.put(own ? "957" : "208", own ? 355 : 364, 0);
      assertThat(values.values()).containsEntry(Component.ENERC, 364.0);
    }
  }

  /** Carbohydrate by difference is what is available and the fibre; 1 kJ is 1/4.184 kcal. */
  @Test
  void partsAreAddedAndUnitsTurned() {
    TableKeys.Values values = TableKeys.of("indian").values();
    values.put("fibtg", 11.36, 0.5);
    values.put("choavldf", 64.17, 0.6);
    values.put("enerc", 1340, 7);
    values.put("na", 0.00204, 0);
    values.put("vitc", 9, 0);
    assertThat(values.values().get(Component.CHOCDF)).isCloseTo(75.53, within(1e-9));
    assertThat(values.values().get(Component.ENERC)).isCloseTo(1340 / 4.184, within(0.01));
    assertThat(values.doubts().get(Component.ENERC)).isCloseTo(7 / 4.184, within(0.01));
    assertThat(values.values().get(Component.NA)).isCloseTo(2.04, within(1e-9));
    assertThat(values.doubts()).doesNotContainKey(Component.NA);
    assertThat(values.values()).hasSize(4);
  }

  @Test
  void onlyWhatIsKnownIsKnown() {
    assertThat(TableKeys.of("fdc").knows("203")).isTrue();
    assertThat(TableKeys.of("fdc").knows("enerc")).isFalse();
    assertThat(TableKeys.of("indian").knows("203")).isFalse();
  }
}
