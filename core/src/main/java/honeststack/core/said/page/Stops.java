package honeststack.core.said.page;

import honeststack.core.line.AmountParser;
import honeststack.core.line.EverydayWords;
import honeststack.core.line.Token;
import honeststack.core.line.UnitWords;
import honeststack.core.said.words.Phrases;
import honeststack.core.said.words.Sort;
import honeststack.core.wording.RefusedException;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Where a sentence ends: a dot may also shorten a unit. */
final class Stops {
  /** Words before a colon. */
  private static final int LABEL = 5;

  private static final int LONG_SENTENCE = 120;
  private static final int LONGEST_SENTENCE = 200;

  /** Behind a word of so many letters a dot is no abbreviation. */
  private static final int LONG_WORD = 4;

  /** What a sentence behind a unit may begin with. */
  private static final Set<Sort> BEGINS =
      EnumSet.of(Sort.VERB, Sort.YIELD, Sort.SERVES, Sort.BATTER, Sort.CORRECT);

  /** If it says so with more words than one: "Fried in", "Topped with". */
  private static final Set<Sort> BEGINS_WITH_MORE =
      EnumSet.of(Sort.PAN_NEXT, Sort.PLATE_NEXT, Sort.EXCLUDE);

  /** Of every day, and often shortened words of a recipe. */
  private static final String[] SHORTENED = {
    "min", "max", "no", "med", "opt", "about", "sm", "lg", "mr", "mrs", "dr", "st", "a", "i", "s"
  };

  private static final String[] FOODS = {
    "egg", "oil", "fat", "rye", "oat", "ham", "jam", "nut", "tea", "rum", "pan"
  };

  /** No name of a food begins so. */
  private static final String[] GOES_ON = {
    "this",
    "that",
    "it",
    "they",
    "we",
    "you",
    "i",
    "there",
    "my",
    "she",
    "he",
    "makes",
    "gives",
    "serves",
    "then",
    "rest",
    "whisk",
    "stir",
    "bake",
    "fry",
    "cook",
    "serve",
    "enough",
    "carbs",
    "protein",
    "calories",
    "fibre",
    "fiber",
    "about"
  };

  /** Before an amount of what was named: "the milk ran out, so only 300 ml. Lovely and crisp." */
  private static final String[] ONLY = {
    "only", "just", "so", "about", "around", "roughly", "maybe", "was", "were", "took", "needed",
    "used", "at", "had", "is", "it's", "that's", "till", "until", "by"
  };

  /** Before the weight of what was counted. */
  private static final String[] TOLD = {
    "about", "around", "roughly", "together", "total", "weighing", "weighed", "is", "was", "say"
  };

  /** What is counted, and weighed behind its name: "1 carton sour cream, 400 g". */
  private static final String[] PACKS = {
    "carton", "tin", "can", "pot", "tub", "pack", "packet", "bag", "jar", "bottle", "punnet",
    "block", "box", "sachet", "tins", "cans", "pots", "tubs", "packs", "packets", "bags", "jars",
    "schale", "becher", "dose", "glas"
  };

  /** One asks about a food in no more words. */
  private static final int QUESTION = 4;

  private Stops() {}

  /** Speech without an end is cut where it goes on: at an "and", at worst anywhere. */
  static boolean isLong(List<Token> tokens, int from, int i) {
    return i - from >= LONG_SENTENCE && tokens.get(i).isWord("and", "then")
        || i - from >= LONGEST_SENTENCE;
  }

  /**
   * @param from where the sentence begins
   */
  static boolean isEnd(List<Token> tokens, int from, int i) {
    Token mark = tokens.get(i);
    if (mark.isMark("!", "?", "|", "•", "·", "▪")) {
      return true;
    }
    if (!mark.isMark(".") || i == 0 || tokens.get(i - 1).isMark(".")) {
      return false;
    }
    if (i + 1 == tokens.size()) {
      return true;
    }
    if (tokens.get(i - 1).isWord("abt", "approx", "aprox", "ca")) {
      return false; // "abt. 10"
    }
    if (isAsked(tokens, i + 1)) {
      return true; // "eggs? 2. flour? 200 g."
    }
    Token next = tokens.get(i + 1);
    boolean begins =
        next.start() > mark.end()
            && (Character.isUpperCase(next.text().codePointAt(0))
                || next.kind() == Token.Kind.NUMBER
                || next.kind() == Token.Kind.FRACTION);
    boolean whole = next.start() > mark.end() && isWhole(tokens, from, i - 1);
    boolean unit = UnitWords.isUnit(tokens, i - 1) && !Headings.isWritten(tokens.get(i - 1));
    return !unit && (begins || whole)
        || unit && begins && isEndOfAmount(tokens, from, i)
        || next.start() > mark.end() && isMetricEnd(tokens, from, i);
  }

