package honeststack.app.bin;

import honeststack.app.bin.BinAnswers.BinEntry;
import honeststack.app.bin.BinAnswers.Kind;
import honeststack.app.bin.BinStore.Removed;
import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was removed stays here, whole, until it is put back or thrown away for good. */
@Service
public class Bin {
  private static final int LONGEST_NAME = 200;

  private final BinStore store;
  private final Clock clock;
  private final ObjectProvider<Restorer> restorers;

  Bin(BinStore store, Clock clock, ObjectProvider<Restorer> restorers) {
    this.store = store;
    this.clock = clock;
    this.restorers = restorers;
  }

  /**
   * Keeps what is being removed, within the transaction that removes it.
   *
   * @param body what its {@link Restorer} reads
   */
  @Transactional
  public void put(Kind kind, String name, String body) {
    String shown = name.length() <= LONGEST_NAME ? name : name.substring(0, LONGEST_NAME - 1) + "…";
    store.put(new BinEntry(UUID.randomUUID().toString(), kind, shown, clock.instant()), body);
  }

  @Transactional(readOnly = true)
  List<BinEntry> all() {
    return store.all();
  }

  /**
   * Puts a thing back as it was.
   *
   * @throws ProblemException if it is not in the bin, or has no place any more
   */
  @Transactional
  public void restore(String id) {
    Removed removed = store.body(id).orElseThrow(() -> notThere(id));
    restorers.stream()
        .filter(restorer -> restorer.kind() == removed.kind())
        .forEach(restorer -> restorer.restore(removed.body()));
    store.delete(id);
  }

  /**
   * Throws a thing away for good.
   *
   * @throws ProblemException if it is not in the bin
   */
  @Transactional
  public void throwAway(String id) {
    if (!store.delete(id)) {
      throw notThere(id);
    }
  }

  private static ProblemException notThere(String id) {
    return Problem.notFound("thing in the bin", id);
  }
}
