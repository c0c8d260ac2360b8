package honeststack.app.larder;

import honeststack.core.food.Added;
import honeststack.core.food.Allergen;
import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Facts;
import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure;
import honeststack.core.food.Origin;
import honeststack.core.food.Provenance;
import honeststack.core.food.Role;
import java.io.IOException;
import java.io.Writer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * Foods as rows of CSV (RFC 4180), under the headers of the reference file. The columns {@code
 * names}, {@code measures} and {@code doubts} may follow; the reference files keep names and
 * measures in files of their own.
 */
public final class LarderCsv {
  /** The columns that a file cannot do without. */
  public static final List<String> NEEDED = List.of("id", "name", "role");

  private static final int LONGEST_QUOTE = 200;
  private static final String FORMULA_STARTS = "=+-@\t\r";
  private static final List<String> HEADERS =
      Stream.of(
              Stream.of(
                  "id", "name", "role", "liquid", "allergens", "may_contain", "origin", "added"),
              Arrays.stream(Component.values()).map(Component::name),
              Stream.of("atwater", "source", "number", "mark", "doubt", "remark"),
              Stream.of("names", "measures", "doubts"))
          .flatMap(Function.identity())
          .toList();

  private LarderCsv() {}

  /** A row that cannot be taken: which cell, what it holds, what would be accepted. */
  public static final class RowException extends RuntimeException {
    private final String column;
    private final String offending;
    private final String accepted;

    public RowException(String column, String offending, String accepted) {
      this(column, offending, "is not accepted", accepted);
    }

    RowException(String column, String offending, String wrong, String accepted) {
      super("“" + shortened(offending) + "” in the column “" + column + "” " + wrong);
      this.column = column;
      this.offending = shortened(offending);
      this.accepted = accepted;
    }

    private static String shortened(String text) {
      return text.length() <= LONGEST_QUOTE ? text : text.substring(0, LONGEST_QUOTE - 1) + "…";
    }

    public String column() {
      return column;
    }

    public String offending() {
      return offending;
    }

    public String accepted() {
      return accepted;
    }
  }

  /**
   * The food of a row of a file that writes decimals with a point, at composition revision 1.
   *
   * @throws RowException if a cell cannot be taken
   */
  public static LarderEntry read(CSVRecord row) {
    return read(row, DecimalSign.POINT);
  }

  /** The decimal sign that the numbers of a file agree on. */
  public static DecimalSign decimalSign(Stream<CSVRecord> rows) {
    DecimalSign.Found found = new DecimalSign.Found();
    rows.forEach(
        row -> {
          for (Component component : Component.values()) {
            found.see(new Cells(row, DecimalSign.POINT).text(component.name()));
          }
        });
    return found.sign();
  }

  /**
   * The food of a row, at composition revision 1.
   *
   * @throws RowException if a cell cannot be taken
   */
  public static LarderEntry read(CSVRecord row, DecimalSign sign) {
    Cells cells = new Cells(row, sign);
    String id = cells.needed("id");
    if (!id.matches("[a-z0-9][a-z0-9-]{0,59}")) {
      throw new RowException("id", id, "up to 60 small letters, digits and hyphens");
    }
    String name = cells.needed("name");
    if (name.length() > 120 || !FoodNames.isName(name)) {
      throw new RowException("name", name, "up to 120 characters, one of them a letter");
    }
    Composition composition =
        Composition.of(id, name, 1, cells.number("doubt", 1, 100), cells.values(), cells.doubts());
    Food food =
        new Food(
            id,
            name,
            cells.one("role", Role.class, null),
            cells.yes("liquid"),
            composition,
            cells.measures(),
            new Facts(
                cells.set("allergens", Allergen.class),
                cells.set("may_contain", Allergen.class),
                cells.set("origin", Origin.class),
                cells.set("added", Added.class)),
            new Provenance(
                cells.text("source"),
                cells.text("number"),
                cells.one("mark", Provenance.Mark.class, Provenance.Mark.OWN),
                cells.text("remark")));
    return new LarderEntry(
        food, cells.names(), cells.text("atwater"), true, Proof.of(composition), null, 0);
  }

  private record Cells(CSVRecord row, DecimalSign sign) {
    String text(String column) {
      String cell = row.isMapped(column) && row.isSet(column) ? row.get(column).strip() : "";
      boolean quoted = cell.startsWith("'") && cell.length() > 1;
      return quoted && FORMULA_STARTS.indexOf(cell.charAt(1)) >= 0 ? cell.substring(1) : cell;
    }

    String needed(String column) {
      String cell = text(column);
      if (cell.isEmpty()) {
        throw new RowException(column, cell, "text");
      }
      return cell;
    }

    double number(String column, double otherwise, double most) {
      String cell = text(column);
      if (cell.isEmpty()) {
        return otherwise;
      }
      return number(column, cell, most);
    }

    private double number(String column, String cell, double most) {
      String accepted = "a number from 0 to " + most;
      if (sign.isAmbiguous(cell)) {
        throw new RowException(column, cell, "can be read in two ways", accepted + ", plain");
      }
      OptionalDouble number = sign.read(cell);
      if (number.isEmpty() || number.getAsDouble() > most) {
        throw new RowException(column, cell, accepted);
      }
      return number.getAsDouble();
    }

