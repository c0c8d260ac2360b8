package honeststack.core.compare;

import honeststack.core.food.Role;
import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.recipe.Station;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The lines of several versions laid beside each other: by food, then by role. What was not
 * understood or not measured stands there too.
 */
public final class Alignment {
  private Alignment() {}

  /**
   * Lines that stand for each other.
   *
   * @param role empty for lines that were not understood
   * @param lines one place for each version, empty where it has no such line
   */
  public record Row(Station station, Optional<Role> role, List<Optional<LineReading>> lines) {}

  /** Rows in the order of the first version, station by station; new lines follow. */
  public static List<Row> of(List<RecipeReading> versions) {
    List<Row> rows = new ArrayList<>();
    for (Station station : Station.values()) {
      rows.addAll(of(versions, station));
    }
    return rows;
  }

  private static List<Row> of(List<RecipeReading> versions, Station station) {
    List<List<Optional<LineReading>>> rows = new ArrayList<>();
    for (int v = 0; v < versions.size(); v++) {
      List<LineReading> anchors = rows.stream().map(Alignment::anchor).toList();
      int row = 0;
      for (Pairing.Pair<LineReading> pair :
          Pairing.ofLines(anchors, versions.get(v).counting(station))) {
        if (row == rows.size()) {
          rows.add(absent(v));
        }
        rows.get(row).add(pair.after());
        row++;
      }
    }
    return rows.stream().map(row -> new Row(station, role(anchor(row)), List.copyOf(row))).toList();
  }

  private static Optional<Role> role(LineReading line) {
    return Pairing.food(line).map(food -> food.role());
  }

  private static List<Optional<LineReading>> absent(int versions) {
    List<Optional<LineReading>> row = new ArrayList<>();
    for (int v = 0; v < versions; v++) {
      row.add(Optional.empty());
    }
    return row;
  }

  /** The first line of a row that was understood, or the first; each row has one. */
  private static LineReading anchor(List<Optional<LineReading>> row) {
    List<LineReading> there = row.stream().flatMap(Optional::stream).toList();
    return there.stream().filter(Understood.class::isInstance).findFirst().orElse(there.get(0));
  }
}
