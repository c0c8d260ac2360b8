package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Lists, letters and pages put together by lot: each line counts, and nothing else. */
class PlainListsSaidTest {
  private static final String TEXTS =
      """
      Saturday pancakes⏎⏎Ingredients⏎1 egg⏎200 g of rolled oats, blitzed to a flour⏎2 egg yolks⏎150 ml of milk, lukewarm⏎Serves 4|egg=50,oats-rolled=200,egg-yolk=34,milk-whole=155
      For the batter:⏎* 20 g walnuts⏎* 50 grams ground almonds⏎* 1 egg, at room temperature⏎Makes 8|walnuts=20,almonds-ground=50,egg=50
      Ingredients:⏎- 100ml buttermilk⏎- 200 g ground almonds⏎- 80 grams rolled oats⏎- 2 teaspoons baking powder⏎- 80 g of unbleached plain flour⏎Serves 4|buttermilk=103,almonds-ground=200,oats-rolled=80,baking-powder=9,wheat-flour-white=80
      Ingredients:⏎* 1 banana, mashed⏎* 100 ml buttermilk, shaken⏎* 80 g of butter (melted and cooled)⏎* 80 grams ground almonds|banana=118,buttermilk=103,butter=80,almonds-ground=80
      Ingredients:⏎* 80 g raisins (soaked in hot water)⏎* 30 grams ground almonds, finely ground⏎* 1 tsp salt (see note)⏎* 1 egg yolk, beaten⏎⏎1. Whisk it all together.⏎2. Cook for 2 minutes a side.|raisins=80,almonds-ground=30,salt=6,egg-yolk=17
      For the batter:⏎• 1 tsp salt⏎• 30g walnuts (about a cup)⏎• 300 ml of water⏎• 30 g ricotta, well drained⏎⏎1. Whisk it all together.⏎2. Cook for 2 minutes a side.|salt=6,walnuts=30,water=300,ricotta-whole=30
      · 3 egg yolks, beaten⏎· 150 grams ricotta⏎· 2 teaspoons baking powder (any kind)⏎· 2 teaspoons ground cinnamon⏎⏎Method⏎Mix everything. Rest 20 minutes. Fry.|egg-yolk=51,ricotta-whole=150,baking-powder=9,cinnamon=5
      Ingredients:⏎· 2 tsp fine salt⏎· 150 ml of water⏎· 100 grams walnuts (roughly chopped)⏎⏎Method⏎Mix everything. Rest 20 minutes. Fry.|salt=12,water=150,walnuts=100
      · 150ml buttermilk⏎· 80g plain flour, sifted⏎· 200ml milk, lukewarm⏎Makes 8|buttermilk=155,wheat-flour-white=80,milk-whole=206
      Weir cakes⏎• 1 teaspoon ground cinnamon⏎• 3 bananas⏎• 150 g of unbleached plain flour⏎• 1 egg⏎• 1 tsp fine salt⏎• 2 teaspoons baking powder, sifted⏎Makes 8|cinnamon=3,banana=354,wheat-flour-white=150,egg=50,salt=6,baking-powder=9
      For the batter:⏎1 tsp salt⏎2 teaspoons cinnamon⏎30 g of ricotta⏎200 ml of milk⏎Serves 4|salt=6,cinnamon=5,ricotta-whole=30,milk-whole=206
      Saturday pancakes⏎⏎Ingredients⏎* 20 g of walnuts⏎* 2 tsp ground cinnamon⏎* 50 grams ricotta (weighed)⏎Serves 4|walnuts=20,cinnamon=5,ricotta-whole=50
      Saturday pancakes⏎⏎Ingredients⏎• 150 grams ground almonds, finely ground⏎• 80 g of caster sugar⏎• 2 bananas (see note)⏎• 300ml milk (lukewarm)⏎Serves 4|almonds-ground=150,sugar-white=80,banana=236,milk-whole=309
      Weir cakes⏎2 egg yolks⏎150g butter⏎150ml water⏎100ml milk, lukewarm⏎150 ml buttermilk (room temp)⏎200 g of rolled oats⏎Makes 8|egg-yolk=34,butter=150,water=150,milk-whole=103,buttermilk=155,oats-rolled=200
      Ingredients:⏎• 150g raisins (soaked)⏎• 50 ml water⏎• 100 ml of milk⏎• 100g caster sugar⏎Serves 4|raisins=150,water=50,milk-whole=103,sugar-white=100
      For the batter:⏎- 2 tsp cinnamon⏎- 100 ml milk⏎- 50 g of ground almonds, finely ground⏎- 2 large eggs⏎- 30 g walnuts⏎⏎1. Whisk it all together.⏎2. Cook for 2 minutes a side.|cinnamon=5,milk-whole=103,almonds-ground=50,egg=100,walnuts=30
      • 200ml water, boiling⏎• 2 teaspoons fine salt⏎• 2 eggs (the last of the bag)⏎• 200 g plain flour⏎⏎Method⏎Mix everything. Rest 20 minutes. Fry.|water=200,salt=12,egg=100,wheat-flour-white=200
      Weir cakes⏎150g raisins, soaked⏎3 bananas, sliced⏎50 grams caster sugar (from the market)⏎100 ml water⏎Serves 4|raisins=150,banana=354,sugar-white=50,water=100
      - 30 g rolled oats⏎- 200g ground almonds, finely ground⏎- 1 egg (organic)|oats-rolled=30,almonds-ground=200,egg=50
      Weir cakes⏎20 g ground rolled oats⏎50 ml of water (warm)⏎30 g of caster sugar⏎150ml buttermilk, at room temperature⏎100g plain flour (from the market)|oats-rolled=20,water=50,sugar-white=30,buttermilk=155,wheat-flour-white=100
      Ingredients:⏎· 1 banana, mashed⏎· 30 grams ricotta⏎· 100 grams walnuts⏎· 50ml milk (the last of the bag)⏎· 2 teaspoons cinnamon⏎· 200ml buttermilk⏎Makes 8|banana=118,ricotta-whole=30,walnuts=100,milk-whole=52,cinnamon=5,buttermilk=206
      Ingredients:⏎80 g ricotta⏎2 teaspoons ground cinnamon⏎1 egg⏎⏎Method⏎Mix everything. Rest 20 minutes. Fry.|ricotta-whole=80,cinnamon=5,egg=50
      Mix 200ml milk in a bowl. Tip in 80 g of ground almonds. We take 80g rye flour. Brush the iron with 200 g butter. And 200g honey on the plate. Enough for 8 pancakes.|milk-whole=206,almonds-ground=80,rye-flour-medium=80,butter@PAN=200,honey@PLATE=200;pieces 8
      Stir in 100ml milk and 200 g of ricotta. Beat in 100ml buttermilk. Fry in 50 g butter. Scatter 100 g jam over. Cook over a medium heat.|milk-whole=103,ricotta-whole=200,buttermilk=103,butter@PAN=50,jam@PLATE=100
      150 g of caster sugar, 30 g cocoa and 1 egg go in. I used 50 ml milk. We take 150g rye flour. Cook them in 20 g of lard. Cook over a medium heat. Enough for 6 pancakes.|sugar-white=150,cocoa=30,egg=50,milk-whole=52,rye-flour-medium=150,lard@PAN=20;pieces 6
      Beat in 1 tsp cinnamon. I used 2 eggs. You need 150g oats and 50g rye flour. Now add 150g ground almonds. 20g lard for the pan. Scatter 20g walnuts over.|cinnamon=3,egg=100,oats-rolled=150,rye-flour-medium=50,almonds-ground=150,lard@PAN=20,walnuts@PLATE=20
      Then 2 tsp salt and 200g cocoa. Heat the pan first. Whisk in 80 g caster sugar. You need 3 bananas. 50 g of walnuts to go with them. Keep them warm at 80 degrees.|salt=12,cocoa=200,sugar-white=80,banana=354,walnuts@PLATE=50
      Beat in 1 tsp baking powder. Whisk 3 eggs and 3 egg yolks together. Use 100g butter for frying. I got 6.|baking-powder=5,egg=150,egg-yolk=51,butter@PAN=100;pieces 6
      Whisk 2 egg yolks, 1 tsp cinnamon and 1 banana together. Then 50 g rye flour. And 150g mascarpone on the plate. And 50 g of jam on the plate.|egg-yolk=34,cinnamon=3,banana=118,rye-flour-medium=50,mascarpone@PLATE=150,jam@PLATE=50
      1 banana goes in. Start with 1 egg yolk. Heat the pan first. Now add 20g ground almonds. Now add 80g caster sugar. Top with 20g raspberries. It should be thick. I got 6.|banana=118,egg-yolk=17,almonds-ground=20,sugar-white=80,raspberries@PLATE=20;pieces 6
      Then 1 banana, 80 g of caster sugar and 2 tsp salt. Start with 200ml milk and 200 g of cocoa. Top with 30 g honey. 8 came out.|banana=118,sugar-white=80,salt=12,milk-whole=206,cocoa=200,honey@PLATE=30;pieces 8
      Next comes 30 g of ricotta. Start with 100g cocoa. Stir in 2 bananas. 30g butter for the pan. We eat them with 30g maple syrup.|ricotta-whole=30,cocoa=100,banana=236,butter@PAN=30,maple-syrup@PLATE=30
      I used 1 egg, 2 tsp baking powder and 50 g oats. Start with 1 tsp cinnamon. Finish with 30g raspberries.|egg=50,baking-powder=9,oats-rolled=50,cinnamon=3,raspberries@PLATE=30
      Now add 300 ml of milk. Start with 1 tsp salt and 50 ml of buttermilk. You need 20 g of plain flour. 20 g of lard for the pan.|milk-whole=309,salt=6,buttermilk=52,wheat-flour-white=20,lard@PAN=20
      We take 1 tsp cinnamon, 2 egg yolks and 1 tsp baking powder. It should be thick. Beat in 30 g oats and 1 banana. Drizzle 50 g honey over. Keep them warm at 80 degrees.|cinnamon=3,egg-yolk=34,baking-powder=5,oats-rolled=30,banana=118,honey@PLATE=50
      Whisk 2 tsp baking powder and 150 g plain flour together. Mix 1 banana and 100 g oats in a bowl. Stir in 50 ml milk and 300 ml water.|baking-powder=9,wheat-flour-white=150,banana=118,oats-rolled=100,milk-whole=52,water=300
      two hundred and fifty grams of butter three bananas|butter=250,banana=354
      eggs: 4⏎sugar: 250g⏎honey: 2 tbsp|egg=200,sugar-white=250,honey=42
      flour: 200g⏎egg yolk: 1⏎carrots: 4⏎bananas: 3⏎milk: 200ml⏎Serves 4|wheat-flour-white=200,egg-yolk=17,carrot=244,banana=354,milk-whole=206
      carrots 4, water 3 cups Rest it for 30 minutes.|carrot=244,water=711
      I mix three eggs, a hundred millilitres of milk and two hundred millilitres of water.|egg=150,milk-whole=103,water=200
      flour - 3 cups⏎water - 1 cup⏎honey - 1 tbsp Rest it for 30 minutes.|wheat-flour-white=405,water=237,honey=21
      three hundred grams of ricotta, three cups of sugar, two apples, two teaspoons of baking powder, three carrots Rest it for 30 minutes.|ricotta-whole=300,sugar-white=600,apple=364,baking-powder=9,carrot=183
      fifty grams of rye flour two cups of water two apples|rye-flour-medium=50,water=474,apple=364
      apple - 1⏎rye flour - 50g⏎egg whites - 4⏎baking powder - 1 tsp|apple=182,rye-flour-medium=50,egg-white=132,baking-powder=5
      milk - 1 cup⏎eggs - 2⏎baking powder - 2 tsp⏎sugar - 2 tbsp|milk-whole=244,egg=100,baking-powder=9,sugar-white=25
      oats - 50g⏎sugar - 2 cups⏎eggs - 3⏎flour - 200g⏎Serves 4|oats-rolled=50,sugar-white=400,egg=150,wheat-flour-white=200
      four eggs one egg white|egg=200,egg-white=33
      1 egg white, 2 cups sugar Rest it for 30 minutes.|egg-white=33,sugar-white=400
      two hundred grams of sugar two hundred grams of rye flour a hundred grams of ricotta|sugar-white=200,rye-flour-medium=200,ricotta-whole=100
      apples - 3⏎carrot - 1⏎water - 1 cup⏎egg - 1⏎bananas - 3 Rest it for 30 minutes.|apple=546,carrot=61,water=237,egg=50,banana=354
      egg yolks 3, eggs 4, salt 1 tsp, milk 3 cups, egg whites 4|egg-yolk=51,egg=200,salt=6,milk-whole=732,egg-white=132
      2 cups water, 300g ricotta, 3 tbsp honey⏎Serves 4|water=474,ricotta-whole=300,honey=63
      1 banana, 3 cups sugar, 1 egg white Makes 8.|banana=118,sugar-white=600,egg-white=33
      four egg yolks, fifty grams of sugar, four eggs, two teaspoons of baking powder, three carrots Makes 8.|egg-yolk=68,sugar-white=50,egg=200,baking-powder=9,carrot=183
      two cups of water one tablespoon of sugar two cups of milk three hundred grams of flour|water=474,sugar-white=12,milk-whole=488,wheat-flour-white=300
      two tablespoons of sugar four eggs two hundred and fifty grams of butter|sugar-white=25,egg=200,butter=250
      a hundred and fifty grams of oats, two hundred and fifty grams of sugar, two egg yolks, two hundred grams of rye flour, four eggs Rest it for 30 minutes.|oats-rolled=150,sugar-white=250,egg-yolk=34,rye-flour-medium=200,egg=200
      two cups of flour, two teaspoons of salt, two hundred and fifty grams of butter Rest it for 30 minutes.|wheat-flour-white=270,salt=12,butter=250
      one cup of milk fifty grams of butter two hundred grams of flour one apple|milk-whole=244,butter=50,wheat-flour-white=200,apple=182
      three hundred grams of rye flour, fifty grams of sugar, a hundred millilitres of water, two teaspoons of baking powder, three egg whites⏎Serves 4|rye-flour-medium=300,sugar-white=50,water=100,baking-powder=9,egg-white=99
      salt: 2 tsp⏎egg whites: 3⏎carrot: 1 Rest it for 30 minutes.|salt=12,egg-white=99,carrot=61
      a hundred and fifty grams of flour, one teaspoon of baking powder, two hundred grams of rye flour, a hundred grams of butter Rest it for 30 minutes.|wheat-flour-white=150,baking-powder=5,rye-flour-medium=200,butter=100
      50 ml milk, 50 ml water, 3 cups flour and 50 g ricotta|milk-whole=52,water=50,wheat-flour-white=405,ricotta-whole=50
      1 cup milk and 3 egg yolks|milk-whole=244,egg-yolk=51
      3 cups flour, 1 egg white, 1 banana and 3 cups buttermilk|wheat-flour-white=405,egg-white=33,banana=118,buttermilk=735
      3 cups flour, 300 ml water, 3 cups rolled oats|wheat-flour-white=405,water=300,oats-rolled=243
      1 cup buttermilk, 200 g oats, 1 cup sugar|buttermilk=245,oats-rolled=200,sugar-white=200
      4 bananas, 1 cup sugar, 3 cups milk, 1 cup water, 200 g flour|banana=472,sugar-white=200,milk-whole=732,water=237,wheat-flour-white=200
      100 ml milk⏎100 g ricotta⏎2 egg whites⏎1 egg yolk|milk-whole=103,ricotta-whole=100,egg-white=66,egg-yolk=17
      1 apple; 3 bananas|apple=182,banana=354
      3 cups milk⏎50 ml water⏎150 g flour⏎100 g sugar|milk-whole=732,water=50,wheat-flour-white=150,sugar-white=100
      300 g ricotta, 150 g oats and 1 carrot|ricotta-whole=300,oats-rolled=150,carrot=61
      4 apples + 100 g ricotta + 1 egg|apple=728,ricotta-whole=100,egg=50
      1 cup water + 300 g rye flour + 50 g sugar|water=237,rye-flour-medium=300,sugar-white=50
      150 g sugar, 100 ml water, 150 ml milk|sugar-white=150,water=100,milk-whole=155
      1 egg yolk⏎200 g oats|egg-yolk=17,oats-rolled=200
      2 cups flour, 1 egg yolk, 200 g rye flour|wheat-flour-white=270,egg-yolk=17,rye-flour-medium=200
      4 egg yolks, 250 g sugar, 200 ml milk and 200 g flour|egg-yolk=68,sugar-white=250,milk-whole=206,wheat-flour-white=200
      1 cup rolled oats; 150 ml milk; 2 cups water|oats-rolled=81,milk-whole=155,water=474
      200 g flour⏎3 onions⏎150 g oats⏎50 ml water|wheat-flour-white=200,onion=330,oats-rolled=150,water=50
      2 onions, 1 apple, 100 g oats, 100 g sugar and 3 cups buttermilk|onion=220,apple=182,oats-rolled=100,sugar-white=100,buttermilk=735
      3 carrots⏎200 g oats⏎2 apples⏎300 ml water⏎50 g sugar|carrot=183,oats-rolled=200,apple=364,water=300,sugar-white=50
      150 g sugar + 300 g oats + 3 cups flour + 3 cups water + 2 egg yolks|sugar-white=150,oats-rolled=300,wheat-flour-white=405,water=711,egg-yolk=34
      3 carrots; 150 g oats; 150 ml water; 3 cups flour|carrot=183,oats-rolled=150,water=150,wheat-flour-white=405
      3 bananas, 2 cups water, 3 apples|banana=354,water=474,apple=546
      3 cups water + 100 g oats + 2 carrots + 50 g ricotta|water=711,oats-rolled=100,carrot=122,ricotta-whole=50
      50 g oats, 300 ml water, 250 g sugar|oats-rolled=50,water=300,sugar-white=250
      300 ml water and 1 banana|water=300,banana=118
      3 cups water; 150 g flour|water=711,wheat-flour-white=150
      """;

  @Test
  void everyLineCounts() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
