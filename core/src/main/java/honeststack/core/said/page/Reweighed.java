package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.MatchResult;

/**
 * An amount that came to be another before it got into the bowl: "300 ml milk, spilled 50", "200 g
 * flour, call it 210", "50 g (old) / 20 g (new)".
 */
final class Reweighed {
  private static final String UNIT = "(?:g|kg|ml|cl|dl|oz|tbsps?|tsps?|cups?|grams?)";

  private static final String AMOUNT = "(\\d+(?:[.,/]\\d+)?(?: ?" + UNIT + "\\b)?)";

  private static final String END = "(?=\\)?[.,;\\n]|\\)?$| and\\b)";

  private static final String ABOUT =
      "(?:about |around |maybe |roughly |some |the |nearly |another )?";

  private static final String MARK = "(?:,|;| –| -| but| and) ?(?:but |and )?";

  private static final Map<String, String> SHARES =
      Map.of(
          "tenth", "10", "fifth", "20", "quarter", "25", "third", "33", "half", "50", "sixth", "17",
          "eighth", "13");

  /** "300 ml milk, spilled about 50". */
  private static final Sought SPILLED =
      said(
          "(?<=\\d ?"
              + UNIT
              + "? [^.,;\\n\\d]{3,25}|\\p{L} \\d{1,4} ?"
              + UNIT
              + ")"
              + MARK
              + "(?:(?:i|we) )?(?:spill(?:ed|t)|lost|poured away|threw away|gave (?:the |my )?\\p{L}{3,8}|ate|drank|nibbled|wasted|tipped out) "
              + ABOUT
              + AMOUNT
              + "(?: (?:of it|on the way|by accident|first|straight off|already|on the floor|down the sink|for (?:her|his|their) \\p{L}{3,8}))*"
              + END);

  /** "5 eggs, cracked one on the floor, so 4". */
  private static final Sought BROKE =
      said(
          "(?<=\\d eggs?|(?:two|three|four|five|six) eggs)"
              + MARK
              + "(?:(?:i|we) )?(?:cracked|dropped|broke|lost|wasted|smashed) (one|two|1|2)(?: of (?:them|those))?(?: on the floor| already)?(?:,? so(?: it was| only|  just)? (?:\\d|one|two|three|four|five))?"
              + END);

  /** "dropped one of the 3 eggs". */
  private static final Sought DROPPED =
      said(
          "\\b(?:(?:i|we) )?(?:cracked|dropped|broke|lost|smashed) (one|two|1|2) of (?:the|my|our) (\\d|two|three|four|five|six) eggs\\b");

  /** How they were weighed. */
  private static final String SHELLED =
      "(?: (?:cracked|shelled|peeled|together|in all|without (?:the |its |their )?(?:shells?|skin|peel)))?";

  private static final String EGGS =
      "(?<=\\b(?:\\d|an|one|two|three|four|five|six) (?:large |big |small |medium )?(?:eggs?|bananas?))";

  private static final String THEY =
      "(?:(each|every)(?: one| of them)?|(?:mine|it|they|together they|together))"
          + "(?: (?:was|were|is|are|weighs?|weighed|came to|come to|comes to))?(?: about| exactly| only)? (\\d{2,3} ?g)"
          + SHELLED;

  /** "2 eggs, together they were 109 g, 200 g flour". */
  private static final Sought THEY_WERE = said(EGGS + ", " + THEY + "(?=[,.;\\n]| and|$)");

  /** "One egg (it was 61 g)". */
  private static final Sought IN_BRACKETS = said(EGGS + " \\(" + THEY + "\\)");

  /** "The egg was 58 g so 58 g flour": two things are said. */
  private static final Sought SO =
      said(
          "(\\b(?:the|my|our|those|both) (?:eggs?|bananas?)(?: first)?,?:? (?:(?:was|were|is|are|weighs?|weighed|came to|come to|comes to) )?(?:about |exactly )?\\d{2,3} ?g"
              + SHELLED
              + ")"
              + "(?:,? (?:and )?so|,? then|,? and|,) (?=(?:(?:i|we|you) )?(?:(?:use|take|add|put in|with) )?(?:also )?(?:as much|the same|\\d))");

