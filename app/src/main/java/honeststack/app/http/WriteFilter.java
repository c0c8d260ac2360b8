package honeststack.app.http;

import honeststack.app.ledger.AnswerStore;
import honeststack.app.ledger.AnswerStore.Answered;
import honeststack.app.ledger.Ledger;
import honeststack.app.ledger.Seen;
import honeststack.app.problem.Problem;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * A write and its answer are one transaction: both are there, or neither. One that carries a key
 * (header Idempotency-Key) and is sent again within a day is answered as it was, and not done
 * again. Whoever saw a change on one instance sees it on every other (a cookie says up to where).
 */
@Component
@Order(30)
class WriteFilter extends OncePerRequestFilter {
  static final String KEY = "Idempotency-Key";
  static final String SEEN = "seen";

  /** Set where a handler met a lock that the database took away: the write can be done again. */
  static final String LOCK_LOST = "honeststack.lock-lost";

  private static final Set<String> WRITES = Set.of("POST", "PUT", "DELETE");
  private static final int LONGEST_KEY = 64;
  private static final int FORGET_EVERY = 100;

  /** They only ask, in bodies too long for an address. */
  private static final Set<String> ASKING =
      Set.of(
          "/api/figures",
          "/api/figures/trail",
          "/api/claims",
          "/api/claims/words",
          "/api/method",
          "/api/plan",
          "/api/compare",
          "/api/files/review",
          "/api/archive/review",
          "/api/convert",
          "/api/scale",
          "/api/lines",
          "/api/lines/weighed",
          "/api/lines/packed",
          "/api/foods/check",
          "/api/foods/tables",
          "/api/kitchen-scale/tare",
          "/api/kitchen-scale/simulated");

  private final Ledger ledger;
  private final AnswerStore answers;
  private final HandlerExceptionResolver problems;
  private final AtomicLong done = new AtomicLong();

  WriteFilter(
      Ledger ledger,
      AnswerStore answers,
      @Qualifier("handlerExceptionResolver") HandlerExceptionResolver problems) {
    this.ledger = ledger;
    this.answers = answers;
    this.problems = problems;
  }

  /** Takes what a refused request did back out of the transaction. */
  private static final class TakenBack extends RuntimeException {
    TakenBack() {
      super(null, null, false, false);
    }
  }

  @Override
  protected boolean shouldNotFilterAsyncDispatch() {
    return false;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    seen(request).ifPresent(ledger::catchUp);
    boolean writes =
        WRITES.contains(request.getMethod())
            && request.getRequestURI().startsWith("/api/")
            && !ASKING.contains(request.getRequestURI());
    if (!writes) {
      chain.doFilter(request, response);
      return;
    }
    var answer = new ContentCachingResponseWrapper(response);
    try {
      String key = key(request);
      String asked = hash(request);
      boolean again = key != null && sentAgain(key, asked, answer);
      if (!again) {
        write(request, answer, chain, key, asked);
      }
    } catch (TakenBack refused) {
      // It was answered already.
    } catch (UncheckedIOException failed) {
      throw failed.getCause();
    } catch (RuntimeException failed) {
      answer.reset();
      if (problems.resolveException(request, answer, null, failed) == null) {
        throw failed;
      }
    }
    if (answer.getStatus() < HttpServletResponse.SC_BAD_REQUEST) {
      answer.addHeader(
          HttpHeaders.SET_COOKIE,
          SEEN + "=" + ledger.seen().text() + "; Path=/; HttpOnly; SameSite=Strict");
    }
    answer.copyBodyToResponse();
  }

  private void write(
      HttpServletRequest request,
      ContentCachingResponseWrapper answer,
      FilterChain chain,
      String key,
      String asked) {
    try {
      ledger.write(() -> once(request, answer, chain, key, asked));
    } catch (DuplicateKeyException meanwhile) {
      // Somebody with the same key was faster; what he was answered is the answer.
      if (key == null || !sentAgain(key, asked, answer)) {
        throw meanwhile;
      }
    }
    if (done.incrementAndGet() % FORGET_EVERY == 0) {
      forget();
    }
  }

