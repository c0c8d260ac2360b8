package honeststack.app.scale;

import honeststack.app.scale.ScaleReading.State;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.util.Optional;

/**
 * Reads a scale over TCP. Its lines are drained as they come, so that what is shown is the newest;
 * a scale that has said nothing for a while is lost, whatever it said before, and its last stable
 * reading stays. Asking never waits long for it.
 */
final class ScaleLink implements AutoCloseable {
  /** A reading that is older is none: documented in docs/scale.md. */
  static final int LOST_AFTER_MS = 700;

  /** How long whoever asks waits for a fresh answer. */
  private static final int WAIT_MS = 250;

  private final InetSocketAddress address;
  private ScaleLine line;
  private Double lastStable;

  ScaleLink(InetSocketAddress address) {
    this.address = address;
  }

  /** What it shows now. */
  ScaleReading read() {
    ScaleLine asked = connected();
    asked.ask(ScaleProtocol.READ);
    return reading(asked.newest(WAIT_MS), asked);
  }

  private synchronized ScaleReading reading(Optional<ScaleLine.Said> newest, ScaleLine from) {
    if (newest.isEmpty() || newest.get().age() > LOST_AFTER_MS) {
      if (from.isOver()) {
        drop(from);
      }
      return ScaleReading.lost(
          lastStable, "The scale does not answer: is it plugged in? The last reading is kept.");
    }
    String said = newest.get().text();
    int age = newest.get().age();
    if (said.equals(ScaleProtocol.OVERLOAD)) {
      String words = "Too much on the scale: take something off.";
      return new ScaleReading(State.OVERLOAD, null, lastStable, age, words);
    }
    Optional<ScaleProtocol.Weight> weight = ScaleProtocol.weight(said);
    if (weight.isEmpty()) {
      drop(from);
      return ScaleReading.lost(lastStable, "The scale says “" + said + "”, which is no weight.");
    }
    if (weight.get().stable()) {
      lastStable = weight.get().grams();
    }
    State state = weight.get().stable() ? State.STABLE : State.MOVING;
    return new ScaleReading(state, weight.get().grams(), lastStable, age, "");
  }

  /** Sets it to nothing; false if it did not take it. */
  boolean tare() {
    ScaleLine asked = connected();
    boolean taken = asked.isReady(WAIT_MS) && asked.tare(LOST_AFTER_MS);
    if (taken) {
      synchronized (this) {
        lastStable = null;
      }
    }
    return taken;
  }

  private synchronized ScaleLine connected() {
    if (line == null || line.isOver()) {
      line = new ScaleLine(this::connect);
    }
    return line;
  }

  private Socket connect() throws IOException {
    Socket socket = new Socket();
    try {
      socket.connect(address, LOST_AFTER_MS);
      return socket;
    } catch (IOException failed) {
      socket.close();
      throw failed;
    }
  }

  private synchronized void drop(ScaleLine which) {
    which.close();
    if (line == which) {
      line = null;
    }
  }

  @Override
  public synchronized void close() {
    if (line != null) {
      drop(line);
    }
  }
}
