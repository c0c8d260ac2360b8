package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a cook reckons while speaking, added up: for each egg, for more eaters, what was left. */
class SpokenReckonedTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          replace each egg (there are 2) with 60 g milk                 | milk 120
          swap each of the 3 eggs for 50 g milk                         | milk 150
          replace the egg with 60 g milk                                | milk 60
          replace each egg with 60 g milk, 200 g flour                  | flour 200, milk 60
          3 eggs and 50 g flour per egg                                 | egg 3, flour 150
          1 egg no 2 eggs, 200 g flour                                  | egg 2, flour 200
          200 g flour no sugar 2 eggs                                   | egg 2, flour 200
          1 cup flour is 120 g, so I use 240 g, 2 eggs                  | egg 2, flour 240
          1 egg is 50 g, 200 g flour                                    | egg 1, flour 200
          for 4 people 200 g flour, we were 6 so 300 g                  | flour 300
          for 4 people 200 g flour, so 2 eggs, 300 ml milk              | egg 2, flour 200, milk 300
          serves 2 with 100 g flour, I was alone so 50 g flour          | flour 50
          Hold back 50 ml of the milk (300 ml in all), 200 g flour      | flour 200, milk 300
          300 ml milk. Hold back 50 ml of the milk.                     | milk 300
          Keep a splash of the milk back, 250 ml total.                 | milk 250
          milk ran out so 200 ml oil, 2 eggs                            | egg 2, oil 200
          200 ml milk ran out of the jug, 2 eggs                        | egg 2, milk 200
          butter was all gone, 30 g oil instead, 2 eggs                 | egg 2, oil 30
          it says 3 tbsp sugar but I only put 2, 2 eggs                 | egg 2, sugar 2
          Should be 250 g sugar, I only did 150. 2 eggs.                | egg 2, sugar 150
          Make 1.5 times: base is LIST                                  | butter 75, egg 3, flour 300, milk 450
          I make one and a half of the recipe: LIST                     | butter 75, egg 3, flour 300, milk 450
          This makes a good breakfast: LIST                             | butter 50, egg 2, flour 200, milk 300
          6 kg flour, 400 sugar, 300 milk, 60 eggs | egg 60, flour 6, milk 300, sugar 400
          500 flour, 20 sugar, 700 milk, 120 eggs                       | egg 120, flour 500, milk 700, sugar 20
          my mug is like three hundred mil, 2 mugs milk, 2 eggs         | egg 2, milk 600
          half the butter in, half on top, 60 g together, 2 eggs        | butter 60, egg 2
          half the milk in, then 200 g flour, 2 eggs                    | egg 2, flour 200, milk 0
          3 60 g eggs, 1 10 g pat of butter, 2 eggs                      | butter 1, egg 5
          50 g butter – scratch that, 40 ml oil. 2 eggs                 | egg 2, oil 40
          50 g butter. Sorry, 40 ml oil. 2 eggs                         | egg 2, oil 40
          was 50 g butter, now it's 40 ml oil, 2 eggs                   | egg 2, oil 40
          I switched from 2 eggs to 3 eggs, 200 g flour                 | egg 3, flour 200
          usually 50 g butter, and now and then 10 ml oil               | butter 50, oil 10
          not 50 g butter but 40 ml oil, 2 eggs                         | egg 2, oil 40
          50 g butter (40 ml oil also works), 2 eggs                    | butter 50, egg 2
          50 g butter, 40 ml oil works too, 2 eggs                      | butter 50, egg 2
          50 g butter or, if you prefer, 40 ml oil. 2 eggs              | butter 50, egg 2
          50 g butter, 40 ml oil, 2 eggs                                | butter 50, egg 2, oil 40
          50 g butter, actually 2 eggs too                              | butter 50, egg 2
          1. 200 g flour 2. 300 ml milk 3. 2 eggs                       | egg 2, flour 200, milk 300
          30 g butter (omit), 2 eggs                                    | egg 2
          butter: leave out, 2 eggs                                     | egg 2
          I forgot the butter, 200 g flour, 2 eggs                      | egg 2, flour 200
          I forgot the butter, 50 g. 2 eggs                             | butter 50, egg 2
          fry in half the butter (20 g), rest goes in the mix, 2 eggs   | butter 20, egg 2
          200 g flour, add the eggs one at a time, 3 of them            | egg 3, flour 200
          300 ml milk. Actually 50 ml milk more. 2 eggs                 | egg 2, milk 350
          300 ml milk. Actually 50 ml more milk. 2 eggs                 | egg 2, milk 350
          50 g butter. Actually 10 ml oil too. 2 eggs                   | butter 50, egg 2, oil 10
          LIST, call it twelve                                          | butter 50, egg 2, flour 200, milk 300
          """)
  void whatIsReckonedCountsOnce(String text, String foods) {
    assertThat(ToldFoods.of(telling, text)).isEqualTo(foods);
  }
}
