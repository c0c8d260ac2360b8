package honeststack.core.serving;

import static honeststack.core.food.Component.ENERC;
import static honeststack.core.serving.Basis.AS_SERVED;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestFoods;
import honeststack.core.TestRecipes;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.SourceBook;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Measuring better is compared with measuring it better: the figure of the weighed recipe. */
class NarrowingTest {
  private final RecipeReader reader = new RecipeReader(new TestFoods(), TestFoods.doubt());

  private record Answer(Estimate energy, Narrowing.Narrowed narrowed) {
    Narrowing.Next next() {
      return narrowed.next().orElseThrow();
    }

    double best() {
      return narrowed.best();
    }
  }

  private Answer answer(String... bowl) {
    SourceBook book = SourceBook.firstOrder();
    RecipeReading reading =
        reader.read(TestRecipes.bowl(bowl).pan("0 g oil", "0 g").serving(4, "").recipe(), book);
    Estimate energy =
        Figures.of(reading.made(), List.of(ENERC), book).total(AS_SERVED, ENERC).estimate();
    return new Answer(energy, Narrowing.of(reading, TestFoods.doubt(), book).of(energy));
  }

  /** Two cups of flour, filling not said, weigh 260 g; said to be weighed, that is the figure. */
  @Test
  void weighingTheFlourGivesWhatWeighingItGives() {
    Answer cups = answer("2 cups flour", "100 g milk");
    Answer weighed = answer("260 g flour", "100 g milk");
    assertThat(cups.next().words()).isEqualTo("weigh the flour");
    assertThat(cups.next().u())
        .isCloseTo(weighed.energy().u(), within(0.02 * weighed.energy().u()));
    assertThat(cups.next().u()).isLessThan(cups.energy().u());
  }

  @Test
  void theBestIsEverythingWeighed() {
    Answer cups = answer("2 cups flour, spooned", "1 cup milk", "2 tbsp sugar");
    Answer weighed = answer("240 g flour", "244 g milk", "25 g sugar");
    assertThat(cups.best()).isLessThan(cups.next().u());
    assertThat(cups.best()).isCloseTo(weighed.best(), within(0.03 * weighed.best()));
  }
}
