package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.said.told.Told;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/**
 * What was done to a food, how it is, and what stands around it leave its amount about as it is: "½
 * cup whole wheat flour" weighs the same unbleached, sifted or measured with care.
 */
class ModifiersSaidTest {
  /** A form may weigh more or less by the cup, a size by the piece; none so much. */
  private static final double MOST = 2.2;

  /** Of the foods of a group, each modifier is tried with so many, others for the next. */
  private static final int TRIED = 4;

  private final Listener listener = new Listener();
  private final Map<String, List<String[]>> foods = new LinkedHashMap<>();
  private final Map<String, Double> alone = new LinkedHashMap<>();
  private final List<String> misses = new ArrayList<>();
  private final List<String> changed = new ArrayList<>();
  private int tried;

  /** The grams of the only food that a text measures; empty where it is asked about. */
  private Optional<Double> grams(String text) {
    List<Told.Line> lines = listener.told(text).lines();
    return lines.size() == 1 && listener.reading(lines.get(0)) instanceof Understood read
        ? Optional.of(read.mass().value())
        : Optional.empty();
  }

  private void compare(String text, String base) {
    double before = alone.computeIfAbsent(base, any -> grams(any).orElseThrow());
    Optional<Double> now = grams(text);
    tried++;
    if (now.isEmpty()) {
      misses.add(text);
    } else if (now.get() > before * MOST || now.get() < before / MOST) {
      changed.add(text + ": " + now.get() + " g, alone " + before);
    }
  }

  private void read(String line) {
    String[] parts = line.split("\\|", 3);
    if (parts[0].equals("food")) {
      List<String[]> group = foods.computeIfAbsent(parts[1], any -> new ArrayList<>());
      for (String food : parts[2].split(";")) {
        group.add(food.split("\\|"));
      }
      return;
    }
    List<String[]> group =
        parts[0].equals("*")
            ? foods.values().stream().flatMap(List::stream).toList()
            : foods.get(parts[0]);
    int next = 0;
    for (String modifier : parts[2].split(";")) {
      for (int i = 0; i < Math.min(TRIED, group.size()); i++) {
        String[] food = group.get(next++ % group.size());
        String base = food[0] + " " + food[1];
        String text =
            switch (parts[1]) {
              case "pre" -> food[0] + " " + modifier + " " + food[1];
              case "post" -> base + modifier;
              default -> modifier + base;
            };
        compare(text, base);
      }
    }
  }

  @Test
  void aFoodStaysWhatItIs() throws IOException {
    Listener.lines("modifiers.txt").forEach(this::read);
    System.out.println("modifiers: " + (tried - misses.size()) + " of " + tried);
    misses.forEach(miss -> System.out.println("  " + miss));
    assertThat(changed).isEmpty();
    assertThat(tried).isGreaterThan(2000);
    assertThat(misses).hasSizeLessThan(tried / 100);
  }
}
