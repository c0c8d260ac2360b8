package honeststack.core.measure;

import static honeststack.core.measure.Refusal.Reason.BAD_AMOUNT;
import static honeststack.core.measure.Refusal.Reason.NO_WEIGHT;

import honeststack.core.food.Packing;

/** Reads a mass without a food: "40 g", what was left in the bowl. */
public final class MassText {
  private MassText() {}

  /**
   * @throws RefusedException if it is not an amount in a unit of mass, and nothing else
   */
  public static Measure read(String text) {
    AmountReader.Front front = AmountReader.read(text);
    if (front.unit().kind() != Unit.Kind.MASS) {
      throw new RefusedException(
          NO_WEIGHT,
          text.strip(),
          "“" + text.strip() + "” is not a weight.",
          "a weight in g, kg, oz or lb: 40 g");
    }
    if (!front.rest().isEmpty()) {
      throw new RefusedException(
          BAD_AMOUNT,
          front.rest(),
          "“" + front.rest() + "” after the weight was not understood.",
          "a weight alone: 40 g");
    }
    return front.measure(Packing.NOT_SAID, "");
  }
}
