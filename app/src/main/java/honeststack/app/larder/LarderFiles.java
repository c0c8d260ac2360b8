package honeststack.app.larder;

import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure;
import honeststack.core.measure.DoubtTable;
import honeststack.core.measure.DoubtTable.Doubt;
import honeststack.core.measure.DoubtTable.Way;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** Reads the reference foods and the table of doubt that ship with the application. */
public final class LarderFiles {
  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get();

  private LarderFiles() {}

  /**
   * The specific energy factors of a class of foods, kcal/g.
   *
   * @param sugar of sugars, where they count apart from other carbohydrate; 0 where not
   */
  record EnergyFactors(double protein, double fat, double carbohydrate, double sugar) {}

  /** Read once, when first asked for. */
  private static final class Shipped {
    static final List<LarderEntry> ENTRIES = List.copyOf(read());
    static final Map<String, LarderEntry> BY_ID =
        ENTRIES.stream()
            .collect(Collectors.toUnmodifiableMap(entry -> entry.food().id(), Function.identity()));
  }

  /** All reference foods with their names and measures, each at composition revision 1. */
  static List<LarderEntry> entries() {
    return Shipped.ENTRIES;
  }

  /** The reference food of an identity. */
  static Optional<LarderEntry> shipped(String id) {
    return Optional.ofNullable(Shipped.BY_ID.get(id));
  }

  private static List<LarderEntry> read() {
    Map<String, List<HouseholdMeasure>> measures = new HashMap<>();
    rows("measures", Function.identity())
        .forEach(row -> listed(measures, row.get("food")).add(measure(row)));
    Map<String, List<LarderEntry.Name>> names = new HashMap<>();
    rows("synonyms", Function.identity())
        .forEach(
            row ->
                listed(names, row.get("food"))
                    .add(new LarderEntry.Name(row.get("name"), yes(row.get("general")))));
    List<LarderEntry> entries = rows("foods", LarderCsv::read);
    List<LarderEntry> whole = new ArrayList<>(entries.size());
    for (LarderEntry entry : entries) {
      Food food = entry.food();
      Food measured =
          new Food(
              food.id(),
              food.name(),
              food.role(),
              food.liquid(),
              food.composition(),
              listed(measures, food.id()),
              food.facts(),
              food.provenance());
      whole.add(
          new LarderEntry(
              measured,
              listed(names, food.id()),
              entry.energyClass(),
              false,
              entry.warnings(),
              null));
    }
    return whole;
  }

  private static <T> List<T> listed(Map<String, List<T>> map, String key) {
    return map.computeIfAbsent(key, k -> new ArrayList<>());
  }

  /** The table of doubt as it ships. */
  public static DoubtTable doubt() {
    Map<Way, Doubt> table = new EnumMap<>(Way.class);
    rows("doubt", Function.identity())
        .forEach(
            row ->
                table.put(
                    Way.valueOf(row.get("way")),
                    new Doubt(number(row, "shared"), number(row, "per_use"))));
    return new DoubtTable(table);
  }

  /** What a row of the table of doubt is, and what it rests on. */
  public record DoubtWords(String words, String basis) {}

  /** The rows of the table of doubt in the order of their file. */
  public static Map<Way, DoubtWords> doubtWords() {
    Map<Way, DoubtWords> words = new LinkedHashMap<>();
    rows("doubt", Function.identity())
        .forEach(
            row ->
                words.put(
                    Way.valueOf(row.get("way")),
                    new DoubtWords(row.get("words"), row.get("basis"))));
    return words;
  }

  /** Energy factors by class; classes to which none apply are absent. */
  static Map<String, EnergyFactors> energyFactors() {
    Map<String, EnergyFactors> factors = new HashMap<>();
    rows("atwater", Function.identity())
        .forEach(
            row -> {
              if (!row.get("protein").isEmpty()) {
                factors.put(
                    row.get("class"),
                    new EnergyFactors(
                        number(row, "protein"),
                        number(row, "fat"),
                        number(row, "carbohydrate"),
                        row.get("sugar").isEmpty() ? 0 : number(row, "sugar")));
              }
            });
    return factors;
  }

  private static HouseholdMeasure measure(CSVRecord row) {
    return new MeasureRow(
            row.get("measure"),
            row.get("qualifier"),
            number(row, "grams"),
            yes(row.get("graded")),
            yes(row.get("usual")))
        .measured();
  }

  private static boolean yes(String text) {
    return text.equals("yes");
  }

  private static double number(CSVRecord row, String column) {
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

  private static <T> List<T> rows(String file, Function<CSVRecord, T> read) {
    String path = "/larder/" + file + ".csv";
    try (Reader reader =
            new InputStreamReader(
                LarderFiles.class.getResourceAsStream(path), StandardCharsets.UTF_8);
        var records = FORMAT.parse(reader)) {
      return records.stream().map(read).toList();
    } catch (IOException unreadable) {
      throw new UncheckedIOException("Cannot read " + path, unreadable);
    }
  }
}
