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
import honeststack.core.measure.DoubtTable;
import honeststack.core.measure.DoubtTable.Doubt;
import honeststack.core.measure.DoubtTable.Way;
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

  /** The table of doubt that ships. */
  public static DoubtTable doubt() {
    try {
      Map<Way, Doubt> rows = new EnumMap<>(Way.class);
      List<String> lines = Files.readAllLines(Path.of("../larder/doubt.csv"));
      for (String line : lines.subList(1, lines.size())) {
        String[] cells = line.split(",");
        rows.put(
            Way.valueOf(cells[0]),
            new Doubt(Double.parseDouble(cells[1]), Double.parseDouble(cells[2])));
      }
      return new DoubtTable(rows);
    } catch (IOException unreadable) {
      throw new UncheckedIOException(unreadable);
    }
  }
}
