package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * Turns of paragraphs and pages: what is told by its sum or in the sentence behind, what somebody
 * had with them, how many come of a weight of batter; each with all that it measures.
 */
class ParagraphsSaidTest {
  private static final String TEXTS =
      """
      1 avo between four|avocado=201
      1 cup buttermilk or 1 cup of milk soured with a tablespoon of vinegar|buttermilk=245
      1 cup sugar - too sweet, next time 1/2 cup|sugar-white=200
      1 egg less, so 2, and an extra 50 ml milk, 250 in all|egg=100,milk-whole=258
      1 litre of batter at 50 ml a pancake|;pieces 20
      1 tsp coconut oil (pan)⏎2 tbsp peanut butter (top)|oil-coconut@PAN=5,peanut-butter@PLATE=32
      10 g less salt, now 5 g|salt=5
      100 g flour, 1 egg, 150 ml milk makes tea for two|wheat-flour-white=100,egg=50,milk-whole=155;serves 2
      100 g self-raising flour or 100 g plain flour and 1 tsp baking powder|wheat-flour-self-rising=100
      100 g self-raising flour, or plain flour with 1 tsp baking powder, 2 eggs|wheat-flour-self-rising=100,egg=100
      100 ml milk with the juice of half a lemon, 1 tbsp|milk-whole=103,lemon-juice=15
      2 eggs 50 g oats 1 banana = 4 pancakes, had with 20g almond butter|egg=100,oats-rolled=50,banana=118,almond-butter@PLATE=20;pieces 4
      2 eggs or 2 tbsp flax with 6 tbsp water|egg=100
      2 eggs, 200 g flour. Milk to loosen. It takes about 300 ml.|egg=100,wheat-flour-white=200,milk-whole=309
      2 eggs, 50 g oats and 100 ml milk, sweetened with a tablespoon of honey|egg=100,oats-rolled=50,milk-whole=103,honey=21
      2 eggs, 50 ml cream and half a teaspoon of baking powder, sweetened with 10 g honey.|egg=100,cream-heavy=50,baking-powder=2,honey=10
      2 ganze Eier|egg=100
      2 huevos enteros|egg=100
      2 tbsp almond butter (top)|almond-butter@PLATE=32
      2 uova intere|egg=100
      20 g almond butter melted on top|almond-butter@PLATE=20
      20 g honey (top)|honey@PLATE=20
      20 g maple syrup (over)|maple-syrup@PLATE=20
      20 g of almond butter melted over.|almond-butter@PLATE=20
      20 g sugar to roll them in|sugar-white@PLATE=20
      200 flour, 2 eggs, 250 milk. Sugar? 50 but I use 30 now.|wheat-flour-white=200,egg=100,milk-whole=258,sugar-white=30
      200 g flour and 100 ml milk gave us about ten|wheat-flour-white=200,milk-whole=103;pieces 10
      200 g flour and 300 ml milk give us twelve pancakes|wheat-flour-white=200,milk-whole=309;pieces 12
      200 g flour, 1 egg less, so 2, 300 ml milk|wheat-flour-white=200,egg=100,milk-whole=309
      200 g flour, 2 eggs, 300 ml milk. 20 g of butter went on frying.|wheat-flour-white=200,egg=100,milk-whole=309,butter@PAN=20
      200 g flour, 2 eggs, 300 ml milk. 24 big ones, six guys.|wheat-flour-white=200,egg=100,milk-whole=309;pieces 24;serves 6
      200 g flour, 2 eggs, 300 ml milk. I have 60 g raspberries with it.|wheat-flour-white=200,egg=100,milk-whole=309,raspberries@PLATE=60
      200 g flour, 2 eggs, 300 ml milk. I'd put 20 g of sugar in but my wife won't have it.|wheat-flour-white=200,egg=100,milk-whole=309
      200 g flour, 2 eggs, 300 ml milk. Makes 4. Filling per pancake: 20 g jam, 30 g quark.|wheat-flour-white=200,egg=100,milk-whole=309,jam@PLATE=80,quark-lean@PLATE=120
      200 g flour, 2 eggs, 300 ml milk. Makes 4. Inside each: 20 g jam.|wheat-flour-white=200,egg=100,milk-whole=309,jam@PLATE=80
      200 g flour, 2 eggs, 300 ml milk. Sometimes I add 100 g blueberries, today I didn't.|wheat-flour-white=200,egg=100,milk-whole=309
      200 g flour, 2 eggs, 300 ml milk. The batter is 600 g, 60 g a pancake, so ten.|wheat-flour-white=200,egg=100,milk-whole=309;pieces 10
      200 g flour, 2 eggs, 300 ml milk. Total batter 600 g, 50 g each.|wheat-flour-white=200,egg=100,milk-whole=309;pieces 12
      200 g flour, 2 eggs. Butter for the pan. I use 10 g.|wheat-flour-white=200,egg=100,butter@PAN=10
      200 g flour, 2 eggs. Five good sized ones, which I eat with a sliced banana.|wheat-flour-white=200,egg=100,banana@PLATE=118;pieces 5
      200 g flour, 2 eggs. I fry them in butter, 20 g, and there's ten of them.|wheat-flour-white=200,egg=100,butter@PAN=20;pieces 10
      200 g flour, 2 eggs. Inside goes ricotta, 500 g, mixed with 30 g sugar.|wheat-flour-white=200,egg=100,ricotta-whole@PLATE=500,sugar-white@PLATE=30
      200 g flour, 2 eggs. Inside was ricotta, 500 g, with one yolk and 30 g sugar.|wheat-flour-white=200,egg=100,ricotta-whole@PLATE=500,egg-yolk@PLATE=17,sugar-white@PLATE=30
      200 g flour, 2 eggs. Makes 8. One banana between four.|wheat-flour-white=200,egg=100,banana=118;pieces 8
      200 g flour, 300 ml milk, 2 eggs. 3 eggs in all.|wheat-flour-white=200,milk-whole=309,egg=150
      200 g flour, 300 ml milk, 2 eggs. 350 ml milk in all.|wheat-flour-white=200,milk-whole=361,egg=100
      200 g flour, 300 ml milk, 2 eggs. 50 ml more milk, so 350 ml.|wheat-flour-white=200,milk-whole=361,egg=100
      200 g flour, 300 ml milk, 2 eggs. One more egg, so three.|wheat-flour-white=200,milk-whole=309,egg=150
      200 g flour, an extra 50 ml milk, 250 in all|wheat-flour-white=200,milk-whole=258
      200 g sugar to roll them in|sugar-white@PLATE=200
      200 ml milk, 200 g flour, 1 egg, then another 100 ml milk. 300 ml milk in total.|milk-whole=309,wheat-flour-white=200,egg=50
      250 g butter for frying but about 50 left|butter@PAN=200
      250 g lard for the pans, 100 g left in the end|lard@PAN=150
      250 g ricotta and two eggs gives me six little ones|ricotta-whole=250,egg=100;pieces 6
      3 oeufs entiers|egg=150
      3 œufs entiers, 250 g de farine|egg=150,wheat-flour-white=250
      30 g less sugar, that's 70 g|sugar-white=70
      4 dl of milk-water (half and half)|milk-whole=206,water=200
      4 eggs and flour to make a batter. I've found you need about 450 g.|egg=200,wheat-flour-white=450
      400 ml milk-water mix (50:50)|milk-whole=206,water=200
      400 ml milk/water half-half|milk-whole=206,water=200
      60 g sugar for coating|sugar-white@PLATE=60
      600 g batter, portioned at 75 g|;pieces 8
      80 g oats, 2 eggs, cook w/ spray oil, top 150 g yoghurt|oats-rolled=80,egg=100,?oil-sunflower=0,yogurt-whole@PLATE=150
      80 g oats, 2 eggs, cooked with butter, topped 150 g yoghurt|oats-rolled=80,egg=100,?butter=0,yogurt-whole@PLATE=150
      850ml warm milk and water mixed half and half|milk-whole=438,water=425
      A teaspoon of oil sees me through the whole batch.|oil-sunflower@PAN=5
      Ana: sugar?⏎Bo: 50 but I use 30 now|sugar-white=30
      Ana: what was the waffle one again?⏎Bo: 200 flour, 2 eggs, 250 milk, 75 butter⏎Ana: sugar?⏎Bo: 50 but I use 30 now|wheat-flour-white=200,egg=100,milk-whole=258,butter=75,sugar-white=30
      At tea time: 100 g flour, 1 egg.|wheat-flour-white=100,egg=50
      Avocado on top, one avo between four.|avocado@PLATE=201
      Batter came to 960 g, I ladle 80 g each, so twelve.|;pieces 12
      Batter weighs 480 g, 60 g each.|;pieces 8
      Beat 100 g cream cheese with 20 g icing sugar. That goes on top.|cream-cheese@PLATE=100,sugar-icing@PLATE=20
      Breakfast was two pancakes, 20 g peanut butter and 40 g blueberries.|peanut-butter@PLATE=20,blueberries@PLATE=40
      Cinnamon sugar to roll them in, about 60 g.|cinnamon-sugar@PLATE=60
      Combine the dry things (200 g flour, 20 g sugar, 2 tsp baking powder) and the wet things (2 eggs, 300 ml milk).|wheat-flour-white=200,sugar-white=20,baking-powder=9,egg=100,milk-whole=309
      Cook 100 g mushrooms in 10 g butter. Fill the pancakes with them.|mushrooms@PLATE=100,butter@PLATE=10
      Dinner: 3 pancakes with 50 g cheddar and 30 g ham.|cheddar@PLATE=50,ham@PLATE=30
      Dipping sauce is 2 tbsp soy sauce with 1 tbsp vinegar.|soy-sauce@PLATE=32,vinegar-cider@PLATE=15
      For 150 on a Friday we use 6 kg of flour, 9 l milk, 60 eggs and 300 g of sugar. It's one pancake each with a 30 g scoop of applesauce.|wheat-flour-white=6000,milk-whole=9282,egg=3000,sugar-white=300,applesauce@PLATE=30
      For tea we had 100 g flour, 1 egg, 150 ml milk.|wheat-flour-white=100,egg=50,milk-whole=155
      For the kids' tea I do 100 g flour and 1 egg.|wheat-flour-white=100,egg=50
      For two plates: 4 pancakes, 100 g ricotta, 2 figs, 20 g honey.|ricotta-whole@PLATE=100,figs@PLATE=100,honey@PLATE=20
      Four à 180 degrés, 20 minutes|
      Fried in a little butter, maybe 10 g overall.|butter@PAN=10
      He likes 15 g peanut butter with his.|peanut-butter@PLATE=15
      Horno a 180 grados|
      I grease the iron twice, 3 g of oil each time.|oil-sunflower@PAN=6
      I take 200 g of flour, 4 dl of milk-water (half and half), 3 eggs and a half coffee spoon of salt.|wheat-flour-white=200,milk-whole=206,water=200,egg=150,salt=3
      I use 200 g flour of which a quarter is buckwheat, and 2 eggs.|wheat-flour-white=150,buckwheat-flour=50,egg=100
      In my family we make poffertjes of 125 g buckwheat flour, 125 g wheat flour, 7 g dry yeast and 1 egg.|buckwheat-flour=125,wheat-flour-white=125,yeast-dry=7,egg=50
      My son had jam, a tablespoon, and my daughter 20 g of honey.|jam@PLATE=20,honey@PLATE=20
      No syrup, I have 60 g raspberries with it and 30 g ricotta.|raspberries@PLATE=60,ricotta-whole@PLATE=30
      No syrup, I have 60 g raspberries with them and 30 g cream cheese.|raspberries@PLATE=60,cream-cheese@PLATE=30
      Ofen 200 Grad, 20 Minuten.|
      Oven 220 graden|
      Per portion: 3 pancakes, 30 ml maple syrup. Batter makes 30: 900 g flour, 6 eggs.|maple-syrup@PLATE=41,wheat-flour-white=900,egg=300;pieces 30
      Poach 4 halved pears in 500 ml water with 100 g sugar.|pear=712,water=500,sugar-white=100
      Rub the pan with 5 g butter each time, eight times in all.|butter@PAN=40
      Simmer 200 g blueberries with 30 g sugar until they burst. Spoon over the pancakes.|blueberries@PLATE=200,sugar-white@PLATE=30
      Squeeze in the juice of one orange, about 80 ml.|orange-juice=83
      Sugar to roll them in, 20 g.|sugar-white@PLATE=20
      Sugar? 50 but I use 30 now.|sugar-white=30
      Take 300 ml milk. Use 200 ml of it to make the batter with 150 g flour; the rest thins it later.|milk-whole=309,wheat-flour-white=150
      The batter weighed 900 g and I ladle 75 g, that makes twelve.|;pieces 12
      The usual batch (200 g flour and 2 eggs).|wheat-flour-white=200,egg=100
      The whole batter weighed 1.2 kg and each pancake gets 80 g.|;pieces 15
      This week (200 g flour, 2 eggs): good.|wheat-flour-white=200,egg=100
      Two pancakes from the shop with 5 g butter and a teaspoon of honey.|butter@PLATE=5,honey@PLATE=7
      Two shop waffles, toasted, with 20 g jam.|jam@PLATE=20
      Ugn 225 grader, 25 min.|
      We are five, so I count 300 g flour and 750 ml milk. It gives ten. On each: 30 g of emmental. 5 g butter in the pan each time.|wheat-flour-white=300,milk-whole=773,cheese-swiss@PLATE=300,butter@PAN=50
      We double this at the firehouse: 4 eggs, 500 g flour. That is already doubled.|egg=200,wheat-flour-white=500
      We double this: 400 g flour, 4 eggs. That already is the doubled amount.|wheat-flour-white=400,egg=200
      We halve it: 100 g flour, 1 egg. That's the halved version.|wheat-flour-white=100,egg=50
      Whisk 200 g flour with 200 ml milk. Add 2 eggs and another 100 ml milk. 300 ml milk in all.|milk-whole=309,wheat-flour-white=200,egg=100
      With that I have 80 g strawberries.|strawberries@PLATE=80
      buttermilk 1 cup, or 1 cup milk + 1 Tbsp lemon juice|buttermilk=245
      cherries from the glass, 350 g drained, and 200 ml whipped cream|cherries-sweet=350,cream-whipped=101
      egg white 90g / sugar 30g|egg-white=90,sugar-white=30
      flour-200g, egg-2, milk-250ml, sugar-1tbsp, salt-pinch|wheat-flour-white=200,egg=100,milk-whole=258,sugar-white=13,salt=0
      half a tub of ricotta to use up, 125 g, and one egg|ricotta-whole=125,egg=50
      oat flour;120⏎egg;100⏎honey (top);30|oat-flour=120,egg=100,honey@PLATE=30
      one more egg than last time, so 4|egg=200
      per stack: 30 g whey, 2 eggs, 50 g oat flour. topping 15 g honey|whey-protein=30,egg=100,oat-flour=50,honey@PLATE=15
      syrup on top, two tablespoons of maple syrup|maple-syrup@PLATE=40
      then jam on them, a spoon of strawberry jam|jam@PLATE=20
      there's yogurt on mine 100 g of yogurt|yogurt-whole@PLATE=100
      three hundred grams of flour and five hundred mil of milk give me fifteen or sixteen|wheat-flour-white=300,milk-whole=516;pieces 15..16
      two cups flour one cup milk two eggs one teaspoon salt gives me eight|wheat-flour-white=270,milk-whole=244,egg=100,salt=6;pieces 8
      two eggs 100 g flour gives me eight|egg=100,wheat-flour-white=100;pieces 8
      two teaspoons of baking powder teaspoon cinnamon one egg|baking-powder=9,cinnamon=3,egg=50
      two teaspoons of baking powder teaspoon pumpkin spice one egg|baking-powder=9,pumpkin-spice=2,egg=50
      waffles for me and the wife two cups flour one cup milk two eggs half teaspoon vanilla gives us four big ones|wheat-flour-white=270,milk-whole=244,egg=100,vanilla-extract=2;pieces 4
      we have honey on ours, about a tablespoon of honey each|honey@PLATE=21
      whole egg 150g / yolk 40g / sugar 60g|egg=150,egg-yolk=40,sugar-white=60
      yolk 40g / sugar 60g / flour 180g / milk 450g|egg-yolk=40,sugar-white=60,wheat-flour-white=180,milk-whole=450
      yolks 40 g / whites 100 g / sugar 20 g|egg-yolk=40,egg-white=100,sugar-white=20
      zest of the lemon and its juice, 40 ml|lemon-juice=41,lemon-zest=6
      """;

  @Test
  void whatAParagraphTellsIsMeasured() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
