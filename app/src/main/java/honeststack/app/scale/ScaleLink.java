package honeststack.app.scale;

import honeststack.app.scale.ScaleReading.State;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

/**
 * Reads a scale over TCP. A scale that does not answer is lost at once; the last stable reading
 * stays.
 */
final class ScaleLink implements AutoCloseable {
  private static final int TIMEOUT_MS = 700;

  private final InetSocketAddress address;
  private Socket socket;
  private BufferedReader in;
  private PrintWriter out;
  private Double lastStable;

  ScaleLink(InetSocketAddress address) {
    this.address = address;
  }

  /** What it shows now. */
  synchronized ScaleReading read() {
    try {
      String line = ask(ScaleProtocol.READ);
      if (line.equals(ScaleProtocol.OVERLOAD)) {
        return new ScaleReading(
            State.OVERLOAD, null, lastStable, "Too much on the scale: take something off.");
      }
      Optional<ScaleProtocol.Weight> weight = ScaleProtocol.weight(line);
      if (weight.isEmpty()) {
        close();
        return ScaleReading.lost(lastStable, "The scale says “" + line + "”, which is no weight.");
      }
      if (weight.get().stable()) {
        lastStable = weight.get().grams();
      }
      return new ScaleReading(
          weight.get().stable() ? State.STABLE : State.MOVING,
          weight.get().grams(),
          lastStable,
          "");
    } catch (IOException gone) {
      close();
      return ScaleReading.lost(
          lastStable, "The scale does not answer: is it plugged in? The last reading is kept.");
    }
  }

  /** Sets it to nothing; false if it did not take it. */
  synchronized boolean tare() {
    try {
      boolean taken = ask(ScaleProtocol.TARE).equals(ScaleProtocol.TARED);
      if (taken) {
        lastStable = null;
      }
      return taken;
    } catch (IOException gone) {
      close();
      return false;
    }
  }

  private String ask(String command) throws IOException {
    if (socket == null) {
      connect();
    }
    out.println(command);
    return line();
  }

  private String line() throws IOException {
    String line = in.readLine();
    if (line == null) {
      throw new IOException("The scale hung up");
    }
    return line.strip();
  }

  private void connect() throws IOException {
    Socket fresh = new Socket();
    try {
      fresh.connect(address, TIMEOUT_MS);
      fresh.setSoTimeout(TIMEOUT_MS);
      in =
          new BufferedReader(
              new InputStreamReader(fresh.getInputStream(), StandardCharsets.US_ASCII));
      out = new PrintWriter(fresh.getOutputStream(), true, StandardCharsets.US_ASCII);
      socket = fresh;
      if (!line().startsWith(ScaleProtocol.GREETING)) {
        throw new IOException("What answers is no scale");
      }
    } catch (IOException failed) {
      socket = null;
      fresh.close();
      throw failed;
    }
  }

  @Override
  public synchronized void close() {
    if (socket != null) {
      try {
        socket.close();
      } catch (IOException already) {
        // It was closed.
      }
      socket = null;
    }
  }
}
