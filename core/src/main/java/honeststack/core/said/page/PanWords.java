package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;

/** What a pan is like says nothing: "in a 24 cm cast-iron frying pan" is "in the pan". */
final class PanWords {
  private static final String SIZE =
      "\\d{1,2}(?:[.,]\\d)?[ -]?(?:cm|mm|centimet(?:er|re)s?|inch(?:es)?|in|\"|″|”|'')";

  private static final String LIKE =
      "very|really|lightly|bratt?|catering|tilting|(?:oiled|greased|buttered)(?= \\d)|hot|large|small|little|big|medium(?:[ -](?:sized?|hot|large))?|wide|shallow"
          + "|deep|low|heavy(?:[ -](?:bottomed|based?|duty))?|thick(?:[ -]bottomed)?|thin|flat|round|square"
          + "|oblong|cast[ -]iron|iron(?= (?:pan|skillet|griddle|tawa))|carbon[ -]steel|blue[ -]steel|(?:stainless[ -])?steel|stainless|aluminium|aluminum"
          + "|copper|ceramic|enamel(?:led)?|non[ -]?stick|coated|lidded|covered|well[ -]seasoned|seasoned|heated"
          + "|preheated|pre-heated|warm|smoking|clean|separate|spare|second|other|good|old|new|ordinary|normal"
          + "|plain|decent|proper|electric|sturdy|trusty|best|favourite|favorite";

  private static final String NOUN =
      "(?<noun>(?:frying|fry|sauté|saute|cr[eê]pe|pancake|omelette|waffle|griddle|blini)?[ -]?"
          + "(?:(?:irons?|makers?)|(?:griddles?|hot ?plates?|bakestones?)|pans?|skillets?|tawas?|comals?|planchas?))";

  private static final Sought DESCRIBED =
      said(
          "(?<!, (?:in|for) )\\b(?:(?:an?|the|my|our|your|his|her|their|another|both|two|three) |(?<=\\bfor ))"
              + ("(?:(?:(?:" + SIZE + "|" + LIKE + ")(?:,? | and ))+" + NOUN + "\\b)"));

  /** "a skillet", "another tawa". */
  private static final Sought NAMED =
      said(
          "\\b(?:an?|the|my|our|your|another) ((?:frying|fry|sauté|saute|cr[eê]pe|pancake|omelette|waffle|blini) (?:irons?|makers?|griddles?|pans?|skillets?)"
              + "|skillets?|comals?|planchas?|(?<=another )(?:pan|tawa|iron|griddle))\\b");

  /** "no butter, just the non-stick pan two eggs": nothing goes there. */
  private static final Sought DRY =
      said(
          "\\b(?:just|only) (?:the|a|my|our) (?:non[ -]?stick|dry|bare) (?:pan|iron|griddle|skillet)\\b(?: (?:and|with))?");

  /** "5 g oil for the first, 3 g for each after, 8 pancakes". */
  private static final Sought FIRST_MORE =
      said(
          "\\b(\\d{1,3})( ?g)((?: of)?(?: \\p{L}{3,10}){0,2}?) (?:for|in|with) the first(?: one| pancake| waffle| round)?,? (?:and |then )*"
              + "(\\d{1,3}) ?g (?:for|in|with) (?:each|every one|every|all)(?: one)?(?: of)?(?: the)?"
              + " (?:after(?:wards)?|others?|following|more|rest|next)(?: "
              + Numerals.STRICT
              + ")?(?:,? (?:and |makes |it's |there were )?"
              + Numerals.STRICT
              + "( (?:pancakes|waffles|rounds|cr[eê]pes|of them)))?");

  /** What a buckwheat crêpe is baked on. */
  private static final Sought BILIG =
      said("\\b(?:the |a |my |our )(?:bili[gk]|billig|galettière|galettiere)\\b");

  static final List<Repair> REPAIRS =
      List.of(
          Repair.as(BILIG, "the pan", "bil", "galett"),
          Repair.of(FIRST_MORE, PanWords::firstAndMore, "the first"),
          Repair.as(DRY, "in the pan.", "just ", "only "),
          Repair.of(
              DESCRIBED, PanWords::plain, "pan", "iron", "skillet", "griddle", "tawa", "maker"),
          Repair.of(
              NAMED,
              PanWords::plain,
              " pan",
              "iron",
              "skillet",
              "comal",
              "plancha",
              "maker",
              "another tawa",
              "another griddle"));

  private PanWords() {}

  /** All of it; as it was where nothing says how many there are. */
  private static String firstAndMore(MatchResult at) {
    int more =
        at.group(5) != null
            ? Numerals.of(at.group(5))
            : at.group(6) != null ? Numerals.of(at.group(6)) - 1 : 0;
    if (more <= 0) {
      return at.group();
    }
    int all = Integer.parseInt(at.group(1)) + more * Integer.parseInt(at.group(4));
    String pieces = at.group(6) == null ? "" : ", " + at.group(6) + at.group(7);
    return all + at.group(2) + at.group(3) + " in the pan" + pieces;
  }

  /** The article, and a plain noun where it stood. */
  private static String plain(MatchResult at) {
    String low = at.group().toLowerCase(Locale.ROOT);
    String noun = low.matches(".*(?:irons?|makers?)$") ? "iron" : "pan";
    int from = at.start(1) - at.start();
    return Repair.article(low, from) + noun;
  }
}
