package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a later sentence says of foods that were told, and what only seems to. */
class SpokenUndoneTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  /** Left out, changed, measured anew, or more of it. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          LIST. Actually no, 250 g flour.                | butter 50, egg 2, flour 250, milk 300
          LIST. Actually make that 3 eggs.               | butter 50, egg 3, flour 200, milk 300
          LIST. No wait, 250 g of flour.                 | butter 50, egg 2, flour 250, milk 300
          LIST. Sorry, the milk is 350 ml.               | butter 50, egg 2, flour 200, milk 350
          LIST. Oh and the butter is 60 g, not 50.       | butter 60, egg 2, flour 200, milk 300
          LIST. Correction: 350 ml milk.                 | butter 50, egg 2, flour 200, milk 350
          LIST. I said 300 ml milk, I meant 350.         | butter 50, egg 2, flour 200, milk 350
          LIST. Hang on, it's 3 eggs.                    | butter 50, egg 3, flour 200, milk 300
          LIST. Scrap the butter.                        | egg 2, flour 200, milk 300
          LIST. Forget the butter.                       | egg 2, flour 200, milk 300
          LIST. Leave the butter out, actually.          | egg 2, flour 200, milk 300
          LIST. Actually no butter.                      | egg 2, flour 200, milk 300
          LIST. Swap the butter for 40 g oil.            | egg 2, flour 200, milk 300, oil 40
          LIST. I replaced the butter with 40 g oil.     | egg 2, flour 200, milk 300, oil 40
          LIST. Instead of the butter I took 40 g oil.   | egg 2, flour 200, milk 300, oil 40
          LIST. No butter today, 40 g oil.               | egg 2, flour 200, milk 300, oil 40
          LIST. I cut the butter to 40 g.                | butter 40, egg 2, flour 200, milk 300
          LIST. I reduced the butter to 40 g.            | butter 40, egg 2, flour 200, milk 300
          LIST. More milk: 350 ml.                       | butter 50, egg 2, flour 200, milk 350
          LIST. I upped the milk to 350 ml.              | butter 50, egg 2, flour 200, milk 350
          LIST. The milk went up to 350 ml.              | butter 50, egg 2, flour 200, milk 350
          LIST. In the end 350 ml milk.                  | butter 50, egg 2, flour 200, milk 350
          LIST. In the end it took 350 ml milk.          | butter 50, egg 2, flour 200, milk 350
          LIST. It needed 350 ml of milk in the end.     | butter 50, egg 2, flour 200, milk 350
          LIST. I ended up using 350 ml milk.            | butter 50, egg 2, flour 200, milk 350
          LIST. This time 3 eggs.                        | butter 50, egg 3, flour 200, milk 300
          LIST. I used 3 eggs this time.                 | butter 50, egg 3, flour 200, milk 300
          LIST. I added another 50 ml milk.              | butter 50, egg 2, flour 200, milk 350
          LIST. Plus 50 ml milk because it was thick.    | butter 50, egg 2, flour 200, milk 350
          LIST. It was thick so 50 ml more milk.         | butter 50, egg 2, flour 200, milk 350
          LIST. Too thin, so 50 g more flour.            | butter 50, egg 2, flour 250, milk 300
          LIST. I skipped the butter.                    | egg 2, flour 200, milk 300
          LIST. We were out of butter.                   | egg 2, flour 200, milk 300
          LIST. I didn't have butter so I used 40 g oil. | egg 2, flour 200, milk 300, oil 40
          LIST. I had no butter so 40 g oil.             | egg 2, flour 200, milk 300, oil 40
          LIST. I had only 40 g butter.                  | butter 40, egg 2, flour 200, milk 300
          LIST. I only had 1 egg.                        | butter 50, egg 1, flour 200, milk 300
          """)
  void isChanged(String text, String foods) {
    assertThat(
            ToldFoods.of(
                telling.read(
                    text.replace("LIST", "200 g flour, 2 eggs, 300 ml milk, 50 g butter"))))
        .isEqualTo(foods);
  }

  /** What may be done, was done elsewhere, or is done at one step. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          LIST. You can leave out the butter.                    | butter 50, egg 2, flour 200, milk 300
          LIST. Leave out the butter for a dairy-free version.   | butter 50, egg 2, flour 200, milk 300
          LIST. If you have no butter, use oil.                  | butter 50, egg 2, flour 200, milk 300
          LIST. For vegans use oil instead of the butter.        | butter 50, egg 2, flour 200, milk 300
          LIST. No butter in the pan.                            | butter 50, egg 2, flour 200, milk 300
          LIST. Works without the butter too.                    | butter 50, egg 2, flour 200, milk 300
          LIST. Don't melt the butter too hot.                   | butter 50, egg 2, flour 200, milk 300
          LIST. Don't forget the butter.                         | butter 50, egg 2, flour 200, milk 300
          LIST. Never skip the butter.                           | butter 50, egg 2, flour 200, milk 300
          LIST. Don't leave out the butter.                      | butter 50, egg 2, flour 200, milk 300
          LIST. Not too much butter.                             | butter 50, egg 2, flour 200, milk 300
          LIST. Without the butter they stick.                   | butter 50, egg 2, flour 200, milk 300
          LIST. Mix everything except the butter.                | butter 50, egg 2, flour 200, milk 300
          LIST. Don't add the butter yet.                        | butter 50, egg 2, flour 200, milk 300
          LIST. Add no more butter.                              | butter 50, egg 2, flour 200, milk 300
          LIST. No need to melt the butter.                      | butter 50, egg 2, flour 200, milk 300
          LIST. No butter on top.                                | butter 50, egg 2, flour 200, milk 300
          LIST. They taste fine with oil instead of butter.      | butter 50, egg 2, flour 200, milk 300
          LIST. Replace the butter with oil if you like.         | butter 50, egg 2, flour 200, milk 300
          LIST. I sometimes skip the butter.                     | butter 50, egg 2, flour 200, milk 300
          LIST. The kids' ones have no butter.                   | butter 50, egg 2, flour 200, milk 300
          LIST. In the old days no butter went in.               | butter 50, egg 2, flour 200, milk 300
          LIST. Butter can be left out.                          | butter 50, egg 2, flour 200, milk 300
          LIST. Swap butter for oil to make it vegan.            | butter 50, egg 2, flour 200, milk 300
          LIST. Use oil instead of butter for a lighter version. | butter 50, egg 2, flour 200, milk 300
          LIST. You may replace the butter.                      | butter 50, egg 2, flour 200, milk 300
          LIST. Try it without the butter.                       | butter 50, egg 2, flour 200, milk 300
          LIST. It's lighter without the butter.                 | butter 50, egg 2, flour 200, milk 300
          LIST. Don't skip the butter!                           | butter 50, egg 2, flour 200, milk 300
          LIST. Mix without the butter first.                    | butter 50, egg 2, flour 200, milk 300
          LIST. Whisk everything but the butter.                 | butter 50, egg 2, flour 200, milk 300
          LIST. Next time I'd leave out the butter.              | butter 50, egg 2, flour 200, milk 300
          LIST. Next time without the butter.                    | butter 50, egg 2, flour 200, milk 300
          LIST. My sister leaves out the butter.                 | butter 50, egg 2, flour 200, milk 300
          LIST. Some people leave out the butter.                | butter 50, egg 2, flour 200, milk 300
          LIST. The original has no butter.                      | butter 50, egg 2, flour 200, milk 300
          LIST. Other recipes leave the butter out.              | butter 50, egg 2, flour 200, milk 300
          """)
  void isNotChanged(String text, String foods) {
    assertThat(
            ToldFoods.of(
                telling.read(
                    text.replace("LIST", "200 g flour, 2 eggs, 300 ml milk, 50 g butter"))))
        .isEqualTo(foods);
  }

  /** The work with what was measured. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          LIST. Whisk 200 ml of the milk into the flour.                                     | butter 50, egg 2, flour 200, milk 300
          LIST. Whisk half of the milk into the flour.                                       | butter 50, egg 2, flour 200, milk 300
          LIST. Whisk half the milk into the flour, then the rest.                           | butter 50, egg 2, flour 200, milk 300
          LIST. Melt the 50 g of butter.                                                     | butter 50, egg 2, flour 200, milk 300
          LIST. Melt the 50 g butter and let it cool.                                        | butter 50, egg 2, flour 200, milk 300
          LIST. Melt the butter.                                                             | butter 50, egg 2, flour 200, milk 300
          LIST. Melt 30 g of the butter.                                                     | butter 50, egg 2, flour 200, milk 300
          LIST. Add 1 of the eggs, then the other.                                           | butter 50, egg 2, flour 200, milk 300
          LIST. Add one egg, then the other.                                                 | butter 50, egg 2, flour 200, milk 300
          LIST. Beat both eggs.                                                              | butter 50, egg 2, flour 200, milk 300
          LIST. Beat the 2 eggs with the milk.                                               | butter 50, egg 2, flour 200, milk 300
          LIST. Beat the two eggs with a little of the milk.                                 | butter 50, egg 2, flour 200, milk 300
          LIST. Put the 200 g of flour in a bowl.                                            | butter 50, egg 2, flour 200, milk 300
          LIST. Put the 200 g flour in a bowl.                                               | butter 50, egg 2, flour 200, milk 300
          LIST. Reserve 50 ml of the milk.                                                   | butter 50, egg 2, flour 200, milk 300
          LIST. Keep back 50 ml of the milk.                                                 | butter 50, egg 2, flour 200, milk 300
          LIST. Keep a splash of the milk back.                                              | butter 50, egg 2, flour 200, milk 300
          LIST. Add all 300 ml of the milk.                                                  | butter 50, egg 2, flour 200, milk 300
          LIST. Add all the milk.                                                            | butter 50, egg 2, flour 200, milk 300
          LIST. Add all of the milk at once.                                                 | butter 50, egg 2, flour 200, milk 300
          LIST. Add a third of the milk at a time.                                           | butter 50, egg 2, flour 200, milk 300
          LIST. Add the milk in three goes.                                                  | butter 50, egg 2, flour 200, milk 300
          LIST. Make a paste with 100 g of the flour.                                        | butter 50, egg 2, flour 200, milk 300
          LIST. Mix 2 tbsp of the flour with the eggs.                                       | butter 50, egg 2, flour 200, milk 300
          LIST. Mix two tablespoons of the flour with the eggs.                              | butter 50, egg 2, flour 200, milk 300
          LIST. Add the eggs one at a time.                                                  | butter 50, egg 2, flour 200, milk 300
          LIST. Add the flour a spoonful at a time.                                          | butter 50, egg 2, flour 200, milk 300
          LIST. Add the flour by the cup.                                                    | butter 50, egg 2, flour 200, milk 300
          LIST. Stir the melted butter in last.                                              | butter 50, egg 2, flour 200, milk 300
          LIST. Pour in the milk, whisk, and leave 30 minutes.                               | butter 50, egg 2, flour 200, milk 300
          LIST. Warm the milk to 40 degrees.                                                 | butter 50, egg 2, flour 200, milk 300
          LIST. Warm 100 ml of the milk to 40 degrees.                                       | butter 50, egg 2, flour 200, milk 300
          LIST. Cream the butter.                                                            | butter 50, egg 2, flour 200, milk 300
          LIST. Rub the butter into the flour.                                               | butter 50, egg 2, flour 200, milk 300
          LIST. Fold in the flour, then the milk.                                            | butter 50, egg 2, flour 200, milk 300
          LIST. Beat the eggs with half the milk, then the flour, then the rest of the milk. | butter 50, egg 2, flour 200, milk 300
          LIST. The butter goes in last.                                                     | butter 50, egg 2, flour 200, milk 300
          LIST. Milk goes in last.                                                           | butter 50, egg 2, flour 200, milk 300
          LIST. Sift the flour.                                                              | butter 50, egg 2, flour 200, milk 300
          LIST. The flour is sifted, the eggs beaten, the milk warmed.                       | butter 50, egg 2, flour 200, milk 300
          LIST. Use a bit of the butter for the pan.                                         | butter 50, egg 2, flour 200, milk 300
          LIST. Save a bit of the flour.                                                     | butter 50, egg 2, flour 200, milk 300
          LIST. Whisk flour and eggs first.                                                  | butter 50, egg 2, flour 200, milk 300
          LIST. Whisk eggs and milk, then flour.                                             | butter 50, egg 2, flour 200, milk 300
          LIST. Half the butter into the batter.                                             | butter 50, egg 2, flour 200, milk 300
          """)
  void isNamedAgain(String text, String foods) {
    assertThat(
            ToldFoods.of(
                telling.read(
                    text.replace("LIST", "200 g flour, 2 eggs, 300 ml milk, 50 g butter"))))
        .isEqualTo(foods);
  }
}
