package honeststack.core.compare;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.TestRecipes;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Role;
import honeststack.core.serving.Figures.Station;
import honeststack.core.serving.RecipeReader;
import honeststack.core.serving.RecipeReading;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class AlignmentTest {
  private final RecipeReader reader = new RecipeReader(new TestFoods(), TestFoods.doubt());

  private List<Alignment.Row> align(TestRecipes... recipes) {
    List<RecipeReading> readings =
        Stream.of(recipes)
            .map(recipe -> reader.read(recipe.recipe(), SourceBook.firstOrder()))
            .toList();
    return Alignment.of(readings);
  }

  private static List<String> foods(Alignment.Row row) {
    return row.lines().stream().map(line -> line.map(l -> l.food().id()).orElse("–")).toList();
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
    assertThat(rows.get(1).role()).isEqualTo(Role.FAT);
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
