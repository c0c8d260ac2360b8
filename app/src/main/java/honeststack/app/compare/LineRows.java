package honeststack.app.compare;

import honeststack.app.compare.CompareAnswer.Cell;
import honeststack.app.compare.CompareAnswer.LineRow;
import honeststack.core.compare.Alignment;
import honeststack.core.serving.RecipeReading.Understood;
import java.util.Locale;
import java.util.Optional;

/** Writes aligned lines down. */
final class LineRows {
  private static final Cell NONE = new Cell(null, null, null);

  private LineRows() {}

  static LineRow row(Alignment.Row row) {
    return new LineRow(
        row.station().name().toLowerCase(Locale.ROOT),
        row.role(),
        row.lines().stream().map(LineRows::cell).toList());
  }

  private static Cell cell(Optional<Understood> line) {
    return line.map(read -> new Cell(read.food().name(), read.words(), read.mass().value()))
        .orElse(NONE);
  }
}
