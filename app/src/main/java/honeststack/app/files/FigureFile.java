package honeststack.app.files;

import honeststack.app.figures.FiguresAnswer;
import honeststack.app.figures.FiguresAnswer.BasisAnswer;
import honeststack.app.figures.FiguresAnswer.FigureAnswer;
import honeststack.core.estimate.Bound;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Figures of kept versions, one row each, as CSV (RFC 4180) and JSON. */
final class FigureFile {
  private static final CSVFormat CSV =
      CSVFormat.RFC4180
          .builder()
          .setHeader(
              "version", "reason", "basis", "figure", "unit", "value", "u", "low", "high", "bound",
              "school", "missing")
          .get();

  private FigureFile() {}

  /**
   * One figure.
   *
   * @param basis as served, per piece, …
   * @param u standard uncertainty, in the unit
   * @param bound complete, at least, at most, not known
   * @param school how energy and carbohydrate are reckoned
   * @param missing what is not in the numbers
   */
  record Row(
      String version,
      String reason,
      String basis,
      String figure,
      String unit,
      double value,
      double u,
      double low,
      double high,
      String bound,
      String school,
      List<String> missing) {}

  static List<Row> rows(String version, String reason, FiguresAnswer figures) {
    List<Row> rows = new ArrayList<>();
    for (BasisAnswer basis : figures.bases()) {
      for (int i = 0; i < figures.measurands().size(); i++) {
        FigureAnswer figure = basis.figures().get(i);
        rows.add(
            new Row(
                version,
                reason,
                words(basis.basis()),
                figures.measurands().get(i).words(),
                figures.measurands().get(i).unit(),
                figure.value(),
                figure.u(),
                figure.low(),
                figure.high(),
                words(figure.bound() == null ? Bound.COMPLETE : figure.bound()),
                figures.energySchool() + "; " + figures.carbohydrateSchool(),
                figures.without()));
      }
    }
    return rows;
  }

  private static String words(Enum<?> constant) {
    return constant.name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }

  static void write(List<Row> rows, Appendable out) throws IOException {
    CSVPrinter printer = CSV.print(out);
    for (Row row : rows) {
      printer.printRecord(
          harmless(row.version()),
          harmless(row.reason()),
          row.basis(),
          row.figure(),
          row.unit(),
          row.value(),
          row.u(),
          row.low(),
          row.high(),
          row.bound(),
          row.school(),
          harmless(String.join("; ", row.missing())));
    }
    printer.flush();
  }

  /** A cook's words that a spreadsheet would take for a formula begin with an apostrophe. */
  private static String harmless(String words) {
    return !words.isEmpty() && "=+-@\t\r".indexOf(words.charAt(0)) >= 0 ? "'" + words : words;
  }
}
