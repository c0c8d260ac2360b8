package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** How many come out and eat, in all shapes and by what each weighs. */
class ShapesOfPiecesSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, 300 ml milk⏎9 wedges|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      Sunday batter, 9 fritters: 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      For 9 minis: 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk⏎9 cakes|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      9 letters: 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. So 9.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk – 9 thin pancakes|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk – 9 big ones|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk (9 silver-dollar pancakes)|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk (9 crumpets)|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      For 9 blinis: 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk⏎9 shapes|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. That gave me 9 farls.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk⏎9 dosas|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk = 9|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. Came out as nine dinosaurs.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. Makes 9 Belgian waffles.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. Makes 9 little ones.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      For 9 shapes: 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. 9 farls.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. That gave me 9 blinis.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. Came out as nine minis.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      Sunday batter, 9 cakes: 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. 9 drop scones.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. Makes 9 waffle squares.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk (9 fritters)|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. Gives 9 60-ml pancakes.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk (9 pcs)|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      9 thin pancakes: 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. 9 total.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. Came out as nine palm-size ones.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk (9 plate-size crêpes)|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. Nine 60 g pancakes.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. Makes 9 wedges.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk – 9 pikelets|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      Sunday batter, 9 big ones: 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. 9 pancakes of 60 g.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk – 9 griddle cakes|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. Yield: a dozen and a half|egg=100,milk-whole=309,wheat-flour-white=200;pieces 18
      200 g flour, 2 eggs, 300 ml milk for 6 people|egg=100,milk-whole=309,wheat-flour-white=200;serves 6
      200 g flour, 2 eggs, 300 ml milk. Yield: a round dozen|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 2 eggs, 300 ml milk. Yield: nearly 8|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. It does for 6 people.|egg=100,milk-whole=309,wheat-flour-white=200;serves 6
      200 g flour, 2 eggs, 300 ml milk. Makes 24.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 24
      200 g flour, 2 eggs, 300 ml milk. Makes twenty-four.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 24
      200 g flour, 2 eggs, 300 ml milk. Makes 8/9.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8..9
      200 g flour, 2 eggs, 300 ml milk. Enough for 4 persons.|egg=100,milk-whole=309,wheat-flour-white=200;serves 4
      200 g flour, 2 eggs, 300 ml milk. It does for 8 guests.|egg=100,milk-whole=309,wheat-flour-white=200;serves 8
      200 g flour, 2 eggs, 300 ml milk. Yield: 8–10|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8..10
      200 g flour, 2 eggs, 300 ml milk (makes 8-10)|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8..10
      200 g flour, 2 eggs, 300 ml milk. Feeds me.|egg=100,milk-whole=309,wheat-flour-white=200;serves 1
      200 g flour, 2 eggs, 300 ml milk. It does for 4 persons.|egg=100,milk-whole=309,wheat-flour-white=200;serves 4
      200 g flour, 2 eggs, 300 ml milk. Yield: only 8|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Twenty-four came out.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 24
      200 g flour, 2 eggs, 300 ml milk (makes about 8)|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. That's for myself.|egg=100,milk-whole=309,wheat-flour-white=200;serves 1
      200 g flour, 2 eggs, 300 ml milk. Enough for five of us.|egg=100,milk-whole=309,wheat-flour-white=200;serves 5
      200 g flour, 2 eggs, 300 ml milk. It does for four or five.|egg=100,milk-whole=309,wheat-flour-white=200;serves 4..5
      200 g flour, 2 eggs, 300 ml milk. Feeds a family of four.|egg=100,milk-whole=309,wheat-flour-white=200;serves 4
      200 g flour, 2 eggs, 300 ml milk (makes approx. 8)|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Feeds 24 pupils.|egg=100,milk-whole=309,wheat-flour-white=200;serves 24
      200 g flour, 2 eggs, 300 ml milk. It does for five of us.|egg=100,milk-whole=309,wheat-flour-white=200;serves 5
      200 g flour, 2 eggs, 300 ml milk. Makes eight or nine.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8..9
      200 g flour, 2 eggs, 300 ml milk. At least 8 pancakes.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Makes 24 pancakes.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 24
      200 g flour, 2 eggs, 300 ml milk. That's for the four of us.|egg=100,milk-whole=309,wheat-flour-white=200;serves 4
      200 g flour, 2 eggs, 300 ml milk. Enough for ten.|egg=100,milk-whole=309,wheat-flour-white=200;serves 10
      200 g flour, 2 eggs, 300 ml milk. Yield: up to 10|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 2 eggs, 300 ml milk. Up to 10 pancakes.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 2 eggs, 300 ml milk. Serves 4 to 6.|egg=100,milk-whole=309,wheat-flour-white=200;serves 4..6
      8 to 10 pancakes: 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8..10
      200 g flour, 2 eggs, 300 ml milk. Yield: 1½ dozen|egg=100,milk-whole=309,wheat-flour-white=200;pieces 18
      200 g flour, 2 eggs, 300 ml milk. 8 to 10 came out.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8..10
      Twenty-four pancakes: 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200;pieces 24
      200 g flour, 2 eggs, 300 ml milk. Enough for 2 adults and 2 kids.|egg=100,milk-whole=309,wheat-flour-white=200;serves 4
      200 g flour, 2 eggs, 300 ml milk. Yield: 8|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Serves about 4.|egg=100,milk-whole=309,wheat-flour-white=200;serves 4
      200 g flour, 2 eggs, 300 ml milk. Makes 8 to 10.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8..10
      200 g flour, 2 eggs, 300 ml milk. I got 8 out of it.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk, enough for about 8 crêpes|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. That gave two dozen waffles.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 24
      200 g flour, 2 eggs, 300 ml milk. Makes usually 8 pancakes.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      """;

  @Test
  void counted() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
