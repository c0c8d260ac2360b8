package honeststack.app.demo;

import honeststack.app.ledger.Ledger;
import org.springframework.stereotype.Component;

/** How much of the demo is on the shelf: each step is done once and whole, by one instance. */
@Component
class DemoProgress {
  private static final long DONE = 1_000_000;

  private final DemoStore store;
  private final Ledger ledger;

  DemoProgress(DemoStore store, Ledger ledger) {
    this.store = store;
    this.ledger = ledger;
  }

  /** Whether somebody began, and did not end. */
  boolean isBegun() {
    long steps = store.steps().orElse(DONE);
    return steps > 0 && steps < DONE;
  }

  /** Does a step, counted from 0, unless it is done already. */
  void step(int number, Runnable what) {
    ledger.write(
        () -> {
          if (store.advance(number, number + 1L)) {
            what.run();
          }
        });
  }

  /** Whether this was the end of it, and nobody had ended before. */
  boolean end() {
    return ledger.write(() -> store.end(DONE));
  }
}
