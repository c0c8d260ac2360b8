package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Recipes as a cook tells them to somebody: questions, answers, orders, times of the day. */
class SpokenToSaidTest {
  private static final String TEXTS =
      """
      Is 200 g flour, 2 eggs, 300 ml milk right for 6 pancakes?|egg=100,milk-whole=309,wheat-flour-white=200
      Can you work out 200 g flour, 2 eggs, 300 ml milk?|egg=100,milk-whole=309,wheat-flour-white=200
      Log this: 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Put in 200 g of flour, then 2 eggs and 300 ml of milk, please.|egg=100,milk-whole=309,wheat-flour-white=200
      Start a new recipe, 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Set flour to 200 g, eggs to 2, milk to 300 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      Okay, next, 200 g flour. Next, 2 eggs. Next, 300 ml milk. Done.|egg=100,milk-whole=309,wheat-flour-white=200
      Take this down. 200 g flour, 2 eggs, 300 ml milk. Got it?|egg=100,milk-whole=309,wheat-flour-white=200
      Ingredients are as follows: 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      PS I used 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      so yeah 200 g flour, 2 eggs, 300 ml milk basically|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, don't quote me|egg=100,milk-whole=309,wheat-flour-white=200
      From memory: 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      The book says 200 g flour, 2 eggs, 300 ml milk and that's what I did|egg=100,milk-whole=309,wheat-flour-white=200
      You want 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      There's 200 g flour, 2 eggs, 300 ml milk in it|egg=100,milk-whole=309,wheat-flour-white=200
      It has 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      All it is is 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      Just 200 g flour, 2 eggs, 300 ml milk, nothing else|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk and that is it|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, job done|egg=100,milk-whole=309,wheat-flour-white=200
      The night before: 200 g flour and 300 ml milk. In the morning: 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      Friday night 200 g flour and 300 ml milk, Saturday 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, beat 2 min, 300 ml milk, beat 1 min, rest 30 min, fry 2 min a side at 180|egg=100,milk-whole=309,wheat-flour-white=200
      1. Weigh 200 g flour. 2. Beat in 2 eggs. 3. Pour in 300 ml milk. 4. Rest 20 min.|egg=100,milk-whole=309,wheat-flour-white=200
      Firstly 200 g flour, secondly 2 eggs, thirdly 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      After 5 minutes of mixing 200 g flour and 2 eggs I add 300 ml milk, wait 30 minutes.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Keeps 2 days in the fridge, 2 months in the freezer.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. It was 7 in the morning and I had 10 minutes.|egg=100,milk-whole=309,wheat-flour-white=200
      200 lovely grams of flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g of that flour I bought, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour (the one in the blue bag), 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g of just normal flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour through a sieve, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour that's been in the freezer, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, two eggs from our hens, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, two eggs, beaten with a fork, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, two free range eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, the last two eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, two ordinary eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, two eggs, one by one, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk straight from the fridge|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk (blue top)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, warmed a minute in the microwave|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, any|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, poured in slowly while whisking|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, about 300 ml milk, maybe|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, no sugar no salt|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. There's no sugar in it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Never any sugar.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, hold the sugar|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 0 sugar.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk⏎sugar: 0⏎salt: 0|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. You don't need baking powder.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The sugar I forgot.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The recipe has sugar, mine doesn't.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Everyone says to add butter but I never bother.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, any, I used oat milk|egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, oat is what I had|egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml plant milk. I use oat.|egg=100,oat-drink=311,wheat-flour-white=200
      200 g flour of choice, I used spelt, 2 eggs, 300 ml milk|egg=100,milk-whole=309,spelt-flour=200
      200 g flour, whatever sort, I took spelt, 2 eggs, 300 ml milk|egg=100,milk-whole=309,spelt-flour=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sweetener, I took honey|egg=100,honey=30,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g nuts (walnuts)|egg=100,milk-whole=309,walnuts=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g nuts of some kind, walnuts mostly|egg=100,milk-whole=309,walnuts=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 100 g berries. They were raspberries.|egg=100,milk-whole=309,raspberries=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 20 g oil (we use olive)|egg=100,milk-whole=309,oil-olive=20,wheat-flour-white=200
      Q: flour? A: 200 g. Q: eggs? A: 2. Q: milk? A: 300 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      Flour? Two hundred grams. Eggs? A couple. Milk? Three hundred mil.|egg=100,milk-whole=309,wheat-flour-white=200
      Mum: how much flour?⏎Me: 200 g⏎Mum: eggs?⏎Me: 2⏎Mum: milk?⏎Me: 300 ml|egg=100,milk-whole=309,wheat-flour-white=200
      Sugar? No. Flour? 200 g. Eggs? 2. Milk? 300 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      You: flour 200 g? Me: yes, 200 g flour. 2 eggs. 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Flour: how much? 200 g. Eggs: how many? 2. Milk: how much? 300 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      Was it three eggs? No, two. 200 g flour and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. A bag of flour is 80p now.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Costs around 2 euros a batch.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour (16p), 2 eggs (50p), 300 ml milk (30p)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. We sell them at 5 dollars a plate.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Food cost 0.18 per portion.|egg=100,milk-whole=309,wheat-flour-white=200
      I got the eggs for 15p each. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      flour one twenty milk two hundred egg one sugar ten salt one|egg=50,milk-whole=206,salt=1,sugar-white=10,wheat-flour-white=120
      one twenty flour two hundred milk one egg ten sugar one salt|egg=50,milk-whole=206,salt=1,sugar-white=10,wheat-flour-white=120
      egg one flour one twenty milk two hundred sugar ten salt one|egg=50,milk-whole=206,salt=1,sugar-white=10,wheat-flour-white=120
      egg 1 flour 120 milk 200 salt 1 sugar 10|egg=50,milk-whole=206,salt=1,sugar-white=10,wheat-flour-white=120
      250 flour 3 eggs 500 milk 50 butter|butter=50,egg=150,milk-whole=516,wheat-flour-white=250
      eggs three, flour two fifty, milk five hundred, butter fifty|butter=50,egg=150,milk-whole=516,wheat-flour-white=250
      flour 250 eggs 3 milk 500 butter 50|butter=50,egg=150,milk-whole=516,wheat-flour-white=250
      Batter of 1 kg: 40 % flour, 50 % milk, 10 % egg.|egg=100,milk-whole=500,wheat-flour-white=400
      Flour 0.4 kg, milk 0.5 l, 2 eggs|egg=100,milk-whole=516,wheat-flour-white=400
      300 g flour in total, a third of it buckwheat, 2 eggs, 300 ml milk|buckwheat-flour=100,egg=100,milk-whole=309,wheat-flour-white=200
      300 ml liquid, half milk half water, 200 g flour, 2 eggs|egg=100,milk-whole=155,water=150,wheat-flour-white=200
      300 ml of half milk half water, 200 g flour, 2 eggs|egg=100,milk-whole=155,water=150,wheat-flour-white=200
      One egg each, three eggs. 200 g flour.|egg=150,wheat-flour-white=200
      One egg and one more, 200 g flour, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      two lots of 100 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      300 ml milk: 150 ml now and 150 ml later. 200 g flour, 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      Flour, eggs, milk = 200 g, 2, 300 ml|egg=100,milk-whole=309,wheat-flour-white=200
      """;

  @Test
  void nothingAroundThemCounts() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
