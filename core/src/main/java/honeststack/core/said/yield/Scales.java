package honeststack.core.said.yield;

import honeststack.core.measure.Measure;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * A list that is told once more for another number of people, "For 4: 200 g flour, 2 eggs. For 8:
 * 400 g flour, 4 eggs": the first counts, and its number.
 */
public final class Scales {
  private static final int FEWEST = 2;

  /** No list of a recipe is longer. */
  private static final int LONGEST = 30;

  private static final double ALIKE = 0.02;

  private static final Sought BATCH =
      Sought.of("(?:double|triple|half|large|big|bigger|small) batch$");

  private record Said(Clause clause, Mention mention, Measure measure) {
    String food() {
      return mention.known().map(food -> food.id()).orElse("");
    }
  }

  private Scales() {}

  /** Takes out what only repeats the list at another scale. */
  public static void once(List<Clause> clauses) {
    List<Said> all = new ArrayList<>();
    for (Clause clause : clauses) {
      for (Mention mention : clause.mentions) {
        Optional<Measure> measure =
            mention.isMeasured() ? Scaled.single(mention.amountText) : Optional.empty();
        measure.ifPresent(known -> all.add(new Said(clause, mention, known)));
      }
    }
    for (int first = 0; first + 2 * FEWEST <= all.size(); first++) {
      int length = repeated(all, first);
      if (length > 0) {
        List<Said> again = all.subList(first + length, first + 2 * length);
        Said last = all.get(first + length - 1);
        if (isTold(clauses, last, again.get(0), ratio(all.get(first), again.get(0)))) {
          again.forEach(Scales::leaveOut);
          forget(clauses, last, again.get(0));
          return;
        }
      }
    }
  }

  /** How many foods from one on come again in the same order and the same ratio; 0 for none. */
  private static int repeated(List<Said> all, int first) {
    int second = first + 1;
    while (second < all.size()
        && second - first < LONGEST
        && !isSame(all.get(first), all.get(second))) {
      second++;
    }
    int length = second - first;
    if (length < FEWEST || length == LONGEST || second + length > all.size()) {
      return 0;
    }
    double ratio = ratio(all.get(first), all.get(second));
    for (int i = 0; i < length; i++) {
      Said one = all.get(first + i);
      Said other = all.get(second + i);
      boolean alike =
          isSame(one, other) && Math.abs(ratio(one, other) / ratio - 1) < ALIKE && ratio != 1;
      if (!alike) {
        return 0;
      }
    }
    return length;
  }

  private static boolean isSame(Said a, Said b) {
    return !a.food().isEmpty()
        && a.food().equals(b.food())
        && a.measure().unit() == b.measure().unit();
  }

  private static double ratio(Said one, Said other) {
    return other.measure().amount() / one.measure().amount();
  }

  /**
   * The text says so before the second list: for as many times the people or pieces as its amounts
   * are more, or a batch that is called so.
   */
  private static boolean isTold(List<Clause> clauses, Said last, Said next, double ratio) {
    int from = clauses.indexOf(last.clause());
    int to = clauses.indexOf(next.clause());
    List<Clause> first = clauses.subList(0, from + 1);
    List<Clause> second = clauses.subList(from + 1, to + 1);
    return isBatch(clauses, last, next)
        || isTimes(first, second, clause -> clause.counts.serves, ratio)
        || isTimes(first, second, clause -> clause.counts.pieces, ratio);
  }

  private static boolean isTimes(
      List<Clause> first,
      List<Clause> second,
      Function<Clause, Optional<Told.Count>> count,
      double ratio) {
    Optional<Told.Count> one = first.stream().map(count).flatMap(Optional::stream).findFirst();
    Optional<Told.Count> other = second.stream().map(count).flatMap(Optional::stream).findFirst();
    return one.isPresent()
        && other.isPresent()
        && Math.abs(other.get().low() / one.get().low() / ratio - 1) < ALIKE;
  }

  /** "Double batch: …". */
  private static boolean isBatch(List<Clause> clauses, Said last, Said next) {
    int from = clauses.indexOf(last.clause());
    int to = clauses.indexOf(next.clause());
    for (int i = from; i <= to; i++) {
      Clause clause = clauses.get(i);
      int end = i == to ? next.mention().from : clause.size();
      for (int j = i == from ? last.mention().to : 0; j < end; j++) {
        if (BATCH.isIn(clause.low(j - 1) + " " + clause.low(j))) {
          return true;
        }
      }
    }
    return false;
  }

  /** For how many the second list is does not count. */
  private static void forget(List<Clause> clauses, Said last, Said next) {
    int from = clauses.indexOf(last.clause()) + 1;
    for (Clause clause : clauses.subList(from, clauses.indexOf(next.clause()) + 1)) {
      clause.counts.serves = Optional.empty();
      clause.counts.pieces = Optional.empty();
    }
  }

  private static void leaveOut(Said said) {
    said.clause().mentions.remove(said.mention());
    if (said.mention().amount != null) {
      said.mention().amount.part = Part.METHOD;
    }
    said.mention().food.part = Part.METHOD;
  }
}
