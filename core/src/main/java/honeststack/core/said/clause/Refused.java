package honeststack.core.said.clause;

import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;

/**
 * A food that somebody names and then does not put in: "it says 1 tsp salt but I leave that out",
 * "baking powder – I don't bother", "Mum's has 20 g sugar, mine doesn't", "Vanilla? I skip it."
 */
public final class Refused {
  private static final String WHO = "(?:i|we|she|he|they)(?: have|'ve)?";

  private static final String HOW =
      "(?: (?:always|usually|just|never|now|simply|tend to|still|then|myself|generally))*";

  private static final String IT = " (?:it|that|them|this|those|both|these)";

  /** Nothing follows that makes something else of it: no "leave it out to soften". */
  private static final String END =
      "(?: (?:today|now|here|myself|either|too|altogether|completely|entirely|at all|any ?more|these days|though|for now"
          + "|(?:in|for|with|from) (?:mine|ours|this|it|me|us|him|her|them)|(?:because|since|as|on) [^#@]*))*"
          + "(?= *$| [.!,;–—)-]| (?:and|but|so) )";

  private static final String NOT =
      "(?:don't|do not|didn't|did not|never|won't|can't|haven't|doesn't|hasn't)";

  private static final String REFUSAL =
      "(?:"
          + (WHO + HOW + " (?:leave|left|leaving|cut|take|took)" + IT + " out")
          + ("|" + WHO + HOW + " left it(?! (?:in|at|on|to)\\b)")
          + ("|"
              + WHO
              + HOW
              + " (?:skip|skipped|omit|omitted|drop|dropped|ignore|ignored|avoid|left off)"
              + IT)
          + ("|"
              + WHO
              + HOW
              + " "
              + NOT
              + " (?:bother|ever)(?: (?:with|using|adding|to))?(?: (?:it|that|them))?")
          + ("|"
              + WHO
              + HOW
              + " "
              + NOT
              + "(?: (?:use|add|put|take|have|like|want|need|include)(?: (?:it|that|them|any|one))?(?: in)?)?")
          + ("|" + WHO + HOW + " (?:use|put|add|take|have|do)(?: in)? none")
          + "|(?:mine|ours|this one|my version|hers|his)(?: one)? (?:doesn't|don't|does not|hasn't|haven't|hasn't any|has none|have none|has no such thing|is without|goes without)"
          + "(?: (?:have|need|get|take)(?: (?:it|any|that|one))?)?"
          + "|(?:but )?(?:none|not|nothing|no more) (?:in|for|of|with) (?:mine|ours|this|me|us|it|here|that)"
          + "|(?:but )?not (?:today|here|any ?more|now|this time)"
          + "|(?:has |have |'s )?been (?:dropped|left out|skipped|cut|removed|taken out)(?: from (?:mine|ours|this|the recipe))?"
          + ")";

  /** Behind the food; between them are words, and no other food or amount. */
  private static final List<Sought> FORMS =
      List.of(
          Sought.of(
              "(?<food>@) (?:[^#@;:.!?]*?(?:,|;|–|—|-|\\b(?:but|so|and|though|which|only|because)) )?"
                  + REFUSAL
                  + END),
          Sought.of(
              "(?<food>@)(?: |'s |’s )(?:is |was |has |have )?(?:been )?(?:dropped(?! (?:on|in|into|onto|over)\\b)|left off|skipped)"
                  + END));

  private static final Sought ALONE = Sought.of("(?:but |and |so |which )?" + REFUSAL + END + ".*");

  private static final int SHORT = 9;

  private Refused() {}

  /** In the sentence that names it; before amounts and foods are paired. */
  public static void in(Clause clause) {
    Shape.all(clause, 0, FORMS).findFirst().ifPresent(found -> take(clause, found.at("food")));
  }

  private static void take(Clause clause, int food) {
    int amount = clause.isWord(food - 1, "of") ? food - 2 : food - 1;
    int from = clause.isAmount(amount) ? amount : food;
    clause.take(from, food + 1, Part.EXCLUDED);
  }

  /** In a sentence of its own behind the one that names it. */
  public static void goOn(Clause before, Clause clause) {
    boolean said =
        clause.size() <= SHORT
            && !clause.hasFood()
            && clause.mentions.isEmpty()
            && !before.mentions.isEmpty()
            && ALONE.isAll(clause.words(0, clause.size()));
    if (said) {
      Mention last = before.mentions.get(before.mentions.size() - 1);
      last.mark(Part.EXCLUDED);
      before.mentions.remove(last);
    }
  }
}
