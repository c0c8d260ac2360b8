package honeststack.app.kept;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.figures.Basis;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.food.Component;
import honeststack.core.recipe.RecipeReading;
import java.io.IOException;
import java.io.InputStream;
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
}
