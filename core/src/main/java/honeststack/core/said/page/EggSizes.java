package honeststack.core.said.page;

import honeststack.core.line.Token;
import java.util.List;
import java.util.Map;

/** Europe's sizes of eggs by their letters: "2 eggs (M)", "3 eggs, size L", "2 M eggs". */
public final class EggSizes {
  private static final Map<String, String> SIZES =
      Map.of("S", "eu-small", "M", "eu-medium", "L", "eu-large");

  private static final String[] EGGS = {
    "egg", "eggs", "ei", "eier", "œufs", "oeufs", "œuf", "huevos", "uova", "ovos", "eieren", "ägg",
    "æg"
  };

  private static final String[] SIZE = {"size", "größe", "grösse", "taille", "talla", "maat"};

  /** So many words stand before "eggs". */
  private static final int WORDS = 3;

  private EggSizes() {}

  /** Whether the size of eggs beside it begins at a token. */
  static boolean isSize(List<Token> tokens, int i) {
    boolean named = tokens.get(i).isWord(SIZE);
    int letter = named ? i + 1 : i;
    if (letter >= tokens.size() || !SIZES.containsKey(tokens.get(letter).text())) {
      return false;
    }
    int before = i - 1;
    while (before > 0 && tokens.get(before).isMark("(", ",", "[")) {
      before--;
    }
    boolean behind = before >= 0 && tokens.get(before).isWord(EGGS);
    boolean number =
        letter + 1 < tokens.size() && tokens.get(letter + 1).kind() == Token.Kind.NUMBER;
    boolean next =
        letter == i
            && i + 1 < tokens.size()
            && tokens.get(i + 1).isWord(EGGS)
            && !tokens.get(i).text().equals("L"); // "milk 5 L, eggs 48"
    return behind && !number && !isSized(tokens, before) || next;
  }

  /** "5 medium free-range eggs (size M)": it is said already. */
  private static boolean isSized(List<Token> tokens, int eggs) {
    return tokens.subList(Math.max(0, eggs - WORDS), eggs).stream()
        .anyMatch(token -> token.isWord("small", "medium", "large", "big"));
  }

  /** Whether such a size is somewhere in a line. */
  public static boolean isIn(List<Token> tokens) {
    for (int i = 0; i < tokens.size(); i++) {
      if (isSize(tokens, i)) {
        return true;
      }
    }
    return false;
  }

  /** The letter of a size that begins there. */
  static Token letter(List<Token> tokens, int i) {
    return tokens.get(i).isWord(SIZE) ? tokens.get(i + 1) : tokens.get(i);
  }

  static String inFull(Token letter) {
    return SIZES.get(letter.text());
  }
}
