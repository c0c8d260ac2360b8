package honeststack.core.line;

import honeststack.core.food.Foods;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A line that leaves a choice open: "butter or oil". The first food counts, the other is kept.
 *
 * @param first the words of the first food
 * @param other those of the other one, with its own amount where it has one
 */
record Choice(List<Token> first, List<Token> other) {
  /** So many foods of a kind stand beside the one that is named. */
  private static final int OFFERED = 3;

  /** Of "white or brown sugar" the first is no food by itself, whatever goes by it. */
  private static final Set<String> HALVES =
      Set.of(
          "white",
          "brown",
          "whole",
          "semi",
          "light",
          "dark",
          "red",
          "green",
          "black",
          "plain",
          "skimmed",
          "salted",
          "unsalted",
          "fresh",
          "dried",
          "large",
          "small",
          "dairy");

  /** Empty if there is no "or" between two foods. */
  static Optional<Choice> in(List<Token> words, Foods foods) {
    for (int i = 1; i + 1 < words.size(); i++) {
      boolean slash = words.get(i).isMark("/") && words.get(i + 1).kind() == Token.Kind.WORD;
      if (words.get(i).isWord("or") || slash) {
        int to = words.get(i - 1).isMark(",") ? i - 1 : i;
        List<Token> first = List.copyOf(words.subList(0, to));
        List<Token> other = List.copyOf(words.subList(i + 1, words.size()));
        return first.isEmpty()
            ? Optional.empty()
            : Optional.of(new Choice(whole(first, other, foods), other));
      }
    }
    return Optional.empty();
  }

  /** Only words about the first food stand behind the "or": "fresh or frozen". */
  static boolean isFree(String line) {
    return Token.of(line).stream()
        .filter(token -> token.kind() == Token.Kind.WORD)
        .allMatch(token -> LineWords.isDescribing(token.low()) || token.low().length() < 3);
  }

  /** "50 g walnuts or nuts of your choice": some of the kind beside the one that is named. */
  List<String> ofKind(Foods foods, String amount) {
    return foods.kind(Token.joined(other)).stream()
        .limit(OFFERED)
        .map(food -> amount + food.name())
        .toList();
  }

  /** "spelt or wheat flour": the last word may belong to both. */
  private static List<Token> whole(List<Token> first, List<Token> other, Foods foods) {
    boolean half = first.size() == 1 && HALVES.contains(first.get(0).low());
    if (!half && foods.byName(Token.joined(first)).isPresent()) {
      return first;
    }
    int last = other.size() - 1;
    for (int i = 0; i < other.size(); i++) {
      if (other.get(i).isMark(",")) {
        last = i - 1;
        break;
      }
    }
    if (last < 0) {
      return first;
    }
    List<Token> both = new ArrayList<>(first);
    both.add(other.get(last));
    return foods.byName(Token.joined(both)).isPresent() ? both : first;
  }
}
