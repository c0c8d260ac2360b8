package honeststack.app.exchange;

import honeststack.app.larder.TableFood;
import honeststack.app.larder.TableFood.Filling;
import honeststack.core.food.Packing;
import java.io.ByteArrayInputStream;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/**
 * FoodData Central as it is distributed (SR Legacy, Foundation): a zip of CSV files. Each is read
 * as a stream; of the 150 values of a food only those that are known here are held.
 */
final class FdcTable {
  private static final CSVFormat CSV =
      CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get();
  private static final String SOURCE = "FoodData Central";

  /** In this order, whatever the order in the zip: each needs those before it. */
  private static final List<String> FILES =
      List.of(
          "nutrient.csv", "measure_unit.csv", "food.csv", "food_nutrient.csv", "food_portion.csv");

  private static final Set<String> NEEDED = Set.of("nutrient.csv", "food.csv", "food_nutrient.csv");
  private static final long MOST_BYTES = 1L << 30;
  private static final Pattern VESSEL =
      Pattern.compile("(?i)\\s*(cup|tbsp|tablespoon|tsp|teaspoon)\\b[\\s,]*(.*)");
  private static final Pattern PIECE =
      Pattern.compile("(?i)\\s*(extra large|large|medium|small|piece|slice|each)\\b.*");

  private final byte[] zip;
  private final FoodTable into;
  private final TableKeys keys = TableKeys.of("fdc");
  private final Map<String, String> nutrients = new HashMap<>();
  private final Map<String, String> units = new HashMap<>();
  private final Map<String, One> foods = new LinkedHashMap<>();
  private long passed;

  /** A food while it is read. */
  private record One(String name, TableKeys.Values values, List<Filling> fillings) {}

  private FdcTable(byte[] zip, FoodTable into) {
    this.zip = zip;
    this.into = into;
  }

  /** Bytes that are gone through: the zip once for each file. */
  static long bytes(byte[] zip) {
    return (long) FILES.size() * zip.length;
  }

  static void read(byte[] zip, FoodTable into) {
    new FdcTable(zip, into).read();
  }

  private void read() {
    for (String file : FILES) {
      boolean found = entry(file);
      if (!found && NEEDED.contains(file)) {
        into.problem(0, "", file, "The zip holds no " + file + ".", "the zip as it is distributed");
      }
      passed += zip.length;
      into.reached(passed);
      if (!into.problems().isEmpty()) {
        return;
      }
    }
    foods.forEach(
        (number, one) -> {
          if (!one.values.values().isEmpty()) {
            into.foods()
                .add(
                    new TableFood(
                        "FDC",
                        SOURCE,
                        number,
                        one.name,
                        one.values.values(),
                        one.values.doubts(),
                        one.fillings));
          }
        });
  }

