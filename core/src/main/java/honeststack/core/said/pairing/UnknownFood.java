package honeststack.core.said.pairing;

import honeststack.core.line.Token;
import honeststack.core.said.clause.Between;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import java.util.ArrayList;
import java.util.List;

/** Words beside an amount that name a food nobody knows. */
final class UnknownFood {
  private UnknownFood() {}

  /** The words behind an amount that name a food nobody knows; empty if there are none. */
  static String behind(Clause clause, int amount) {
    List<Token> words = new ArrayList<>();
    int i = amount + 1;
    while (clause.has(i) && Between.isFiller(clause.get(i))) {
      i++;
    }
    while (clause.has(i) && clause.get(i).isFree() && isUnknown(clause, i)) {
      words.add(clause.get(i).tokens.get(clause.get(i).from));
      clause.get(i).part = Part.FOOD;
      i++;
    }
    return Token.joined(words);
  }

  /** "spent grain, half a cup": the words before an amount that begin the sentence. */
  static String before(Clause clause, int amount) {
    int to = clause.isMark(amount - 1, ",", ":", "-", "–") ? amount - 1 : amount;
    for (int i = 0; i < to; i++) {
      if (!clause.get(i).isFree() || clause.get(i).kind != Element.Kind.WORD) {
        return "";
      }
    }
    clause.take(0, to, Part.FOOD);
    return to == 0
        ? ""
        : Token.joined(clause.get(0).tokens.subList(clause.get(0).from, clause.get(to - 1).to));
  }

  /** A word of no list; or one that ends the sentence, whatever else it may mean. */
  private static boolean isUnknown(Clause clause, int i) {
    Element element = clause.get(i);
    boolean last = i == clause.size() - 1 && element.to == element.from + 1;
    return element.kind == Element.Kind.WORD
        || last && element.is(Sort.PLATE_NEXT, Sort.VERB) && clause.size() > 2;
  }
}
