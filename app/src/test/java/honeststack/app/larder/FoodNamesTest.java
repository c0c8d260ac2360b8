package honeststack.app.larder;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FoodNamesTest {

  /** Two ways to write one name. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          rye flour, medium      | Medium rye flour
          Eggs                   | egg
          blueberries            | blueberry
          potatoes               | potato
          crème fraîche          | creme fraiche
          confectioner's sugar   | confectioners sugar
          milk, 2 % fat          | 2% fat milk
          all-purpose flour      | all purpose flour
          chocolate, dark, 70 %  | dark 70% chocolate
          confectioner’s sugar   | confectioners sugar
          МУКА РЖАНАЯ            | ржаная мука
          Ｆｌｏｕｒ             | flour
          Straße                 | STRASSE
          œufs                   | oeuf
          ΡΥΖΙΣ                  | ρυζις
          Mjölk                  | mjolk
          """)
  void areOne(String name, String other) {
    assertThat(FoodNames.normal(name)).isEqualTo(FoodNames.normal(other));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          cornflour              | corn flour
          milk, 1 % fat          | milk, 2 % fat
          almond milk            | almond
          lemon                  | lemon juice
          cream                  | ice cream
          мука                   | молоко
          小麦粉                 | 牛乳
          आटा                    | दूध
          دقيق                   | حليب
          μέλι                   | γάλα
          """)
  void areTwo(String name, String other) {
    assertThat(FoodNames.normal(name)).isNotEqualTo(FoodNames.normal(other));
  }

  @Test
  void wordsThatOnlyLookPluralStay() {
    assertThat(FoodNames.normal("molasses")).isEqualTo("molasse");
    assertThat(FoodNames.normal("lemongrass")).isEqualTo("lemongrass");
    assertThat(FoodNames.normal("hummus")).isEqualTo("hummus");
    assertThat(FoodNames.normal(" … ")).isEmpty();
    assertThat(FoodNames.isName("70 %")).isFalse();
    assertThat(FoodNames.isName("粉")).isTrue();
  }
}
