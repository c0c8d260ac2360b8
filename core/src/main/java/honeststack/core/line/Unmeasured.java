package honeststack.core.line;

import java.util.List;

/** Words before a food that nobody measured: "a little oil", "some milk", "a thin film of oil". */
final class Unmeasured {
  private Unmeasured() {}

  /** Where such words end that begin at a token; there if none do. */
  static int end(List<Token> tokens, int from) {
    int i = from;
    if (word(tokens, i, "a")
        && word(tokens, i + 1, "little", "bit", "touch", "tad", "spot", "lot")) {
      i += 2;
    } else if (word(tokens, i, "a", "the") && isFilm(tokens, i + 1)) {
      i += word(tokens, i + 1, "thin", "light") ? 3 : 2;
    } else if (word(tokens, i, "some", "enough", "plenty", "extra", "more", "little")
        && !word(tokens, i + 1, "large", "few")) {
      i++;
    } else {
      return from;
    }
    return word(tokens, i, "of", "more") ? i + 1 : i;
  }

  private static boolean isFilm(List<Token> tokens, int i) {
    int film = word(tokens, i, "thin", "light") ? i + 1 : i;
    return word(
            tokens, film, "film", "coat", "coating", "layer", "lick", "smidge", "hint", "trickle")
        && word(tokens, film + 1, "of");
  }

  private static boolean word(List<Token> tokens, int i, String... words) {
    return i < tokens.size() && tokens.get(i).isWord(words);
  }
}
