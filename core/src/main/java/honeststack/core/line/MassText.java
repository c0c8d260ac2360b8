package honeststack.core.line;

import static honeststack.core.wording.Refusal.Reason.BAD_AMOUNT;
import static honeststack.core.wording.Refusal.Reason.NO_AMOUNT;
import static honeststack.core.wording.Refusal.Reason.NO_WEIGHT;

import honeststack.core.food.Packing;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.wording.RefusedException;
import java.util.List;

/** Reads a mass without a food: "40 g", what was left in the bowl. */
public final class MassText {
  private MassText() {}

  /**
   * @throws RefusedException if it is not an amount in a unit of mass, and nothing else
   */
  public static Measure read(String text) {
    List<Token> tokens = Token.of(text);
    Quantity quantity =
        new Quantities(text, tokens)
            .at(0)
            .orElseThrow(
                () ->
                    new RefusedException(
                        NO_AMOUNT,
                        text.strip(),
                        "“" + text.strip() + "” does not begin with an amount.",
                        Quantities.AMOUNTS));
    UnitWords.Found unit =
        UnitWords.at(tokens, quantity.next())
            .filter(found -> found.unit().kind() == Unit.Kind.MASS)
            .orElseThrow(
                () ->
                    new RefusedException(
                        NO_WEIGHT,
                        text.strip(),
                        "“" + text.strip() + "” is not a weight.",
                        "a weight in g, kg, oz or lb: 40 g"));
    if (unit.next() < tokens.size()) {
      String rest = text.substring(tokens.get(unit.next()).start()).strip();
      throw new RefusedException(
          BAD_AMOUNT,
          rest,
          "“" + rest + "” after the weight was not understood.",
          "a weight alone: 40 g");
    }
    return quantity.measure(unit.unit(), Packing.NOT_SAID, Measure.Heap.LEVEL, "");
  }
}
