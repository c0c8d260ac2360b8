package honeststack.app.larder;

import honeststack.core.food.Allergen;
import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure;
import honeststack.core.food.Packing;
import honeststack.core.food.Provenance;
import honeststack.core.food.Role;
import honeststack.core.measure.DoubtTable;
import honeststack.core.measure.DoubtTable.Doubt;
import honeststack.core.measure.DoubtTable.Way;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.measure.Unit;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** Reads the reference foods and the table of doubt that ship with the application. */
public final class LarderFiles {
  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get();

  private LarderFiles() {}

  /** A name that a food goes by. */
  record Name(String name, String foodId, boolean general) {}

  /** The specific energy factors of a class of foods, kcal/g. */
  record EnergyFactors(double protein, double fat, double carbohydrate) {}

  /** All reference foods, each at composition revision 1. */
  public static List<Food> foods() {
    Map<String, List<HouseholdMeasure>> measures = measures();
    return rows("foods", row -> food(row, measures.getOrDefault(row.get("id"), List.of())));
  }

  static List<Name> names() {
    return rows(
        "synonyms", row -> new Name(row.get("name"), row.get("food"), yes(row.get("general"))));
  }

  /** The table of doubt as it ships. */
  public static DoubtTable doubt() {
    Map<Way, Doubt> table = new EnumMap<>(Way.class);
    rows(
            "doubt",
            row ->
                Map.entry(
                    Way.valueOf(row.get("way")),
                    new Doubt(number(row, "shared"), number(row, "per_use"))))
        .forEach(entry -> table.put(entry.getKey(), entry.getValue()));
    return new DoubtTable(table);
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
                        number(row, "protein"), number(row, "fat"), number(row, "carbohydrate")));
              }
            });
    return factors;
  }

  /** The class of energy factors of each food. */
  static Map<String, String> energyClasses() {
    Map<String, String> classes = new LinkedHashMap<>();
    rows("foods", Function.identity())
        .forEach(row -> classes.put(row.get("id"), row.get("atwater")));
    return classes;
  }

  private static Food food(CSVRecord row, List<HouseholdMeasure> measures) {
    Map<Component, Double> values = new EnumMap<>(Component.class);
    for (Component component : Component.values()) {
      if (row.isMapped(component.name()) && !row.get(component.name()).isEmpty()) {
        values.put(component, number(row, component.name()));
      }
    }
    String id = row.get("id");
    String name = row.get("name");
    return new Food(
        id,
        name,
        Role.valueOf(row.get("role")),
        yes(row.get("liquid")),
        Composition.of(id, name, 1, number(row, "doubt"), values),
        measures,
        allergens(row.get("allergens")),
        new Provenance(
            row.get("source"),
            row.get("number"),
            Provenance.Mark.valueOf(row.get("mark")),
            row.get("remark")));
  }

  private static Set<Allergen> allergens(String text) {
    Set<Allergen> allergens = EnumSet.noneOf(Allergen.class);
    Arrays.stream(text.split(";"))
        .filter(word -> !word.isEmpty())
        .forEach(word -> allergens.add(Allergen.valueOf(word)));
    return allergens;
  }

  private static Map<String, List<HouseholdMeasure>> measures() {
    Map<String, List<HouseholdMeasure>> measures = new HashMap<>();
    rows("measures", Function.identity())
        .forEach(
            row ->
                measures
                    .computeIfAbsent(row.get("food"), id -> new ArrayList<>())
                    .add(measure(row)));
    return measures;
  }

  /** Volumes of the source table are US customary. */
  private static HouseholdMeasure measure(CSVRecord row) {
    double grams = number(row, "grams");
    String qualifier = row.get("qualifier");
    return switch (row.get("measure")) {
      case "cup" -> volume(Unit.CUP, qualifier, grams);
      case "tbsp" -> volume(Unit.TABLESPOON, qualifier, grams);
      case "tsp" -> volume(Unit.TEASPOON, qualifier, grams);
      case "piece" ->
          new HouseholdMeasure.Piece(
              qualifier, yes(row.get("graded")), yes(row.get("usual")), grams);
      default ->
          throw new IllegalArgumentException(
              "measures.csv, line "
                  + row.getRecordNumber()
                  + ": “"
                  + row.get("measure")
                  + "” is not cup, tbsp, tsp or piece");
    };
  }

  private static HouseholdMeasure volume(Unit unit, String packing, double grams) {
    return new HouseholdMeasure.Volume(
        MeasuringSystem.US.millilitres(unit),
        packing.isEmpty() ? Packing.NOT_SAID : Packing.valueOf(packing),
        grams);
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
