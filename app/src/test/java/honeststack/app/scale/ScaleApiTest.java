package honeststack.app.scale;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.app.Http;
import honeststack.app.RunningApplication;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningApplication.class)
class ScaleApiTest {

  private static Http.Answer put(double load, boolean plugged) {
    return Http.send(
        "POST",
        "/api/kitchen-scale/simulated",
        "{\"load\":" + load + ",\"plugged\":" + plugged + "}");
  }

  /** A looker is told what lies on the scale, and that its plug was pulled. */
  @Test
  void theReadingIsStreamed() throws IOException, InterruptedException {
    put(0, true);
    Http.send("POST", "/api/kitchen-scale/tare", "");
    HttpResponse<java.io.InputStream> stream =
        HttpClient.newHttpClient()
            .send(
                HttpRequest.newBuilder(
                        URI.create(RunningApplication.address() + "/api/kitchen-scale/stream"))
                    .build(),
                HttpResponse.BodyHandlers.ofInputStream());
    assertThat(stream.headers().firstValue("Content-Type").orElse(""))
        .startsWith("text/event-stream");
    try (BufferedReader lines =
        new BufferedReader(new InputStreamReader(stream.body(), StandardCharsets.UTF_8))) {
      put(500, true);
      assertThat(until(lines, "\"state\":\"STABLE\",\"grams\":50")).isTrue();
      put(500, false);
      assertThat(until(lines, "\"state\":\"LOST\"")).isTrue();
    } finally {
      put(0, true);
    }
  }

  private static boolean until(BufferedReader lines, String text) throws IOException {
    for (int i = 0; i < 400; i++) {
      String line = lines.readLine();
      if (line == null) {
        return false;
      }
      if (line.contains(text)) {
        return true;
      }
    }
    return false;
  }

  @Test
  void aLoadThatCannotBeIsRefused() {
    assertThat(put(-1, true).body().at("/fields/0/offending").asString()).isEqualTo("-1.0");
    assertThat(put(50_000, true).status()).isEqualTo(400);
    assertThat(Http.get("/api/kitchen-scale").body().get("simulated").asBoolean()).isTrue();
  }

  @Test
  void anOverloadedScaleTakesNoTare() throws InterruptedException {
    put(9000, true);
    Thread.sleep(1500);
    assertThat(Http.send("POST", "/api/kitchen-scale/tare", "").status()).isEqualTo(409);
    put(0, true);
  }
}
