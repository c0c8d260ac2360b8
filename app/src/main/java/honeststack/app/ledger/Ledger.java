package honeststack.app.ledger;

import jakarta.annotation.PreDestroy;
import java.util.EnumMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.Semaphore;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.dao.TransientDataAccessResourceException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The one way to write. What is held in memory follows the database: a change takes the next number
 * of its part, which lets no other change of that part in until it is committed; memory moves only
 * after that, in the order of the numbers, on every instance. Whoever locks a recipe locks it
 * before he takes a number, so that writers never wait for each other in a circle; should the
 * database break a deadlock all the same, the write is done again.
 */
@Component
public class Ledger {
  private static final Logger LOG = LoggerFactory.getLogger(Ledger.class);
  private static final int MOST_TRIES = 6;
  private static final int LOOK_EVERY_MS = 300;

  /** Fewer than there are connections. */
  private static final int MOST_WRITERS = 6;

  private static final int PATIENCE_S = 10;

  /** Loads a part anew. Called for one change at a time. */
  public interface Follower {
    /**
     * @param known the change up to which memory held the part
     */
    void load(long known);
  }

  private final LedgerStore store;
  private final Outage outage;
  private final TransactionTemplate writing;
  private final TransactionTemplate reading;
  private final Map<Part, Follower> followers = new ConcurrentHashMap<>();
  private final Map<Part, Long> known = new ConcurrentHashMap<>();
  private final Semaphore writers = new Semaphore(MOST_WRITERS, true);
  private final ThreadLocal<Map<Part, Long>> touched = new ThreadLocal<>();
  private final ScheduledExecutorService looking =
      Executors.newSingleThreadScheduledExecutor(
          work -> {
            Thread thread = new Thread(work, "ledger");
            thread.setDaemon(true);
            return thread;
          });

  Ledger(LedgerStore store, Outage outage, PlatformTransactionManager transactions) {
    this.outage = outage;
    this.store = store;
    this.writing = new TransactionTemplate(transactions);
    this.writing.setIsolationLevel(TransactionDefinition.ISOLATION_READ_COMMITTED);
    this.reading = new TransactionTemplate(transactions);
    this.reading.setReadOnly(true);
    looking.scheduleWithFixedDelay(this::look, LOOK_EVERY_MS, LOOK_EVERY_MS, TimeUnit.MILLISECONDS);
  }

  /** From now on a part is followed; it is loaded at once. */
  public void follow(Part part, Follower follower) {
    long number = store.numbers().getOrDefault(part, 0L);
    reading.executeWithoutResult(status -> follower.load(0));
    follow(part, number, follower);
  }

  /** From now on a part is followed, which was loaded already. */
  public void follow(Part part, long loaded, Follower follower) {
    known.put(part, loaded);
    followers.put(part, follower);
  }

  /**
   * Writes in one transaction, or within the one that is going on; memory follows when it is
   * committed.
   */
  public <T> T write(Supplier<T> how) {
    if (TransactionSynchronizationManager.isActualTransactionActive()) {
      return how.get();
    }
    await();
    try {
      return written(how);
    } finally {
      writers.release();
    }
  }

  /** Writers wait here rather than for a connection, which those who read need too. */
  private void await() {
    try {
      if (!writers.tryAcquire(PATIENCE_S, TimeUnit.SECONDS)) {
        throw new TransientDataAccessResourceException("Too many write at once");
      }
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      throw new TransientDataAccessResourceException("The application is being stopped", stopped);
    }
  }

  private <T> T written(Supplier<T> how) {
    for (int tried = 1; ; tried++) {
      touched.set(new EnumMap<>(Part.class));
      try {
        T done = writing.execute(status -> how.get());
        touched.get().forEach(this::follow);
        return done;
      } catch (PessimisticLockingFailureException lost) {
        if (tried == MOST_TRIES) {
          throw lost;
        }
        pause(tried);
      } finally {
        touched.remove();
      }
    }
  }

  public void write(Runnable how) {
    write(
        () -> {
          how.run();
          return true;
        });
  }

  private static void pause(int tried) {
    try {
      Thread.sleep(ThreadLocalRandom.current().nextLong(5, 20L << tried));
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
    }
  }

  /**
   * Takes the next number of a part, and brings memory up to all changes before it. Within {@link
   * #write}.
   */
  public long change(Part part) {
    Map<Part, Long> mine = touched.get();
    if (mine == null) {
      throw new IllegalStateException("A change of " + part + " outside of a write");
    }
    Long again = mine.get(part);
    if (again != null) {
      return again;
    }
    long number = store.next(part);
    mine.put(part, number);
    load(part, number - 1);
    return number;
  }

  /** It is committed already; should memory not follow now, it does at the next look. */
  private void follow(Part part, long number) {
    try {
      load(part, number);
    } catch (DataAccessException | TransactionException away) {
      outage.met(away);
    } catch (RuntimeException broken) {
      LOG.error("What was changed could not be loaded", broken);
    }
  }

  private void load(Part part, long number) {
    Follower follower = followers.get(part);
    if (follower == null) {
      return;
    }
    synchronized (follower) {
      long before = known.getOrDefault(part, 0L);
      if (number > before) {
        reading.executeWithoutResult(status -> follower.load(before));
        known.merge(part, number, Math::max);
      }
    }
  }

  /** Up to where this instance has seen things. */
  public Seen seen() {
    return Seen.of(known);
  }

  /** Brings memory at least up to what somebody has seen elsewhere, if the database answers. */
  public void catchUp(Seen elsewhere) {
    if (elsewhere.isBeyond(seen())) {
      look();
    }
  }

  private void look() {
    try {
      store.numbers().forEach(this::load);
      outage.over();
    } catch (DataAccessException | TransactionException away) {
      outage.met(away);
    } catch (RuntimeException broken) {
      LOG.error("What was changed elsewhere could not be loaded", broken);
    }
  }

  @PreDestroy
  void stop() {
    looking.shutdownNow();
  }
}
