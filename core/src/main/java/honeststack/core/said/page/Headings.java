package honeststack.core.said.page;

import honeststack.core.line.NumberText;
import honeststack.core.line.Token;
import honeststack.core.line.UnitWords;
import honeststack.core.said.words.Phrases;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** Lines, and words before a colon, that say what stands below or behind them. */
final class Headings {
  private static final int LONGEST = 8;

  /** What is made by itself, and goes on top. */
  private static final String[] DISHES = {
    "sauce",
    "topping",
    "toppings",
    "filling",
    "glaze",
    "icing",
    "frosting",
    "compote",
    "compôte",
    "drizzle",
    "syrup",
    "cream",
    "coulis",
    "garnish",
    "salsa",
    "butter",
    "caramel",
    "crumble",
    "jam"
  };

  /** Before a colon only. */
  private static final Set<String> PAN_LABELS =
      Set.of("iron", "skillet", "griddle", "grease", "fat", "cooking", "tawa", "frying pan");

  private static final Set<String> PLATE_LABELS =
      Set.of(
          "over",
          "topped",
          "plating",
          "finish",
          "finishing",
          "serve",
          "side",
          "sides",
          "accompaniment",
          "accompaniments",
          "table",
          "sauce",
          "compote",
          "decoration");

  private static final Sought WRITTEN =
      Sought.of(
          "(?:pint|cup|teaspoon|tablespoon|spoon|gram|gramme|litre|liter|ounce|pound|quart|gallon"
              + "|kilo|glass(?:e)?|mug|pinch(?:e)?|handful|scoop|ladle|drop|knob|millilitre"
              + "|splash(?:e)?|spray|dash(?:e)?|dollop|drizzle|glug|slice|clove|stick|sprinkle|squeeze"
              + "|packet|sachet|tin|bunch(?:e)?|sprig|bottle|carton|spoonful|cupful|ladleful|scoopful)s?");

  /** "Half of this:": how often what stands below was made. */
  private static final Sought HOW_OFTEN =
      Sought.of(
          "(?!.* (?:and|but|still|worked|makes|serves)\\b).*(?:\\b(?:half|twice|times|x|batch|batches|third|quarter|\\d{2,3} ?%) ?|\\b(?:doubl|tripl|quadrupl|halv)\\w+|[½×]).*"
              + "\\b(?:this|these|everything|it|the (?:following|lot|recipe|list|amounts|usual)|below)\\b.*|(?:x|×|times) ?\\d ?:");

  private static final int MOST_LABEL_WORDS = 3;

  /** What nothing else is called by. */
  private static final String[] TOPPINGS = {
    "topping", "toppings", "garnish", "garnishes", "filling", "fillings", "extras"
  };

  private static final int MOST_WORDS = 4;

  private Headings() {}

  /** What a line without a colon is the heading of; nothing if it is none. */
  static Set<Sort> alone(List<Token> tokens) {
    Set<Sort> heading = tokens.size() <= LONGEST ? of(tokens) : Set.of();
    boolean label = heading.contains(Sort.H_NUTRITION);
    return (label ? !LabelLines.isAsked(tokens) : isBare(tokens)) ? heading : Set.of();
  }

  /** "Prep time: 10 minutes": of the sentence only. */
  static boolean isTime(List<Token> tokens, int head) {
    boolean time =
        tokens.get(0).isWord("prep", "cook", "total", "time", "ready", "active", "resting");
    return time
        && head > 0
        && head + 2 < tokens.size()
        && isNumber(tokens, head + 1)
        && tokens.subList(head + 2, tokens.size()).stream().anyMatch(Headings::isTimeUnit);
  }

  static boolean isHowOften(List<Token> tokens) {
    return HOW_OFTEN.isAll(Token.joined(tokens).toLowerCase(Locale.ROOT));
  }

  /** A unit in full, "a pint": a dot behind it shortens nothing. */
  static boolean isWritten(Token unit) {
    return WRITTEN.isAll(unit.low());
  }

  private static boolean isTimeUnit(Token token) {
    return token.low().matches("m|h|mins?|minutes?|hrs?|hours?|days?|seconds?|secs?|'|’");
  }

  /** "1. Beat …": a step, wherever it stands. */
  static boolean isNumbered(List<Token> all, List<Token> bare) {
    int before = all.size() - bare.size();
    return before >= 2 && all.get(before - 2).isWhole();
  }

  static boolean isVerb(List<Token> tokens) {
    Set<Sort> found = EnumSet.noneOf(Sort.class);
    Phrases.shipped()
        .each(
            tokens,
            0,
            phrase -> {
              if (phrase.to() == 1) {
                found.addAll(phrase.sorts());
              }
            });
    return found.contains(Sort.VERB);
  }

