package honeststack.core.wording;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How many digits a cook is told. */
class NumbersTest {

  @ParameterizedTest
  @CsvSource({
    "1.25, 1¼",
    "0.5, ½",
    "2, 2",
    "0.3333, ⅓",
    "1.6667, 1⅔",
    "0.3342, 0.334",
    "0.30, 0.3",
    "2.9999999999, 3",
    "0.125, ⅛",
    "0.1254, ⅛",
    "0.1256, 0.126"
  })
  void kitchen(double value, String text) {
    assertThat(Numbers.kitchen(value)).isEqualTo(text);
  }

  @ParameterizedTest
  @CsvSource({
    "0.126, 0.13",
    "0.996, 1",
    "1, 1",
    "1.04, 1",
    "1.26, 1.3",
    "9.94, 9.9",
    "10, 10",
    "10.4, 10",
    "12.5, 12",
    "123.6, 124"
  })
  void grams(double grams, String text) {
    assertThat(Numbers.grams(grams)).isEqualTo(text);
  }

  @ParameterizedTest
  @CsvSource({
    "0, 0",
    "3, 3",
    "99, 99",
    "-5, -5",
    "100, 100",
    "123.4, 123",
    "99.96, 100.0",
    "10.04, 10.0",
    "10, 10",
    "9.999, 10.00",
    "2.345, 2.35",
    "-12.34, -12.3",
    "100.4, 100"
  })
  void figure(double value, String text) {
    assertThat(Numbers.figure(value)).isEqualTo(text);
  }

  @ParameterizedTest
  @CsvSource({"1, one piece", "2, 2 pieces", "2.5, 2.5 pieces", "0.5, 0.5 pieces"})
  void pieces(double count, String text) {
    assertThat(Numbers.pieces(count)).isEqualTo(text);
  }

  /** Names may hold commas, so semicolons stand between them. */
  @Test
  void listed() {
    assertThat(Say.listed(List.of("rye flour, medium", "egg"))).isEqualTo("rye flour, medium; egg");
  }
}
