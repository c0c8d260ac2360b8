package honeststack.app.said;

import honeststack.app.doubt.ShippedTables;
import honeststack.app.larder.Larder;
import honeststack.core.line.Place;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.recipe.Kitchen;
import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.Recipe;
import honeststack.core.said.told.Told;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Tells texts to a kitchen with the larder that ships, in US measures. */
final class Listener {
  static final String ASKED = "?";

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

  /** Whole grams of each food and place; a question for what is not measured or understood. */
  Map<String, Long> grams(Told told) {
    Map<String, Long> grams = new TreeMap<>();
    for (Told.Line line : told.lines()) {
      LineReading reading = reading(line);
      String place = line.place() == Place.NOT_SAID ? "" : "@" + line.place();
      if (line.understood() && reading instanceof Understood read) {
        grams.merge(read.food().id() + place, Math.round(read.mass().value()), Long::sum);
      } else {
        String name = reading instanceof NotMeasured open ? open.food().id() : "";
        grams.put(ASKED + name, 0L);
      }
    }
    return grams;
  }

  static boolean isAsked(Map<String, Long> grams) {
    return grams.keySet().stream().anyMatch(food -> food.startsWith(ASKED));
  }

  /** Within one gram and 2 %: a spoon's grams are rounded before they are multiplied. */
  static boolean isAbout(Map<String, Long> read, Map<String, Long> wanted) {
    return read.keySet().equals(wanted.keySet())
        && read.entrySet().stream()
            .allMatch(
                e -> Math.abs(e.getValue() - wanted.get(e.getKey())) <= 1 + e.getValue() / 50);
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
