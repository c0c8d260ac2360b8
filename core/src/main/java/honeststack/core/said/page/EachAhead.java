package honeststack.core.said.page;

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

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(
              AHEAD, EachAhead::behind, "for each", "for every", "for one", "to each", "to every"));

  private EachAhead() {}

  private static String behind(MatchResult at) {
    String of = at.group(1);
    String per = of != null ? " per " + of : at.group(2) != null ? " a head" : " each";
    return at.group(3) + per;
  }
}
