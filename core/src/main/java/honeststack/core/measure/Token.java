package honeststack.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A piece of a line with its place in the text.
 *
 * @param low its text in small letters, curly apostrophes straightened
 */
record Token(Kind kind, String text, String low, int start, int end) {

  enum Kind {
    NUMBER,
    FRACTION,
    WORD,
    MARK
  }

  private static final Pattern PIECES =
      Pattern.compile(
          "(?<number>\\d+(?:[.,]\\d+)*|(?<![.,])[.,]\\d+)"
              + "|(?<fraction>"
              + Fraction.pattern()
              + ")"
              + "|(?<word>\\p{L}+(?:['’-]\\p{L}+)*)"
              + "|(?<mark>\\S)");

  /** "three-quarters": two words. */
  private static final Pattern COUNTED =
      Pattern.compile(
          "(?:a|one|two|three)-(?:half|halves|thirds?|quarters?)", Pattern.CASE_INSENSITIVE);

  static List<Token> of(String text) {
    List<Token> tokens = new ArrayList<>();
    Matcher piece = PIECES.matcher(text);
    while (piece.find()) {
      Kind kind =
          piece.group("number") != null
              ? Kind.NUMBER
              : piece.group("fraction") != null
                  ? Kind.FRACTION
                  : piece.group("word") != null ? Kind.WORD : Kind.MARK;
      if (kind == Kind.WORD && COUNTED.matcher(piece.group()).matches()) {
        int hyphen = piece.start() + piece.group().indexOf('-');
        tokens.add(word(text, piece.start(), hyphen));
        tokens.add(word(text, hyphen + 1, piece.end()));
        continue;
      }
      String low = piece.group().toLowerCase(Locale.ROOT).replace('’', '\'');
      tokens.add(new Token(kind, piece.group(), low, piece.start(), piece.end()));
    }
    return tokens;
  }

  private static Token word(String text, int start, int end) {
    String word = text.substring(start, end);
    return new Token(Kind.WORD, word, word.toLowerCase(Locale.ROOT), start, end);
  }

  boolean isWord(String... words) {
    return kind == Kind.WORD && isIn(words);
  }

  boolean isMark(String... marks) {
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
}
