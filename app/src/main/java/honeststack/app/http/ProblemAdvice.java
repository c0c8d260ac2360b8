package honeststack.app.http;

import honeststack.app.ledger.Outage;
import honeststack.app.problem.Problem;
import honeststack.app.problem.Problem.BadInput;
import honeststack.app.problem.Problem.Conflict;
import honeststack.app.problem.Problem.FieldProblem;
import honeststack.app.problem.Problem.NotFound;
import honeststack.app.problem.Problem.Stale;
import honeststack.app.problem.ProblemException;
import jakarta.servlet.http.HttpServletRequest;
import java.io.File;
import java.sql.SQLException;
import java.util.List;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.convert.ConversionFailedException;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.dao.RecoverableDataAccessException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;

/** Every refusal is a problem document (RFC 9457) that names the field and quotes what it held. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

  private static final int MOST_FRAMES = 12;
  private static final long LEAST_ROOM = 16L << 20;

  private static final Resource PAGES = new ClassPathResource("static/index.html");

  private final Outage outage;
  private final String log;

  ProblemAdvice(Outage outage, @Value("${logging.file.name:}") String log) {
    this.outage = outage;
    this.log = log;
  }

  @ExceptionHandler
  ProblemDetail refused(ProblemException refused) {
    Problem problem = refused.problem();
    if (problem instanceof BadInput bad) {
      return fields(bad.detail(), bad.fields());
    }
    if (problem instanceof Stale stale) {
      ProblemDetail answer = of(HttpStatus.PRECONDITION_FAILED, stale);
      answer.setProperty("current", stale.current());
      return answer;
    }
    if (problem instanceof NotFound) {
      return of(HttpStatus.NOT_FOUND, problem);
    }
    return of(
        problem instanceof Conflict ? HttpStatus.CONFLICT : HttpStatus.PRECONDITION_REQUIRED,
        problem);
  }

  private static ProblemDetail of(HttpStatus status, Problem problem) {
    return ProblemDetail.forStatusAndDetail(status, problem.detail());
  }

  @ExceptionHandler({
    DataAccessResourceFailureException.class,
    TransientDataAccessException.class,
    RecoverableDataAccessException.class,
    TransactionException.class
  })
  ProblemDetail databaseAway(RuntimeException away, HttpServletRequest request) {
    if (away instanceof PessimisticLockingFailureException) {
      request.setAttribute(WriteFilter.LOCK_LOST, away);
      return ProblemDetail.forStatusAndDetail(
          HttpStatus.SERVICE_UNAVAILABLE, "Too many save at once; nothing was saved. Try again.");
    }
    outage.met(away);
    if (!hasRoom()) {
      return full();
    }
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.SERVICE_UNAVAILABLE,
        "The database does not answer, so nothing was saved. Figures go on; saving is tried again.");
  }

  /** Codes of MariaDB for a disk, or a table, that takes no more. */
  private static final Set<Integer> FULL = Set.of(28, 1021, 1030, 1114);

  @ExceptionHandler
  ProblemDetail databaseFailed(DataAccessException failed) {
    for (Throwable cause = failed; cause != null; cause = cause.getCause()) {
      if (cause instanceof SQLException sql && FULL.contains(sql.getErrorCode())) {
        return full();
      }
    }
    return unexpected(failed, "The database refused this, so nothing was saved.");
  }

  private static ProblemDetail full() {
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.INSUFFICIENT_STORAGE,
        "The disk is full, so nothing was saved. Figures go on; make room, and saving goes on.");
  }

  /** A database that is away may have had no room; it stands where the log is. */
  private boolean hasRoom() {
    File directory = log.isEmpty() ? null : new File(log).getParentFile();
    return directory == null || directory.getUsableSpace() > LEAST_ROOM;
  }

  @ExceptionHandler
  ProblemDetail failed(RuntimeException failed) {
    return unexpected(failed, "Something went wrong here; nothing was saved.");
  }

  /** The log gets what failed and where, and nothing that a cook wrote: messages quote it. */
  private static ProblemDetail unexpected(RuntimeException failed, String detail) {
    StringBuilder where = new StringBuilder();
    for (Throwable cause = failed; cause != null; cause = cause.getCause()) {
      where.append(cause == failed ? "" : " caused by ").append(cause.getClass().getName());
      StackTraceElement[] stack = cause.getStackTrace();
      for (int i = 0; i < Math.min(MOST_FRAMES, stack.length); i++) {
        where.append(i == 0 ? " at " : " < ").append(stack[i]);
      }
    }
    LOG.error("Failed: {}", where);
    return ProblemDetail.forStatusAndDetail(HttpStatus.INTERNAL_SERVER_ERROR, detail);
  }

  @Override
  protected ResponseEntity<Object> handleMethodArgumentNotValid(
      MethodArgumentNotValidException invalid,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    List<FieldProblem> problems =
        invalid.getBindingResult().getFieldErrors().stream().map(ProblemAdvice::problem).toList();
    ProblemDetail problem =
        fields(problems.stream().map(FieldProblem::problem).findFirst().orElse(""), problems);
    return handleExceptionInternal(invalid, problem, headers, status, request);
  }

  private static FieldProblem problem(FieldError error) {
    return new FieldProblem(
        error.getField(),
        shortened(String.valueOf(error.getRejectedValue())),
        "“" + error.getField() + "” " + error.getDefaultMessage() + ".",
        String.valueOf(error.getDefaultMessage()));
  }

  /** A word of an address that is none of those, or no number. */
  @Override
  protected ResponseEntity<Object> handleTypeMismatch(
      TypeMismatchException wrong, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
    String field =
        wrong instanceof MethodArgumentTypeMismatchException argument
            ? argument.getName()
            : String.valueOf(wrong.getPropertyName());
    FieldProblem problem = mismatch(field, wrong);
    return handleExceptionInternal(
        wrong, fields(problem.problem(), List.of(problem)), headers, status, request);
  }

  private static FieldProblem mismatch(String field, TypeMismatchException wrong) {
    Class<?> type = wrong.getRequiredType();
    Object value = wrong.getValue();
    for (Throwable cause = wrong.getCause(); cause != null; cause = cause.getCause()) {
      if (cause instanceof ConversionFailedException failed) {
        type = failed.getTargetType().getType();
        value = failed.getValue();
      }
    }
    String offending = shortened(String.valueOf(value));
    return new FieldProblem(
        field,
        offending,
        "“" + offending + "” is not accepted for “" + field + "”.",
        type == null ? "text" : accepted(type));
  }

  @Override
  protected ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException unreadable,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    ProblemDetail problem = fields("The request is not JSON that can be read.", List.of());
    if (unreadable.getCause() instanceof JacksonException jackson) {
      String field = path(jackson);
      String value =
          jackson instanceof InvalidFormatException format
              ? shortened(String.valueOf(format.getValue()))
              : "";
      String accepted =
          jackson instanceof InvalidFormatException format
              ? accepted(format.getTargetType())
              : "JSON as described at /v3/api-docs";
      String sentence =
          value.isEmpty()
              ? "“" + field + "” cannot be read: " + jackson.getOriginalMessage()
              : "“" + value + "” is not accepted for “" + field + "”.";
      problem = fields(sentence, List.of(new FieldProblem(field, value, sentence, accepted)));
    }
    return handleExceptionInternal(unreadable, problem, headers, status, request);
  }

  /** A person who asks for a page that is not there gets the pages, which say so. */
  @Override
  protected ResponseEntity<Object> handleNoResourceFoundException(
      NoResourceFoundException missing,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    String accept = request.getHeader(HttpHeaders.ACCEPT);
    if (accept != null && accept.contains(MediaType.TEXT_HTML_VALUE) && PAGES.exists()) {
      return ResponseEntity.status(status).contentType(MediaType.TEXT_HTML).body(PAGES);
    }
    return super.handleNoResourceFoundException(missing, headers, status, request);
  }

  private static String path(JacksonException jackson) {
    StringBuilder path = new StringBuilder();
    jackson
        .getPath()
        .forEach(
            step ->
                path.append(
                    step.getPropertyName() == null
                        ? "[" + step.getIndex() + "]"
                        : (path.isEmpty() ? "" : ".") + step.getPropertyName()));
    return path.toString();
  }

  private static String accepted(Class<?> type) {
    if (type.isEnum()) {
      return "one of " + List.of(type.getEnumConstants());
    }
    if (type == int.class || type == Integer.class) {
      return "a whole number";
    }
    return Number.class.isAssignableFrom(type) || type.isPrimitive() ? "a number" : "text";
  }

  private static String shortened(String value) {
    return value.length() <= 120 ? value : value.substring(0, 119) + "…";
  }

  private static ProblemDetail fields(String detail, List<FieldProblem> problems) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, detail);
    problem.setProperty("fields", problems);
    return problem;
  }
}
