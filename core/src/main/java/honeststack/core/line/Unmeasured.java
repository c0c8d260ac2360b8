package honeststack.core.line;

import java.util.List;

/** Words before a food that nobody measured: "a little oil", "some milk", "a thin film of oil". */
final class Unmeasured {
  private Unmeasured() {}

  /** Where such words end that begin at a token; there if none do. */
  static int end(List<Token> tokens, int from) {
    int i = from;
    boolean little = word(tokens, i + 1, "little") && word(tokens, i + 2, "bit");
    boolean small =
        little
            || word(tokens, i + 1, "tiny", "wee", "small", "mere", "good", "generous", "fair")
            || word(tokens, i + 1, "large", "decent");
    int bit = small ? i + 2 : i + 1;
    if (word(tokens, i, "a", "the")
        && (word(tokens, bit, "bit", "touch", "tad", "spot", "lot", "whisper", "heap", "cloud")
            || word(tokens, bit, "hint", "suspicion", "load", "mound", "amount", "quantity")
            || !small && word(tokens, bit, "little"))) {
      i = bit + 1;
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
