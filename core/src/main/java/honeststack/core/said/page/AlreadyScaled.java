package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;

/**
 * What is said of how often a list was made where its amounts are those that were taken: "We double
 * this: 400 g flour, 4 eggs. That already is the doubled amount."
 */
final class AlreadyScaled {
  private static final String SCALED = "(?:doubled?|halved?|tripled?|quadrupled?|scaled)";

  private static final Sought ALREADY =
      said(
          "(?:[.;,\\n] ?|\\()(?:and )?(?:(?:that|those|these|this|it|they)(?:'s|'re| is| are| was| were)?(?: all)?(?: already)?(?: is| are)?(?: already)?(?: the)? )"
              + SCALED
              + "(?: (?:amounts?|quantit(?:y|ies)|version|batch|recipe|one|already))?\\)?(?=[.;)\\n]|$)"
              + "|[.;,] ?(?:and )?that's (?:already )?(?:with|after|including) the (?:doubling|halving|tripling)(?=[.;)\\n]|$)");

  /** With which a list begins. */
  private static final Sought LEAD =
      said(
          "(?<=^|[.\\n] |\\n)(?:(?:so|and|today|here|always|usually) )*(?:(?:i|we)(?:'ve)? (?:always |usually |just )?)?(?:double|doubled|halve|halved|triple|tripled)"
              + " (?:this|it|the recipe|everything|the batch|the lot)(?: (?:at|for|in|when) [a-z' ]{3,20}?)?(?=[:,])");

  private AlreadyScaled() {}

  /** A text without both, as long as before. */
  static String plain(String text) {
    if (!ALREADY.isIn(text) || !LEAD.isIn(text)) {
      return text;
    }
    String plain = LEAD.replaced(text, at -> " ".repeat(at.group().length()));
    return ALREADY.replaced(
        plain,
        at ->
            at.group().charAt(0) == '('
                ? " ".repeat(at.group().length())
                : "." + " ".repeat(at.group().length() - 1));
  }
}
