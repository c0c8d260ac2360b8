package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/**
 * Amounts in one text: which of them count, and where they go. What that is to be is the sum of
 * what each is alone.
 */
class PairsSaidTest {
  private static final List<String> FATS =
      List.of("20 g butter|10 ml oil", "2 tbsp oil|15 g butter", "100 ml milk|50 g oats");

  private static final List<String> SWEET =
      List.of("100 g blueberries|1 tbsp sugar", "100 ml maple syrup|20 g butter");

  private static final List<String> TIMES = List.of("1 tbsp honey|2 eggs", "10 g butter|2 eggs");

  private static final List<String> LISTED =
      List.of("200 g flour|300 ml milk|2 eggs", "1 cup oats|1 banana|1 tsp cinnamon");

  /** The first, what it is to be, and that without the food. */
  private static final List<String> RIGHT =
      List.of("200 ml milk|250 ml milk|250 ml", "2 eggs|3 eggs|3", "100 g sugar|80 g sugar|80 g");

  /** Of another kind, of the same kind, and the same food again. */
  private static final Map<String, List<String>> PAIRS =
      Map.of(
          "X Y",
          List.of("200 g flour|300 ml milk", "2 eggs|1 tsp salt", "50 g sugar|20 g butter"),
          "X",
          List.of("50 g sugar|40 g honey", "200 ml milk|200 ml oat milk", "2 eggs|1 banana"),
          "OTHER",
          List.of("50 g sugar|40 g honey", "200 ml milk|250 ml oat milk", "2 eggs|1 banana"),
          "Y",
          List.of(
              "50 g sugar|40 g honey",
              "200 ml milk|200 ml oat milk",
              "30 g butter|2 tbsp oil",
              "2 eggs|3 eggs",
              "200 g flour|250 g flour"),
          "X@PLATE Y@PLATE",
          SWEET,
          "X@PLATE",
          SWEET,
          "ALIKE",
          List.of("50 g sugar|40 g honey", "150 g flour|50 g rice flour"),
          "NOTED",
          List.of("200 g flour", "2 eggs"),
          "X Y Z",
          LISTED,
          "AMOUNT",
          RIGHT);

  private static final Map<String, String> MEANT =
      Map.of("OTHER", "Y", "AMOUNT", "Y", "BOWL", "X Y", "ALIKE", "X Y", "NOTED", "X");

  private static final String LETTERS = "XYZ";

  private final Listener listener = new Listener();

  /** What each amount is by itself. */
  private final Map<String, Map<String, Long>> alone = new HashMap<>();

  private final List<String> misses = new ArrayList<>();
  private final List<String> silent = new ArrayList<>();
  private int said;

  private static List<String> pairs(String meant) {
    return PAIRS.getOrDefault(meant, meant.contains("*") ? TIMES : FATS);
  }

  private Map<String, Long> alone(String amount) {
    return alone.computeIfAbsent(amount, any -> listener.grams(listener.told(any)));
  }

  private void judge(String meant, String template, String[] foods) {
    Map<String, Long> wanted = new TreeMap<>();
    for (String one : MEANT.getOrDefault(meant, meant).split(" ")) {
      String[] times = one.substring(1).split("\\*");
      double factor = times.length > 1 ? Double.parseDouble(times[1]) : 1;
      alone(foods[LETTERS.indexOf(one.charAt(0))])
          .forEach(
              (food, mass) -> wanted.merge(food + times[0], (long) (mass * factor), Long::sum));
    }
    String text = template.replace("⏎", "\n");
    for (int i = foods.length - 1; i >= 0; i--) {
      text = text.replaceAll("\\b" + LETTERS.charAt(i) + "\\b", foods[i]);
    }
    text = text.substring(0, 1).toUpperCase() + text.substring(1);
    Map<String, Long> read = listener.grams(listener.told(text));
    said++;
    if (!Listener.isAbout(read, wanted)) {
      boolean asked = Listener.isAsked(read);
      (asked ? misses : silent).add(text + " → " + read);
    }
  }

  @Test
  void twoAmountsCountAsTheyAreMeant() throws IOException {
    for (String line : Listener.lines("pairs.txt")) {
      String[] parts = line.split("\\|", 2);
      for (String pair : pairs(parts[0])) {
        judge(parts[0], parts[1], pair.split("\\|"));
      }
    }
    System.out.println("pairs: " + (said - misses.size() - silent.size()) + " of " + said);
    misses.forEach(miss -> System.out.println("  " + miss));
    assertThat(silent).isEmpty();
    assertThat(said).isGreaterThan(2800);
    assertThat(misses).hasSizeLessThan(said / 50);
  }
}
