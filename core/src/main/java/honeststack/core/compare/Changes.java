package honeststack.core.compare;

import honeststack.core.serving.Figures.Station;
import honeststack.core.serving.Made;
import honeststack.core.serving.Plate;
import honeststack.core.serving.RecipeReading;
import honeststack.core.serving.RecipeReading.Understood;
import honeststack.core.yield.Griddle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a version changed against its parent, as a cook would say it. */
public final class Changes {
  private Changes() {}

  /** One phrase for each change, in the order of the work; none if nothing changed. */
  public static List<String> between(RecipeReading before, RecipeReading after) {
    List<String> changes = new ArrayList<>();
    for (Station station : Station.values()) {
      String where =
          switch (station) {
            case BOWL -> "";
            case PAN -> "in the pan: ";
            case PLATE -> "on top: ";
          };
      Pairing.of(
              before.understood(station),
              after.understood(station),
              Understood::id,
              Understood::food)
          .stream()
          .map(Changes::line)
          .flatMap(Optional::stream)
          .forEach(change -> changes.add(where + change));
    }
    changes.addAll(griddle(before.made(), after.made()));
    return changes;
  }

  private static Optional<String> line(Pairing.Pair<Understood> pair) {
    if (pair.after().isEmpty()) {
      return pair.before().map(line -> "no " + line.food().name());
    }
    Understood after = pair.after().get();
    if (pair.before().isEmpty()) {
      return Optional.of(after.words() + " " + after.food().name() + " added");
    }
    Understood before = pair.before().get();
    String food = after.food().name();
    if (!before.food().id().equals(after.food().id())) {
      String swap = food + " for " + before.food().name();
      return Optional.of(
          before.words().equals(after.words()) ? swap : swap + " (" + amounts(before, after) + ")");
    }
    if (before.words().equals(after.words())) {
      return before.mass().value() == after.mass().value()
          ? Optional.empty()
          : Optional.of(food + ": the same amount weighs otherwise now");
    }
    return Optional.of(food + " " + amounts(before, after));
  }

  private static String amounts(Understood before, Understood after) {
    String unit = " " + after.amount().unit().symbol();
    String a = before.words();
    String b = after.words();
    return before.amount().unit() == after.amount().unit() && a.endsWith(unit) && b.endsWith(unit)
        ? a.substring(0, a.length() - unit.length()) + " → " + b
        : a + " → " + b;
  }

  private static List<String> griddle(Made before, Made after) {
    List<String> changes = new ArrayList<>();
    if (before.griddle().isPresent() && after.griddle().isPresent()) {
      Griddle a = before.griddle().get();
      Griddle b = after.griddle().get();
      if (a.pieces() != b.pieces()) {
        changes.add(more(b.pieces() - a.pieces(), "out of the batter"));
      }
      if (a.discarded() != b.discarded()) {
        changes.add(more(b.discarded() - a.discarded(), "thrown away"));
      }
      if (a.left().value() != b.left().value()) {
        changes.add(
            "left in the bowl "
                + Words.grams(a.left().value())
                + " → "
                + Words.grams(b.left().value()));
      }
      if (a.panFat().isPresent()
          && b.panFat().isPresent()
          && a.panFat().get().in().mass().value() == b.panFat().get().in().mass().value()
          && a.panFat().get().taken().mass().value() != b.panFat().get().taken().mass().value()) {
        changes.add("what stayed in the pan was measured otherwise");
      }
    }
    if (before.plate().isPresent() && after.plate().isPresent()) {
      Plate a = before.plate().get();
      Plate b = after.plate().get();
      if (a.pieces() != b.pieces()) {
        changes.add(more(b.pieces() - a.pieces(), "per serving"));
      }
    }
    return changes;
  }

  private static String more(double by, String where) {
    double count = Math.abs(by);
    String pieces = count == 1 ? "one piece" : Words.number(count) + " pieces";
    return "%s %s %s".formatted(pieces, by < 0 ? "fewer" : "more", where);
  }
}
