package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import honeststack.core.TestFoods;
import honeststack.core.line.Place;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TellingTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  private List<String> lines(String text) {
    return telling.read(text).lines().stream().map(Told.Line::text).toList();
  }

  @Test
  void aPageIsTakenApart() {
    Told told =
        telling.read(
            """
            Sunday
            For the batter:
            200 g flour

            2 eggs
            1. Mix the flour for 3 minutes.
            Topping:
            2 tbsp sugar
            oil for the pan
            Makes 8, serves 4
            """);
    assertThat(told.lines())
        .extracting(Told.Line::text)
        .containsExactly("200 g flour", "2 eggs", "2 tbsp sugar", "oil for the pan");
    assertThat(told.lines())
        .extracting(Told.Line::place)
        .containsExactly(Place.NOT_SAID, Place.NOT_SAID, Place.PLATE, Place.PAN);
    assertThat(told.pieces()).contains(new Told.Count(8, 8));
    assertThat(told.serves()).contains(new Told.Count(4, 4));
    assertThat(told.steps()).singleElement().matches(s -> s.details().contains("3 minutes"));
    assertThat(told.lines()).allMatch(Told.Line::understood);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          zest and juice of 2 pears                 | zest of 2 pears; juice of 2 pears
          1 egg plus 2 pears                        | 1 egg; 2 pears
          2 tbsp flour mixed with 4 tbsp milk       | 2 tbsp flour; 4 tbsp milk
          flour 200g milk 300g sugar 20g            | 200g flour; 300g milk; 20g sugar
          1 tbsp each of sugar and milk             | 1 tbsp sugar; 1 tbsp milk
          sugar and flour, 50 g of each             | 50 g sugar; 50 g flour
          two eggs, no, three                       | three eggs
          100 g sugar, scratch that, 80             | 80 g sugar
          instead of 2 eggs I take 100 g flour      | 100 g flour
          no sugar, just 2 pears                    | 2 pears
          as thick as milk, with 30 g sugar         | 30 g sugar
          a hundred and fifty grams of flour        | a hundred and fifty grams of flour
          1 cup flour and 2 wombats of dust         | 1 cup flour
          swap 2 tbsp of the sugar for flour        | 2 tbsp of flour
          swap the 2 eggs for a pear                | a pear
          flour, a mugful, and the same of milk     | a mugful flour; a mugful milk
          2 eggs = 100 g w/o shells                 | 2 eggs (100 g)
          butter the size of an egg, melted         | an egg-sized lump of butter
          100 g flour, egg, 20 g sugar              | 100 g flour; 1 egg; 20 g sugar
          take the eggs (3) and flour (50 g)        | 3 eggs; 50 g flour
          pear, a good handful, say 80 g            | a good handful pear (80 g)
          sugar on the tip of a knife               | a pinch of sugar
          keep two eggs back, then 100 g flour      | 100 g flour
          pear 50 g and 10 g sugar                  | 50 g pear; 10 g sugar
          100 g pear butter                         | 100 g pear butter
          200 g flour, 100 g roast pear, milk       | 200 g flour; 100 g roast pear; milk
          3 tbsp milk for each egg, so 6 tbsp       | 6 tbsp milk
          I wrote 2 tbsp sugar but it's 2 tbsp milk | 2 tbsp milk
          I've run out of eggs so it's 100 g pear   | 100 g pear
          100 g flour takes the place of the sugar  | 100 g flour
          one tbsp of oil... hang on, two           | two tbsp oil
          2 eggs, the small ones, 100 g flour       | 2 small eggs; 100 g flour
          2 cups flower, 3 tbsp suger               | 2 cups flour; 3 tbsp sugar
          a cup each of flour and milk, an egg      | a cup flour; a cup milk; an egg
          3 eggs / 30 ml milk / butter / 20 g sugar | 3 eggs; 30 ml milk; butter; 20 g sugar
          100 g butter / oil                        | 100 g butter or oil
          10 g butter for the pan, 20 g on top      | 10 g butter; 20 g butter
          1 egg = 10 g flour + 3 tbsp milk          | 10 g flour; 3 tbsp milk
          flour = 200 g, milk = 300 g               | 200 g flour; 300 g milk
          """)
  void meantLines(String text, String meant) {
    List<String> lines =
        telling.read(text).lines().stream()
            .filter(Told.Line::understood)
            .map(Told.Line::text)
            .toList();
    assertThat(lines).as(text).containsExactly(meant.split("; "));
  }

  /** What is held back, excepted or only listed is measured elsewhere, or nowhere. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "hold back 100 g of the milk",
        "reserve 2 tbsp of the sugar for the eggs",
        "keep 100 g of the milk back",
        "contains: milk, egg",
        "low sugar:",
        "grease the pan"
      })
  void nothingIsToBeMeasured(String text) {
    assertThat(lines(text)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          Pancakes (12 pcs): 300 g flour, 2 eggs | 12
          makes 16 drop scones                   | 16
          60 g each, gets 28                     | 28
          Stir it well. About 16.                | 16
          Every guest gets two. It makes 18.     | 18
          About 180 pieces all told.             | 180
          Two dozen minis.                       | 24
          Ingredients for 10 pieces: 200 g flour | 10
          """)
  void soManyComeOut(String text, double pieces) {
    assertThat(telling.read(text).pieces()).contains(new Told.Count(pieces, pieces));
  }

  @Test
  void soManyAreFed() {
    assertThat(telling.read("enough for 3 adults or 5 kids").serves())
        .contains(new Told.Count(3, 5));
    assertThat(telling.read("Ingredients for 10 guests:\n200 g flour").serves())
        .contains(new Told.Count(10, 10));
  }

  @Test
  void aGreasedGriddleHasItsFat() {
    assertThat(telling.read("cook on a buttered griddle").lines())
        .singleElement()
        .matches(line -> line.place() == Place.PAN && line.text().equals("butter"));
  }

  /** What is numbered and begins with a verb is work, under whatever heading it stands. */
  @Test
  void stepsBehindToppingsAreSteps() {
    Told told =
        telling.read(
            """
            2 eggs
            To serve:
            20 g sugar
            1. Beat the eggs.
            2. Fold in 2 eggs.
            """);
    assertThat(told.lines()).extracting(Told.Line::text).containsExactly("2 eggs", "20 g sugar");
    assertThat(told.steps()).hasSize(2);
  }

  /** A food that is measured twice for one place adds up, and both lines know. */
  @Test
  void aFoodThatCountsTwiceSaysSo() {
    assertThat(telling.read("200 g flour, 2 eggs. Then 50 g more flour.").lines())
        .extracting(Told.Line::also)
        .containsExactly(Optional.empty(), Optional.empty(), Optional.of(0));
    assertThat(telling.read("20 g butter, 10 g butter for the pan").lines())
        .extracting(Told.Line::also)
        .containsOnly(Optional.empty());
  }

  /** No fraction of nothing, and no reading that stops at one. */
  @Test
  void aZeroBelowALineIsRead() {
    assertThat(telling.read("2 eggs / 0 sugar, 5 / 0 cal, 1/0 cup flour").lines())
        .extracting(Told.Line::text)
        .contains("2 eggs");
  }

  /** Who sprays the iron has fat in it, and nobody says how much. */
  @Test
  void aSprayedIronHasFat() {
    assertThat(telling.read("spray the waffle iron").lines())
        .singleElement()
        .matches(line -> line.place() == Place.PAN && line.text().equals("cooking spray"));
    assertThat(telling.read("spray the griddle, then 2 eggs").lines())
        .extracting(Told.Line::text, Told.Line::place)
        .containsExactlyInAnyOrder(
            tuple("cooking spray", Place.PAN), tuple("2 eggs", Place.NOT_SAID));
  }

  /** Nothing that holds a number vanishes: what was not understood is a line of its own. */
  @Test
  void aNumberOfWhichNothingWasMadeIsSaid() {
    assertThat(telling.read("200 g flour, then 17 of something").lines())
        .extracting(Told.Line::understood)
        .containsExactly(true, false);
    assertThat(lines("I made it 17 times in 2 weeks")).isEmpty();
  }

  @Test
  void halvesGoWhereTheyAreSaidToGo() {
    List<Told.Line> halves = telling.read("100 g sugar, half in the batter, half on top").lines();
    assertThat(halves).extracting(Told.Line::text).containsExactly("50 g sugar", "50 g sugar");
    assertThat(halves.get(1).place()).isEqualTo(Place.PLATE);
    assertThat(halves.get(1).shared()).isTrue();
  }

  @Test
  void marksCoverEveryWord() {
    String text = "Use 200 g flour, not milk, and bake 5 minutes.";
    Told told = telling.read(text);
    assertThat(told.excluded()).contains("milk");
    assertThat(told.marks())
        .anyMatch(
            m -> m.part() == Part.AMOUNT && text.substring(m.start(), m.end()).equals("200 g"))
        .anyMatch(m -> m.part() == Part.METHOD && text.startsWith("5 minutes", m.start()));
  }
}
