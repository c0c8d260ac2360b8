package honeststack.core.said.supposed;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.part.Rescaled;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;

/**
 * What is taken on other days, wished for or thought of, where the list has what was taken: "I
 * usually use buttermilk but we only had milk.", "I thought about adding cinnamon but didn't." None
 * of it is in.
 */
public final class Usual {
  private static final Sought HABIT =
      Sought.of(
          "^(?:(?:and|but|so|well|oh|,) )*(?:(?:i|we|it|it's|there's|there) )?(?:(?:usually|normally|mostly|generally|ordinarily|as a rule|most days|often|always|i'd|we'd|'d|used to|like to|i|we|it|it's|there's) )*"
              + "(?:usually|normally|mostly|generally|ordinarily|as a rule|most days|prefer|like|was going to|were going to|was meant to|wanted to|wanted|thought about|thought of|meant to|would have|would've|had planned|planned|intended)\\b");

  private static final Sought NOT_NOW =
      Sought.of(
          "\\b(?:but|though|although|only|today|this time|except|however|instead)\\b|, (?:i|we) (?:had|forgot|took|used|felt)\\b");

  private static final int LONGEST = 25;

  private Usual() {}

  /** Whether words behind a list say so. */
  public static boolean isSaid(List<Element> words) {
    String signs = words.size() <= LONGEST ? Shape.signs(words) : "";
    return HABIT.isIn(signs) && NOT_NOW.isIn(signs) && signs.contains("@") && !signs.contains("#");
  }

  /** Whether the sentence says nothing else. */
  public static boolean by(List<Clause> read, Clause clause) {
    boolean may =
        clause.size() <= LONGEST
            && clause.hasFood()
            && clause.elements.stream().noneMatch(e -> e.isAmount() && !e.isWeak())
            && clause.mentions.stream().noneMatch(Mention::isMeasured);
    String words = may ? clause.words(0, clause.size()) : "";
    if (!may || !HABIT.isIn(words) || !NOT_NOW.isIn(words) || !Clause.measure(read, 2)) {
      return false;
    }
    List<Element> foods = clause.elements.stream().filter(Element::isFood).toList();
    boolean first = Rescaled.before(read, foods.get(0)).isEmpty();
    boolean others =
        foods.subList(1, foods.size()).stream()
            .allMatch(food -> Rescaled.before(read, food).isPresent());
    if (!first || !others) {
      return false;
    }
    clause.passOver();
    clause.loose.clear();
    foods.get(0).part = Part.EXCLUDED;
    return true;
  }
}
