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
import java.util.regex.Pattern;
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
    settled();
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
      assertThat(until(lines, "\"state\":\"STABLE\",\"grams\":(?:49[89]|50[012])\\D")).isTrue();
      put(500, false);
      assertThat(until(lines, "\"state\":\"LOST\"")).isTrue();
    } finally {
      put(0, true);
    }
  }

  /** Whatever lay on it before is off, and it stands still. */
  private static void settled() throws InterruptedException {
    for (int still = 0, i = 0; still < 5 && i < 300; i++) {
      boolean stable =
          "STABLE".equals(Http.get("/api/kitchen-scale").body().at("/reading/state").asString());
      still = stable ? still + 1 : 0;
      Thread.sleep(100);
    }
  }

  private static boolean until(BufferedReader lines, String wanted) throws IOException {
    Pattern text = Pattern.compile(wanted);
    for (int i = 0; i < 400; i++) {
      String line = lines.readLine();
      if (line == null) {
        return false;
      }
      if (text.matcher(line).find()) {
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
