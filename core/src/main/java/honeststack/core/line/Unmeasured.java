package honeststack.core.line;

import honeststack.core.wording.WordSet;
import java.util.List;
import java.util.Set;

/** Words before a food that nobody measured: "a little oil", "some milk", "a thin film of oil". */
final class Unmeasured {
  private static final Set<String> HEAPS =
      WordSet.of(
          "mountain hill pile heap mound pyramid tower tumble jumble tangle nest bed carpet blanket"
              + " island avalanche landslide flood river lake pond pool puddle sea ocean moat stream"
              + " trail ribbon thread stripe streak zigzag slick veil mist fog haze snow snowfall"
              + " snowstorm blizzard flurry frost shower rain storm breath kiss suggestion rumour ghost"
              + " memory glimmer glaze slather lashing lacing crown halo wreath garland garden barn"
              + " bucketload boatload shedload truckload mass abundance wealth riot explosion overload"
              + " confetti constellation smattering wash swipe brush wipe rub");

  private Unmeasured() {}

  /** Where such words end that begin at a token; there if none do. */
  static int end(List<Token> tokens, int from) {
    int i = from;
    boolean little = word(tokens, i + 1, "little") && word(tokens, i + 2, "bit");
    boolean small =
        little
            || word(
                tokens, i + 1, "tiny", "wee", "small", "mere", "good", "generous", "fair", "teeny")
            || word(
                tokens,
                i + 1,
                "large",
                "decent",
                "teensy",
                "titchy",
                "tiniest",
                "littlest",
                "slight");
    int bit = small ? i + 2 : i + 1;
    if (word(tokens, i, "a", "the")
        && (word(tokens, bit, "bit", "touch", "tad", "spot", "lot", "whisper", "heap", "cloud")
            || word(tokens, bit, "hint", "suspicion", "load", "mound", "amount", "quantity")
            || !small && word(tokens, bit, "little") && !isUnit(tokens, bit + 1))) {
      i = bit + 1;
    } else if (word(tokens, i, "a", "the") && isFilm(tokens, i + 1)) {
      i += word(tokens, i + 1, "thin", "light") ? 3 : 2;
    } else if (word(tokens, i, "a", "an", "the") && isHeap(tokens, bit)) {
      i = bit + 1;
    } else if (word(tokens, i, "some", "enough", "plenty", "extra", "more", "little")
        && !word(tokens, i + 1, "large", "few")
        && !(word(tokens, i, "little") && isUnit(tokens, i + 1))) {
      i++;
    } else {
      return from;
    }
    return word(tokens, i, "of", "more") ? i + 1 : i;
  }

  /** "a little splash of milk" is a small splash. */
  private static boolean isUnit(List<Token> tokens, int i) {
    return word(tokens, i + 1, "of") && UnitWords.at(tokens, i).isPresent();
  }

  private static boolean isFilm(List<Token> tokens, int i) {
    int film = word(tokens, i, "thin", "light") ? i + 1 : i;
    return word(
            tokens, film, "film", "coat", "coating", "layer", "lick", "smidge", "hint", "trickle")
        && word(tokens, film + 1, "of");
  }

  /** "a mountain of raspberries", "a snow of icing sugar": so much as nobody counts. */
  private static boolean isHeap(List<Token> tokens, int i) {
    return i < tokens.size() && HEAPS.contains(tokens.get(i).low()) && word(tokens, i + 1, "of");
  }

  private static boolean word(List<Token> tokens, int i, String... words) {
    return i < tokens.size() && tokens.get(i).isWord(words);
  }
}
