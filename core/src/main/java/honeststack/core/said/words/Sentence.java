package honeststack.core.said.words;

import honeststack.core.line.Place;
import honeststack.core.line.Token;
import java.util.List;

/**
 * The words of one sentence, or of one line.
 *
 * @param line place of its line in the text
 * @param section what the heading above it says it is
 * @param place where the heading above it says that it goes
 * @param per for what the heading above it says that each amount is; null for all
 * @param whole it is all of its line
 */
public record Sentence(
    int line, Section section, Place place, Per per, boolean whole, List<Token> tokens) {

  public enum Section {
    /** What goes in. */
    LIST,
    /** How it is done: foods already measured are only named again. */
    METHOD,
    NOTES,
    NUTRITION,
    SHOPPING
  }

  /** The part of it from one place in the text to before another. */
  public Sentence between(int from, int to) {
    List<Token> part =
        tokens.stream().filter(token -> token.start() >= from && token.end() <= to).toList();
    return new Sentence(line, section, place, per, false, part);
  }

  /** Its first place in the text. */
  public int start() {
    return tokens.get(0).start();
  }

  /** The place behind it in the text. */
  public int end() {
    return tokens.get(tokens.size() - 1).end();
  }
}
