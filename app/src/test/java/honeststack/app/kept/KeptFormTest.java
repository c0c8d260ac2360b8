package honeststack.app.kept;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;
import static org.assertj.core.api.Assertions.within;

import honeststack.app.doubt.ShippedTables;
import honeststack.app.larder.Larder;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Figure;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.food.Component;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.recipe.Kitchen;
import honeststack.core.recipe.Recipe;
import honeststack.core.recipe.RecipeReading;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** A reading that was kept in format 1: preparations inside, pan fat, leftovers, one topping. */
class KeptFormTest {
  private static final JsonMapper JSON = new JsonMapper();

  private static KeptForm kept() throws IOException {
    try (InputStream file = KeptFormTest.class.getResourceAsStream("/kept/format-1.json")) {
      return JSON.readValue(file, KeptForm.class);
    }
  }

  /** As they were shown by the tables' version 6, on the day that it was kept. */
  @Test
  void itsFiguresAreWhatTheyWere() throws IOException {
    RecipeReading reading = KeptReader.read(kept());
    Figures figures = Figures.of(reading, Measurand.of(Component.ENERC, Component.PROCNT));
    var energy = figures.figure(Basis.AS_SERVED, Component.ENERC);
    assertThat(energy.value()).isCloseTo(388.89501856869947, within(1e-9));
    assertThat(energy.u()).isCloseTo(20.92895439882104, within(1e-9));
    var protein = figures.figure(Basis.AS_SERVED, Component.PROCNT);
    assertThat(protein.value()).isCloseTo(10.030449626781259, within(1e-9));
    assertThat(protein.u()).isCloseTo(0.6756762767890578, within(1e-9));
  }

  /** What is written is what was read: nothing of it is lost. */
  @Test
  void itIsWrittenAsItWasRead() throws IOException {
    KeptForm form = kept();
    assertThat(JSON.valueToTree(KeptWriter.write(KeptReader.read(form))).toString())
        .isEqualTo(JSON.valueToTree(form).toString());
  }

  @Test
  void anotherFormatIsRefused() throws IOException {
    String later = JSON.writeValueAsString(kept()).replaceFirst("\"format\":1", "\"format\":2");
    assertThat(catchThrowable(() -> KeptReader.read(JSON.readValue(later, KeptForm.class))))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("2");
  }

  /** Everything that a griddle and a plate can say is kept, and read again as it was. */
  @Test
  void whatWasForetoldAndServedOtherwiseIsKeptToo() {
    Recipe.Line fat = new Recipe.Line("fat-1", "10 g butter", Optional.empty());
    Recipe.Line more = new Recipe.Line("fat-2", "1 tbsp sunflower oil", Optional.empty());
    Recipe.Making making =
        new Recipe.Making(
            "60 ml",
            Optional.empty(),
            "10 g",
            "1 tbsp",
            new Recipe.Cooked("150 g", 3),
            Recipe.Doneness.WAFFLE_CRISP,
            List.of(more),
            2,
            List.of(),
            1,
            "simmered 15 min",
            Optional.of(new Recipe.Habit(3, 0.8, 0.02, 0.05, 0.02)));
    Recipe recipe =
        new Recipe(
            MeasuringSystem.US,
            List.of(
                new Recipe.Line("b-0", "1 cup rye flour", Optional.empty()),
                new Recipe.Line("b-1", "250 ml whole milk", Optional.empty()),
                new Recipe.Line("b-2", "2 tsp baking powder", Optional.empty()),
                new Recipe.Line("b-3", "50 g rum", Optional.empty())),
            new Recipe.AtTheGriddle(
                Optional.of(6),
                1,
                Recipe.Portioning.SCOOP,
                "1 piece",
                Optional.of(fat),
                "2 g",
                making),
            new Recipe.OnThePlate(
                Optional.of(2.0),
                List.of(new Recipe.Line("t-0", "1 tbsp honey", Optional.empty())),
                "120 g",
                List.of(new Recipe.Helping("child", "1", Optional.empty()))));
    RecipeReading read = Kitchen.of(Larder.reference(), ShippedTables.read()).read(recipe);
    assertThat(read.problems()).isEmpty();
    String written = JSON.writeValueAsString(KeptWriter.write(read));
    RecipeReading again = KeptReader.read(JSON.readValue(written, KeptForm.class));
    assertThat(JSON.writeValueAsString(KeptWriter.write(again))).isEqualTo(written);
    assertThat(again.griddle().orElseThrow().later()).isEqualTo(1);
    assertThat(again.outcome().balance()).isPresent();
    for (Basis basis : Basis.values()) {
      List<Figure> before = Figures.of(read, Measurand.values()).on(basis);
      List<Figure> after = Figures.of(again, Measurand.values()).on(basis);
      assertThat(after).hasSameSizeAs(before);
      for (int i = 0; i < before.size(); i++) {
        assertThat(after.get(i).value()).isEqualTo(before.get(i).value());
        assertThat(after.get(i).u()).isCloseTo(before.get(i).u(), within(1e-12));
      }
    }
    Figures child = Figures.of(again.serving(again.others().get(0)), Measurand.values());
    assertThat(child.figure(Basis.AS_SERVED, Component.ENERC).value())
        .isEqualTo(
            Figures.of(read.serving(read.others().get(0)), Measurand.values())
                .figure(Basis.AS_SERVED, Component.ENERC)
                .value());
  }
}
