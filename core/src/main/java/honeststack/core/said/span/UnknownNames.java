package honeststack.core.said.span;

import honeststack.core.line.EverydayWords;
import honeststack.core.line.LineWords;
import honeststack.core.said.clause.Between;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.words.Sort;
import java.util.List;

/** Words by an amount that no larder knows: it is of them. */
public final class UnknownNames {
  private final Clause clause;

  public UnknownNames(Clause clause) {
    this.clause = clause;
  }

  /** A word that nobody knows: the amount is of that. */
  public boolean isNext(int amount) {
    int next = clause.isWord(amount + 1, "of") ? amount + 2 : amount + 1;
    for (int i = next; i < next + 3 && clause.has(i); i++) {
      if (clause.is(i, Sort.BATTER)) {
        return true; // "1 cup leftover idli batter"
      }
      if (clause.get(i).kind != Element.Kind.WORD) {
        break;
      }
    }
    boolean noun = // "1 cup mash, 1 cup flour"
        clause.is(next, Sort.VERB)
            && clause.get(next).to - clause.get(next).from == 1
            && (!clause.has(next + 1) || clause.isMark(next + 1, ",", ";"));
    return noun
        || clause.isWord(next, "dough", "batter", "mixture") // "70 ml water; 20 g dough sticks"
        || clause.has(next)
            && clause.get(next).kind == Element.Kind.WORD
            && !LineWords.isDescribing(clause.get(next).text());
  }

  /** In a list of amounts with what they are of behind them: "1 tsp snorbel". */
  public boolean isNextIn(int amount, List<Integer> places) {
    boolean measured = clause.get(amount).isFree() && !clause.get(amount).isCount();
    return measured
        && isNext(amount)
        && isEndOfName(amount + 1)
        && places.stream()
            .filter(i -> clause.get(i).isAmount())
            .findFirst()
            .filter(this::isFront)
            .isPresent();
  }

  /** It begins the list, or what is behind a mark, and no name stands before it. */
  private boolean isFront(int amount) {
    return amount == 0
        || !clause.isFood(amount - 1)
            && (clause.isFood(amount + 1) || clause.isWord(amount + 1, "of"))
        || clause.elements.subList(0, amount).stream().noneMatch(e -> e.isFood() && e.isFree());
  }

  /** Nothing but a food is called so. */
  public boolean isNamedBefore(int amount) {
    return isBefore(amount)
        && !EverydayWords.is(clause.low(amount - 1))
        && !clause.isWord(amount - 1, "liquid", "net", "gross")
        && !Between.isTaken(clause.get(amount - 1));
  }

  /** In a list of names with their amounts behind: "snorbel one teaspoon, flour". */
  public boolean isBefore(int amount) {
    int word = amount - 1;
    boolean begins = word == 0 || clause.isMark(word - 1, ",", ";", ".", "/");
    return word >= 0
        && begins
        && !LineWords.isAbout(clause.get(word).low())
        && clause.get(word).kind == Element.Kind.WORD
        && !LineWords.isDescribing(clause.get(word).low());
  }

  /** One or two words, then a mark or nothing. */
  private boolean isEndOfName(int from) {
    int i = clause.isWord(from, "of") ? from + 1 : from;
    int end = i + 2;
    while (clause.has(i) && i < end && clause.get(i).kind == Element.Kind.WORD) {
      i++;
    }
    return !clause.has(i) || clause.isMark(i, ",", ";", ".", "/", "+");
  }
}
