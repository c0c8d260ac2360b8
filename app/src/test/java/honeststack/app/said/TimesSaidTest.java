package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * A recipe that is made several times, or told for so much flour: "I tripled it. The normal one is
 * 150 g flour, 2 eggs."
 */
class TimesSaidTest {
  private static final String TEXTS =
      """
      The basic recipe is 150 g flour, 2 eggs, 250 ml milk. Doubled up because there were eight of us.|egg=200,milk-whole=516,wheat-flour-white=300
      I make half. The normal one is 150 g flour, 2 eggs, 250 ml milk.|egg=50,milk-whole=129,wheat-flour-white=75
      I halved it. The normal one is 150 g flour, 2 eggs, 250 ml milk.|egg=50,milk-whole=129,wheat-flour-white=75
      a splash of milk, two or three tablespoons, and 200 g flour|milk-whole=39,wheat-flour-white=200
      I made half a batch. The normal one is 150 g flour, 2 eggs, 250 ml milk.|egg=50,milk-whole=129,wheat-flour-white=75
      So I tripled everything. The recipe is 150 g flour, 2 eggs, 250 ml milk.|egg=300,milk-whole=774,wheat-flour-white=450
      I made twice as much. The normal one is 150 g flour, 2 eggs, 250 ml milk.|egg=200,milk-whole=516,wheat-flour-white=300
      150 g flour, 2 eggs, 250 ml milk. I made three times that.|egg=300,milk-whole=774,wheat-flour-white=450
      half a 500 g tub of ricotta and 2 eggs|egg=100,ricotta-whole=250
      I just do half of it. The recipe is 150 g flour, 2 eggs, 250 ml milk.|egg=50,milk-whole=129,wheat-flour-white=75
      The basic recipe is 150 g flour, 2 eggs, 250 ml milk. Today I'm making three times the amount.|egg=300,milk-whole=774,wheat-flour-white=450
      I doubled it. The recipe is 150 g flour, 2 eggs, 250 ml milk.|egg=200,milk-whole=516,wheat-flour-white=300
      The basic recipe is 150 g flour, 2 eggs, 250 ml milk. I make half.|egg=50,milk-whole=129,wheat-flour-white=75
      I make double. The normal one is 150 g flour, 2 eggs, 250 ml milk.|egg=200,milk-whole=516,wheat-flour-white=300
      The basic recipe is 150 g flour, 2 eggs, 250 ml milk. Halved it for the two of us.|egg=50,milk-whole=129,wheat-flour-white=75
      The rule is one egg per 100 g flour and double the milk. So 300 g flour, 3 eggs, 600 ml milk.|egg=150,milk-whole=619,wheat-flour-white=300
      Doubled up because there were eight of us. The recipe is 150 g flour, 2 eggs, 250 ml milk.|egg=200,milk-whole=516,wheat-flour-white=300
      Twice that today. The normal one is 150 g flour, 2 eggs, 250 ml milk.|egg=200,milk-whole=516,wheat-flour-white=300
      One egg per 100 g flour. 300 g flour, 600 ml milk.|egg=150,milk-whole=619,wheat-flour-white=300
      150 g flour, 2 eggs, 250 ml milk. Halved it for the two of us.|egg=50,milk-whole=129,wheat-flour-white=75
      The basic recipe is 150 g flour, 2 eggs, 250 ml milk. Today three times this.|egg=300,milk-whole=774,wheat-flour-white=450
      I made a double batch. The recipe is 150 g flour, 2 eggs, 250 ml milk.|egg=200,milk-whole=516,wheat-flour-white=300
      100% flour, 110% milk, 40% egg. Flour: 500 g.|egg=200,milk-whole=550,wheat-flour-white=500
      The basic recipe is 150 g flour, 2 eggs, 250 ml milk. Doubled today.|egg=200,milk-whole=516,wheat-flour-white=300
      The basic recipe is 150 g flour, 2 eggs, 250 ml milk. We need double that.|egg=200,milk-whole=516,wheat-flour-white=300
      I made three times that. The recipe is 150 g flour, 2 eggs, 250 ml milk.|egg=300,milk-whole=774,wheat-flour-white=450
      Today I'm making three times the amount. The recipe is 150 g flour, 2 eggs, 250 ml milk.|egg=300,milk-whole=774,wheat-flour-white=450
      150 g flour, 2 eggs, 250 ml milk. Doubled today.|egg=200,milk-whole=516,wheat-flour-white=300
      150 g flour, 2 eggs, 250 ml milk. I always double it.|egg=200,milk-whole=516,wheat-flour-white=300
      The basic recipe is 150 g flour, 2 eggs, 250 ml milk. I tripled it.|egg=300,milk-whole=774,wheat-flour-white=450
      100% flour, 110% milk, 40% egg; 500 g flour|egg=200,milk-whole=550,wheat-flour-white=500
      Tripled for the party. The normal one is 150 g flour, 2 eggs, 250 ml milk.|egg=300,milk-whole=774,wheat-flour-white=450
      Eggs were £2.40 a dozen. 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      We need double that. The normal one is 150 g flour, 2 eggs, 250 ml milk.|egg=200,milk-whole=516,wheat-flour-white=300
      """;

  @Test
  void countsItSoOften() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
