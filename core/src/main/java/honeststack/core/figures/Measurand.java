package honeststack.core.figures;

import honeststack.core.food.Component;
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
  private static final Map<String, Measurand> ALL = all();

  private final String tag;
  private final String words;
  private final String unit;
  private final boolean additive;
  private final List<Component> components;
  private final Rule rule;
  private final String formula;

  private Measurand(
      String tag,
      String words,
      String unit,
      boolean additive,
      List<Component> components,
      Rule rule,
      String formula) {
    this.tag = tag;
    this.words = words;
    this.unit = unit;
    this.additive = additive;
    this.components = List.copyOf(components);
    this.rule = rule;
    this.formula = formula;
  }

  private static Measurand component(Component c) {
    Rule itself = Rule.sum(1);
    return new Measurand(c.name(), c.words(), c.unit(), true, List.of(c), itself, "");
  }

  private static Measurand derived(Derived one) {
    return new Measurand(
        one.name(),
        one.words(),
        one.unit(),
        one.rule().isSum(),
        one.components(),
        one.rule(),
        one.formula());
  }

  private static Map<String, Measurand> all() {
    List<Measurand> list = new ArrayList<>();
    Arrays.stream(Component.values()).map(Measurand::component).forEach(list::add);
    Arrays.stream(Derived.values()).map(Measurand::derived).forEach(list::add);
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
    return isComponent() ? Optional.of(components.get(0)) : Optional.empty();
  }

  /** Whether it is a component itself, and follows from none. */
  boolean isComponent() {
    return formula.isEmpty();
  }

  /** How it follows from components, a sentence; empty for a component. */
  public String formula() {
    return formula;
  }

  /**
   * What each of its components counts for, in their order, where it is a sum of them.
   *
   * @throws IllegalStateException if it is not additive
   */
  public double[] weights() {
    if (!additive) {
      throw new IllegalStateException(tag + " is no sum");
    }
    return rule.slopes(new double[components.size()]);
  }

  /** The components that it needs. */
  public List<Component> components() {
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
