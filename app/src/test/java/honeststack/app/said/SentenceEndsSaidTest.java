package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What a sentence says behind one that ends with "300 ml.": no unit is cut short there. */
class SentenceEndsSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, milk 300 ml. Next time more.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, milk 300 ml. Kept warm in the oven.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, milk 300 ml. Baked for 4 minutes.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, milk 300 ml. Non-stick pan.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, milk 300 ml. Everyone was happy.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, milk 300 ml. Took 20 minutes.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, milk 300 ml. Topped with 20 g honey.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, milk 300 ml. Drizzled with 20 g honey.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, milk 300 ml. Plus 20 g honey on top.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, milk 300 ml. After that I rested it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, milk 300 ml. And 5 g salt.|egg=100,milk-whole=309,salt=5,wheat-flour-white=200
      200 g flour, 2 eggs, milk 300 ml. Half an hour of rest.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, milk 300 ml. Two of us ate it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, milk 300 ml. Got 6.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, milk 300 ml. Gave six.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, milk 300 ml. Very thin batter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, milk 300 ml. Cooked on medium.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, milk 300 ml. Yum.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, milk 300 ml. Enough for 3.|egg=100,milk-whole=309,wheat-flour-white=200;serves 3
      200 g flour, 2 eggs, milk 300 ml. In the pan 10 g butter.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, milk 300 ml. Pan: 10 g butter.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, milk 300 ml. Everything at room temperature.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs and milk, about 300 ml. Lovely and crisp.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs and milk, about 300 ml. Our kids loved them.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs and milk, about 300 ml. Fried in a dry pan.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs and milk, about 300 ml. No salt.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs and milk, about 300 ml. Turned out great.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs and milk, about 300 ml. Eaten hot.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs and milk, about 300 ml. With 20 g honey on top.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs and milk, about 300 ml. Honey on top, 20 g.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs and milk, about 300 ml. All mixed in a jug.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs and milk, about 300 ml. Also 5 g salt.|egg=100,milk-whole=309,salt=5,wheat-flour-white=200
      200 g flour, 2 eggs and milk, about 300 ml. Plus 5 g salt.|egg=100,milk-whole=309,salt=5,wheat-flour-white=200
      200 g flour, 2 eggs and milk, about 300 ml. Left it for 20 minutes.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs and milk, about 300 ml. Six pancakes.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs and milk, about 300 ml. Six came out.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs and milk, about 300 ml. What a mess.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs and milk, about 300 ml. Blended everything.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs and milk, about 300 ml. Perfect.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs and milk, about 300 ml. Good batter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs and milk, about 300 ml. Salt, 5 g.|egg=100,milk-whole=309,salt=5,wheat-flour-white=200
      200 g flour, 2 eggs and milk, about 300 ml. For frying 10 g butter.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs and milk, about 300 ml. Butter for the pan 10 g.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. Next time more.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. Kept warm in the oven.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. Baked for 4 minutes.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. Non-stick pan.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. Everyone was happy.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. Took 20 minutes.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. Topped with 20 g honey.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. Drizzled with 20 g honey.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. Plus 20 g honey on top.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. After that I rested it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. And 5 g salt.|egg=100,milk-whole=309,salt=5,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. Half an hour of rest.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. Two of us ate it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. Got 6.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. Gave six.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. Very thin batter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. Cooked on medium.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. Yum.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. Enough for 3.|egg=100,milk-whole=309,wheat-flour-white=200;serves 3
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. In the pan 10 g butter.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. Pan: 10 g butter.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. It took less milk, only 300 ml. Everything at room temperature.|egg=100,milk-whole=309,wheat-flour-white=200
      Eggs 2, milk 300 ml, flour 200 g. Lovely and crisp.|egg=100,milk-whole=309,wheat-flour-white=200
      Eggs 2, milk 300 ml, flour 200 g. Our kids loved them.|egg=100,milk-whole=309,wheat-flour-white=200
      Eggs 2, milk 300 ml, flour 200 g. Fried in a dry pan.|egg=100,milk-whole=309,wheat-flour-white=200
      Eggs 2, milk 300 ml, flour 200 g. No salt.|egg=100,milk-whole=309,wheat-flour-white=200
      Eggs 2, milk 300 ml, flour 200 g. Turned out great.|egg=100,milk-whole=309,wheat-flour-white=200
      Eggs 2, milk 300 ml, flour 200 g. Eaten hot.|egg=100,milk-whole=309,wheat-flour-white=200
      Eggs 2, milk 300 ml, flour 200 g. With 20 g honey on top.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      Eggs 2, milk 300 ml, flour 200 g. Honey on top, 20 g.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      Eggs 2, milk 300 ml, flour 200 g. All mixed in a jug.|egg=100,milk-whole=309,wheat-flour-white=200
      Eggs 2, milk 300 ml, flour 200 g. Also 5 g salt.|egg=100,milk-whole=309,salt=5,wheat-flour-white=200
      Eggs 2, milk 300 ml, flour 200 g. Plus 5 g salt.|egg=100,milk-whole=309,salt=5,wheat-flour-white=200
      Eggs 2, milk 300 ml, flour 200 g. Left it for 20 minutes.|egg=100,milk-whole=309,wheat-flour-white=200
      Eggs 2, milk 300 ml, flour 200 g. Six pancakes.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      Eggs 2, milk 300 ml, flour 200 g. Six came out.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      Eggs 2, milk 300 ml, flour 200 g. What a mess.|egg=100,milk-whole=309,wheat-flour-white=200
      Eggs 2, milk 300 ml, flour 200 g. Blended everything.|egg=100,milk-whole=309,wheat-flour-white=200
      Eggs 2, milk 300 ml, flour 200 g. Perfect.|egg=100,milk-whole=309,wheat-flour-white=200
      Eggs 2, milk 300 ml, flour 200 g. Good batter.|egg=100,milk-whole=309,wheat-flour-white=200
      Eggs 2, milk 300 ml, flour 200 g. Salt, 5 g.|egg=100,milk-whole=309,salt=5,wheat-flour-white=200
      Eggs 2, milk 300 ml, flour 200 g. For frying 10 g butter.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      Eggs 2, milk 300 ml, flour 200 g. Butter for the pan 10 g.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. Next time more.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. Kept warm in the oven.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. Baked for 4 minutes.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. Non-stick pan.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. Everyone was happy.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. Took 20 minutes.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. Topped with 20 g honey.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. Drizzled with 20 g honey.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. Plus 20 g honey on top.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. After that I rested it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. And 5 g salt.|egg=100,milk-whole=309,salt=5,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. Half an hour of rest.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. Two of us ate it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. Got 6.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. Gave six.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. Very thin batter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. Cooked on medium.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. Yum.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. Enough for 3.|egg=100,milk-whole=309,wheat-flour-white=200;serves 3
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. In the pan 10 g butter.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. Pan: 10 g butter.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 350 ml milk. The milk ran out so only 300 ml. Everything at room temperature.|egg=100,milk-whole=309,wheat-flour-white=200
      Two eggs, 200 g flour. I poured in milk till it was thin, 300 ml. Lovely and crisp.|egg=100,milk-whole=309,wheat-flour-white=200
      Two eggs, 200 g flour. I poured in milk till it was thin, 300 ml. Our kids loved them.|egg=100,milk-whole=309,wheat-flour-white=200
      Two eggs, 200 g flour. I poured in milk till it was thin, 300 ml. Fried in a dry pan.|egg=100,milk-whole=309,wheat-flour-white=200
      Two eggs, 200 g flour. I poured in milk till it was thin, 300 ml. No salt.|egg=100,milk-whole=309,wheat-flour-white=200
      Two eggs, 200 g flour. I poured in milk till it was thin, 300 ml. Turned out great.|egg=100,milk-whole=309,wheat-flour-white=200
      Two eggs, 200 g flour. I poured in milk till it was thin, 300 ml. Eaten hot.|egg=100,milk-whole=309,wheat-flour-white=200
      Two eggs, 200 g flour. I poured in milk till it was thin, 300 ml. With 20 g honey on top.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      Two eggs, 200 g flour. I poured in milk till it was thin, 300 ml. Honey on top, 20 g.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      Two eggs, 200 g flour. I poured in milk till it was thin, 300 ml. All mixed in a jug.|egg=100,milk-whole=309,wheat-flour-white=200
      Two eggs, 200 g flour. I poured in milk till it was thin, 300 ml. Also 5 g salt.|egg=100,milk-whole=309,salt=5,wheat-flour-white=200
      Two eggs, 200 g flour. I poured in milk till it was thin, 300 ml. Plus 5 g salt.|egg=100,milk-whole=309,salt=5,wheat-flour-white=200
      Two eggs, 200 g flour. I poured in milk till it was thin, 300 ml. Left it for 20 minutes.|egg=100,milk-whole=309,wheat-flour-white=200
      Two eggs, 200 g flour. I poured in milk till it was thin, 300 ml. Six pancakes.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      Two eggs, 200 g flour. I poured in milk till it was thin, 300 ml. Six came out.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      Two eggs, 200 g flour. I poured in milk till it was thin, 300 ml. What a mess.|egg=100,milk-whole=309,wheat-flour-white=200
      Two eggs, 200 g flour. I poured in milk till it was thin, 300 ml. Blended everything.|egg=100,milk-whole=309,wheat-flour-white=200
      Two eggs, 200 g flour. I poured in milk till it was thin, 300 ml. Perfect.|egg=100,milk-whole=309,wheat-flour-white=200
      Two eggs, 200 g flour. I poured in milk till it was thin, 300 ml. Good batter.|egg=100,milk-whole=309,wheat-flour-white=200
      Two eggs, 200 g flour. I poured in milk till it was thin, 300 ml. Salt, 5 g.|egg=100,milk-whole=309,salt=5,wheat-flour-white=200
      Two eggs, 200 g flour. I poured in milk till it was thin, 300 ml. For frying 10 g butter.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      Two eggs, 200 g flour. I poured in milk till it was thin, 300 ml. Butter for the pan 10 g.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      """;

  @Test
  void apart() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
