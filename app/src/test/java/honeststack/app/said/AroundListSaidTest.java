package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What is said before, behind and around a list, and measures nothing of it. */
class AroundListSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, 300 ml milk, 1 banana - half of it went to the freezer.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana - five stars from me.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      We are 5 at home. 200 g flour, 2 eggs, 300 ml milk, 1 banana.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      It's my 3rd time making these. 200 g flour, 2 eggs, 300 ml milk, 1 banana.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana - i don't really like eggs but here goes.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      I try to stay under 50 g carbs. 200 g flour, 2 eggs, 300 ml milk, 1 banana.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      Whisk until smooth, about 2 minutes.⏎200 g flour⏎2 eggs⏎300 ml milk⏎1 banana|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      One stuck to the pan. 200 g flour, 2 eggs, 300 ml milk, 1 banana.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana - one stuck to the pan.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana. Next time thinner.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana. Written down in 1998.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana - they keep for 2 days in the fridge.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      The batter stood for an hour.⏎200 g flour⏎2 eggs⏎300 ml milk⏎1 banana|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      The batter stood for an hour. 200 g flour, 2 eggs, 300 ml milk, 1 banana.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana. Got up at 7 for this.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      You could add berries.⏎200 g flour⏎2 eggs⏎300 ml milk⏎1 banana|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      We are 5 at home.⏎200 g flour⏎2 eggs⏎300 ml milk⏎1 banana|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana. My daughter is 4 and helps.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana. There were six of us.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      My daughter is 4 and helps.⏎200 g flour⏎2 eggs⏎300 ml milk⏎1 banana|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      There were six of us.⏎200 g flour⏎2 eggs⏎300 ml milk⏎1 banana|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana. Is that a lot of fat?|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana - we're out of syrup again.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana. Saved as recipe no. 17.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      It's gas mark 6 if you bake them. 200 g flour, 2 eggs, 300 ml milk, 1 banana.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      The bananas were very ripe.⏎200 g flour⏎2 eggs⏎300 ml milk⏎1 banana|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana - the milk was a day past its date.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana - i was alone today.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      It took me 25 minutes all in. 200 g flour, 2 eggs, 300 ml milk, 1 banana.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      Half of it went to the freezer. 200 g flour, 2 eggs, 300 ml milk, 1 banana.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana - it took me 25 minutes all in.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      It's my 3rd time making these.⏎200 g flour⏎2 eggs⏎300 ml milk⏎1 banana|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      I've been making these for 20 years. 200 g flour, 2 eggs, 300 ml milk, 1 banana.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      The dog got one. 200 g flour, 2 eggs, 300 ml milk, 1 banana.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana - i've been making these for 20 years.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana - the dog got one.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana. I make them every Sunday.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      Got up at 7 for this.⏎200 g flour⏎2 eggs⏎300 ml milk⏎1 banana|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana. I used the big pan.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana - my husband hates bananas.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      I left the salt out.⏎200 g flour⏎2 eggs⏎300 ml milk⏎1 banana|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      Is that a lot of fat? 200 g flour, 2 eggs, 300 ml milk, 1 banana.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana. The scale is off by 2 g.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      I don't really like eggs but here goes.⏎200 g flour⏎2 eggs⏎300 ml milk⏎1 banana|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      One stuck to the pan.⏎200 g flour⏎2 eggs⏎300 ml milk⏎1 banana|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana. I saw this online and changed it a bit.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana. They were a bit thick.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      I saw this online and changed it a bit.⏎200 g flour⏎2 eggs⏎300 ml milk⏎1 banana|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      They were a bit thick.⏎200 g flour⏎2 eggs⏎300 ml milk⏎1 banana|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana. There's no sugar in ours.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      We moved to number 12 last week.⏎200 g flour⏎2 eggs⏎300 ml milk⏎1 banana|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      There's no sugar in ours.⏎200 g flour⏎2 eggs⏎300 ml milk⏎1 banana|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      Next time thinner.⏎200 g flour⏎2 eggs⏎300 ml milk⏎1 banana|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      They were a bit thick. 200 g flour, 2 eggs, 300 ml milk, 1 banana.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      We moved to number 12 last week. 200 g flour, 2 eggs, 300 ml milk, 1 banana.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      Cost me about 1.50 altogether.⏎200 g flour⏎2 eggs⏎300 ml milk⏎1 banana|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      I need to buy eggs. 200 g flour, 2 eggs, 300 ml milk, 1 banana.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana. The original has vanilla, I never add it.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana - no toppings today.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      We're out of syrup again. 200 g flour, 2 eggs, 300 ml milk, 1 banana.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana - i was going to add blueberries but forgot.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      My coach wants 30 g protein in it.⏎200 g flour⏎2 eggs⏎300 ml milk⏎1 banana|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana - whisk until smooth, about 2 minutes.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana - it rose beautifully.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana - i saw this online and changed it a bit.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      Not as sweet as last time. 200 g flour, 2 eggs, 300 ml milk, 1 banana.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana - i need to buy eggs.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 1 banana - not as sweet as last time.|banana=118,egg=100,milk-whole=309,wheat-flour-white=200
      Quantities: 200 g flour, 2 eggs and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      The base is two eggs, 100 g oats, a banana and 150 ml milk.|banana=118,egg=100,milk-whole=155,oats-rolled=100
      Amounts: two eggs, 100 g oats, a banana and 150 ml milk.|banana=118,egg=100,milk-whole=155,oats-rolled=100
      I always start with 2 cups flour, 2 tbsp sugar, 1 egg, 1 cup milk.|egg=50,milk-whole=244,sugar-white=25,wheat-flour-white=270
      Mine: 2 cups flour, 2 tbsp sugar, 1 egg, 1 cup milk.|egg=50,milk-whole=244,sugar-white=25,wheat-flour-white=270
      In the bowl: 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Ours is 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      It's just 200 g flour, 2 eggs and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Gran's was 200 g flour, 2 eggs and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      All you need is two eggs, 100 g oats, a banana and 150 ml milk.|banana=118,egg=100,milk-whole=155,oats-rolled=100
      My mum always did two eggs, 100 g oats, a banana and 150 ml milk.|banana=118,egg=100,milk-whole=155,oats-rolled=100
      Today's had 2 cups flour, 2 tbsp sugar, 1 egg, 1 cup milk in it.|egg=50,milk-whole=244,sugar-white=25,wheat-flour-white=270
      The way I learnt it: 2 cups flour, 2 tbsp sugar, 1 egg, 1 cup milk.|egg=50,milk-whole=244,sugar-white=25,wheat-flour-white=270
      I threw together 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Same as ever, 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      I whisked 200 g flour, 2 eggs and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Nothing fancy: 200 g flour, 2 eggs and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      We blended two eggs, 100 g oats, a banana and 150 ml milk.|banana=118,egg=100,milk-whole=155,oats-rolled=100
      Nothing special, two eggs, 100 g oats, a banana and 150 ml milk.|banana=118,egg=100,milk-whole=155,oats-rolled=100
      Take 2 cups flour, 2 tbsp sugar, 1 egg, 1 cup milk and mix.|egg=50,milk-whole=244,sugar-white=25,wheat-flour-white=270
      Simple: 2 cups flour, 2 tbsp sugar, 1 egg, 1 cup milk.|egg=50,milk-whole=244,sugar-white=25,wheat-flour-white=270
      200 g flour, 2 eggs, 300 ml milk went in.|egg=100,milk-whole=309,wheat-flour-white=200
      Easy – 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs and 300 ml milk, that's all.|egg=100,milk-whole=309,wheat-flour-white=200
      Quick one: 200 g flour, 2 eggs and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Two eggs, 100 g oats, a banana and 150 ml milk and that's it.|banana=118,egg=100,milk-whole=155,oats-rolled=100
      Tonight: two eggs, 100 g oats, a banana and 150 ml milk.|banana=118,egg=100,milk-whole=155,oats-rolled=100
      2 cups flour, 2 tbsp sugar, 1 egg, 1 cup milk whisked together.|egg=50,milk-whole=244,sugar-white=25,wheat-flour-white=270
      Dinner was 2 cups flour, 2 tbsp sugar, 1 egg, 1 cup milk.|egg=50,milk-whole=244,sugar-white=25,wheat-flour-white=270
      200 g flour, 2 eggs, 300 ml milk into the blender.|egg=100,milk-whole=309,wheat-flour-white=200
      The kids mixed 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs and 300 ml milk is all it is.|egg=100,milk-whole=309,wheat-flour-white=200
      He uses 200 g flour, 2 eggs and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Basically two eggs, 100 g oats, a banana and 150 ml milk.|banana=118,egg=100,milk-whole=155,oats-rolled=100
      She swears by two eggs, 100 g oats, a banana and 150 ml milk.|banana=118,egg=100,milk-whole=155,oats-rolled=100
      My go-to is 2 cups flour, 2 tbsp sugar, 1 egg, 1 cup milk.|egg=50,milk-whole=244,sugar-white=25,wheat-flour-white=270
      They do 2 cups flour, 2 tbsp sugar, 1 egg, 1 cup milk there.|egg=50,milk-whole=244,sugar-white=25,wheat-flour-white=270
      We use 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Chef's batter: 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      You'll want 200 g flour, 2 eggs and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      House batter, 200 g flour, 2 eggs and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      You need two eggs, 100 g oats, a banana and 150 ml milk, nothing else.|banana=118,egg=100,milk-whole=155,oats-rolled=100
      Our standard: two eggs, 100 g oats, a banana and 150 ml milk.|banana=118,egg=100,milk-whole=155,oats-rolled=100
      Right, 2 cups flour, 2 tbsp sugar, 1 egg, 1 cup milk.|egg=50,milk-whole=244,sugar-white=25,wheat-flour-white=270
      Version 3: 2 cups flour, 2 tbsp sugar, 1 egg, 1 cup milk.|egg=50,milk-whole=244,sugar-white=25,wheat-flour-white=270
      Okay so 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Trial 2 – 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Well, I take 200 g flour, 2 eggs and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Batch 7: 200 g flour, 2 eggs and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      It starts with two eggs, 100 g oats, a banana and 150 ml milk.|banana=118,egg=100,milk-whole=155,oats-rolled=100
      """;

  @Test
  void around() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
