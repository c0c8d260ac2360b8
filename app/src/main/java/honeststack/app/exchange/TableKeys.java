package honeststack.app.exchange;

import honeststack.core.food.Component;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.springframework.core.io.ClassPathResource;

/**
 * What open food tables call the components: nutrient numbers of FoodData Central, INFOODS tags of
 * the Indian tables, each with the factor to the component's own unit (larder/table-keys.csv).
 */
final class TableKeys {
  private static final CSVFormat CSV =
      CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get();

  private final Map<String, List<Key>> keys = new HashMap<>();

  /**
   * One way to fill a component.
   *
   * @param adds it is added to what other keys bring; otherwise the first key in the table wins
   * @param rank its place: earlier ones win
   */
  private record Key(Component component, double factor, boolean adds, int rank) {}

  private TableKeys() {}

  /**
   * @param table fdc or indian
   */
  static TableKeys of(String table) {
    TableKeys keys = new TableKeys();
    try (Reader file =
            new InputStreamReader(
                new ClassPathResource("larder/table-keys.csv").getInputStream(),
                StandardCharsets.UTF_8);
        var rows = CSV.parse(file)) {
      int rank = 0;
      for (CSVRecord row : rows) {
        rank++;
        if (row.get("table").equals(table)) {
          keys.keys
              .computeIfAbsent(row.get("key"), key -> new ArrayList<>())
              .add(
                  new Key(
                      Component.valueOf(row.get("component")),
                      Double.parseDouble(row.get("factor")),
                      row.get("how").equals("ADD"),
                      rank));
        }
      }
    } catch (IOException missing) {
      throw new UncheckedIOException(missing);
    }
    return keys;
  }

  boolean knows(String key) {
    return keys.containsKey(key);
  }

  /** Values of one food as they come in, by component, in the components' units. */
  final class Values {
    private final Map<Component, Double> values = new EnumMap<>(Component.class);
    private final Map<Component, Double> doubts = new EnumMap<>(Component.class);
    private final Map<Component, Integer> ranks = new EnumMap<>(Component.class);

    /**
     * @param u standard uncertainty; 0 for not said
     */
    void put(String key, double amount, double u) {
      for (Key one : keys.getOrDefault(key, List.of())) {
        if (one.adds) {
          values.merge(one.component, amount * one.factor, Double::sum);
        } else if (ranks.getOrDefault(one.component, Integer.MAX_VALUE) > one.rank) {
          ranks.put(one.component, one.rank);
          values.put(one.component, amount * one.factor);
          if (u > 0) {
            doubts.put(one.component, u * one.factor);
          }
        }
      }
    }

    Map<Component, Double> values() {
      return values;
    }

    Map<Component, Double> doubts() {
      return doubts;
    }
  }

  Values values() {
    return new Values();
  }
}
