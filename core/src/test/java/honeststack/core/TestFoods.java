package honeststack.core;

import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Facts;
import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.food.HouseholdMeasure;
import honeststack.core.food.HouseholdMeasure.Piece;
import honeststack.core.food.HouseholdMeasure.Volume;
import honeststack.core.food.Packing;
import honeststack.core.food.Provenance;
import honeststack.core.food.Role;
import honeststack.core.measure.Factors;
import honeststack.core.measure.Factors.Factor;
import honeststack.core.measure.Tables;
import honeststack.core.measure.Uncertainties;
import honeststack.core.measure.Uncertainties.Doubt;
import honeststack.core.measure.Uncertainties.Way;
import honeststack.core.measure.UsualAmounts;
import honeststack.core.measure.UsualAmounts.Usual;
import honeststack.core.recipe.Kitchen;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** A few foods with round numbers, so that results can be derived on paper. */
public final class TestFoods implements Foods {
  /** US customary cup, mL. */
  public static final double CUP = 236.5882365;

  public static final Food FLOUR =
      food(
          "flour",
          Role.FLOUR,
          false,
          350,
          10,
          70,
          5,
          1,
          new Volume(CUP, Packing.SPOONED, 120),
          new Volume(CUP, Packing.SCOOPED, 140));
  public static final Food MILK =
      food("milk", Role.LIQUID, true, 60, 3, 5, 0, 3, new Volume(CUP, Packing.NOT_SAID, 244));
  public static final Food EGG =
      food(
          "egg",
          Role.EGG,
          false,
          140,
          12,
          1,
          0,
          10,
          new Piece("large", true, true, 50),
          new Piece("small", true, false, 40));
  public static final Food OIL =
      food("oil", Role.FAT, true, 900, 0, 0, 0, 100, new Volume(CUP / 16, Packing.NOT_SAID, 14));
  public static final Food BUTTER = food("butter", Role.FAT, false, 720, 1, 0, 0, 80);
  public static final Food SUGAR =
      food("sugar", Role.SUGAR, false, 400, 0, 100, 0, 0, new Volume(CUP, Packing.NOT_SAID, 200));
  public static final Food PEAR =
      food("pear", Role.ADD_IN, false, 60, 0, 15, 3, 0, new Piece("medium", false, true, 180));
  public static final List<Food> ALL = List.of(FLOUR, MILK, EGG, OIL, BUTTER, SUGAR, PEAR);

  private static Food food(
      String name,
      Role role,
      boolean liquid,
      double energy,
      double protein,
      double carbohydrate,
      double fibre,
      double fat,
      HouseholdMeasure... measures) {
    return new Food(
        name,
        name,
        role,
        liquid,
        Composition.of(
            name,
            name,
            1,
            1,
            Map.of(
                Component.ENERC, energy,
                Component.PROCNT, protein,
                Component.CHOCDF, carbohydrate,
                Component.FIBTG, fibre,
                Component.FAT, fat)),
        List.of(measures),
        Facts.NONE,
        new Provenance("round numbers for tests", "", Provenance.Mark.INVENTED, ""));
  }

  @Override
  public Optional<Food> byId(String id) {
    return ALL.stream().filter(food -> food.id().equals(id)).findFirst();
  }

  @Override
  public Optional<Named> byName(String name) {
    String singular = name.toLowerCase(Locale.ROOT).replaceFirst("s$", "");
    return byId(singular).map(food -> new Named(food, false));
  }

  @Override
  public List<Food> nearest(String name, int most) {
    return ALL.subList(0, Math.min(most, ALL.size()));
  }

  /** The tables of measuring that ship. */
  public static Tables tables() {
    Map<Way, Doubt> doubts = new EnumMap<>(Way.class);
    rows("uncertainties")
        .forEach(
            cells ->
                doubts.put(Way.valueOf(cells[0]), new Doubt(number(cells[1]), number(cells[2]))));
    Map<Usual, Double> usual = new EnumMap<>(Usual.class);
    rows("usual-amounts").forEach(cells -> usual.put(Usual.valueOf(cells[0]), number(cells[1])));
    Map<Factor, Double> factors = new EnumMap<>(Factor.class);
    rows("factors").forEach(cells -> factors.put(Factor.valueOf(cells[0]), number(cells[1])));
    return new Tables(new Uncertainties(doubts), new UsualAmounts(usual), new Factors(factors));
  }

  /** A kitchen with these foods and the tables that ship. */
  public static Kitchen kitchen() {
    return Kitchen.of(new TestFoods(), tables());
  }

  private static double number(String cell) {
    return Double.parseDouble(cell);
  }

  private static List<String[]> rows(String file) {
    try {
      List<String> lines = Files.readAllLines(Path.of("../larder/" + file + ".csv"));
      return lines.subList(1, lines.size()).stream().map(line -> line.split(",")).toList();
    } catch (IOException unreadable) {
      throw new UncheckedIOException(unreadable);
    }
  }
}
