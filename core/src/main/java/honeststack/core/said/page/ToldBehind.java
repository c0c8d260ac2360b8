package honeststack.core.said.page;

import honeststack.core.line.Token;
import java.util.List;

/** Sentences on the line of a heading that tell something of their own. */
final class ToldBehind {
  /** Words of a sentence, and of no item of a list. */
  private static final String[] TELLING = {
    "i", "we", "it", "he", "she", "they", "was", "were", "went", "added", "never", "forgot", "had",
    "another", "batter", "thinned", "more", "instead", "rather", "place"
  };

  private ToldBehind() {}

  /**
   * Where a sentence behind a heading and its foods tells something of its own: "Pan: 15 g lard. It
   * was too thick so I added milk."; the end where none does.
   */
  static int from(List<Token> tokens, int from) {
    int at = from;
    while (at < tokens.size()) {
      int end = Stops.next(tokens, at);
      if (tokens.subList(at, end).stream().anyMatch(token -> token.isWord(TELLING))) {
        return at;
      }
      at = end;
    }
    return tokens.size();
  }
}
