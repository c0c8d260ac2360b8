package honeststack.core.serving;

import honeststack.core.food.Component;
import honeststack.core.yield.Griddle;
import java.util.Locale;

/** The formula of a figure in words, with its numbers. */
public final class Formula {
  private Formula() {}

  /** One sentence; empty while there is no serving. */
  public static String words(Figures figures, Made made, Basis basis, Component component) {
    String unit = " " + component.unit();
    String result = number(figures.total(basis, component).estimate().value()) + unit;
    if (basis == Basis.PER_100G_FINISHED) {
      return "All that stayed in it, ÷ its weight when done, %s g, × 100 = %s."
          .formatted(number(made.finished().orElseThrow().weight().value()), result);
    }
    Figures.Parts parts = figures.parts(component);
    if (parts == null) {
      return "";
    }
    if (basis == Basis.PER_100G_RAW) {
      return "All the batter, %s%s, ÷ its weight, %s g, × 100 = %s."
          .formatted(number(parts.batter()), unit, number(figures.batterMass().value()), result);
    }
    Griddle griddle = made.griddle().orElseThrow();
    boolean served = basis == Basis.AS_SERVED;
    double k = served ? made.plate().orElseThrow().pieces() : 1;
    StringBuilder words = new StringBuilder();
    words.append("All the batter, ").append(number(parts.batter())).append(unit);
    if (griddle.left().value() > 0) {
      double baked = figures.batterMass().value() - griddle.left().value();
      words.append(
          ", × the part that was baked, %s of %s g"
              .formatted(number(baked), number(figures.batterMass().value())));
    }
    words.append(", × %s of %d pieces".formatted(number(k), griddle.pieces()));
    if (griddle.panFat().isPresent()) {
      words.append(
          ", + the pan fat taken up, %s%s, × %s of %d pieces"
              .formatted(number(parts.panFat()), unit, number(k), griddle.pieces()));
    }
    if (served && parts.toppings() > 0) {
      words.append(", + toppings, ").append(number(parts.toppings())).append(unit);
    }
    return words.append(" = ").append(result).append(".").toString();
  }

  private static String number(double value) {
    if (value == Math.rint(value) && value < 100) {
      return String.valueOf((long) value);
    }
    return String.format(Locale.ROOT, value >= 100 ? "%.0f" : value >= 10 ? "%.1f" : "%.2f", value);
  }
}
