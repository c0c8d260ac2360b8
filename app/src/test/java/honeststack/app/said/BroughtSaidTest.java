package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** How many there are, by the pack or by weight when ready; what was there and what was taken. */
class BroughtSaidTest {
  private static final String TEXTS =
      """
      Whisk the eggs, of which there are three, with 200 ml milk|egg=150,milk-whole=206
      Whisk the eggs (there are three) with 200 ml milk|egg=150,milk-whole=206
      Whisk the eggs, there are three, with 200 ml milk|egg=150,milk-whole=206
      Beat the eggs, all three, with 200 ml milk|egg=150,milk-whole=206
      Beat the eggs, all three of them, with 200 ml milk|egg=150,milk-whole=206
      Beat the eggs (three of them) with 200 ml milk|egg=150,milk-whole=206
      Beat the eggs, three of them, with 200 ml milk|egg=150,milk-whole=206
      the eggs, of which you need 2, and 100 g flour|egg=100,wheat-flour-white=100
      80 g cottage cheese, blended with the eggs, of which I use three|cottage-cheese=80,egg=150
      Add the milk, of which you need 300 ml|milk-whole=309
      Add the milk, I use 300 ml|milk-whole=309
      Mash the bananas, I use two, and beat in 2 eggs|banana=236,egg=100
      Mash the bananas (I use two) and beat in 2 eggs|banana=236,egg=100
      Crack the eggs – there should be 3 – into 200 ml milk|egg=150,milk-whole=206
      Separate the eggs, we take 4, then add 100 g flour|egg=200,wheat-flour-white=100
      We put a grated apple in, about 120 g.|apple=120
      We always put a grated apple in, about 120 g of it.|apple=120
      I chuck 2 bananas in, 220 g or so, and 2 eggs|banana=220,egg=100
      1 carrot in, 80 g|carrot=80
      Stir a banana through, 100 g, then 200 g flour|banana=100,wheat-flour-white=200
      Grate a courgette in, roughly 200 g, and 2 eggs|egg=100,zucchini=200
      2 bananas, 220 g or so, and 2 eggs|banana=220,egg=100
      200 g or so flour and 2 eggs|egg=100,wheat-flour-white=200
      200 g or so of flour and 2 eggs|egg=100,wheat-flour-white=200
      flour, 200 g or so, and 2 eggs|egg=100,wheat-flour-white=200
      flour 200 g or so, 2 eggs|egg=100,wheat-flour-white=200
      300 ml milk or so, 2 eggs|egg=100,milk-whole=309
      an egg or so, 200 g flour|egg=50,wheat-flour-white=200
      1 case eggs (15 doz)|egg=9000
      1 case of eggs (15 dozen)|egg=9000
      1 tray eggs (30)|egg=1500
      2 boxes of eggs (6 each)|egg=600
      a box of 6 eggs|egg=300
      a half dozen eggs|egg=300
      1 doz eggs|egg=600
      2 doz. eggs|egg=1200
      10 doz eggs and 5 kg flour|egg=6000,wheat-flour-white=5000
      butter, size of a walnut|butter=18
      butter the size of a walnut|butter=18
      butter, size of an egg|butter=50
      lard, the size of an egg|lard=50
      butter, size of a hazelnut|butter=5
      20 cl of cider and 30 of milk|cider=204,milk-whole=309
      200 g flour and 50 of sugar|sugar-white=50,wheat-flour-white=200
      200 g of flour, 50 of sugar and 30 of butter|butter=30,sugar-white=50,wheat-flour-white=200
      3 dl of milk and 2 of water|milk-whole=309,water=200
      2 tbsp of sugar and 1 of cocoa|cocoa=5,sugar-white=25
      20 centilitres of cider, 30 of milk and 10 of water|cider=204,milk-whole=309,water=100
      half a litre of milk and a quarter of water|milk-whole=516,water=250
      15 g of yeast for cakes|baking-powder=15
      15 g cake yeast|yeast-fresh=15
      8 g yeast for bread|yeast-dry=8
      3 eggs, splash milk, bit of cheddar|?cheddar=0,egg=150,milk-whole=15
      3 eggs splash milk|egg=150,milk-whole=15
      3 eggs pinch salt|egg=150,salt=0
      3 eggs splash milk pinch salt|egg=150,milk-whole=15,salt=0
      2 eggs dash vanilla|egg=100,vanilla-extract=1
      2 eggs knob butter|butter=15,egg=100
      2 eggs handful spinach|egg=100,spinach=30
      25 g of butter melted period|butter=25
      25 g of butter period 2 eggs period|butter=25,egg=100
      25 g of butter full stop two eggs full stop|butter=25,egg=100
      25 g of butter comma 2 eggs comma 200 g flour period|butter=25,egg=100,wheat-flour-white=200
      two eggs new paragraph 200 g flour|egg=100,wheat-flour-white=200
      two eggs semicolon 200 g flour|egg=100,wheat-flour-white=200
      200 g flour open bracket sifted close bracket 2 eggs|egg=100,wheat-flour-white=200
      The compote is 300 g of cherries with 20 g sugar, spooned over.|cherries-sweet=300@PLATE,sugar-white=20@PLATE
      The topping is 300 g cherries with 20 g sugar.|cherries-sweet=300@PLATE,sugar-white=20@PLATE
      300 g cherries with 20 g sugar, spooned over|cherries-sweet=300@PLATE,sugar-white=20@PLATE
      300 g cherries cooked with 20 g sugar, spooned over|cherries-sweet=300@PLATE,sugar-white=20@PLATE
      200 g yogurt with 20 g honey spooned over the top|honey=20@PLATE,yogurt-whole=200@PLATE
      200 g yogurt and 20 g honey to serve|honey=20@PLATE,yogurt-whole=200@PLATE
      Stew 200 g rhubarb with 30 g sugar and serve it on top.|rhubarb=200@PLATE,sugar-white=30@PLATE
      100 g sugar - no! 10 g|sugar-white=10
      100 g sugar. No! 10 g|sugar-white=10
      100 g sugar, no!! 10 g|sugar-white=10
      100 g sugar – NO, 10 g|sugar-white=10
      100 g sugar (no! 10 g)|sugar-white=10
      100 g sugar... oh no, 10 g|sugar-white=10
      1 egg each for 4|egg=200;serves 4
      3 bananas (peeled weight 300 g)|banana=300
      3 bananas (total weight 300 g)|banana=300
      3 bananas (net weight 300 g)|banana=300
      3 bananas (combined weight 300 g)|banana=300
      3 bananas (prepared weight 300 g)|banana=300
      3 bananas (about 300 g in total)|banana=300
      3 bananas (all in all 300 g)|banana=300
      3 bananas (without skin 300 g)|banana=300
      3 bananas (skinned, 300 g)|banana=300
      3 bananas (mashed: 300 g)|banana=300
      3 bananas (that was 300 g)|banana=300
      3 bananas (they came to 300 g)|banana=300
      3 bananas (which came to 300 g)|banana=300
      3 bananas (it weighed 300 g)|banana=300
      3 bananas (weighed 300 g)|banana=300
      3 bananas (scale says 300 g)|banana=300
      3 bananas (I weighed them: 300 g)|banana=300
      3 bananas (roughly 300 g of mash)|banana=300
      3 bananas (300 g once peeled)|banana=300
      3 bananas (300 g altogether)|banana=300
      3 bananas (gives 300 g)|banana=300
      3 bananas (yields 300 g mash)|banana=300
      3 bananas (makes about 300 g)|banana=300
      3 bananas (you want 300 g)|banana=300
      3 bananas (need 300 g)|banana=300
      3 bananas (300 g net)|banana=300
      3 bananas (edible part 300 g)|banana=300
      3 bananas (after peeling 300 g)|banana=300
      3 bananas (after peeling, 300 g)|banana=300
      3 bananas (peeled they weigh 300 g)|banana=300
      3 bananas (when peeled, 300 g)|banana=300
      3 bananas (300 g flesh)|banana=300
      3 bananas, 300 g peeled weight|banana=300
      3 bananas, total weight 300 g|banana=300
      3 bananas, 300 g in total|banana=300
      3 bananas, together 300 g|banana=300
      3 bananas, they weighed 300 g|banana=300
      3 bananas, weighing in at 300 g|banana=300
      3 bananas, coming to 300 g|banana=300
      3 bananas that weighed 300 g|banana=300
      3 bananas that came to 300 g|banana=300
      3 bananas which is 300 g|banana=300
      3 bananas: 300 g of flesh|banana=300
      3 bananas: 300 g|banana=300
      3 bananas - 300 g without skins|banana=300
      2 apples (cored weight 250 g)|apple=250
      2 courgettes (trimmed weight 250 g)|zucchini=250
      2 onions (chopped weight 150 g)|onion=150
      4 eggs (shelled weight 210 g)|egg=210
      4 eggs (200 g without shells)|egg=200
      4 eggs (out of the shell 200 g)|egg=200
      whisk together 2 eggs and 200 ml milk then add 150 g flour|egg=100,milk-whole=206,wheat-flour-white=150
      to 200 g flour add 2 eggs and 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      into 300 ml milk whisk 2 eggs, then 200 g flour|egg=100,milk-whole=309,wheat-flour-white=200
      2 eggs go into 300 ml milk with 200 g flour|egg=100,milk-whole=309,wheat-flour-white=200
      in the blender: 2 eggs, 1 banana, 50 g oats|banana=118,egg=100,oats-rolled=50
      wet: 2 eggs, 300 ml milk; dry: 200 g flour, 5 g salt|egg=100,milk-whole=309,salt=5,wheat-flour-white=200
      dry bowl 200 g flour 5 g salt wet bowl 2 eggs 300 ml milk|egg=100,milk-whole=309,salt=5,wheat-flour-white=200
      night before: 200 g flour, 300 ml milk. In the morning: 2 eggs, 5 g salt.|egg=100,milk-whole=309,salt=5,wheat-flour-white=200
      on Saturday I soak 100 g oats in 200 ml milk, on Sunday I add 2 eggs|egg=100,milk-whole=206,oats-rolled=100
      first the 2 eggs, then the 300 ml milk, last the 200 g flour|egg=100,milk-whole=309,wheat-flour-white=200
      I need 200 g flour, 2 eggs and 300 ml milk from the shop|egg=100,milk-whole=309,wheat-flour-white=200
      shopping: flour, eggs, milk. Recipe: 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      have 500 g flour in the cupboard, need 200 g|wheat-flour-white=200
      there are 10 eggs in the fridge, I take 2, and 200 g flour|egg=100,wheat-flour-white=200
      from a dozen eggs I used 2, with 200 g flour|egg=100,wheat-flour-white=200
      the carton holds 1 l milk, I poured in 300 ml|milk-whole=309
      opened a new 1 kg bag of flour and took 200 g|wheat-flour-white=200
      bought 1 kg of flour, used 200 g of it|wheat-flour-white=200
      there was 300 g flour left, I used it all, with 2 eggs|egg=100,wheat-flour-white=300
      used up 300 g flour and the last 2 eggs|egg=100,wheat-flour-white=300
      spilled 50 g of the 250 g flour, so 200 g went in|wheat-flour-white=200
      one of the 3 eggs was off, so 2 eggs, and 200 g flour|egg=100,wheat-flour-white=200
      3 eggs, one of them was off|egg=100
      cracked 3 eggs but one fell on the floor|egg=100
      dropped an egg so only 2, and 200 g flour|egg=100,wheat-flour-white=200
      200 g flour, minus a spoonful|wheat-flour-white=192
      200 g flour minus 20 g|wheat-flour-white=180
      200 g flour less 20 g|wheat-flour-white=180
      a cup of flour minus 2 tbsp|wheat-flour-white=118
      1 cup minus 2 tbsp flour plus 2 tbsp cornflour|corn-starch=16,wheat-flour-white=118
      2 eggs (she says 3), 200 g flour|egg=100,wheat-flour-white=200
      some people use 3 eggs, I use 2|egg=100
      most recipes have 3 eggs; this has 2|egg=100
      with 3 eggs it was too eggy so now 2 eggs|egg=100
      3 eggs is too many, 2 is right|egg=100
      I tried 3 eggs, 2 works better|egg=100
      last week 3 eggs, this week 2 eggs and 200 g flour|egg=100,wheat-flour-white=200
      2 eggs (4 if doubling), 200 g flour|egg=100,wheat-flour-white=200
      Fry 2 sliced bananas in 10 g butter and pile on top|banana=236@PLATE,butter=10@PLATE
      2 bananas fried in 10 g butter, on top|banana=236@PLATE,butter=10@PLATE
      Serve with 2 bananas fried in 10 g butter|banana=236@PLATE,butter=10@PLATE
      cook 200 g blueberries with 20 g sugar and spoon over|blueberries=200@PLATE,sugar-white=20@PLATE
      simmer 200 g blueberries with 20 g sugar until syrupy, for serving|blueberries=200@PLATE,sugar-white=20@PLATE
      200 g blueberries stirred into the batter|blueberries=200
      200 g blueberries, half in the batter and half over the top|blueberries=100,blueberries=100@PLATE
      press 100 g blueberries into the tops while they cook|blueberries=100
      drop 50 g chocolate chips onto the batter in the pan|chocolate-chips=50
      sprinkle 30 g sesame seeds onto the wet side|sesame-seeds=30
      brush the cooked pancakes with 20 g butter|butter=20@PLATE
      brush the pan with 5 g butter|butter=5@PAN
      5 g butter in the pan|butter=5@PAN
      5 g butter into the pan for each, makes 6|butter=30@PAN
      swirl 5 ml oil round the pan|oil-sunflower=5@PAN
      heat 10 ml oil, fry in batches|oil-sunflower=9@PAN
      heat 10 g butter until foaming and pour in the batter|butter=10@PAN
      melt 10 g butter in the pan and pour it into the batter|butter=10
      melt 30 g butter, use 20 g in the batter and the rest for frying|butter=20,butter=10@PAN
      melt 30 g butter, stir most of it in and keep the rest for the pan|butter=30
      30 g butter: 20 g batter, 10 g pan|butter=20,butter=10@PAN
      30 g butter (20 g for the batter, 10 g for the pan)|butter=20,butter=10@PAN
      20 g butter (batter) + 10 g butter (pan)|butter=20,butter=10@PAN
      butter: 20 g in, 10 g to fry, 10 g on top|butter=20,butter=10@PAN,butter=10@PLATE
      spread with 40 g jam and roll up|jam=40@PLATE
      fill with 100 g ricotta and fold|ricotta-whole=100@PLATE
      stuff them with 100 g ham and 80 g cheddar|cheddar=80@PLATE,ham=100@PLATE
      layer with 200 g whipped cream|cream-whipped=200@PLATE
      eat with 30 g maple syrup|maple-syrup=30@PLATE
      drizzled with 20 g honey|honey=20@PLATE
      finished with 10 g icing sugar|sugar-icing=10@PLATE
      dredge with 10 g sugar|sugar-white=10@PLATE
      roll the hot ones in 20 g cinnamon sugar|cinnamon-sugar=20@PLATE
      with 20 g butter melting on the stack|butter=20@PLATE
      alongside 2 rashers of bacon|bacon=16@PLATE
      garnish: 5 g mint|mint=5@PLATE
      to finish 20 g flaked almonds|almonds-sliced=20@PLATE
      crowned with 50 ml whipped cream|cream-whipped=25@PLATE
      under a blanket of 50 g yogurt|yogurt-whole=50@PLATE
      soaked in 50 ml orange juice after frying|orange-juice=52@PLATE
      flambé with 20 ml rum|rum=19@PLATE
      500 g flour, 10 g salt, 7 g yeast, 350 ml milk (all by weight)|milk-whole=361,salt=10,wheat-flour-white=500,yeast-dry=7
      2 eggs weighing 120 g|egg=120
      2 eggs of 60 g|egg=120
      2 eggs at 60 g each|egg=120
      2 60 g eggs|egg=120
      two 50g eggs|egg=100
      2 x 50g eggs|egg=100
      1 egg (50g w/o shell)|egg=50
      2 med eggs|egg=88
      1 goose egg|egg-goose=144
      2 egg whites (70 g)|egg-white=70
      70 g egg white (about 2)|egg-white=70
      whites of 2 eggs|egg-white=66
      2 eggs, whites only|egg-white=66
      2 eggs, just the yolks|egg-yolk=34
      the yolks from 3 eggs|egg-yolk=51
      3 eggs, yolks and whites apart|egg=150
      2 whole eggs and 2 whites|egg=100,egg-white=66
      2 eggs + 1 extra white|egg=100,egg-white=33
      1 tbsp of beaten egg|egg=15
      half a beaten egg|egg=25
      1/2 egg, beaten|egg=25
      liquid egg 100 ml|egg=103
      100 g liquid egg white|egg-white=100
      1 x 400 g tin coconut milk|coconut-milk=400
      half a 400 ml tin of coconut milk|coconut-milk=191
      a 160 ml tin of coconut cream|coconut-cream=160
      1 carton (200 ml) coconut cream|coconut-cream=200
      a 25 g sachet of cocoa|cocoa=25
      2 sachets (8 g each) vanilla sugar|vanilla-sugar=16
      1 pkt (16 g) baking powder|baking-powder=16
      one third of a 60 g pack of pistachios|pistachios=20
      2 squares (20 g) dark chocolate|chocolate-dark=20
      4 squares of dark chocolate, 10 g each|chocolate-dark=40
      half a 100 g bar of dark chocolate|chocolate-dark=50
      2 slices of bread (35 g each)|bread-white=70
      2 bananas (about 100 g each)|banana=200
      2 bananas, each about 100 g|banana=200
      2 bananas at around 100 g|banana=200
      2 x 100 g bananas|banana=200
      4 strawberries, 15 g apiece|strawberries=60
      """;

  @Test
  void whatGoesInCounts() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
