package honeststack.core.compare;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestRecipes;
import honeststack.core.food.Food;
import honeststack.core.food.Role;
import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.LineReading.NotUnderstood;
import honeststack.core.recipe.Station;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class AlignmentTest {
  private static List<Alignment.Row> align(TestRecipes... recipes) {
    return Alignment.of(Stream.of(recipes).map(TestRecipes::read).toList());
  }

  private static List<String> foods(Alignment.Row row) {
    return row.lines().stream().map(line -> line.map(AlignmentTest::name).orElse("–")).toList();
  }

  private static String name(LineReading line) {
    return Pairing.food(line).map(Food::id).orElseGet(() -> ((NotUnderstood) line).text());
  }

  /** What is not in the numbers stands in its row too, refused or not measured. */
  @Test
  void whatIsNotInTheNumbersHasItsRow() {
    List<Alignment.Row> rows =
        align(
            TestRecipes.bowl("100 g flour", "3 g plonk"),
            TestRecipes.bowl("100 g flour", "sugar, to taste", "4 g plonk"));
    assertThat(rows.stream().map(AlignmentTest::foods))
        .contains(List.of("3 g plonk", "4 g plonk"), List.of("–", "sugar"));
    assertThat(rows.get(1).role()).isEmpty();
  }

  /** By food whatever the order, then by role: butter stands for oil. */
  @Test
  void linesThatStandForEachOtherShareARow() {
    List<Alignment.Row> rows =
        align(
            TestRecipes.bowl("100 g flour", "20 g oil", "1 egg"),
            TestRecipes.bowl("2 eggs", "20 g butter", "120 g flour"),
            TestRecipes.bowl("120 g flour", "1 pear", "10 g oil"));
    assertThat(rows.stream().filter(row -> row.station() == Station.BOWL).map(AlignmentTest::foods))
        .containsExactly(
            List.of("flour", "flour", "flour"),
            List.of("oil", "butter", "oil"),
            List.of("egg", "egg", "–"),
            List.of("–", "–", "pear"));
    assertThat(rows.get(1).role()).contains(Role.FAT);
    assertThat(rows).allSatisfy(row -> assertThat(row.lines()).hasSize(3));
  }

  @Test
  void stationsDoNotMix() {
    List<Alignment.Row> rows =
        align(
            TestRecipes.bowl("20 g sugar").pan("5 g oil", "").serving(1),
            TestRecipes.bowl("20 g oil").pan("5 g oil", "").serving(1, "20 g sugar"));
    assertThat(rows.stream().map(row -> row.station() + " " + String.join(" ", foods(row))))
        .containsExactly("BOWL sugar –", "BOWL – oil", "PAN oil oil", "PLATE – sugar");
  }
}
