package honeststack.app.larder;

import static honeststack.core.food.Component.ACIDS;
import static honeststack.core.food.Component.ALC;
import static honeststack.core.food.Component.ASH;
import static honeststack.core.food.Component.CHOCDF;
import static honeststack.core.food.Component.ENERC;
import static honeststack.core.food.Component.FASAT;
import static honeststack.core.food.Component.FAT;
import static honeststack.core.food.Component.FIBTG;
import static honeststack.core.food.Component.OTHER;
import static honeststack.core.food.Component.PROCNT;
import static honeststack.core.food.Component.SUGAR;
import static honeststack.core.food.Component.WATER;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import honeststack.app.doubt.ShippedTables;
import honeststack.app.kitchen.KitchenNow;
import honeststack.app.larder.LarderFiles.EnergyFactors;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.food.Provenance.Mark;
import honeststack.core.line.LineReader;
import honeststack.core.line.ReadLine;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.measure.OwnWeights;
import honeststack.core.measure.Weights;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Every row of the larder proves itself by two properties of the table that it comes from. */
class LarderProofTest {
  /** kcal/g of alcohol, USDA Agriculture Handbook 74 (from memory). */
  private static final double ALCOHOL = 6.93;

  private static final Foods LARDER = Larder.reference();

  /** kcal/g of acetic acid (from memory). */
  private static final double ACETIC_ACID = 3.49;

  static Stream<Food> foods() {
    return LarderFiles.entries().stream().map(LarderEntry::food);
  }

  private static double of(Food food, Component component) {
    return food.composition().value(component).orElse(0);
  }

  /** The parts of 100 g sum to 100 g: carbohydrate is by difference in the source table. */
  @Test
  void partsSumToOneHundredGrams() {
    assertThat(foods()).allSatisfy(LarderProofTest::partsSumToOneHundredGrams);
  }

  private static void partsSumToOneHundredGrams(Food food) {
    double sum =
        Stream.of(WATER, PROCNT, FAT, ASH, CHOCDF, ALC, ACIDS, OTHER)
            .mapToDouble(component -> of(food, component))
            .sum();
    assertThat(sum).as(food.id()).isCloseTo(100, within(0.3));
  }

  /** Energy agrees with the specific factors of Agriculture Handbook 74 (from memory). */
  @Test
  void energyAgreesWithSpecificFactors() {
    assertThat(foods()).allSatisfy(LarderProofTest::energyAgreesWithSpecificFactors);
  }

  private static void energyAgreesWithSpecificFactors(Food food) {
    String energyClass = LarderFiles.shipped(food.id()).orElseThrow().energyClass();
    Map<String, EnergyFactors> classes = LarderFiles.energyFactors();
    EnergyFactors factors = classes.get(energyClass);
    if (factors == null) {
      assertThat(energyClass).as(food.id()).isEqualTo("leavening");
      assertThat(food.provenance().remark()).as(food.id()).contains("carbon dioxide");
      return;
    }
    double sugarApart = factors.sugar() > 0 ? of(food, SUGAR) : 0;
    double energy =
        factors.protein() * of(food, PROCNT)
            + factors.fat() * of(food, FAT)
            + factors.carbohydrate() * (of(food, CHOCDF) - sugarApart)
            + factors.sugar() * sugarApart
            + ACETIC_ACID * of(food, ACIDS)
            + ALCOHOL * of(food, ALC);
    assertThat(of(food, ENERC)).as(food.id()).isCloseTo(energy, within(Math.max(4, 0.03 * energy)));
  }

  @Test
  void aPartIsNotMoreThanItsWhole() {
    assertThat(foods()).allSatisfy(LarderProofTest::aPartIsNotMoreThanItsWhole);
  }

  private static void aPartIsNotMoreThanItsWhole(Food food) {
    assertThat(of(food, FIBTG)).as(food.id()).isLessThanOrEqualTo(of(food, CHOCDF));
    assertThat(of(food, SUGAR)).as(food.id()).isLessThanOrEqualTo(of(food, CHOCDF));
    assertThat(of(food, FASAT)).as(food.id()).isLessThanOrEqualTo(of(food, FAT));
  }

  @Test
  void aRowSaysWhereItIsFrom() {
    assertThat(foods()).allSatisfy(LarderProofTest::aRowSaysWhereItIsFrom);
  }

