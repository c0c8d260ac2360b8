package honeststack.app.exchange;

import honeststack.app.exchange.ExchangeService.LineProblem;
import honeststack.app.larder.TableFood;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;

/** What was read of an open food table, and how far the reading is. */
final class FoodTable {
  static final int MOST_FOODS = 20_000;
  private static final int MOST_PROBLEMS = 200;

  private final List<TableFood> foods = new ArrayList<>();
  private final List<LineProblem> problems = new ArrayList<>();
  private final long bytes;
  private volatile long read;
  private volatile boolean cancelled;

  /**
   * @param bytes of all files that will be read
   */
  FoodTable(long bytes) {
    this.bytes = bytes;
  }

  List<TableFood> foods() {
    return foods;
  }

  List<LineProblem> problems() {
    return problems;
  }

  void problem(long line, String column, String offending, String problem, String accepted) {
    if (problems.size() < MOST_PROBLEMS) {
      problems.add(new LineProblem(line, column, offending, problem, accepted));
    }
  }

  /**
   * @throws CancellationException if nobody wants it any more
   */
  void reached(long now) {
    read = now;
    if (cancelled) {
      throw new CancellationException();
    }
  }

  void cancel() {
    cancelled = true;
  }

  /** How much of it is read, 0 to 1. */
  double share() {
    return bytes == 0 ? 1 : Math.min(1, (double) read / bytes);
  }
}
