package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What of an amount went elsewhere, and in how many goes it goes in. */
class SpentSaidTest {
  private static final String TEXTS =
      """
      300 ml milk minus 50 ml that I kept for coffee, 200 g flour, 2 eggs|egg=100,milk-whole=258,wheat-flour-white=200
      300 ml milk minus the 50 ml I kept for coffee, 200 g flour, 2 eggs|egg=100,milk-whole=258,wheat-flour-white=200
      300 ml milk, minus 50 ml for my coffee, 200 g flour, 2 eggs|egg=100,milk-whole=258,wheat-flour-white=200
      Of the 300 ml milk I drank 50 ml. 200 g flour, 2 eggs.|egg=100,milk-whole=258,wheat-flour-white=200
      I had 300 ml milk and drank 50 ml of it. 200 g flour, 2 eggs.|egg=100,milk-whole=258,wheat-flour-white=200
      300 ml milk but 50 ml went in my tea, 200 g flour, 2 eggs|egg=100,milk-whole=258,wheat-flour-white=200
      300 ml milk, of which 50 ml went into my tea, 200 g flour, 2 eggs|egg=100,milk-whole=258,wheat-flour-white=200
      300 ml milk, less 50 ml for my tea, 200 g flour, 2 eggs|egg=100,milk-whole=258,wheat-flour-white=200
      I poured 300 ml milk and spilled about 50 ml. 200 g flour, 2 eggs.|egg=100,milk-whole=258,wheat-flour-white=200
      300 ml milk, spilled 50 ml of it. 200 g flour, 2 eggs.|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I spilled 50 ml of the milk.|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, though 50 ml of that ended up on the floor.|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 ml of which the cat got.|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk (50 ml of it spilled)|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, except the cat drank 50 ml of it|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs and 300 ml milk; 50 ml of the milk went to the cat|egg=100,milk-whole=258,wheat-flour-white=200
      300 ml milk, I only used 250 ml of it in the end, 200 g flour, 2 eggs|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk but I didn't use 50 ml of it|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 ml were left in the jug|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; about 50 ml of the milk stayed in the jug|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs. 300 ml milk went into the jug, 50 ml stayed in it.|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk without the 50 ml I gave the cat|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, take away 50 ml that was spilt|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 50 ml of that was for the coffee.|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, hold back 50 ml to thin later|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, keep 50 ml for thinning|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 ml of it at the end to thin|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, the last 50 ml after resting|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, all but 50 ml at once, then the rest|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Keep back 50 ml of the milk and add it last.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I put 250 ml in first, then the other 50 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 ml of which goes in with the yeast|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, first 100 ml, then 200 ml|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, in three goes of 100 ml|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 100 ml at a time|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, added 100 ml by 100 ml|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; warm 50 ml of the milk for the yeast|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Whisk 100 ml milk with the flour first, then the remaining milk.|egg=100,milk-whole=309,wheat-flour-white=200
      3 eggs, the dog got one, 200 g flour|egg=100,wheat-flour-white=200
      3 eggs, one of which I ate boiled, 200 g flour|egg=100,wheat-flour-white=200
      3 eggs minus one that was off, 200 g flour|egg=100,wheat-flour-white=200
      100 g blueberries but the kids ate 30 g, 200 g flour, 2 eggs|blueberries=70,egg=100,wheat-flour-white=200
      100 g blueberries, I ate 30 g of them, 200 g flour, 2 eggs|blueberries=70,egg=100,wheat-flour-white=200
      250 g yogurt, I ate 50 g of it, 200 g flour, 2 eggs|egg=100,wheat-flour-white=200,yogurt-whole=200
      200 g flour, of which 20 g stuck to the sieve, 2 eggs|egg=100,wheat-flour-white=180
      200 g flour, 20 g of it for the board, 2 eggs|egg=100,wheat-flour-white=180
      200 g flour, 20 g less than usual, 2 eggs|egg=100,wheat-flour-white=200
      a 500 g bag of flour, 300 g left after, 2 eggs|egg=100,wheat-flour-white=200
      a 500 g bag of flour with 300 g left over, 2 eggs|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs. Fried in 50 g butter, about 20 g of which was left in the pan.|butter=30@PAN,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs. I fried in butter, 50 g, of which about 20 g was left in the pan.|butter=30@PAN,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs. 50 g butter for the pan but 20 g was left.|butter=30@PAN,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs. From 50 g butter for frying 20 g were left over.|butter=30@PAN,egg=100,wheat-flour-white=200
      300 ml milk, hold back 50 ml to thin later, 200 g flour, 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      300 ml milk (keep 50 ml back), 200 g flour, 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 100 g blueberries, half of them in and half on top|blueberries=50,blueberries=50@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 100 g blueberries: 70 g in the batter, the rest on top|blueberries=70,blueberries=30@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 100 g blueberries, save 30 g for the top|blueberries=70,blueberries=30@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 100 g blueberries with 30 g kept back for serving|blueberries=70,blueberries=30@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 30 g melted into the batter and 20 g for the pan|butter=30,butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 30 g of it in the batter and the rest for frying|butter=30,butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter (20 g of that for the pan)|butter=30,butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter of which 20 g for frying|butter=30,butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, all in the pan|butter=50@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I fried in butter, 50 g, of which about 20 g was left in the pan.|butter=30@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; juice of a lemon over the top|egg=100,lemon-juice=48@PLATE,milk-whole=309,wheat-flour-white=200
      """;

  @Test
  void whatIsSpentDoesNotCount() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
