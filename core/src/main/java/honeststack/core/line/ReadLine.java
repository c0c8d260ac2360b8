package honeststack.core.line;

import honeststack.core.food.Food;
import honeststack.core.measure.Amount;
import honeststack.core.measure.Measure;
import java.util.List;
import java.util.Optional;

/**
 * A line understood.
 *
 * @param amount empty where the line names a food but measures nothing
 * @param general the food's name was a general one, taken for this food
 * @param other the same amount in other units, as the line states it beside
 * @param optional the line says that it may be left out
 * @param unused words that were not used, as written
 * @param alternatives lines with the other food of a choice, "2 tbsp oil"
 * @param shape how it is written
 */
public record ReadLine(
    Optional<Amount> amount,
    Food food,
    boolean general,
    Optional<Measure> other,
    boolean optional,
    Place place,
    List<String> unused,
    List<String> alternatives,
    Shape shape) {

  /** The first of its measures. */
  public Measure measure() {
    return amount.orElseThrow().first();
  }
}
