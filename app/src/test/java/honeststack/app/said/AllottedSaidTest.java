package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Where parts of a listed food go, and all of it, told in the method below. */
class AllottedSaidTest {
  private static final String TEXTS =
      """
      200 g flour⏎30 g butter⏎2 eggs⏎⏎Melt the butter, use 10 g for the pan and 20 g for the batter.|wheat-flour-white=200,butter=20,butter@PAN=10,egg=100
      200 g flour⏎30 g butter⏎2 eggs⏎⏎Melt the butter. 20 g go in the batter, 10 g in the pan.|wheat-flour-white=200,butter=20,butter@PAN=10,egg=100
      200 g flour⏎30 g butter⏎2 eggs⏎⏎Put 20 g of the butter in the batter and the rest in the pan.|wheat-flour-white=200,butter=20,butter@PAN=10,egg=100
      200 g flour⏎30 g butter⏎2 eggs⏎⏎Keep 10 g of butter for the pan.|wheat-flour-white=200,butter=20,butter@PAN=10,egg=100
      200 g flour⏎30 g butter⏎2 eggs⏎⏎Set aside 10 g butter for frying.|wheat-flour-white=200,butter=20,butter@PAN=10,egg=100
      200 g flour⏎30 g butter⏎2 eggs⏎⏎Use a third of the butter to grease the iron.|wheat-flour-white=200,butter=20,butter@PAN=10,egg=100
      200 g flour⏎30 g butter⏎2 eggs⏎⏎Stir in two thirds of the butter; the rest is for the iron.|wheat-flour-white=200,butter=20,butter@PAN=10,egg=100
      200 g flour⏎30 g butter⏎2 eggs⏎⏎Half the butter goes into the pan.|wheat-flour-white=200,butter=15,butter@PAN=15,egg=100
      200 g flour⏎30 g butter⏎2 eggs⏎⏎Fry in half of the butter.|wheat-flour-white=200,butter=15,butter@PAN=15,egg=100
      200 g flour⏎30 g butter⏎2 eggs⏎⏎Fry in the butter.|wheat-flour-white=200,butter@PAN=30,egg=100
      200 g flour⏎30 g butter⏎2 eggs⏎⏎Melt the butter in the pan.|wheat-flour-white=200,butter@PAN=30,egg=100
      200 g flour⏎30 g butter⏎2 eggs⏎⏎Melt the butter in the pan and pour it into the batter.|wheat-flour-white=200,butter=30,egg=100
      200 g flour⏎30 g butter⏎2 eggs⏎⏎Melt the butter in a small pan, cool, whisk in.|wheat-flour-white=200,butter=30,egg=100
      200 g flour⏎30 g butter⏎2 eggs⏎⏎Brush the iron with some of the butter.|wheat-flour-white=200,butter=30,egg=100
      200 g flour⏎30 ml oil⏎2 eggs⏎⏎Heat the oil in the pan.|wheat-flour-white=200,oil-sunflower@PAN=28,egg=100
      200 g flour⏎30 ml oil⏎2 eggs⏎⏎Whisk in 1 tbsp of the oil, use the rest for frying.|wheat-flour-white=200,oil-sunflower=14,oil-sunflower@PAN=14,egg=100
      200 g flour⏎60 g sugar⏎2 eggs⏎⏎Beat the whites with 20 g of the sugar.|wheat-flour-white=200,sugar-white=60,egg=100
      200 g flour⏎60 g sugar⏎2 eggs⏎⏎Beat the whites with 20 g sugar. Mix the rest with the flour.|wheat-flour-white=200,sugar-white=60,egg=100
      200 g flour⏎60 g sugar⏎2 eggs⏎⏎Sprinkle 20 g of the sugar over the pancakes.|wheat-flour-white=200,sugar-white=40,sugar-white@PLATE=20,egg=100
      200 g flour⏎60 g sugar⏎2 eggs⏎⏎Use 40 g of the sugar in the batter, the rest to sprinkle.|wheat-flour-white=200,sugar-white=40,sugar-white@PLATE=20,egg=100
      200 g flour⏎150 g berries, blueberries⏎2 eggs⏎⏎Fold in 100 g of the blueberries, serve with the rest.|wheat-flour-white=200,blueberries=100,blueberries@PLATE=50,egg=100
      200 g flour⏎150 g blueberries⏎2 eggs⏎⏎Fold in 100 g blueberries and scatter the other 50 g on top.|wheat-flour-white=200,blueberries=100,blueberries@PLATE=50,egg=100
      200 g flour⏎150 g blueberries⏎2 eggs⏎⏎Scatter the blueberries over to serve.|wheat-flour-white=200,blueberries@PLATE=150,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎⏎Start with 200 ml milk, add more as needed.|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎⏎Whisk the flour with 150 ml milk until smooth, then add the eggs and the other 150 ml.|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎⏎Whisk flour, eggs and a third of the milk; add the rest slowly.|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎⏎Beat 1 egg with the milk, then the second.|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎⏎Crack 2 eggs into 200 g flour, add 300 ml milk.|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎⏎Put the 200 g flour in a bowl and pour in the 300 ml milk.|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎⏎Add the 2 eggs one at a time.|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎⏎Grease the pan with 5 g butter.|wheat-flour-white=200,milk-whole=309,egg=100,butter@PAN=5
      200 g flour⏎300 ml milk⏎2 eggs⏎⏎Serve with 20 g honey each (4 people).|wheat-flour-white=200,milk-whole=309,egg=100,honey@PLATE=20;serves 4
      200 g flour⏎300 ml milk⏎2 eggs⏎⏎Add a splash of milk if it is thick.|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎⏎If it is thick add 2 tbsp milk.|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎⏎It was thick so I added 50 ml milk.|wheat-flour-white=200,milk-whole=361,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎⏎Pour 60 ml batter per pancake, 2 min, flip, 1 min.|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎⏎Drop tablespoons of the mix into the pan, 3 at a time.|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎1 banana⏎⏎Mash half the banana into the batter, slice the other half on top.|wheat-flour-white=200,milk-whole=309,egg=100,banana=59,banana@PLATE=59
      200 g flour⏎50 g butter⏎2 eggs⏎Mix flour and eggs with most of the butter, melted. Use what's left of the butter for the pan.|wheat-flour-white=200,butter=50,egg=100
      200 g flour⏎50 g butter⏎2 eggs⏎Rub 40 g of the butter into the flour; fry in the remaining 10 g.|wheat-flour-white=200,butter=40,butter@PAN=10,egg=100
      200 g flour⏎50 g butter⏎2 eggs⏎Rub 40 g of the butter into the flour. Beat in the eggs. Fry in the remaining butter.|wheat-flour-white=200,butter=40,butter@PAN=10,egg=100
      200 g flour⏎50 g butter⏎2 eggs⏎Add half the butter to the batter; the other half greases the iron.|wheat-flour-white=200,butter=25,butter@PAN=25,egg=100
      200 g flour⏎50 g butter⏎2 eggs⏎Add half the butter, and cook in the rest.|wheat-flour-white=200,butter=25,butter@PAN=25,egg=100
      200 g flour⏎50 g butter⏎2 eggs⏎10 g of the butter is for greasing.|wheat-flour-white=200,butter=40,butter@PAN=10,egg=100
      200 g flour, 50 g butter, 2 eggs. Whisk in 40 g of the butter, fry in the rest.|wheat-flour-white=200,butter=40,butter@PAN=10,egg=100
      200 g flour, 50 g butter, 2 eggs. Serve with the rest of the butter after using 30 g in the batter.|wheat-flour-white=200,butter=30,butter@PLATE=20,egg=100
      200 g flour⏎60 ml maple syrup⏎2 eggs⏎Sweeten the batter with 20 ml of the syrup and pour the rest over the stack.|wheat-flour-white=200,maple-syrup=26,maple-syrup@PLATE=53,egg=100
      200 g flour⏎60 ml maple syrup⏎2 eggs⏎Add 1 tbsp of the maple syrup to the batter and drizzle the remainder over the pancakes.|wheat-flour-white=200,maple-syrup=20,maple-syrup@PLATE=59,egg=100
      200 g flour⏎100 g yogurt⏎2 eggs⏎Stir half the yogurt into the batter; spoon the rest over.|wheat-flour-white=200,yogurt-whole=50,yogurt-whole@PLATE=50,egg=100
      200 g flour⏎100 g walnuts⏎2 eggs⏎Fold in three quarters of the walnuts, sprinkle the rest over the top.|wheat-flour-white=200,walnuts=75,walnuts@PLATE=25,egg=100
      200 g flour⏎3 bananas⏎2 eggs⏎Mash 2 of the bananas into the batter, slice the third on top.|wheat-flour-white=200,banana=236,banana@PLATE=118,egg=100
      200 g flour⏎2 bananas⏎2 eggs⏎Mash one banana into the batter and slice the other over the pancakes.|wheat-flour-white=200,banana=118,banana@PLATE=118,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎Mix flour, eggs and half the milk to a paste, then let down with the rest.|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎Hold back 50 ml of the milk until you see how thick it is.|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎Warm 100 ml of the milk with the yeast, the rest stays cold.|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎4 eggs⏎Separate the eggs. Beat 2 of the yolks.|wheat-flour-white=200,egg=200
      200 g flour⏎50 g sugar⏎2 eggs⏎Whip the whites with half the sugar. Stir the other half into the yolks.|wheat-flour-white=200,sugar-white=50,egg=100
      200 g flour⏎50 g sugar⏎2 eggs⏎Whip the whites with half of the sugar and dust with the other half to serve.|wheat-flour-white=200,sugar-white=25,sugar-white@PLATE=25,egg=100
      200 g flour⏎30 ml oil⏎2 eggs⏎Beat in two thirds of the oil. Brush the iron with the rest.|wheat-flour-white=200,oil-sunflower=18,oil-sunflower@PAN=9,egg=100
      200 g flour⏎30 ml oil⏎2 eggs⏎Grease the pan with 1 tsp of the oil for each round.|wheat-flour-white=200,oil-sunflower=23,oil-sunflower@PAN=5,egg=100
      200 g flour⏎30 g butter⏎2 eggs⏎Grease the pan with the butter.|wheat-flour-white=200,butter@PAN=30,egg=100
      200 g flour⏎30 g butter⏎2 eggs⏎Grease the pan with butter.|wheat-flour-white=200,butter=30,egg=100,?butter=0
      200 g flour⏎100 g raspberries⏎2 eggs⏎Top with the raspberries.|wheat-flour-white=200,raspberries@PLATE=100,egg=100
      200 g flour⏎100 g raspberries⏎20 g honey⏎2 eggs⏎Serve with the raspberries and honey.|wheat-flour-white=200,raspberries@PLATE=100,honey@PLATE=20,egg=100
      200 g flour⏎100 g raspberries⏎2 eggs⏎Stir the raspberries in.|wheat-flour-white=200,raspberries=100,egg=100
      Pan: 10 g butter⏎Batter: 30 g butter, 200 g flour, 2 eggs⏎Plate: 10 g butter|butter@PAN=10,butter=30,butter@PLATE=10,wheat-flour-white=200,egg=100
      40 g butter, 200 g flour. Pan: 10 g butter. Top: 30 g butter.|butter=40,wheat-flour-white=200,butter@PAN=10,butter@PLATE=30
      200 g flour⏎30 g butter⏎2 eggs⏎Repeat with the remaining batter.|wheat-flour-white=200,butter=30,egg=100
      200 g flour⏎30 g butter⏎2 eggs⏎Cook the remaining batter in the same way, buttering the pan each time.|wheat-flour-white=200,butter=30,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎Whisk in the milk, a third at a time.|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎Add the milk in three goes.|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎Add the milk bit by bit, about 100 ml at a time.|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎Make a well, crack in the eggs, add a splash of the milk and beat.|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎Make a well, add both eggs and 50 ml of milk, beat, then add the rest of the milk.|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎Beat the eggs with a fork, add to the flour with the milk.|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎Heat oven to 100 C. Preheat a 26 cm pan. Cook 2-3 minutes until bubbles form.|wheat-flour-white=200,milk-whole=309,egg=100
      200 g flour⏎300 ml milk⏎2 eggs⏎Stir 1 tsp of vanilla into the eggs.|wheat-flour-white=200,milk-whole=309,egg=100,vanilla-extract=4
      200 g flour⏎300 ml milk⏎2 eggs⏎Season with 2 g salt.|wheat-flour-white=200,milk-whole=309,egg=100,salt=2
      200 g flour⏎300 ml milk⏎2 eggs⏎Melt 20 g butter and stir in.|wheat-flour-white=200,milk-whole=309,egg=100,butter=20
      200 g flour⏎300 ml milk⏎2 eggs⏎Melt 20 g butter in the pan and tip it into the batter.|wheat-flour-white=200,milk-whole=309,egg=100,butter=20
      200 g flour⏎300 ml milk⏎2 eggs⏎Melt 20 g butter in the pan, swirl, and pour in the batter.|wheat-flour-white=200,milk-whole=309,egg=100,butter@PAN=20
      200 g flour⏎300 ml milk⏎2 eggs⏎Melt 5 g butter in the pan for each pancake, 6 pancakes.|wheat-flour-white=200,milk-whole=309,egg=100,butter@PAN=30;pieces 6
      200 g flour⏎300 ml milk⏎2 eggs⏎Spread each with 10 g jam and roll up. Makes 6.|wheat-flour-white=200,milk-whole=309,egg=100,jam@PLATE=60;pieces 6
      200 g flour⏎300 ml milk⏎2 eggs⏎Stack with 100 g ricotta between.|wheat-flour-white=200,milk-whole=309,egg=100,ricotta-whole@PLATE=100
      200 g flour⏎300 ml milk⏎2 eggs⏎Simmer 200 g blueberries with 20 g sugar for 5 minutes to a sauce.|wheat-flour-white=200,milk-whole=309,egg=100,blueberries@PLATE=200,sugar-white@PLATE=20
      200 g flour⏎300 ml milk⏎2 eggs⏎Meanwhile whip 100 g cream with 10 g sugar.|wheat-flour-white=200,milk-whole=309,egg=100,cream-heavy@PLATE=100,sugar-white@PLATE=10
      200 g flour⏎300 ml milk⏎2 eggs⏎Mix 150 g yogurt with 20 g honey and serve alongside.|wheat-flour-white=200,milk-whole=309,egg=100,yogurt-whole@PLATE=150,honey@PLATE=20
      200 g flour⏎300 ml milk⏎2 eggs⏎Fry 100 g mushrooms in 10 g butter and fill the pancakes with them.|wheat-flour-white=200,milk-whole=309,egg=100,mushrooms@PLATE=100,butter@PLATE=10
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g cheese, cheddar⏎Sprinkle the cheddar over and grill.|wheat-flour-white=200,milk-whole=309,egg=100,cheddar@PLATE=40
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g maple syrup⏎Drizzle with the maple syrup.|wheat-flour-white=200,milk-whole=309,egg=100,maple-syrup@PLATE=40
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g maple syrup⏎Serve warm with maple syrup.|wheat-flour-white=200,milk-whole=309,egg=100,maple-syrup@PLATE=40
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g honey⏎Warm the honey and pour over.|wheat-flour-white=200,milk-whole=309,egg=100,honey@PLATE=40
      200 g flour⏎300 ml milk⏎2 eggs⏎10 g icing sugar⏎Dust with icing sugar.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-icing@PLATE=10
      200 g flour⏎300 ml milk⏎2 eggs⏎10 g icing sugar⏎100 g strawberries⏎Top with strawberries and dust with icing sugar.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-icing@PLATE=10,strawberries@PLATE=100
      200 g flour⏎300 ml milk⏎2 eggs⏎10 g butter⏎Fry in butter.|wheat-flour-white=200,milk-whole=309,egg=100,butter@PAN=10
      200 g flour⏎300 ml milk⏎2 eggs⏎10 ml oil⏎Brush the pan with oil.|wheat-flour-white=200,milk-whole=309,egg=100,oil-sunflower@PAN=9
      200 g flour⏎300 ml milk⏎2 eggs⏎30 g butter⏎Melt the butter and add half to the batter.|wheat-flour-white=200,milk-whole=309,egg=100,butter=30
      200 g flour⏎300 ml milk⏎2 eggs⏎1 lemon⏎Squeeze the lemon over the pancakes.|wheat-flour-white=200,milk-whole=309,egg=100,lemon@PLATE=58
      60 g butter⏎1 tsp salt⏎Melt the butter; whisk 50 g of it into the batter and brush the iron with the rest.|butter=50,butter@PAN=10,salt=6
      60 g butter⏎40 g honey⏎1 tsp salt⏎Melt the butter and fold in half of it. Fry in the rest.|butter=30,butter@PAN=30,honey=40,salt=6
      """;

  @Test
  void aMethodMovesAndAddsNothing() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
