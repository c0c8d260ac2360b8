package honeststack.app.exchange;

import honeststack.app.larder.DecimalSign;
import honeststack.app.larder.LarderCsv;
import honeststack.app.larder.LarderCsv.RowException;
import honeststack.app.larder.LarderEntry;
import honeststack.app.larder.LarderService;
import honeststack.app.larder.LarderService.Merged;
import honeststack.app.larder.NameTakenException;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Service;

/** Foods out to files and in from them. */
@Service
class ExchangeService {
  private static final int MOST_PROBLEMS = 200;
  private static final int LONGEST_QUOTE = 200;
  private static final int MOST_FOODS = 20_000;
  private static final String BYTE_ORDER_MARK = "\uFEFF";
  private static final CSVFormat CSV =
      CSVFormat.RFC4180
          .builder()
          .setHeader()
          .setSkipHeaderRecord(true)
          .setIgnoreEmptyLines(true)
          .get();

  private final LarderService larder;

  ExchangeService(LarderService larder) {
    this.larder = larder;
  }

  /**
   * What an import did, or why it did nothing.
   *
   * @param problems one for each line that cannot be taken; if there is any, nothing was changed
   */
  record ImportReport(int added, int updated, int unchanged, List<LineProblem> problems) {}

  /** A line of an imported file that cannot be taken. Lines count from 1, the header's. */
  record LineProblem(long line, String column, String offending, String problem, String accepted) {}

  void write(Writer out) throws IOException {
    LarderCsv.write(larder.entries(), out);
  }

  /**
   * Takes in foods, all or none. A food that is there already is updated.
   *
   * @param text the whole file
   */
  ImportReport bring(String text) {
    List<LineProblem> problems = new ArrayList<>();
    Map<String, LarderEntry> read = read(text, problems);
    if (problems.isEmpty() && !read.isEmpty()) {
      try {
        Merged merged = larder.merge(read.values());
        return new ImportReport(merged.added(), merged.updated(), merged.unchanged(), List.of());
      } catch (NameTakenException taken) {
        problems.add(
            new LineProblem(
                0, "name", taken.name(), taken.getMessage(), "a name that no other food goes by"));
      }
    }
    return new ImportReport(0, 0, 0, problems);
  }

  private static Map<String, LarderEntry> read(String file, List<LineProblem> problems) {
    Map<String, LarderEntry> read = new LinkedHashMap<>();
    String text = file.startsWith(BYTE_ORDER_MARK) ? file.substring(1) : file;
    // Where commas stand before decimals, spreadsheets separate with semicolons.
    String first = text.lines().findFirst().orElse("");
    boolean semicolons = first.contains(";") && !first.contains(",");
    CSVFormat format = semicolons ? CSV.builder().setDelimiter(';').get() : CSV;
    try (var records = format.parse(new StringReader(text));
        var again = format.parse(new StringReader(text))) {
      header(records.getHeaderNames(), problems);
      if (problems.isEmpty()) {
        DecimalSign sign = LarderCsv.decimalSign(again.stream().limit(MOST_FOODS));
        for (CSVRecord row : records) {
          read(row, sign, records.getCurrentLineNumber(), read, problems);
          if (read.size() > MOST_FOODS || problems.size() >= MOST_PROBLEMS) {
            break;
          }
        }
      }
    } catch (IOException | IllegalArgumentException | UncheckedIOException broken) {
      report(
          problems,
          new LineProblem(1, "", "", "The file is not CSV: " + broken.getMessage(), "RFC 4180"));
    }
    if (read.size() > MOST_FOODS) {
      report(
          problems,
          new LineProblem(
              MOST_FOODS + 1L,
              "",
              "",
              "The file holds more foods than can be taken at once.",
              "up to " + MOST_FOODS + " foods in one file"));
    }
    return read;
  }

  private static void read(
      CSVRecord row,
      DecimalSign sign,
      long line,
      Map<String, LarderEntry> read,
      List<LineProblem> problems) {
    try {
      LarderEntry entry = LarderCsv.read(row, sign);
      String id = entry.food().id();
      if (read.put(id, entry) != null) {
        throw new RowException("id", id, "each food once in a file");
      }
    } catch (RowException wrong) {
      report(
          problems,
          new LineProblem(
              line, wrong.column(), wrong.offending(), wrong.getMessage() + ".", wrong.accepted()));
    }
  }

  private static void header(List<String> names, List<LineProblem> problems) {
    for (String needed : LarderCsv.NEEDED) {
      if (!names.contains(needed)) {
        problems.add(
            new LineProblem(
                1,
                needed,
                shortened(String.join(",", names)),
                "The header has no column “" + needed + "”.",
                "the headers of an exported file"));
      }
    }
  }

  private static String shortened(String text) {
    return text.length() <= LONGEST_QUOTE ? text : text.substring(0, LONGEST_QUOTE - 1) + "…";
  }

  private static void report(List<LineProblem> problems, LineProblem problem) {
    if (problems.size() < MOST_PROBLEMS) {
      problems.add(problem);
    }
  }
}
