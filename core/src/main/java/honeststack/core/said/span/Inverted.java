package honeststack.core.said.span;

import honeststack.core.food.Foods;
import honeststack.core.food.Role;
import honeststack.core.line.LineWords;
import honeststack.core.line.Token;
import honeststack.core.line.UnitWords;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Counted;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Names with their adjective behind, as on a list: "sugar, brown", "apricots (dried)". */
public final class Inverted {
  private static final int MOST_BEHIND = 6;
  private static final int MOST_COMMAS = 2;

  /** No name goes over them. */
  private static final String[] OTHER = {
    "and", "or", "with", "for", "to", "in", "on", "plus", "the", "a", "an", "of", "then", "but"
  };

  private static final Set<String> PARTS =
      Set.of("juice", "zest", "rind", "peel", "soft", "yolks", "yolk", "whole");

  /** Of a food that was kept; fresh it is another one. */
  private static final Set<String> CHANGED =
      Set.of(
          "dried",
          "freeze-dried",
          "air-dried",
          "dehydrated",
          "tinned",
          "canned",
          "sweetened",
          "powdered",
          "pickled",
          "candied",
          "crystallised",
          "crystallized",
          "condensed",
          "evaporated");

  /** What names of foods end with: "pumpkin, butter" are two. */
  private static final Set<String> ENDS =
      Set.of(
          "oil", "milk", "butter", "flour", "syrup", "sugar", "juice", "sauce", "powder", "fat",
          "jam", "vinegar", "bread", "wine", "water", "paste", "curd", "yogurt");

  private final Foods foods;

  public Inverted(Foods foods) {
    this.foods = foods;
  }

  /**
   * @param name in the usual order
   * @param food empty where nobody knows it: "mango, dried"
   * @param to place of the first token after it
   */
  record Found(String name, Optional<Foods.Named> food, int to) {}

  /** The longest that begins at a token and has its comma at another. */
  Optional<Found> at(List<Token> tokens, int from, int comma) {
    Optional<Found> longest = Optional.empty();
    StringBuilder behind = new StringBuilder();
    int commas = 0;
    for (int i = comma; i < tokens.size() && i <= comma + MOST_BEHIND; i++) {
      Token token = tokens.get(i);
      if (token.isMark(",") || i == comma) {
        commas++;
        if (commas > MOST_COMMAS) {
          break;
        }
        continue;
      }
      boolean percent = token.isMark("%") || isPercent(tokens, i);
      boolean minced = LineWords.isMinced(tokens.get(comma - 1).low());
      boolean stone = tokens.get(i - 1).isWord("stone"); // so it comes
      if (token.isWord("ground", "milled") && !minced && !stone && isFilled(tokens, from)) {
        break; // "1 cup hazelnuts, ground to meal": before
      }
      boolean number = // "100 g butter, one apple"
          token.isWord("one") || Counted.WORDS.contains(token.low());
      if (token.isWord(OTHER) || number || token.kind() != Token.Kind.WORD && !percent) {
        break;
      }
      behind.append(behind.length() == 0 ? "" : " ").append(token.text());
      if (isPercent(tokens, i)) {
        continue;
      }
      String head = Token.joined(tokens.subList(from, comma));
      Optional<Foods.Named> found =
          isPart(head, behind.toString())
              ? Optional.empty()
              : foods.byName(behind + " " + head).filter(f -> isOther(f, head, behind.toString()));
      boolean named = found.isPresent() && isMeant(tokens, from, comma, i + 1);
      if ((named || isChanged(head, token.low())) && isApart(tokens, i + 1)) {
        longest = Optional.of(new Found(behind + " " + head, found, i + 1));
      }
    }
    return longest;
  }

  /** Behind a cup: what is done to the food behind its name was done later. */
  static boolean isFilled(List<Token> tokens, int from) {
    int unit = from > 0 && tokens.get(from - 1).isWord("of") ? from - 2 : from - 1;
    return unit >= 0
        && UnitWords.at(tokens, unit)
            .filter(found -> found.unit().kind() == Unit.Kind.VOLUME)
            .isPresent();
  }

  private static boolean isPercent(List<Token> tokens, int i) {
    return tokens.get(i).kind() == Token.Kind.NUMBER
        && i + 1 < tokens.size()
        && tokens.get(i + 1).isMark("%");
  }

  /** "1 lemon, juice and zest"; "cream cheese, soft" was another one that was softened. */
  private static boolean isPart(String head, String behind) {
    return PARTS.contains(behind.toLowerCase(Locale.ROOT))
        || behind.equalsIgnoreCase("stewed") // afterwards
        || head.equalsIgnoreCase("mix") // "mash, mix, waffle"
        || head.toLowerCase(Locale.ROOT).endsWith("cream") && behind.equalsIgnoreCase("whipped")
        || head.toLowerCase(Locale.ROOT).startsWith("egg") && behind.startsWith("white");
  }

