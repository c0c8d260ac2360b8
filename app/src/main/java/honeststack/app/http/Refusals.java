package honeststack.app.http;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;

/** Problem documents (RFC 9457) of requests that do not reach any handler. */
final class Refusals {
  private Refusals() {}

  /**
   * @param detail one sentence, without quotation marks or backslashes
   */
  static void write(HttpServletResponse response, int status, String detail) throws IOException {
    response.setStatus(status);
    response.setContentType("application/problem+json");
    String document =
        "{\"type\":\"about:blank\",\"title\":\""
            + HttpStatus.valueOf(status).getReasonPhrase()
            + "\",\"status\":"
            + status
            + ",\"detail\":\""
            + detail
            + "\"}";
    response.getOutputStream().write(document.getBytes(StandardCharsets.UTF_8));
  }
}
