package honeststack.app.larder;

import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVRecord;

/** Reads the reference foods that ship with the application. */
public final class LarderFiles {
  private static final Map<String, List<String>> KINDS = readKinds();

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
    ShippedCsv.rows("measures", Function.identity())
        .forEach(row -> listed(measures, row.get("food")).add(measure(row)));
    Map<String, List<LarderEntry.Name>> names = new HashMap<>();
    ShippedCsv.rows("synonyms", Function.identity())
        .forEach(
            row ->
                listed(names, row.get("food"))
                    .add(new LarderEntry.Name(row.get("name"), yes(row.get("general")))));
    List<LarderEntry> entries = ShippedCsv.rows("foods", LarderCsv::read);
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
              null,
              0));
    }
    return whole;
  }

  private static <T> List<T> listed(Map<String, List<T>> map, String key) {
    return map.computeIfAbsent(key, k -> new ArrayList<>());
  }

  /** Energy factors by class; classes to which none apply are absent. */
  static Map<String, EnergyFactors> energyFactors() {
    Map<String, EnergyFactors> factors = new HashMap<>();
    ShippedCsv.rows("atwater", Function.identity())
        .forEach(
            row -> {
              if (!row.get("protein").isEmpty()) {
                factors.put(
                    row.get("class"),
                    new EnergyFactors(
                        ShippedCsv.number(row, "protein"),
                        ShippedCsv.number(row, "fat"),
                        ShippedCsv.number(row, "carbohydrate"),
                        row.get("sugar").isEmpty() ? 0 : ShippedCsv.number(row, "sugar")));
              }
            });
    return factors;
  }

  private static HouseholdMeasure measure(CSVRecord row) {
    return new MeasureRow(
            row.get("measure"),
            row.get("qualifier"),
            ShippedCsv.number(row, "grams"),
            yes(row.get("graded")),
            yes(row.get("usual")))
        .measured();
  }

  private static boolean yes(String text) {
    return text.equals("yes");
  }

  /** Words for a kind of food, in their normal form, and the foods they may mean. */
  static Map<String, List<String>> kinds() {
    return KINDS;
  }

  private static Map<String, List<String>> readKinds() {
    Map<String, List<String>> kinds = new HashMap<>();
    ShippedCsv.rows("kinds", row -> List.of(row.get("kind"), row.get("food")))
        .forEach(
            row ->
                kinds
                    .computeIfAbsent(FoodNames.normal(row.get(0)), any -> new ArrayList<>())
                    .add(row.get(1)));
    return kinds;
  }
}
