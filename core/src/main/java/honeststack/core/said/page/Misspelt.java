package honeststack.core.said.page;

import static java.util.Map.entry;

import honeststack.core.food.Foods;
import honeststack.core.line.EverydayWords;
import honeststack.core.line.LineWords;
import honeststack.core.line.Token;
import honeststack.core.said.words.Phrases;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Words of foods' names as they should be written. */
public final class Misspelt {
  /** How short words are written in haste, right behind an amount; longer ones are told anyway. */
  private static final Map<String, String> SHORT =
      Map.ofEntries(
          entry("nana", "banana"),
          entry("nanas", "bananas"),
          entry("sugr", "sugar"),
          entry("suger", "sugar"),
          entry("mlk", "milk"),
          entry("milc", "milk"),
          entry("eggz", "eggs"),
          entry("egs", "eggs"),
          entry("flor", "flour"),
          entry("flowr", "flour"),
          entry("flower", "flour"),
          entry("buter", "butter"),
          entry("hunny", "honey"),
          entry("oyl", "oil"),
          entry("mlik", "milk"),
          entry("slat", "salt"),
          entry("sugra", "sugar"),
          entry("suagr", "sugar"),
          entry("floru", "flour"),
          entry("flou", "flour"),
          entry("btter", "butter"),
          entry("butte", "butter"),
          entry("hony", "honey"),
          entry("sinamon", "cinnamon"),
          entry("sinnamon", "cinnamon"),
          entry("cinamon", "cinnamon"),
          entry("yest", "yeast"),
          entry("waetr", "water"),
          entry("wter", "water"));

  /** Words of every day that are near some food's. */
  private static final Set<String> COMMON =
      Set.of(
          "better",
          "bitter",
          "butler",
          "floor",
          "stage",
          "child",
          "carry",
          "close",
          "course",
          "field",
          "friend",
          "great",
          "level",
          "party",
          "picked",
          "plate",
          "point",
          "print",
          "scale",
          "shape",
          "share",
          "sheet",
          "smell",
          "speed",
          "store",
          "state",
          "steam",
          "stack",
          "sprinkel",
          "shallow",
          "dipping",
          "chilla",
          "chillas",
          "cheela");

  private static final int LEAST = 6;

  /** No two words that name a food have more letters. */
  private static final int LONGEST = 40;

  /** Letters of each of two words that were written as one. */
  private static final int SHORTEST = 3;

  /** Right behind an amount. */
  private static final int LEAST_MEASURED = 5;

  private Misspelt() {}

  /**
   * The word that is meant; empty where it is one that is known, or near none.
   *
   * @param measured it stands right behind an amount
   */
  public static Optional<String> meant(Foods foods, List<Token> tokens, int i, boolean measured) {
    Token word = tokens.get(i);
    String low = word.low();
    if (measured && SHORT.containsKey(low)) {
      return Optional.of(SHORT.get(low));
    }
    if (word.kind() != Token.Kind.WORD
        || COMMON.contains(low)
        || EverydayWords.is(low)
        || low.length() < (measured ? LEAST_MEASURED : LEAST)
        || low.indexOf('\'') >= 0
        || LineWords.isDescribing(low)) {
      return Optional.empty();
    }
    boolean[] known = {false};
    Phrases.shipped().each(tokens, i, found -> known[0] = true);
    return known[0] ? Optional.empty() : foods.spelt(low).or(() -> apart(foods, low));
  }

  /** "sourcream", "bakingpowder": two words in one. */
  private static Optional<String> apart(Foods foods, String low) {
    if (low.length() > LONGEST) {
      return Optional.empty();
    }
    int shortest = low.endsWith("flour") ? 2 : SHORTEST; // "srflour"
    for (int i = shortest; i <= low.length() - SHORTEST; i++) {
      String two = low.substring(0, i) + " " + low.substring(i);
      if (foods.byName(two).isPresent()) {
        return Optional.of(two);
      }
    }
    return Optional.empty();
  }
}