  /** Where a bracket opens, or "for 10 pieces" begins; the end for none. */
  static int bracketFrom(List<Token> tokens, int end) {
    int bracket = 0;
    while (bracket < end
        && !tokens.get(bracket).isMark("(")
        && !(tokens.get(bracket).isWord("for") && isNumber(tokens, bracket + 1))) {
      bracket++;
    }
    return bracket;
  }

  static boolean isNumber(List<Token> tokens, int i) {
    return i < tokens.size() && tokens.get(i).kind() == Token.Kind.NUMBER;
  }

  /** "Pan - 10 g butter": a dash stands for the colon. */
  private static int dash(List<Token> tokens) {
    for (int i = 1; i <= MOST_LABEL_WORDS && i + 2 < tokens.size(); i++) {
      boolean dash = tokens.get(i).isMark("-", "–") && isNumber(tokens, i + 1);
      boolean apart = dash && tokens.get(i).start() > tokens.get(i - 1).end();
      boolean held = apart && isMeasure(tokens.subList(i + 1, tokens.size()));
      boolean dish = held && isEndOfDish(tokens, i); // "whipped cream - 100 g"
      Set<Sort> heading = apart && !dish ? of(tokens.subList(0, i)) : Set.of();
      if (heading.contains(Sort.H_PAN) || heading.contains(Sort.H_PLATE)) {
        return i;
      }
    }
    return 0;
  }

  /** Where the words before a colon end; 0 if the line has none in its first words. */
  static int headEnd(List<Token> tokens) {
    int open = 0;
    for (int i = 1; i < tokens.size() && i <= LONGEST; i++) {
      if (tokens.get(i).isMark(":") && open == 0) {
        return i;
      }
      open += tokens.get(i).isMark("(") ? 1 : 0;
      open -= tokens.get(i).isMark(")") && open > 0 ? 1 : 0;
    }
    return dash(tokens);
  }

  /** Past what only leads to it: "And the topping", "Part 2: topping", "[Topping]". */
  private static int begin(List<Token> tokens) {
    int from = 0;
    while (from + 1 < tokens.size()) {
      boolean part = tokens.get(from).isWord("part", "step") && isNumber(tokens, from + 1);
      boolean named = tokens.get(from).isWord("ingredients") && tokens.get(from + 1).isWord("for");
      boolean what = tokens.get(from).isWord("what") && tokens.get(from + 1).isWord("goes");
      if (part || what) {
        from += 2;
      } else if (named
          || tokens.get(from).kind() == Token.Kind.MARK
          || tokens.get(from).isWord("and", "then", "also", "my", "our", "your", "plus", "the")) {
        from++;
      } else {
        break;
      }
    }
    return from < tokens.size() && tokens.get(from).kind() == Token.Kind.WORD ? from : 0;
  }

  /**
   * What the words before a colon are the heading of; "fat: 6 g" and "iron: 2 mg" are a label's.
   */
  static Set<Sort> before(List<Token> tokens, int colon) {
    Set<Sort> heading = of(tokens.subList(0, colon));
    if (heading.isEmpty() && isMadeDish(tokens, colon)) {
      heading.add(Sort.H_PLATE);
    }
    if (isEndOfDish(tokens, colon) && isMeasure(tokens.subList(colon + 1, tokens.size()))) {
      return Set.of(); // "chocolate sauce: 100 g"
    }
    boolean figure = colon == 1 && LabelLines.isFigure(tokens.get(0));
    if (figure && tokens.subList(colon + 1, tokens.size()).stream().noneMatch(Headings::isFat)) {
      heading.remove(Sort.H_PAN);
    }
    return heading;
  }

  /** "Cherry compote: 200 g cherries, 30 g sugar": made of several. */
  private static boolean isMadeDish(List<Token> tokens, int colon) {
    boolean dish =
        colon <= MOST_WORDS
            && isEndOfDish(tokens, colon)
            && !tokens.get(colon - 1).isWord("butter", "cream", "jam")
            && tokens.subList(0, colon).stream()
                .allMatch(t -> t.kind() == Token.Kind.WORD && !t.isWord("with", "and", "in", "of"));
    List<Token> behind = tokens.subList(Math.min(colon + 1, tokens.size()), tokens.size());
    long numbers = behind.stream().filter(t -> t.kind() == Token.Kind.NUMBER).count();
    boolean syrup = tokens.get(colon - 1).isWord("syrup");
    boolean made = numbers > 1 && (!syrup || behind.stream().anyMatch(t -> t.isWord("sugar")));
    return dish && (behind.isEmpty() || made);
  }

