package honeststack.core.line;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A line cut into its words, bullets left out.
 *
 * @param part "juice" or "zest" where the line names a part of the food; empty otherwise
 * @param read the text that the words are of
 * @param tokens all but what stands in brackets
 * @param asides what stands in brackets
 */
record LineText(String part, String read, List<Token> tokens, List<List<Token>> asides) {
  private static final Pattern PART_OF =
      Pattern.compile(
          "^\\s*(?:(?:finely|freshly|the)\\s+)*(?:(?:grated|squeezed)\\s+)?(juice|zest|rind|peel)\\s+"
              + "(?:of|from)\\s+(.+)$",
          Pattern.CASE_INSENSITIVE);

  static LineText of(String text) {
    Matcher partOf = PART_OF.matcher(text);
    boolean of = partOf.matches();
    String read = of ? partOf.group(2) : text;
    List<Token> tokens = new ArrayList<>();
    List<List<Token>> asides = new ArrayList<>();
    List<Token> aside = null;
    for (Token token : Token.of(read)) {
      if (token.isMark("(", "[")) {
        aside = new ArrayList<>();
        asides.add(aside);
      } else if (token.isMark(")", "]")) {
        aside = null;
      } else {
        (aside == null ? tokens : aside).add(token);
      }
    }
    dropBullet(tokens);
    fillingBehindPart(tokens);
    return new LineText(of ? name(partOf.group(1)) : "", read, tokens, asides);
  }

  private static String name(String part) {
    return part.equalsIgnoreCase("juice") ? "juice" : "zest";
  }

  /** A dash or a dot before a line, a number before a line of a numbered list. */
  private static void dropBullet(List<Token> tokens) {
    if (tokens.size() > 1 && tokens.get(0).isWord("optional") && tokens.get(1).isMark(":")) {
      tokens.add(tokens.remove(0));
      tokens.remove(0);
    }
    while (!tokens.isEmpty() && tokens.get(0).isMark("•", "*", "·", "–", "—", "▢", "□")) {
      tokens.remove(0);
    }
    if (tokens.size() > 1
        && tokens.get(0).isMark("-")
        && tokens.get(0).end() < tokens.get(1).start()) {
      tokens.remove(0);
    }
  }

  /** "a scant half cup": as "a half scant cup". */
  private static void fillingBehindPart(List<Token> tokens) {
    boolean heaped = tokens.size() > 2 && LineWords.HEAPS.containsKey(tokens.get(1).low());
    if (heaped && tokens.get(0).isWord("a", "one") && Parts.is(tokens.get(2).low())) {
      tokens.add(2, tokens.remove(1));
    }
  }
}
