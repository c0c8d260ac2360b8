package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;

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

  /** "I tripled the usual, which is 200 g flour …", "half quantities today: the card says …". */
  private static final Sought OF_A_LIST =
      said(
          "(?<=^|[.!;:\\n] ?)((?:(?:i|we)(?:'ve)? (?:just |always )?)?(?:doubled|tripled|halved|quadrupled)"
              + " (?:(?:the|my|our|her|his|their|that) |\\p{L}+['’]s )(?:\\p{L}+ ){0,2}?(?:recipe|usual|usual amounts?|amounts?|quantities|card|batch|version)"
              + "|(?:at )?(?:twice|half|double|triple)(?: the| my)?(?: (?:normal|usual|standard))? (?:amounts?|quantities|quantity|measures)(?: today| this time)?)"
              + "(?:(?:,|;| –|:)? (?:which|that) (?:is|was|says)|, that's|,? (?:the )?(?:normal|usual|normally|usually)(?: (?:being|is|was))?|, it's|,? being|:? (?:the|my|her) (?:card|book|recipe|box) (?:says|is))"
              + "(?=:? (?:\\d|[½¼¾]|an? |one |two |half ))");

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(
              OF_A_LIST,
              at -> times(at) + " my usual recipe:",
              "doubl",
              "tripl",
              "hal",
              "quadrupl",
              "twice"));

  private AlreadyScaled() {}

  private static String times(MatchResult at) {
    String said = at.group(1).toLowerCase(Locale.ROOT);
    return said.contains("hal")
        ? "half of"
        : said.contains("tripl") ? "3 times" : said.contains("quadr") ? "4 times" : "2 times";
  }

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
