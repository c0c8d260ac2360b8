package honeststack.app.said;

import honeststack.app.doubt.ShippedTables;
import honeststack.app.larder.Larder;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.recipe.Kitchen;
import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.Recipe;
import honeststack.core.said.Told;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;

/** Tells texts to a kitchen with the larder that ships, in US measures. */
final class Listener {
  private final Kitchen kitchen = Kitchen.of(Larder.reference(), ShippedTables.read());

  /** The lines of a file of texts. */
  static List<String> lines(String file) throws IOException {
    try (InputStream bytes = Listener.class.getResourceAsStream("/said/" + file)) {
      return new String(bytes.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
    }
  }

  Told told(String text) {
    return kitchen.telling(MeasuringSystem.US).read(text);
  }

  /** The line as a recipe of one line reads it. */
  LineReading reading(Told.Line line) {
    Recipe recipe =
        new Recipe(
            MeasuringSystem.US,
            List.of(new Recipe.Line("l", line.text(), Optional.empty())),
            new Recipe.AtTheGriddle(
                Optional.empty(), 0, Recipe.Portioning.LADLE, "", Optional.empty(), ""),
            new Recipe.OnThePlate(Optional.empty(), List.of()));
    return kitchen.read(recipe).lines().get(0);
  }
}
