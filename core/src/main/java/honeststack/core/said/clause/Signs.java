package honeststack.core.said.clause;

import java.util.List;

/**
 * The words of a sentence with a sign for each amount and each food.
 *
 * @param text a space behind each
 * @param starts where each element begins in it
 */
record Signs(String text, int[] starts) {
  private static final char AMOUNT = '#';
  private static final char FOOD = '@';

  /** For a sign that the cook wrote. */
  private static final char OTHER = '_';

  /**
   * @param all also those of which something was made already
   */
  static Signs of(List<Element> elements, boolean all) {
    int[] starts = new int[elements.size()];
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < starts.length; i++) {
      Element element = elements.get(i);
      starts[i] = text.length();
      boolean open = all || element.isFree();
      boolean amount = open && element.isAmount() && !element.isWeak();
      if (amount || open && element.isFood()) {
        text.append(amount ? AMOUNT : FOOD);
      } else {
        text.append(element.low().replace(AMOUNT, OTHER).replace(FOOD, OTHER));
      }
      text.append(' ');
    }
    return new Signs(text.toString(), starts);
  }
}
