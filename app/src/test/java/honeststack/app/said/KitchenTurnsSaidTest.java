package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Turns of the spoken kitchen: two of the 125 g pots, both eggs, seeds each by one word. */
class KitchenTurnsSaidTest {
  private static final String TEXTS =
      """
      2 of the 125 g pots of natural yogurt|yogurt-whole=250
      three of those 60 g pouches of oats|oats-rolled=180
      2 of the small 250 g tubs of ricotta, 2 eggs|ricotta-whole=500,egg=100
      Beat in both eggs, then 200 ml milk.|egg=100,milk-whole=206
      Add both yolks to 150 g ricotta.|egg-yolk=34,ricotta-whole=150
      2 eggs, 100 g flour. Whisk both eggs first.|egg=100,wheat-flour-white=100
      a cup a flour, two cup a milk|wheat-flour-white=135,milk-whole=488
      Mix everything except the walnuts (40 g).|walnuts=40
      Whisk everything but the butter (30 g) and rest it.|butter=30
      60 g dates, figs, prunes, whatever you have|dates=60
      50 g walnuts, pecans, almonds – whatever is in the cupboard|walnuts=50
      Nobody had sugar. 200 g flour, 2 eggs.|wheat-flour-white=200,egg=100
      200 g flour, 2 eggs. None of the kids wanted honey.|wheat-flour-white=200,egg=100
      a teaspoon of oil in the pan each time, eight times|oil-sunflower@PAN=36
      Butter the iron each time, 3 g, six times over.|butter@PAN=18
      I buttered the iron six times with 2 g butter.|butter@PAN=12
      200 g flour. Two rounds, six each, so 12|wheat-flour-white=200;pieces 12
      200 g flour. 3 full irons of 4 hearts each, so 12|wheat-flour-white=200;pieces 12
      200 g flour. Two trays, eight on each: 16.|wheat-flour-white=200;pieces 16
      200 g flour, 2 eggs. Made in a kitchen that also handles peanuts and milk.|wheat-flour-white=200,egg=100
      200 g flour, 2 eggs. We store nuts and sesame, so traces are possible.|wheat-flour-white=200,egg=100
      zucchini 400 g (300 after squeezing)|zucchini=300
      250 g carrots (210 peeled), 2 eggs|carrot=210,egg=100
      carrots 250 g, 210 g peeled, 2 eggs|carrot=210,egg=100
      600 g potatoes (squeezed dry: 420 g)|potato=420
      300 g spinach (180 after wilting)|spinach=300
      Whisk 3 yolks in with 30 ml of the milk, and the remaining 270 ml after.|egg-yolk=51,milk-whole=309
      Pour in 150 ml of the milk, then 180 g flour, then the remaining 150 ml.|milk-whole=309,wheat-flour-white=180
      Beat 100 ml milk with 2 eggs, then the remaining 200 ml.|milk-whole=309,egg=100
      Crack in 3 eggs, pour in 100 ml of the milk and whisk before adding the other 200.|egg=150,milk-whole=309
      Seeds: 10 g sunflower, 10 g pumpkin, 5 g sesame|sunflower-seeds=10,pumpkin-seeds=10,sesame-seeds=5
      nuts (20 g hazel, 20 g pecan)|hazelnuts=20,pecans=20
      milk (100 ml oat, 200 ml soy), 2 eggs|oat-drink=103,soy-drink=206,egg=100
      20 g pumpkin, 20 g sunflower and 10 g sesame seeds|pumpkin-seeds=20,sunflower-seeds=20,sesame-seeds=10
      100 g oat and 50 g rice flour|oat-flour=100,rice-flour-white=50
      Chocolate: 50 g dark, 20 g milk|chocolate-dark=50,chocolate-milk=20
      200 g pumpkin and 20 g sunflower seeds|pumpkin=200,sunflower-seeds=20
      30 g coconut and 20 g olive oil|coconut-dried=30,oil-olive=20
      2 pancakes, 15 g honey, 10 g butter: that's my breakfast|honey@PLATE=15,butter@PLATE=10
      Breakfast: 3 waffles, 20 g butter, 30 g maple syrup|butter@PLATE=20,maple-syrup@PLATE=30
      1 waffle + 50 g strawberries + 30 g yogurt|strawberries@PLATE=50,yogurt-whole@PLATE=30
      3 waffles: 200 g flour, 2 eggs, 300 ml milk|wheat-flour-white=200,egg=100,milk-whole=309
      Flour 250 → 220, milk 400 → 430, rest as is (2 eggs, 5 g salt)|wheat-flour-white=220,milk-whole=443,egg=100,salt=5
      200 g flour, 2 eggs. Per 100 g: 250 kcal, 8 g protein, 12 g fat, 30 g carbs.|wheat-flour-white=200,egg=100
      200 g flour⏎2 eggs⏎Energy 1200 kJ / 287 kcal⏎Fat 9 g, of which saturates 3 g⏎Carbohydrate 40 g, of which sugars 6 g⏎Protein 9 g⏎Salt 0.8 g|wheat-flour-white=200,egg=100
      200 g flour, 2 eggs, 30 g whey (24 g protein)|wheat-flour-white=200,egg=100,whey-protein=30
      Aim for under 40 g carbs: 40 g oats, 150 g egg white|oats-rolled=40,egg-white=150
      200 g flour⏎2 eggs⏎5 g salt⏎Energy: 287 kcal⏎Salt: 0.8 g⏎Sugars: 6 g|wheat-flour-white=200,egg=100,salt=5
      Per portion⏎Energy 287 kcal⏎Salt 0.8 g⏎⏎Ingredients⏎200 g flour⏎5 g salt|wheat-flour-white=200,salt=5
      240 kcal⏎200 g flour⏎20 g sugar⏎5 g salt|wheat-flour-white=200,sugar-white=20,salt=5
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar. Notes: Swap the milk for oat milk, 1:1.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar. Notes: Add up to 2 tbsp more milk if the batter is thick.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar. Notes: A 24 cm pan works best.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar. Notes: 1 cup of flour weighs 120 g here.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar. Notes: The eggs should be at room temperature, about 30 minutes out of the fridge.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar. Notes: I have made these with 150 g wholemeal and they were heavy.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar. Notes: With 400 ml milk you get crêpes.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar. Notes: Heat the oven to 100 °C to keep them warm.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar. Notes: For waffles add 50 g melted butter and 10 g more sugar.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30
      From the top: 250 g flour and 30 g sugar and 40 g butter plus 2 eggs. Ten of them.|wheat-flour-white=250,sugar-white=30,butter=40,egg=100
      From the top: 300 ml milk and 150 g flour and 30 g sugar and 2 eggs – or thereabouts.|milk-whole=309,wheat-flour-white=150,sugar-white=30,egg=100
      From the top: 40 g butter then 30 g sugar then 250 g flour and 2 eggs – out of the blue bowl. Ten of them.|butter=40,sugar-white=30,wheat-flour-white=250,egg=100
      200 g flour, 2 eggs. Don't have buttermilk? Stir 1 tbsp lemon juice into 250 ml milk.|wheat-flour-white=200,egg=100
      200 g flour, 2 eggs. Short of eggs? One egg and 50 ml milk work.|wheat-flour-white=200,egg=100
      200 g flour, 2 eggs. Sweet? 30 g sugar.|wheat-flour-white=200,egg=100
      No eggs? No problem: 200 g flour, 300 ml milk, 100 g apple sauce.|wheat-flour-white=200,milk-whole=309,applesauce=100
      """;

  @Test
  void areAsInAList() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
