package honeststack.core.said.corrected;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.part.Rescaled;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/**
 * "She adds 400 ml of milk; I do the same but with 300 ml milk and 100 ml water": what was told
 * before holds, with these amounts in place of the old ones of the same foods, and with what is
 * new.
 */
public final class SameBut {
  private static final String NEARLY =
      "(?:(?:exactly|just|pretty much|nearly|almost|more or less|basically|all) )?";

  private static final String WHERE =
      "(?:(?:for me|for us|here|too|as well|myself|ourselves|at home|today|tonight|this time|now) )?";

  private static final Sought SAID =
      Sought.of(
          "(?:(?:and|so|but|well|today|tonight|this time|now|me|,|–|-) )*"
              + "(?:(?:(?:(?:i|we)(?:'ve| have)?|i've|we've) (?:always |usually |now )?(?:do|did|done|make|made|use|used|take|took|cook|cooked) (?:it )?"
              + "|(?:mine|ours|this one|this|it) (?:is|was) |(?:mine|ours|it|this one)'s |(?:it's|that's) )"
              + NEARLY
              + "(?:the )?same (?:(?:thing|way|recipe|batter|one|as (?:that|her|him|them)) )?"
              + WHERE
              + "|(?:the )?same (?:again )?(?:for me|for us|today|tonight|this time) )"
              + "(?:[,;:–—-] )?(?:but|except|only|just|but only|though)"
              + "(?: (?:with|using|it's|that|(?:i|we) (?:use|used|take|took|put|put in|have|had)))* "
              + "(?:(?:# (?:of )?(?:[a-z-]+ )?|(?:no|without|minus|leave out) (?:the |any )?)@ (?:(?:,|and|plus|with|but) )*)+(?:(?:instead|in it|too) )?[.! ]*");

  private SameBut() {}

  /** Whether words say so that are in no sentence yet. */
  public static boolean isSaid(List<Element> elements) {
    return SAID.isAll(Shape.signs(elements));
  }

  /** Whether the sentence says so. */
  public static boolean by(List<Clause> read, Clause clause, Shape shape) {
    boolean said = !read.isEmpty() && !clause.mentions.isEmpty() && shape.whole(SAID).isPresent();
    if (!said || clause.mentions.stream().anyMatch(now -> isOfUnit(read, now))) {
      return false;
    }
    clause.mentions.forEach(now -> replace(read, now));
    clause.elements.stream()
        .filter(element -> element.isFood() && element.part == Part.EXCLUDED)
        .forEach(food -> takeOut(read, food));
    return true;
  }

  /** "but only five of flour", where tablespoons were told. */
  private static boolean isOfUnit(List<Clause> read, Mention now) {
    return now.amount != null
        && now.food != null
        && now.amount.isCount()
        && Rescaled.before(read, now.food)
            .filter(old -> old.amount != null && !old.amount.isCount())
            .isPresent();
  }

  private static void replace(List<Clause> read, Mention now) {
    if (now.food != null) {
      takeOut(read, now.food)
          .ifPresent(
              old -> {
                now.place = old.place;
                now.placed = old.placed;
              });
    }
  }

  /** The last amount of a food. */
  private static Optional<Mention> takeOut(List<Clause> read, Element food) {
    Optional<Mention> last = Rescaled.before(read, food);
    last.ifPresent(
        old -> {
          old.mark(Part.EXCLUDED);
          read.forEach(clause -> clause.mentions.remove(old));
        });
    return last;
  }
}