  /** Another food than without it; or the words behind it are a food's by themselves. */
  private boolean isOther(Foods.Named found, String head, String behind) {
    Optional<Foods.Named> plain = foods.byName(head);
    return plain.isEmpty()
        || behind.endsWith("%")
        || !plain.get().food().equals(found.food())
        || Stream.of(behind.split(" "))
            .anyMatch(word -> foods.byName(word).isPresent() || !foods.kind(word).isEmpty());
  }

  /** Another food than the one that is named without it; empty for none. */
  public Optional<Foods.Named> combined(String head, String behind) {
    Optional<Foods.Named> plain = foods.byName(head);
    return foods
        .byName(isPart(head, behind) ? head : behind + " " + head)
        .filter(found -> plain.isEmpty() || !plain.get().food().equals(found.food()));
  }

  /** Nothing of the same words follows. */
  private static boolean isApart(List<Token> tokens, int i) {
    return i >= tokens.size()
        || tokens.get(i).kind() != Token.Kind.WORD
        || tokens.get(i).isWord(OTHER) && !isFriedIn(tokens, i);
  }

  /** "2 eggs, fried in oil", "…, sweetened with honey": what is done to all of it. */
  private static boolean isFriedIn(List<Token> tokens, int i) {
    return tokens.get(i).isWord("in", "with", "on")
        && tokens
            .get(i - 1)
            .isWord(
                "fried",
                "cooked",
                "baked",
                "grilled",
                "browned",
                "sweetened",
                "flavoured",
                "flavored",
                "thickened",
                "enriched",
                "mixed",
                "topped",
                "filled");
  }

  /**
   * What is a food by itself may be the next on the list: it is none where only one thing is
   * measured and nothing follows, "20 ml oil, olive".
   */
  private boolean isMeant(List<Token> tokens, int head, int comma, int to) {
    String behind = Token.joined(tokens.subList(comma + 1, to)).toLowerCase(Locale.ROOT);
    if (foods.byName(behind).isEmpty() && foods.kind(behind).isEmpty()) {
      return true;
    }
    if (ENDS.contains(tokens.get(to - 1).low()) || isFlavoured(tokens, head, comma, behind)) {
      return false;
    }
    if (isSort(tokens, head, to, behind)) {
      return true;
    }
    int from = head;
    int end = to;
    while (from > 0 && !tokens.get(from - 1).isMark(";")) {
      from--;
    }
    while (end < tokens.size() && !tokens.get(end).isMark(";")) {
      end++;
    }
    long numbers = tokens.subList(from, end).stream().filter(Inverted::isNumber).count();
    boolean behindIt =
        from == head && to < end && isNumber(tokens.get(to)) && !behind.endsWith("s");
    boolean last = to == end || tokens.get(to).isMark(",", ".", ":", "-", "–") || behindIt;
    return numbers == 1 && last;
  }

  /**
   * "half a kilo of flour, spelt", "300 ml milk, oat, 2 eggs": behind what is measured, and nobody
   * puts it in by itself without an amount.
   */
  private boolean isSort(List<Token> tokens, int head, int to, String behind) {
    boolean measured =
        head > 0
            && (tokens.get(head - 1).isWord("of")
                || UnitWords.of(tokens.get(head - 1).low()).isPresent());
    boolean mark = to == tokens.size() || tokens.get(to).isMark(",", ".", ";", "-", "–");
    int next =
        to + 1 < tokens.size() && tokens.get(to + 1).isWord("and", "then", "plus")
            ? to + 2
            : to + 1;
    boolean listed =
        next >= tokens.size()
            || isNumber(tokens.get(next))
            || tokens.get(next).isWord("a", "an", "half")
            || Counted.WORDS.contains(tokens.get(next).low());
    return measured
        && mark
        && listed
        && !behind.endsWith("s")
        && foods.byName(behind).filter(f -> f.food().role() == Role.FLOUR).isPresent();
  }

  /** "50 g sugar, vanilla": both are foods, and one of them flavours. */
  private boolean isFlavoured(List<Token> tokens, int head, int comma, String behind) {
    boolean food = foods.byName(Token.joined(tokens.subList(head, comma))).isPresent();
    Optional<Foods.Named> other = foods.byName(behind);
    return food && other.isPresent() && other.get().food().role() == Role.FLAVOUR;
  }

  private static boolean isNumber(Token token) {
    return token.kind() == Token.Kind.NUMBER || token.kind() == Token.Kind.FRACTION;
  }

  /** What weighs and feeds otherwise than the food that is named. */
  public boolean isChanged(String head, String low) {
    return CHANGED.contains(low) && foods.byName(head).isPresent();
  }
}
