package honeststack.app.scale;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

/** One connection to a scale; a thread of its own drains what it says. */
final class ScaleLine implements AutoCloseable {
  /** No line of the protocol is nearly as long; a longer one is not of a scale. */
  private static final int LONGEST = 80;

  /** A scale that leaves so many questions unanswered is asked no more. */
  private static final int MOST_UNANSWERED = 40;

  private static final double NANOS_PER_MS = 1e6;

  /** How to reach the scale. */
  interface Connecting {
    Socket connect() throws IOException;
  }

  /**
   * A line that it said.
   *
   * @param age ms since it came
   */
  record Said(String text, int age) {}

  private Socket socket;
  private String newest;
  private long newestAt;
  private long askedAt = Long.MIN_VALUE;
  private int unanswered;
  private boolean greeted;
  private boolean tared;
  private boolean over;

  ScaleLine(Connecting how) {
    Thread thread = new Thread(() -> drain(how), "scale-line");
    thread.setDaemon(true);
    thread.start();
  }

  private void drain(Connecting how) {
    try (Socket connected = how.connect()) {
      if (begin(connected)) {
        InputStream in = new BufferedInputStream(connected.getInputStream());
        StringBuilder line = new StringBuilder(LONGEST);
        for (int c = in.read(); c >= 0 && line.length() < LONGEST; c = in.read()) {
          if (c == '\n') {
            heard(line.toString().strip());
            line.setLength(0);
          } else {
            line.append((char) c);
          }
        }
      }
    } catch (IOException gone) {
      // It hung up, or was hung up on.
    } finally {
      close();
    }
  }

  private synchronized boolean begin(Socket connected) {
    socket = connected;
    return !over;
  }

  private synchronized void heard(String text) {
    if (!greeted) {
      greeted = text.startsWith(ScaleProtocol.GREETING);
      over = !greeted;
      if (greeted && askedAt != Long.MIN_VALUE) {
        send(ScaleProtocol.READ);
      }
    } else if (text.equals(ScaleProtocol.TARED)) {
      tared = true;
    } else {
      newest = text;
      newestAt = System.nanoTime();
      unanswered = 0;
    }
    notifyAll();
  }

  /** Asks without waiting; before it has greeted, once it has. */
  synchronized void ask(String command) {
    askedAt = System.nanoTime();
    if (greeted && ++unanswered <= MOST_UNANSWERED) {
      send(command);
    }
  }

  private void send(String command) {
    try {
      socket.getOutputStream().write((command + "\n").getBytes(StandardCharsets.US_ASCII));
    } catch (IOException gone) {
      close();
    }
  }

  /** The newest line; waits a little for one that came after it was asked. */
  synchronized Optional<Said> newest(int waitMs) {
    await(waitMs, () -> newest != null && newestAt >= askedAt);
    int age = (int) Math.min(Integer.MAX_VALUE, (System.nanoTime() - newestAt) / NANOS_PER_MS);
    return newest == null || over ? Optional.empty() : Optional.of(new Said(newest, age));
  }

  synchronized boolean isReady(int waitMs) {
    await(waitMs, () -> greeted);
    return greeted && !over;
  }

  /** Whether it took the tare in time. */
  synchronized boolean tare(int waitMs) {
    tared = false;
    send(ScaleProtocol.TARE);
    await(waitMs, () -> tared || ScaleProtocol.OVERLOAD.equals(newest));
    newest = tared ? null : newest;
    return tared;
  }

  private interface Until {
    boolean is();
  }

  private void await(int waitMs, Until until) {
    long end = System.nanoTime() + (long) (waitMs * NANOS_PER_MS);
    try {
      while (!over && !until.is() && System.nanoTime() < end) {
        wait(Math.max(1, (long) ((end - System.nanoTime()) / NANOS_PER_MS)));
      }
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
    }
  }

  synchronized boolean isOver() {
    return over;
  }

  @Override
  public synchronized void close() {
    over = true;
    notifyAll();
    if (socket != null) {
      try {
        socket.close();
      } catch (IOException already) {
        // It was closed.
      }
    }
  }
}
