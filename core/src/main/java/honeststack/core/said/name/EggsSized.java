package honeststack.core.said.name;

import honeststack.core.food.Role;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.regex.Matcher;

/**
 * How big the eggs were, in a sentence behind them: "2 eggs, 300 ml milk. They were small eggs."
 */
public final class EggsSized {
  private static final String WERE =
      "(?: ?['’]re| are| were)(?: (?:all|quite|very|rather|really|just|only|on the))*";

  private static final Sought SAID =
      Sought.of(
          "(?:(?:and|oh|but|mind|by the way|also|now|,) )*"
              + "(?:(?:they|these|those)"
              + WERE
              + " (?<size>small|medium|large|big)(?: side)? eggs"
              + "|(?:the|my|our|these|those|all (?:the|my))(?: \\w+)? eggs"
              + WERE
              + " (?<size2>small|medium|large|big)(?: side)?(?: (?:eggs|ones))?)"
              + "(?: (?:, )?(?:mind|by the way|though|this time|today|here|as well|too|so))*(?: ?[.!])?");

  private static final Sought BARE = Sought.of("(?:(?:hen's|fresh|free[- ]range) )?eggs?");

  private EggsSized() {}

  /** Whether it says nothing else. */
  public static boolean by(List<Clause> read, Clause clause) {
    Matcher said = SAID.matcher(clause.words(0, clause.size()));
    if (!said.matches()) {
      return false;
    }
    String size = said.group("size") == null ? said.group("size2") : said.group("size");
    for (int i = read.size() - 1; i >= 0; i--) {
      for (Mention eggs : read.get(i).mentions) {
        if (eggs.isMeasured() && eggs.role() == Role.EGG && BARE.isAll(eggs.foodText)) {
          eggs.foodText = size + " " + eggs.foodText;
          eggs.restated = true;
          clause.mentions.clear();
          clause.elements.forEach(element -> element.part = Part.NOTE);
          return true;
        }
      }
    }
    return false;
  }
}
