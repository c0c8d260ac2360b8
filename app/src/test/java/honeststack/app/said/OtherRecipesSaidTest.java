package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * What stands beside a batter and is none of it: other dishes, what is left in the house, half of
 * the batter.
 */
class OtherRecipesSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, 300 ml milk. Half the batter gets 50 g blueberries.|blueberries=50,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Into half of it I put 50 g blueberries.|blueberries=50,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Half stays plain, the other half gets 50 g blueberries.|blueberries=50,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I split the batter: one half plain, one half with 50 g blueberries.|blueberries=50,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. One bowl plain, the other with 50 g blueberries.|blueberries=50,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 50 g blueberries go into half of the batter.|blueberries=50,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Dad's get 50 g blueberries in the batter.|blueberries=50,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I stir 50 g blueberries into what's left after the plain ones.|blueberries=50,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. For the last three I add 50 g blueberries.|blueberries=50,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The rest of the milk goes back in the fridge.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. There's 100 g flour left in the bag.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. That leaves 4 eggs for tomorrow.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I've still got 700 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I've got 10 eggs left.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. We have plenty of eggs, a dozen at least.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The bag says 1 kg.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The hens gave 6 eggs today.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. A dozen eggs lasts us a week.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The milk was 2 days old.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The milk comes in 1 litre cartons.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I bought 2 litres of milk but that's for the week.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The other 4 eggs are for lunch.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The remaining 4 eggs are for an omelette.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The leftover milk, about 200 ml, the cat gets.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The cat gets 50 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I had a glass of milk while they cooked.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The dog ate 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Keep the 4 eggs you have left for tea.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. It's 2 eggs out of the six I had.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. That's 200 g out of a 1 kg bag.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 800 g of flour left then.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Also making soup: 500 g carrots, 1 onion.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. For lunch there's an omelette with 4 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. For dinner we have pasta, 400 g.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Tomorrow: omelette, 6 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      Yesterday soup, 500 g carrots. Today pancakes: 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Breakfast: 200 g flour, 2 eggs, 300 ml milk. Lunch: 200 g rice.|egg=100,milk-whole=309,wheat-flour-white=200
      Lunch: 200 g rice. Breakfast: 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Monday: porridge, 50 g oats. Tuesday: pancakes, 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Monday pancakes (200 g flour, 2 eggs, 300 ml milk), Tuesday porridge (50 g oats).|egg=100,milk-whole=309,wheat-flour-white=200
      Pancakes: 200 g flour, 2 eggs, 300 ml milk. Porridge: 50 g oats, 200 ml water.|egg=100,milk-whole=309,wheat-flour-white=200
      Bread: 500 g flour, 300 ml water. Pancakes: 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk for the pancakes, and for the bread 500 g flour and 7 g yeast.|egg=100,milk-whole=309,wheat-flour-white=200
      For the bread 500 g flour, 7 g yeast; for the pancakes 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The cake needs another 250 g butter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. My omelette has 3 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. A cake takes 4 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. (The cake: 250 g butter.)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Next week I'm making crumpets with 500 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      """;

  @Test
  void itIsNoPartOfTheBatter() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
