package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What a later sentence changes of a list, shares out of a food, or makes of a batch. */
class OtherwiseSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar, 40 g butter. Replace milk with oat milk.|butter=40,egg=100,oat-drink=310,sugar-white=30,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar, 40 g butter. 50 g of the flour was rye.|butter=40,egg=100,milk-whole=309,rye-flour-medium=50,sugar-white=30,wheat-flour-white=150
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar, 40 g butter. I used oat milk for the milk.|butter=40,egg=100,oat-drink=310,sugar-white=30,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar, 40 g butter. 25 g honey for the sugar.|butter=40,egg=100,honey=25,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar, 40 g butter. Instead of sugar 25 g honey.|butter=40,egg=100,honey=25,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar, 40 g butter. I've swapped out the sugar: 25 g honey.|butter=40,egg=100,honey=25,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar, 40 g butter. milk -> oat milk|butter=40,egg=100,oat-drink=310,sugar-white=30,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar, 40 g butter. I used 25 g honey instead of the sugar.|butter=40,egg=100,honey=25,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar, 40 g butter. One of the eggs I swapped for 60 g yoghurt.|butter=40,egg=50,milk-whole=309,sugar-white=30,wheat-flour-white=200,yogurt-whole=60
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar, 40 g butter. I use oat milk.|butter=40,egg=100,oat-drink=310,sugar-white=30,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar, 40 g butter. 25 g honey rather than sugar.|butter=40,egg=100,honey=25,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar, 40 g butter. I used one egg and 60 g yoghurt instead of two eggs.|butter=40,egg=50,milk-whole=309,sugar-white=30,wheat-flour-white=200,yogurt-whole=60
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar, 40 g butter. Half of the butter I replaced with oil.|butter=20,egg=100,milk-whole=309,oil-sunflower=20,sugar-white=30,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar, 40 g butter. PS the milk is oat milk.|butter=40,egg=100,oat-drink=310,sugar-white=30,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar, 40 g butter. I did half the butter as oil.|butter=20,egg=100,milk-whole=309,oil-sunflower=20,sugar-white=30,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar, 40 g butter. Sugar out, 25 g honey in.|butter=40,egg=100,honey=25,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar, 40 g butter. I swapped the milk for oat milk.|butter=40,egg=100,oat-drink=310,sugar-white=30,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar, 40 g butter. It was oat milk.|butter=40,egg=100,oat-drink=310,sugar-white=30,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar, 40 g butter. I'd no sugar so 25 g honey.|butter=40,egg=100,honey=25,milk-whole=309,wheat-flour-white=200
      In one bowl 200 g flour, in another 300 ml milk and 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      one 155 g packet of pancake mix, 1 egg, 180 ml milk|egg=50,milk-whole=186,pancake-mix=155
      Dry stuff first: 200 g flour, 20 g sugar. Then the wet stuff: 300 ml milk, 2 eggs.|egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      Day 1 – 200 g flour, 200 ml water. Day 2 – 100 ml milk, 2 eggs.|egg=100,milk-whole=103,water=200,wheat-flour-white=200
      3 bananas, 2 mashed in and one sliced on top|banana=236,banana=118@PLATE
      In the dry bowl 200 g flour and 20 g sugar, in the wet one 300 ml milk and 2 eggs.|egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      Dry: 200 g flour, 2 tsp baking powder, pinch of salt. Wet: 300 ml milk, 2 eggs, 50 g butter.|baking-powder=9,butter=50,egg=100,milk-whole=309,salt=0,wheat-flour-white=200
      100 g sugar, save 2 tbsp for sprinkling|sugar-white=75,sugar-white=25@PLATE
      100 g sugar, 2 tbsp of it on top|sugar-white=75,sugar-white=25@PLATE
      100 g sugar, 2 tbsp of which for the top|sugar-white=75,sugar-white=25@PLATE
      50 g butter, a teaspoon of it for the pan|butter=45,butter=5@PAN
      1 cup sugar, keep 20 g for the top|sugar-white=180,sugar-white=20@PLATE
      250 g ricotta, 2 tbsp of it on top|ricotta-whole=219,ricotta-whole=31@PLATE
      For eleven guests I do a double batch: normally that's 250 g flour, 3 eggs and 500 ml milk.|egg=300,milk-whole=1031,wheat-flour-white=500;serves 11
      I made half a batch: the normal recipe is 250 g flour, 4 eggs and 500 ml milk.|egg=100,milk-whole=258,wheat-flour-white=125
      We tripled it: usually it's 100 g flour, 1 egg and 200 ml milk.|egg=150,milk-whole=619,wheat-flour-white=300
      80 g oats, 2 eggs. Splits into 2 meals.|egg=100,oats-rolled=80;serves 2
      80 g oats, 2 eggs, split into 2 breakfasts.|egg=100,oats-rolled=80;serves 2
      80 g oats, 2 eggs. Enough for two breakfasts.|egg=100,oats-rolled=80;serves 2
      200 g flour, 2 eggs. One teaspoon of oil, wiped round with paper.|egg=100,oil-sunflower=5@PAN,wheat-flour-white=200
      """;

  @Test
  void countsWhatIsSaidLast() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