  private boolean entry(String file) {
    try (ZipInputStream in = new ZipInputStream(new Counted(new ByteArrayInputStream(zip)))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        String path = entry.getName();
        // Only the last part of a name is looked at; nothing is ever written under it.
        if (path.substring(path.lastIndexOf('/') + 1).equals(file)) {
          rows(file, in);
          return true;
        }
      }
      return false;
    } catch (IOException | UncheckedIOException | IllegalArgumentException broken) {
      into.problem(0, "", file, file + " cannot be read: " + broken.getMessage(), "CSV in a zip");
      return true;
    }
  }

  /** Counts what is taken out of the zip, so that a bar can move and a cancel is heard. */
  private final class Counted extends FilterInputStream {
    private long here;

    Counted(InputStream in) {
      super(in);
    }

    @Override
    public int read(byte[] to, int from, int length) throws IOException {
      int n = super.read(to, from, length);
      here += Math.max(0, n);
      into.reached(passed + here);
      return n;
    }
  }

  private void rows(String file, InputStream in) throws IOException {
    InputStreamReader text = new InputStreamReader(limited(in), StandardCharsets.UTF_8);
    for (CSVRecord row : CSV.parse(text)) {
      try {
        take(file, row);
      } catch (IllegalArgumentException wrong) {
        into.problem(
            row.getRecordNumber() + 1,
            file,
            shortened(row.toList().toString()),
            wrong.getMessage() + ".",
            "the columns as they are distributed");
        if (into.problems().size() > 20) {
          return;
        }
      }
    }
  }

  private static String shortened(String text) {
    return text.length() <= 120 ? text : text.substring(0, 119) + "…";
  }

  private static InputStream limited(InputStream in) {
    return new FilterInputStream(in) {
      private long left = MOST_BYTES;

      @Override
      public int read(byte[] to, int from, int length) throws IOException {
        int n = super.read(to, from, length);
        left -= Math.max(0, n);
        if (left < 0) {
          throw new IOException("unpacked it is larger than 1 GB");
        }
        return n;
      }
    };
  }

  private void take(String file, CSVRecord row) {
    switch (file) {
      case "nutrient.csv" -> nutrient(row);
      case "measure_unit.csv" -> units.put(row.get("id"), row.get("name"));
      case "food.csv" -> food(row);
      case "food_nutrient.csv" -> value(row);
      default -> portion(row);
    }
  }

  private void nutrient(CSVRecord row) {
    String number = row.get("nutrient_nbr").replaceAll("\\.0$", "");
    if (keys.knows(number)) {
      nutrients.put(row.get("id"), number);
    }
  }

  private void food(CSVRecord row) {
    String type = row.get("data_type");
    // Samples behind a foundation food are not foods of their own.
    if (type.equals("sr_legacy_food") || type.equals("foundation_food")) {
      if (foods.size() >= FoodTable.MOST_FOODS) {
        throw new IllegalArgumentException("More than " + FoodTable.MOST_FOODS + " foods");
      }
      foods.put(
          row.get("fdc_id"), new One(row.get("description"), keys.values(), new ArrayList<>()));
    }
  }

  private void value(CSVRecord row) {
    One food = foods.get(row.get("fdc_id"));
    String number = nutrients.get(row.get("nutrient_id"));
    String amount = row.get("amount");
    if (food != null && number != null && !amount.isBlank()) {
      food.values.put(number, number(amount), 0);
    }
  }

  private static double number(String text) {
    try {
      double value = Double.parseDouble(text.strip());
      if (value >= 0 && value <= 1e6) {
        return value;
      }
    } catch (NumberFormatException noNumber) {
      // Said below.
    }
    throw new IllegalArgumentException("“" + text + "” is no amount");
  }

  private void portion(CSVRecord row) {
    One food = foods.get(row.get("fdc_id"));
    String grams = row.get("gram_weight");
    if (food == null || grams.isBlank()) {
      return;
    }
    String amount = row.get("amount");
    double each = number(grams) / (amount.isBlank() ? 1 : Math.max(1e-6, number(amount)));
    String unit = units.getOrDefault(row.get("measure_unit_id"), "");
    String words = (unit.equals("undetermined") ? "" : unit + " ") + row.get("modifier");
    Matcher vessel = VESSEL.matcher(words);
    Matcher piece = PIECE.matcher(words);
    if (vessel.matches()) {
      String name = vessel.group(1).toLowerCase(Locale.ROOT);
      String measure = name.equals("cup") ? "cup" : name.contains("b") ? "tbsp" : "tsp";
      String packing = packing(vessel.group(2));
      if (packing != null) {
        food.fillings.add(new Filling(measure, packing, each));
      }
    } else if (piece.matches()) {
      food.fillings.add(new Filling("piece", piece.group(1).toLowerCase(Locale.ROOT), each));
    }
  }

  /** A filling that kitchens know; null for one that means another food or shape. */
  private static String packing(String words) {
    if (words.isBlank()) {
      return "";
    }
    return Arrays.stream(Packing.values())
        .map(packing -> packing.name().toLowerCase(Locale.ROOT))
        .filter(words.toLowerCase(Locale.ROOT)::startsWith)
        .findFirst()
        .orElse(null);
  }
}
