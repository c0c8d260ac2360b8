package honeststack.core.figures;

import honeststack.core.food.Component;
import honeststack.core.food.Label;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * What a figure or a goal is about: a component of food, or something derived from components. All
 * that the product knows of it stands here: its tag, its words, its unit, the components that it
 * needs, and how it follows from them.
 */
public final class Measurand {
  /** Follows from the amounts of its components; with its slopes, for the law of propagation. */
  private interface Rule {
    /** The value, in the measurand's unit. */
    double value(double[] amounts);

    /** Its derivative by each amount. */
    double[] slopes(double[] amounts);
  }

  private static final Rule ITSELF =
      new Rule() {
        @Override
        public double value(double[] amounts) {
          return amounts[0];
        }

        @Override
        public double[] slopes(double[] amounts) {
          return new double[] {1};
        }
      };

  /** {@link Label#KILOJOULES} for each kcal. */
  private static final Rule KILOJOULES =
      new Rule() {
        @Override
        public double value(double[] amounts) {
          return Label.KILOJOULES * amounts[0];
        }

        @Override
        public double[] slopes(double[] amounts) {
          return new double[] {Label.KILOJOULES};
        }
      };

  /** So much of the first in 100 of the second, the energy; nothing in what has none. */
  private static final Rule PER_100_KCAL =
      new Rule() {
        @Override
        public double value(double[] amounts) {
          return amounts[1] == 0 ? 0 : 100 * amounts[0] / amounts[1];
        }

        @Override
        public double[] slopes(double[] amounts) {
          return amounts[1] == 0
              ? new double[2]
              : new double[] {100 / amounts[1], -100 * amounts[0] / amounts[1] / amounts[1]};
        }
      };

  private static final Map<String, Measurand> ALL = all();

  private final String tag;
  private final String words;
  private final String unit;
  private final boolean additive;
  private final List<Component> components;
  private final Rule rule;

  private Measurand(
      String tag,
      String words,
      String unit,
      boolean additive,
      List<Component> components,
      Rule rule) {
    this.tag = tag;
    this.words = words;
    this.unit = unit;
    this.additive = additive;
    this.components = List.copyOf(components);
    this.rule = rule;
  }

  private static Map<String, Measurand> all() {
    List<Measurand> list = new ArrayList<>();
    for (Component c : Component.values()) {
      list.add(new Measurand(c.name(), c.words(), c.unit(), true, List.of(c), ITSELF));
    }
    list.add(
        new Measurand(
            "ENERGY_KJ",
            "energy in kilojoules",
            "kJ",
            false,
            List.of(Component.ENERC),
            KILOJOULES));
    list.add(
        new Measurand(
            "FIBTG_PER_100_KCAL",
            "fibre in 100 kcal",
            "g",
            false,
            List.of(Component.FIBTG, Component.ENERC),
            PER_100_KCAL));
    Map<String, Measurand> all = new LinkedHashMap<>();
    list.forEach(one -> all.put(one.tag, one));
    return Collections.unmodifiableMap(all);
  }

  /** All of them, in the order in which they are listed. */
  public static List<Measurand> values() {
    return List.copyOf(ALL.values());
  }

  public static Measurand of(Component component) {
    return ALL.get(component.name());
  }

  public static List<Measurand> of(Component... components) {
    return Arrays.stream(components).map(Measurand::of).toList();
  }

  /** The one with this tag; empty if there is none. */
  public static Optional<Measurand> tagged(String tag) {
    return Optional.ofNullable(ALL.get(tag));
  }

  /** Its identity in files and addresses. */
  public String tag() {
    return tag;
  }

  /** Lower-case name for a reader. */
  public String words() {
    return words;
  }

  public String unit() {
    return unit;
  }

  /** Whether the parts of a serving sum to the whole. */
  public boolean isAdditive() {
    return additive;
  }

  /** The component that it is; empty for what is derived from components. */
  public Optional<Component> component() {
    return rule == ITSELF ? Optional.of(components.get(0)) : Optional.empty();
  }

  List<Component> components() {
    return components;
  }

  double value(double[] amounts) {
    return rule.value(amounts);
  }

  double[] slopes(double[] amounts) {
    return rule.slopes(amounts);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Measurand measurand && measurand.tag.equals(tag);
  }

  @Override
  public int hashCode() {
    return Objects.hash(tag);
  }

  @Override
  public String toString() {
    return tag;
  }
}
