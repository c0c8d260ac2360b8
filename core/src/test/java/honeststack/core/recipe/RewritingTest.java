package honeststack.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestFoods;
import honeststack.core.TestRecipes;
import honeststack.core.recipe.Recipe.Portioning;
import honeststack.core.recipe.Rewriting.NotWantedException;
import honeststack.core.recipe.Rewriting.To;
import honeststack.core.recipe.Rewriting.Wanted;
import honeststack.core.recipe.Rewriting.Written;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** 120 + 244 + 100 g = 464 g of batter in ten pieces, as the test foods weigh. */
class RewritingTest {
  private static Recipe recipe() {
    return TestRecipes.bowl("1 cup flour, spooned", "1 cup milk", "2 eggs")
        .pieces(10, Portioning.LADLE)
        .left("40 g")
        .pan("1 tbsp oil", "2 g")
        .serving(2, "1 tbsp sugar")
        .recipe();
  }

  private static Written scaled(Recipe recipe, String factor) {
    return Rewriting.scale(TestFoods.kitchen(), recipe, new Wanted(factor, "", "", ""));
  }

  private static List<String> texts(List<Recipe.Line> lines) {
    return lines.stream().map(Recipe.Line::text).toList();
  }

  @Test
  void everythingOfTheBatchIsScaledAndNothingOfAServing() {
    Written twice = scaled(recipe(), "2");
    assertThat(texts(twice.recipe().bowl()))
        .containsExactly("2 cups flour, spooned", "2 cups milk", "4 eggs");
    assertThat(twice.recipe().griddle().pieces()).contains(20);
    assertThat(twice.recipe().griddle().left()).isEqualTo("80 g");
    assertThat(twice.recipe().griddle().panFatLeft()).isEqualTo("4 g");
    assertThat(twice.recipe().griddle().panFat().orElseThrow().text()).isEqualTo("2 tbsp oil");
    assertThat(texts(twice.recipe().plate().toppings())).containsExactly("1 tbsp sugar");
    assertThat(twice.recipe().plate().pieces()).contains(2.0);
    assertThat(twice.notes()).isEmpty();
    assertThat(twice.eggs()).isEmpty();
  }

  @Test
  void aBowlOnTheTableIsScaledTooAndALineThatCannotBeReadStaysWithAWord() {
    Recipe plain = recipe();
    Recipe.Line shared =
        new Recipe.Line("top", "3 tbsp sugar", Optional.empty(), "", false, true, List.of());
    Recipe.Line odd = new Recipe.Line("odd", "a whisper of moss", Optional.empty());
    Recipe recipe =
        new Recipe(
            plain.system(),
            List.of(odd, new Recipe.Line("blank", " ", Optional.empty())),
            plain.griddle(),
            new Recipe.OnThePlate(Optional.of(2.0), List.of(shared)));
    Written twice = scaled(recipe, "2");
    assertThat(texts(twice.recipe().plate().toppings())).containsExactly("6 tbsp sugar");
    assertThat(texts(twice.recipe().bowl())).containsExactly("a whisper of moss", " ");
    assertThat(twice.notes()).singleElement().asString().startsWith("“a whisper of moss” stays");
  }

