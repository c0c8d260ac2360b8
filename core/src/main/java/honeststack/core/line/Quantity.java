package honeststack.core.line;

import honeststack.core.food.Packing;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;

/**
 * A number or a range, as it was said.
 *
 * @param amount the middle where it is a range
 * @param next place of the first token after it
 */
record Quantity(double amount, double halfRange, int decimals, int next) {
  Measure measure(Unit unit, Packing packing, Measure.Heap heap, String size) {
    return new Measure(amount, halfRange, decimals, unit, packing, heap, size);
  }

  Quantity until(int later) {
    return new Quantity(amount, halfRange, decimals, later);
  }

  Quantity times(double factor, int later) {
    return new Quantity(amount * factor, halfRange * factor, decimals, later);
  }
}
