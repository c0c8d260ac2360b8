package honeststack.core.line;

import honeststack.core.measure.Amount.Term;
import java.util.List;

/**
 * How a line is written, so that it can be written again with another amount.
 *
 * @param before what stands before the amount: "juice of "
 * @param rest all but the amount
 * @param back the amount stands at the end
 * @param said the amount as it stands there; empty for none
 */
public record Shape(String before, String rest, boolean back, List<Term> said) {
  /** The line with this amount. */
  public String with(String amount) {
    return back ? rest + ", " + amount : (before + amount + " " + rest).strip();
  }
}
