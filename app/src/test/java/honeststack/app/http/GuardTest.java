package honeststack.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.app.Http;
import honeststack.app.RunningApplication;
import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(RunningApplication.class)
class GuardTest {

  /** java.net.http does not let a Host header be set, so this speaks HTTP itself. */
  private static String raw(String... lines) throws IOException {
    URI at = URI.create(RunningApplication.address());
    try (Socket socket = new Socket(at.getHost(), at.getPort())) {
      String request = String.join("\r\n", lines) + "\r\nConnection: close\r\n\r\n";
      socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  @Test
  void aForeignHostIsRefused() throws IOException {
    assertThat(raw("GET /api/recipes HTTP/1.1", "Host: stack.example")).startsWith("HTTP/1.1 403");
    assertThat(raw("GET /api/recipes HTTP/1.1", "Host: localhost:1")).startsWith("HTTP/1.1 200");
  }

  @Test
  void aWriteFromAnotherOriginIsRefused() throws IOException {
    String path = "/api/recipes/none";
    assertThat(Http.send("DELETE", path, null, "Origin", "http://stack.example").status())
        .isEqualTo(403);
    assertThat(Http.send("DELETE", path, null, "Sec-Fetch-Site", "cross-site").status())
        .isEqualTo(403);
    assertThat(Http.send("DELETE", path, null, "Origin", RunningApplication.address()).status())
        .isEqualTo(404);
  }

  @Test
  void noInlineScript() throws IOException {
    assertThat(raw("GET / HTTP/1.1", "Host: localhost"))
        .containsPattern("Content-Security-Policy: .*script-src 'self';")
        .doesNotContain("<script>");
  }

  @Test
  void aPageThatIsNotThereIsSaidByThePagesAndAnAddressByAProblem() throws IOException {
    assertThat(raw("GET /nowhere HTTP/1.1", "Host: localhost", "Accept: text/html"))
        .startsWith("HTTP/1.1 404")
        .contains("<div id=\"root\">");
    assertThat(raw("GET /api/nowhere HTTP/1.1", "Host: localhost", "Accept: application/json"))
        .startsWith("HTTP/1.1 404")
        .contains("application/problem+json");
    for (String page : new String[] {"/larder", "/goals", "/compare", "/bench/x", "/version/x"}) {
      assertThat(raw("GET " + page + " HTTP/1.1", "Host: localhost"))
          .startsWith("HTTP/1.1 200")
          .contains("<div id=\"root\">");
    }
  }

  /** The committed contract, from which the pages' types are made, is the one that is served. */
  @Test
  void theContractIsNotStale() throws IOException {
    JsonMapper json = new JsonMapper();
    assertThat(json.readTree(Files.readString(Path.of("../web/openapi.json"))))
        .as("web/openapi.json; save /v3/api-docs there, keys sorted")
        .isEqualTo(Http.get("/v3/api-docs").body());
  }
}
