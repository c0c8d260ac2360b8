package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Which of several recipes, cases or lists was made, where a later sentence says so. */
class ChosenVersionSaidTest {
  private static final String TEXTS =
      """
      Version one is 200 g flour, 2 eggs, 300 ml milk. Version two has 3 eggs. We had version one.|egg=100,milk-whole=309,wheat-flour-white=200
      Plan A: 200 g flour, 2 eggs, 300 ml milk. Plan B: 100 g flour and 1 egg. Plan A it was.|egg=100,milk-whole=309,wheat-flour-white=200
      Option 1: 200 g flour, 2 eggs, 300 ml milk. Option 2: 150 g oats, 3 eggs. I chose option 1.|egg=100,milk-whole=309,wheat-flour-white=200
      The fluffy ones: 200 g flour, 2 eggs, 300 ml milk. The thin ones: 100 g flour, 2 eggs, 400 ml milk. Today fluffy.|egg=100,milk-whole=309,wheat-flour-white=200
      A: 200 g flour, 2 eggs, 300 ml milk. B: 150 g oats, 3 eggs. I made B.|egg=150,oats-rolled=150
      Option 1: 200 g flour, 2 eggs, 300 ml milk. Option 2: 150 g oats, 3 eggs. I went for option 2.|egg=150,oats-rolled=150
      Version one is 200 g flour, 2 eggs, 300 ml milk. Version two is 150 g oats and 3 eggs. Version two won.|egg=150,oats-rolled=150
      First recipe: 200 g flour, 2 eggs, 300 ml milk. Second recipe: 150 g oats, 3 eggs. Made the second.|egg=150,oats-rolled=150
      Plan A: 200 g flour, 2 eggs, 300 ml milk. Plan B: 150 g oats and 3 eggs. It was plan B.|egg=150,oats-rolled=150
      2 eggs if large, 3 if small. Mine were large. 200 g flour, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 large eggs or 3 small ones, I had large.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 large or 3 small eggs|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, eggs: 2 large or 3 small|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 350 with wholemeal|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk (350 if wholemeal)|egg=100,milk-whole=309,wheat-flour-white=200
      Hang on, that's wrong. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      150 g flour, 3 eggs, 200 ml milk. No wait, that's the waffle one. Pancakes: 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      150 g flour, 3 eggs, 200 ml milk. Hang on, that's my waffle recipe. Pancakes are 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      150 g flour, 3 eggs, 200 ml milk – no, that's waffles. Pancakes: 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      150 g flour, 3 eggs, 200 ml milk. Sorry, wrong card. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      150 g flour, 3 eggs, 200 ml milk. That's the old one. The new one is 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      150 g flour, 3 eggs, 200 ml milk was the old one. Now 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      150 g flour, 3 eggs, 200 ml milk. Scrap all that. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      150 g flour, 3 eggs, 200 ml milk. Start again: 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      150 g flour, 3 eggs, 200 ml milk. Let me start over. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      150 g flour, 3 eggs, 200 ml milk. Ignore that. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      150 g flour, 3 eggs, 200 ml milk. That was last week. This week 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      150 g flour, 3 eggs, 200 ml milk, that was yesterday; today 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      150 g flour, 3 eggs, 200 ml milk is what the book says. I do 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      150 g flour, 3 eggs, 200 ml milk is my mother's. Mine is 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      150 g flour, 3 eggs, 200 ml milk? No, 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      """;

  @Test
  void theOtherIsLeftOut() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
