package honeststack.core.method;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestRecipes;
import honeststack.core.method.MethodStep.Span;
import honeststack.core.method.MethodStep.Stage;
import honeststack.core.recipe.RecipeReading;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MethodTest {
  private static final RecipeReading READING =
      TestRecipes.bowl("200 g flour", "300 g milk", "2 eggs").read();

  private static MethodStep step(String text) {
    return MethodReader.read(List.of(text), READING).get(0);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "Let it rest for 30 minutes|REST|30|30",
        "Cook 2–3 min a side, until golden|GRIDDLE|2|3",
        "Fry 2–3 minutes, until open, and 2 minutes on the other side|GRIDDLE|4|5",
        "Bake in the hot iron 4 to 5 minutes|GRIDDLE|4|5",
        "Whisk the eggs for half a minute|BOWL|0.5|0.5",
        "Leave the batter to stand an hour or so|REST|60|60",
        "Chill overnight|REST|480|720",
        "Soak the seeds a couple of hours|REST|120|120",
        "Simmer 1,5 h|BOWL|90|90",
        "Fry each for 90 seconds|GRIDDLE|1.5|1.5",
        "Heat the griddle 10 mins|HEAT|10|10",
        "Freeze what is left|STORE||",
        "Fold in the milk|BOWL||",
        "Serve with a spoon of quark|PLATE||"
      })
  void timesAndPlaces(String text, Stage stage, Double low, Double high) {
    MethodStep step = step(text);
    assertThat(step.stage()).isEqualTo(stage);
    assertThat(step.lasts())
        .isEqualTo(low == null ? Optional.empty() : Optional.of(new Span(low, high)));
  }

  @Test
  void heatCueSidesAndFoods() {
    MethodStep step = step("Fry at 350 °F, 2 minutes a side, until the milk bubbles stay open.");
    assertThat(step.celsius()).contains(177);
    assertThat(step.perSide()).isTrue();
    assertThat(step.cue()).isEqualTo("the milk bubbles stay open");
    assertThat(step.lines()).containsExactly("bowl-1");
    assertThat(step("Beat the eggs").lines()).containsExactly("bowl-2");
    assertThat(step("Heat the pan to 180 C").celsius()).contains(180);
  }

  @Test
  void whatChanged() {
    List<String> before = List.of("Mix", "Rest 5 minutes", "Cook 2 minutes a side");
    List<String> after = List.of("Sift", "Mix", "Rest 30 min", "Cook 2 minutes a side");
    assertThat(MethodChanges.between(before, after))
        .containsExactly("step added: “Sift”", "“Rest 30 min” instead of “Rest 5 minutes”");
    assertThat(MethodChanges.between(after, before))
        .containsExactly("step left out: “Sift”", "“Rest 5 minutes” instead of “Rest 30 min”");
    assertThat(MethodChanges.between(before, before)).isEmpty();
  }

  @Test
  void aLongRestIsHeeded() {
    List<MethodStep> long_ = MethodReader.read(List.of("Mix", "Rest 4 hours"), READING);
    assertThat(Advice.of(long_, READING, false)).anyMatch(said -> said.contains("fridge"));
    List<MethodStep> cold = MethodReader.read(List.of("Mix", "Rest overnight, cold"), READING);
    assertThat(Advice.of(cold, READING, false)).noneMatch(said -> said.contains("fridge"));
    assertThat(Advice.of(cold, READING, true)).anyMatch(said -> said.contains("steam stops"));
    RecipeReading snow = TestRecipes.bowl("200 g flour", "3 eggs, whites whipped stiff").read();
    List<MethodStep> rests =
        MethodReader.read(List.of("Whip the whites", "Fold in", "Rest 20 min"), snow);
    assertThat(Advice.of(rests, snow, false)).anyMatch(said -> said.contains("cook at once"));
  }
}
