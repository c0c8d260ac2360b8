package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** How many came out, told with what one eats of them or what goes on each. */
class ToldCountsSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. That's 6.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. That's 6, three each.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. That's six pancakes; I eat 3.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. That's six pancakes, I have 3 with 50 g raspberries.|butter=10@PAN,egg=100,milk-whole=309,raspberries=50@PLATE,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. So that's 6 and I eat two.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. 6 in all, I have 3.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. 6 in all. I eat 2 with 50 g raspberries.|butter=10@PAN,egg=100,milk-whole=309,raspberries=50@PLATE,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. That's 6 in all; I eat 3.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. That is 6 waffles.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. That is 6 waffles, three each.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. This is 6 pancakes, I have 3.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. This is 6 pancakes. I eat 2 with 50 g raspberries.|butter=10@PAN,egg=100,milk-whole=309,raspberries=50@PLATE,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. 6, all told.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. 6, all told, three each.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. That was 6; I eat 3.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. That's about 6.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. That's about 6, three each.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. Ended up as 6, I have 3.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. Ended up as 6. I eat 2 with 50 g raspberries.|butter=10@PAN,egg=100,milk-whole=309,raspberries=50@PLATE,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. 6 of them; I eat 3.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. 6 of them, I have 3 with 50 g raspberries.|butter=10@PAN,egg=100,milk-whole=309,raspberries=50@PLATE,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. 6 altogether and I eat two.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. A total of 6.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. A total of 6, three each.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. Total: 6, I have 3.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. Total: 6. I eat 2 with 50 g raspberries.|butter=10@PAN,egg=100,milk-whole=309,raspberries=50@PLATE,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. It came to 6; I eat 3.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. It came to 6, I have 3 with 50 g raspberries.|butter=10@PAN,egg=100,milk-whole=309,raspberries=50@PLATE,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Fried in 10 g butter. Turned out 6 and I eat two.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Makes 8. A tbsp of jam on each.|egg=100,jam=160@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Makes 8. A tbsp of jam on top of each.|egg=100,jam=160@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Makes 8. A teaspoon of sugar on each.|egg=100,milk-whole=309,sugar-white=34@PLATE,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Makes 8. A teaspoon of sugar on top of each.|egg=100,milk-whole=309,sugar-white=34@PLATE,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Makes 8. A teaspoon of sugar on each of them.|egg=100,milk-whole=309,sugar-white=34@PLATE,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Makes 8. A tsp honey on every one.|egg=100,honey=56@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Makes 8. A tsp honey on each of them.|egg=100,honey=56@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Makes 8. 1 tbsp maple syrup on every one.|egg=100,maple-syrup=160@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Makes 8. 1 tbsp maple syrup for each.|egg=100,maple-syrup=160@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Makes 8. Half a teaspoon of sugar on each one.|egg=100,milk-whole=309,sugar-white=17@PLATE,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Makes 8. Half a teaspoon of sugar over each.|egg=100,milk-whole=309,sugar-white=17@PLATE,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Makes 8. One tablespoon yogurt on each.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=122@PLATE;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Makes 8. One tablespoon yogurt on top of each.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=122@PLATE;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Makes 8. One tablespoon yogurt each.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=122@PLATE;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Makes 8. 10 g honey on each pancake.|egg=100,honey=80@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Makes 8. 10 g honey over each.|egg=100,honey=80@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Makes 8. Two teaspoons of honey on each pancake.|egg=100,honey=112@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Makes 8. Two teaspoons of honey over each.|egg=100,honey=112@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. 12 came out. A tbsp of jam on each pancake.|egg=100,jam=240@PLATE,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 2 eggs, 300 ml milk. 12 came out. A tbsp of jam over each.|egg=100,jam=240@PLATE,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 2 eggs, 300 ml milk. 12 came out. A teaspoon of sugar on each pancake.|egg=100,milk-whole=309,sugar-white=50@PLATE,wheat-flour-white=200;pieces 12
      200 g flour, 2 eggs, 300 ml milk. 12 came out. A teaspoon of sugar for each.|egg=100,milk-whole=309,sugar-white=50@PLATE,wheat-flour-white=200;pieces 12
      200 g flour, 2 eggs, 300 ml milk. 12 came out. A tsp honey on each one.|egg=100,honey=84@PLATE,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 2 eggs, 300 ml milk. 12 came out. A tsp honey per pancake.|egg=100,honey=84@PLATE,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 2 eggs, 300 ml milk. 12 came out. 1 tbsp maple syrup on each one.|egg=100,maple-syrup=240@PLATE,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 2 eggs, 300 ml milk. 12 came out. 1 tbsp maple syrup per pancake.|egg=100,maple-syrup=240@PLATE,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 2 eggs, 300 ml milk. 12 came out. 1 tbsp maple syrup on each of them.|egg=100,maple-syrup=240@PLATE,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 2 eggs, 300 ml milk. 12 came out. Half a teaspoon of sugar on every one.|egg=100,milk-whole=309,sugar-white=25@PLATE,wheat-flour-white=200;pieces 12
      200 g flour, 2 eggs, 300 ml milk. 12 came out. Half a teaspoon of sugar each.|egg=100,milk-whole=309,sugar-white=25@PLATE,wheat-flour-white=200;pieces 12
      200 g flour, 2 eggs, 300 ml milk. 12 came out. One tablespoon yogurt on each pancake.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=184@PLATE;pieces 12
      200 g flour, 2 eggs, 300 ml milk. 12 came out. One tablespoon yogurt over each.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=184@PLATE;pieces 12
      200 g flour, 2 eggs, 300 ml milk. 12 came out. 10 g honey on each.|egg=100,honey=120@PLATE,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 2 eggs, 300 ml milk. 12 came out. 10 g honey on top of each.|egg=100,honey=120@PLATE,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 2 eggs, 300 ml milk. 12 came out. Two teaspoons of honey on each.|egg=100,honey=168@PLATE,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 2 eggs, 300 ml milk. 12 came out. Two teaspoons of honey on top of each.|egg=100,honey=168@PLATE,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 2 eggs, 300 ml milk. 8 pancakes. A tbsp of jam on each.|egg=100,jam=160@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. 8 pancakes. A tbsp of jam on top of each.|egg=100,jam=160@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. 8 pancakes. A teaspoon of sugar on each.|egg=100,milk-whole=309,sugar-white=34@PLATE,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. 8 pancakes. A teaspoon of sugar on top of each.|egg=100,milk-whole=309,sugar-white=34@PLATE,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. 8 pancakes. A teaspoon of sugar on each of them.|egg=100,milk-whole=309,sugar-white=34@PLATE,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. 8 pancakes. A tsp honey on every one.|egg=100,honey=56@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. 8 pancakes. A tsp honey on each of them.|egg=100,honey=56@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. 8 pancakes. 1 tbsp maple syrup on every one.|egg=100,maple-syrup=160@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. 8 pancakes. 1 tbsp maple syrup for each.|egg=100,maple-syrup=160@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. 8 pancakes. Half a teaspoon of sugar on each one.|egg=100,milk-whole=309,sugar-white=17@PLATE,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. 8 pancakes. Half a teaspoon of sugar over each.|egg=100,milk-whole=309,sugar-white=17@PLATE,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. 8 pancakes. One tablespoon yogurt on each.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=122@PLATE;pieces 8
      200 g flour, 2 eggs, 300 ml milk. 8 pancakes. One tablespoon yogurt on top of each.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=122@PLATE;pieces 8
      200 g flour, 2 eggs, 300 ml milk. 8 pancakes. One tablespoon yogurt each.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=122@PLATE;pieces 8
      200 g flour, 2 eggs, 300 ml milk. 8 pancakes. 10 g honey on each pancake.|egg=100,honey=80@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. 8 pancakes. 10 g honey over each.|egg=100,honey=80@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. 8 pancakes. Two teaspoons of honey on each pancake.|egg=100,honey=112@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. 8 pancakes. Two teaspoons of honey over each.|egg=100,honey=112@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Got 6. A tbsp of jam on each pancake.|egg=100,jam=120@PLATE,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Got 6. A tbsp of jam over each.|egg=100,jam=120@PLATE,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Got 6. A teaspoon of sugar on each pancake.|egg=100,milk-whole=309,sugar-white=25@PLATE,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Got 6. A teaspoon of sugar for each.|egg=100,milk-whole=309,sugar-white=25@PLATE,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Got 6. A tsp honey on each one.|egg=100,honey=42@PLATE,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Got 6. A tsp honey per pancake.|egg=100,honey=42@PLATE,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Got 6. 1 tbsp maple syrup on each one.|egg=100,maple-syrup=120@PLATE,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Got 6. 1 tbsp maple syrup per pancake.|egg=100,maple-syrup=120@PLATE,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Got 6. 1 tbsp maple syrup on each of them.|egg=100,maple-syrup=120@PLATE,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Got 6. Half a teaspoon of sugar on every one.|egg=100,milk-whole=309,sugar-white=13@PLATE,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Got 6. Half a teaspoon of sugar each.|egg=100,milk-whole=309,sugar-white=13@PLATE,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Got 6. One tablespoon yogurt on each pancake.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=92@PLATE;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Got 6. One tablespoon yogurt over each.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=92@PLATE;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Got 6. 10 g honey on each.|egg=100,honey=60@PLATE,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Got 6. 10 g honey on top of each.|egg=100,honey=60@PLATE,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Got 6. Two teaspoons of honey on each.|egg=100,honey=84@PLATE,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Got 6. Two teaspoons of honey on top of each.|egg=100,honey=84@PLATE,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. That gave me nine. A tbsp of jam on each.|egg=100,jam=180@PLATE,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. That gave me nine. A tbsp of jam on top of each.|egg=100,jam=180@PLATE,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. That gave me nine. A teaspoon of sugar on each.|egg=100,milk-whole=309,sugar-white=38@PLATE,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. That gave me nine. A teaspoon of sugar on top of each.|egg=100,milk-whole=309,sugar-white=38@PLATE,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. That gave me nine. A teaspoon of sugar on each of them.|egg=100,milk-whole=309,sugar-white=38@PLATE,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. That gave me nine. A tsp honey on every one.|egg=100,honey=63@PLATE,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. That gave me nine. A tsp honey on each of them.|egg=100,honey=63@PLATE,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. That gave me nine. 1 tbsp maple syrup on every one.|egg=100,maple-syrup=180@PLATE,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. That gave me nine. 1 tbsp maple syrup for each.|egg=100,maple-syrup=180@PLATE,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. That gave me nine. Half a teaspoon of sugar on each one.|egg=100,milk-whole=309,sugar-white=19@PLATE,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. That gave me nine. Half a teaspoon of sugar over each.|egg=100,milk-whole=309,sugar-white=19@PLATE,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. That gave me nine. One tablespoon yogurt on each.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=138@PLATE;pieces 9
      200 g flour, 2 eggs, 300 ml milk. That gave me nine. One tablespoon yogurt on top of each.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=138@PLATE;pieces 9
      200 g flour, 2 eggs, 300 ml milk. That gave me nine. One tablespoon yogurt each.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=138@PLATE;pieces 9
      200 g flour, 2 eggs, 300 ml milk. That gave me nine. 10 g honey on each pancake.|egg=100,honey=90@PLATE,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. That gave me nine. 10 g honey over each.|egg=100,honey=90@PLATE,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. That gave me nine. Two teaspoons of honey on each pancake.|egg=100,honey=126@PLATE,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. That gave me nine. Two teaspoons of honey over each.|egg=100,honey=126@PLATE,milk-whole=309,wheat-flour-white=200;pieces 9
      """;

  @Test
  void counted() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
