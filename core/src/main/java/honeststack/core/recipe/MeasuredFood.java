package honeststack.core.recipe;

import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Component;
import honeststack.core.food.Food;
import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;

/**
 * A food and how much of it: a batter line, a topping, the fat in the pan.
 *
 * @param id identity of the line within its recipe
 * @param mass g
 * @param parts what this much of a preparation is made of, g each as it went in; none for a plain
 *     food
 */
public record MeasuredFood(String id, Food food, Estimate mass, List<MeasuredFood> parts) {
  public MeasuredFood {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(food, "food");
    Objects.requireNonNull(mass, "mass");
    parts = List.copyOf(parts);
  }

  public MeasuredFood(String id, Food food, Estimate mass) {
    this(id, food, mass, List.of());
  }

  /** The same food, another amount of it, g. */
  public MeasuredFood weighing(Estimate other) {
    if (parts.isEmpty()) {
      return new MeasuredFood(id, food, other);
    }
    Estimate factor = other.dividedBy(mass);
    return new MeasuredFood(id, food, other, parts.stream().map(p -> p.times(factor)).toList());
  }

  MeasuredFood times(Estimate factor) {
    return new MeasuredFood(
        id, food, mass.times(factor), parts.stream().map(p -> p.times(factor)).toList());
  }

  /** Whether nothing that it is made of lacks the component. */
  public boolean knows(Component component) {
    return parts.isEmpty()
        ? food.composition().knows(component)
        : parts.stream().allMatch(part -> part.knows(component));
  }

  /** Best value of what it holds, in the component's unit; nothing where unknown. */
  public double value(Component component) {
    if (parts.isEmpty()) {
      return mass.value() * food.composition().value(component).orElse(0) / 100;
    }
    double sum = parts.stream().mapToDouble(part -> part.value(component)).sum();
    return component == Component.WATER
        ? sum + mass.value() - parts.stream().mapToDouble(p -> p.mass.value()).sum()
        : sum;
  }

  /** Per 100 g of it; empty if unknown. */
  public OptionalDouble per100g(Component component) {
    if (parts.isEmpty()) {
      return food.composition().value(component);
    }
    return knows(component) && mass.value() > 0
        ? OptionalDouble.of(value(component) / mass.value() * 100)
        : OptionalDouble.empty();
  }

  /** The same food and amount in another book. */
  MeasuredFood rebased(SourceBook book, UnaryOperator<Source> as) {
    return new MeasuredFood(
        id,
        food,
        mass.rebased(book, as),
        parts.stream().map(part -> part.rebased(book, as)).toList());
  }
}
