package honeststack.core.compare;

import honeststack.core.food.Role;
import honeststack.core.serving.Figures.Station;
import honeststack.core.serving.RecipeReading;
import honeststack.core.serving.RecipeReading.Understood;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The lines of several versions laid beside each other: by food, then by role. */
public final class Alignment {
  private Alignment() {}

  /**
   * Lines that stand for each other.
   *
   * @param lines one place for each version, empty where it has no such line
   */
  public record Row(Station station, Role role, List<Optional<Understood>> lines) {}

  /** Rows in the order of the first version, station by station; new lines follow. */
  public static List<Row> of(List<RecipeReading> versions) {
    List<Row> rows = new ArrayList<>();
    for (Station station : Station.values()) {
      rows.addAll(of(versions, station));
    }
    return rows;
  }

  private static List<Row> of(List<RecipeReading> versions, Station station) {
    List<List<Optional<Understood>>> rows = new ArrayList<>();
    for (int v = 0; v < versions.size(); v++) {
      List<Understood> anchors = rows.stream().map(Alignment::anchor).toList();
      int row = 0;
      for (Pairing.Pair<Understood> pair :
          Pairing.of(
              anchors, versions.get(v).understood(station), Understood::id, Understood::food)) {
        if (row == rows.size()) {
          rows.add(absent(v));
        }
        rows.get(row).add(pair.after());
        row++;
      }
    }
    return rows.stream()
        .map(row -> new Row(station, anchor(row).food().role(), List.copyOf(row)))
        .toList();
  }

  private static List<Optional<Understood>> absent(int versions) {
    List<Optional<Understood>> row = new ArrayList<>();
    for (int v = 0; v < versions; v++) {
      row.add(Optional.empty());
    }
    return row;
  }

  /** The first line of a row; each row has one. */
  private static Understood anchor(List<Optional<Understood>> row) {
    return row.stream().flatMap(Optional::stream).findFirst().orElseThrow();
  }
}
