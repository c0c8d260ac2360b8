package honeststack.core.line;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A line that is weighed, or whose filling is said, keeps the cook's other words. */
class LineRewordingTest {
  private final LineRewording rewording = new LineRewording(new LineReader(new TestFoods()));

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          2 cups flour, sieved twice | 104 g flour, sieved twice
          flour                      | 104 g flour
          3 tbsp moss                | 104 g tbsp moss
          120 g moss                 | 104 g moss
          moss                       | 104 g moss
          milk, 2 cups               | 104 g milk
          """)
  void weighed(String text, String then) {
    assertThat(rewording.weighed(text, Optional.empty(), 103.6)).isEqualTo(then);
    if (!text.contains("moss")) {
      assertThat(rewording.weighed(text, Optional.of(TestFoods.FLOUR), 103.6)).startsWith("104 g ");
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      nullValues = "-",
      textBlock =
          """
          1 cup flour           | spooned | 1 cup flour, spooned
          1 cup flour, scooped  | spooned | 1 cup flour, spooned
          1 cup flour, spooned  | -       | 1 cup flour
          """)
  void packed(String text, String packing, String then) {
    assertThat(LineRewording.packed(text, packing == null ? "" : packing)).isEqualTo(then);
  }
}
