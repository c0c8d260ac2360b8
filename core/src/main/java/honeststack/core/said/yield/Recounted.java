package honeststack.core.said.yield;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Counted;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Sort;
import java.util.Optional;

/** Numbers of pieces and people that are corrected: "makes 12, no sorry, 10": the last counts. */
public final class Recounted {
  /** So many words may say why. */
  private static final int FAR = 4;

  private final Clause clause;

  private Recounted(Clause clause) {
    this.clause = clause;
  }

  /**
   * Within a sentence.
   *
   * @param number that was taken for pieces or people, or for nothing
   * @param noun what it counts; the number itself where nothing says so
   */
  public static void in(Clause clause, int number, int noun) {
    Part part = clause.get(number).part;
    Recounted recounted = new Recounted(clause);
    int right = isCount(part) ? recounted.right(noun + 1) : -1;
    if (right > 0) {
      recounted.take(clause.counts, part, right);
    }
  }

  /** "Makes about 8. No, 9." */
  public static void by(Clause before, Clause clause) {
    int last = before.size() - 1;
    while (last > 0 && !before.get(last).isAmount()) {
      last--;
    }
    Part part = before.has(last) ? before.get(last).part : null;
    int number = clause.isMark(1, ",") ? 2 : 1;
    boolean right =
        isCount(part)
            && clause.is(0, Sort.CORRECT)
            && clause.isAmount(number)
            && clause.get(number).isCount()
            && clause.mentions.isEmpty();
    if (right) {
      new Recounted(clause).take(before.counts, part, number);
    }
  }

  private static boolean isCount(Part part) {
    return part == Part.YIELD || part == Part.SERVES;
  }

  private void take(Counted counted, Part part, int number) {
    Optional<Told.Count> right = Optional.of(BareCounts.range(clause.get(number)));
    counted.pieces = part == Part.YIELD ? right : counted.pieces;
    counted.serves = part == Part.SERVES ? right : counted.serves;
    clause.get(number).part = part;
  }

  /** The number behind what takes back the one before it; -1 for none. */
  private int right(int from) {
    int i = clause.isMark(from, ",", ".", "-", "–") ? from + 1 : from;
    while (clause.isWord(i, "er", "um", "well", "oh") || clause.isMark(i, ",")) {
      i++;
    }
    if (!clause.is(i, Sort.CORRECT)) {
      return -1;
    }
    while (clause.isMark(i, ",", "-", "–", ".") || clause.is(i, Sort.CORRECT)) {
      i++;
    }
    int why = i;
    while (why < i + FAR && isWord(why)) {
      why++; // "makes 9, sorry, I counted wrong, 11"
    }
    i = clause.isMark(why, ",") && why > i ? why + 1 : i;
    i = clause.isWord(i, "more", "like", "nearer", "about") ? i + 1 : i;
    return clause.isStrong(i) && clause.get(i).isCount() && !clause.isFood(i + 1) ? i : -1;
  }

  private boolean isWord(int i) {
    return clause.has(i)
        && !clause.get(i).isAmount()
        && !clause.get(i).isFood()
        && !clause.isMark(i, ",");
  }
}
