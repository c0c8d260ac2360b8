package honeststack.core.food;

import honeststack.core.estimate.Distribution;
import honeststack.core.food.LabelStyle.Printed;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * What the label of a packaged food prints for one serving.
 *
 * @param servingGrams what the label's serving weighs, g
 * @param servingDoubt relative standard uncertainty of that weight; 0 where the label states grams
 * @param lines as printed, in each line's unit; absent means not printed
 */
public record Label(
    LabelStyle style, double servingGrams, double servingDoubt, Map<Line, Value> lines) {

  /** kJ in one kcal, thermochemical (Regulation (EU) 1169/2011 counts with its rounded factors). */
  private static final double KILOJOULES = 4.184;

  /** Salt is sodium × 2.5 (Regulation (EU) 1169/2011, Annex I). */
  private static final double SALT_PER_SODIUM = 2.5;

  /** How far stated energy may be from the parts' before it is said, beyond rounding. */
  private static final double ENERGY_TOLERANCE = 0.10;

  /** A line of a label. */
  public enum Line {
    ENERGY("energy", "kcal"),
    ENERGY_KJ("energy", "kJ"),
    FAT("fat", "g"),
    SATURATES("saturates", "g"),
    CARBOHYDRATE("carbohydrate", "g"),
    SUGARS("sugars", "g"),
    ADDED_SUGARS("added sugars", "g"),
    POLYOLS("polyols", "g"),
    ERYTHRITOL("of them erythritol", "g"),
    FIBRE("fibre", "g"),
    PROTEIN("protein", "g"),
    SALT("salt", "g"),
    SODIUM("sodium", "mg");

    private final String words;
    private final String unit;

    Line(String words, String unit) {
      this.words = words;
      this.unit = unit;
    }

    public String words() {
      return words;
    }

    public String unit() {
      return unit;
    }
  }

  /**
   * A printed value.
   *
   * @param below printed as "less than"
   */
  public record Value(double amount, boolean below) {
    public Value {
      if (!(amount >= 0 && Double.isFinite(amount))) {
        throw new IllegalArgumentException("A label's value must be 0 or more, not " + amount);
      }
    }
  }

  public Label {
    Objects.requireNonNull(style, "style");
    if (!(servingGrams > 0 && Double.isFinite(servingGrams))) {
      throw new IllegalArgumentException("A serving must weigh more than 0 g, not " + servingGrams);
    }
    lines = Map.copyOf(lines);
  }

  /**
   * A label in 100 g of food.
   *
   * @param contradictions in which the label disagrees with itself, in sentences
   * @param notes what a reader must know of the conversion, in sentences
   */
  public record Converted(
      Map<Component, Double> values,
      Map<Component, Double> doubts,
      List<String> contradictions,
      List<String> notes) {}

  /**
   * Per 100 g, carbohydrate as total by difference. Rounding is rectangular over all values that
   * print alike, combined with how far labels may be off.
   *
   * @param labelDoubt relative standard uncertainty of any label value
   */
  public Converted per100g(double labelDoubt) {
    return new Conversion(labelDoubt).convert();
  }

  private Optional<Printed> printed(Line line) {
    return Optional.ofNullable(lines.get(line))
        .map(v -> v.below() ? LabelStyle.below(v.amount()) : style.printed(line, v.amount()));
  }

  private final class Conversion {
    private final double labelDoubt;
    private final Map<Component, Double> values = new EnumMap<>(Component.class);
    private final Map<Component, Double> doubts = new EnumMap<>(Component.class);
    private final List<String> notes = new ArrayList<>();

    Conversion(double labelDoubt) {
      this.labelDoubt = labelDoubt;
    }

    Converted convert() {
      energy().ifPresent(printed -> put(Component.ENERC, printed, 1));
      one(Line.FAT, Component.FAT);
      one(Line.SATURATES, Component.FASAT);
      one(Line.SUGARS, Component.SUGAR);
      one(Line.ADDED_SUGARS, Component.SUGAD);
      one(Line.POLYOLS, Component.POLYL);
      one(Line.ERYTHRITOL, Component.ERYTHRITOL);
      one(Line.FIBRE, Component.FIBTG);
      one(Line.PROTEIN, Component.PROCNT);
      carbohydrate();
      if (lines.containsKey(Line.SODIUM)) {
        one(Line.SODIUM, Component.NA);
      } else {
        printed(Line.SALT).ifPresent(salt -> put(Component.NA, salt, 1000 / SALT_PER_SODIUM));
      }
      return new Converted(values, doubts, new Contradictions().all(), notes);
    }

    private void carbohydrate() {
      if (style == LabelStyle.US) {
        one(Line.CARBOHYDRATE, Component.CHOCDF);
        return;
      }
      Optional<Printed> available = printed(Line.CARBOHYDRATE);
      Optional<Printed> fibre = printed(Line.FIBRE);
      if (available.isPresent() && fibre.isPresent()) {
        put(
            Component.CHOCDF,
            available.get().middle() + fibre.get().middle(),
            Math.hypot(u(available.get()), u(fibre.get())));
      } else if (available.isPresent()) {
        notes.add(
            "The label prints carbohydrate without fibre and does not print fibre, so total"
                + " carbohydrate stays unknown.");
      }
    }

    private void one(Line line, Component component) {
      printed(line).ifPresent(printed -> put(component, printed, 1));
    }

    private void put(Component component, Printed printed, double factor) {
      put(component, printed.middle() * factor, u(printed) * factor);
    }

    private void put(Component component, double inServing, double u) {
      double to100g = 100 / servingGrams;
      values.put(component, inServing * to100g);
      doubts.put(component, Math.hypot(u, servingDoubt * inServing) * to100g);
    }

    private double u(Printed printed) {
      return Math.hypot(
          Distribution.rectangular(printed.halfWidth()), labelDoubt * printed.middle());
    }
  }

  /** Energy in kcal, from the kJ where only they are printed. */
  private Optional<Printed> energy() {
    return printed(Line.ENERGY)
        .or(
            () ->
                printed(Line.ENERGY_KJ)
                    .map(kj -> new Printed(kj.low() / KILOJOULES, kj.high() / KILOJOULES)));
  }

  /** Where a label disagrees with itself by more than its rounding explains. */
  private final class Contradictions {
    private final List<String> found = new ArrayList<>();

    List<String> all() {
      partOf(Line.SUGARS, Line.CARBOHYDRATE);
      partOf(Line.ADDED_SUGARS, Line.SUGARS);
      partOf(Line.POLYOLS, Line.CARBOHYDRATE);
      partOf(Line.ERYTHRITOL, Line.POLYOLS);
      partOf(Line.SATURATES, Line.FAT);
      if (style == LabelStyle.US) {
        partOf(Line.FIBRE, Line.CARBOHYDRATE);
      }
      mass();
      energyOfParts();
      bothEnergies();
      return List.copyOf(found);
    }

    private double low(Line line) {
      return printed(line).map(Printed::low).orElse(0.0);
    }

    private double high(Line line) {
      return printed(line).map(Printed::high).orElse(0.0);
    }

    private void partOf(Line part, Line whole) {
      if (lines.containsKey(part) && lines.containsKey(whole) && low(part) > high(whole) + 1e-9) {
        found.add(
            "%s (%s) are more than the %s (%s) that they are part of."
                .formatted(capital(part.words()), text(part), whole.words(), text(whole)));
      }
    }

    private void mass() {
      double parts =
          low(Line.FAT)
              + low(Line.CARBOHYDRATE)
              + low(Line.PROTEIN)
              + (style == LabelStyle.EU ? low(Line.FIBRE) : 0)
              + Math.max(low(Line.SALT), low(Line.SODIUM) / 1000 * SALT_PER_SODIUM);
      if (parts > servingGrams * (1 + 2 * servingDoubt) + 1e-9) {
        found.add(
            "Its parts weigh at least %.1f g, but the serving weighs %.1f g."
                .formatted(parts, servingGrams));
      }
    }

    /**
     * General factors, 4, 4 and 9 kcal/g; fibre may give 0 to 4 of them and polyols 0 to 4, since
     * makers choose.
     */
    private void energyOfParts() {
      Optional<Printed> stated = energy();
      boolean whole =
          lines.containsKey(Line.FAT)
              && lines.containsKey(Line.CARBOHYDRATE)
              && lines.containsKey(Line.PROTEIN);
      if (stated.isEmpty() || !whole) {
        return;
      }
      double outside = style == LabelStyle.EU ? high(Line.FIBRE) : 0;
      double inside = style == LabelStyle.US ? high(Line.FIBRE) : 0;
      double free = Math.max(0, low(Line.CARBOHYDRATE) - inside - high(Line.POLYOLS));
      double least = 9 * low(Line.FAT) + 4 * low(Line.PROTEIN) + 4 * free;
      double most =
          9 * high(Line.FAT) + 4 * high(Line.PROTEIN) + 4 * (high(Line.CARBOHYDRATE) + outside);
      double off = ENERGY_TOLERANCE * stated.get().middle();
      if (stated.get().high() + off < least || stated.get().low() - off > most) {
        found.add(
            "It prints %.0f kcal, but its fat, carbohydrate and protein give %.0f to %.0f kcal."
                .formatted(stated.get().middle(), least, most));
      }
    }

    private void bothEnergies() {
      if (lines.containsKey(Line.ENERGY) && lines.containsKey(Line.ENERGY_KJ)) {
        double kcal = lines.get(Line.ENERGY).amount();
        double kj = lines.get(Line.ENERGY_KJ).amount();
        if (Math.abs(kj / KILOJOULES - kcal) > Math.max(2, 0.03 * kcal)) {
          found.add("%s kJ are not %s kcal.".formatted(plain(kj), plain(kcal)));
        }
      }
    }

    private String text(Line line) {
      Value value = lines.get(line);
      return (value.below() ? "under " : "") + plain(value.amount()) + " " + line.unit();
    }

    private static String capital(String words) {
      return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private static String plain(double value) {
      return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }
  }
}
