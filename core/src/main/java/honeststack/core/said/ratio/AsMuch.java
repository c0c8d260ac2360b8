package honeststack.core.said.ratio;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.part.Rescaled;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;

/**
 * An amount that a sentence says by another sentence's: "As much sugar as flour.", "Then half as
 * much water as milk.", "The same amount of oats as flour."
 */
public final class AsMuch {
  private static final Sought HEAD =
      Sought.of(
          "(?:(?:then|and|plus|with|also|i|we|use|used|take|took|add|added|put in|put|there's|it has|about|roughly|exactly|just|,) ?)*"
              + ("(?:" + Relative.TIMES_OVER + " )?")
              + "(?:as (?:much|many)|(?:the )?same(?: amount| weight| quantity)?(?: of)?|an equal (?:amount|weight|quantity) of)");

  private static final Sought BETWEEN = Sought.of("as(?: of)?(?: the)?(?: there(?:'s| is|was))?");

  private static final Sought END = Sought.of("(?:(?:too|as well|again|in it) ?)*[ .!]*");

  private AsMuch() {}

  /** Writes the amount, where the sentence says nothing else. */
  public static void by(List<Clause> read, Clause clause) {
    List<Element> foods = clause.elements.stream().filter(Element::isFood).toList();
    int food = foods.size() == 2 ? clause.elements.indexOf(foods.get(0)) : -1;
    int base = foods.size() == 2 ? clause.elements.indexOf(foods.get(1)) : -1;
    if (food < 0 || clause.mentions.stream().anyMatch(Mention::isMeasured)) {
      return;
    }
    Matcher head = HEAD.matcher(clause.words(0, food));
    boolean said =
        head.matches()
            && BETWEEN.isAll(clause.words(food + 1, base))
            && END.isAll(clause.words(base + 1, clause.size()));
    if (!said) {
      return;
    }
    double factor = Relative.factor(head);
    boolean weight = clause.words(0, food).contains("weight");
    Optional<String> amount =
        Rescaled.before(read, clause.get(base)).flatMap(m -> Relative.times(m, factor, weight));
    Optional<Mention> own =
        clause.mentions.stream().filter(m -> m.food == clause.get(food)).findFirst();
    if (amount.isPresent() && own.isPresent()) {
      own.get().amountText = amount.get();
      own.get().restated = true;
      clause.mentions.removeIf(mention -> mention.food == clause.get(base));
      clause.elements.stream()
          .filter(element -> element != clause.get(food))
          .forEach(element -> element.part = Part.NOTE);
      clause.loose.clear();
    }
  }
}
