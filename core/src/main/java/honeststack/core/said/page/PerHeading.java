package honeststack.core.said.page;

import honeststack.core.line.Token;
import honeststack.core.said.words.Per;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;

/** A heading that says for whom each amount below it is: "Per person:", "For each child (10):". */
final class PerHeading {
  private static final int LONGEST = 14;

  private static final Sought HEADING =
      Sought.of(
          "(?<list>(?:the )?(?:ingredients|batter|dough|amounts?|quantit(?:y|ies)|recipe|mix|needed"
              + "|you need|what you need)?) ?,? ?"
              + "(?<plate>(?:toppings?|fillings?|garnish|to serve|on top|sauce)?) ?,? ?"
              + "(?:(?:per|for each|for every|per each) "
              + "(?:(?<eater>person|head|child|kid|guest|adult|eater|pupil|student|camper|portion"
              + "|serving|boy|girl|visitor)"
              + "|(?<group>pair|group|team|table|bench|station)"
              + "|(?<piece>pancake|waffle|cr[eê]pe|galette|piece|dosa|pikelet|fritter|blini))"
              + "|(?<dish>per stack|per plate|for each (?:stack|plate))"
              + "|(?<on>(?:on|over|in|inside|into) each(?: one| pancake| waffle)?)"
              + "|(?<=(?:topping|toppings|filling|fillings|sauce) )\\((?:for |per )?each(?: one)?\\)"
              + "|(?<=(?:topping|toppings|filling|fillings) )for each(?: one)?)"
              + "(?<bracket> \\(.*\\))?");

  /**
   * @param end place of the first token behind its words: of a bracket or a colon
   * @param onPlate it says that it goes there
   * @param dish "per stack", which says so of all that is no batter
   */
  record Found(Per per, int end, boolean onPlate, boolean dish) {}

  private PerHeading() {}

  /** What stands before a colon, or is a line by itself; empty for another heading, or none. */
  static Optional<Found> of(List<Token> tokens) {
    int end = 0;
    while (end < tokens.size() && !tokens.get(end).isMark(":")) {
      end++;
    }
    boolean mayBe = end > 1 && end <= LONGEST && tokens.stream().anyMatch(PerHeading::isCue);
    if (!mayBe) {
      return Optional.empty();
    }
    StringBuilder words = new StringBuilder();
    int bracket = end;
    for (int i = 0; i < end; i++) {
      Token token = tokens.get(i);
      boolean close = token.isMark(")") || i > 0 && tokens.get(i - 1).isMark("(");
      bracket = token.isMark("(") && bracket == end ? i : bracket;
      words.append(words.isEmpty() || close ? "" : " ").append(token.low());
    }
    Matcher heading = HEADING.matcher(words.toString());
    if (!heading.matches()) {
      return Optional.empty();
    }
    Per who = heading.group("eater") == null ? Per.EITHER : Per.EATER;
    Per what = heading.group("group") == null ? who : Per.GROUP;
    boolean on = heading.group("on") != null; // nobody puts it on eaters
    Per per = heading.group("piece") == null && !on ? what : Per.PIECE;
    boolean dish = heading.group("dish") != null;
    boolean onPlate = !heading.group("plate").isEmpty() || on;
    return Optional.of(new Found(dish ? Per.EATER : per, bracket, onPlate, dish));
  }

  private static boolean isCue(Token token) {
    return token.isWord("per", "each", "every", "everybody");
  }

  /** "Per portion: 30 ml syrup. Batter makes 30: 900 g flour": where the recipe begins. */
  static int recipe(List<Token> tokens, int from) {
    int at = from;
    while (at < tokens.size() && !isRecipe(tokens, at)) {
      at = Stops.next(tokens, at);
    }
    return at;
  }

  private static boolean isRecipe(List<Token> tokens, int i) {
    boolean article = tokens.get(i).isWord("the", "my", "our");
    int noun = article ? i + 1 : i;
    return noun < tokens.size() && tokens.get(noun).isWord("batter", "recipe", "mix", "dough");
  }

  static boolean isOnTop(List<Token> tokens) {
    return tokens.get(tokens.size() - 1).isWord("top")
        && tokens.get(tokens.size() - 2).isWord("on");
  }
}
