package honeststack.core.line;

import honeststack.core.wording.Refusal;
import honeststack.core.wording.RefusedException;

/** Refusals of what a line says. */
final class Refusals {
  private Refusals() {}

  /** What is offending, quoted, and what is wrong with it. */
  static RefusedException of(
      Refusal.Reason reason, String offending, String what, String accepted) {
    return new RefusedException(reason, offending, "“" + offending + "” " + what + ".", accepted);
  }
}
