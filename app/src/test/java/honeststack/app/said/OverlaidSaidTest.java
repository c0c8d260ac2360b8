package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * What was taken for what a recipe, a plan or the last time says, what ran out, and what went in
 * bit by bit.
 */
class OverlaidSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs. Milk, started with 200 ml and then 100 more.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs. Started with 200 ml milk, needed 100 more.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 200 ml milk. Too thick so 100 ml more.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 200 ml milk. It was like cement so another 100 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 200 ml milk, then 100 ml more because it was thick|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 200 ml milk, and later another 100|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs. I poured in 200 ml milk, stirred, poured in another 100.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, milk: 200 ml, then 50, then another 50|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, milk 200 ml and again 100 ml|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs and 200 ml of milk, no, it needed 100 more|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 200 ml milk plus the 100 ml that I added at the end|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 200 ml milk to begin with and 100 ml on top of that|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 200 ml milk, which wasn't enough, so 300 ml in the end|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 200 ml milk wasn't enough so I used 300 ml|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 200 ml milk, no, 300 in the end|egg=100,milk-whole=309,wheat-flour-white=200
      Flour went in first, 150 g. Not enough so another 50 g. 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      150 g flour and then another 50 because it was runny, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      150 g flour, 2 eggs, 300 ml milk. Runny! So 50 g more flour.|egg=100,milk-whole=309,wheat-flour-white=200
      150 g flour, 2 eggs, 300 ml milk. It was runny so I put in 50 g more flour.|egg=100,milk-whole=309,wheat-flour-white=200
      150 g flour, 2 eggs, 300 ml milk. A bit runny, so another 50 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      150 g flour, 2 eggs, 300 ml milk, with 50 g extra flour to thicken|egg=100,milk-whole=309,wheat-flour-white=200
      150 g flour, 2 eggs, 300 ml milk. Added another 50 g of the flour.|egg=100,milk-whole=309,wheat-flour-white=200
      One egg. Then a second one. 200 g flour, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      One egg didn't look enough so I cracked in another. 200 g flour, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, an egg and then one more egg|egg=100,milk-whole=309,wheat-flour-white=200
      A: 200 g flour, 2 eggs, 300 ml milk. B is the same with 250 g flour. I made A.|egg=100,milk-whole=309,wheat-flour-white=200
      Version 1: 200 g flour, 2 eggs, 300 ml milk. Version 2: the same with 50 g sugar. I made version 2.|egg=100,milk-whole=309,sugar-white=50,wheat-flour-white=200
      A: 200 g flour, 2 eggs, 300 ml milk. B: as A but 3 eggs. Today B.|egg=150,milk-whole=309,wheat-flour-white=200
      First try 200 g flour, 2 eggs, 300 ml milk. Second try the same but only 250 ml milk, and that's the one I'm logging.|egg=100,milk-whole=258,wheat-flour-white=200
      Last week: 200 g flour, 2 eggs, 300 ml milk. This week the same but 250 ml milk.|egg=100,milk-whole=258,wheat-flour-white=200
      Last time I used 200 g flour, 2 eggs, 300 ml milk. This time one egg more.|egg=150,milk-whole=309,wheat-flour-white=200
      Last time I used 200 g flour, 2 eggs, 300 ml milk. This time one egg less.|egg=50,milk-whole=309,wheat-flour-white=200
      Last time: 200 g flour, 2 eggs, 300 ml milk. This time without the eggs.|milk-whole=309,wheat-flour-white=200
      Last time: 200 g flour, 2 eggs, 300 ml milk. Today half the milk.|egg=100,milk-whole=155,wheat-flour-white=200
      Last time: 200 g flour, 2 eggs, 300 ml milk. Today the same plus 50 g sugar.|egg=100,milk-whole=309,sugar-white=50,wheat-flour-white=200
      Same as last time (200 g flour, 2 eggs, 300 ml milk) plus 50 g sugar.|egg=100,milk-whole=309,sugar-white=50,wheat-flour-white=200
      As last time, 200 g flour, 2 eggs, 300 ml milk, but 3 eggs.|egg=150,milk-whole=309,wheat-flour-white=200
      Same as always: 200 g flour, 2 eggs, 300 ml milk. Except today 3 eggs.|egg=150,milk-whole=309,wheat-flour-white=200
      The usual, 200 g flour, 2 eggs, 300 ml milk, only with 3 eggs today.|egg=150,milk-whole=309,wheat-flour-white=200
      Normally 200 g flour, 2 eggs, 300 ml milk. Today I used 3 eggs.|egg=150,milk-whole=309,wheat-flour-white=200
      Normally it's 3 eggs. Today 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      It used to be 3 eggs and 250 g flour. Now it's 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Mum's: 3 eggs, 250 g flour. Mine: 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Mine: 200 g flour, 2 eggs, 300 ml milk. Mum's: 3 eggs, 250 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      Mine is 200 g flour, 2 eggs, 300 ml milk, Mum's has 3 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      The book has 3 eggs and 250 g flour; I use 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; the book has 3 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      Recipe says 3 eggs, 250 g flour, 300 ml milk. I used 2 eggs and 200 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      Recipe says 3 eggs, 250 g flour, 300 ml milk. I used 2 eggs and 200 g flour, the milk as it says.|egg=100,milk-whole=309,wheat-flour-white=200
      Recipe: 3 eggs, 200 g flour, 300 ml milk. Me: 2 eggs, rest the same.|egg=100,milk-whole=309,wheat-flour-white=200
      Recipe: 3 eggs, 200 g flour, 300 ml milk. I only had 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      Recipe: 3 eggs, 200 g flour, 300 ml milk. I had just 2 eggs left.|egg=100,milk-whole=309,wheat-flour-white=200
      Plan: 3 eggs, 250 g flour, 300 ml milk. Reality: 2 eggs, 200 g flour, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Planned: 3 eggs, 200 g flour, 300 ml milk. Actual: 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      Yesterday 3 eggs, 250 g flour and 300 ml milk, today 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Today 200 g flour, 2 eggs, 300 ml milk, yesterday 3 eggs, 250 g flour and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 250 ml milk made up to 300 ml with water|egg=100,milk-whole=258,water=50,wheat-flour-white=200
      200 g flour, 2 eggs. The milk only came to 250 ml, so I added 50 ml water.|egg=100,milk-whole=258,water=50,wheat-flour-white=200
      200 g flour, 2 eggs, the last 250 ml of milk and 50 ml water|egg=100,milk-whole=258,water=50,wheat-flour-white=200
      There were only 150 g flour left so 50 g oats. 2 eggs, 300 ml milk.|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=150
      150 g flour, that's all there was, and 50 g oats instead of the rest, 2 eggs, 300 ml milk|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=150
      It should be 200 g flour but 50 g of it is oats today. 2 eggs, 300 ml milk.|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=150
      Not enough flour, 150 g, so 50 g ground almonds to make up the weight. 2 eggs, 300 ml milk.|almonds-ground=50,egg=100,milk-whole=309,wheat-flour-white=150
      If I use 3 eggs I need 300 g flour and 450 ml milk. But I've only 2 eggs. So 200 g flour and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      With 3 eggs it'd be 300 g flour. I have 2 eggs so 200 g flour, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      For 3 eggs it's 300 g flour and 450 ml milk; I've 2 eggs, hence 200 g flour and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Had I had 3 eggs I'd have used 300 g flour. As it was: 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      3 eggs would need 300 g flour. I took 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      You could do 3 eggs and 300 g flour for more people. For us 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      If there's more of us 3 eggs and 300 g flour, otherwise 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. If we're more, 3 eggs and 300 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. With guests 3 eggs and 300 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. When the boys come it's 4 eggs and 400 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. On Sundays 4 eggs and 400 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, and on Sundays double.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Next time I'd use 250 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 250 ml milk would have been enough.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Perhaps 250 ml milk would do.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I nearly used 3 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I wanted to use 3 eggs but had 2.|egg=100,milk-whole=309,wheat-flour-white=200
      I was going to use 3 eggs, in the end 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Mix 500 g flour, 50 g sugar and 20 g baking powder. Of that take 250 g, with 2 eggs and 300 ml milk.|baking-powder=9,egg=100,milk-whole=309,sugar-white=22,wheat-flour-white=219
      The dry mix: 400 g flour, 20 g baking powder. I use half of it with 2 eggs and 300 ml milk.|baking-powder=10,egg=100,milk-whole=309,wheat-flour-white=200
      I keep a jar of 800 g flour and 40 g baking powder mixed. A quarter of the jar, 2 eggs, 300 ml milk.|baking-powder=10,egg=100,milk-whole=309,wheat-flour-white=200
      """;

  @Test
  void whatWasTakenCounts() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
