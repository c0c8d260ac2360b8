package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;

/**
 * Of which a part stays out: "4 eggs, throw the yolks away" are four whites, "zest of 1 lemon, the
 * juice I keep", "banana, 160 g in its skin, 105 g without".
 */
final class PartsLeft {
  private static final String NUMBER = Numerals.ANY;

  private static final String EGGS =
      "\\b"
          + NUMBER
          + "((?: (?:large|medium|small|big|whole|fresh|free[- ]range|organic|duck|goose))?) eggs?\\b";

  private static final String MARK = "(?: ?[,;:–(-]| but| and| with| then| i| we| just)*";

  private static final String THE = "(?: (?:all )?(?:of )?(?:the|their|its|both|any|my))?";

  private static final String PART = " (?:egg )?(yolk|white)s?\\b";

  /** For a while: then nothing more is said of the other part. */
  private static final String ASIDE = " (?:aside|off|back)(?![^\\n]{0,200}\\b(?:yolk|white)s?\\b)";

  private static final String AWAY =
      "(?:"
          + ASIDE
          + "| (?:away|out|in the (?:bin|fridge|freezer)|for (?:later|tomorrow|another (?:day|time)|something else)|to the (?:dog|cat|hens)))";

  private static final String THROW =
      "(?:leave|leaving|left|throw|throwing|threw|chuck|chucked|put|set|keep|kept|save|saved|take|took|give|gave|feed|fed|tip|tipped|pour)";

  private static final String DROP =
      "(?:no|minus|without|less|not|bin|binned|discard|discarding|discarded|ditch|toss|tossed|lose|omit|skip|hold|remove|removed)";

  private static final String END = "(?= ?[).,;:\\n–-]| and | plus | with |$)";

  /** "4 eggs but no yolks", "3 eggs (discard the yolks)". */
  private static final Sought DROPPED =
      said(EGGS + MARK + " ?" + DROP + THE + PART + "(?: out| away)?(?: ?\\))?" + END);

  /** "4 eggs, leave the yolks out". */
  private static final Sought THROWN =
      said(EGGS + MARK + " ?" + THROW + THE + PART + AWAY + "(?: ?\\))?" + END);

  /** "Four eggs, whites left out." */
  private static final Sought STAY_OUT =
      said(
          EGGS
              + MARK
              + THE
              + " ?(?:egg )?(yolk|white)s?\\b"
              + " (?:(?:are |get |to be |being )?(?:left out|thrown away|thrown out|discarded|binned|removed|not used|omitted|taken out)"
              + "|(?:stay|go|are kept|are) out|(?:aren't|are not|don't go|do not go) in|not included|excluded)(?: ?\\))?"
              + END);

  /** "3 eggs, yolks for tomorrow's custard so only the whites go in". */
  private static final Sought OTHERS =
      said(
          EGGS
              + " ?[,;:–(-]"
              + THE
              + PART
              + "s?(?! (?:and|only|beaten|in)\\b)[^.;\\n\\d]{0,20}?\\b(?:for|kept|keep|saved|save|freeze|frozen|bin|binned|left|to the)\\b[^.;\\n\\d]{0,40}?[ ,](?:so|and|but) (?:i )?(?:only|just|it's)(?: use| need| just| only)?(?: the)? (?:egg )?(yolk|white)s?(?: (?:go|goes|here|now|are used|get used))?(?: in)?\\)?"
              + END);

  /** "separate 3 eggs, I only need the yolks". */
  private static final Sought NEEDED =
      said(
          "\\b(?:separate|split|part) "
              + EGGS
              + "(?: ?[,;:.–-]| and| but| then| i| we| you| you'll)* (?:only|just)? ?(?:use|need|want|keep|take)(?: only| just)?"
              + THE
              + PART
              + "(?: only| here| now)?(?![^\\n]{0,200}\\b(?:yolk|white)s?\\b)"
              + END);

  /** "2 eggs, though he only gets the yolks". */
  private static final Sought ONLY =
      said(
          EGGS
              + MARK
              + "(?: ?(?:though|of which|from which|he|she|you|we|they|i))* (?:only|just) (?:gets?|eats?|has|have|uses?|takes?|needs?|wants?)"
              + THE
              + PART
              + END);

  /** "five eggs, discard 2 yolks": three, and two whites. */
  private static final Sought SOME =
      said(
          EGGS
              + MARK
              + " ?(?:(?:"
              + DROP
              + ") "
              + NUMBER
              + "(?: of the)?"
              + PART
              + "|"
              + THROW
              + " "
              + NUMBER
              + "(?: of the)?"
              + PART
              + AWAY
              + "|"
              + NUMBER
              + " (?:of (?:them|those|these) )?(?:without|minus|with no|but not)"
              + THE
              + PART
              + ")(?: ?\\))?"
              + END);

  /** "2 whole eggs plus 2 more without yolk". */
  private static final Sought MORE =
      said(
          "(?<=\\beggs?[ ,]{1,2}(?:(?:and|plus|\\+) )?)"
              + NUMBER
              + " (?:more|others?|extra)(?: ones?)? (?:without|minus|less|but no|with no)(?: the(?:ir)?)? (yolk|white)s?"
              + END);

