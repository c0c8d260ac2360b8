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
      """;

  @Test
  void areAsInAList() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
