package honeststack.core.batter;

import honeststack.core.estimate.Bound;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.SourceBook;
import honeststack.core.estimate.Total;
import honeststack.core.food.Component;
import honeststack.core.food.Food;
import java.util.Objects;

/**
 * A food and how much of it: a batter line, a topping, the fat in the pan.
 *
 * @param id identity of the line within its recipe
 * @param mass g
 */
public record MeasuredFood(String id, Food food, Estimate mass) {
  public MeasuredFood {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(food, "food");
    Objects.requireNonNull(mass, "mass");
  }

  /** What it holds of a component, in the component's unit; at least nothing where unknown. */
  public Total total(Component component, SourceBook book) {
    if (!food.composition().knows(component)) {
      return new Total(Estimate.ZERO, Bound.AT_LEAST);
    }
    return Total.complete(mass.times(food.composition().perGram(component, book)));
  }
}
