package honeststack.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Which pan cooks when, so that all pieces are done in the shortest time: the least t with Σ pieces
 * × ⌊t / minutes⌋ ≥ n over the pans, every pan working through. Rounds end as late as they can, so
 * that pieces wait least.
 */
public final class Rounds {
  private Rounds() {}

  /**
   * One round.
   *
   * @param pan its place among the pans
   * @param from minutes before the last round ends, not negative
   * @param to likewise, less than {@code from}
   * @param pieces in it, over 0
   */
  public record Round(int pan, double from, double to, int pieces) {}

  /**
   * The rounds, in the order in which they begin.
   *
   * @param pieces 0 or more
   * @param pans at least one where there are pieces
   */
  public static List<Round> of(int pieces, List<Pan> pans) {
    if (pieces <= 0) {
      return List.of();
    }
    int[] rounds = needed(pieces, pans);
    trim(pieces, pans, rounds);
    List<Round> made = new ArrayList<>();
    int rest = pieces;
    for (Slot slot : slots(pans, rounds)) {
      int in = Math.min(rest, pans.get(slot.pan).pieces());
      made.add(new Round(slot.pan, slot.from, slot.to, in));
      rest -= in;
    }
    made.sort(Comparator.comparingDouble(Round::from).reversed());
    return List.copyOf(made);
  }

  /** Minutes from the first pouring to the last piece. */
  public static double minutes(int pieces, List<Pan> pans) {
    return of(pieces, pans).stream().mapToDouble(Round::from).max().orElse(0);
  }

  private record Slot(int pan, double from, double to) {}

  /** The latest rounds first: they are filled, and the first one takes what remains. */
  private static List<Slot> slots(List<Pan> pans, int[] rounds) {
    List<Slot> slots = new ArrayList<>();
    for (int p = 0; p < rounds.length; p++) {
      double each = pans.get(p).minutes();
      for (int k = 0; k < rounds[p]; k++) {
        slots.add(new Slot(p, (k + 1) * each, k * each));
      }
    }
    slots.sort(Comparator.comparingDouble(Slot::from));
    return slots;
  }

  /** How many rounds each pan has time for within the least time that is enough. */
  private static int[] needed(int pieces, List<Pan> pans) {
    int[] rounds = new int[pans.size()];
    int done = 0;
    while (done < pieces) {
      int next = 0;
      for (int p = 1; p < rounds.length; p++) {
        if (end(pans, rounds, p) < end(pans, rounds, next)) {
          next = p;
        }
      }
      rounds[next]++;
      done += pans.get(next).pieces();
    }
    return rounds;
  }

  private static double end(List<Pan> pans, int[] rounds, int p) {
    return (rounds[p] + 1) * pans.get(p).minutes();
  }

  /** Rounds that are not needed are left out, the longest way off first. */
  private static void trim(int pieces, List<Pan> pans, int[] rounds) {
    int room = 0;
    for (int p = 0; p < rounds.length; p++) {
      room += rounds[p] * pans.get(p).pieces();
    }
    boolean less = true;
    while (less) {
      int drop = -1;
      for (int p = 0; p < rounds.length; p++) {
        boolean spare = rounds[p] > 0 && room - pans.get(p).pieces() >= pieces;
        boolean longer =
            drop < 0 || rounds[p] * pans.get(p).minutes() > rounds[drop] * pans.get(drop).minutes();
        if (spare && longer) {
          drop = p;
        }
      }
      less = drop >= 0;
      if (less) {
        rounds[drop]--;
        room -= pans.get(drop).pieces();
      }
    }
  }
}
