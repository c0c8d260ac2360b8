package honeststack.app.exchange;

import honeststack.app.larder.TableFood;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/**
 * The Indian Food Composition Tables as their open data have them: one CSV file, its columns headed
 * “words; tag”, each value followed by its standard deviation (tag and “_e”).
 */
final class IndianTable {
  private static final CSVFormat CSV = CSVFormat.RFC4180;

  private IndianTable() {}

  /** Whether a file begins like one. */
  static boolean is(String text) {
    String head = text.lines().findFirst().orElse("");
    return head.contains("; code") && head.contains("; enerc");
  }

  static void read(String text, FoodTable into) {
    TableKeys keys = TableKeys.of("indian");
    List<String> tags = new ArrayList<>();
    try (var rows = CSV.parse(new StringReader(text))) {
      for (CSVRecord row : rows) {
        into.reached(row.getCharacterPosition());
        if (tags.isEmpty()) {
          row.forEach(head -> tags.add(head.substring(head.lastIndexOf("; ") + 2)));
        } else {
          take(row, tags, keys, into);
        }
      }
    } catch (IOException | UncheckedIOException broken) {
      into.problem(0, "", "", "The file is not CSV: " + broken.getMessage(), "RFC 4180");
    }
  }

  private static void take(CSVRecord row, List<String> tags, TableKeys keys, FoodTable into) {
    long line = row.getRecordNumber();
    if (row.size() != tags.size()) {
      into.problem(
          line,
          "",
          row.size() + " cells",
          "The line has " + row.size() + " cells, the header " + tags.size() + ".",
          "as many cells as the header");
      return;
    }
    TableKeys.Values values = keys.values();
    for (int i = 0; i < tags.size(); i++) {
      String tag = tags.get(i);
      String cell = row.get(i).strip();
      if (keys.knows(tag) && !cell.isEmpty()) {
        try {
          int doubt = tags.indexOf(tag + "_e");
          values.put(tag, number(cell), doubt < 0 ? 0 : number(row.get(doubt)));
        } catch (NumberFormatException wrong) {
          into.problem(line, tag, cell, "“" + cell + "” is no number.", "a number of 0 or more");
        }
      }
    }
    into.foods()
        .add(
            new TableFood(
                "IFCT",
                "Indian Food Composition Tables 2017",
                row.get(tags.indexOf("code")),
                row.get(tags.indexOf("name")),
                values.values(),
                values.doubts(),
                List.of()));
  }

  private static double number(String cell) {
    double value = cell.isBlank() ? 0 : Double.parseDouble(cell.strip());
    if (!(value >= 0 && value <= 1e6)) {
      throw new NumberFormatException(cell);
    }
    return value;
  }
}