  /** Behind a unit, before what may begin a sentence. */
  private static boolean isEndOfAmount(List<Token> tokens, int from, int dot) {
    boolean each = dot > 2 && tokens.get(dot - 3).isMark("@"); // "9 pcs @ 70 g. Best so far."
    boolean set = // "I changed the salt to 2 tsp. 20 g honey on top"
        dot > from + 2 && tokens.get(dot - 3).isWord("not", "to", "than");
    return each
        || set
        || isLabelled(tokens, dot + 1)
        || isBehindName(tokens, from, dot)
        || isOnceMore(tokens, from, dot)
        || isSentence(tokens, dot + 1);
  }

  /** A question of a few words. */
  private static boolean isAsked(List<Token> tokens, int from) {
    int i = from;
    while (i < tokens.size() && i < from + QUESTION && tokens.get(i).kind() == Token.Kind.WORD) {
      i++;
    }
    return i > from && i < tokens.size() && tokens.get(i).isMark("?");
  }

  /** Nobody shortens it with a dot: a long word, one of every day, a number within a sentence. */
  private static boolean isWhole(List<Token> tokens, int from, int i) {
    Token token = tokens.get(i);
    return token.text().length() >= LONG_WORD
        || EverydayWords.is(token.low()) && !token.isWord(SHORTENED)
        || token.isWord(FOODS)
        || token.isWord("kcal", "cal", "cals", "kj")
        || token.isMark(")")
        || token.kind() == Token.Kind.NUMBER && i > from;
  }

  /** Few shorten "g" or "ml" with a dot: "12 waffles of 85 g. 100 g sugar". */
  private static boolean isMetricEnd(List<Token> tokens, int from, int dot) {
    if (!isMetric(tokens, dot - 1)) {
      return false;
    }
    Token next = tokens.get(dot + 1);
    boolean name =
        next.text().startsWith("0") || dot + 2 < tokens.size() && tokens.get(dot + 2).isMark("%");
    if (next.kind() != Token.Kind.WORD) {
      return !name; // "100 g. 00 flour", "2 dl. 3 % milk"
    }
    boolean figure = LabelLines.isFigure(tokens.get(from)); // "carbs about 60 g. whipped cream"
    if (figure || next.isWord(GOES_ON) || dot > 2 && tokens.get(dot - 3).isWord("of")) {
      return true; // "12 waffles of 85 g. then mix"
    }
    for (int i = from + 1; i < dot - 1; i++) {
      if (isMetric(tokens, i)) {
        return !tokens.get(i + 1).isMark(".");
      }
    }
    return false;
  }

  private static boolean isMetric(List<Token> tokens, int i) {
    return i > 0
        && tokens.get(i).isWord("g", "gr", "grams", "kg", "mg", "ml", "cl", "dl")
        && tokens.get(i - 1).kind() == Token.Kind.NUMBER;
  }

  /** "Less sugar: 20 g. Flour …": what is measured there was named before. */
  private static boolean isBehindName(List<Token> tokens, int begin, int dot) {
    int number = -1;
    int from = dot - 1;
    while (from >= begin && !tokens.get(from).isMark("!", "?", ";") && !isStop(tokens, from)) {
      Token.Kind kind = tokens.get(from).kind();
      boolean share = from + 1 < dot && tokens.get(from + 1).isMark("%"); // "flour 100 % = 500 g"
      if (!share && (kind == Token.Kind.NUMBER || kind == Token.Kind.FRACTION)) {
        if (number >= 0) {
          return false;
        }
        number = from;
      }
      from--;
    }
    return number > from + 1
        && number > 0
        && tokens.get(from + 1).kind() == Token.Kind.WORD
        && (tokens.get(number - 1).isMark(",", ":", "=", "–", "—")
            || tokens.get(number - 1).isWord("to")
            || number > from + 2 && isMetric(tokens, dot - 1) && tokens.get(number - 1).isWord(ONLY)
            || tokens.get(from + 2).isMark(",")
                && begins(tokens, dot + 1)); // "Egg, fresh 60 g. Oil …"
  }

