package honeststack.core.food;

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
    LabelStyle style, double servingGrams, double servingDoubt, Map<LabelLine, Value> lines) {

  /** kJ in one kcal, thermochemical (Regulation (EU) 1169/2011 counts with its rounded factors). */
  public static final double KILOJOULES = 4.184;

  /** Salt is sodium × 2.5 (Regulation (EU) 1169/2011, Annex I). */
  static final double SALT_PER_SODIUM = 2.5;

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

  Optional<Printed> printed(LabelLine line) {
    return Optional.ofNullable(lines.get(line))
        .map(v -> v.below() ? Printed.below(v.amount()) : style.printed(line, v.amount()));
  }

  /** Energy in kcal, from the kJ where only they are printed. */
  Optional<Printed> energy() {
    return printed(LabelLine.ENERGY)
        .or(
            () ->
                printed(LabelLine.ENERGY_KJ)
                    .map(kj -> new Printed(kj.low() / KILOJOULES, kj.high() / KILOJOULES)));
  }
}