  /**
   * What was asked is done already; whether old keys are forgotten now or later changes nothing.
   */
  private void forget() {
    try {
      answers.forget();
    } catch (DataAccessException | TransactionException away) {
      logger.debug("Old keys are forgotten another time", away);
    }
  }

  /** Within the transaction. */
  private Object once(
      HttpServletRequest request,
      ContentCachingResponseWrapper answer,
      FilterChain chain,
      String key,
      String asked) {
    if (key != null) {
      answers.take(key, asked);
    }
    try {
      request.removeAttribute(LOCK_LOST);
      chain.doFilter(request, answer);
    } catch (IOException failed) {
      throw new UncheckedIOException(failed);
    } catch (ServletException failed) {
      throw new IllegalStateException(failed);
    }
    if (request.getAttribute(LOCK_LOST) instanceof PessimisticLockingFailureException lost) {
      answer.reset();
      throw lost;
    }
    if (answer.getStatus() >= HttpServletResponse.SC_BAD_REQUEST) {
      throw new TakenBack();
    }
    if (key != null) {
      answers.put(
          key,
          new Answered(
              asked,
              answer.getStatus(),
              answer.getContentType(),
              answer.getHeader(HttpHeaders.ETAG),
              answer.getHeader(HttpHeaders.LOCATION),
              answer.getContentAsByteArray()));
    }
    return null;
  }

  /** Whether a key was used before; then its answer is given again. */
  private boolean sentAgain(String key, String asked, HttpServletResponse answer) {
    Optional<Answered> before = answers.to(key);
    if (before.isEmpty()) {
      return false;
    }
    if (!before.get().request().equals(asked)) {
      throw Problem.badInput(
          KEY, key, "“" + key + "” was the key of another request.", "a key of its own for each");
    }
    replay(before.get(), answer);
    return true;
  }

  private static void replay(Answered before, HttpServletResponse answer) {
    answer.setStatus(before.status());
    if (before.contentType() != null) {
      answer.setContentType(before.contentType());
    }
    if (before.tag() != null) {
      answer.setHeader(HttpHeaders.ETAG, before.tag());
    }
    if (before.location() != null) {
      answer.setHeader(HttpHeaders.LOCATION, before.location());
    }
    try {
      answer.getOutputStream().write(before.body());
    } catch (IOException failed) {
      throw new UncheckedIOException(failed);
    }
  }

  private static String key(HttpServletRequest request) {
    String key = request.getHeader(KEY);
    if (key != null && (key.isBlank() || key.length() > LONGEST_KEY)) {
      throw Problem.badInput(KEY, key, "“" + key + "” is no key.", "1 to 64 characters");
    }
    return key;
  }

  private static Optional<Seen> seen(HttpServletRequest request) {
    Cookie[] cookies = request.getCookies();
    if (cookies != null) {
      for (Cookie cookie : cookies) {
        if (cookie.getName().equals(SEEN)) {
          return Optional.of(new Seen(cookie.getValue()));
        }
      }
    }
    return Optional.empty();
  }

  /** Of method, address, condition and body. */
  private static String hash(HttpServletRequest request) {
    try {
      MessageDigest hash = MessageDigest.getInstance("SHA-256");
      String head =
          request.getMethod()
              + "\n"
              + request.getRequestURI()
              + "\n"
              + request.getQueryString()
              + "\n"
              + request.getHeader(HttpHeaders.IF_MATCH)
              + "\n";
      hash.update(head.getBytes(StandardCharsets.UTF_8));
      if (request instanceof ReadRequest read) {
        hash.update(read.body());
      }
      return HexFormat.of().formatHex(hash.digest());
    } catch (NoSuchAlgorithmException impossible) {
      throw new IllegalStateException(impossible);
    }
  }
}
