package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What took the place of a food that was listed. */
class TookOtherSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. Oil instead of the butter, 40 g.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. I used 40 g oil instead of the butter.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. Instead of the butter 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. No butter, 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. No butter so 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. There was no butter so I used 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. We were out of butter so 40 g oil went in.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. Out of butter, took 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. Swap the butter for 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. I swapped the butter for 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. Butter replaced by 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. The butter became 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. For the butter I took 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. Rather than butter 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. 40 g oil rather than the butter.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. 40 g oil in place of butter.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. Not butter but 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. I don't use butter, I use 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. Mine has 40 g oil, not butter.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. Mine: 40 g oil instead of butter.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, only I had no butter so 40 g oil|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but with 40 g oil instead of butter|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter (I used 40 g oil instead)|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter – I used 40 g oil instead|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, or in my case 40 g oil|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter or oil, I took 40 g oil|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter or 40 g oil, oil today|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter/40 g oil, I went with the oil|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter → 40 g oil|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter => 40 g oil|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter -> oil 40 g|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, these days 40 g oil|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, changed to 40 g oil|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, no, 40 g oil|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, sorry, 40 g oil|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, I mean 40 g oil|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      """;

  @Test
  void whatWasTakenCounts() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
