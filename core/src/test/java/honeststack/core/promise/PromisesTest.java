package honeststack.core.promise;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestRecipes;
import honeststack.core.promise.Promises.Held;
import honeststack.core.promise.Promises.Standing;
import honeststack.core.recipe.RecipeReading;
import org.junit.jupiter.api.Test;

class PromisesTest {
  private static Held held(RecipeReading reading, Promise promise) {
    return Promises.of(reading).stream()
        .filter(one -> one.promise() == promise)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void whatIsNotUnderstoodLeavesAPromiseOpen() {
    RecipeReading whole = TestRecipes.bowl("200 g flour").pan("none", "").read();
    assertThat(held(whole, Promise.NO_EGG).standing()).isEqualTo(Standing.YES);
    RecipeReading open = TestRecipes.bowl("200 g flour", "1 cup wobble").pan("none", "").read();
    assertThat(held(open, Promise.NO_EGG).standing()).isEqualTo(Standing.NOT_KNOWN);
    assertThat(held(open, Promise.NO_EGG).decides()).isEqualTo("1 cup wobble");
  }

  @Test
  void thePanAndThePlateCountToo() {
    RecipeReading fried = TestRecipes.bowl("200 g flour").pan("1 tbsp oil", "").read();
    assertThat(held(fried, Promise.NO_ADDED_FAT).decides()).isEqualTo("oil");
    RecipeReading dry =
        TestRecipes.bowl("200 g flour").pan("none", "").serving(1, "20 g sugar").read();
    assertThat(held(dry, Promise.NO_ADDED_FAT).standing()).isEqualTo(Standing.YES);
    assertThat(held(dry, Promise.NO_ADDED_SUGAR).standing()).isEqualTo(Standing.NO);
    assertThat(Promises.of(TestRecipes.bowl().pan("", "").read())).isEmpty();
  }
}
