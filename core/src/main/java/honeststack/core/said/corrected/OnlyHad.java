package honeststack.core.said.corrected;

import honeststack.core.said.clause.Clause;

/** What there was, or was taken, of what was measured: "125 g butter, I only had 100 left". */
public final class OnlyHad {
  private static final String[] HAD = {
    "had", "used", "have", "did", "put", "took", "use", "do", "added", "take"
  };

  /** So many times more was told, and pieces are meant (common practice). */
  private static final double FEW = 20;

  private OnlyHad() {}

  public static void in(Clause clause) {
    for (int i = 1; i + 1 < clause.size(); i++) {
      at(clause, i);
    }
  }

  private static void at(Clause clause, int i) {
    boolean had =
        clause.isMark(i, ",", "-", "–")
            && clause.isWord(i + 1, "i", "we")
            && clause.isWord(i + 2, "only", "just")
            && clause.isWord(i + 3, HAD);
    int old = had ? last(clause, i) : -1;
    boolean near = old >= 0 && (old == i - 1 || clause.isFood(i - 1)) && clause.isWhole(i + 4);
    if (near && !isPieces(clause, old, i + 4) && !clause.isFood(i + 5)) {
      Retracted.instead(clause, i, i + 4);
    }
  }

  /** "400 g flour, I only did 5". */
  private static boolean isPieces(Clause clause, int old, int said) {
    return clause.isWord(said - 1, "did", "do")
        && clause.get(said).isCount()
        && clause.get(said).measure().amount() * FEW <= clause.get(old).measure().amount();
  }

  private static int last(Clause clause, int before) {
    int last = before - 1;
    while (last >= 0 && !clause.isStrong(last)) {
      last--;
    }
    return last;
  }
}
