package honeststack.app.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets in only what a page of this application sends from this machine: the Host header must name
 * the loopback (against DNS rebinding), and a write must not come from another origin.
 */
@Component
@Order(10)
class GuardFilter extends OncePerRequestFilter {
  private static final Set<String> LOOPBACK = Set.of("localhost", "127.0.0.1", "[::1]");
  private static final Set<String> READS = Set.of("GET", "HEAD", "OPTIONS");

  /** Ant Design puts its styles into the page at run time, so styles may be inline; scripts not. */
  private static final String POLICY =
      "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:;"
          + " font-src 'self' data:; connect-src 'self'; object-src 'none'; base-uri 'none';"
          + " form-action 'self'; frame-ancestors 'none'";

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    response.setHeader("Content-Security-Policy", POLICY);
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader("Referrer-Policy", "no-referrer");
    response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
    String host = request.getHeader("Host");
    if (host == null || !LOOPBACK.contains(host.replaceFirst(":\\d+$", ""))) {
      refuse(response, "The Host header does not name this machine; open it at 127.0.0.1.");
      return;
    }
    if (!READS.contains(request.getMethod()) && !fromHere(request, host)) {
      refuse(response, "Changes are taken only from this application's own pages.");
      return;
    }
    chain.doFilter(request, response);
  }

  private static boolean fromHere(HttpServletRequest request, String host) {
    String site = request.getHeader("Sec-Fetch-Site");
    if (site != null && !site.equals("same-origin") && !site.equals("none")) {
      return false;
    }
    String origin = request.getHeader("Origin");
    if (origin == null) {
      return true;
    }
    try {
      return host.equals(URI.create(origin).getAuthority());
    } catch (IllegalArgumentException malformed) {
      return false;
    }
  }

  private static void refuse(HttpServletResponse response, String detail) throws IOException {
    Refusals.write(response, HttpServletResponse.SC_FORBIDDEN, detail);
  }
}
