package honeststack.core.said.amount;

import honeststack.core.measure.Containers;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.wording.Numbers;

/** Pieces by the pack: "2 boxes of 6 eggs", "1 case of eggs (15 dozen)", "a 6-pack of eggs". */
public final class Packed {
  private Packed() {}

  /** In one sentence. */
  public static void in(Clause clause) {
    for (int i = 0; i + 2 < clause.size(); i++) {
      if (isPack(clause, i)) {
        int pieces = i + 2;
        int food = clause.isWord(pieces + 1, "large", "medium", "small") ? pieces + 2 : pieces + 1;
        boolean counted = clause.isStrong(pieces) && clause.get(pieces).isCount();
        if (clause.isWord(i + 1, "of") && counted && clause.isFood(food)) {
          double packs = clause.get(i).measure().amount();
          join(clause, i, pieces, packs * clause.get(pieces).measure().amount());
        }
      } else if (clause.isStrong(i)
          && clause.get(i).isCount()
          && clause.isMark(i + 1, "-")
          && clause.isWord(i + 2, "pack", "packs")
          && clause.isFood(clause.isWord(i + 3, "of") ? i + 4 : i + 3)) {
        join(clause, i, i + 2, clause.get(i).measure().amount());
      }
    }
  }

  private static void join(Clause clause, int from, int to, double pieces) {
    Element number = clause.isAmount(to) ? clause.get(to) : clause.get(from);
    clause.join(from, to + 1, number, Numbers.plain(pieces));
  }

  private static boolean isPack(Clause clause, int i) {
    return clause.has(i)
        && clause.get(i).isAmount()
        && Containers.isContainer(clause.get(i).measure().size());
  }

  /** "1 case of eggs (15 dozen)", "2 boxes of eggs (6 each)": whether the brackets say how many. */
  public static boolean inBrackets(Mention before, Clause inner) {
    boolean each = inner.size() == 2 && inner.is(1, Sort.EACH);
    boolean pack =
        before.amount != null
            && before.isMeasured()
            && Containers.isContainer(before.amount.measure().size());
    boolean number =
        (inner.size() == 1 || each) && inner.get(0).isAmount() && inner.get(0).isCount();
    if (!pack || !number || inner.get(0).isWeak()) {
      return false;
    }
    double pieces = inner.get(0).measure().amount() * before.amount.measure().amount();
    before.amountText = Numbers.plain(pieces);
    before.restated = true;
    inner.elements.forEach(element -> element.part = Part.NOTE);
    inner.counts.clear();
    return true;
  }
}
