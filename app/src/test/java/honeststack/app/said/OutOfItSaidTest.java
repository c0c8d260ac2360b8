package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** How many came out, told in passing. */
class OutOfItSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, 300 ml milk. I ate two of the six.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Made 7, ate 3.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 7
      200 g flour, 2 eggs, 300 ml milk. Divides into fifteen at 80 grams.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 15
      200 g flour, 2 eggs, 300 ml milk. Divided into 15.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 15
      200 g flour, 2 eggs, 300 ml milk. Portioned into 15 at 40 g.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 15
      200 g flour, 2 eggs, 300 ml milk. Scaled at 40 g, fifteen pieces.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 15
      200 g flour, 2 eggs, 300 ml milk. I use a quarter cup scoop, I get about sixteen, the dog gets the first one.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 16
      200 g flour, 2 eggs, 300 ml milk. Sixteen, minus the dud.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 16
      200 g flour, 2 eggs, 300 ml milk. Ten small ones, four went in the freezer.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 2 eggs, 300 ml milk. Ten small ones, four of them frozen.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 2 eggs, 300 ml milk. We get sixty from it.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 60
      200 g flour, 2 eggs, 300 ml milk. It gave 6 pancakes weighing 45 g each.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs, 300 ml milk. Three pancakes.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 3
      200 g flour, 2 eggs, 300 ml milk. That's two little pancakes.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 2
      200 g flour, 2 eggs, 300 ml milk. She gets four out of that.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 4
      200 g flour, 2 eggs, 300 ml milk. Five in my iron.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 5
      200 g flour, 2 eggs, 300 ml milk. Makes 5 in my iron.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 5
      200 g flour, 2 eggs, 300 ml milk. Same eight pancakes.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Eight pancakes, same as always.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. That's about fifteen big ones.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 15
      200 g flour, 2 eggs, 300 ml milk. I counted nine.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. Nine came off the griddle.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. The pan does three at a time and I filled it three times.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. Three rounds of three.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. Two stacks of five.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 2 eggs, 300 ml milk. Four each for the two of us.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. We had four each, the two of us.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Four for him, three for me.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 7
      200 g flour, 2 eggs, 300 ml milk. Four for him and three for me and one for the dog.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Eight-ish.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Ten at most.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 10
      200 g flour, 2 eggs, 300 ml milk. Yield: 8 at 60 g.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk = 8|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk -> 8|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk / 8 pancakes|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      """;

  @Test
  void theyAreCounted() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
