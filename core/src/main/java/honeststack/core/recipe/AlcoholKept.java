package honeststack.core.recipe;

import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Food;
import honeststack.core.line.HeatText;
import honeststack.core.line.HeatText.Heat;
import honeststack.core.measure.Factors;
import honeststack.core.measure.Factors.Factor;
import java.util.EnumMap;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;

/**
 * What part of the alcohol stays when something is heated.
 *
 * @param share 0 to 1
 * @param u its standard uncertainty
 */
public record AlcoholKept(double share, double u) {
  /** Nothing boils off. */
  public static final AlcoholKept ALL = new AlcoholKept(1, 0);

  /** kcal/g that leave with it (USDA Agriculture Handbook 74, from memory). */
  static final double ENERGY = 6.93;

  /** Standard uncertainty of a share that a table gives for a pot like this (common practice). */
  private static final double OFF = 0.1;

  /**
   * @throws IllegalArgumentException if it is no share
   */
  public AlcoholKept {
    if (!(share >= 0 && share <= 1 && u >= 0)) {
      throw new IllegalArgumentException("No share of alcohol: " + share + " ± " + u);
    }
  }

  /** A share that somebody set; all of it is exact. */
  public static AlcoholKept of(double share) {
    return share >= 1 ? ALL : new AlcoholKept(share, OFF);
  }

  /** By heat and time; between the times of the table as the crow flies. */
  static AlcoholKept of(Heat heat, Factors factors) {
    return of(
        switch (heat.way()) {
          case OFF_THE_HEAT -> factors.of(Factor.ALCOHOL_OFF_THE_HEAT);
          case FLAMED -> factors.of(Factor.ALCOHOL_FLAMED);
          case OVERNIGHT -> factors.of(Factor.ALCOHOL_OVERNIGHT);
          case BAKED -> factors.of(Factor.ALCOHOL_BAKED);
          case SIMMERED -> simmered(heat.minutes().orElse(0), factors);
        });
  }

  /**
   * By heat and time, as text.
   *
   * @throws honeststack.core.wording.RefusedException if it says neither
   */
  static AlcoholKept read(String text, Factors factors) {
    return of(HeatText.read(text), factors);
  }

  private static double simmered(double minutes, Factors factors) {
    NavigableMap<Double, Double> known = new TreeMap<>();
    known.put(0.0, factors.of(Factor.ALCOHOL_OFF_THE_HEAT));
    known.put(15.0, factors.of(Factor.ALCOHOL_15_MINUTES));
    known.put(30.0, factors.of(Factor.ALCOHOL_30_MINUTES));
    known.put(60.0, factors.of(Factor.ALCOHOL_60_MINUTES));
    known.put(90.0, factors.of(Factor.ALCOHOL_90_MINUTES));
    known.put(120.0, factors.of(Factor.ALCOHOL_120_MINUTES));
    known.put(150.0, factors.of(Factor.ALCOHOL_150_MINUTES));
    Map.Entry<Double, Double> before = known.floorEntry(minutes);
    Map.Entry<Double, Double> after = known.ceilingEntry(minutes);
    if (after == null || before.equals(after)) {
      return before.getValue();
    }
    double way = (minutes - before.getKey()) / (after.getKey() - before.getKey());
    return before.getValue() + way * (after.getValue() - before.getValue());
  }

  /** The same, of whatever it is made. */
  MeasuredFood of(MeasuredFood measured) {
    return new MeasuredFood(
        measured.id(),
        measured.parts().isEmpty() ? of(measured.food()) : measured.food(),
        measured.mass(),
        measured.parts().stream().map(this::of).toList());
  }

  /** The same food as it is without what boiled off, g and kcal in 100 g of it as it went in. */
  private Food of(Food food) {
    Composition whole = food.composition();
    double alcohol = whole.value(Component.ALC).orElse(0);
    if (share == 1 || alcohol == 0) {
      return food;
    }
    Map<Component, Double> values = new EnumMap<>(Component.class);
    Map<Component, Double> doubts = new EnumMap<>(Component.class);
    for (Component component : Component.values()) {
      if (whole.knows(component)) {
        double perGram = leaves(component);
        double value = whole.value(component).orElse(0);
        values.put(component, Math.max(0, value - (1 - share) * perGram * alcohol));
        double own = (component == Component.ALC ? share : 1) * whole.u(component);
        doubts.put(component, Math.hypot(own, u * perGram * alcohol));
      }
    }
    return new Food(
        food.id() + "@heated",
        food.name() + ", heated",
        food.role(),
        food.liquid(),
        Composition.of(
            food.id() + "@heated",
            food.name(),
            whole.revision(),
            whole.doubtFactor(),
            values,
            doubts),
        food.measures(),
        food.facts(),
        food.provenance());
  }

  /** What a gram of alcohol takes along of a component. */
  private static double leaves(Component component) {
    return switch (component) {
      case ALC -> 1;
      case ENERC -> ENERGY;
      default -> 0;
    };
  }
}
