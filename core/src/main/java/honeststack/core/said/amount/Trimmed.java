package honeststack.core.said.amount;

import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;

/**
 * What is left of so much of a food once it was peeled, stoned or squeezed: "400 g courgettes (300
 * after squeezing)". What only loses water in the heat is eaten whole, and is not meant.
 */
public final class Trimmed {
  private static final String DONE =
      "(?:peel|cor|trimm|prepar|shell|skinn|ston|pitt|hull|husk|squeez|strain|press|bon|clean|drain|seed|wring)(?:ed|ing)"
          + "|wrung|net|edible|flesh|pulp|trimmed";

  private static final Sought CUE =
      Sought.of(
          "(?:(?:after|once|when|if) (?:(?:it is|it's|they are|they're|you have|you've|being|well) )?)?(?:"
              + DONE
              + ")(?:,? (?:and|&)? ?(?:"
              + DONE
              + "))?(?: out| dry| weight| them| it)*(?: ?:)?");

  private Trimmed() {}

  /** Whether brackets say so; a bare number in them stands in the unit of the whole. */
  public static boolean inBrackets(Mention whole, Clause inner) {
    if (whole.food == null || !isMass(whole.amount)) {
      return false;
    }
    int weight = inner.isWord(0, "about", "around") ? 1 : 0;
    if (!isWeight(whole, inner, weight)) {
      weight = inner.size() - 1;
    }
    if (!isWeight(whole, inner, weight) || !isCue(inner, weight)) {
      return false;
    }
    Element left = inner.get(weight);
    whole.amountText = left.isCount() ? left.textLike(whole.amount) : left.text();
    whole.notes += inner.hasWord("peeled") ? ", peeled" : "";
    whole.restated = true;
    whole.amount.part = Part.NOTE;
    inner.elements.forEach(element -> element.part = Part.NOTE);
    inner.counts.clear();
    inner.mentions.clear();
    return true;
  }

  /** "carrots 250 g, 210 g peeled". */
  public static void in(Clause clause) {
    for (int i = 3; i < clause.size(); i++) {
      int behind = behind(clause, i);
      int food = clause.isFood(behind) ? behind : behind - 1;
      int whole = food < behind ? behind : clause.isWord(food - 1, "of") ? food - 2 : food - 1;
      int end = end(clause, i + 1);
      if (behind < i - 1
          && clause.isAmount(i)
          && clause.isFood(food)
          && clause.isAmount(whole)
          && isMass(clause.get(whole))
          && isMass(clause.get(i))
          && CUE.isAll(clause.words(i + 1, end))) {
        clause.get(whole).part = Part.NOTE;
        clause.take(behind + 1, i, Part.NOTE);
        clause.take(i + 1, end, Part.NOTE);
      }
    }
  }

  /** What stands before a mark, or "which is". */
  private static int behind(Clause clause, int weight) {
    int at = weight - 1;
    while (clause.isMark(at, ",", ";", "–", "-", "=")
        || clause.isWord(at, "which", "that", "is", "so", "then", "and")) {
      at--;
    }
    return at;
  }

  private static int end(Clause clause, int from) {
    int end = from;
    while (clause.has(end) && clause.get(end).kind != Element.Kind.MARK) {
      end++;
    }
    return end;
  }

  private static boolean isCue(Clause inner, int weight) {
    return weight < inner.size() - 1
        ? CUE.isAll(inner.words(weight + 1, inner.size()))
        : CUE.isAll(inner.words(0, weight));
  }

  /** It weighs less than the whole. */
  private static boolean isWeight(Mention whole, Clause inner, int at) {
    Element left = inner.has(at) ? inner.get(at) : null;
    if (left == null || !left.isAmount() || left.isWeak()) {
      return false;
    }
    boolean same = left.isCount() || left.measure().unit() == whole.amount.measure().unit();
    return (left.isCount() || isMass(left))
        && (!same || left.measure().amount() < whole.amount.measure().amount());
  }

  private static boolean isMass(Element amount) {
    return amount != null && amount.isAmount() && amount.measure().unit().kind() == Unit.Kind.MASS;
  }
}
