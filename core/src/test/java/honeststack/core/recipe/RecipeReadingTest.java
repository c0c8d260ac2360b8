package honeststack.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestFoods;
import honeststack.core.TestRecipes;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Figure;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.figures.Part;
import honeststack.core.food.Component;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.Recipe.Portioning;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What a reading hands out. */
class RecipeReadingTest {
  private static RecipeReading reading() {
    return TestRecipes.bowl("200 g flour", "100 g milk")
        .pan("20 g oil", "10 g")
        .serving(2, "15 g sugar")
        .read();
  }

  @Test
  void allThatWasMeasured() {
    assertThat(reading().foods())
        .extracting(line -> line.food().name() + " " + line.mass().value())
        .containsExactly("flour 200.0", "milk 100.0", "oil 20.0", "sugar 15.0");
    assertThat(reading().batterMass().value()).isEqualTo(300);
    assertThat(reading().contents(Station.PAN).lines().get(0).mass().value()).isEqualTo(10);
    assertThat(reading().contents(Station.PLATE).sum(Component.CHOCDF)).isCloseTo(15, within(1e-9));
    assertThat(reading().understood(Station.BOWL))
        .extracting(Understood::id)
        .containsExactly("bowl-0", "bowl-1");
  }

  /** Whatever became of a line: left out, it counts nowhere. */
  @Test
  void whatIsLeftOutDoesNotCount() {
    Recipe plain = TestRecipes.bowl("1 g flour").recipe();
    List<Recipe.Line> lines =
        Stream.of("200 g flour", "sugar, to taste", "100 g moss")
            .flatMap(
                text ->
                    Stream.of(false, true)
                        .map(
                            off ->
                                new Recipe.Line(
                                    text + off, text, Optional.empty(), "", off, false, List.of())))
            .toList();
    RecipeReading reading =
        TestFoods.kitchen().read(new Recipe(plain.system(), lines, plain.griddle(), plain.plate()));
    assertThat(reading.lines()).hasSize(lines.size() + 1); // the fat in the pan
    assertThat(reading.counting(Station.BOWL))
        .extracting(LineReading::id)
        .containsExactly("200 g flourfalse", "sugar, to tastefalse", "100 g mossfalse");
    assertThat(reading.batterMass().value()).isEqualTo(200);
  }

  /** Two standard uncertainties to each side, and never below nothing. */
  @Test
  void theShownRange() {
    Figure energy = energy(reading());
    assertThat(energy.low()).isCloseTo(energy.value() - 2 * energy.u(), within(1e-12));
    assertThat(energy.high()).isCloseTo(energy.value() + 2 * energy.u(), within(1e-12));
    Figure uneven =
        energy(
            TestRecipes.bowl("a knob of butter", "a splash of oil")
                .pieces(1000, Portioning.SPOON)
                .pan("1 tbsp oil", "")
                .serving(0.01, "")
                .read());
    assertThat(uneven.low()).isGreaterThanOrEqualTo(0);
    assertThat(uneven.high()).isCloseTo(uneven.value() + 2 * uneven.u(), within(1e-12));
    assertThat(energy).hasToString("ENERC AS_SERVED: " + energy.value() + " ± " + 2 * energy.u());
  }

  /**
   * A whole cake of 100 g of flour with five toppings, all weighed, nothing left: 350 + 40 + 12 +
   * 45 + 57.6 + 18 kcal. The scale's 0.3 % moves all of them together, its step each, and so does
   * the table's 5 %, or 1 % of sugar and oil.
   */
  @Test
  void manyToppingsAddUpWithTheirDoubts() {
    double[] grams = {100, 10, 20, 5, 8, 30};
    double[] perGram = {3.5, 4, 0.6, 9, 7.2, 0.6};
    double[] tables = {0.05, 0.01, 0.05, 0.01, 0.05, 0.05};
    RecipeReading reading =
        TestRecipes.bowl("100 g flour")
            .pieces(1, Portioning.WEIGHED)
            .pan("", "")
            .serving(1, "10 g sugar", "20 g milk", "5 g oil", "8 g butter", "30 g pear")
            .read();
    double sum = 0;
    double each = 0;
    for (int i = 0; i < grams.length; i++) {
      sum += grams[i] * perGram[i];
      each += perGram[i] * perGram[i] / 12 + Math.pow(tables[i] * grams[i] * perGram[i], 2);
    }
    Figure energy = energy(reading);
    assertThat(energy.value()).isCloseTo(522.6, within(1e-9));
    assertThat(sum).isCloseTo(522.6, within(1e-9));
    assertThat(energy.u()).isCloseTo(Math.hypot(0.003 * sum, Math.sqrt(each)), within(1e-9));
    Figures figures = Figures.of(reading, List.of(Measurand.of(Component.ENERC)));
    assertThat(figures.parts(List.of(Component.ENERC)))
        .extracting(Part::grams)
        .containsExactly(100.0, 10.0, 20.0, 5.0, 8.0, 30.0);
    assertThat(figures.on(Basis.PER_100G_FINISHED)).isEmpty();
    assertThat(figures.on(Basis.PER_PIECE)).hasSize(1);
  }

  /** The same unknown word twice is offered the same foods twice. */
  @Test
  void anUnknownWordIsAnsweredEachTime() {
    RecipeReading reading = TestRecipes.bowl("1 g moss", "2 g moss", "3 g bark").read();
    assertThat(reading.counting(Station.BOWL))
        .extracting(line -> ((LineReading.NotUnderstood) line).nearest().size())
        .containsExactly(4, 4, 4);
  }

  private static Figure energy(RecipeReading reading) {
    return Figures.of(reading, List.of(Measurand.of(Component.ENERC)))
        .figure(Basis.AS_SERVED, Component.ENERC);
  }
}
