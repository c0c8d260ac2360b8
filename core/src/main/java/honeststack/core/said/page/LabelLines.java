package honeststack.core.said.page;

import honeststack.core.line.Token;
import java.util.List;
import java.util.Set;
import java.util.function.ToIntFunction;

/** Lines of a nutrition label that a text quotes. */
public final class LabelLines {
  private static final Set<String> FIGURES =
      Set.of(
          "protein",
          "carbs",
          "carb",
          "carbohydrate",
          "carbohydrates",
          "fat",
          "fats",
          "sugar",
          "sugars",
          "salt",
          "sodium",
          "fibre",
          "fiber",
          "energy",
          "kcal",
          "calories",
          "kj",
          "g",
          "mg",
          "saturated",
          "saturates",
          "unsaturated",
          "cholesterol",
          "of",
          "which",
          "total",
          "net",
          "per",
          "serving",
          "portion",
          "and",
          "cal",
          "potassium",
          "calcium",
          "iron");

  private LabelLines() {}

  /** A word of a label: "fat", "of", "which". */
  public static boolean isFigure(Token word) {
    return FIGURES.contains(word.low());
  }

  /** "145 kcal". */
  static boolean isEnergy(Token word) {
    return word.isWord("kcal", "cal", "cals", "calories", "kj");
  }

  /** "145 kcal", "protein 8 g": energy, or what no recipe measures by that name. */
  static boolean isFigures(List<Token> tokens) {
    boolean all = tokens.stream().allMatch(t -> t.kind() != Token.Kind.WORD || isFigure(t));
    return all
        && tokens.stream()
            .anyMatch(
                t -> isEnergy(t) || t.isWord("protein", "carbs", "carbohydrate", "fat", "fibre"));
  }

  /** "Energy 1200 kJ / 287 kcal", and below it "Fat 9 g, of which saturates 3 g", "Salt 0.8 g". */
  static boolean goesOn(List<Token> tokens, boolean inLabel) {
    boolean all = tokens.stream().allMatch(t -> t.kind() != Token.Kind.WORD || isFigure(t));
    return all && (inLabel || tokens.stream().anyMatch(LabelLines::isEnergy));
  }

  /** "macros for 60 g oats". */
  static boolean isAsked(List<Token> tokens) {
    for (int i = 1; i + 2 < tokens.size(); i++) {
      if (tokens.get(i).isWord("in", "for", "if")
          && tokens.get(i + 1).kind() == Token.Kind.NUMBER) {
        return true;
      }
    }
    return false;
  }

  /** "Kcal 420 | P 45 | C 40 | F 9", "240 kcal, 7 g protein". */
  static boolean isLabel(List<Token> tokens) {
    int at = tokens.get(0).kind() == Token.Kind.NUMBER ? 1 : 0;
    return at < tokens.size()
        && isEnergy(tokens.get(at))
        && tokens.size() > at + 2
        && !isAsked(tokens);
  }

  /** Where the sentences of a label end that begins a line: the first, and those of its words. */
  static int labelEnd(List<Token> tokens, ToIntFunction<List<Token>> firstEnd) {
    int end = firstEnd.applyAsInt(tokens);
    while (end < tokens.size()) {
      List<Token> rest = tokens.subList(end, tokens.size());
      int next = firstEnd.applyAsInt(rest);
      boolean label =
          rest.subList(0, next).stream().allMatch(t -> t.kind() != Token.Kind.WORD || isFigure(t));
      if (!label) {
        break;
      }
      end += next;
    }
    return end;
  }
}
