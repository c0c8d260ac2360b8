package honeststack.app.exchange;

import honeststack.app.larder.LarderCsv;
import honeststack.app.larder.LarderCsv.RowException;
import honeststack.app.larder.LarderEntry;
import honeststack.app.larder.LarderService;
import honeststack.app.larder.LarderService.Merged;
import honeststack.app.larder.NameTakenException;
import java.io.IOException;
import java.io.Reader;
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

  /** Takes in foods, all or none. A food that is there already is updated. */
  ImportReport bring(Reader text) {
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

  private static Map<String, LarderEntry> read(Reader text, List<LineProblem> problems) {
    Map<String, LarderEntry> read = new LinkedHashMap<>();
    try (var records = CSV.parse(text)) {
      header(records.getHeaderNames(), problems);
      if (problems.isEmpty()) {
        for (CSVRecord row : records) {
          read(row, records.getCurrentLineNumber(), read, problems);
        }
      }
    } catch (IOException | IllegalArgumentException | UncheckedIOException broken) {
      report(
          problems,
          new LineProblem(1, "", "", "The file is not CSV: " + broken.getMessage(), "RFC 4180"));
    }
    return read;
  }

  private static void read(
      CSVRecord row, long line, Map<String, LarderEntry> read, List<LineProblem> problems) {
    try {
      LarderEntry entry = LarderCsv.read(row);
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
                String.join(",", names),
                "The header has no column “" + needed + "”.",
                "the headers of an exported file"));
      }
    }
  }

  private static void report(List<LineProblem> problems, LineProblem problem) {
    if (problems.size() < MOST_PROBLEMS) {
      problems.add(problem);
    }
  }
}
