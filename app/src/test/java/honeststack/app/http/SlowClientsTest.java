package honeststack.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.app.Drafts;
import honeststack.app.Http;
import honeststack.app.Http.Answer;
import honeststack.app.RunningApplication;
import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Clients that send half of what they promised, or too much, or look and never read. */
@ExtendWith(RunningApplication.class)
class SlowClientsTest {
  private static final int MANY = 500;
  private static final String DRAFT = Drafts.json(Drafts.of("1 cup rye flour", "2 eggs"));

  private static Socket connect() throws IOException {
    URI address = URI.create(RunningApplication.address());
    return new Socket(InetAddress.getLoopbackAddress(), address.getPort());
  }

  private static void send(Socket socket, String text) throws IOException {
    socket.getOutputStream().write(text.getBytes(StandardCharsets.US_ASCII));
  }

  private static double median() {
    double[] times = new double[60];
    for (int i = 0; i < times.length; i++) {
      long start = System.nanoTime();
      assertThat(Http.send("POST", "/api/figures", DRAFT).status()).isEqualTo(200);
      times[i] = (System.nanoTime() - start) / 1e6;
    }
    Arrays.sort(times);
    return times[times.length / 2];
  }

  @Test
  void halfSentBodiesAndOpenStreamsHoldUpNobody() throws IOException {
    median();
    double alone = median();
    List<Socket> slow = new ArrayList<>();
    try {
      for (int i = 0; i < MANY; i++) {
        Socket half = connect();
        slow.add(half);
        send(
            half,
            "POST /api/figures HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
                + "Content-Length: 400\r\n\r\n{\"kind\":");
        Socket stream = connect();
        slow.add(stream);
        send(stream, "GET /api/kitchen-scale/stream HTTP/1.1\r\nHost: localhost\r\n\r\n");
      }
      assertThat(median()).isLessThan(Math.max(3 * alone, 15));
      assertThat(
              Http.send("POST", "/api/goals", "{\"name\":\"s\",\"note\":\"\",\"goals\":[]}")
                  .status())
          .isIn(201, 400);
    } finally {
      for (Socket socket : slow) {
        socket.close();
      }
    }
  }

  @Test
  void aBodyThatIsTooLongIsRefusedAtOnce() throws IOException {
    String long1 = "x".repeat(5 << 20);
    Answer answer = Http.send("POST", "/api/lines", long1);
    assertThat(answer.status()).isEqualTo(413);
    assertThat(answer.body().get("detail").asString()).contains("up to 4 MB");
    try (Socket endless = connect()) {
      send(
          endless,
          "POST /api/foods/import HTTP/1.1\r\nHost: localhost\r\nContent-Type: text/csv\r\n"
              + "Content-Length: 100000000\r\n\r\nid,name,role\r\n");
      byte[] head = endless.getInputStream().readNBytes(12);
      assertThat(new String(head, StandardCharsets.US_ASCII)).isEqualTo("HTTP/1.1 413");
    }
    assertThat(Http.get("/api/kitchen-scale").status()).isEqualTo(200);
  }

  @Test
  void aProblemCarriesTheNameOfItsRequest() {
    Answer refused = Http.send("POST", "/api/goals", "{\"name\":\"\"}");
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.body().get("request").asString()).matches("[0-9a-f]{8}");
  }
}
