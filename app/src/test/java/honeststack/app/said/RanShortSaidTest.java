package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What ran out, what made it up, what stayed in the jug, what went in later. */
class RanShortSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, 300 ml milk. The milk ran out at 200 so the last 100 was water.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I ran out of milk after 200 ml, topped up with 100 ml water.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Only had 200 ml milk, made up the rest with water.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. There was only 200 ml of milk left so 100 ml water went in too.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Milk ran out at 200, so 100 water.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Ran short of milk: 200 milk, 100 water.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, but the milk stopped at 200 ml and I used 100 ml water|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Had just 200 ml milk in the house, the other 100 ml is water.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 100 ml of the milk was water because I ran out.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I was 100 ml short on milk and used water for that.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I was 100 ml short of milk so I put water.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Milk bottle gave only 200, rest water.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Only 200 ml milk was left. I filled it up to 300 with water.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Milk was just 200 ml, water to make 300.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Only had 150 g flour, so 50 g of oats instead for the rest.|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=150
      200 g flour, 2 eggs, 300 ml milk. The flour ran out at 150 g, the last 50 g is oats.|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=150
      200 g flour, 2 eggs, 300 ml milk. I ran out of flour at 150 so 50 g oats.|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=150
      200 g flour, 2 eggs, 300 ml milk. There was only 150 g flour in the tin; I made it up with 50 g oats.|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=150
      200 g flour, 2 eggs, 300 ml milk. Flour ran out. 150 g flour and 50 g oats.|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=150
      200 g flour, 2 eggs, 300 ml milk. 50 g of the flour is oats, I'd run out.|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=150
      200 g flour, 2 eggs, 300 ml milk. There was only one egg left, so one egg.|egg=50,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Only one egg in the box, so I used one.|egg=50,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I only had one egg.|egg=50,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. We had just one egg left.|egg=50,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Turned out there was only one egg.|egg=50,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. One of the eggs was bad, so just the one.|egg=50,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. One egg was off, so I used only one.|egg=50,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I dropped one of the eggs, so one egg.|egg=50,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I broke one egg on the floor, so it's one egg.|egg=50,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. After resting I added 20 ml milk.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. After the rest it was thick so in went another 20 ml milk.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Next morning 20 ml milk to loosen it.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. It thickened overnight; 20 ml more milk.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Half an hour later a further 20 ml milk.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. After the first pancake I stirred in 20 ml milk.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The first one was too thick so 20 ml milk.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Came out thick. 20 ml milk more.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Thinned at the end with 20 ml milk.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Needed 20 ml extra milk in the end.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I had to add 20 ml milk.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Ended up adding 20 ml milk.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. A splash more milk, about 20 ml.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Plus 20 ml milk at the very end.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 20 ml milk on top of that.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Let down with 20 ml milk.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Slackened with 20 ml milk.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I didn't need all of the milk, 20 ml stayed in the jug.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I kept back 20 ml of the milk and never used it.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 20 ml of the milk was left over.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. About 20 ml milk stayed in the cup.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I stopped 20 ml short with the milk.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. All but 20 ml of the milk went in.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Didn't use the last 20 ml of milk.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The last 20 ml milk I left out.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I held back 20 ml milk and it stayed out.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 20 ml of milk didn't go in.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour, 2 eggs. A drop of milk, I put in about 250 ml.|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs. Some milk, it took 250 ml.|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, milk till it's right, that was 250 ml.|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs and milk, which came to 250 ml.|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, enough milk, say 250 ml.|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, milk as needed (I needed 250 ml)|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, as much milk as it takes, in my case 250 ml.|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs. Milk by eye, 250 ml I think.|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs. Milk by eye; measured it once and it was 250 ml.|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs. I poured milk until it looked right, 250 ml by the jug.|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs. Add milk until like cream. I needed 250 ml.|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs. Milk to thin, about 250 ml went in.|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, some milk (250 ml or thereabouts)|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs. How much milk? Till it pours. 250 ml today.|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, a glass of milk, my glass is 250 ml|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, and enough milk to make it pour, which was 250 ml this morning.|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, milk ad lib, 250 ml measured|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, then milk, I stopped at 250 ml.|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, then milk. I stopped at 250 ml.|egg=100,milk-whole=258,wheat-flour-white=200
      """;

  @Test
  void soMuchWentIn() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
