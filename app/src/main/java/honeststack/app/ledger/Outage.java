package honeststack.app.ledger;

import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Says once that the database is away, whoever meets it, and once that it is back. */
@Component
public class Outage {
  private static final Logger LOG = LoggerFactory.getLogger(Outage.class);

  private final AtomicBoolean away = new AtomicBoolean();

  /** Somebody got no answer. */
  public void met(Exception failure) {
    if (away.compareAndSet(false, true)) {
      LOG.warn("The database does not answer; figures go on, nothing is saved", failure);
    }
  }

  /** Somebody got an answer. */
  public void over() {
    if (away.compareAndSet(true, false)) {
      LOG.info("The database answers again");
    }
  }
}