  /** "an egg's weight of flour … so 58 g flour": what it came to is told behind. */
  private static final Sought TOLD_BEHIND =
      said(
          "(?:,| and) (?:(?:an?|the|one|two|three) eggs?['’]s?|its|their|the same|equal) weight (?:of|in) ((?:\\p{L}{3,12} )?\\p{L}{3,12})(?=.{1,90}\\bso (?:i took |i used |it was )?(?:about )?\\d+ ?g (?:of )?\\1\\b)");

  /** "an egg's weight of flour": its own. */
  private static final Sought EGGS_WEIGHT =
      said("\\b(?:an|one|two|three) egg(?:['’]s|s['’]) weight (?:of|in) (?=\\p{L})");

  /** "20 g butter for the pan, half was left". */
  private static final Sought HALF_LEFT =
      said(
          "(?<=(?:\\d|spoons?|tbsp)[^.,;\\n]{0,40})"
              + MARK
              + "(?:about )?half(?: of (?:it|that))?(?: (?:was|is|got|stayed))? (?:left|over|left over|unused|remains|remained|stays?(?: behind)?|stayed behind)"
              + "(?: in the (?:pan|skillet))?"
              + END);

  /** "300 ml milk, a tenth more today". */
  private static final Sought SHARE_MORE =
      said(
          "(?<=\\d[^.,;\\n]{3,40})"
              + MARK
              + "(?:about )?(?:a |an |one )?(tenth|fifth|quarter|third|sixth|eighth|half) (?:more|extra)(?: today| this time| of it)?(?=[.,;\\n]|$)");

  /** "200 g flour, call it 210", "(207 on the scale)". */
  private static final Sought CALLED =
      said(
          "(?<=\\d ?"
              + UNIT
              + " [^.,;\\n\\d]{3,25})(?:"
              + MARK
              + "(?:let's )?(?:call|make) it "
              + ABOUT
              + "(\\d{2,4})( ?"
              + UNIT
              + ")?"
              + "|(?: \\(|, )(?:it (?:was|came to|weighed) |the scales? (?:said|says|showed) )?"
              + "(\\d{2,4})( ?(?:g|grams?))?(?: (?:really|actually|in fact|in the end))?(?: (?:on|by) the scales?)?"
              + "(?<=scales?|[a-z] \\d{2,4}(?: ?g)?|actually|in fact|in the end|really)\\))"
              + "(?=[.,;\\n]|$)");

  /** "50 g (old) / 20 g (new)", "old 50 g, new 20 g". */
  private static final Sought OLD_NEW =
      said(
          "(?:\\b(?:old|was):? "
              + AMOUNT
              + "(?:,|;| /| -| –)? ?(?:and )?(?:new|now):? "
              + AMOUNT
              + "|"
              + AMOUNT
              + " \\(?(?:old|before)\\)? ?(?:/|,|;|-|–|→) ?"
              + AMOUNT
              + " \\(?(?:new|now)\\b\\)?)");

  /** "topped up with white flour to 200 g". */
  private static final Sought TOPPED_UP =
      said("\\b(?:topped|filled) up with ((?:\\p{L}{3,12} )?\\p{L}{3,12}) to " + AMOUNT);

  /** "There were 500 g flour in the bag, 300 are left". */
  private static final Sought BAG =
      said(
          "(?:\\bthere (?:was|were) |\\b(?:the )?(?:bag|tub|jar|bottle|carton|box|pack|packet) (?:was|had|held|weighed) )"
              + AMOUNT
              + " (?:of )?(\\p{L}{3,12}(?: \\p{L}{3,12})??)(?: in (?:the|my|our) \\p{L}{3,8})?(?: before)?,?(?: and)?(?: (?:now|then))? "
              + AMOUNT
              + " (?:(?:is|are|was|were) (?:left|in it|still there)|after|now|left)(?: now)?\\b");

