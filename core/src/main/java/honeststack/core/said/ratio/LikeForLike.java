package honeststack.core.said.ratio;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;

/**
 * As much of what stands in for a food as was measured of it: "oil instead of the 50 g butter, same
 * weight", "honey in place of the 2 tbsp sugar, one for one".
 */
public final class LikeForLike {
  private static final Sought SAME =
      Sought.of(
          "\\b(?:(?:the )?same (?:amount|weight|quantity|volume|measure|again|of)|(?:an )?equal (?:amount|weight)"
              + "|like for like|one (?:to|for) one|1 ?: ?1|(?:weight|cup|gram|spoon|measure) for (?:weight|cup|gram|spoon|measure)"
              + "|as much)(?: |$|,|\\.)");

  private LikeForLike() {}

  public static boolean isSaid(String words) {
    return SAME.isIn(words);
  }

  /** Gives it the amount that was left out, where there are but one of each. */
  public static void complete(Clause clause) {
    List<Mention> open =
        clause.mentions.stream().filter(m -> !m.isMeasured() && m.food != null).toList();
    if (open.size() != 1 || !isSaid(clause.words(0, clause.size()))) {
      return;
    }
    List<Element> old =
        clause.elements.stream()
            .filter(e -> e.isAmount() && !e.isWeak() && e.part == Part.EXCLUDED)
            .toList();
    boolean food = clause.elements.stream().anyMatch(e -> e.isFood() && e.part == Part.EXCLUDED);
    if (old.size() == 1 && food) {
      open.get(0).amountText = old.get(0).text();
      open.get(0).restated = true;
    }
  }
}
