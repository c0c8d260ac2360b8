package honeststack.core.plan;

import honeststack.core.plan.Rounds.Round;
import honeststack.core.wording.Say;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A morning planned backwards from the time at which all is served. Times are minutes, of whatever
 * clock the serving time is of.
 *
 * @param blocks what happens when, in the order in which it begins
 * @param start of the first of them
 * @param ready when the last piece is on the plate
 * @param late how much later than asked, 0 or more
 * @param rounds of cooking, over all pans
 * @param cooking from the first pouring to the last piece
 * @param waits how long the first piece waits for the last
 * @param saved what a second pan like the first would save of the cooking
 */
public record Plan(
    List<Block> blocks,
    double start,
    double ready,
    double late,
    int rounds,
    double cooking,
    double waits,
    double saved) {

  public Plan {
    blocks = List.copyOf(blocks);
  }

  /**
   * Something before cooking.
   *
   * @param minutes 0 or more
   * @param attended the cook is busy with it
   */
  public record Task(String name, double minutes, boolean attended) {}

  /**
   * What is asked.
   *
   * @param before in their order, each when the one before is done
   * @param heating of pan or iron, beside the tasks
   * @param pieces to be cooked
   * @param serving when all is to be ready
   * @param earliest nothing can begin before this
   */
  public record Asked(
      List<Task> before,
      double heating,
      int pieces,
      List<Pan> pans,
      double serving,
      double earliest) {
    public Asked {
      before = List.copyOf(before);
      pans = List.copyOf(pans);
      if (pieces > 0 && pans.isEmpty()) {
        throw new IllegalArgumentException("Pieces need a pan");
      }
    }
  }

  /** What a block is. */
  public enum Kind {
    TASK,
    REST,
    HEATING,
    ROUND
  }

  /**
   * Something that happens.
   *
   * @param lane who or what is busy: 0 for the cook, then each pan
   * @param pieces of a round; 0 otherwise
   */
  public record Block(Kind kind, int lane, String name, double from, double to, int pieces) {}

  public static Plan of(Asked asked) {
    List<Round> rounds = Rounds.of(asked.pieces(), asked.pans());
    double cooking = Rounds.minutes(asked.pieces(), asked.pans());
    double before = asked.before().stream().mapToDouble(Task::minutes).sum();
    double lead = Math.max(before, rounds.isEmpty() ? 0 : asked.heating());
    double start = Math.max(asked.earliest(), asked.serving() - cooking - lead);
    double ready = start + lead + cooking;
    List<Block> blocks = new ArrayList<>();
    double at = ready - cooking - before;
    for (Task task : asked.before()) {
      Kind kind = task.attended() ? Kind.TASK : Kind.REST;
      blocks.add(new Block(kind, 0, task.name(), at, at + task.minutes(), 0));
      at += task.minutes();
    }
    heat(asked, rounds, ready, blocks);
    double firstDone = ready;
    int number = 0;
    for (Round round : rounds) {
      double to = ready - round.to();
      firstDone = Math.min(firstDone, to);
      String name = Say.of("round %d", ++number);
      blocks.add(
          new Block(Kind.ROUND, round.pan() + 1, name, ready - round.from(), to, round.pieces()));
    }
    blocks.sort(Comparator.comparingDouble(Block::from));
    return new Plan(
        blocks,
        start,
        ready,
        Math.max(0, ready - asked.serving()),
        rounds.size(),
        cooking,
        ready - firstDone,
        saved(asked, cooking));
  }

  /** Each pan is hot when its first round begins. */
  private static void heat(Asked asked, List<Round> rounds, double ready, List<Block> blocks) {
    for (int p = 0; p < asked.pans().size() && asked.heating() > 0; p++) {
      int pan = p;
      double first =
          rounds.stream().filter(r -> r.pan() == pan).mapToDouble(Round::from).max().orElse(0);
      if (first > 0) {
        double to = ready - first;
        String name = "heat: " + asked.pans().get(p).name();
        blocks.add(new Block(Kind.HEATING, p + 1, name, to - asked.heating(), to, 0));
      }
    }
  }

  private static double saved(Asked asked, double cooking) {
    if (asked.pans().isEmpty()) {
      return 0;
    }
    List<Pan> more = new ArrayList<>(asked.pans());
    more.add(asked.pans().get(0));
    return cooking - Rounds.minutes(asked.pieces(), more);
  }
}
