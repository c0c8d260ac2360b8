package honeststack.app.http;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Map;
import java.util.Set;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Waits for a request's body without keeping a worker: who sends slowly, or half of it, holds up
 * nobody else. A body that is too long or does not come is refused.
 */
@Component
@Order(20)
class BodyFilter extends OncePerRequestFilter {
  /** Where the body waits for those who handle the request. */
  private static final String READ = BodyFilter.class.getName() + ".body";

  private static final Set<String> WITH_BODY = Set.of("POST", "PUT", "PATCH", "DELETE");
  private static final int MOST_BYTES = 4 << 20;
  private static final int MOST_FILE_BYTES = 24 << 20;
  private static final int MOST_ARCHIVE_BYTES = 96 << 20;
  private static final Map<String, Integer> FILES =
      Map.of(
          "/api/foods/import", MOST_FILE_BYTES,
          "/api/foods/tables", MOST_ARCHIVE_BYTES,
          "/api/files", MOST_FILE_BYTES,
          "/api/files/review", MOST_FILE_BYTES,
          "/api/archive", MOST_ARCHIVE_BYTES,
          "/api/archive/review", MOST_ARCHIVE_BYTES);
  private static final long PATIENCE_MS = 15_000;
  private static final int AT_ONCE = 8192;

  @Override
  protected boolean shouldNotFilterAsyncDispatch() {
    return false;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (!WITH_BODY.contains(request.getMethod())) {
      chain.doFilter(request, response);
      return;
    }
    if (request.getAttribute(READ) instanceof byte[] body) {
      chain.doFilter(new ReadRequest(request, body), response);
      return;
    }
    int most = FILES.getOrDefault(request.getRequestURI(), MOST_BYTES);
    if (request.getContentLengthLong() > most) {
      tooLong(response, most);
      return;
    }
    if (request.getContentLengthLong() == 0 || !hasBody(request)) {
      chain.doFilter(new ReadRequest(request, new byte[0]), response);
      return;
    }
    new Arriving(request, response, most).start();
  }

  private static boolean hasBody(HttpServletRequest request) {
    return request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
  }

  private static void tooLong(HttpServletResponse response, int most) throws IOException {
    response.setHeader("Connection", "close");
    Refusals.write(
        response,
        HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE,
        "That is too long to be taken; up to " + (most >> 20) + " MB are.");
  }

  /** A body on its way. */
  private static final class Arriving implements ReadListener, AsyncListener {
    private final HttpServletRequest request;
    private final HttpServletResponse response;
    private final int most;
    private final ByteArrayOutputStream body = new ByteArrayOutputStream();
    private final byte[] piece = new byte[AT_ONCE];
    private ServletInputStream in;
    private AsyncContext waiting;
    private boolean over;

    Arriving(HttpServletRequest request, HttpServletResponse response, int most) {
      this.request = request;
      this.response = response;
      this.most = most;
    }

    void start() throws IOException {
      waiting = request.startAsync(request, response);
      waiting.setTimeout(PATIENCE_MS);
      waiting.addListener(this);
      in = request.getInputStream();
      in.setReadListener(this);
    }

    @Override
    public void onDataAvailable() throws IOException {
      while (in.isReady() && !in.isFinished()) {
        int n = in.read(piece);
        if (n > 0) {
          body.write(piece, 0, n);
        }
        if (body.size() > most) {
          refuse(() -> tooLong(response, most));
          return;
        }
      }
    }

    @Override
    public void onAllDataRead() {
      if (end()) {
        request.setAttribute(READ, body.toByteArray());
        waiting.dispatch();
      }
    }

    @Override
    public void onError(Throwable broken) {
      if (end()) {
        waiting.complete();
      }
    }

    @Override
    public void onTimeout(AsyncEvent event) throws IOException {
      refuse(
          () -> {
            response.setHeader("Connection", "close");
            Refusals.write(
                response,
                HttpServletResponse.SC_REQUEST_TIMEOUT,
                "The request did not arrive whole in time.");
          });
    }

    private interface Refusing {
      void write() throws IOException;
    }

    private void refuse(Refusing how) throws IOException {
      if (end()) {
        how.write();
        waiting.complete();
      }
    }

    private synchronized boolean end() {
      boolean first = !over;
      over = true;
      return first;
    }

    @Override
    public void onComplete(AsyncEvent event) {
      // Nothing is left to do.
    }

    @Override
    public void onError(AsyncEvent event) {
      onError(event.getThrowable());
    }

    @Override
    public void onStartAsync(AsyncEvent event) {
      // A handler goes on by itself.
    }
  }
}
