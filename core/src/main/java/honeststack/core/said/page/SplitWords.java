package honeststack.core.said.page;

import honeststack.core.line.Token;
import honeststack.core.line.UnitWords;
import honeststack.core.wording.WordSet;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Names of foods in two words or with a hyphen that are one: "coco nut milk", "blue-berries". */
final class SplitWords {
  /** Beginnings of names, and what may stand apart behind each. */
  private static final Map<String, Set<String>> ENDS =
      ends(
          """
          straw rasp blue black cran goose logan boysen tay marion whortle = berry berries
          mul cloud bil lingon huckle wolf = berry berries
          elder = berry berries flower
          coco pea wal hazel chest tiger = nut nuts
          lin = seed seeds
          rape ani = seed
          sun saf cauli = flower
          buck = wheat
          arrow beet = root
          pine = apple apples
          grape kiwi = fruit
          pop sweet = corn
          oat corn mealie = meal
          hot pan = cake cakes
          """);

  private SplitWords() {}

  private static Map<String, Set<String>> ends(String text) {
    Map<String, Set<String>> ends = new HashMap<>();
    for (String line : text.strip().split("\n")) {
      String[] sides = line.split("=");
      WordSet.of(sides[0]).forEach(first -> ends.put(first, WordSet.of(sides[1])));
    }
    return Map.copyOf(ends);
  }

  /** The pieces of a text with such words joined. */
  static List<Token> joined(List<Token> tokens) {
    List<Token> joined = new ArrayList<>(tokens.size());
    for (int i = 0; i < tokens.size(); i++) {
      Token first = tokens.get(i);
      Token next = i + 1 < tokens.size() ? tokens.get(i + 1) : null;
      int hyphen = first.kind() == Token.Kind.WORD ? first.low().indexOf('-') : -1;
      boolean one =
          hyphen > 0 && isOne(first.low().substring(0, hyphen), first.low().substring(hyphen + 1));
      boolean two =
          next != null
              && next.start() - first.end() == 1
              && (isOne(first.low(), next.low())
                  || isMilk(tokens, i)
                  || isMeal(tokens, i)
                  || isSquash(tokens, i));
      if (one) {
        joined.add(word(first, first, first.low().replaceFirst("-", "")));
      } else if (two) {
        joined.add(word(first, next, first.low() + next.low()));
        i++;
      } else {
        joined.add(first);
      }
    }
    return joined;
  }

  private static boolean isOne(String first, String second) {
    return ENDS.getOrDefault(first, Set.of()).contains(second);
  }

  /** "300 ml butter milk": poured, and no milk that is measured by itself. */
  private static boolean isMilk(List<Token> tokens, int i) {
    boolean two = tokens.get(i).isWord("butter") && tokens.get(i + 1).isWord("milk");
    int unit = i > 0 && tokens.get(i - 1).isWord("of") ? i - 2 : i - 1;
    boolean poured =
        unit > 0
            && (tokens
                    .get(unit)
                    .isWord("ml", "l", "dl", "cl", "litre", "pint", "pints", "cup", "cups")
                || tokens.get(unit).isWord("c", "carton", "glass", "quart"));
    boolean own = // "1 cup butter milk 200 ml"
        i + 2 < tokens.size() && tokens.get(i + 2).kind() == Token.Kind.NUMBER;
    return two && poured && !own;
  }

  /** "whole meal flour", "200 g whole meal spelt". */
  private static boolean isMeal(List<Token> tokens, int i) {
    boolean two = tokens.get(i).isWord("whole") && tokens.get(i + 1).isWord("meal");
    boolean flour =
        i + 2 < tokens.size()
            && tokens
                .get(i + 2)
                .isWord("flour", "spelt", "rye", "wheat", "pastry", "self", "sr", "bread", "white");
    boolean weighed = i > 1 && UnitWords.at(tokens, i - 1).isPresent();
    return two && (flour || weighed);
  }

  /** "butter nut squash". */
  private static boolean isSquash(List<Token> tokens, int i) {
    return tokens.get(i).isWord("butter")
        && tokens.get(i + 1).isWord("nut")
        && i + 2 < tokens.size()
        && tokens.get(i + 2).isWord("squash", "pumpkin");
  }

  private static Token word(Token first, Token last, String word) {
    return new Token(Token.Kind.WORD, word, word, first.start(), last.end());
  }
}
