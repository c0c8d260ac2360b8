package honeststack.core.line;

import honeststack.core.wording.Fraction;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * A piece of a line with its place in the text.
 *
 * @param low its text in small letters, curly apostrophes straightened
 */
public record Token(Kind kind, String text, String low, int start, int end) {

  /** What it is made of. */
  public enum Kind {
    NUMBER,
    FRACTION,
    WORD,
    MARK
  }

  /** "one-and-a-half", "one-fifty". */
  private static final Pattern MIXED =
      Pattern.compile(
          "(?i)[a-z]+-and-(?:a|one|two|three)-(?:half|third|quarter)s?"
              + "|(?:one|two|three|four|five|six|seven|eight|nine)-(?:twenty|thirty|forty|fifty|sixty"
              + "|seventy|eighty|ninety)(?:-(?:one|two|three|four|five|six|seven|eight|nine))?");

  /** "three-quarters": two words. */
  private static final Pattern COUNTED =
      Pattern.compile(
          "(?:a|one|two|three)-(?:half|halves|thirds?|quarters?)"
              + "|(?:half|quarter|demi)-(?:cup|pint|lit(?:re|er)|pound|kilo|dozen|teaspoon|tablespoon)",
          Pattern.CASE_INSENSITIVE);

  /** The pieces of a text, in their order; white space is between them. */
  public static List<Token> of(String text) {
    List<Token> tokens = new ArrayList<>();
    int at = 0;
    while (at < text.length()) {
      char c = text.charAt(at);
      if (Character.isWhitespace(c) || Character.isSpaceChar(c)) {
        at++;
        continue;
      }
      boolean number = isDigit(text, at) || isPoint(text, at);
      Kind kind =
          number
              ? Kind.NUMBER
              : Fraction.of(c) > 0
                  ? Kind.FRACTION
                  : Character.isLetter(text.codePointAt(at)) ? Kind.WORD : Kind.MARK;
      int end =
          switch (kind) {
            case NUMBER -> endOfNumber(text, at);
            case FRACTION -> at + 1;
            case WORD -> endOfWord(text, at);
            case MARK -> at + Character.charCount(text.codePointAt(at));
          };
      add(tokens, kind, text, at, end);
      at = end;
    }
    return tokens;
  }

  private static void add(List<Token> tokens, Kind kind, String text, int start, int end) {
    String written = text.substring(start, end);
    int hyphen = kind == Kind.WORD ? written.indexOf('-') : -1;
    if (hyphen > 0 && COUNTED.matcher(written).matches()) {
      tokens.add(word(text, start, start + hyphen));
      tokens.add(word(text, start + hyphen + 1, end));
      return;
    }
    if (hyphen > 0 && MIXED.matcher(written).matches()) {
      for (int at = start; at < end; ) {
        int next = text.indexOf('-', at);
        int to = next < 0 || next > end ? end : next;
        tokens.add(word(text, at, to));
        at = to + 1;
      }
      return;
    }
    if (isAnd(text, start)) {
      tokens.add(new Token(Kind.WORD, written, "and", start, end));
      return;
    }
    String low = written.toLowerCase(Locale.ROOT).replace('’', '\'');
    tokens.add(new Token(kind, written, low, start, end));
  }

  /** "two hundred & fifty": a sign that stands for the word. */
  private static boolean isAnd(String text, int at) {
    return text.charAt(at) == '&'
        && at > 0
        && Character.isWhitespace(text.charAt(at - 1))
        && at + 1 < text.length()
        && Character.isWhitespace(text.charAt(at + 1));
  }

  private static boolean isDigit(String text, int at) {
    return at >= 0 && at < text.length() && text.charAt(at) >= '0' && text.charAt(at) <= '9';
  }

  /** A point or a comma. */
  private static boolean isMark(String text, int at) {
    return at >= 0 && at < text.length() && (text.charAt(at) == '.' || text.charAt(at) == ',');
  }

  /** ".5" at the beginning of a word; right behind a word, or in ".1/2", it is a mark. */
  private static boolean isPoint(String text, int at) {
    boolean apart =
        at == 0 || Character.isWhitespace(text.charAt(at - 1)) || text.charAt(at - 1) == '(';
    return apart && isDecimalMark(text, at) && !isMixed(text, at);
  }

  private static boolean isDecimalMark(String text, int at) {
    return isMark(text, at) && isDigit(text, at + 1);
  }

  private static int endOfNumber(String text, int start) {
    int at = start;
    while (isDigit(text, at) || isDecimalMark(text, at) && !isMixed(text, at)) {
      at++;
    }
    return at;
  }

  /** "1.1/2": a whole number and a fraction. */
  private static boolean isMixed(String text, int mark) {
    return text.charAt(mark) == '.'
        && mark + 3 < text.length()
        && text.charAt(mark + 2) == '/'
        && isDigit(text, mark + 3)
        && text.charAt(mark + 1) < text.charAt(mark + 3);
  }

  /** Letters, with an apostrophe or a hyphen between. */
  private static int endOfWord(String text, int start) {
    int at = start;
    while (at < text.length()) {
      int c = text.codePointAt(at);
      boolean joint = c == '-' || c == '\'' || c == '’';
      boolean joined =
          joint && at + 1 < text.length() && Character.isLetter(text.codePointAt(at + 1));
      if (!Character.isLetter(c) && !joined) {
        break;
      }
      at += Character.charCount(c);
    }
    return at;
  }

  private static Token word(String text, int start, int end) {
    String word = text.substring(start, end);
    return new Token(Kind.WORD, word, word.toLowerCase(Locale.ROOT), start, end);
  }

  /** Whether it is one of some words, given in small letters. */
  public boolean isWord(String... words) {
    return kind == Kind.WORD && isIn(words);
  }

  /** A number without a decimal mark. */
  public boolean isWhole() {
    return kind == Kind.NUMBER && low.indexOf('.') < 0 && low.indexOf(',') < 0;
  }

  /** Whether it is one of some marks. */
  public boolean isMark(String... marks) {
    return kind == Kind.MARK && isIn(marks);
  }

  private boolean isIn(String... texts) {
    for (String other : texts) {
      if (low.equals(other)) {
        return true;
      }
    }
    return false;
  }

  @Override
  public String toString() {
    return text;
  }

  /** Tokens as they were written, without what stood between them. */
  public static String joined(List<Token> tokens) {
    StringBuilder joined = new StringBuilder();
    int end = 0;
    for (Token token : tokens) {
      if (!joined.isEmpty() && token.start() != end) {
        joined.append(' ');
      }
      joined.append(token.text().equals("&") ? token.low() : token.text());
      end = token.end();
    }
    return joined.toString();
  }
}
