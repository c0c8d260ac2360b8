package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * What was used of what is named, left or measured before: "200 g flour, 30 g sugar. I halved the
 * sugar."
 */
class SharedOutSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar, 6 g salt. Used half the sugar this time.|egg=100,milk-whole=309,salt=6,sugar-white=15,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar, 6 g salt. Beat half the flour in first.|egg=100,milk-whole=309,salt=6,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar, 6 g salt. Could have done with half the sugar.|egg=100,milk-whole=309,salt=6,sugar-white=30,wheat-flour-white=200
      Opened a tin of coconut milk. Used 200 ml of it. 150 g flour|coconut-milk=191,wheat-flour-white=150
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar, 6 g salt. Of the sugar I use only half.|egg=100,milk-whole=309,salt=6,sugar-white=15,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar, 6 g salt. Half the milk goes in first.|egg=100,milk-whole=309,salt=6,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar, 6 g salt. I used three quarters of the milk.|egg=100,milk-whole=232,salt=6,sugar-white=30,wheat-flour-white=200
      I opened a litre of milk and there was 250 ml left after the batter; 300 g flour|milk-whole=773,wheat-flour-white=300
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar, 6 g salt. Whisk in half the milk.|egg=100,milk-whole=309,salt=6,sugar-white=30,wheat-flour-white=200
      There was ricotta left over, 120 g, so in it went with 2 eggs|egg=100,ricotta-whole=120
      I poured from a 1 litre carton of milk until 600 ml was left; 200 g flour|milk-whole=412,wheat-flour-white=200
      Flour costs a fortune now! I used 400 g of it, with 4 eggs|egg=200,wheat-flour-white=400
      I had 500 g flour and used all but 100 g; 3 eggs|egg=150,wheat-flour-white=400
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar, 6 g salt. I cut the sugar in half.|egg=100,milk-whole=309,salt=6,sugar-white=15,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar, 6 g salt. Would work with half the sugar.|egg=100,milk-whole=309,salt=6,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar, 6 g salt. I used half the sugar.|egg=100,milk-whole=309,salt=6,sugar-white=15,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar, 6 g salt. I halved the sugar.|egg=100,milk-whole=309,salt=6,sugar-white=15,wheat-flour-white=200
      We had 1 kg flour in the bag, 600 g is left; 4 eggs|egg=200,wheat-flour-white=400
      200 g flour, 2 eggs, 300 ml milk, 6 pancakes left over|egg=100,milk-whole=309,wheat-flour-white=200
      Started with 500 g flour, 200 g left, so that's what went in; 2 eggs|egg=100,wheat-flour-white=300
      I opened 1 litre of milk and had 250 ml left after the batter; 300 g flour|milk-whole=773,wheat-flour-white=300
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar, 6 g salt. Doubled the sugar!|egg=100,milk-whole=309,salt=6,sugar-white=60,wheat-flour-white=200
      300 ml milk. 50 ml of it warm with the yeast, 5 g. 200 g flour|milk-whole=309,wheat-flour-white=200,yeast-dry=5
      I started with 500 g of flour and there's 200 g left in the bag; 2 eggs|egg=100,wheat-flour-white=300
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar, 6 g salt. You can halve the sugar.|egg=100,milk-whole=309,salt=6,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar, 6 g salt. We double the sugar.|egg=100,milk-whole=309,salt=6,sugar-white=60,wheat-flour-white=200
      A kilo of flour, of which 400 g is left; 4 eggs|egg=200,wheat-flour-white=600
      There were 10 eggs, now there are 7; 300 g flour|egg=150,wheat-flour-white=300
      whatever milk is open, 250 ml of it; 120 g flour|milk-whole=258,wheat-flour-white=120
      Yesterday's sourdough discard, I had 180 grams of it, just added an egg|egg=50,starter=180
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar, 6 g salt. But I use half the sugar.|egg=100,milk-whole=309,salt=6,sugar-white=15,wheat-flour-white=200
      We had some buttermilk. 400 ml of it went in, with 4 eggs|buttermilk=412,egg=200
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar, 6 g salt. I cut the sugar by half.|egg=100,milk-whole=309,salt=6,sugar-white=15,wheat-flour-white=200
      300 ml milk, 2 eggs, 200 g flour. 50 ml batter left over|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 30 g sugar, 6 g salt. Next time I'd halve the sugar.|egg=100,milk-whole=309,salt=6,sugar-white=30,wheat-flour-white=200
      """;

  @Test
  void countsWhatWasUsedOfIt() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