  /** "2 eggs' worth of whites". */
  private static final Sought WORTH =
      said("\\b" + NUMBER + " eggs?['’]?s?['’]? worth of (?:the )?(?:egg )?(yolks?|whites?)\\b");

  /** "whites of 3 eggs, the yolks go to the dog". */
  private static final Sought GONE =
      said(
          "(?<=\\b(?:yolks?|whites?) (?:of|from) (?:\\w{1,6} )?eggs?(?: goes in| go in| only)?) ?[,;(–-] ?(?:and |but )?(?:the )?(?:yolks?|whites?)(?: can| will)?(?: (?:doesn't|don't|stays? out|isn't|aren't)(?: go in| used| in)?(?= ?[).,;\\n]|$)| (?:go|goes|went|are|is|stay|wait|saved|kept|left|get)?(?:"
              + AWAY
              + "|\\b(?:saved|kept|used) (?:for|up in) [a-z' ]{3,25}))\\)?"
              + "(?= ?[).,;\\n]|$)");

  private static final String LEFT =
      "(?:(?:(?:i|we) |i'll )?(?:keep|kept|save|saved|drink|drank|freeze|froze|bin|binned|use elsewhere)"
          + "|(?:gets?|is|was|are|goes|go) (?:drunk|saved|kept|frozen|binned|thrown away|not used|left over|elsewhere|for [a-z]+ [a-z]+|in (?:the|my) [a-z]+)"
          + "|(?:doesn't|does not|stays out|stay out)|for (?:another (?:day|time)|later|tomorrow|something else|(?:the |my )?(?:cake|tea|drinks?|dressing)))";

  /** "zest of 1 lemon, the juice I keep". */
  private static final Sought KEPT =
      said(
          "(?<=\\b(?:zest|juice|lemons?|limes?|oranges?|grapefruits?)\\b[^.;\\n]{0,30}) ?[,;(–-] ?(?:and |but )?(?:"
              + "(?:the |its |their )?(?:juice|zest|peel|rind)(?: doesn't(?: go in)?| "
              + LEFT
              + ")(?: for [a-z' ]{3,25})?|(?:keep|save|saving|keeping|freeze|drink|bin) (?:the|its|their) (?:juice|zest|peel|rind)(?: back)?(?: for [a-z' ]{3,25})?)\\)?"
              + "(?= ?(?:[.,;\\n]|$))");

  private static final String WEIGHT = "(\\d+(?:[.,]\\d+)? ?(?:g|kg|oz|lb))";

  /** "the zest of a lemon and half its juice" */
  private static final Sought HALF_JUICE =
      said(
          "\\b(?:the )?zest of (?:an?|one|1) (lemon|orange|lime),? and half (?:its|the|of its|of the) juice\\b");

  /** "half the lemon's juice" */
  private static final Sought HALF_OF =
      said("\\bhalf (?:the|of the) (lemon|orange|lime)['’]s juice\\b");

  /** "banana, 160 g in its skin, 105 g without". */
  private static final Sought WITHOUT =
      said(
          "\\b"
              + WEIGHT
              + " (?:with (?:(?:its|the|their) )?(?:stalks?|skins?|peel|shells?|stones?|bones?|core|rind|pods?|stems?|leaves)(?: on)?|whole|unpeeled|gross|untrimmed"
              + "|in (?:(?:its|the|their) )?(?:skins?|shells?|pods?|peel|husks?)|before (?:the )?(?:\\p{L}{3,12} (?:came|come|are|is|was) off|(?:peel|trimm|clean|shell|cor|pod|ston|hull|skinn|squeez|drain|press|wring)ing(?: out)?))"
              + "(?:,|;| –| -)?(?: and| so| but| which is| that's| or)? "
              + WEIGHT.replace(" ?(?:g|kg|oz|lb))", "(?: ?(?:g|kg|oz|lb))?)")
              + " (?:without(?: (?:it|them|the [a-z]+))?|peeled(?: and [a-z]+)?|(?:once |when )?(?:squeezed|drained|pressed|wrung)(?: out)?|after(?:wards)?(?: that)?|off the bone|net|shelled|trimmed|cored|stoned|podded|of flesh)"
              + "(?= ?(?:[.,;)\\n]|$| and ))");

  /** "200 g, 130 g once squeezed". */
  private static final Sought ONCE =
      said(
          "\\b"
              + WEIGHT
              + "(?:,|;| –| -)?(?: and| so| but| which is| that's)? "
              + WEIGHT
              + " (?:once|when|after being) (?:squeezed|drained|pressed|peeled|trimmed|cored|stoned|wrung|pitted|shelled)(?: out| dry)?"
              + "(?= ?(?:[.,;)\\n]|$| and ))");

  /** "two eggs plus an extra white". */
  private static final Sought EXTRA =
      said("(?<=\\beggs?,? (?:plus|and|\\+|with) )(?:an|one) extra (white|yolk)\\b");

  private static final String ONLY_THE = "(?: (?:just|only|as))*(?: the)?(?: egg)? (white|yolk)s?";

