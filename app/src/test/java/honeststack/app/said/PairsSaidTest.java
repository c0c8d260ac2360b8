package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.said.Told;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/**
 * Two amounts in one text: both count, or the second only may take the first one's place, or the
 * second is right. What that is to be is the sum of what each is alone.
 */
class PairsSaidTest {
  private static final Map<String, List<String>> PAIRS =
      Map.of(
          "BOTH",
          List.of("200 g flour|300 ml milk", "2 eggs|1 tsp salt", "50 g sugar|20 g butter"),
          "FIRST",
          List.of("50 g sugar|40 g honey", "200 ml milk|200 ml oat milk", "2 eggs|1 banana"),
          "SECOND",
          List.of(
              "50 g sugar|40 g honey",
              "200 ml milk|200 ml oat milk",
              "30 g butter|2 tbsp oil",
              "2 eggs|3 eggs",
              "200 g flour|250 g flour"));

  private static final String ASKED = "?";

  private final Listener listener = new Listener();
  private final List<String> misses = new ArrayList<>();
  private final List<String> silent = new ArrayList<>();
  private int said;

  /** Whole grams of each food; a question for what is not measured or not understood. */
  private Map<String, Long> grams(String text) {
    Map<String, Long> grams = new TreeMap<>();
    for (Told.Line line : listener.told(text).lines()) {
      LineReading reading = listener.reading(line);
      if (line.understood() && reading instanceof Understood read) {
        grams.merge(read.food().id(), Math.round(read.mass().value()), Long::sum);
      } else {
        String name = reading instanceof NotMeasured open ? open.food().id() : "";
        grams.put(ASKED + name, 0L);
      }
    }
    return grams;
  }

  private void judge(String kind, String template, String first, String second) {
    Map<String, Long> meant = new TreeMap<>();
    if (!kind.equals("SECOND")) {
      meant.putAll(grams(first));
    }
    if (!kind.equals("FIRST")) {
      grams(second).forEach((food, mass) -> meant.merge(food, mass, Long::sum));
    }
    String text = template.replace("X", "\u0001").replace("Y", second).replace("\u0001", first);
    text = text.substring(0, 1).toUpperCase() + text.substring(1);
    Map<String, Long> read = grams(text);
    said++;
    if (!read.equals(meant)) {
      boolean asked = read.keySet().stream().anyMatch(food -> food.startsWith(ASKED));
      (asked ? misses : silent).add(text + " → " + read);
    }
  }

  @Test
  void twoAmountsCountAsTheyAreMeant() throws IOException {
    for (String line : Listener.lines("pairs.txt")) {
      String[] parts = line.split("\\|", 2);
      for (String pair : PAIRS.get(parts[0])) {
        String[] two = pair.split("\\|");
        judge(parts[0], parts[1], two[0], two[1]);
      }
    }
    System.out.println("pairs: " + (said - misses.size() - silent.size()) + " of " + said);
    misses.forEach(miss -> System.out.println("  " + miss));
    assertThat(silent).isEmpty();
    assertThat(said).isGreaterThan(500);
    assertThat(misses).hasSizeLessThan(said / 50);
  }
}
