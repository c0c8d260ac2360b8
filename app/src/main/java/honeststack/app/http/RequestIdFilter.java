package honeststack.app.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.HexFormat;
import java.util.concurrent.ThreadLocalRandom;
import org.slf4j.MDC;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Names each request, so that what a cook is told can be found in the log. */
@Component
@Order(5)
class RequestIdFilter extends OncePerRequestFilter {
  /** Under which the log and problem documents carry it. */
  static final String REQUEST = "request";

  private static final String HEADER = "X-Request-Id";

  @Override
  protected boolean shouldNotFilterAsyncDispatch() {
    return false;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String id = (String) request.getAttribute(HEADER);
    if (id == null) {
      id = HexFormat.of().toHexDigits(ThreadLocalRandom.current().nextInt());
      request.setAttribute(HEADER, id);
      response.setHeader(HEADER, id);
    }
    MDC.put(REQUEST, id);
    try {
      chain.doFilter(request, response);
    } finally {
      MDC.remove(REQUEST);
    }
  }
}