  /** "2 eggs, together 100 g. Vanilla …", "1 tin = 400 g. Milk …": as much as was counted. */
  private static boolean isOnceMore(List<Token> tokens, int begin, int dot) {
    int number = dot - 2;
    Token before = number > begin + 1 ? tokens.get(number - 1) : tokens.get(begin);
    boolean led = before.isMark("=", "–", "—", "-") || before.isWord(TOLD);
    boolean counted = before.isMark(",") && isMetric(tokens, dot - 1);
    boolean told = number > begin + 1 && tokens.get(number).kind() == Token.Kind.NUMBER;
    if (!told || !(led || counted) || !goesOn(tokens, dot + 1)) {
      return false;
    }
    boolean named = false;
    boolean packed = false;
    for (int i = begin; i < number - 1; i++) {
      named |= tokens.get(i).kind() == Token.Kind.WORD && tokens.get(i).text().length() >= 3;
      packed |= tokens.get(i).isWord(PACKS);
    }
    return led ? named : packed;
  }

  private static boolean goesOn(List<Token> tokens, int i) {
    Token.Kind kind = i < tokens.size() ? tokens.get(i).kind() : Token.Kind.MARK;
    return begins(tokens, i) || kind == Token.Kind.NUMBER || kind == Token.Kind.FRACTION;
  }

  private static boolean begins(List<Token> tokens, int i) {
    return i < tokens.size() && Character.isUpperCase(tokens.get(i).text().codePointAt(0));
  }

  /** Behind the end of the sentence that begins at a token. */
  static int next(List<Token> tokens, int from) {
    for (int i = from; i < tokens.size(); i++) {
      if (isEnd(tokens, from, i)) {
        return i + 1;
      }
    }
    return tokens.size();
  }

  /** A dot that shortens no unit. */
  private static boolean isStop(List<Token> tokens, int i) {
    return tokens.get(i).isMark(".") && (i == 0 || !UnitWords.isUnit(tokens, i - 1));
  }

  /** A line of a text ends between two places in it. */
  static boolean isBreak(String text, int from, int to) {
    for (int i = from; i < to; i++) {
      if (text.charAt(i) == '\n' || text.charAt(i) == '\r') {
        return true;
      }
    }
    return false;
  }

  private static boolean isNumber(List<Token> tokens, int from) {
    try {
      return new AmountParser("", tokens).isNumber(from);
    } catch (RefusedException notRead) {
      return true; // "Half of 1/0 g"
    }
  }

  /** "36 g. Batter 690 g. Twelve of them": no food begins so. */
  private static boolean isSentence(List<Token> tokens, int from) {
    String word = tokens.get(from).text();
    if (word.length() < 3 || !Character.isLowerCase(word.codePointAt(1))) {
      return false;
    }
    boolean[] begins = {isNumber(tokens, from)};
    Phrases.shipped()
        .each(
            tokens,
            from,
            phrase ->
                begins[0] |=
                    phrase.sorts().stream().anyMatch(BEGINS::contains)
                        || phrase.to() > from + 1
                            && phrase.sorts().stream().anyMatch(BEGINS_WITH_MORE::contains));
    boolean goesFor = // "half a tsp. For the sauce warm …"
        tokens.get(from).isWord("for")
            && from + 1 < tokens.size()
            && tokens.get(from + 1).isWord("the", "a", "my", "our", "each", "every");
    return begins[0] || goesFor || tokens.get(from).isWord(GOES_ON);
  }

  /** "2.27 kg. Milk, 2 %: 3.8 L.": what follows names its food before a colon of its own. */
  private static boolean isLabelled(List<Token> tokens, int from) {
    for (int i = from; i < tokens.size() && i <= from + LABEL; i++) {
      if (tokens.get(i).isMark(":", "?")) {
        return true;
      }
      if (tokens.get(i).isMark(".", ";")) {
        return false;
      }
    }
    return false;
  }
}
