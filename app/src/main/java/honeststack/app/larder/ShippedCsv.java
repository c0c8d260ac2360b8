package honeststack.app.larder;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** Reads the CSV files that ship with the application. */
public final class ShippedCsv {
  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get();

  private ShippedCsv() {}

  /**
   * All rows of a file of the folder larder/, in their order.
   *
   * @param file its name without ending
   */
  public static <T> List<T> rows(String file, Function<CSVRecord, T> read) {
    String path = "/larder/" + file + ".csv";
    try (Reader reader =
            new InputStreamReader(
                ShippedCsv.class.getResourceAsStream(path), StandardCharsets.UTF_8);
        var records = FORMAT.parse(reader)) {
      return records.stream().map(read).toList();
    } catch (IOException unreadable) {
      throw new UncheckedIOException("Cannot read " + path, unreadable);
    }
  }

  /**
   * A number of a row.
   *
   * @throws IllegalArgumentException if it is none
   */
  public static double number(CSVRecord row, String column) {
    try {
      return Double.parseDouble(row.get(column));
    } catch (NumberFormatException notANumber) {
      throw new IllegalArgumentException(
          "Record "
              + row.getRecordNumber()
              + ", column "
              + column
              + ": “"
              + row.get(column)
              + "” is not a number",
          notANumber);
    }
  }
}