  /** What is wanted over 464 g of batter or 10 pieces, derived on paper. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      nullValues = "-",
      textBlock =
          """
          1 1/2 | -   | -     | -    | 1.5  | 15
          × 3   | -   | -     | -    | 3    | 30
          -     | 18  | -     | -    | 1.8  | 18
          -     | -   | 928 g | -    | 2    | 20
          -     | 20  | -     | 58 g | 2.5  | 20
          0.01  | -   | -     | -    | 0.01 | 1
          500   | -   | -     | -    | 500  | 1000
          """)
  void theFactorFollowsFromWhatIsWanted(
      String factor, String pieces, String batter, String piece, double expected, int cameOut) {
    Wanted wanted = new Wanted(or(factor), or(pieces), or(batter), or(piece));
    Written written = Rewriting.scale(TestFoods.kitchen(), recipe(), wanted);
    assertThat(written.factor()).isCloseTo(expected, within(1e-9));
    assertThat(written.recipe().griddle().pieces()).contains(cameOut);
  }

  private static String or(String text) {
    return text == null ? "" : text;
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      nullValues = "-",
      textBlock =
          """
          0.009   | -    | -      | -     | factor | 0.009 times
          1001    | -    | -      | -     | factor | 1001 times
          many    | -    | -      | -     | factor | many
          -       | lots | -      | -     | pieces | lots
          -       | -    | a heap | -     | batter | a heap
          -       | 10   | -      | heavy | piece  | heavy
          """)
  void whatCannotBeIsRefusedWithItsField(
      String factor, String pieces, String batter, String piece, String field, String words) {
    Wanted wanted = new Wanted(or(factor), or(pieces), or(batter), or(piece));
    assertThatThrownBy(() -> Rewriting.scale(TestFoods.kitchen(), recipe(), wanted))
        .isInstanceOfSatisfying(
            NotWantedException.class,
            refused -> {
              assertThat(refused.field()).isEqualTo(field);
              assertThat(refused.refused().refusal().problem()).contains(words);
            });
  }

  @Test
  void piecesNeedACountToBeMeasuredBy() {
    Recipe plain = recipe();
    Recipe.AtTheGriddle griddle = plain.griddle();
    Recipe uncounted =
        new Recipe(
            plain.system(),
            plain.bowl(),
            new Recipe.AtTheGriddle(
                Optional.empty(),
                3,
                griddle.portioning(),
                "none to speak of",
                Optional.empty(),
                griddle.panFatLeft()),
            plain.plate());
    assertThatThrownBy(
            () -> Rewriting.scale(TestFoods.kitchen(), uncounted, new Wanted("", "18", "", "")))
        .hasMessageContaining("Nobody said yet");
    Written twice = scaled(uncounted, "2");
    assertThat(twice.recipe().griddle().pieces()).isEmpty();
    assertThat(twice.recipe().griddle().discarded()).isEqualTo(3);
    assertThat(twice.recipe().griddle().left()).isEqualTo("none to speak of");
  }

  @Test
  void thrownAwayAreNeverMoreThanCameOut() {
    Recipe plain = recipe();
    Recipe.AtTheGriddle griddle = plain.griddle();
    Recipe recipe =
        new Recipe(
            plain.system(),
            plain.bowl(),
            new Recipe.AtTheGriddle(
                Optional.of(10), 4, griddle.portioning(), "", griddle.panFat(), ""),
            plain.plate());
    assertThat(scaled(recipe, "0.2").recipe().griddle().discarded()).isEqualTo(2);
    assertThat(scaled(recipe, "2").recipe().griddle().discarded()).isEqualTo(4);
  }

  /** Half of three eggs is one and a half: one needs × ⅓, two need × ⅔ of everything. */
  @Test
  void brokenEggsAreOfferedWhole() {
    Recipe three = TestRecipes.bowl("3 eggs", "200 g milk").recipe();
    Written half = scaled(three, "0.5");
    assertThat(half.eggs())
        .extracting(Rewriting.EggOffer::factor)
        .containsExactly(1 / 3.0, 2 / 3.0);
    assertThat(half.eggs().get(0).words()).isEqualTo("1 × egg: everything × ⅓ instead of × ½");
    assertThat(scaled(TestRecipes.bowl("1 egg").recipe(), "0.5").eggs())
        .extracting(Rewriting.EggOffer::factor)
        .containsExactly(1.0);
    assertThat(scaled(TestRecipes.bowl("150 g egg", "1 pear").recipe(), "0.5").eggs()).isEmpty();
  }

  /** A cup of milk weighs 244 g, a spooned cup of flour 120 g, two large eggs 100 g. */
  @Test
  void inGramsAndBack() {
    Written grams = Rewriting.convert(TestFoods.kitchen(), recipe(), To.GRAMS);
    assertThat(texts(grams.recipe().bowl()))
        .containsExactly("120 g flour, spooned", "244 g milk", "100 g eggs");
    assertThat(texts(grams.recipe().plate().toppings()).get(0)).endsWith(" g sugar");
    assertThat(grams.factor()).isEqualTo(1);
    assertThat(grams.recipe().griddle().left()).isEqualTo("40 g");
    Written cups = Rewriting.convert(TestFoods.kitchen(), grams.recipe(), To.KITCHEN);
    assertThat(texts(cups.recipe().bowl()).subList(1, 2)).containsExactly("1 cup milk");
  }

  /**
   * 100 g of milk are 0.41 cups; ⅓ cup of them is 81 g, 2 tbsp more than 6 tbsp are not offered.
   */
  @Test
  void roundingThatShowsIsSaid() {
    Recipe milk = TestRecipes.bowl("2 tsp sugar").recipe();
    Written third = scaled(milk, "1/3");
    assertThat(third.notes())
        .contains("“2 tsp sugar” became “½ tsp + ⅛ tsp sugar”: rounding makes it 6 % less.");
    Written less = scaled(TestRecipes.bowl("1 tsp sugar").recipe(), "0.1");
    assertThat(less.notes().get(0)).endsWith("rounding makes it 25 % more.");
  }

  @Test
  void whatWasAddedWhileCookingIsScaledWithItsLine() {
    Recipe.Line milk =
        new Recipe.Line(
            "milk",
            "200 g milk",
            Optional.of("milk"),
            "",
            true,
            false,
            List.of(new Recipe.Adjustment("+30 g"), new Recipe.Adjustment("-2 tbsp")));
    Recipe plain = recipe();
    Recipe recipe = new Recipe(plain.system(), List.of(milk), plain.griddle(), plain.plate());
    Recipe.Line twice =
        Rewriting.scale(TestFoods.kitchen(), recipe, new Wanted("2", "", "", ""))
            .recipe()
            .bowl()
            .get(0);
    assertThat(twice.adjustments())
        .extracting(Recipe.Adjustment::text)
        .containsExactly("+60 g", "-4 tbsp");
    assertThat(twice.off()).isTrue();
    assertThat(twice.picked()).contains("milk");
  }
}
