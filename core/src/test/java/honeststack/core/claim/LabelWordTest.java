package honeststack.core.claim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Rules of words against the numbers of the regulations (from memory). */
class LabelWordTest {

  /**
   * 21 CFR 101.54(b), (c); 101.60(b), (c); 101.61(b); 101.62(b), (c), for 110 g of pancakes, so
   * that 100 g may hold 100/110 of it. (EC) 1924/2006, annex: for 100 g.
   */
  @ParameterizedTest
  @CsvSource({
    "US_LOW_CALORIE, , 40",
    "US_LOW_FAT, , 3",
    "US_LOW_SATURATED, , 1",
    "US_LOW_SODIUM, , 140",
    "US_VERY_LOW_SODIUM, , 35",
    "US_SUGAR_FREE, , 0.5",
    "US_HIGH_FIBRE, 5.6, ",
    "US_GOOD_FIBRE, 2.8, 5.6",
    "EU_LOW_FAT, , 3",
    "EU_LOW_SUGARS, , 5",
    "EU_LOW_SALT, , 120",
    "EU_VERY_LOW_SALT, , 40",
    "EU_SOURCE_FIBRE, 3, ",
    "EU_HIGH_FIBRE, 6, ",
    "EU_SOURCE_PROTEIN, 12, ",
    "EU_HIGH_PROTEIN, 20, "
  })
  void asksWhatTheRegulationAsks(LabelWord word, Double lower, Double upper) {
    double factor = word.isUnitedStates() ? 100 / LabelWord.US_PANCAKES : 1;
    var goal = word.goals(LabelWord.US_PANCAKES).get(0);
    assertThat(goal.lower().isPresent()).isEqualTo(lower != null);
    assertThat(goal.upper().isPresent()).isEqualTo(upper != null);
    goal.lower().ifPresent(least -> assertThat(least).isCloseTo(factor * lower, within(1e-9)));
    goal.upper().ifPresent(most -> assertThat(most).isCloseTo(factor * upper, within(1e-9)));
  }

  @Test
  void everyWordNamesItsRuleOnceInEachLaw() {
    List<String> words =
        LabelWord.all().stream().map(word -> word.isUnitedStates() + word.words()).toList();
    assertThat(words).doesNotHaveDuplicates();
    assertThat(LabelWord.all().stream().map(LabelWord::rule).collect(Collectors.toSet()))
        .allMatch(rule -> rule.matches("21 CFR 101\\.\\d\\d\\([bc]\\)(\\(\\d\\))?|.*annex"));
  }
}