  private static void aRowSaysWhereItIsFrom(Food food) {
    assertThat(food.provenance().source()).as(food.id()).isNotBlank();
    Composition composition = food.composition();
    Stream.of(ENERC, WATER, PROCNT, FAT, ASH, CHOCDF)
        .forEach(c -> assertThat(composition.knows(c)).as(food.id() + " " + c).isTrue());
    if (food.provenance().mark() == Mark.RECALLED) {
      assertThat(food.provenance().number()).as(food.id()).matches("\\d{5}");
    } else {
      assertThat(composition.doubtFactor()).as(food.id()).isGreaterThan(1);
    }
    if (of(food, OTHER) > 0 || of(food, ACIDS) > 0 || !composition.knows(FIBTG)) {
      assertThat(food.provenance().remark()).as(food.id()).isNotBlank();
    }
  }

  private static double grams(String text) {
    ReadLine line = new LineReader(LARDER).read(text);
    return new Weights(ShippedTables.read(), OwnWeights.NONE, MeasuringSystem.US, new SourceBook())
        .of(line.measure(), line.food(), Use.of("line"))
        .value();
  }

  /**
   * Common practice: a level cup of white flour weighs about 120 g; a quarter cup of butter holds a
   * little less fat than a quarter cup of oil.
   */
  @Test
  void householdMeasuresAgreeWithCommonPractice() {
    assertThat(grams("1 cup all-purpose flour, spooned")).isCloseTo(120, withinPercentage(5));
    double butter = grams("1/4 cup butter") * of(LARDER.byId("butter").orElseThrow(), FAT) / 100;
    double oil = grams("1/4 cup sunflower oil");
    assertThat(butter / oil).isBetween(0.8, 0.95);
  }

  @Test
  void everyNameFindsItsFood() {
    assertThat(LarderFiles.entries()).hasSizeGreaterThanOrEqualTo(260);
    for (LarderEntry entry : LarderFiles.entries()) {
      for (String name : entry.allNames()) {
        assertThat(LARDER.byName(name).orElseThrow().food().id()).isEqualTo(entry.food().id());
      }
    }
    assertThat(LARDER.byName("Eggs").orElseThrow().food().id()).isEqualTo("egg");
    assertThat(LARDER.byName("flour, rye, medium").orElseThrow().food().id())
        .isEqualTo("rye-flour-medium");
    assertThat(LARDER.byName("milk").orElseThrow().general()).isTrue();
    assertThat(LARDER.byName("plonk")).isEmpty();
  }

  @Test
  void searchForgives() {
    for (List<String> pair :
        List.of(
            List.of("buckweat flour", "buckwheat-flour"),
            List.of("blueberrys", "blueberries"),
            List.of("sunflowr oil", "oil-sunflower"),
            List.of("almon", "almonds"),
            List.of("buter", "butter"))) {
      assertThat(LARDER.nearest(pair.get(0), 4))
          .as(pair.get(0))
          .extracting(Food::id)
          .contains(pair.get(1));
    }
    assertThat(LARDER.nearest("???", 4)).isEmpty();
  }

  /** What a cook on either side of the ocean asks for comes first, typing errors and all. */
  @Test
  void whatIsAskedForComesFirst() {
    for (List<String> pair :
        List.of(
            List.of("superfine sugar", "sugar-white"),
            List.of("caster sugar", "sugar-white"),
            List.of("courgettes", "zucchini"),
            List.of("cornflour", "corn-starch"),
            List.of("corn flour", "corn-flour-whole"),
            List.of("confectioners' sugar", "sugar-icing"),
            List.of("icing sugr", "sugar-icing"),
            List.of("wholemeal flour", "wheat-flour-whole"),
            List.of("all-purpose flour", "wheat-flour-white"),
            List.of("plain flower", "wheat-flour-white"),
            List.of("bicarb of soda", "baking-soda"),
            List.of("oat milk", "oat-drink"),
            List.of("eggs", "egg"))) {
      assertThat(LARDER.nearest(pair.get(0), 1))
          .as(pair.get(0))
          .extracting(Food::id)
          .containsExactly(pair.get(1));
    }
  }

  /** Of two foods that go by like names, the one used more comes first. */
  @Test
  void theMoreUsedComesFirst() {
    Larder larder = new Larder(LarderFiles.entries(), new KitchenNow());
    String second = larder.now().nearest("cherr", 2).get(1).id();
    larder.used(Map.of(second, 100_000));
    assertThat(larder.now().nearest("cherr", 1).get(0).id()).isEqualTo(second);
  }
}
