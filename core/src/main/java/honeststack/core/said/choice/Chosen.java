package honeststack.core.said.choice;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.part.Spent;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/**
 * Of a range the number that was taken: "2-3 eggs, I used 3", "180 to 220 g flour, it took 200", "2
 * to 3 eggs (3 today)".
 */
public final class Chosen {
  private static final String TOOK =
      "(?:i|we|it|mine|that|this)(?:'s|'ve| have)? ?(?:(?:only|just|always|usually|ended up|actually|then|now) )*"
          + "(?:used|use|took|take|takes|went (?:for|with)|go (?:for|with)|needed|needs?|stopped at|put(?: in)?|added|chose|had|made it|settled on|wound up with|ended up with|was|were|is)";

  private static final String CUE =
      "(?:took|used|went for|settled on|"
          + TOOK
          + "|today|tonight|this time|here|now|call it|say|so|in (?:my|our) case|for me|mine|until it's right|:)";

  private static final String AFTER =
      "(?:today|tonight|this time|here|in (?:my|our) case|for me|was (?:right|enough|plenty|fine|perfect)|did it|it was)";

  private static final String RANGE = "(?<range># )(?:of )?(?<food>@ )";

  private static final String NAME_FIRST = "(?<food>@ ),? ?(?:somewhere )?(?<range># )";

  private static final String FILL = "(?:[^#@,.;]* ?[,;–-] )?";

  private static final List<String> ONE =
      List.of(
          "[,;:–-]? ?(?:and |but |"
              + FILL
              + ")"
              + CUE
              + " (?:about |exactly |only )?(?<one># )(?!(?:of )?@)",
          "[,;:–-] " + FILL + "(?<one># )" + AFTER + "\\b");

  private static final List<Sought> SAID =
      List.of(RANGE, NAME_FIRST).stream()
          .flatMap(range -> ONE.stream().map(one -> Sought.of(range + one)))
          .toList();

  /** In a sentence of its own, or in brackets. */
  private static final Sought ALONE =
      Sought.of(
          "(?:(?:and|but|so|:) )*(?:"
              + CUE
              + " )?(?:about |exactly )?(?<one># )(?:(?:,|"
              + AFTER
              + "|"
              + "it is|though) ?)*[ .!]*");

  /** "3 eggs though 2 would do": what would do was not taken. */
  private static final Sought WOULD =
      Sought.of(
          "(?:,|but|though|although|or|–|-|;) ?(?<less># )(?:is|are|would be|would|will|can|might|may|should)(?: probably| also)? ?(?:enough|fine|do|ok|okay|plenty|work|be enough|be fine)\\b");

  private Chosen() {}

  public static void in(Clause clause) {
    Optional<Shape> shape = clause.hasFood() ? Shape.of(clause, 2) : Optional.empty();
    if (shape.isEmpty()) {
      return;
    }
    shape.get().each(WOULD).forEach(found -> would(clause, found));
    for (Sought form : SAID) {
      for (Shape.Found found : shape.get().each(form)) {
        Element range = clause.get(found.at("range"));
        Element one = clause.get(found.at("one"));
        if (range.isFree() && one.isFree() && isOf(range, one)) {
          int last = Math.max(found.at("food"), found.at("range"));
          found.note(last + 1);
          range.instead = one.textLike(range);
          range.corrects = found.at("food") < found.at("range");
        }
      }
    }
  }

  private static void would(Clause clause, Shape.Found found) {
    int less = found.at("less");
    int told = less - 1;
    while (told >= 0 && !clause.isStrong(told)) {
      told--;
    }
    boolean fewer =
        told >= 0
            && clause.get(less).isCount()
            && clause.get(less).measure().amount() < clause.get(told).measure().amount();
    if (fewer && (clause.isFood(less - 2) || clause.isFood(less - 1))) {
      found.take(Part.NOTE);
    }
  }

  private static boolean isOf(Element range, Element one) {
    double middle = range.measure().amount();
    double half = range.measure().halfRange();
    double said = one.measure().amount();
    boolean unit = one.isCount() || one.measure().unit() == range.measure().unit();
    return half > 0
        && unit
        && range.instead == null
        && said >= middle - half
        && said <= middle + half;
  }

  /** "2-3 eggs. Three, in my case.": whether the sentence says nothing else. */
  public static boolean by(List<Clause> read, Clause clause) {
    Optional<Mention> last = read.isEmpty() ? Optional.empty() : Spent.last(read);
    return last.isPresent() && take(last.get(), clause);
  }

  /** "2 to 3 eggs (3 today)". */
  public static boolean take(Mention mention, Clause said) {
    if (mention.amount == null || said.mentions.size() > 1 || !said.hasAmount()) {
      return false;
    }
    Optional<Shape.Found> one = Shape.read(said).flatMap(shape -> shape.whole(ALONE));
    if (one.isEmpty() || !isOf(mention.amount, said.get(one.get().at("one")))) {
      return false;
    }
    mention.amountText = said.get(one.get().at("one")).textLike(mention.amount);
    mention.restated = true;
    said.passOver();
    return true;
  }
}
