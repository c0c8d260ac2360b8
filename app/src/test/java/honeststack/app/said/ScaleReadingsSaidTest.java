package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What a scale shows of all that is in a bowl so far, and what is as much as another. */
class ScaleReadingsSaidTest {
  private static final String TEXTS =
      """
      Bowl 412 g empty, 612 with flour, 912 with the milk, then two eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      Scale said 412 empty, 612 after the flour, 912 after the milk. Two eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      412 g bowl, 612 g with flour, 912 g with milk, plus 2 eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      Bowl: 412 g. + flour: 612 g. + milk: 912 g. 2 eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      Empty bowl 412, flour to 612, milk to 912, 2 eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      Bowl empty 412 g⏎with flour 612 g⏎with milk 912 g⏎2 eggs|egg=100,milk-whole=300,wheat-flour-white=200
      The bowl was 412 g, 612 g once the flour was in, 912 g once the milk was in. 2 eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      Bowl 412 g. Flour in: 612 g. Milk in: 912 g. 2 eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      On the scale: bowl 412, then 612 with flour, then 912 with milk. Two eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      I zeroed the scale, flour to 200 g, milk to 500 g, then 2 eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      Flour up to 200 g on the scale, milk up to 500 g, two eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      Zero, flour to 200, milk to 500, two eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      Flour till the scale read 200 g, then milk till it read 500 g. Two eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      I poured flour until the scale said 200 and milk until it said 500. Two eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      Tare, 200 g flour, tare, 300 g milk, 2 eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      Tared the bowl. 200 g flour. Tared again. 300 g milk. 2 eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      Zeroed it each time: flour 200, milk 300, eggs 2.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs. Two litres of milk, we had 1700 ml left.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. 500 ml maple syrup, we had 400 ml left.|egg=100,maple-syrup=132@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 8. Of 500 ml maple syrup 400 ml were left.|egg=100,maple-syrup=132@PLATE,milk-whole=309,wheat-flour-white=200
      4 eggs, which weighed 200 g, and the same of flour and milk.|egg=200,milk-whole=200,wheat-flour-white=200
      200 g flour and as much milk by weight, 2 eggs.|egg=100,milk-whole=200,wheat-flour-white=200
      200 g flour, the same weight of milk, 2 eggs.|egg=100,milk-whole=200,wheat-flour-white=200
      200 g flour, the same again of milk, 2 eggs.|egg=100,milk-whole=200,wheat-flour-white=200
      200 g flour, an equal weight of milk, 2 eggs.|egg=100,milk-whole=200,wheat-flour-white=200
      200 g flour, half its weight in milk, 2 eggs.|egg=100,milk-whole=100,wheat-flour-white=200
      200 g flour, one and a half times its weight in milk, 2 eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      200 g flour, milk one and a half times that, 2 eggs.|egg=100,milk-whole=300,wheat-flour-white=200
      200 g flour, half as much sugar, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,sugar-white=100,wheat-flour-white=200
      200 g flour, 20 g each of sugar and butter, 2 eggs, 300 ml milk.|butter=20,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 20 g sugar and the same of butter, 2 eggs, 300 ml milk.|butter=20,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 20 g sugar, butter the same, 2 eggs, 300 ml milk.|butter=20,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 20 g sugar, ditto butter, 2 eggs, 300 ml milk.|butter=20,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 20 g sugar, likewise butter, 2 eggs, 300 ml milk.|butter=20,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 20 g sugar, twice that of butter, 2 eggs, 300 ml milk.|butter=40,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 20 g sugar, double the butter, 2 eggs, 300 ml milk.|butter=40,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      """;

  @Test
  void itIsWhatWasPutIn() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
