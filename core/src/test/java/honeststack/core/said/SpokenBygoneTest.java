package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What was in a recipe once, and what is only talked of. */
class SpokenBygoneTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  /** It was in it once, or in another's. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          LIST. We used to put an egg in but you can't tell.        | flour 200, milk 300
          LIST. I used to add an egg, now I don't.                  | flour 200, milk 300
          LIST. The old recipe had an egg in it.                    | flour 200, milk 300
          LIST. My mother would have added an egg.                  | flour 200, milk 300
          LIST. It used to have an egg in, not any more.            | flour 200, milk 300
          LIST. I tried it with an egg once, never again.           | flour 200, milk 300
          LIST. Once I put an egg in by mistake.                    | flour 200, milk 300
          LIST. I once added an egg and it was horrible.            | flour 200, milk 300
          LIST. There was an egg in it originally, we dropped that. | flour 200, milk 300
          LIST. Normally there's an egg in, but not this time.      | flour 200, milk 300
          LIST. An egg? Not any more.                               | flour 200, milk 300
          LIST. Back then it had an egg too.                        | flour 200, milk 300
          LIST. Before the diagnosis we had an egg in it.           | flour 200, milk 300
          LIST. We used to put 2 eggs in.                           | flour 200, milk 300
          LIST. The old recipe had 100 g sugar.                     | flour 200, milk 300
          """)
  void isPast(String text, String foods) {
    String told = text.replace("LIST", "200 g flour, 300 ml milk");
    assertThat(ToldFoods.of(telling.read(told))).isEqualTo(foods);
  }

  /** Named, and in no recipe. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          LIST. My sister grows her own pears.                          | flour 200, milk 300
          LIST. Butter was dear at the market that week.                | flour 200, milk 300
          LIST. They taste of pears and look like little moons.         | flour 200, milk 300
          LIST. Nobody in my family likes pears but I keep buying them. | flour 200, milk 300
          LIST. The dog stole a pear while I was mixing.                | flour 200, milk 300
          LIST. He asked for pears and got pancakes.                    | flour 200, milk 300
          LIST. Our old cook swore by butter.                           | flour 200, milk 300
          LIST. I was frying pears when she rang.                       | flour 200, milk 300
          LIST. My cat is called Sugar.                                 | flour 200, milk 300
          LIST. Pears were all we had in those days.                    | flour 200, milk 300
          LIST. Who doesn't love butter?                                | flour 200, milk 300
          LIST. Allergens: egg (white), milk.                           | flour 200, milk 300
          LIST. Contains egg and milk.                                  | flour 200, milk 300
          LIST. May contain egg and milk.                               | flour 200, milk 300
          """)
  void isOnlyTalkedOf(String text, String foods) {
    String told = text.replace("LIST", "200 g flour, 300 ml milk");
    assertThat(ToldFoods.of(telling.read(told))).isEqualTo(foods);
  }

  /** Named in passing, and in it. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          LIST. I like pears in mine.          | flour 200, milk 300, pear 0
          LIST. We love pears on top.          | flour 200, milk 300, pear 0
          LIST. Nobody minds if you add pears. | flour 200, milk 300, pear 0
          LIST. My mum adds sugar.             | flour 200, milk 300, sugar 0
          LIST. There's sugar in it too.       | flour 200, milk 300, sugar 0
          LIST. It needs sugar.                | flour 200, milk 300, sugar 0
          """)
  void isMeant(String text, String foods) {
    String told = text.replace("LIST", "200 g flour, 300 ml milk");
    assertThat(ToldFoods.of(telling.read(told))).isEqualTo(foods);
  }

  /** Taken back for a reason. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          300 ml milk – no wait, that's the old recipe, it's 280    | milk 280
          300 ml milk, no, that was last time, 280 ml               | milk 280
          300 ml milk – hang on, that's for the big batch, 280 ml   | milk 280
          300 ml milk… no, that's what the book says, I take 280 ml | milk 280
          300 ml milk was the old recipe, now it's 280 ml           | milk 280
          the old recipe had 300 ml milk, mine has 280 ml           | milk 280
          300 ml milk, that can't be right, 280 ml                  | milk 280
          300 ml milk (crossed out) 280 ml                          | milk 280
          """)
  void isReconsidered(String text, String foods) {
    String told = text.replace("LIST", "200 g flour, 300 ml milk");
    assertThat(ToldFoods.of(telling.read(told))).isEqualTo(foods);
  }
}
