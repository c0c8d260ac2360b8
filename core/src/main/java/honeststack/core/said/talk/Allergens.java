package honeststack.core.said.talk;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;

/** What a label says that is in it: "Allergens: wheat (gluten), egg, milk". It measures nothing. */
public final class Allergens {
  private static final Remembered SAYS =
      Remembered.whole(
          "allergens? ?:?|contains ?:?|contains (?:gluten|nuts|dairy|wheat|soya?|sesame|traces of)"
              + "|may contain(?: traces of)?|traces of|allergy advice ?:?|allergen info\\w* ?:?");

  /** "Made in a kitchen that also handles peanuts", "…, so traces are possible". */
  private static final Sought ELSEWHERE =
      Sought.of(
          "\\btraces? (?:of|are|is|may|might|possible|can(?:not|'t)?)\\b|\\b(?:kitchen|bakery|factory|facility|premises|site|"
              + "equipment|line|unit) (?:(?:that|which|where|also) (?:(?:also|we|i|they) )*"
              + "(?:handles?|uses?|process(?:es)?|stores?|contains?|works? with)|handles?|process(?:es)?)\\b|\\bwhere (?:[\\p{L},]+ )+(?:is|are) (?:also )?(?:handled|used|processed|stored)\\b");

  private Allergens() {}

  /** "Contains: milk, egg". */
  public static boolean begin(Element first) {
    return first.says(SAYS);
  }

  public static void in(Clause clause) {
    int from = 0;
    while (clause.has(from) && !clause.says(from, SAYS)) {
      from++;
    }
    boolean elsewhere = !clause.has(from) && ELSEWHERE.isIn(clause.words(0, clause.size()));
    from = elsewhere ? 0 : from;
    if (!clause.has(from)) {
      return;
    }
    boolean measured =
        clause.elements.subList(from, clause.size()).stream()
            .anyMatch(element -> element.isAmount() && !element.isWeak());
    if (measured) {
      return;
    }
    clause.take(from, clause.size(), Part.ASIDE);
    int start = clause.get(from).start();
    for (Clause.Aside aside : clause.asides) {
      if (aside.after() >= start) {
        aside.clause().mentions.clear();
        aside.clause().elements.forEach(element -> element.part = Part.ASIDE);
      }
    }
  }
}