    Map<Component, Double> values() {
      Map<Component, Double> values = new EnumMap<>(Component.class);
      for (Component component : Component.values()) {
        double value = number(component.name(), Double.NaN, component.most());
        if (!Double.isNaN(value)) {
          values.put(component, value);
        }
      }
      return values;
    }

    Map<Component, Double> doubts() {
      Map<Component, Double> doubts = new EnumMap<>(Component.class);
      for (String pair : parts("doubts")) {
        String[] sides = pair.split("=", 2);
        try {
          Component component = Component.valueOf(sides[0].strip());
          doubts.put(component, number("doubts", sides[1].strip(), component.most()));
        } catch (IllegalArgumentException | ArrayIndexOutOfBoundsException wrong) {
          throw new RowException("doubts", pair, "such as FAT=0.4;NA=12");
        }
      }
      return doubts;
    }

    boolean yes(String column) {
      String cell = text(column);
      if (!List.of("", "yes", "no").contains(cell)) {
        throw new RowException(column, cell, "yes or no");
      }
      return cell.equals("yes");
    }

    <E extends Enum<E>> E one(String column, Class<E> kind, E otherwise) {
      String cell = otherwise == null ? needed(column) : text(column);
      return cell.isEmpty() ? otherwise : constant(column, kind, cell);
    }

    <E extends Enum<E>> Set<E> set(String column, Class<E> kind) {
      Set<E> set = EnumSet.noneOf(kind);
      parts(column).forEach(part -> set.add(constant(column, kind, part)));
      return set;
    }

    private <E extends Enum<E>> E constant(String column, Class<E> kind, String text) {
      try {
        return Enum.valueOf(kind, text);
      } catch (IllegalArgumentException unknown) {
        throw new RowException(column, text, "one of " + List.of(kind.getEnumConstants()));
      }
    }

    private List<String> parts(String column) {
      return Arrays.stream(text(column).split(";"))
          .map(String::strip)
          .filter(part -> !part.isEmpty())
          .toList();
    }

    List<HouseholdMeasure> measures() {
      List<HouseholdMeasure> measures = new ArrayList<>();
      for (String part : parts("measures")) {
        try {
          measures.add(MeasureRow.parse(part).measured());
        } catch (IllegalArgumentException wrong) {
          throw new RowException("measures", part, "such as cup SPOONED=125;piece large=50 usual");
        }
      }
      return measures;
    }

    private static void checkName(String name) {
      if (name.length() > 120 || !FoodNames.isName(name)) {
        throw new RowException("names", name, "up to 120 characters each, one of them a letter");
      }
    }

    List<LarderEntry.Name> names() {
      List<String> names = parts("names");
      names.forEach(Cells::checkName);
      return names.stream()
          .map(
              name ->
                  name.endsWith("*")
                      ? new LarderEntry.Name(name.substring(0, name.length() - 1), true)
                      : new LarderEntry.Name(name, false))
          .toList();
    }
  }

  /** Writes all foods, row by row. A cell that a spreadsheet would compute is quoted. */
  public static void write(Collection<LarderEntry> entries, Writer out) throws IOException {
    try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
      printer.printRecord(HEADERS);
      for (LarderEntry entry : entries) {
        printer.printRecord(cells(entry));
      }
    }
  }

  private static List<String> cells(LarderEntry entry) {
    Food food = entry.food();
    Composition composition = food.composition();
    List<String> cells = new ArrayList<>();
    cells.add(food.id());
    cells.add(food.name());
    cells.add(food.role().name());
    cells.add(food.liquid() ? "yes" : "no");
    cells.add(joined(food.facts().allergens()));
    cells.add(joined(food.facts().mayContain()));
    cells.add(joined(food.facts().origins()));
    cells.add(joined(food.facts().added()));
    for (Component component : Component.values()) {
      cells.add(
          composition.knows(component) ? plain(composition.value(component).getAsDouble()) : "");
    }
    cells.add(entry.energyClass());
    cells.add(food.provenance().source());
    cells.add(food.provenance().number());
    cells.add(food.provenance().mark().name());
    cells.add(plain(composition.doubtFactor()));
    cells.add(food.provenance().remark());
    cells.add(
        entry.names().stream()
            .map(name -> name.name() + (name.general() ? "*" : ""))
            .collect(Collectors.joining(";")));
    cells.add(
        food.measures().stream()
            .map(measure -> MeasureRow.of(measure).text())
            .collect(Collectors.joining(";")));
    cells.add(
        composition.doubts().entrySet().stream()
            .map(doubt -> doubt.getKey() + "=" + plain(doubt.getValue()))
            .collect(Collectors.joining(";")));
    return cells.stream().map(LarderCsv::inert).toList();
  }

  private static String inert(String cell) {
    return !cell.isEmpty() && FORMULA_STARTS.indexOf(cell.charAt(0)) >= 0 ? "'" + cell : cell;
  }

  private static String joined(Set<? extends Enum<?>> set) {
    return set.stream().sorted().map(Enum::name).collect(Collectors.joining(";"));
  }

  private static String plain(double value) {
    return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
  }
}
