package honeststack.core.food;

import honeststack.core.estimate.Distribution;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Brings a label to 100 g of food, each value with its doubt. */
public final class LabelConversion {

  private final Label label;
  private final double labelDoubt;
  private final Map<Component, Double> values = new EnumMap<>(Component.class);
  private final Map<Component, Double> doubts = new EnumMap<>(Component.class);
  private final List<String> notes = new ArrayList<>();

  private LabelConversion(Label label, double labelDoubt) {
    this.label = label;
    this.labelDoubt = labelDoubt;
  }

  private Converted convert() {
    label.energy().ifPresent(printed -> put(Component.ENERC, printed, 1));
    one(LabelLine.FAT, Component.FAT);
    one(LabelLine.SATURATES, Component.FASAT);
    one(LabelLine.SUGARS, Component.SUGAR);
    one(LabelLine.ADDED_SUGARS, Component.SUGAD);
    one(LabelLine.POLYOLS, Component.POLYL);
    one(LabelLine.ERYTHRITOL, Component.ERYTHRITOL);
    one(LabelLine.FIBRE, Component.FIBTG);
    one(LabelLine.PROTEIN, Component.PROCNT);
    carbohydrate();
    if (label.lines().containsKey(LabelLine.SODIUM)) {
      one(LabelLine.SODIUM, Component.NA);
    } else {
      label
          .printed(LabelLine.SALT)
          .ifPresent(salt -> put(Component.NA, salt, 1000 / Label.SALT_PER_SODIUM));
    }
    return new Converted(values, doubts, new Contradictions(label).all(), notes);
  }

  private void carbohydrate() {
    if (label.style() == LabelStyle.US) {
      one(LabelLine.CARBOHYDRATE, Component.CHOCDF);
      return;
    }
    Optional<Printed> available = label.printed(LabelLine.CARBOHYDRATE);
    Optional<Printed> fibre = label.printed(LabelLine.FIBRE);
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

  private void one(LabelLine line, Component component) {
    label.printed(line).ifPresent(printed -> put(component, printed, 1));
  }

  private void put(Component component, Printed printed, double factor) {
    put(component, printed.middle() * factor, u(printed) * factor);
  }

  private void put(Component component, double inServing, double u) {
    double to100g = 100 / label.servingGrams();
    values.put(component, inServing * to100g);
    doubts.put(component, Math.hypot(u, label.servingDoubt() * inServing) * to100g);
  }

  private double u(Printed printed) {
    return Math.hypot(Distribution.rectangular(printed.halfWidth()), labelDoubt * printed.middle());
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
  public static Converted per100g(Label label, double labelDoubt) {
    return new LabelConversion(label, labelDoubt).convert();
  }
}
