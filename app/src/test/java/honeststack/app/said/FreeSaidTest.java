package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.said.told.Told;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What a food must be free of, said in eighty ways: nothing that holds it is ever counted. */
class FreeSaidTest {
  /**
   * @param free what is said of it
   * @param never foods that hold it
   */
  private record Wanted(String food, String free, Set<String> never) {}

  private static final List<Wanted> WANTED =
      List.of(
          new Wanted("butter", "vegan", Set.of("butter", "ghee", "butter-salted")),
          new Wanted("butter", "dairy-free", Set.of("butter", "ghee", "butter-salted")),
          new Wanted("milk", "dairy-free", Set.of("milk-whole", "milk-reduced-fat", "milk-skim")),
          new Wanted("milk", "plant-based", Set.of("milk-whole", "milk-reduced-fat", "milk-skim")),
          new Wanted("yogurt", "vegan", Set.of("yogurt-whole", "yogurt-lowfat", "yogurt-skim")),
          new Wanted("cream", "dairy-free", Set.of("cream-heavy", "cream-whipping", "cream-light")),
          new Wanted("cream cheese", "dairy-free", Set.of("cream-cheese", "cream-cheese-light")),
          new Wanted("flour", "gluten-free", Set.of("wheat-flour-white", "wheat-flour-whole")),
          new Wanted("flour", "wheat-free", Set.of("wheat-flour-white", "wheat-flour-whole")),
          new Wanted("self-raising flour", "gluten-free", Set.of("wheat-flour-self-rising")),
          new Wanted("syrup", "sugar-free", Set.of("maple-syrup", "golden-syrup", "agave-syrup")),
          new Wanted("jam", "sugar-free", Set.of("jam")),
          new Wanted("vanilla", "alcohol-free", Set.of("vanilla-extract")));

  private final Listener listener = new Listener();

  @Test
  void nothingThatHoldsItIsCounted() throws IOException {
    List<String> opposite = new ArrayList<>();
    int said = 0;
    for (String form : Listener.lines("free.txt")) {
      for (Wanted wanted : WANTED) {
        for (String free : List.of(wanted.free(), wanted.free().replace('-', ' '))) {
          String text = form.replace("FOOD", wanted.food()).replace("FREE", free);
          said++;
          if (listener.told(text).lines().stream().anyMatch(line -> isCounted(line, wanted))) {
            opposite.add(text);
          }
        }
      }
    }
    assertThat(said).isGreaterThan(2000);
    assertThat(opposite).isEmpty();
  }

  private boolean isCounted(Told.Line line, Wanted wanted) {
    return listener.reading(line) instanceof Understood read
        && wanted.never().contains(read.food().id());
  }
}
