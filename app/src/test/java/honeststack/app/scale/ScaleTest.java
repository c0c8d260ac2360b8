package honeststack.app.scale;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.app.scale.ScaleReading.State;
import honeststack.app.scale.SimulatedScale.Manner;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The reader of a scale against the simulated one, over a real socket, on a clock of its own. */
class ScaleTest {
  private final AtomicLong now = new AtomicLong();
  private final SimulatedScale scale = new SimulatedScale(now::get);
  private final ScaleLink link = link(scale.port());

  private static ScaleLink link(int port) {
    return new ScaleLink(new InetSocketAddress(InetAddress.getLoopbackAddress(), port));
  }

  @AfterEach
  void close() throws IOException {
    link.close();
    scale.close();
  }

  @Test
  void settlesThenStandsStill() {
    scale.put(200);
    now.addAndGet(100);
    ScaleReading moving = link.read();
    assertThat(moving.state()).isEqualTo(State.MOVING);
    assertThat(moving.grams()).isBetween(20.0, 180.0);
    now.addAndGet(5000);
    ScaleReading still = link.read();
    assertThat(still.state()).isEqualTo(State.STABLE);
    assertThat(still.grams()).isBetween(198.0, 202.0);
  }

  @Test
  void tareCountsWhatLiesThereAsNothing() {
    scale.put(300);
    now.addAndGet(5000);
    assertThat(link.tare()).isTrue();
    assertThat(link.read().grams()).isBetween(-2.0, 2.0);
    scale.put(420);
    now.addAndGet(5000);
    assertThat(link.read().grams()).isBetween(118.0, 122.0);
  }

  @Test
  void driftsByHalfAGramAMinute() {
    scale.put(100);
    now.addAndGet(20 * 60_000);
    assertThat(link.read().grams()).isBetween(108.0, 112.0);
  }

  @Test
  void saysThatItIsOverloaded() {
    scale.put(6000);
    now.addAndGet(5000);
    ScaleReading over = link.read();
    assertThat(over.state()).isEqualTo(State.OVERLOAD);
    assertThat(over.words()).contains("Too much");
    assertThat(link.tare()).isFalse();
  }

  @Test
  void aScaleUnpluggedInMidReadingIsLostAtOnceAndTheLastReadingKept() {
    scale.put(250);
    now.addAndGet(5000);
    double last = link.read().grams();
    scale.plug(false);
    ScaleReading lost = link.read();
    assertThat(lost.state()).isEqualTo(State.LOST);
    assertThat(lost.grams()).isNull();
    assertThat(lost.lastStable()).isEqualTo(last);
    assertThat(link.tare()).isFalse();
    scale.plug(true);
    assertThat(link.read().state()).isEqualTo(State.STABLE);
  }

  @Test
  void whatIsNoScaleIsNotBelieved() throws IOException {
    try (ServerSocket other = new ServerSocket(0, 1, InetAddress.getLoopbackAddress());
        ScaleLink wrong = link(other.getLocalPort())) {
      Thread talker =
          new Thread(
              () -> {
                try (var socket = other.accept()) {
                  socket.getOutputStream().write("HELLO\n".getBytes());
                } catch (IOException closed) {
                  // The test is over.
                }
              });
      talker.start();
      assertThat(wrong.read().state()).isEqualTo(State.LOST);
    }
    assertThat(ScaleProtocol.weight("S 12,5 g")).isEmpty();
    assertThat(ScaleProtocol.weight("U -3.5 g").orElseThrow().grams()).isEqualTo(-3.5);
  }

  /** Nobody looked for a while; what is shown is what lies there now, not what lay there then. */
  @Test
  void aScaleThatStreamsIsReadAtItsNewest() throws InterruptedException {
    scale.behave(Manner.STREAMS);
    scale.put(200);
    now.addAndGet(5000);
    Thread.sleep(200);
    assertThat(link.read().grams()).isBetween(198.0, 202.0);
    scale.put(400);
    now.addAndGet(5000);
    Thread.sleep(2000);
    ScaleReading read = link.read();
    assertThat(read.grams()).isBetween(398.0, 402.0);
    assertThat(read.age()).isLessThan(300);
    scale.behave(Manner.SILENT);
    Thread.sleep(ScaleLink.LOST_AFTER_MS + 200);
    assertThat(link.read().state()).isEqualTo(State.LOST);
    assertThat(link.read().lastStable()).isBetween(398.0, 402.0);
  }

  @ParameterizedTest
  @EnumSource(
      value = Manner.class,
      names = {"SLOW", "SILENT", "ENDLESS"})
  void badMannersHoldUpNobody(Manner manner) throws InterruptedException {
    scale.behave(manner);
    for (int i = 0; i < 3; i++) {
      long start = System.nanoTime();
      ScaleReading read = link.read();
      assertThat((System.nanoTime() - start) / 1e6).isLessThan(ScaleLink.LOST_AFTER_MS);
      assertThat(read.state()).isEqualTo(State.LOST);
      assertThat(read.grams()).isNull();
    }
    scale.behave(Manner.ANSWERS);
    link.close();
    scale.put(50);
    now.addAndGet(5000);
    assertThat(link.read().grams()).isBetween(48.0, 52.0);
  }

  /** Its line would have filled the memory. */
  @Test
  void anEndlessLineIsHungUpOn() throws InterruptedException {
    scale.behave(Manner.ENDLESS);
    link.read();
    for (int i = 0; i < 50 && scale.connections() > 0; i++) {
      Thread.sleep(20);
    }
    assertThat(scale.connections()).isZero();
  }
}
