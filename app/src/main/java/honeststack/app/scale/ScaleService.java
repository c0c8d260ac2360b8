package honeststack.app.scale;

import honeststack.app.problem.Problem;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Sends what the scale shows to everybody who looks; reads it only while somebody does. */
@Service
class ScaleService {
  private static final Logger LOG = LoggerFactory.getLogger(ScaleService.class);
  private static final int EVERY_MS = 150;
  private static final int MOST_LOOKERS = 100;

  /** Looks without news after which a sign of life finds out who is gone. */
  private static final int BEAT_AFTER = 20;

  private final SimulatedScale simulated;
  private final ScaleLink link;
  private final List<SseEmitter> lookers = new CopyOnWriteArrayList<>();
  private final ScheduledExecutorService clock =
      Executors.newSingleThreadScheduledExecutor(
          work -> {
            Thread thread = new Thread(work, "scale");
            thread.setDaemon(true);
            return thread;
          });
  private ScaleReading last;
  private int quiet;

  /**
   * @param address host:port of a scale; empty for the simulated one
   */
  ScaleService(@Value("${honest-stack.scale:}") String address) {
    if (address.isBlank()) {
      simulated = new SimulatedScale(() -> System.nanoTime() / 1_000_000);
      link =
          new ScaleLink(new InetSocketAddress(InetAddress.getLoopbackAddress(), simulated.port()));
    } else {
      simulated = null;
      link = new ScaleLink(parsed(address));
    }
    clock.scheduleWithFixedDelay(this::look, EVERY_MS, EVERY_MS, TimeUnit.MILLISECONDS);
  }

  private static InetSocketAddress parsed(String address) {
    if (!address.matches("[^\\s:]+:\\d{1,5}")) {
      throw new IllegalArgumentException(
          "“" + address + "” is no address of a scale; HOST:PORT is, such as 127.0.0.1:4001");
    }
    int colon = address.lastIndexOf(':');
    return new InetSocketAddress(
        address.substring(0, colon), Integer.parseInt(address.substring(colon + 1)));
  }

  SseEmitter stream() {
    while (lookers.size() >= MOST_LOOKERS) {
      lookers.remove(0).complete(); // a page that is still there asks anew
    }
    SseEmitter emitter = new SseEmitter(0L);
    emitter.onCompletion(() -> lookers.remove(emitter));
    emitter.onTimeout(() -> lookers.remove(emitter));
    emitter.onError(gone -> lookers.remove(emitter));
    lookers.add(emitter);
    last = null; // whoever looks anew is told at once
    return emitter;
  }

  private void look() {
    try {
      tell();
    } catch (RuntimeException broken) {
      LOG.error("The scale could not be read", broken);
    }
  }

  private void tell() {
    if (lookers.isEmpty()) {
      return;
    }
    ScaleReading now = link.read();
    boolean news = !now.isLike(last);
    if (!news && ++quiet < BEAT_AFTER) {
      return;
    }
    last = now;
    quiet = 0;
    for (SseEmitter looker : lookers) {
      try {
        looker.send(
            news ? SseEmitter.event().name("reading").data(now) : SseEmitter.event().comment("."));
      } catch (IOException | IllegalStateException gone) {
        lookers.remove(looker);
      }
    }
  }

  ScaleReading read() {
    return link.read();
  }

  ScaleReading tare() {
    if (!link.tare()) {
      throw Problem.conflict("The scale did not take the tare; nothing was changed.");
    }
    return link.read();
  }

  boolean isSimulated() {
    return simulated != null;
  }

  /** Puts something on the simulated scale, or pulls its plug. */
  ScaleReading simulate(double load, boolean plugged) {
    if (simulated == null) {
      throw Problem.conflict("A real scale is connected; nothing is simulated.");
    }
    if (plugged != simulated.isPlugged()) {
      simulated.plug(plugged);
    }
    if (load != simulated.load()) {
      simulated.put(load);
    }
    return link.read();
  }

  @PreDestroy
  void stop() throws IOException {
    clock.shutdownNow();
    lookers.forEach(SseEmitter::complete);
    link.close();
    if (simulated != null) {
      simulated.close();
    }
  }
}
