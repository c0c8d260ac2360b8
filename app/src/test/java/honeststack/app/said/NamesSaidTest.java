package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.app.larder.ShippedCsv;
import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.said.told.Told;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Every name of the larder means one food, wherever it stands and whatever stands before it: what
 * "100 g of it" is, in a line by itself, is what it is everywhere.
 */
class NamesSaidTest {
  /** Which begin with a unit or a container, or end with one; nobody writes a name first so. */
  private static final Pattern ODD =
      Pattern.compile(
          "(?i)(?:carton|tin|gram|pinch|squirty|sheeps') .*|sheeps' milk|T\\d+|.*\\b(?:pat|glas"
              + "|noisette|drizzle|spread|mix)|.* from a .*|icing|salsa|caramel|sprinkles|half and half");

  private static final List<String> REDUCED =
      List.of("low-fat", "half-fat", "reduced-fat", "light", "fat-free", "full-fat", "0 %");

  private static final List<String> DAIRY =
      List.of(
          "natural yoghurt",
          "greek yogurt",
          "cream cheese",
          "cottage cheese",
          "sour cream",
          "mozzarella",
          "cheddar",
          "ricotta",
          "creme fraiche",
          "milk",
          "coconut milk",
          "butter");

  private static final Listener LISTENER = new Listener();

  /** What each name is in a line by itself. */
  private static final Map<String, Map<String, Long>> ALONE = new ConcurrentHashMap<>();

  /** Foods with their grams; a food that is not known under its words. */
  private static Map<String, Long> foods(String text) {
    Map<String, Long> foods = new TreeMap<>();
    for (Told.Line line : LISTENER.told(text).lines()) {
      LineReading reading = LISTENER.reading(line);
      String food =
          reading instanceof Understood read
              ? read.food().id()
              : reading instanceof NotMeasured named ? "? " + named.food().id() : "not known";
      long grams = reading instanceof Understood read ? Math.round(read.mass().value()) : 0;
      foods.merge(line.understood() ? food : "not understood", grams, Long::sum);
    }
    return foods;
  }

  private static Map<String, Long> alone(String name) {
    return ALONE.computeIfAbsent(name, any -> foods("100 g " + name));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "N, 100 g",
        "N (100 g)",
        "100 g of good N",
        "100 g N, at room temperature",
        "then the N, 100 g of it",
        "100 g N (12 g protein, see note 2)"
      })
  void aNameMeansOneFoodInEveryForm(String form) {
    List<String> names = ShippedCsv.rows("synonyms", row -> row.get("name"));
    List<String> other =
        names.parallelStream()
            .filter(name -> !ODD.matcher(name).matches())
            .filter(name -> alone(name).keySet().stream().noneMatch(f -> f.contains(" ")))
            .filter(name -> !foods(form.replace("N", name)).equals(alone(name)))
            .toList();
    assertThat(names).hasSizeGreaterThan(2000);
    assertThat(other).isEmpty();
  }

  /** "low-fat mozzarella, 100 g" is no more the whole one than "100 g low-fat mozzarella". */
  @Test
  void howMuchFatItHasIsReadBeforeANameThatStandsFirst() {
    List<String> names =
        REDUCED.stream().flatMap(fat -> DAIRY.stream().map(food -> fat + " " + food)).toList();
    assertThat(names)
        .allSatisfy(
            name -> assertThat(foods(name + ", 100 g")).as(name).isEqualTo(foods("100 g " + name)));
    assertThat(Stream.of("low-fat", "full-fat").map(fat -> foods("100 g " + fat + " milk")))
        .containsExactly(Map.of("milk-lowfat", 100L), Map.of("milk-whole", 100L));
  }

  /** Soaked and ground for a batter, what a tin or a pot would hold cooked is raw. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "1 cup rice, soaked overnight",
        "1 cup soaked rice",
        "Soak 1 cup rice.",
        "1 cup rice. Soak the rice.",
        "1 cup rice\n¼ tsp fenugreek seeds"
      })
  void whatIsSoakedIsRaw(String text) {
    assertThat(foods(text)).containsEntry("rice-raw", 185L).doesNotContainKey("rice-cooked");
    assertThat(foods("1 cup cooked rice")).containsKey("rice-cooked");
  }
}
