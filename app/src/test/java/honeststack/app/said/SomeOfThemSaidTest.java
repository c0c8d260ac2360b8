package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Fat for some of the pieces, and what some of them get on top; units said once for all. */
class SomeOfThemSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, 300 ml milk. Makes 8. A teaspoon of oil in the pan every other pancake.|egg=100,milk-whole=309,oil-sunflower=18@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. 5 g butter for every second pancake.|butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. 5 g butter in the pan for the first only.|butter=5@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. 5 g butter for the first one, the rest dry.|butter=5@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. 5 g butter in the pan once.|butter=5@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. Just once 5 g butter in the pan.|butter=5@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Four rounds of two, 5 g butter each round.|butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Two at a time, so four rounds, 5 g butter per round.|butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. No fat in the pan.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. Dry pan.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. Non-stick, so no fat at all.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8, fried without fat.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. Nothing in the pan.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. The butter is in the batter? No, none.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. Half of them get 10 g honey each.|egg=100,honey=40@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. I had mine with 20 g honey.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. I had two with 20 g honey.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. On the top one 20 g honey.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. 20 g honey on the stack.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. Over the lot 80 g honey.|egg=100,honey=80@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. 80 g honey between them.|egg=100,honey=80@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. 10 g honey for each of the eight.|egg=100,honey=80@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. A 10 g drizzle of honey on every one.|egg=100,honey=80@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. Honey on all of them, 10 g apiece.|egg=100,honey=80@PLATE,milk-whole=309,wheat-flour-white=200
      In grams: flour 200, milk 300, butter 50, plus 2 eggs.|butter=50,egg=100,milk-whole=300,wheat-flour-white=200
      flour 200, milk 300, butter 50 (all in g), 2 eggs|butter=50,egg=100,milk-whole=300,wheat-flour-white=200
      Grams: 200 flour, 50 butter. Millilitres: 300 milk. Eggs: 2.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200
      All weights in grams. Flour 200. Butter 50. Milk 300 ml. Two eggs.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200
      Weights (g)⏎flour 200⏎butter 50⏎milk 300⏎eggs 2|butter=50,egg=100,milk-whole=300,wheat-flour-white=200
      Flour 200, butter 50, both grams, milk 300 ml, 2 eggs|butter=50,egg=100,milk-whole=309,wheat-flour-white=200
      flour 200 butter 50 grams milk 300 ml eggs 2|butter=50,egg=100,milk-whole=309,wheat-flour-white=200
      200 and 50 grams of flour and butter, 300 ml milk, 2 eggs|butter=50,egg=100,milk-whole=309,wheat-flour-white=200
      8 ounces of flour, 2 of butter, 300 ml milk, 2 eggs|butter=57,egg=100,milk-whole=309,wheat-flour-white=227
      flour, one and a half cups; milk, one and a quarter; eggs, two|egg=100,milk-whole=305,wheat-flour-white=203
      1 1/2 cups flour, 1 1/4 of milk, 2 eggs|egg=100,milk-whole=305,wheat-flour-white=203
      two tablespoons of sugar and three of oil, 200 g flour|oil-sunflower=41,sugar-white=25,wheat-flour-white=200
      1 tsp each salt and soda, 2 of baking powder, 200 g flour|baking-powder=9,baking-soda=5,salt=6,wheat-flour-white=200
      baking powder 2 tsp (teaspoons, not tablespoons!), 200 g flour|baking-powder=9,wheat-flour-white=200
      two teaspoons (not tablespoons) of baking powder, 200 g flour|baking-powder=9,wheat-flour-white=200
      2 TEASPOONS baking powder NOT tablespoons, 200 g flour|baking-powder=9,wheat-flour-white=200
      """;

  @Test
  void itCountsForSoMany() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