  /** "carton of 10 eggs, took 3 of them". */
  private static final Sought OF_THEM =
      said(
          "(?<=\\d{1,2} eggs)(?:,|;| and| –| -) ?(?:(?:i|we) )?(?:took|used|cracked in) (\\d|two|three|four|five|six) of (?:them|those|it)\\b");

  /** "1 sweet potato, roasted and mashed, 180 g of the mash". */
  private static final Sought OF_MASH =
      said(
          "(?= ?[,:;–-]? ?(?:about |gives |gave |that's )?\\d+(?:[.,]\\d+)? ?[a-z]{1,5} of )(?<=\\b(?:roasted|mashed|grated|baked|cooked|boiled|steamed|pur[ée]ed|squeezed|stewed|drained|peeled)) ?[,:;–-]? ?(?:about |gives |gave |that's )?"
              + "(\\d+(?:[.,]\\d+)? ?(?:g|grams|kg|oz)) of (?:it|that|(?:the |that )?(?:mash|pur[ée]e|pulp|flesh|gratings|result))"
              + "(?= ?(?:[.,;)\\n]|$))");

  /** "300 ml milk, 350 if the flour is old": as "or 350 if it's humid". */
  private static final Sought IF_OTHER =
      said(
          "(?=,? (?:but |and )?\\d{1,4}[a-z ]{1,10}\\b(?:if|when) )(?<=\\d ?"
              + UNIT
              + " [^.,;\\n\\d]{3,25}),? (?:but |and )?(\\d{1,4}(?: ?"
              + UNIT
              + ")?) (?:if|when) (?:the|it|it's|my|you|they|your|we|i) [^.,;\\n\\d]{3,40}(?=[.,;\\n]|$)");

  /** "Two mugs of flour and one of milk, that's 300 g of flour …": told again, all of it. */
  private static final Sought CAME_TO =
      said(
          "\\b(\\p{L}{3,14})((?: and |, )[^.;\\n]{3,80}?)(?:,|;| -| –) ?(?:and )?(?:that|this|which)(?:'s| is| was| makes| made| comes to| came to) (?="
              + ABOUT
              + "\\d+ ?(?:g|grams|ml) (?:of )?(?:\\p{L}{3,12} )?\\1\\b)");

  /** "a drizzle of honey, the drizzle was 22 g". */
  private static final Sought VESSEL =
      said(
          "(?<=\\p{L}),? (?=(?:the|my|that) (?:handful|scoop|splash|slosh|glug|knob|lump|drizzle|dollop|spoonful)s? (?:was|were|is|weighed|weighs|came to|comes to) "
              + ABOUT
              + "\\d)");

  /** "A dusting of icing sugar, 5 g over the plate": so much of it. */
  private static final Sought VAGUE =
      said(
          "\\b(?:an?|some|one)(?: (?:light|little|good|small|big|generous|thin))? (?:dusting|sprinkling|sprinkle|drizzle|dollop|smear|scrape|scraping|splash|glug|blob|handful|knob|dab|lump|squirt|slug|lick) of"
              + " (\\p{L}{3,14}(?: (?!on\\b|over\\b|in\\b|for\\b|to\\b|with\\b|from\\b|the\\b)\\p{L}{3,14})?)(?: the size of an? \\p{L}{3,9})?((?: (?:on|over|in|into|for|to) (?:the |my |each |top)?[^.,;:\\d\\n]{0,20})?), "
              + "(?:(?:about|maybe|say|roughly|i'd say|so|that's|i make it|perhaps|around) )*(\\d{1,3} ?(?:g|ml|grams?)\\b)(?! (?:each|per|a|apiece|every|for each|more|in all|in total|altogether|all told|together|between)\\b)");

  /** "splash milk 50 ml": nothing is measured behind it. */
  private static final Sought SPLASH =
      said(
          "\\b(?:an? )?(?:good |small |little )?(?:splash|dash|drizzle|glug|knob|dab|squirt|slug) (?:of )?((?!was|were|came|weigh|about|then|and)\\p{L}{3,12}),? (\\d{1,3} ?(?:g|ml))(?= ?(?:[.,;)\\n]|$))");

