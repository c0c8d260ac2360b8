package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is said to be right of an amount or a food, added up: nothing counts twice. */
class SpokenAmendsTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          1 egg. 2, actually. 200 g flour.                           | egg 2, flour 200
          200 g flour. Oh, 250. 2 eggs.                              | egg 2, flour 250
          2 eggs, 200 g flour. Actually 250.                         | egg 2, flour 250
          Last time 3 eggs were too many. Now 2. 200 g flour.        | egg 2, flour 200
          The book wants 3 eggs. I do 2. 200 g flour.                | egg 2, flour 200
          200 g flour, 2 eggs. I make about 10.                      | egg 2, flour 200
          200 g flour, 2 eggs. Now whisk 3 minutes.                  | egg 2, flour 200
          LIST. We do 12 of them.                                    | butter 50, egg 2, flour 200, milk 300
          40 g butter. Oil, I mean. 2 eggs.                          | egg 2, oil 40
          30 g butter, well actually it was oil, 30 g of oil. 2 eggs | egg 2, oil 30
          30 g butter, it was oil actually. 2 eggs                   | egg 2, oil 30
          30 g butter, it was lovely. 20 g oil                       | butter 30, oil 20
          butter or oil? Oil, 30 ml. 2 eggs                          | egg 2, oil 30
          butter or oil – I took oil, 30 ml, 2 eggs                  | egg 2, oil 30
          added 50 g more flour so it's 250 g flour altogether       | flour 250
          100 ml milk, kept adding until it was 250 ml. 2 eggs       | egg 2, milk 250
          2 eggs, then one more. 200 g flour                         | egg 3, flour 200
          My flour scoop is 120 g. 2 scoops flour, 2 scoops sugar    | flour 240, sugar 2
          1 cup flour is 130 g here: 2 cups flour, 1 cup milk        | flour 260, milk 1
          200 g flour;; 2 eggs;                                      | egg 2, flour 200
          LIST; Contains: milk, egg;                                 | butter 50, egg 2, flour 200, milk 300
          LIST. Then the pan (10 g oil; 5 g salt; hot).              | butter 50, egg 2, flour 200, milk 300, oil 10, salt 5
          2 eggs, 200 ml milk. Oh, 50 ml more.                       | egg 2, milk 250
          The book says 2 eggs. I do 12. 200 g flour                 | egg 2, flour 200
          4 eggs. Beat in 2 eggs, then the other 2. 200 g flour      | egg 4, flour 200
          50 g butter or oil in it and I use 10 g butter for the pan | butter 60
          1 cup flour is 120 g, 2 cups milk                          | flour 1, milk 2
          2 l flour and a half, 2 eggs                               | egg 2, flour 3
          """)
  void whatIsRightCountsOnce(String text, String foods) {
    assertThat(ToldFoods.of(telling, text)).isEqualTo(foods);
  }
}
