package honeststack.app.larder;

import honeststack.app.http.BadInputException;
import honeststack.app.http.ConflictException;
import honeststack.app.http.NotFoundException;
import honeststack.app.http.StaleException;
import honeststack.app.larder.LarderCsv.RowException;
import honeststack.core.food.Composition;
import java.io.IOException;
import java.io.Reader;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Foods entered, edited and brought in; the larder in memory follows the database. */
@Service
class LarderService {
  private static final int MOST_PROBLEMS = 200;
  private static final CSVFormat CSV =
      CSVFormat.RFC4180
          .builder()
          .setHeader()
          .setSkipHeaderRecord(true)
          .setIgnoreEmptyLines(true)
          .get();

  private final Larder larder;
  private final LarderStore store;
  private final TransactionTemplate transaction;
  private final LabelDoubt doubt;

  LarderService(
      Larder larder, LarderStore store, TransactionTemplate transaction, LabelDoubt doubt) {
    this.doubt = doubt;
    this.larder = larder;
    this.store = store;
    this.transaction = transaction;
  }

  /** What the conversion of a form's label leaves to say. */
  List<String> notes(FoodForm form) {
    return form.notes(doubt.ofLabels());
  }

  LarderEntry entry(String id) {
    return larder.entry(id).orElseThrow(() -> new NotFoundException("food", id));
  }

  /** What a form would become; nothing is kept. */
  LarderEntry check(FoodForm form) {
    return form.entry("unnamed", 1, doubt.ofLabels(), null);
  }

  /**
   * Keeps a new food.
   *
   * @param insist keep it though its data disagree with themselves
   * @throws ConflictException if a name is taken, or the data disagree and nobody insists
   */
  LarderEntry create(FoodForm form, boolean insist) {
    String id = freeId(form.name());
    int revision = store.goneAt().getOrDefault(id, 0) + 1;
    LarderEntry entry = form.entry(id, revision, doubt.ofLabels(), null);
    accept(entry, insist);
    keep(List.of(entry));
    return entry;
  }

  /**
   * Keeps a changed food; changed values make a new composition revision.
   *
   * @throws StaleException if it is not at composition revision {@code expected}
   */
  LarderEntry save(String id, int expected, FoodForm form, boolean insist) {
    LarderEntry before = current(id, expected);
    LarderEntry next = revised(before, form.entry(id, expected, doubt.ofLabels(), before));
    accept(next, insist);
    keep(List.of(next));
    return next;
  }

  /**
   * Takes an own food out; one that ships and was changed here goes back to what ships. Versions
   * kept with it keep it.
   *
   * @return what it is now; empty if it is out
   * @throws StaleException if it is not at composition revision {@code expected}
   * @throws ConflictException if it ships and was not changed
   */
  Optional<LarderEntry> remove(String id, int expected) {
    LarderEntry before = current(id, expected);
    if (!before.own()) {
      throw new ConflictException(
          before.food().name() + " comes with the application and was not changed here.");
    }
    Optional<LarderEntry> shipped = LarderFiles.shipped(id);
    if (shipped.isEmpty()) {
      store.remove(id);
      larder.remove(id);
      return Optional.empty();
    }
    LarderEntry back = revised(before, shipped.get());
    accept(back, true);
    keep(List.of(back));
    return Optional.of(back);
  }

  private LarderEntry current(String id, int expected) {
    LarderEntry before = entry(id);
    if (before.food().composition().revision() != expected) {
      throw new StaleException(
          before.food().name() + " was changed elsewhere in the meantime; nothing was overwritten.",
          FoodAnswer.of(before));
    }
    return before;
  }

  private static LarderEntry revised(LarderEntry before, LarderEntry after) {
    Composition old = before.food().composition();
    Composition now = after.food().composition();
    return at(LarderStore.same(old, now) ? old.revision() : old.revision() + 1, after);
  }

  private static LarderEntry at(int revision, LarderEntry after) {
    Composition now = after.food().composition();
    return after.with(
        Composition.of(
            after.food().id(),
            after.food().name(),
            revision,
            now.doubtFactor(),
            now.values(),
            now.doubts()));
  }

  private void accept(LarderEntry entry, boolean insist) {
    try {
      larder.check(List.of(entry));
    } catch (Larder.NameTakenException taken) {
      throw new BadInputException(
          "name", taken.name, taken.getMessage(), "a name that no other food goes by");
    }
    if (!insist && !entry.warnings().isEmpty()) {
      throw new ConflictException(
          String.join(" ", entry.warnings()) + " It can be kept all the same, and is marked then.");
    }
  }

  /** First the database, then the memory; a failure leaves both as they were. */
  private void keep(List<LarderEntry> entries) {
    transaction.executeWithoutResult(status -> store.keep(entries));
    larder.put(entries);
  }

  private String freeId(String name) {
    String slug = FoodNames.plain(name).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
    String base = slug.isEmpty() ? "food" : slug.substring(0, Math.min(50, slug.length()));
    String id = base;
    for (int n = 2; larder.entry(id).isPresent(); n++) {
      id = base + "-" + n;
    }
    return id;
  }

  /**
   * What an import did, or why it did nothing.
   *
   * @param problems one for each line that cannot be taken; if there is any, nothing was changed
   */
  record ImportReport(int added, int updated, int unchanged, List<LineProblem> problems) {}

  /** A line of an imported file that cannot be taken. Lines count from 1, the header's. */
  record LineProblem(long line, String column, String offending, String problem, String accepted) {}

  /** Takes in foods, all or none. A food that is there already is updated. */
  ImportReport bring(Reader text) {
    Map<String, LarderEntry> changed = new LinkedHashMap<>();
    List<LineProblem> problems = new ArrayList<>();
    Set<String> seen = new HashSet<>();
    Map<String, Integer> goneAt = store.goneAt();
    int added = 0;
    int unchanged = 0;
    try (var records = CSV.parse(text)) {
      header(records.getHeaderNames(), problems);
      if (problems.isEmpty()) {
        for (CSVRecord row : records) {
          long line = records.getCurrentLineNumber();
          try {
            LarderEntry entry = LarderCsv.read(row);
            String id = entry.food().id();
            if (!seen.add(id)) {
              throw new RowException("id", id, "each food once in a file");
            }
            LarderEntry before = larder.entry(id).orElse(null);
            if (before == null) {
              added++;
              changed.put(id, at(goneAt.getOrDefault(id, 0) + 1, entry));
            } else if (LarderStore.alike(before, entry)) {
              unchanged++;
            } else {
              changed.put(id, revised(before, entry));
            }
          } catch (RowException wrong) {
            report(
                problems,
                new LineProblem(
                    line, wrong.column, wrong.offending, wrong.getMessage() + ".", wrong.accepted));
          }
        }
      }
    } catch (IOException | IllegalArgumentException | java.io.UncheckedIOException broken) {
      report(
          problems,
          new LineProblem(1, "", "", "The file is not CSV: " + broken.getMessage(), "RFC 4180"));
    }
    if (problems.isEmpty() && !changed.isEmpty()) {
      try {
        List<LarderEntry> entries = List.copyOf(changed.values());
        larder.check(entries);
        keep(entries);
      } catch (Larder.NameTakenException taken) {
        problems.add(
            new LineProblem(
                0, "name", taken.name, taken.getMessage(), "a name that no other food goes by"));
      }
    }
    return problems.isEmpty()
        ? new ImportReport(added, changed.size() - added, unchanged, problems)
        : new ImportReport(0, 0, 0, problems);
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
