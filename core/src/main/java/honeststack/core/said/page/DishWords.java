package honeststack.core.said.page;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * What the pancakes are like on which something goes says nothing: "top each hot pancake with" is
 * "top each pancake with".
 */
final class DishWords {
  private static final String ON =
      "(?<on>over|onto|on(?: top of)?|across|top|topped|finish|finished|dust|dusted|cover|covered|glaze|glazed|drizzle|drizzled"
          + "|smother|smothered|spread|sprinkle|sprinkled|dress|serve|scatter|garnish|brush|spoon over|crown|heap|load)";

  private static final String LIKE =
      "hot|warm|still[ -]warm|still[ -]hot|finished|cooked|baked|fried|golden|cooling|cooled|fresh|freshly[ -](?:baked|cooked|made)"
          + "|ready|crisp|crispy|fluffy|lovely|plated|stacked|folded|whole|big|little|small|large|thick|thin|done|steaming|piping";

  private static final String NOUN =
      "(?<noun>stacks?|piles?|plates?|plateful|pancakes?|waffles?|cr[eê]pes?|blinis?|ones?|servings?|portions?|lot)";

  private static final Sought DESCRIBED =
      Sought.of(
          "\\b"
              + ON
              + " (?<which>an?|the|my|our|your|his|her|their|each|every|both|all the|all|everyone's|everybody's) (?<like>(?:(?:"
              + LIKE
              + "),? )*)"
              + NOUN
              + "(?<of> of (?:(?:hot|warm) )?(?:pancakes|waffles|cr[eê]pes|two|three|four|five|six|\\d))?(?: once (?:they're |it's )?(?:cooked|done|baked|ready))?\\b",
          Pattern.CASE_INSENSITIVE);

  /** By their own names they are pieces like others. */
  private static final Sought NAMED =
      Sought.of(
          "\\b(?:(dosai|chaffle|pudla|blin(?=[,.; ]))|(dosais|pudlas|hoppers|chaffles|injeras?|racuchy|poffertjes|pannekoeken|pannenkoeken|nale[sś]niki|palatschinken|pala[cč]inke|tiganites|blinchiki|[aæ]e?bleskiver|baghrir|msemen|pannkakor|pandekager|blintzes|hotteok))\\b",
          Pattern.CASE_INSENSITIVE);

  static final List<Repair> NAMES =
      List.of(
          Repair.of(
              NAMED,
              at -> at.group(1) != null ? "dosa" : "dosas",
              "dosai",
              "blin",
              "pudla",
              "hopper",
              "chaffle",
              "injera",
              "racuchy",
              "poffertjes",
              "koeken",
              "nale",
              "pala",
              "tiganites",
              "blinchiki",
              "bleskiver",
              "baghrir",
              "msemen",
              "pannkakor",
              "pandekager",
              "blintzes",
              "hotteok"));

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(
              DESCRIBED,
              DishWords::plain,
              "stack",
              "pile",
              "plate",
              "cake",
              "waffle",
              "crepe",
              "crêpe",
              "blini",
              " one",
              "serving",
              "portion",
              " lot"));

  private DishWords() {}

  /** Without what it is like, the noun where it was, as far as there is room. */
  private static String plain(MatchResult at) {
    String said = at.group();
    String on = at.group(1);
    String which = at.group(2).toLowerCase(Locale.ROOT);
    String like = at.group(3);
    String noun = at.group(4);
    boolean of = at.group(5) != null;
    boolean one = which.matches("the|each|every");
    if (one && like.isEmpty() && !of && said.endsWith(noun)) {
      return said;
    }
    String own = noun.matches("(?i)ones?") ? one && !which.equals("the") ? "one" : "lot" : noun;
    int place = at.start(4) - at.start();
    String head = said.substring(on.length() + 1);
    String lead =
        one
            ? which + " ".repeat(place - on.length() - 1 - which.length())
            : Repair.article(head, place - on.length() - 1);
    String dish = of && said.length() - place >= "stack".length() ? "stack" : own;
    return on + " " + lead + dish;
  }
}