  /** A number and its unit, and nothing else. */
  private static boolean isMeasure(List<Token> behind) {
    return !behind.isEmpty()
        && isNumber(behind, 0)
        && behind.size() <= MOST_LABEL_WORDS
        && behind.subList(1, behind.size()).stream()
            .allMatch(token -> UnitWords.of(token.low()).isPresent() || token.isMark(".", ")"));
  }

  /** "hundred grams chocolate topping": a number in words, and a unit. */
  private static boolean isMeasured(List<Token> tokens) {
    for (int i = 0; i + 2 < tokens.size(); i++) {
      boolean unit = UnitWords.of(tokens.get(i + 1).low()).isPresent();
      boolean number =
          NumberText.isWord(tokens.get(i).low()) || tokens.get(i).isWord("a", "an", "quarter");
      if (unit && number) {
        return true;
      }
    }
    return false;
  }

  private static boolean isFat(Token token) {
    return token.isWord("butter", "oil", "ghee", "lard", "margarine", "spray", "dripping", "fat");
  }

  static Set<Sort> of(List<Token> line) {
    List<Token> tokens = line.subList(begin(line), line.size());
    Set<Sort> found = EnumSet.noneOf(Sort.class);
    int words = tokens.size();
    while (words > 1
        && (tokens.get(words - 1).kind() != Token.Kind.WORD
            || tokens
                .get(words - 1)
                .isWord("optional", "ingredients", "stuff", "bits", "first", "next"))) {
      words--;
    }
    int end = bracket(tokens, words);
    Phrases.shipped()
        .each(
            tokens,
            0,
            phrase -> {
              boolean apart =
                  tokens.size() > phrase.to() && tokens.get(phrase.to()).isMark(",", "-");
              if (phrase.to() >= end || apart && phrase.sorts().contains(Sort.H_NUTRITION)) {
                found.addAll(phrase.sorts());
              }
            });
    String label = Token.joined(tokens.subList(0, end)).toLowerCase(Locale.ROOT);
    if (label.equals("spray")) {
      return Set.of(); // "spray – 2 seconds"
    }
    if (found.contains(Sort.PAN) || found.contains(Sort.PAN_NEXT) || PAN_LABELS.contains(label)) {
      found.add(Sort.H_PAN); // "For greasing the pan"
    } else if (found.contains(Sort.PLATE)
        || found.contains(Sort.PLATE_NEXT)
        || PLATE_LABELS.contains(label)
        || isDish(tokens, end)) {
      found.add(Sort.H_PLATE);
    }
    found.retainAll(Sort.HEADINGS);
    return found;
  }

  /** "For the berry compote", "Chocolate sauce:". */
  private static boolean isDish(List<Token> tokens, int end) {
    boolean colon = end < tokens.size() && tokens.get(end).isMark(":");
    boolean alone = colon && tokens.size() == 2 && !tokens.get(0).isWord("butter", "cream", "jam");
    boolean few = end <= MOST_WORDS && tokens.get(end - 1).isWord(TOPPINGS);
    boolean meant = tokens.get(0).isWord("for") || colon;
    return few || meant && (end > 1 || alone) && tokens.get(end - 1).isWord(DISHES);
  }

  private static boolean isEndOfDish(List<Token> tokens, int end) {
    return end > 0 && tokens.get(end - 1).isWord(DISHES);
  }

  static boolean isNumberOnly(List<Token> tokens, int from) {
    boolean number = from < tokens.size() && tokens.get(from).isWhole();
    return number && tokens.size() <= from + 3 && tokens.get(tokens.size() - 1).isWhole();
  }

  /** Nothing is measured on the line outside of brackets: "you need 100 g flour" is no heading. */
  private static boolean isBare(List<Token> tokens) {
    int number = 0;
    while (number < tokens.size() && !isNumber(tokens, number) && !tokens.get(number).isMark("(")) {
      number++;
    }
    boolean counted = number > 0 && tokens.get(number - 1).isWord("for");
    boolean bracket = number < tokens.size() && tokens.get(number).isMark("(");
    boolean held = bracket && isMeasure(tokens.subList(number + 1, tokens.size()));
    if (isMeasured(tokens) || held && isEndOfDish(tokens, number)) {
      return false; // "caramel (100 g)"
    }
    return number >= tokens.size() - 1 || bracket || counted;
  }

  /** "Batter (for 12)": the words before the bracket. */
  private static int bracket(List<Token> tokens, int words) {
    for (int i = 1; i < words; i++) {
      boolean count = tokens.get(i).isWord("for") && isNumber(tokens, i + 1);
      if (tokens.get(i).isMark("(") || isNumber(tokens, i) || count) {
        return i;
      }
    }
    return words;
  }
}
