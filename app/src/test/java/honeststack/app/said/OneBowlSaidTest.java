package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What a scale shows of all in the bowl, and marks of a jug. */
class OneBowlSaidTest {
  private static final String TEXTS =
      """
      Fill the jug with milk up to the 300 ml mark, add 200 g flour and 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      Crack 2 eggs into the jug, fill up to 400 ml with milk, 200 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      Eggs in the jug, 2 of them, then milk up to the 400 mark. 200 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      2 eggs in a measuring jug, topped up with milk to 400 ml; 200 g flour|egg=100,milk-whole=309,wheat-flour-white=200
      2 eggs, made up to 400 ml with milk, and 200 g flour|egg=100,milk-whole=309,wheat-flour-white=200
      Milk to the 300 line of the jug, flour 200 g, two eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      I pour milk to the 300 ml line. 200 g flour. 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      Milk poured up to 300 on the jug, 2 eggs cracked in, 200 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      Put the jug on the scale. Milk till it says 300. Flour till it says 500. 2 eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      one 300 ml tumbler of milk, 2 eggs, 200 g flour|egg=100,milk-whole=309,wheat-flour-white=200
      my mug holds 300 ml: a mug of milk, 200 g flour, 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      a mug (300 ml) of milk, 200 g flour, 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      Put the jug on the scale. Milk till it says 300. Flour till it says 500. Sugar till it says 530. 2 eggs.|egg=100,milk-whole=300,sugar-white=30,wheat-flour-white=200
      Bowl on the scales, zero it. Flour to 200, milk to 500, sugar to 530, then 2 eggs.|egg=100,milk-whole=300,sugar-white=30,wheat-flour-white=200
      I don't tare: flour up to 200, milk up to 500, sugar up to 530. Two eggs.|egg=100,milk-whole=300,sugar-white=30,wheat-flour-white=200
      Without taring in between: flour 200, milk 500, sugar 530 on the display. 2 eggs.|egg=100,milk-whole=300,sugar-white=30,wheat-flour-white=200
      Scale readings: flour 200, +milk 500, +sugar 530. 2 eggs.|egg=100,milk-whole=300,sugar-white=30,wheat-flour-white=200
      Flour until the scale reads 200 g, milk until it reads 500 g, sugar until it reads 530 g, 2 eggs.|egg=100,milk-whole=300,sugar-white=30,wheat-flour-white=200
      Flour in till 200 g, then milk till 500 g, then sugar till 530 g. Then 2 eggs.|egg=100,milk-whole=300,sugar-white=30,wheat-flour-white=200
      The scale said 200 after the flour, 500 after the milk, 530 after the sugar. Plus 2 eggs.|egg=100,milk-whole=300,sugar-white=30,wheat-flour-white=200
      After the flour it said 200, after the milk 500, after the sugar 530. 2 eggs.|egg=100,milk-whole=300,sugar-white=30,wheat-flour-white=200
      Flour: scale at 200. Milk: scale at 500. Sugar: scale at 530. Eggs: 2.|egg=100,milk-whole=300,sugar-white=30,wheat-flour-white=200
      200 g flour in the bowl, pour milk till it's 500 g, sugar till it's 530 g, 2 eggs.|egg=100,milk-whole=300,sugar-white=30,wheat-flour-white=200
      Flour brings it to 200 g, milk brings it to 500 g, sugar brings it to 530 g. 2 eggs.|egg=100,milk-whole=300,sugar-white=30,wheat-flour-white=200
      Weighing it all in one bowl: after flour 200 g, after milk 500 g, after sugar 530 g. 2 eggs.|egg=100,milk-whole=300,sugar-white=30,wheat-flour-white=200
      Bowl 400 g. With flour 600 g. With milk 900 g. 2 eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      Empty bowl 400 g, with the flour 600 g, with the milk too 900 g, 2 eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      The empty bowl weighs 400 g; flour in: 600 g; milk in: 900 g; plus 2 eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      Flour in the bowl, 200 g. Milk until the scale shows 500. 2 eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      200 g flour. Milk on top until it shows 500 g. Two eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      200 g flour, milk up to 500 g on the scale, 2 eggs|egg=100,milk-whole=300,wheat-flour-white=200
      200 g flour, then pour in milk until 500 g, 2 eggs|egg=100,milk-whole=300,wheat-flour-white=200
      Honey jar 412 g before, 380 g after. 200 g flour. 2 eggs.|egg=100,honey=32,wheat-flour-white=200
      The honey jar was 412 g and is 380 g now. 200 g flour. 2 eggs.|egg=100,honey=32,wheat-flour-white=200
      tared the bowl, 200 g flour, tared, 300 g milk, tared, 30 g sugar, 2 eggs|egg=100,milk-whole=300,sugar-white=30,wheat-flour-white=200
      """;

  @Test
  void theScaleShowsAllOfIt() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
