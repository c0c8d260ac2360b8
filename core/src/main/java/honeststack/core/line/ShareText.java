package honeststack.core.line;

import static honeststack.core.wording.Refusal.Reason.BAD_AMOUNT;

import honeststack.core.wording.RefusedException;

/** Reads a share of a whole: "60 %", "60", "0.6", "3/5". */
public final class ShareText {
  private ShareText() {}

  /**
   * 0 to 1; a number over 1 is in per cent.
   *
   * @throws RefusedException if it is not a share from 0 to 100 %
   */
  public static double read(String text) {
    String bare = text.strip().replaceFirst("\\s*%$", "");
    boolean perCent = !bare.equals(text.strip());
    double number = NumberText.read(bare);
    double share = perCent || number > 1 ? number / 100 : number;
    if (share > 1) {
      throw new RefusedException(
          BAD_AMOUNT,
          text.strip(),
          "“" + text.strip() + "” is more than all of it.",
          "a share from 0 to 100 %");
    }
    return share;
  }
}
