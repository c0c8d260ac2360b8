package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.line.Place;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.said.told.Told;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is said for each piece or each eater; worked out by hand. */
class SpokenApieceTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          Makes 8. Sugar on top, 10 g each.                         | 80 g sugar  | PLATE | true
          Makes 8. 10 g sugar on each.                              | 80 g sugar  | PLATE | true
          Makes 8, with 10 g sugar on each one.                     | 80 g sugar  | PLATE | true
          Makes 8. Top each with 10 g sugar.                        | 80 g sugar  | PLATE | true
          Makes 8. Each gets 10 g sugar.                            | 80 g sugar  | PLATE | true
          Makes 8. 10 g of pear per pancake.                        | 80 g pear   | PLATE | true
          Makes 8. Sugar: 10 g per pancake, on top.                 | 80 g sugar  | PLATE | true
          Makes 8. On every one 10 g sugar.                         | 80 g sugar  | PLATE | true
          Makes 8. Spread each with 10 g sugar.                     | 80 g sugar  | PLATE | true
          8 pancakes, each with 10 g sugar                          | 80 g sugar  | PLATE | true
          I get 8 out of it and put 10 g sugar on each.             | 80 g sugar  | PLATE | true
          Makes 8. Drizzle every pancake with 10 g sugar.           | 80 g sugar  | PLATE | true
          Makes 8. A topping of 10 g sugar apiece.                  | 80 g sugar  | PLATE | true
          Makes 8. For each pancake 10 g sugar on top.              | 80 g sugar  | PLATE | true
          10 g sugar on each of the 8 pancakes                      | 80 g sugar  | PLATE | true
          Makes 8 to 10. 10 g sugar on each pancake.                | 90 g sugar  | PLATE | true
          10 g sugar on each pancake                                | 10 g sugar  | PLATE | false
          Makes 8. Fry each in 3 g butter.                          | 24 g butter | PAN   | false
          Makes 8. Butter for the pan, 3 g each.                    | 24 g butter | PAN   | false
          Makes 8. 3 g butter in the pan before each one.           | 24 g butter | PAN   | false
          Makes 12. Fry in oil, 1 tbsp per 3 pancakes               | 4 tbsp oil  | PAN   | false
          Serves 4. 10 g sugar on top for each person.              | 10 g sugar  | PLATE | false
          Makes 8, serves 4. 10 g sugar per person on top.          | 10 g sugar  | PLATE | false
          Makes 8, serves 4. 10 g sugar on top of each waffle.      | 80 g sugar  | PLATE | true
          Serves 4. Sugar on top, 10 g each.                        | 10 g sugar  | PLATE | false
          Makes 9. On top everybody takes sugar, usually 10 g each. | 10 g sugar  | PLATE | false
          Makes 8. 100 g sugar on top.                              | 100 g sugar | PLATE | true
          Serves 4. On top: 100 g sugar                             | 100 g sugar | PLATE | true
          Serves 1. On top: 100 g sugar                             | 100 g sugar | PLATE | false
          On top: 100 g sugar                                       | 100 g sugar | PLATE | false
          """)
  void isMultiplied(String text, String line, Place place, boolean shared) {
    Told told = telling.read(text);
    assertThat(told.lines()).hasSize(1);
    Told.Line only = told.lines().get(0);
    assertThat(only.text().replace(" of ", " ")).isEqualToIgnoringCase(line);
    assertThat(only.place()).isEqualTo(place);
    assertThat(only.shared()).isEqualTo(shared);
  }
}
