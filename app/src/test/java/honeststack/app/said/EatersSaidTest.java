package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * What each eater or each group gets, and what became of the pieces: "A portion is two pancakes
 * with 20 g honey."
 */
class EatersSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 300 ml milk, 2 eggs. Eaten with a tablespoon of maple syrup.|egg=100,maple-syrup=20@PLATE,milk-whole=309,wheat-flour-white=200
      8 now, 8 in the freezer; 300 g flour, 3 eggs, 500 ml milk|egg=150,milk-whole=516,wheat-flour-white=300;pieces 16
      200 g flour, 300 ml milk, 2 eggs. He likes his with 2 tsp of jam on.|egg=100,jam=13@PLATE,milk-whole=309,wheat-flour-white=200
      The lot cost us two quid: 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      We ate 7 and there were 5 left over: 300 g flour, 3 eggs, 500 ml milk|egg=150,milk-whole=516,wheat-flour-white=300;pieces 12
      200 g flour, 300 ml milk, 2 eggs. With 2 tsp of jam on each it's lovely.|egg=100,jam=13@PLATE,milk-whole=309,wheat-flour-white=200
      10 eaten straight away, 2 went to the neighbour; 300 g flour, 3 eggs, 500 ml milk|egg=150,milk-whole=516,wheat-flour-white=300;pieces 12
      We ate ten and froze six: 300 g flour, 3 eggs, 500 ml milk|egg=150,milk-whole=516,wheat-flour-white=300;pieces 16
      200 g flour, 300 ml milk, 2 eggs. They go out with 50 g yoghurt.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE
      Per group: 100 g flour, 1 egg, 200 ml milk. 6 groups.|egg=300,milk-whole=1236,wheat-flour-white=600
      200 g flour, 300 ml milk, 2 eggs. We have them with a tablespoon of maple syrup.|egg=100,maple-syrup=20@PLATE,milk-whole=309,wheat-flour-white=200
      4 for breakfast, 4 for lunch boxes; 300 g flour, 3 eggs, 500 ml milk|egg=150,milk-whole=516,wheat-flour-white=300;pieces 8
      300 g flour, 3 eggs, 500 ml milk - ate 4, froze 8|egg=150,milk-whole=516,wheat-flour-white=300;pieces 12
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Serving: 20 g honey.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Per person 20 g honey and 50 g yoghurt.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE;pieces 8
      100 g flour, 1 egg and 200 ml milk per group of four|egg=50,milk-whole=206,wheat-flour-white=100
      200 g flour, 300 ml milk, 2 eggs. Served with a tablespoon of maple syrup each.|egg=100,maple-syrup=20@PLATE,milk-whole=309,wheat-flour-white=200
      One serving is 40 g oats, 1 egg and 100 ml milk.|egg=50,milk-whole=103,oats-rolled=40
      200 g flour, 300 ml milk, 2 eggs. Makes 8. One plate: two pancakes with 20 g honey.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8;serves 4
      200 g flour, 300 ml milk, 2 eggs. She has hers with a teaspoon of sugar.|egg=100,milk-whole=309,sugar-white=4@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Per serving: 2 pancakes, 20 g honey and 50 g yoghurt.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE;pieces 8;serves 4
      200 g flour, 300 ml milk, 2 eggs. Makes 8. A portion is 2 pancakes, 20 g honey and 50 g yoghurt.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE;pieces 8;serves 4
      300 g flour, 3 eggs, 500 ml milk. Made 14, two stuck to the pan.|egg=150,milk-whole=516,wheat-flour-white=300;pieces 14
      Ate 4, froze 8: 300 g flour, 3 eggs, 500 ml milk|egg=150,milk-whole=516,wheat-flour-white=300;pieces 12
      300 g flour, 3 eggs, 500 ml milk - 6 big and 4 little ones|egg=150,milk-whole=516,wheat-flour-white=300;pieces 10
      I froze six and we ate ten: 300 g flour, 3 eggs, 500 ml milk|egg=150,milk-whole=516,wheat-flour-white=300;pieces 16
      300 g flour, 3 eggs, 500 ml milk - we ate 7 and there were 5 left over|egg=150,milk-whole=516,wheat-flour-white=300;pieces 12
      300 g flour, 3 eggs, 500 ml milk - eight for today and eight for the freezer|egg=150,milk-whole=516,wheat-flour-white=300;pieces 16
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Serving: 2 pancakes, 20 g honey and 50 g yoghurt.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE;pieces 8;serves 4
      200 g flour, 300 ml milk, 2 eggs. Makes 8. A serving is two pancakes plus 20 g honey.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8;serves 4
      300 g flour, 3 eggs, 500 ml milk. Ate 4, froze 8.|egg=150,milk-whole=516,wheat-flour-white=300;pieces 12
      he ate four and i had three; 300 g flour, 3 eggs, 500 ml milk|egg=150,milk-whole=516,wheat-flour-white=300;pieces 7
      200 g flour, 300 ml milk, 2 eggs. With a teaspoon of sugar on each it's lovely.|egg=100,milk-whole=309,sugar-white=4@PLATE,wheat-flour-white=200
      eight perfect and one for the dog; 300 g flour, 3 eggs, 500 ml milk|egg=150,milk-whole=516,wheat-flour-white=300;pieces 9
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Per person two with 20 g honey.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8;serves 4
      300 g flour, 3 eggs, 500 ml milk - i got ten, the kids ate eight of those|egg=150,milk-whole=516,wheat-flour-white=300;pieces 10
      300 g flour, 3 eggs, 500 ml milk - 10 eaten straight away, 2 went to the neighbour|egg=150,milk-whole=516,wheat-flour-white=300;pieces 12
      ate 4, froze 8; 300 g flour, 3 eggs, 500 ml milk|egg=150,milk-whole=516,wheat-flour-white=300;pieces 12
      200 g flour, 300 ml milk, 2 eggs. I eat mine with a tablespoon of maple syrup.|egg=100,maple-syrup=20@PLATE,milk-whole=309,wheat-flour-white=200
      300 g flour, 3 eggs, 500 ml milk. Five went straight away and the other seven are in the freezer.|egg=150,milk-whole=516,wheat-flour-white=300;pieces 12
      300 g flour, 3 eggs, 500 ml milk - six today, six for the freezer|egg=150,milk-whole=516,wheat-flour-white=300;pieces 12
      I reckon 100 g flour, an egg and 200 ml milk a head, so for three|egg=150,milk-whole=619,wheat-flour-white=300;serves 3
      200 g flour, 300 ml milk, 2 eggs. Makes 8. A portion has 2 pancakes, 20 g honey and 50 g yoghurt.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE;pieces 8;serves 4
      200 g flour, 300 ml milk, 2 eggs. 20 g honey each to finish.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. One portion is 20 g honey and 50 g yoghurt.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE;pieces 8
      """;

  @Test
  void saysWhatOneGets() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
