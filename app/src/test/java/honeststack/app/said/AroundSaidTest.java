package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** One recipe in many wordings, and with talk around it that changes nothing. */
class AroundSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, 300 ml milk. My three kids love it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. They smell of vanilla.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 4 stars.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. At least 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Like thick custard, it should be.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Flour your hands.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The eggs are from our 6 hens.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. On the 5th of May.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Eggs 60 g each.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Like double cream, roughly.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. In the milk jug.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Cook till chocolate brown.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Second attempt.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Sunday, 8 am.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Should coat the back of a spoon like yoghurt.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. In a salad bowl.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I own two waffle irons.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Milk lukewarm, 37 degrees.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. It's my 3rd try.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. No salt, ever.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Flour with 11 g protein.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. With my oldest flour sieve.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I once tried it with 3 eggs, too rubbery.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Never more than 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. If it's thick, a splash more milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The milk goes in in three goes.|egg=100,milk-whole=309,wheat-flour-white=200
      200gms flour, 300mls milk, 2no eggs|egg=100,milk-whole=309,wheat-flour-white=200
      0.2 kg flour, 0.3 l milk, 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      My batter: 200 g flour + 300 ml milk + 2 eggs, done.|egg=100,milk-whole=309,wheat-flour-white=200
      How much flour? 200 g. Milk? 300 ml. Eggs? 2.|egg=100,milk-whole=309,wheat-flour-white=200
      In goes 200 g flour, then in go 2 eggs, and in goes 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      2 eggs are beaten with 300 ml of milk, then 200 g of flour is sifted in.|egg=100,milk-whole=309,wheat-flour-white=200
      flour 200 milk 300 egg 2|egg=100,milk-whole=309,wheat-flour-white=200
      First, 200 g flour. Second, 300 ml milk. Third, 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      Nothing more than 200 g flour, 2 eggs and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      flour:200g,milk:300ml,eggs:2|egg=100,milk-whole=309,wheat-flour-white=200
      1st 200 g flour, 2nd 300 ml milk, 3rd 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      2 eggs, 200 of flour, 300 of milk|egg=100,milk-whole=309,wheat-flour-white=200
      I swear by 200 g flour to 300 ml milk to 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      a) 200 g flour b) 300 ml milk c) 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      Only 3 ingredients! 200 g flour, 300 ml milk, 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      i. 200 g flour ii. 300 ml milk iii. 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      It contains 200 g flour, 300 ml milk and 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      Three ingredients: 200 g flour, 300 ml milk, 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      Flour? Yes, 200 g. Eggs, two. Milk, 300 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      Nothing but 200 g flour, 2 eggs and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      As for the flour, 200 g; as for milk, 300 ml; two eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 grammes of flour, 30 cl of milk, two eggs|egg=100,milk-whole=309,wheat-flour-white=200
      200 GRAMS FLOUR 300 ML MILK 2 EGGS|egg=100,milk-whole=309,wheat-flour-white=200
      Tip 200 g flour into a bowl, crack 2 eggs into the middle, and whisk in 300 ml milk bit by bit.|egg=100,milk-whole=309,wheat-flour-white=200
      You can't go wrong with 200 g flour, 2 eggs and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Into a bowl go 200 g flour, 2 eggs and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Consisting of 200 g flour, 300 ml milk and 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      Step one, 200 g flour in a bowl. Step two, 300 ml milk. Step three, 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      Take 200 g flour. Make a well. Crack in 2 eggs. Pour in 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200g/7oz flour, 300ml/10fl oz milk, 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      flour=200g milk=300ml eggs=2|egg=100,milk-whole=309,wheat-flour-white=200
      two hundred grams flour three hundred mil milk two eggs|egg=100,milk-whole=309,wheat-flour-white=200
      One: 200 g flour. Two: 300 ml milk. Three: 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 flour, 300 milk, 2 egg|egg=100,milk-whole=309,wheat-flour-white=200
      We need three things: flour, 200 g, milk, 300 ml, and two eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      Per batch 200 g flour, 300 ml milk, 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour * 300 ml milk * 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      a fifth of a kilo of flour, 300 ml milk, 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      """;

  @Test
  void readsTheSameRecipe() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
