package honeststack.app.larder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.app.doubt.ShippedTables;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.food.Component;
import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.recipe.Kitchen;
import honeststack.core.recipe.Recipe;
import honeststack.core.recipe.Recipe.Portioning;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;

/**
 * Every food of the larder in all schools of energy: general factors 4, 9, 4 and 7 kcal/g (USDA
 * Agriculture Handbook 74, from memory), and EU 1169/2011, annex XIV. The file beside this test
 * names each food of which a school differs from its table, and why.
 */
class SchoolsTest {
  /** Of the larger of two energies, or kcal in 100 g. */
  private static final double RELATIVE = 0.15;

  private static final double ABSOLUTE = 15;
  private static final Foods LARDER = Larder.reference();
  private static final Measurand GENERAL = Measurand.tagged("ENERGY_GENERAL").orElseThrow();
  private static final Measurand EU = Measurand.tagged("ENERGY_EU").orElseThrow();
  private final Kitchen kitchen = Kitchen.of(LARDER, ShippedTables.read());

  private static double g(Food food, Component component) {
    return food.composition().value(component).orElse(0);
  }

  private static double others(Food food) {
    double polyols = g(food, Component.POLYL) - g(food, Component.ERYTHRITOL);
    return 4 * g(food, Component.PROCNT)
        + 9 * g(food, Component.FAT)
        + 7 * g(food, Component.ALC)
        + 2.4 * polyols;
  }

  private static double general(Food food) {
    double sweet = g(food, Component.POLYL) + g(food, Component.ALLULOSE);
    double rest = g(food, Component.CHOCDF) - sweet;
    return others(food) + 4 * rest + 0.4 * g(food, Component.ALLULOSE);
  }

  private static double eu(Food food) {
    double fibre = g(food, Component.FIBTG);
    double rest = g(food, Component.CHOCDF) - fibre - g(food, Component.POLYL);
    return others(food) + 4 * rest + 2 * fibre + 3 * g(food, Component.ACIDS);
  }

  private Figures hundredGrams(Food food) {
    Recipe.Line line = new Recipe.Line("a", "100 g of it", Optional.of(food.id()));
    return Figures.of(
        kitchen.read(
            new Recipe(
                MeasuringSystem.US,
                List.of(line),
                new Recipe.AtTheGriddle(
                    Optional.empty(), 0, Portioning.LADLE, "", Optional.empty(), ""),
                new Recipe.OnThePlate(Optional.empty(), List.of()))),
        List.of(GENERAL, EU));
  }

  private static List<Food> known() {
    return LarderFiles.entries().stream()
        .map(LarderEntry::food)
        .filter(
            food ->
                Stream.of(Component.PROCNT, Component.FAT, Component.CHOCDF, Component.FIBTG)
                    .allMatch(food.composition()::knows))
        .toList();
  }

  /** On the other side stands the sum of this test, not of the code. */
  @Test
  void everyFoodHasTheEnergyOfEachSchool() {
    for (Food food : known()) {
      Figures figures = hundredGrams(food);
      assertThat(figures.figure(Basis.PER_100G_RAW, GENERAL).value())
          .as(food.id())
          .isCloseTo(general(food), within(1e-6));
      assertThat(figures.figure(Basis.PER_100G_RAW, EU).value())
          .as(food.id())
          .isCloseTo(eu(food), within(1e-6));
    }
  }

  private static String apart(Food food) {
    double table = g(food, Component.ENERC);
    return Stream.of(
            differs(table, general(food)) ? "GENERAL" : "", differs(table, eu(food)) ? "EU" : "")
        .filter(school -> !school.isEmpty())
        .collect(Collectors.joining(";"));
  }

  private static boolean differs(double table, double school) {
    return Math.abs(table - school) > Math.max(RELATIVE * Math.max(table, school), ABSOLUTE);
  }

  @Test
  void aSchoolDiffersFromATableOnlyWhereTheReasonIsNamed() throws IOException {
    Map<String, CSVRecord> named = named();
    List<String> wrong =
        known().stream()
            .filter(
                food ->
                    !apart(food)
                        .equals(
                            Optional.ofNullable(named.get(food.id()))
                                .map(row -> row.get("apart"))
                                .orElse("")))
            .map(
                food ->
                    "%s,%s,%.0f %.0f %.0f"
                        .formatted(
                            food.id(),
                            apart(food),
                            g(food, Component.ENERC),
                            general(food),
                            eu(food)))
            .toList();
    assertThat(wrong).as(String.join("\n", wrong)).isEmpty();
    assertThat(named.values()).noneMatch(row -> row.get("why").isBlank());
  }

  private static Map<String, CSVRecord> named() throws IOException {
    try (Reader reader =
            new InputStreamReader(
                SchoolsTest.class.getResourceAsStream("/schools.csv"), StandardCharsets.UTF_8);
        var records =
            CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get().parse(reader)) {
      return records.stream().collect(Collectors.toMap(row -> row.get("food"), row -> row));
    }
  }
}
