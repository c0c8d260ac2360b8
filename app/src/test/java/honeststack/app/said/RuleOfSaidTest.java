package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** So much for so much, one batch of several, one egg more, and what came of it. */
class RuleOfSaidTest {
  private static final String TEXTS =
      """
      100 g flour takes 1 egg and 150 ml milk; I took 200 g.|egg=100,milk-whole=309,wheat-flour-white=200
      For every 100 g flour 1 egg and 150 ml milk. I used 200 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      Per 100 g flour 1 egg, 150 ml milk; 200 g flour today.|egg=100,milk-whole=309,wheat-flour-white=200
      1 egg and 150 ml milk to each 100 g flour, 200 g in all.|egg=100,milk-whole=309,wheat-flour-white=200
      Every egg wants 100 g flour and 150 ml milk. I used two.|egg=100,milk-whole=309,wheat-flour-white=200
      Two eggs, and for each 100 g flour and 150 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Each egg gets 100 g flour and 150 ml milk; two eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      One egg, 100 g flour, 150 ml milk. Twice.|egg=100,milk-whole=309,wheat-flour-white=200
      One egg, 100 g flour, 150 ml milk, the whole thing twice.|egg=100,milk-whole=309,wheat-flour-white=200
      (1 egg, 100 g flour, 150 ml milk) x 2|egg=100,milk-whole=309,wheat-flour-white=200
      2 x (1 egg, 100 g flour, 150 ml milk)|egg=100,milk-whole=309,wheat-flour-white=200
      1 egg, 100 g flour, 150 ml milk – made it two times|egg=100,milk-whole=309,wheat-flour-white=200
      1 egg, 100 g flour, 150 ml milk. Then the same again.|egg=100,milk-whole=309,wheat-flour-white=200
      1 egg, 100 g flour, 150 ml milk. And again.|egg=100,milk-whole=309,wheat-flour-white=200
      1 egg, 100 g flour, 150 ml milk. Repeat for a second batch.|egg=100,milk-whole=309,wheat-flour-white=200
      1 egg, 100 g flour, 150 ml milk per batch, two batches|egg=100,milk-whole=309,wheat-flour-white=200
      Batch of 1 egg, 100 g flour, 150 ml milk. Did two.|egg=100,milk-whole=309,wheat-flour-white=200
      Two bowls, each with 1 egg, 100 g flour, 150 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I stirred in another egg.|egg=150,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Then another egg.|egg=150,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. One more egg went in.|egg=150,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I added one more egg.|egg=150,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. An extra egg too.|egg=150,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Plus one egg.|egg=150,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. It wanted another egg so in it went.|egg=150,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Too runny, so another egg.|egg=150,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Another egg fixed it.|egg=150,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. A third egg went in at the end.|egg=150,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I put a third egg in.|egg=150,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. And a spare egg.|egg=150,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The batter got one more egg.|egg=150,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, and then one more egg|egg=150,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, plus another egg|egg=150,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, and an extra egg|egg=150,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I nearly forgot the salt, 3 g.|egg=100,milk-whole=309,salt=3,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I always forget the salt, 3 g.|egg=100,milk-whole=309,salt=3,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Almost forgot: 3 g salt.|egg=100,milk-whole=309,salt=3,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Oh I forgot to say 3 g salt.|egg=100,milk-whole=309,salt=3,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Forgot to mention the salt, 3 g.|egg=100,milk-whole=309,salt=3,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Don't forget the salt, 3 g.|egg=100,milk-whole=309,salt=3,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Not to forget 3 g of salt.|egg=100,milk-whole=309,salt=3,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Mustn't forget the 3 g salt.|egg=100,milk-whole=309,salt=3,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I forgot to write the salt, 3 g.|egg=100,milk-whole=309,salt=3,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. What I left off the list: 3 g salt.|egg=100,milk-whole=309,salt=3,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Missing above: 3 g salt.|egg=100,milk-whole=309,salt=3,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Also 3 g salt, which I forgot to list.|egg=100,milk-whole=309,salt=3,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. And salt of course, 3 g.|egg=100,milk-whole=309,salt=3,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Salt goes without saying, 3 g.|egg=100,milk-whole=309,salt=3,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. There's 3 g salt in it as well.|egg=100,milk-whole=309,salt=3,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Did I say salt? 3 g.|egg=100,milk-whole=309,salt=3,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I should add there's 3 g salt too.|egg=100,milk-whole=309,salt=3,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. To that comes 3 g salt.|egg=100,milk-whole=309,salt=3,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I forgot the salt.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Forgot salt.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I forgot to put salt in.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Forgot to add the salt this time.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The salt I forgot.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. No salt, I forgot.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, and that was ten.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 2 eggs, 300 ml milk, that was ten pancakes.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 2 eggs, 300 ml milk. That was ten.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 2 eggs, 300 ml milk. That was ten in all.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 2 eggs, 300 ml milk, and that made ten.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 2 eggs, 300 ml milk, which made ten.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 2 eggs, 300 ml milk, ten of them.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 2 eggs, 300 ml milk. Ten of em.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 2 eggs, 300 ml milk. 10 of those.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 2 eggs, 300 ml milk. Made me ten of these.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 2 eggs, 300 ml milk. Nine good ones and one for the dog.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 2 eggs, 300 ml milk. We got ten, nine of them nice.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      Tip 200 g of flour into a bowl, crack in two eggs, whisk, and slowly pour in 300 ml of milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Get a bowl. 200 g flour goes in. Then 2 eggs. Then 300 ml milk, bit by bit.|egg=100,milk-whole=309,wheat-flour-white=200
      First the flour, 200 g. Next the eggs, 2. Last the milk, 300 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      Flour first – 200 g. Eggs next – two. Milk last – 300 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      I put 200 g flour, to that 2 eggs, to that 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      To 200 g flour add 2 eggs and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Add to 200 g of flour 2 eggs and 300 ml of milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Take 200 g flour. Break 2 eggs into it. Stir in 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Into 300 ml milk I whisk 2 eggs and 200 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      Beat 2 eggs with 100 ml of the milk, add 200 g flour, then the remaining 200 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Beat 2 eggs with 100 ml milk, add 200 g flour, then another 200 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Whisk 2 eggs and half of the 300 ml milk, add 200 g flour and the rest of the milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Make a paste of 200 g flour and 100 ml milk, add 2 eggs, thin with 200 ml more milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour with 300 ml milk. Separate 2 eggs, yolks in now, whites whipped later.|egg=100,milk-whole=309,wheat-flour-white=200
      Separate 2 eggs. Yolks into 300 ml milk, 200 g flour in, whites beaten and folded in.|egg=100,milk-whole=309,wheat-flour-white=200
      2 eggs, separated. 200 g flour. 300 ml milk. Yolks first, whites at the end.|egg=100,milk-whole=309,wheat-flour-white=200
      Add one egg, then the other, to 200 g flour, then 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Add 2 eggs one by one to 200 g flour and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, sifted twice, 2 eggs beaten, 300 ml milk warmed for 1 minute.|egg=100,milk-whole=309,wheat-flour-white=200
      Whisk two eggs for 2 minutes. Add 300 ml milk. Sift 200 g flour in three goes.|egg=100,milk-whole=309,wheat-flour-white=200
      Sift 200 g flour in three goes of about 70 g into 2 eggs and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Pour 300 ml milk in two goes, 150 ml each, onto 200 g flour and 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      """;

  @Test
  void itCountsAsOftenAsItWasMade() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
