package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.line.Place;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.said.told.Told;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * The same amounts in several hundred sentences: into the bowl, onto the plate, into the pan; and
 * the same foods in a hundred that leave them out.
 */
class TemplatesSaidTest {
  private static final Map<String, List<String>> FOODS =
      Map.of(
          "NOT_SAID",
          List.of("200 g flour", "2 eggs", "300 ml milk", "2 tbsp sugar", "1 banana"),
          "PLATE",
          List.of("2 tbsp maple syrup", "50 g blueberries", "20 g walnuts", "1 sliced banana"),
          "PAN",
          List.of("20 g butter", "2 tsp oil", "a knob of butter"),
          "NONE",
          List.of("sugar", "milk", "eggs", "butter", "salt"));

  private final Listener listener = new Listener();

  /** What each amount is by itself. */
  private final Map<String, Understood> alone = new HashMap<>();

  private final List<String> misses = new ArrayList<>();
  private int said;

  private static String text(String template, String food) {
    String text = template.replace("X", food);
    return text.substring(0, 1).toUpperCase() + text.substring(1);
  }

  private Understood read(String food) {
    return (Understood) listener.reading(listener.told(food).lines().get(0));
  }

  /** Its grams are the food's own, give or take "a little more", and it goes where it should. */
  private boolean isRight(String text, String food, String place) {
    List<Told.Line> lines = listener.told(text).lines();
    if (lines.size() != 1 || !(listener.reading(lines.get(0)) instanceof Understood read)) {
      return false;
    }
    Understood itself = alone.computeIfAbsent(food, this::read);
    double ratio = read.mass().value() / itself.mass().value();
    return read.food().id().equals(itself.food().id())
        && ratio > 0.7
        && ratio < 1.4
        && lines.get(0).place() == Place.valueOf(place);
  }

  private void leavesOut(String text) {
    List<Told.Line> lines = listener.told(text).lines();
    assertThat(lines)
        .as(text)
        .noneMatch(
            line -> listener.reading(line) instanceof Understood read && read.mass().value() > 0)
        .noneMatch(line -> listener.reading(line) instanceof NotMeasured);
    if (!lines.isEmpty()) {
      misses.add(text);
    }
  }

  @Test
  void aSentenceSaysWhereItGoesOrThatItDoesNot() throws IOException {
    for (String line : Listener.lines("templates.txt")) {
      String[] parts = line.split("\\|", 2);
      for (String food : FOODS.get(parts[0])) {
        String text = text(parts[1], food);
        said++;
        if (parts[0].equals("NONE")) {
          leavesOut(text);
        } else if (!isRight(text, food, parts[0])) {
          misses.add(text);
        }
      }
    }
    System.out.println("templates: " + (said - misses.size()) + " of " + said);
    misses.forEach(miss -> System.out.println("  " + miss));
    assertThat(said).isGreaterThan(2000);
    assertThat(misses).hasSizeLessThan(said / 100);
  }
}
