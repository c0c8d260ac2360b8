package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Lines of a list, and sentences behind each other, of which none takes anything from another. */
class ListLinesSaidTest {
  private static final String TEXTS =
      """
      50 g butter, no, that was last time, 40 g⏎8 oz plain yogurt⏎one 400 g can sweetcorn⏎300 ml milk|butter=40,yogurt-whole=227,sweet-corn=400,milk-whole=309
      30 g butter, I've also done it with oil⏎100 g rye flour⏎300 ml milk⏎100 g sugar|butter=30,rye-flour-medium=100,milk-whole=309,sugar-white=100
      Leftover porridge, about a cupful, stirred into the batter⏎100 g brown rice flour⏎300 ml milk|oatmeal-cooked=234,rice-flour-brown=100,milk-whole=309
      2 eggs⏎fresh or frozen blueberries, 1 cup|egg=100,blueberries-frozen=155
      1 tbsp white vinegar⏎200 g pepper, has to be black|vinegar-white=15,pepper-black=200
      300 ml milk⏎8 dates, stoned⏎240 ml oat milk, you can swap in soy milk|milk-whole=309,dates=192,oat-drink=249
      100 g brown sugar⏎25 g wheat gluten⏎2 tbsp honey, can be substituted with maple syrup|sugar-brown=100,wheat-gluten=25,honey=42
      60 g sugar, batch 7⏎a dozen eggs⏎two cans of sweetcorn, 200 g each|sugar-white=60,egg=600,sweet-corn=400
      Makes 12⏎200 g flour⏎2 eggs⏎2 packs cream cheese, 200 g each|wheat-flour-white=200,egg=100,cream-cheese=400;pieces 12
      half the sugar: 25 g instead of 50⏎100 g jam (I use strawberry)|sugar-white=25,jam=100
      1 x 375 ml tin evaporated milk⏎200 ml milk, then the other 50 ml|milk-evaporated=399,milk-whole=258
      2 scoops protein powder, scoop = 30 g⏎a scoop of ice cream on top|whey-protein=60,ice-cream-vanilla@PLATE=66
      Sifted flour, 1 cup = 115 g; use 2 cups⏎1 cup milk|wheat-flour-white=230,milk-whole=244
      1 tsp cinnamon⏎200 g canned black beans⏎100 ml milk, and a bit more if it's thick|cinnamon=3,black-beans-canned=200,milk-whole=103
      200 g spelt flour, never the white one⏎100 g rolled oats, not instant|spelt-flour=200,oats-rolled=100
      8 medium eggs⏎the zest of 2 oranges, none of the juice|egg=352,orange-zest=16
      2 tsp baking soda, I mean baking powder⏎1 sachet dried yeast (7 g)|baking-powder=9,yeast-dry=7
      3 tbsp wheat germ⏎250 g low-fat quark|wheat-germ=22,quark-lean=250
      200 g flour⏎50 g hazelnuts⏎walnuts, for crunch|wheat-flour-white=200,hazelnuts=50,?walnuts=0
      half a mango⏎Cocoa: 35 (g)|mango=168,cocoa=35
      Just the one egg. 2 bananas (the riper the better)|egg=50,banana=236
      1 overripe banana, the spottier the better. 200 g peanut butter|banana=118,peanut-butter=200
      Twice the cinnamon: 2 tsp. A tot of rum|cinnamon=5,rum=28
      The sugar is brown, 200 g of it. Maple syrup, 50 g|sugar-brown=200,maple-syrup=50
      2 tbsp honey, though maple syrup will do. 400 g tofu|honey=42,tofu-soft=400
      Four eggs, or was it five? no, four. Zest of an orange|egg=200,orange-zest=8
      1 tin pumpkin purée = 400 g. Lactose-free milk, 250 ml|pumpkin=400,milk-whole=258
      2 eggs, together 100 g. Vanilla extract, 1 tsp|egg=100,vanilla-extract=4
      1 carton sour cream, 400 g. Teff flour, sieved, 1.2 kg|sour-cream=400,teff-flour=1200
      Butter for frying, about 1 tbsp. ½ tsp peppermint extract|butter@PAN=14,peppermint-extract=2
      A generous half cup of sour milk and 2 eggs|kefir=152,egg=100
      """;

  @Test
  void noneTakesFromAnother() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
