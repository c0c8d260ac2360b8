package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Foods that are left out one after the other. */
class SpokenListsTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  /** However they are joined. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          200 g flour, no the milk and eggs                         | flour 200
          200 g flour, no milk or eggs or butter                    | flour 200
          200 g flour, No the milk and the eggs.                    | flour 200
          200 g flour, No milk or even eggs.                        | flour 200
          200 g flour, without milk and eggs                        | flour 200
          200 g flour, without milk/eggs                            | flour 200
          200 g flour, without milk, eggs, and butter               | flour 200
          200 g flour, leave out milk, eggs or butter               | flour 200
          200 g flour, leave out any milk or eggs                   | flour 200
          200 g flour, leave out milk plus eggs                     | flour 200
          200 g flour, milk, eggs, butter are left out              | flour 200
          200 g flour, any milk, any eggs are left out              | flour 200
          200 g flour, milk (and eggs) are left out                 | flour 200
          200 g flour, milk & eggs are out                          | flour 200
          200 g flour, milk or even eggs are out                    | flour 200
          200 g flour, free of milk and eggs                        | flour 200
          200 g flour, free of milk/eggs                            | flour 200
          200 g flour, free of milk, eggs, and butter               | flour 200
          200 g flour, free from milk, eggs or butter               | flour 200
          200 g flour, free from any milk or eggs                   | flour 200
          200 g flour, free from milk plus eggs                     | flour 200
          200 g flour, skip milk, eggs, butter                      | flour 200
          200 g flour, skip any milk, any eggs                      | flour 200
          200 g flour, skip milk (and eggs)                         | flour 200
          200 g flour, don't use milk & eggs                        | flour 200
          200 g flour, don't use milk or even eggs                  | flour 200
          200 g flour, I never use milk and eggs                    | flour 200
          200 g flour, I never use milk/eggs                        | flour 200
          200 g flour, I never use milk, eggs, and butter           | flour 200
          200 g flour, she can't have milk, eggs or butter          | flour 200
          200 g flour, she can't have any milk or eggs              | flour 200
          200 g flour, she can't have milk plus eggs                | flour 200
          200 g flour, she's allergic to milk, eggs, butter         | flour 200
          200 g flour, she's allergic to any milk, any eggs         | flour 200
          200 g flour, she's allergic to milk (and eggs)            | flour 200
          200 g flour, we avoid milk & eggs                         | flour 200
          200 g flour, we avoid milk or even eggs                   | flour 200
          200 g flour, doesn't contain milk and eggs                | flour 200
          200 g flour, doesn't contain milk/eggs                    | flour 200
          200 g flour, doesn't contain milk, eggs, and butter       | flour 200
          200 g flour, minus milk, eggs or butter                   | flour 200
          200 g flour, minus any milk or eggs                       | flour 200
          200 g flour, minus milk plus eggs                         | flour 200
          200 g flour, omit milk, eggs, butter                      | flour 200
          200 g flour, omit any milk, any eggs                      | flour 200
          200 g flour, omit milk (and eggs)                         | flour 200
          200 g flour, except milk & eggs                           | flour 200
          200 g flour, except milk or even eggs                     | flour 200
          200 g flour, instead of milk and eggs 60 g oil            | flour 200, oil 60
          200 g flour, instead of any milk, any eggs 60 g oil       | flour 200, oil 60
          200 g flour, 60 g oil instead of milk, eggs or butter     | flour 200, oil 60
          200 g flour, 60 g oil instead of any milk or eggs         | flour 200, oil 60
          200 g flour, 60 g oil instead of milk plus eggs           | flour 200, oil 60
          200 g flour, 60 g oil in place of milk, eggs, butter      | flour 200, oil 60
          200 g flour, 60 g oil in place of any milk, any eggs      | flour 200, oil 60
          200 g flour, 60 g oil in place of milk (and eggs)         | flour 200, oil 60
          200 g flour, swap milk & eggs for 60 g oil                | flour 200, oil 60
          200 g flour, swap milk or even eggs for 60 g oil          | flour 200, oil 60
          200 g flour, replace milk and eggs with 60 g oil          | flour 200, oil 60
          200 g flour, replace milk/eggs with 60 g oil              | flour 200, oil 60
          200 g flour, replace milk, eggs, and butter with 60 g oil | flour 200, oil 60
          200 g flour, 60 g oil replaces milk, eggs or butter       | flour 200, oil 60
          200 g flour, 60 g oil replaces any milk or eggs           | flour 200, oil 60
          200 g flour, 60 g oil replaces milk plus eggs             | flour 200, oil 60
          200 g flour, 60 g oil rather than milk, eggs, butter      | flour 200, oil 60
          200 g flour, 60 g oil rather than any milk, any eggs      | flour 200, oil 60
          200 g flour, 60 g oil rather than milk (and eggs)         | flour 200, oil 60
          200 g flour, there's no milk & eggs in it                 | flour 200
          200 g flour, there's no milk or even eggs in it           | flour 200
          200 g flour, there are no milk and eggs in these          | flour 200
          200 g flour, there are no milk/eggs in these              | flour 200
          200 g flour, there are no milk, eggs, and butter in these | flour 200
          200 g flour, it has no milk, eggs or butter               | flour 200
          200 g flour, it has no any milk or eggs                   | flour 200
          200 g flour, it has no milk plus eggs                     | flour 200
          200 g flour, I left out milk, eggs, butter                | flour 200
          200 g flour, I left out any milk, any eggs                | flour 200
          200 g flour, I left out milk (and eggs)                   | flour 200
          200 g flour, we don't eat milk & eggs                     | flour 200
          200 g flour, we don't eat milk or even eggs               | flour 200
          200 g flour, not a trace of milk and eggs                 | flour 200
          200 g flour, not a trace of milk/eggs                     | flour 200
          200 g flour, not a trace of milk, eggs, and butter        | flour 200
          200 g flour, milk, eggs or butter not needed              | flour 200
          200 g flour, any milk or eggs not needed                  | flour 200
          200 g flour, milk plus eggs not needed                    | flour 200
          200 g flour, milk, eggs, butter: none                     | flour 200
          200 g flour, any milk, any eggs: none                     | flour 200
          200 g flour, milk (and eggs): none                        | flour 200
          200 g flour, nothing with milk & eggs                     | flour 200
          200 g flour, nothing with milk or even eggs               | flour 200
          """)
  void areAllLeftOut(String text, String foods) {
    assertThat(ToldFoods.of(telling.read(text))).isEqualTo(foods);
  }
}
