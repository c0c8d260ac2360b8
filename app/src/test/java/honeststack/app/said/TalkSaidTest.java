package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * What is told before and behind a list, and puts nothing in, beside what does: bought, eaten,
 * somebody else's, of another time.
 */
class TalkSaidTest {
  private static final String TEXTS =
      """
      Normally I'd use 3 eggs but we only had 2. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      With 250 g flour it was like cement. So: 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      The book says 250 g flour, I do this. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      I used to put 3 eggs in. Now it's 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      She wanted hers with 50 g sugar, can you imagine. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Yesterday I made the ones with 4 eggs and they were like an omelette. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      You need 1 egg for every 100 g of flour. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      The rule is 1 egg, 100 g flour, 150 ml milk a head. Today: 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      My gran took 500 g flour and 6 eggs for the eleven of them. I take 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      I weighed an egg without its shell: 52 g. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      An egg has 6 g protein. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      I can't eat more than 30 g of sugar a day. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      There's 50 g sugar in the ones from the shop! 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      I didn't have 250 g flour. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      The kids got the last 2 eggs for breakfast so I had to buy more. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      He asked for 100 g chocolate chips, he got none. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      I always wondered about the 2 tbsp oil people put in. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      My recipe from school had 100 g flour, 1 egg and 250 ml milk. These days 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Instead of 3 eggs I take 2 now. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Bought 1 kg flour, 10 eggs and 2 l milk. For the batter 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Sugar is what I'm trying to cut, I was at 50 g. 200 g flour, 2 eggs, 300 ml milk, 10 g sugar.|egg=100,milk-whole=309,sugar-white=10,wheat-flour-white=200
      Don't tell my doctor about the 50 g butter. 200 g flour, 2 eggs, 300 ml milk, 50 g butter.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. With 250 g flour it was like cement.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The book says 250 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. She wanted hers with 50 g sugar, can you imagine.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Yesterday I made the ones with 4 eggs and they were like an omelette.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. You need 1 egg for every 100 g of flour.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. My gran took 500 g flour and 6 eggs for the eleven of them.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. There's 50 g sugar in the ones from the shop!|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. He asked for 100 g chocolate chips, he got none.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I always wondered about the 2 tbsp oil people put in.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. My recipe from school had 100 g flour, 1 egg and 250 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I'm not allowed more than 30 g of sugar a day.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The café puts 100 g butter in theirs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 egg more and it's an omelette.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 50 g sugar is what the packet ones have.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I could live on these with 50 g butter and a pot of jam.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. A friend makes hers with 100 g yogurt and 1 egg.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Next to it we had 4 rashers of bacon and 2 fried eggs.|bacon=32@PLATE,egg=100,egg-fried=92@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. For 6 people you'd want 400 g flour, 4 eggs and 600 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. A half batch is 100 g flour, 1 egg, 150 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. In cups that's 1 2/3 cups flour and 1 1/4 cups milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. One pancake is 25 g flour, a quarter egg and 37 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 100 ml of the milk was cream actually.|cream-heavy=100,egg=100,milk-whole=206,wheat-flour-white=200
      Melt 50 g butter. Then 200 g flour, 2 eggs, 300 ml milk.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200
      First beat 2 eggs with 50 g sugar. To that go 200 g flour, 300 ml milk and 5 g baking powder.|baking-powder=5,egg=100,milk-whole=309,sugar-white=50,wheat-flour-white=200
      I soaked 100 g oats overnight in 100 ml water. Then 100 g flour, 2 eggs, 200 ml milk.|egg=100,milk-whole=206,oats-rolled=100,water=100,wheat-flour-white=100
      I had 30 g raisins soaking since the morning. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,raisins=30,wheat-flour-white=200
      There are 30 g raisins in mine. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,raisins=30,wheat-flour-white=200
      The secret is 20 g honey. 200 g flour, 2 eggs, 300 ml milk.|egg=100,honey=20,milk-whole=309,wheat-flour-white=200
      You'll need 20 g sugar. And 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      We like them with 20 g sugar in the batter. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      So today it's a ricotta batter, 250 g ricotta. 100 g flour, 2 eggs, 100 ml milk.|egg=100,milk-whole=103,ricotta-whole=250,wheat-flour-white=100
      I blitzed 100 g oats. Added 2 eggs, 1 banana (100 g), 100 ml milk.|banana=100,egg=100,milk-whole=103,oats-rolled=100
      200 g flour, 2 eggs, 300 ml milk. And then my grandmother's trick, 20 g lard.|egg=100,lard=20,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I also snuck in 30 g spinach.|egg=100,milk-whole=309,spinach=30,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 30 g raisins found their way in too.|egg=100,milk-whole=309,raisins=30,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The kids begged for 30 g chocolate chips so they got them.|chocolate-chips=30,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Rubbed in 50 g butter and 20 g sugar.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Sweetened with 20 g honey and 10 g sugar.|egg=100,honey=20,milk-whole=309,sugar-white=10,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. It also has 50 g butter and 20 g sugar in it.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. For the filling 200 g ricotta, 20 g honey and 1 tsp vanilla.|egg=100,honey=20@PLATE,milk-whole=309,ricotta-whole=200@PLATE,vanilla-extract=4@PLATE,wheat-flour-white=200
      For the filling 200 g ricotta, 20 g honey and 1 tsp vanilla. For the pancakes 200 g flour, 2 eggs, 300 ml milk.|egg=100,honey=20@PLATE,milk-whole=309,ricotta-whole=200@PLATE,vanilla-extract=4@PLATE,wheat-flour-white=200
      My nephew would happily eat 200 g sugar. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      The tin can take 500 g flour at most. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      The leaflet suggests 250 g flour and 3 eggs. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      In my last post I gave 250 g flour and 3 eggs. That was wrong. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      This started out as 250 g flour and 3 eggs. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Some of you asked about 3 eggs instead of 2. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      My trainer would faint at 50 g sugar. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Back in the day a portion meant 100 g flour and 1 egg. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Ours are nothing like the diner's with their 100 g butter. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      We ordered 10 kg flour for the fair. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. My nephew would happily eat 200 g sugar.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The leaflet suggests 250 g flour and 3 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. It started out as 250 g flour and 3 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. My trainer would faint at 50 g sugar and 100 g butter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Multiply by 10 for the fair: 2 kg flour, 20 eggs, 3 l milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. To feed twice as many take 400 g flour, 4 eggs and 600 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Ours are nothing like the diner's with their 100 g butter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. We ordered 10 kg flour and 200 eggs for the fair.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The same recipe with 150 g rye flour and 3 eggs is in my other post.|egg=100,milk-whole=309,wheat-flour-white=200
      The old lady next door swore by 5 eggs. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      With the small eggs we get here you'd need 3 eggs. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Twice as much would be 400 g flour and 4 eggs. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      I've cooked for 200 people with 20 kg flour, so this is nothing. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      They charge 9 dollars for something with maybe 50 g flour in it. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      My doctor lets me have 20 g sugar in total. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      We gave up the 100 g butter years ago. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The old lady next door swore by 5 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Twice as much would be 400 g flour and 4 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. They charge 9 dollars for something with maybe 50 g flour in it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. My doctor lets me have 20 g sugar in total.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Theirs in the canteen must have had 100 g butter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Nobody I know would use 100 g butter and 50 g sugar.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The dumplings I make from it in winter take 100 g butter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Leftover batter keeps a day, then I whisk in 1 egg for an omelette.|egg=100,milk-whole=309,wheat-flour-white=200
      We had company so it got 30 g chocolate chips. 200 g flour, 2 eggs, 300 ml milk.|chocolate-chips=30,egg=100,milk-whole=309,wheat-flour-white=200
      A friend brought me 30 g raisins, so those are in. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,raisins=30,wheat-flour-white=200
      The dry side: 200 g flour, 5 g baking powder. The wet side: 2 eggs, 300 ml milk.|baking-powder=5,egg=100,milk-whole=309,wheat-flour-white=200
      I rub 50 g butter into 200 g flour, then 2 eggs and 300 ml milk.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200
      The evening before I stir 100 g flour with 100 ml water. In the morning 100 g flour, 2 eggs, 100 ml milk.|egg=100,milk-whole=103,water=100,wheat-flour-white=200
      Half the flour, 100 g flour, goes in with 150 ml milk; then 100 g flour, 2 eggs, 150 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      My base is 100 g oats and 2 eggs. To that 100 ml milk, 20 g honey, 5 g cinnamon.|cinnamon=5,egg=100,honey=20,milk-whole=103,oats-rolled=100
      200 g flour, 2 eggs, 300 ml milk. Some 30 g of walnuts went in, chopped.|egg=100,milk-whole=309,walnuts=30,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. To be fair I did also put 20 g sugar.|egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Since it's his birthday, 30 g chocolate chips and 20 g sugar.|chocolate-chips=30,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The eggs I beat with 20 g sugar and a pinch of salt.|egg=100,milk-whole=309,salt=0,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Before cooking I fold in 100 g blueberries and 10 g lemon zest.|blueberries=100,egg=100,lemon-zest=10,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. My nan's touch: 20 g lard and 2 g nutmeg.|egg=100,lard=20,milk-whole=309,nutmeg=2,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. There's 20 g sugar in there too.|egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Ours get 20 g sugar as well.|egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs. Sweetness comes from a mashed banana, nothing else.|banana=118,egg=100,wheat-flour-white=200
      """;

  @Test
  void talkPutsNothingIn() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
