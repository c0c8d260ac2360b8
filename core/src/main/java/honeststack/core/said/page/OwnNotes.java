package honeststack.core.said.page;

import honeststack.core.line.NumberText;
import honeststack.core.line.Token;
import honeststack.core.said.words.Sentence;
import honeststack.core.wording.WordSet;
import java.util.List;
import java.util.Set;

/**
 * What a cook adds behind a recipe of what was done: "Note: the milk ran out at 200 ml.", "PS I
 * used oil." It says what it would say without the word before it; what may be done is no part of
 * it.
 */
public final class OwnNotes {
  private static final Set<String> DONE =
      WordSet.of(
          """
          i we i've we've i'd i'm mine ours my our was were had ran used took forgot left kept needed
          ended stayed went made added stopped weighed came turned thinned instead without became
          replaced swapped had there no
          """);

  private static final Set<String> MAYBE =
      WordSet.of(
          """
          you your you'll you'd can could may might would should if try when always never usually
          next cooks works optional also keeps freeze freezes store stores prefer
          """);

  /** Before what is said. */
  private static final String[] LEADS = {"ps", "nb", "btw", "note"};

  private OwnNotes() {}

  static boolean isOwn(List<Token> tokens) {
    boolean maybe = tokens.stream().anyMatch(token -> MAYBE.contains(token.low()));
    return !maybe && tokens.stream().anyMatch(token -> DONE.contains(token.low()));
  }

  /** "PS: we used oil.", "But we used oil.": the sentence without such words. */
  public static Sentence plain(Sentence sentence) {
    List<Token> tokens = sentence.tokens();
    int from = 0;
    while (from < 2 && from + 2 < tokens.size() && isLead(tokens, from)) {
      from += tokens.get(from + 1).isMark(":", ",", "-", "–") ? 2 : 1;
    }
    return from > 0 && from < tokens.size()
        ? sentence.between(tokens.get(from).start(), sentence.end())
        : sentence;
  }

  private static boolean isLead(List<Token> tokens, int i) {
    boolean swap = tokens.stream().anyMatch(token -> token.isWord("instead", "for"));
    boolean but = tokens.get(i).isWord("but") && (swap || !isChange(tokens.get(i + 1)));
    return but || tokens.get(i).isWord(LEADS);
  }

  /** "But with 3 eggs." takes back what was told. */
  private static boolean isChange(Token behind) {
    return behind.kind() == Token.Kind.NUMBER
        || behind.isWord("with", "only", "just", "using")
        || NumberText.isWord(behind.low());
  }
}
