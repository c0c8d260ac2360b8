package honeststack.core.said.without;

import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/**
 * A listed food that did not go in after all, in a sentence that measures nothing: "all but the
 * butter went in", "the sugar is still on the counter", "I did it without butter".
 */
public final class NotInIt {
  private static final String LEAD =
      "(?:(?:and|but|so|oh|damn|though|then|in the end|after all|today|this time|it) ,? ?)*";

  private static final String FOOD = "(?:(?:the|my|any|our) )?@";

  private static final String END =
      "(?: (?:today|this time|in the end|after all|again|then))*[ .!]*";

  private static final String WE = "(?:(?:i|we) )?(?:(?:just|only|simply|even) )*";

  private static final List<Sought> FORMS =
      List.of(
          Sought.of(
              LEAD
                  + "(?:all|everything|the lot|all of it) (?:but|except|except for|apart from|bar|save) "
                  + FOOD
                  + " (?:went in|is in|goes in|got in|made it in|was used)"
                  + END),
          Sought.of(LEAD + "only " + FOOD + " (?:is|was) (?:missing|not in it|left out)" + END),
          Sought.of(
              LEAD
                  + FOOD
                  + " (?:is|was|are|were) still (?:on|in) the (?:counter|table|fridge|side|cupboard|shelf|packet|box|jar|bag)"
                  + END),
          Sought.of(
              LEAD
                  + FOOD
                  + " (?:didn't|did not|never) (?:make|made|get|got)(?: it)? (?:in|into (?:the )?(?:bowl|batter|mix|it))"
                  + END),
          Sought.of(
              LEAD
                  + WE
                  + "(?:did|made|baked|cooked|managed|do|make|bake|cook|have|had) (?:it|them|this|these|that|mine|ours)(?: all)? without "
                  + FOOD
                  + END),
          Sought.of(
              LEAD + "(?:turned out|turns out|it turned out|found) (?:i|we) had no " + FOOD + END),
          Sought.of(
              LEAD + WE + "had no " + FOOD + " left ,? ?(?:so|and) none (?:went in|in it)" + END),
          Sought.of(
              LEAD
                  + WE
                  + "thought (?:i|we) had (?:some )?"
                  + FOOD
                  + " ,? ?but (?:no|not|i didn't|we didn't|there was none)"
                  + END),
          Sought.of(
              LEAD
                  + "(?:(?:i |we )?(?:just |only )?(?:realised|realized|noticed|saw|found) (?:that )?)?"
                  + "(?:(?:i|we) (?:had|have)|(?:i|we) ?'(?:d|ve)) (?:run out of|(?:completely |clean )?forgotten(?: to (?:add|put in|use))?) "
                  + FOOD
                  + END),
          Sought.of(FOOD + " [:–-] (?:none|no|left out|forgotten|skipped)" + END));

  /** None of the forms is without. */
  private static final Remembered HINT =
      Remembered.part(
          "\\b(?:but|except|apart|bar|save|missing|left|still|didn't|did not|never|without|no|none|run out|forgotten|skipped|not)\\b");

  private NotInIt() {}

  /** Whether the sentence says so, and nothing else. */
  public static boolean by(List<Clause> read, Clause clause, Shape shape) {
    long foods = clause.elements.stream().filter(Element::isFood).count();
    if (foods != 1 || clause.hasAmount() || !clause.says(HINT)) {
      return false;
    }
    Optional<Shape.Found> said =
        FORMS.stream().map(shape::whole).flatMap(Optional::stream).findFirst();
    Element food = clause.elements.stream().filter(Element::isFood).findFirst().orElseThrow();
    if (said.isEmpty() || !leaveOut(read, food)) {
      return false;
    }
    clause.mentions.clear();
    clause.elements.forEach(element -> element.part = element.isFood() ? Part.EXCLUDED : Part.NOTE);
    return true;
  }

  private static boolean leaveOut(List<Clause> read, Element food) {
    for (int i = read.size() - 1; i >= 0; i--) {
      Optional<Mention> old =
          read.get(i).mentions.stream()
              .filter(m -> m.isMeasured() && m.place == Place.NOT_SAID && m.food != null)
              .filter(m -> m.food.isSameFood(food))
              .findFirst();
      if (old.isPresent()) {
        read.get(i).mentions.remove(old.get());
        old.get().mark(Part.EXCLUDED);
        return true;
      }
    }
    return false;
  }
}
