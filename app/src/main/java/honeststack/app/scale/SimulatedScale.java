package honeststack.app.scale;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.LongSupplier;

/**
 * A kitchen scale that is not there, for trying and for tests: it settles, trembles, drifts, can be
 * overloaded and unplugged, and has the bad manners of some real ones. Listens on the loopback
 * only.
 */
final class SimulatedScale implements AutoCloseable {
  /** The most that it bears, g. */
  static final double MOST = 5000;

  private static final int STREAM_EVERY_MS = 50;
  private static final int LATE_MS = 2000;
  private static final double SETTLING_MS = 350;
  private static final double TREMBLE_G = 0.25;
  private static final double DRIFT_G_PER_MINUTE = 0.5;
  private static final double STILL_G = 1.5;

  private final ServerSocket server;
  private final Random random = new Random(11);
  private final LongSupplier clock;
  private final Set<Socket> sockets = ConcurrentHashMap.newKeySet();
  private double from;
  private double load;
  private double tare;
  private long changedAt;
  private long taredAt;
  private volatile boolean plugged = true;
  private volatile Manner manner = Manner.ANSWERS;

  /** How it talks. */
  enum Manner {
    ANSWERS,
    /** Says what it shows twenty times a second, asked or not. */
    STREAMS,
    /** Answers two seconds late. */
    SLOW,
    /** Hangs: connected, and silent. */
    SILENT,
    /** Never ends its line. */
    ENDLESS
  }

  void behave(Manner how) {
    manner = how;
  }

  /** How many are connected. */
  int connections() {
    return sockets.size();
  }

  /**
   * @param clock milliseconds that never go back
   */
  SimulatedScale(LongSupplier clock) {
    this.clock = clock;
    this.changedAt = clock.getAsLong();
    this.taredAt = changedAt;
    try {
      server = new ServerSocket(0, 8, InetAddress.getLoopbackAddress());
    } catch (IOException failed) {
      throw new UncheckedIOException("The simulated scale cannot listen", failed);
    }
    daemon(this::accept).start();
  }

  private static Thread daemon(Runnable work) {
    Thread thread = new Thread(work, "simulated-scale");
    thread.setDaemon(true);
    return thread;
  }

  int port() {
    return server.getLocalPort();
  }

  /** Puts so much on the pan in all, g. */
  synchronized void put(double grams) {
    from = shown();
    load = grams;
    changedAt = clock.getAsLong();
  }

  synchronized double load() {
    return load;
  }

  /** Pulls its plug, in mid-reading if one is under way, or plugs it in again. */
  void plug(boolean in) {
    plugged = in;
    if (!in) {
      sockets.forEach(SimulatedScale::drop);
    }
  }

  boolean isPlugged() {
    return plugged;
  }

  /** What is on the pan as far as it has settled, g, without tremble. */
  private double shown() {
    double settled = 1 - Math.exp(-(clock.getAsLong() - changedAt) / SETTLING_MS);
    return from + (load - from) * settled;
  }

  synchronized String answer(String command) {
    double shown = shown();
    if (shown > MOST) {
      return ScaleProtocol.OVERLOAD;
    }
    if (command.equals(ScaleProtocol.TARE)) {
      tare = shown;
      taredAt = clock.getAsLong();
      return ScaleProtocol.TARED;
    }
    if (!command.equals(ScaleProtocol.READ)) {
      return "ERR unknown command";
    }
    double drift = (clock.getAsLong() - taredAt) / 60_000.0 * DRIFT_G_PER_MINUTE;
    double read = shown - tare + drift + TREMBLE_G * random.nextGaussian();
    boolean stable = Math.abs(load - shown) < STILL_G;
    return new ScaleProtocol.Weight(stable, Math.rint(read)).line();
  }

  private void accept() {
    while (!server.isClosed()) {
      try {
        Socket socket = server.accept();
        if (plugged) {
          sockets.add(socket);
          daemon(() -> serve(socket)).start();
        } else {
          drop(socket);
        }
      } catch (IOException closed) {
        return;
      }
    }
  }

  private void serve(Socket socket) {
    try (socket;
        var in =
            new BufferedReader(
                new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII));
        var out = new PrintWriter(socket.getOutputStream(), true, StandardCharsets.US_ASCII)) {
      out.println(ScaleProtocol.GREETING);
      if (manner == Manner.STREAMS) {
        daemon(() -> stream(out)).start();
      } else if (manner == Manner.ENDLESS) {
        while (!out.checkError()) {
          out.print("S 1");
        }
      }
      for (String line = in.readLine(); line != null; line = in.readLine()) {
        answer(line.strip(), out);
      }
    } catch (IOException gone) {
      // The reader hung up, or the plug was pulled.
    } finally {
      sockets.remove(socket);
    }
  }

  private void stream(PrintWriter out) {
    while (manner == Manner.STREAMS && !out.checkError()) {
      out.println(answer(ScaleProtocol.READ));
      pause(STREAM_EVERY_MS);
    }
  }

  private void answer(String command, PrintWriter out) {
    boolean asked = command.equals(ScaleProtocol.READ);
    if (manner == Manner.SILENT || manner == Manner.STREAMS && asked) {
      return;
    }
    if (manner == Manner.SLOW) {
      pause(LATE_MS);
    }
    out.println(answer(command));
  }

  private static void pause(int milliseconds) {
    try {
      Thread.sleep(milliseconds);
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
    }
  }

  private static void drop(Socket socket) {
    try {
      socket.close();
    } catch (IOException already) {
      // It was closed.
    }
  }

  @Override
  public void close() throws IOException {
    server.close();
    sockets.forEach(SimulatedScale::drop);
  }
}
