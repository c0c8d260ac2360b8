package honeststack.core.measure;

import static honeststack.core.measure.Refusal.Reason.BAD_AMOUNT;

/** Reads a number on its own, in any notation that an amount may have. */
public final class NumberText {
  private NumberText() {}

  /**
   * 0 or more: "120", "0,5", "1½", "1 1/2".
   *
   * @throws RefusedException if it is not a number, or something follows it
   */
  public static double read(String text) {
    AmountReader.Front front = AmountReader.read(text);
    if (front.unit() != Unit.COUNT || !front.rest().isEmpty()) {
      throw new RefusedException(
          BAD_AMOUNT,
          text.strip(),
          "“" + text.strip() + "” is not a number alone.",
          "a number: 120, 1.5, 0,5 or 1½");
    }
    return front.amount();
  }
}
