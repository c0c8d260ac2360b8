package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Foods that are named and not put in: "it says 1 tsp salt but I leave that out". */
class RefusedSaidTest {
  private static final String TEXTS =
      """
      The card wants 20 g sugar; left out. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      20 g sugar in the original, none in mine. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Normally a teaspoon of vanilla too, but not today. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I gave up on the vanilla.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. It says 1 tsp salt, I skip it.|egg=100,milk-whole=309,wheat-flour-white=200
      I haven't put any salt in. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I've run out of sugar so I left it out.|egg=100,milk-whole=309,wheat-flour-white=200
      Sugar upsets him so I skip it. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Dad's not allowed salt so there's none. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Mum's has 20 g sugar, mine doesn't.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. We stopped putting sugar in.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I forgot the salt.|egg=100,milk-whole=309,wheat-flour-white=200
      I didn't put sugar in. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Dad's not allowed salt so there's none.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 20 g sugar in the original, none in mine.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The recipe has salt, I leave it out.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Butter I've stopped using.|egg=100,milk-whole=309,wheat-flour-white=200
      There's meant to be salt in it but I skip that. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Salt I leave out. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      The recipe has sugar but I leave it out. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Sugar's been dropped from ours.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Salt was forgotten.|egg=100,milk-whole=309,wheat-flour-white=200
      They put in 50 g butter, I put none. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. No salt, doctor's orders.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I didn't put sugar in.|egg=100,milk-whole=309,wheat-flour-white=200
      Baking powder – I don't bother. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Because of my heart there's no salt. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Sugar upsets him so I skip it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. My doctor said less salt so I leave it out.|egg=100,milk-whole=309,wheat-flour-white=200
      I gave up on the vanilla. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The recipe has sugar but I leave it out.|egg=100,milk-whole=309,wheat-flour-white=200
      No salt, doctor's orders. 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Oops, forgot the sugar.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Normally a teaspoon of vanilla too, but not today.|egg=100,milk-whole=309,wheat-flour-white=200
      """;

  @Test
  void leavesOutWhatIsRefused() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
