package honeststack.core.food;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;

/**
 * One revision of what 100 g of the edible portion of a food hold. A component that is missing is
 * unknown, not zero. Immutable: an edit makes a new revision.
 */
public final class Composition {
  private static final int COMPONENTS = Component.values().length;

  private final String foodId;
  private final int revision;
  private final double doubtFactor;
  private final TableDoubt tableDoubt;
  private final double[] per100g;
  private final double[] stated;

  /**
   * How far a value read from a food table is off: relative standard uncertainties.
   *
   * @param most of most components
   * @param lessKnown of fibre and sugars
   */
  public record TableDoubt(double most, double lessKnown) {
    /** 5 %, and 10 % for fibre and sugars: common practice. */
    public static final TableDoubt USUAL = new TableDoubt(0.05, 0.10);

    public TableDoubt {
      if (!(most >= 0 && lessKnown >= 0)) {
        throw new IllegalArgumentException(
            "Doubt must be 0 or more, not " + most + ", " + lessKnown);
      }
    }

    double of(Component component) {
      return component.isLessKnown() ? lessKnown : most;
    }
  }

  private Composition(Composition other, TableDoubt tableDoubt) {
    this.foodId = other.foodId;
    this.revision = other.revision;
    this.doubtFactor = other.doubtFactor;
    this.tableDoubt = tableDoubt;
    this.per100g = other.per100g;
    this.stated = other.stated;
  }

  private Composition(
      String foodId,
      String foodName,
      int revision,
      double doubtFactor,
      Map<Component, Double> values,
      Map<Component, Double> doubts) {
    this.foodId = foodId;
    this.revision = revision;
    this.doubtFactor = doubtFactor;
    this.tableDoubt = TableDoubt.USUAL;
    this.per100g = new double[COMPONENTS];
    this.stated = new double[COMPONENTS];
    for (Component component : Component.values()) {
      Double value = values.get(component);
      if (value != null && !(value >= 0 && Double.isFinite(value))) {
        throw new IllegalArgumentException(
            foodName + ": " + component + " must be 0 or more per 100 g, not " + value);
      }
      Double u = doubts.get(component);
      if (u != null && !(u >= 0 && Double.isFinite(u))) {
        throw new IllegalArgumentException(
            foodName + ": the doubt of " + component + " must be 0 or more, not " + u);
      }
      per100g[component.ordinal()] = value == null ? Double.NaN : value;
      stated[component.ordinal()] = u == null ? Double.NaN : u;
    }
  }

  /**
   * @param foodId the food it belongs to; two revisions of one food share their sources
   * @param revision from 1
   * @param doubtFactor multiplies the table doubt of every component; 1 for a food-table row
   * @param values per 100 g, in each component's unit; absent means unknown
   * @throws IllegalArgumentException if a value is negative or not finite
   */
  public static Composition of(
      String foodId,
      String foodName,
      int revision,
      double doubtFactor,
      Map<Component, Double> values) {
    Objects.requireNonNull(foodId, "foodId");
    if (revision < 1 || !(doubtFactor >= 0)) {
      throw new IllegalArgumentException(
          foodName
              + ": revision "
              + revision
              + " and doubt factor "
              + doubtFactor
              + " are not valid");
    }
    return new Composition(foodId, foodName, revision, doubtFactor, values, Map.of());
  }

  /**
   * A composition whose values bring their own standard uncertainties, such as those of a label.
   *
   * @param values per 100 g, in each component's unit; absent means unknown
   * @param doubts standard uncertainty per 100 g, same units; absent means the table's doubt
   * @throws IllegalArgumentException if a value or a doubt is negative or not finite
   */
  public static Composition of(
      String foodId,
      String foodName,
      int revision,
      double doubtFactor,
      Map<Component, Double> values,
      Map<Component, Double> doubts) {
    of(foodId, foodName, revision, doubtFactor, Map.of());
    return new Composition(foodId, foodName, revision, doubtFactor, values, doubts);
  }

  public String foodId() {
    return foodId;
  }

  public int revision() {
    return revision;
  }

  public double doubtFactor() {
    return doubtFactor;
  }

  public boolean knows(Component component) {
    return !Double.isNaN(per100g[component.ordinal()]);
  }

  /** Per 100 g, in the component's unit; empty if unknown. */
  public OptionalDouble value(Component component) {
    return knows(component)
        ? OptionalDouble.of(per100g[component.ordinal()])
        : OptionalDouble.empty();
  }

  /** The same values, with another doubt of food tables. */
  public Composition doubted(TableDoubt other) {
    return tableDoubt.equals(other) ? this : new Composition(this, other);
  }

  /** Standard uncertainty per 100 g, in the component's unit; 0 if the component is unknown. */
  public double u(Component component) {
    double own = stated[component.ordinal()];
    if (!knows(component)) {
      return 0;
    }
    return Double.isNaN(own)
        ? doubtFactor * tableDoubt.of(component) * per100g[component.ordinal()]
        : own;
  }

  /** The standard uncertainties per 100 g that are its own, not the table's. */
  public Map<Component, Double> doubts() {
    Map<Component, Double> own = new EnumMap<>(Component.class);
    for (Component component : Component.values()) {
      if (!Double.isNaN(stated[component.ordinal()])) {
        own.put(component, stated[component.ordinal()]);
      }
    }
    return own;
  }

  /** The known values. */
  public Map<Component, Double> values() {
    Map<Component, Double> known = new EnumMap<>(Component.class);
    for (Component component : Component.values()) {
      if (knows(component)) {
        known.put(component, per100g[component.ordinal()]);
      }
    }
    return known;
  }
}
