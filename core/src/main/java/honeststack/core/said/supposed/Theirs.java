package honeststack.core.said.supposed;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.part.PartlyOther;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.People;
import honeststack.core.said.words.Sought;
import java.util.List;

/**
 * What somebody else takes, beside what counts: "200 g flour and 2 eggs; hers has 3 eggs", "Mum
 * uses 2 eggs, I use 3".
 */
public final class Theirs {
  private static final String WHOSE =
      "(?:hers|his|theirs|yours|"
          + People.NAMED
          + "'s|(?:your|her|his|their|the original|the old) (?:recipe|version|one)|(?:my|our|her|his|the) "
          + People.KIN
          + "'s(?: one| version)?"
          + "|the (?:book|original|packet|box|old one|other one|blog)'s)";

  /** "hers has 3 eggs": of a food that is measured for the own one. */
  private static final Sought HAS =
      Sought.of(
          "(?:^|[,;–—-] |\\b(?:and|but|while|whereas) )(?<their>"
              + WHOSE
              + " (?:(?:has|have|had|takes|took|uses|used|was|is|:) )+(?:only |just )?# (?:of )?@ )");

  /** "…; the book has 3 eggs": only behind the own ones. */
  private static final Sought BOOK =
      Sought.of(
          "@ [^#@]*[,;–—-] (?:but |while |and |whereas )?(?<their>the (?:book|packet|box|card|blog|original)"
              + " (?:has|had|says|said|wants) (?:only |just )?# (?:of )?@ )");

  private static final Sought MINE =
      Sought.of(
          "\\b(?:uses|takes|puts(?: in)?|has|likes|does|wants) (?<their># )(?:of )?@ [,;–—-]? ?(?:but |and |while |whereas |though )?"
              + "(?:i|we) (?:(?:only|just|always|usually|would|now|myself) )*(?:use|take|put|have|do|go for|prefer|like|go with)(?: in)? (?<own># )(?:[.,;!]|$)");

  /**
   * "The book wants 250 g flour and I give it 200", "mum's has 3 tbsp of sugar, mine just the one".
   */
  private static final Sought MINE_BEHIND =
      Sought.of(
          "\\b(?:uses?|takes?|puts?|has|have|likes?|does|wants?|calls for|asks for|says) (?:in )?(?<their># )(?:of )?@ (?:in )?"
              + "[,;–—-]? ?(?:but |and |while |whereas |though )?(?:mine|me|i|ours|we|my one)(?:,| -| –|:)?"
              + "(?: (?:only|just|always|usually|now|has|have|got|gets?|gives? it|gave it|takes?|use|needs?|put|puts|in|do|does|make do with|with))*"
              + " (?:the )?(?<own># |one )(?:[.,;!]|$)");

  /** Of a sentence of its own. */
  private static final Sought START =
      Sought.of(
          "(?:(?:and|but|while|whereas) )?(?:"
              + WHOSE
              + "|the (?:book|packet|box|card|blog|original)) (?:has|have|had|takes|took|uses|used|was|is|:) ");

  private Theirs() {}

  public static void in(Clause clause) {
    Shape.in(clause, 2, HAS).ifPresent(found -> leaveOut(clause, found));
    Shape.in(clause, 2, BOOK).ifPresent(found -> leaveOut(clause, found));
    Shape.in(clause, 2, MINE)
        .or(() -> Shape.in(clause, 1, MINE_BEHIND))
        .ifPresent(found -> own(clause, found));
  }

  /**
   * In a sentence of its own, behind the food: "Hers has 3 eggs.", "Yours has only 25 g."
   *
   * @return whether the sentence says nothing else
   */
  public static boolean goOn(List<Clause> read, Clause clause) {
    boolean theirs = !read.isEmpty() && START.begins(clause.words(0, clause.size()));
    if (!theirs || !clause.mentions.stream().allMatch(m -> measures(read, m))) {
      return false;
    }
    boolean bare = clause.mentions.isEmpty();
    if (bare && clause.elements.stream().filter(Element::isAmount).count() != 1) {
      return false;
    }
    clause.mentions.forEach(mention -> mention.mark(Part.EXCLUDED));
    clause.mentions.clear();
    clause.passOverAmounts();
    return true;
  }

  private static boolean measures(List<Clause> read, Mention said) {
    return read.stream()
        .flatMap(clause -> clause.mentions.stream())
        .anyMatch(
            m ->
                m.isMeasured()
                    && m.food != null
                    && said.food != null
                    && m.food.isSameFood(said.food));
  }

  private static void leaveOut(Clause clause, Shape.Found found) {
    int from = found.at("their");
    int to = found.end();
    Element food = clause.get(to - 1);
    boolean own =
        clause.elements.stream()
            .anyMatch(e -> e != food && e.isFood() && e.isFree() && e.isSameFood(food));
    if (own) {
      clause.take(from, to, Part.EXCLUDED);
    }
  }

  private static void own(Clause clause, Shape.Found found) {
    Element their = clause.get(found.at("their"));
    int at = found.at("own");
    if (!clause.get(at).isAmount()) { // "just the one"
      clause.join(at, at + 1, their, PartlyOther.written(their, 1));
    }
    Element own = clause.get(at);
    boolean alike = own.isCount() || own.measure().unit() == their.measure().unit();
    if (alike) {
      own.takeUnit(their);
      own.corrects = true;
      their.part = Part.EXCLUDED;
    }
  }
}
