package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** For whom it is, said before how much: "with apple sauce, for each person 100 g". */
final class EachAhead {
  private static final String SINGLE =
      "(?:(?:for|to) (?:each|every|one) (?:one|(?:single )?(?<of>person|guest|child|kid|head|eater|pancake|waffle|crêpe|crepe|piece|plate|portion|round|pan|panful|batch)|of (?:us|them|you))"
          + "|for (?<all>everyone|everybody|each of us|each person))";

  private static final Sought AHEAD =
      Sought.of(
          "(?<=\\p{L}{2},? ?)(?:\\b"
              + SINGLE
              + ")(?: about| around| roughly| maybe| say|,)? "
              + "(\\d+(?:[.,]\\d+)? ?(?:g|gr|gram|grams|ml|cl|dl|tbsp|tsp|teaspoons?|tablespoons?)|(?:half )?an? (?:good |heaped |small )?(?:teaspoon|tablespoon|spoon|tsp|tbsp|dollop))"
              + "(?= ?[.,;!)\\n]| and |$)",
          Pattern.CASE_INSENSITIVE);

  /** "in each goes a slice of ham", "six of them, and on each an egg". */
  private static final Sought INSIDE =
      said(
          "(?:(?<=^|[.!;\\n] ?)|[,;]? and |[,;] (?:and )?)(?:in|on|into|onto|inside|over|on top of) (?:each|every)"
              + "(?: (?:one|single one|of (?:them|these|those)))?"
              + "(?: (?:i|we|there))?"
              + "(?: (?:goes|went|go|put|lay|laid|spread|sprinkled?|placed?|drop(?:ped)?|press(?:ed)?|is|was|are|comes|came|sits|'s)|(?<=there)'s)?"
              + " (?=(?:an?|one|two|three|half|about|\\d{1,3})\\b(?! (?:time|occasion|side|round))(?!\\d? ?(?:g|ml|grams?|kg)\\b (?:there|of batter|batter|is|are|of the batter)))");

  private static final String PIECE = "(?:pancake|waffle|cr[eê]pe|galette|piece|pikelet|blini)";

  private static final String AMOUNT =
      "(?:(?:about|maybe|say|roughly|around) )?((?:\\d{1,3}(?:[.,]\\d)?|an?|half an?|one|two|three|four|five|six|eight|ten|twelve|fifteen|twenty)"
          + "(?: ?(?:g|grams?|ml|tsp|tbsp|teaspoons?|tablespoons?|handfuls?|spoonfuls?|pinch(?:es)?))?)";

  private static final String FOOD =
      "((?!(?:them|it|the|that|this|those|these|mine|batter|some|i|we|you|they)\\b)\\p{L}{3,14}(?: (?!(?:in|on|over|into|go|goes|went|get)\\b)\\p{L}{3,14}){0,2})";

  private static final String OF_EACH =
      " (?:an? "
          + PIECE
          + "|(?:on|in|to|for|per) (?:each|every)(?: (?:one|"
          + PIECE
          + "))?|each|a time)";

  private static final String CAME_OUT =
      "(?: ?[,;.](?: (?:and|so))? (?:there (?:were|are)|(?:i|we) (?:had|got|get|made|make|have)) "
          + Numerals.STRICT
          + "(?: of them|"
          + PIECE
          + "s)?(?= ?(?:[.;\\n]|$)))?";

  /** "I put blueberries in, five grams a pancake, there were eight." */
  private static final Sought PUT =
      said(
          "(?<=^|[.!;,\\n] ?)(?:and |then )?(?:i|we|you) (?:put|drop(?:ped)?|scatter(?:ed)?|sprinkled?|press(?:ed)?|add(?:ed)?|push(?:ed)?|fold(?:ed)?|stir(?:red)?) "
              + FOOD
              + "(?: (?:in|on|over|into|onto)\\b[^.,;:\\d\\n]{0,40})?,? "
              + AMOUNT
              + OF_EACH
              + CAME_OUT);

  /** "Blueberries go in once they are in the pan, six grams a pancake." */
  private static final Sought GO_IN =
      said(
          "(?<=^|[.!;\\n] ?)(?:the )?"
              + FOOD
              + " (?:go|goes|went|get dropped|are dropped|were dropped|are pressed|get pressed|get scattered|are scattered) (?:in|on|over)\\b[^.,;:\\d\\n]{0,40}, "
              + AMOUNT
              + OF_EACH
              + CAME_OUT);

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(
              INSIDE,
              at -> (Character.isLetter(at.group().charAt(0)) ? "" : ". ") + "On each ",
              " each",
              " every"),
          Repair.of(PUT, EachAhead::per, "each", "every", " a", "per "),
          Repair.of(GO_IN, EachAhead::per, "each", "every", " a", "per "),
          Repair.of(
              AHEAD, EachAhead::behind, "for each", "for every", "for one", "to each", "to every"));

  private EachAhead() {}

  private static String per(MatchResult at) {
    String made = at.group(3) == null ? "" : ". Makes " + Numerals.of(at.group(3));
    return at.group(2) + " " + at.group(1) + " per cake" + made;
  }

  private static String behind(MatchResult at) {
    String of = at.group(1);
    String per = of != null ? " per " + of : at.group(2) != null ? " a head" : " each";
    return at.group(3) + per;
  }
}
