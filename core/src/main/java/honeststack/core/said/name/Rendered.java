package honeststack.core.said.name;

import honeststack.core.food.Foods;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** What is left in the pan of what was fried: "cook the bacon, keep 1 tbsp of the drippings". */
public final class Rendered {
  private static final Set<String> FAT =
      Set.of("fat", "drippings", "dripping", "grease", "the fat", "rendered fat");

  private static final Sought BACON = Sought.of("\\bbacon\\b", Pattern.CASE_INSENSITIVE);

  private static final String NAME = "bacon fat";

  private final Foods foods;

  /** The text names it. */
  private final boolean bacon;

  public Rendered(Foods foods, boolean bacon) {
    this.foods = foods;
    this.bacon = bacon;
  }

  public static boolean isIn(String text) {
    return BACON.isIn(text);
  }

  /** Names the fat that the bacon of the text leaves. */
  public void in(Clause clause) {
    for (int i = 0; bacon && i < clause.size(); i++) {
      Element element = clause.get(i);
      boolean the = clause.low(i - 1).endsWith("the") || clause.isWord(i - 1, "its", "that");
      boolean fat =
          element.isFree()
              && FAT.contains(element.low())
              && (the || !element.low().equals("fat")); // "5 g fat" is of a label
      if (fat && !clause.isFood(i - 1) && !clause.isFood(i + 1)) {
        foods
            .byName(NAME)
            .ifPresent(
                named -> clause.elements.set(clause.elements.indexOf(element), of(element, named)));
        source(clause, i + 1);
      }
    }
  }

  /** "the dripping from the bacon": it is no more of it. */
  private static void source(Clause clause, int from) {
    int bacon = clause.isWord(from + 1, "the", "my", "that") ? from + 2 : from + 1;
    if (clause.isWord(from, "from", "of", "off") && BACON.isAll(clause.low(bacon))) {
      clause.take(from, bacon + 1, Part.NOTE);
    }
  }

  private static Element of(Element said, Foods.Named fat) {
    Element element = Element.food(said.tokens, said.from, said.to, Optional.of(fat));
    element.instead = NAME;
    return element;
  }
}