  /** "milk till it's like cream, roughly 350" */
  private static final Sought TILL =
      said(
          "\\b(milk|water|buttermilk|kefir) (?:until|till|til|'til) (?:it|it's|its|the batter)\\b[^.;\\d\\n]{2,40}?,? (?:(?:roughly|about|maybe|it took|took|say|that was|that's|around|i used|which was|came to) )+(?:me )?(\\d{2,4})( ?(?:ml|g))?(?= ?(?:[.,;)\\n]|$))");

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(
              SPLASH,
              at -> at.group(2) + " " + at.group(1),
              "splash",
              "dash",
              "drizzle",
              "glug",
              "knob",
              "dab",
              "squirt",
              "slug"),
          Repair.of(
              TILL,
              at -> at.group(2) + (at.group(3) == null ? " ml" : at.group(3)) + " " + at.group(1),
              " until ",
              " til"),
          Repair.of(VAGUE, at -> at.group(3) + " " + at.group(1) + at.group(2), " of "),
          Repair.as(VESSEL, ". ", "the ", "my ", "that "),
          Repair.of(
              CAME_TO,
              at -> at.group(1) + at.group(2) + ". That's ",
              ", that",
              ", this",
              ", which",
              "- that",
              "– that",
              "; that",
              ", and that",
              ", and which"),
          Repair.of(IF_OTHER, at -> ", or " + at.group(1) + " if so", " if ", " when "),
          Repair.of(OF_MASH, at -> ", " + at.group(1), " of "),
          Repair.of(
              SPILLED,
              at -> ", " + at.group(1) + " left",
              "spil",
              "lost",
              "away",
              "gave",
              " ate ",
              "drank",
              "nibbled",
              "wasted",
              "tipped"),
          Repair.of(BROKE, at -> ", " + at.group(1) + was(at.group(1)), "egg"),
          Repair.of(
              DROPPED, at -> at.group(2) + " eggs, " + at.group(1) + was(at.group(1)), " eggs"),
          Repair.as(TOLD_BEHIND, ",", " weight "),
          Repair.as(EGGS_WEIGHT, "its weight in ", " weight "),
          Repair.of(THEY_WERE, Reweighed::each, " egg", "banana"),
          Repair.of(IN_BRACKETS, Reweighed::each, " egg", "banana"),
          Repair.of(SO, at -> at.group(1) + "! ", " egg", "banana"),
          Repair.as(HALF_LEFT, ", used half", "half"),
          Repair.of(SHARE_MORE, Reweighed::more, " more", " extra"),
          Repair.of(
              CALLED,
              Reweighed::called,
              "call it",
              "make it",
              "scale",
              "actually",
              "in fact",
              "in the end",
              "really",
              "it was",
              "it came",
              "it weighed"),
          Repair.of(OLD_NEW, Reweighed::changed, "new", "now", "after"),
          Repair.of(
              TOPPED_UP, at -> "made up to " + at.group(2) + " with " + at.group(1), " up with "),
          Repair.of(
              BAG,
              at -> at.group(1) + " " + at.group(2) + ", " + at.group(3) + " left",
              "left",
              "after",
              "in it",
              "still there",
              "now"),
          Repair.of(OF_THEM, at -> ", used " + at.group(1), "eggs"));

  private Reweighed() {}

  private static String was(String lost) {
    return lost.matches("(?i)one|1") ? " was off" : " were off";
  }

  private static String each(MatchResult at) {
    return at.group(1) == null ? " (" + at.group(2) + ")" : ", " + at.group(2) + " each";
  }

  private static String more(MatchResult at) {
    return " +" + SHARES.get(at.group(1).toLowerCase(Locale.ROOT)) + "%";
  }

  private static String called(MatchResult at) {
    boolean call = at.group(1) != null;
    String number = at.group(call ? 1 : 3);
    String unit = at.group(call ? 2 : 4);
    return ", no, " + number + (unit == null ? "" : unit);
  }

  private static String changed(MatchResult at) {
    return at.group(1) == null
        ? at.group(3) + " → " + at.group(4)
        : at.group(1) + " → " + at.group(2);
  }
}
