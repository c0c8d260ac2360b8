package honeststack.core.goal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.NoSuchElementException;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** 21 CFR 101.9(c) and (EU) 1169/2011, annex XIII, part B, by their numbers. */
class DailyReferenceTest {
  @ParameterizedTest
  @CsvSource({
    "UNITED_STATES, 1, FAT, at most 78 g",
    "UNITED_STATES, 0.25, FIBTG, at least 7 g",
    "UNITED_STATES, 0.1, NA, at most 230 mg",
    "UNITED_STATES, 0.5, SUGAD, at most 25 g",
    "EUROPEAN_UNION, 0.5, SALT, at most 3 g",
    "EUROPEAN_UNION, 0.2, CARBOHYDRATE_AVAILABLE, at most 52 g",
    "EUROPEAN_UNION, 0.1, SUGAR, at most 9 g",
    "EUROPEAN_UNION, 0.33, PROCNT, at least 16.5 g"
  })
  void aShareOfADay(DailyReference day, double share, String tag, String limits) {
    assertThat(day.goals(share))
        .filteredOn(goal -> goal.measurand().tag().equals(tag))
        .extracting(Goal::limits)
        .containsExactly(limits);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, -0.1, 1.01, Double.NaN})
  void whatIsNoShareIsRefused(double share) {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> DailyReference.UNITED_STATES.goals(share))
        .withMessageContaining(String.valueOf(share));
    Assertions.assertThatExceptionOfType(NoSuchElementException.class)
        .isThrownBy(() -> DailyReference.EUROPEAN_UNION.of("FIBTG"));
  }
}
