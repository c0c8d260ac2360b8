package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What cooks of many kitchens call their foods: each name, and the foods that it may mean. */
class ManyKitchensSaidTest {
  private static final String GRAMS = "100 g ";

  private final Listener listener = new Listener();

  @Test
  void aNameOfManyKitchensIsKnown() throws IOException {
    List<String> misses = new ArrayList<>();
    List<String> other = new ArrayList<>();
    List<String> lines = Listener.lines("kitchens.txt");
    for (String line : lines) {
      String[] parts = line.split("\\|", 2);
      Map<String, Long> read = listener.grams(listener.told(GRAMS + parts[0]));
      if (!read.keySet().toString().matches("\\[(?:" + parts[1] + ")[\\w-]*]")) {
        (Listener.isAsked(read) ? misses : other).add(parts[0] + " → " + read);
      }
    }
    System.out.println("kitchens: " + (lines.size() - misses.size()) + " of " + lines.size());
    misses.forEach(miss -> System.out.println("  " + miss));
    assertThat(other).isEmpty();
    assertThat(misses).hasSizeLessThan(lines.size() / 50);
  }
}
