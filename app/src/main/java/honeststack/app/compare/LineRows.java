package honeststack.app.compare;

import honeststack.app.compare.CompareAnswer.Cell;
import honeststack.app.compare.CompareAnswer.LineRow;
import honeststack.core.compare.Alignment;
import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.NotUnderstood;
import honeststack.core.recipe.LineReading.Understood;
import java.util.Locale;
import java.util.Optional;

/** Writes aligned lines down. */
final class LineRows {
  private static final Cell NONE = new Cell(null, null, null, null);

  private LineRows() {}

  static LineRow row(Alignment.Row row) {
    return new LineRow(
        row.station().name().toLowerCase(Locale.ROOT),
        row.role().orElse(null),
        row.lines().stream().map(LineRows::cell).toList());
  }

  private static Cell cell(Optional<LineReading> line) {
    return line.map(LineRows::cell).orElse(NONE);
  }

  private static Cell cell(LineReading line) {
    if (line instanceof Understood read) {
      return new Cell(null, read.food().name(), read.words(), read.mass().value());
    }
    return line instanceof NotMeasured open
        ? new Cell(null, open.food().name(), "not measured", null)
        : new Cell(((NotUnderstood) line).text(), null, null, null);
  }
}