  private static final String OF_THEM = "(?: (?:of (?:them|which|those|these)|others?))?";

  /** "6 eggs: 4 whole, 2 just the whites". */
  private static final Sought SOME_WHOLE =
      said(
          EGGS
              + "(?: ?[,:;(–—-])?(?: of (?:them|which|those),?)? ?"
              + NUMBER
              + OF_THEM
              + " whole(?: ones| eggs)?(?: ?[,;&–-])?(?: (?:and|plus|with|from|of))* ?"
              + NUMBER
              + OF_THEM
              + ONLY_THE
              + "(?: only| alone)?\\)?"
              + END);

  /** "3 eggs, one of them just the yolk", "3 eggs, of two just the whites". */
  private static final Sought OF_SOME =
      said(
          EGGS
              + " ?[,:;(–—-] ?(?:but )?(?:"
              + NUMBER
              + " (?:of (?:them|those|these)|as)|(?:of|from) "
              + NUMBER
              + "(?: of (?:them|those))?)"
              + "(?: (?:just|only))(?: the)?(?: egg)? (white|yolk)s?\\)?"
              + END);

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(
              HALF_JUICE,
              at -> "zest of 1 " + at.group(1) + ", juice of ½ " + at.group(1),
              "its juice",
              "the juice"),
          Repair.of(HALF_OF, at -> "juice of ½ " + at.group(1), "s juice"),
          Repair.of(EXTRA, at -> "1 egg " + at.group(1), "extra "),
          Repair.of(SOME_WHOLE, PartsLeft::someWhole, "whole"),
          Repair.of(OF_SOME, PartsLeft::ofSome, "just", "only"),
          Repair.of(SOME, PartsLeft::some, "yolk", "white"),
          Repair.of(DROPPED, at -> parts(at, 1, other(at.group(3))), "yolk", "white"),
          Repair.of(THROWN, at -> parts(at, 1, other(at.group(3))), "yolk", "white"),
          Repair.of(STAY_OUT, at -> parts(at, 1, other(at.group(3))), "yolk", "white"),
          Repair.of(WORTH, at -> at.group(1) + " egg " + at.group(2), "worth of "),
          Repair.of(OTHERS, PartsLeft::named, "yolk", "white"),
          Repair.of(ONLY, at -> parts(at, 1, at.group(3)), "yolk", "white"),
          Repair.of(NEEDED, at -> parts(at, 1, at.group(3)), "yolk", "white"),
          Repair.of(MORE, at -> at.group(1) + " egg " + other(at.group(2)) + "s", "yolk", "white"),
          Repair.as(GONE, "", "yolk", "white"),
          Repair.as(KEPT, "", "juice", "zest", "peel", "rind"),
          Repair.of(ONCE, at -> at.group(2), "once", "when", "after being"),
          Repair.of(
              WITHOUT,
              PartsLeft::net,
              " with",
              "peeled",
              " after",
              "off the bone",
              " net",
              "shelled",
              "trimmed",
              "cored",
              "stoned",
              "podded",
              "of flesh"));

  private PartsLeft() {}

  /** In the unit of the whole where no other is said: "200 g before squeezing and 130 after". */
  private static String net(MatchResult at) {
    String net = at.group(2);
    boolean bare = Character.isDigit(net.charAt(net.length() - 1));
    return bare ? net + at.group(1).replaceFirst("^[\\d.,]+", "") : net;
  }

  private static String other(String part) {
    return part.equalsIgnoreCase("yolk") ? "white" : "yolk";
  }

  private static String parts(MatchResult at, int number, String part) {
    String kind = at.group(2).toLowerCase(Locale.ROOT).replace(" whole", "");
    return at.group(number) + kind + " egg " + part.toLowerCase(Locale.ROOT) + "s";
  }

  /** Those that go in, unless both are the same: then it says nothing of the others. */
  private static String named(MatchResult at) {
    boolean same = at.group(3).equalsIgnoreCase(at.group(4));
    return same ? at.group() : parts(at, 1, at.group(4));
  }

  /** Only where they are all that were said. */
  private static String someWhole(MatchResult at) {
    int whole = Numerals.of(at.group(3));
    int parts = Numerals.of(at.group(4));
    boolean all = Numerals.of(at.group(1)) == whole + parts;
    return all ? whole + at.group(2) + " eggs, " + parts + " egg " + at.group(5) + "s" : at.group();
  }

  private static String ofSome(MatchResult at) {
    int all = Numerals.of(at.group(1));
    int parts = Numerals.of(at.group(3) == null ? at.group(4) : at.group(3));
    return parts <= 0 || parts >= all
        ? at.group()
        : all - parts + at.group(2) + " eggs, " + parts + " egg " + at.group(5) + "s";
  }

  private static String some(MatchResult at) {
    int said = at.group(3) != null ? 3 : at.group(5) != null ? 5 : 7;
    int all = Numerals.of(at.group(1));
    int some = Numerals.of(at.group(said));
    String part = other(at.group(said + 1));
    return some <= 0 || some >= all
        ? at.group()
        : all - some + at.group(2) + " eggs, " + some + " egg " + part + "s";
  }
}
