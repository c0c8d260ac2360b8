package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.said.told.Told;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is counted in parts of a food, cut by length, pressed into its cup, or told by its fat. */
class PartsSaidTest {
  private static final Listener LISTENER = new Listener();

  private static Understood only(String text) {
    List<Told.Line> lines = LISTENER.told(text).lines();
    assertThat(lines).as(text).hasSize(1);
    assertThat(LISTENER.reading(lines.get(0))).as(text).isInstanceOf(Understood.class);
    return (Understood) LISTENER.reading(lines.get(0));
  }

  /**
   * Ranges in which a cook's scale may show it. A medium slice of tomato 20 g, a wedge 31 g; an
   * eighth of a lemon 7 g; a peach 150 g, an apricot 35 g, a pear 178 g, fourteen halves of walnut
   * 28 g, nineteen of pecan 28 g, a cabbage leaf 23 g, a slice of tinned pineapple 47 g, a cucumber
   * of 8¼ inches 301 g: USDA Standard Reference, from memory. The rest is common practice.
   */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "2 tomato slices          | tomato           | 30..50",
        "2 slices of tomato       | tomato           | 30..50",
        "3 lemon slices           | lemon            | 15..35",
        "a lemon wedge            | lemon            | 5..12",
        "a wedge of lemon to serve| lemon            | 5..12",
        "4 lime wedges            | lime             | 20..45",
        "4 peach halves           | peach            | 260..340",
        "6 apricot halves         | apricot          | 85..125",
        "2 pear quarters          | pear             | 75..105",
        "10 walnut halves         | walnuts          | 15..25",
        "12 pecan halves          | pecans           | 14..22",
        "1 garlic bulb            | garlic           | 25..60",
        "4 garlic cloves          | garlic           | 8..20",
        "3 gelatine sheets        | gelatin          | 4..8",
        "2 sheets of gelatine     | gelatin          | 3..6",
        "2 yeast sachets          | yeast-dry        | 13..15",
        "1 celery stick           | celery           | 30..60",
        "2 cabbage leaves         | cabbage          | 35..60",
        "2 cheddar slices         | cheddar          | 40..65",
        "1 mozzarella ball        | mozzarella       | 100..130",
        "2 cinnamon sticks        | cinnamon         | 4..9",
        "2 butter sticks          | butter           | 220..230",
        "2 pineapple rings on top | pineapple        | 90..180",
        "1 onion rings            | onion            | 70..150",
        "3 apples in thin slices  | apple            | 420..650",
        "2 eggs, halves           | egg              | 88..120",
        "2 stock cubes            | stock-cube       | 15..25",
        "1 inch piece of ginger   | ginger-root      | 5..16",
        "half inch ginger         | ginger-root      | 2..8",
        "a 2 cm piece of ginger   | ginger-root      | 4..14",
        "2 inch piece of cucumber | cucumber         | 60..85",
        "2 cups packed spinach    | spinach          | 60..120",
        "1 cup packed grated zucchini | zucchini     | 140..250",
        "½ cup lightly packed basil   | basil        | 9..24",
        "1 packed cup kale        | kale             | 60..140",
        "1 cup packed brown sugar | sugar-brown      | 205..230",
        "2 tbsp melted and cooled butter | butter    | 26..30",
        "1 cup peeled and chopped apples | apple     | 110..140",
        "2 farm eggs              | egg              | 88..120",
        "30 g unsalted almonds    | almonds          | 29..31",
        "½ cup unbleached whole wheat flour | wheat-flour-whole | 55..75",
        "½ cup freshly ground whole wheat flour | wheat-flour-whole | 55..75",
        "⅔ cup hazelnuts, ground to meal | hazelnuts | 70..98",
        "1 cup oats ground to flour | oats-rolled    | 75..100",
        "½ cup ground almonds     | almonds-ground   | 44..60",
        "1 cup beef, ground       | beef-ground      | 150..260",
        "3 cm cinnamon stick      | cinnamon         | 0.5..3",
        "just shy of a cup of milk | milk-whole      | 205..240",
        "a splash of vanilla      | vanilla-extract  | 1..6",
        "the butter is salted, 30 g | butter-salted  | 29..31",
        "two hundred ml one percent milk | milk-lowfat | 200..210"
      })
  void aPartIsWhatItWeighs(String text, String food, String grams) {
    Understood read = only(text.strip());
    assertThat(read.food().id()).as(text).isEqualTo(food);
    double least = Double.parseDouble(grams.split("\\.\\.")[0]);
    double most = Double.parseDouble(grams.split("\\.\\.")[1]);
    assertThat(read.mass().value()).as(text).isBetween(least, most);
  }

  /** A jar of cherries is no cherry: what a part or a container holds, nobody knows. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "a jar of cherries", "a bunch of grapes", "a bag of chocolate chips", "10 apple slices",
        "5 banana slices", "6 pineapple chunks", "2 orange segments", "a bowl of dates",
        "a tub of strawberries", "a packet of almonds", "4 broccoli florets", "30 g salted walnuts",
        "20 g unsalted margarine"
      })
  void whatNobodyKnowsIsAsked(String text) {
    assertThat(LISTENER.told(text).lines())
        .as(text)
        .isNotEmpty()
        .noneMatch(line -> LISTENER.reading(line) instanceof Understood);
  }

  /** Fat in per cent as on a carton; a share between two foods of the larder is asked. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "1 cup 3.25% milk            | milk-whole",
        "250 ml 3,5 % milk           | milk-whole",
        "milk (3.8 %) 200 ml         | milk-whole",
        "250 ml milk, 1.5 %          | milk-reduced-fat",
        "300ml 1.5% fat milk         | milk-reduced-fat",
        "0.1% milk 250 ml            | milk-skim",
        "200 g yogurt 3.5%           | yogurt-whole",
        "200 g 2% greek yogurt       | yogurt-greek-lowfat",
        "200 g Greek yogurt, 0% fat  | yogurt-greek-skim",
        "1 cup 2% cottage cheese     | cottage-cheese-lowfat",
        "250 g quark 20%             | quark-half",
        "35% cream, 100 ml           | cream-heavy",
        "100 ml cream (30 %)         | cream-whipping",
        "100 ml creme fraiche 15 %   | creme-fraiche-light",
        "70% dark chocolate, 50 g    | chocolate-dark",
        "30 g chocolate 85%          | chocolate-dark",
        "100% whole wheat flour, 1 cup | wheat-flour-whole"
      })
  void fatInPerCentIsTheFoodThatHoldsIt(String text, String food) {
    assertThat(only(text).food().id()).isEqualTo(food);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "250 ml 2.6% milk",
        "200 g 8% greek yogurt",
        "250 g quark 40 %",
        "20% butter 50 g"
      })
  void aShareThatNoFoodHasIsAsked(String text) {
    assertThat(LISTENER.told(text).lines())
        .as(text)
        .anyMatch(line -> !(LISTENER.reading(line) instanceof Understood));
  }
}
