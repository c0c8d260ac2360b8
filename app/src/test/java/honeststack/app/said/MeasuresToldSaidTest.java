package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * What a number, a mug, a pot or an egg stands for, told once and elsewhere than where it is used.
 */
class MeasuresToldSaidTest {
  private static final String TEXTS =
      """
      200 flour, 2 eggs, 300 milk. Grams and ml, that is.|egg=100,milk-whole=309,wheat-flour-white=200
      200 flour, 2 eggs, 300 milk, grams and millilitres|egg=100,milk-whole=309,wheat-flour-white=200
      200 flour, 2 eggs, 300 milk (g and ml)|egg=100,milk-whole=309,wheat-flour-white=200
      In grams: flour 200, eggs 100, milk 309|egg=100,milk-whole=309,wheat-flour-white=200
      Grams: 200 flour, 100 egg, 309 milk|egg=100,milk-whole=309,wheat-flour-white=200
      All in grams: 200 flour, 100 egg, 309 milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Flour 200, egg 100, milk 309. All grams.|egg=100,milk-whole=309,wheat-flour-white=200
      200 flour, 100 egg, 309 milk – everything in grams|egg=100,milk-whole=309,wheat-flour-white=200
      Everything by weight: 200 flour, 100 egg, 309 milk.|egg=100,milk-whole=309,wheat-flour-white=200
      By weight in grams, flour 200, egg 100, milk 309|egg=100,milk-whole=309,wheat-flour-white=200
      (grams) flour 200, egg 100, milk 309|egg=100,milk-whole=309,wheat-flour-white=200
      flour 200, egg 100, milk 309 (grams)|egg=100,milk-whole=309,wheat-flour-white=200
      flour 200, egg 100, milk 309 in grams|egg=100,milk-whole=309,wheat-flour-white=200
      weights in g: flour 200 / egg 100 / milk 309|egg=100,milk-whole=309,wheat-flour-white=200
      g: flour 200, egg 100, milk 309|egg=100,milk-whole=309,wheat-flour-white=200
      flour (g) 200, egg (g) 100, milk (ml) 300|egg=100,milk-whole=309,wheat-flour-white=200
      flour/g 200, egg/g 100, milk/ml 300|egg=100,milk-whole=309,wheat-flour-white=200
      flour [g]: 200, milk [ml]: 300, eggs: 2|egg=100,milk-whole=309,wheat-flour-white=200
      Flour g 200, milk ml 300, eggs 2|egg=100,milk-whole=309,wheat-flour-white=200
      flour in g: 200, milk in ml: 300, eggs: 2|egg=100,milk-whole=309,wheat-flour-white=200
      Flour, grams: 200. Milk, ml: 300. Eggs: 2.|egg=100,milk-whole=309,wheat-flour-white=200
      200 (flour, in grams), 300 (milk, in ml), 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      Numbers are grams. Flour 200, egg 100, milk 309.|egg=100,milk-whole=309,wheat-flour-white=200
      Weights are in grams: flour 200, egg 100, milk 309.|egg=100,milk-whole=309,wheat-flour-white=200
      I weigh everything, grams. Flour 200, egg 100, milk 309.|egg=100,milk-whole=309,wheat-flour-white=200
      It's all grams with me: flour 200, egg 100, milk 309.|egg=100,milk-whole=309,wheat-flour-white=200
      Ounces then. Seven flour, three and a half egg, eleven milk.|egg=99,milk-whole=312,wheat-flour-white=198
      In ounces: 7 flour, 3.5 egg, 11 milk|egg=99,milk-whole=312,wheat-flour-white=198
      In cups: flour 2, milk 1.5, sugar 0.25|milk-whole=366,sugar-white=50,wheat-flour-white=270
      Cups: flour 2, milk 1½, sugar ¼|milk-whole=366,sugar-white=50,wheat-flour-white=270
      2 flour, 1½ milk, ¼ sugar, all cups|milk-whole=366,sugar-white=50,wheat-flour-white=270
      Flour 2, milk 1½, sugar ¼ – cups|milk-whole=366,sugar-white=50,wheat-flour-white=270
      All by the cup: two flour, one and a half milk, a quarter sugar|milk-whole=366,sugar-white=50,wheat-flour-white=270
      By the cup: 2 of flour, 1½ of milk, ¼ of sugar|milk-whole=366,sugar-white=50,wheat-flour-white=270
      in cups: 2 flour, 1 1/2 milk, 1/4 sugar|milk-whole=366,sugar-white=50,wheat-flour-white=270
      everything in cups: 2 flour, 1.5 milk, .25 sugar|milk-whole=366,sugar-white=50,wheat-flour-white=270
      two cups flour, one and a half milk, a quarter sugar|milk-whole=366,sugar-white=50,wheat-flour-white=270
      two flour, one and a half milk, a quarter sugar, it's cups|milk-whole=366,sugar-white=50,wheat-flour-white=270
      two flour one and a half milk a quarter of sugar, cups I mean|milk-whole=366,sugar-white=50,wheat-flour-white=270
      flour: 2, milk: 1½, sugar: ¼ (cups)|milk-whole=366,sugar-white=50,wheat-flour-white=270
      A mug of flour, 2 eggs, a mug and a half of milk. The mug holds 200 ml.|egg=100,milk-whole=309,wheat-flour-white=114
      A mug of flour, 2 eggs, a mug and a half of milk. My mug's 200 ml.|egg=100,milk-whole=309,wheat-flour-white=114
      A mug of flour, 2 eggs, a mug and a half of milk (mug = 200 ml)|egg=100,milk-whole=309,wheat-flour-white=114
      1 mug flour, 2 eggs, 1.5 mugs milk. Mug: 200 ml.|egg=100,milk-whole=309,wheat-flour-white=114
      With a 200 ml mug: 1 mug flour, 2 eggs, 1½ mugs milk.|egg=100,milk-whole=309,wheat-flour-white=114
      My mug is 200 ml. One mug of flour, 2 eggs, one and a half mugs of milk.|egg=100,milk-whole=309,wheat-flour-white=114
      My mug holds 200 ml. Flour one mug, milk one and a half, 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=114
      A pot of yoghurt, two pots of flour, 2 eggs. The pot is 125 ml.|egg=100,wheat-flour-white=142,yogurt-whole=129
      1 pot yoghurt, 2 pots flour, 2 eggs (the pot holds 125 ml)|egg=100,wheat-flour-white=142,yogurt-whole=129
      One pot of yoghurt (125 ml), two pots of flour, two eggs.|egg=100,wheat-flour-white=142,yogurt-whole=129
      A mug of flour, 2 eggs. The mug full of flour weighs 150 g.|egg=100,wheat-flour-white=150
      A mug of flour, that's 150 g, 2 eggs.|egg=100,wheat-flour-white=150
      A mug of flour, 2 eggs. I weighed the flour, 150 g.|egg=100,wheat-flour-white=150
      A mug of flour, 2 eggs. It came to 150 g, the flour.|egg=100,wheat-flour-white=150
      A mug of flour and 2 eggs. The flour was 150 g.|egg=100,wheat-flour-white=150
      One mug flour (weighed: 150 g), 2 eggs|egg=100,wheat-flour-white=150
      A mug of flour, 2 eggs. A mug of mine is 150 g of flour.|egg=100,wheat-flour-white=150
      A mug of flour, 2 eggs; my mug takes 150 g flour|egg=100,wheat-flour-white=150
      My mug takes 150 g flour. One mug of flour, 2 eggs.|egg=100,wheat-flour-white=150
      My mug is 150 g of flour. A mug of flour and 2 eggs.|egg=100,wheat-flour-white=150
      1 mug = 150 g flour. 1 mug flour, 2 eggs|egg=100,wheat-flour-white=150
      2 scoops protein powder, 2 eggs, 100 ml milk. A scoop is 30 g.|egg=100,milk-whole=103,whey-protein=60
      2 scoops of protein powder (30 g each), 2 eggs, 100 ml milk|egg=100,milk-whole=103,whey-protein=60
      Two scoops protein powder, 2 eggs, 100 ml milk. The scoop holds 30 g.|egg=100,milk-whole=103,whey-protein=60
      Two 30 g scoops of protein powder, 2 eggs, 100 ml milk|egg=100,milk-whole=103,whey-protein=60
      Scoop is 30 g. 2 scoops protein powder, 2 eggs, 100 ml milk.|egg=100,milk-whole=103,whey-protein=60
      2 scoops protein powder at 30 g, 2 eggs, 100 ml milk|egg=100,milk-whole=103,whey-protein=60
      2 scoops (60 g) protein powder, 2 eggs, 100 ml milk|egg=100,milk-whole=103,whey-protein=60
      protein powder 2 scoops, scoop = 30 g; eggs 2; milk 100 ml|egg=100,milk-whole=103,whey-protein=60
      protein powder, two scoops of 30 g, 2 eggs, 100 ml milk|egg=100,milk-whole=103,whey-protein=60
      2 eggs, 200 g flour, 300 ml milk. The eggs were 60 g each without shell.|egg=120,milk-whole=309,wheat-flour-white=200
      2 eggs (60 g each), 200 g flour, 300 ml milk|egg=120,milk-whole=309,wheat-flour-white=200
      2 eggs, 200 g flour, 300 ml milk. Eggs weighed 120 g together.|egg=120,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. They came to 120 g, out of the shell.|egg=120,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs that weighed 120 g|egg=120,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, a tin of milk, the tin is 170 ml|egg=100,milk-whole=175,wheat-flour-white=200
      200 g flour, 2 eggs, one can of milk. The can's 170 ml.|egg=100,milk-whole=175,wheat-flour-white=200
      200 g flour, 2 eggs, a 170 ml can filled with milk|egg=100,milk-whole=175,wheat-flour-white=200
      200 g flour, 2 eggs, a 170 ml cup of milk|egg=100,milk-whole=175,wheat-flour-white=200
      200 g flour, 2 eggs, a beaker of milk, the beaker holds 170 ml|egg=100,milk-whole=175,wheat-flour-white=200
      200 g flour, 2 eggs, a bottle of milk, it holds 170 ml|egg=100,milk-whole=175,wheat-flour-white=200
      200 g flour, 2 eggs, milk: one little carton, 170 ml|egg=100,milk-whole=175,wheat-flour-white=200
      200 g flour, 2 eggs, one 170 ml carton of milk|egg=100,milk-whole=175,wheat-flour-white=200
      200 g flour, 2 eggs, a carton of milk (170 ml)|egg=100,milk-whole=175,wheat-flour-white=200
      200 g flour, 2 eggs, half a carton of milk, the carton is 340 ml|egg=100,milk-whole=175,wheat-flour-white=200
      200 g flour, 2 eggs, half of a 340 ml carton of milk|egg=100,milk-whole=175,wheat-flour-white=200
      200 g flour, 2 eggs, half a 340 ml can of milk|egg=100,milk-whole=175,wheat-flour-white=200
      200 g flour, 2 eggs, milk, half a can of 340 ml|egg=100,milk-whole=175,wheat-flour-white=200
      200 g flour, 2 eggs, I fill the 170 ml jar with milk|egg=100,milk-whole=175,wheat-flour-white=200
      200 g flour, 2 eggs, a jar of milk and the jar is 170 ml|egg=100,milk-whole=175,wheat-flour-white=200
      200 g flour, 2 eggs, a jarful of milk (jar = 170 ml)|egg=100,milk-whole=175,wheat-flour-white=200
      """;

  @Test
  void theyCountAsTheyAreTold() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
