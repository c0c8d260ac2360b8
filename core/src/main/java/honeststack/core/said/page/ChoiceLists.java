package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * Several of which one is taken: "oat, soy or almond milk", "50 g cheese (cheddar, gouda …)", "1
 * tbsp (sugar or honey)".
 */
final class ChoiceLists {
  private static final String NOUN =
      "(milk|milks|drink|flour|oil|syrup|seeds|sugar|yogh?urt|chocolate)";

  private static final String SORT =
      "(oat|soya?|almond|rice|coconut|hazelnut|cashew|cow|maple|golden|date|agave|wheat|white|wholemeal|spelt|rye|plain|buckwheat|chickpea"
          + "|olive|sunflower|rapeseed|vegetable|canola|pumpkin|sesame|hemp|chia|flax|poppy|brown|caster|icing|muscovado|greek|natural)(?:['’]s)?";

  private static final String KIND =
      "(?:cheese|nuts|berries|fruit|sweetener|herbs|spice|seeds|chocolate|syrup|jam)";

  /** Foods, one word each, that kinds have. */
  private static final String MEMBER =
      "((?:mature |grated |frozen |fresh |chopped )?(?:cheddar|gouda|feta|mozzarella|emmental|parmesan|brie|edam|gruy[eè]re|ricotta|halloumi|paneer|cheshire|comt[eé]"
          + "|walnuts|pecans|almonds|hazelnuts|cashews|pistachios|peanuts|macadamias|\\p{L}{3,8}berries|\\p{L}{3,6}currants"
          + "|apples?|pears?|peach(?:es)?|plums?|bananas?|cherries|mango|apricots?|nectarines?|grapes|kiwis?|pineapple|figs"
          + "|honey|erythritol|stevia|xylitol|agave|maple syrup|chives|parsley|dill|mint|basil|coriander|thyme|cinnamon|nutmeg|cardamom|ginger))";

  private static final String MORE =
      "(?:,? etc\\.?|,? and so on| ?\\.{2,3}| ?…|,? whatever| take your pick|,? you choose)?";

  private static final String NAME = "(\\p{L}{3,14}(?: \\p{L}{3,14})?)";

  private static final String END = "(?= ?(?:[.,;:)\\n–-]|$))";

  /** "oat, soy or almond milk". */
  private static final Sought SORTS =
      said("\\b" + SORT + ", " + SORT + "(?:, " + SORT + ")?,? or " + SORT + " " + NOUN + "\\b");

  /** "250 ml drink (oat/soy)". */
  private static final Sought OF_NOUN =
      said(
          "\\b"
              + NOUN
              + " ?\\((?:either |any of |choose )?"
              + SORT
              + "(?:(?:, ?| ?/ ?)"
              + SORT
              + ")?(?:,? or |, ?| ?/ ?)"
              + SORT
              + MORE
              + "\\)");

  /** "50 g cheese (cheddar, gouda …)". */
  private static final Sought OF_KIND =
      said(
          "\\b"
              + KIND
              + " ?\\((?:either |any of |choose )?"
              + MEMBER
              + "(?:(?:, ?| ?/ ?)"
              + MEMBER
              + ")?(?:,? or |, ?| ?/ ?)"
              + MEMBER
              + MORE
              + "\\)");

  private static final Sought IN_BRACKETS =
      said(
          "(?<=\\b(?:tbsp|tsp|tablespoons?|teaspoons?|g|ml|cups?|oz) )\\((?:either )?(?!more\\b|less\\b|about\\b|fresh\\b|raw\\b|level\\b|heaped\\b|rounded\\b)"
              + NAME
              + " or "
              + NAME
              + "\\)"
              + END);

  /** "100 g fruit, say strawberries". */
  private static final Sought SAY =
      said(
          "\\b"
              + KIND
              + "(?:,| –| -)? (?:say|for instance|for example|such as|perhaps)(?: ?,)? "
              + MEMBER
              + END);

  /** "30 g milk or dark chocolate": no milk. */
  private static final Sought CHOCOLATE =
      said("(?<=\\bmilk)(?: or | ?/ ?)(?:dark|white|plain)(?= chocolate\\b)");

  /** "50 g butter or 40 g oil (I chose oil)". */
  private static final Sought CHOSEN =
      Sought.of(
          "(?<=\\bor [^.;\\n()]{2,40}) ?\\((?:(?:i|we) (?:chose|took|used|went for|went with|had|picked|use|take)|it was|it's|it is|today)"
              + "(?: the)? (\\p{L}{3,12}(?: \\p{L}{3,12})?)\\)"
              + "|(?<=\\bor [^.;\\n()]{2,40}) ?\\((\\p{L}{3,12}(?: \\p{L}{3,12})?) (?:today|this time|in my case|for me|here)\\)",
          Pattern.CASE_INSENSITIVE);

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(
              CHOSEN, at -> " - it's " + (at.group(1) == null ? at.group(2) : at.group(1)), " or "),
          Repair.of(SORTS, at -> joined(at, 1, 4) + " " + at.group(5), " or "),
          Repair.of(OF_NOUN, at -> joined(at, 2, 4) + " " + at.group(1), "("),
          Repair.of(OF_KIND, at -> joined(at, 1, 3), "("),
          Repair.of(IN_BRACKETS, at -> joined(at, 1, 2), " or "),
          Repair.of(SAY, at -> at.group(1), "say", "instance", "example", "such as", "perhaps"),
          Repair.as(CHOCOLATE, "", "chocolate"));

  private ChoiceLists() {}

  /** "oat/soy/almond", of the groups that are there. */
  private static String joined(MatchResult at, int from, int to) {
    StringBuilder all = new StringBuilder();
    for (int i = from; i <= to; i++) {
      if (at.group(i) != null) {
        all.append(all.length() == 0 ? "" : "/").append(at.group(i).toLowerCase(Locale.ROOT));
      }
    }
    return all.toString();
  }
}
