package honeststack.app.problem;

import honeststack.core.wording.Refusal;
import honeststack.core.wording.RefusedException;
import java.util.List;

/** Why a request is not done. It becomes a problem document (RFC 9457) of the status beside it. */
public sealed interface Problem {

  /** One sentence. */
  String detail();

  /** One field of a refused request: which, what it held, what is wrong, what is accepted. */
  record FieldProblem(String field, String offending, String problem, String accepted) {
    private static final int LONGEST = 200;

    public FieldProblem {
      offending =
          offending.length() <= LONGEST ? offending : offending.substring(0, LONGEST - 1) + "…";
    }
  }

  /** Input that cannot be used: 400. */
  record BadInput(List<FieldProblem> fields) implements Problem {
    public BadInput {
      fields = List.copyOf(fields);
    }

    @Override
    public String detail() {
      return fields.get(0).problem();
    }
  }

  /** Nothing goes by this identity: 404. */
  record NotFound(String detail) implements Problem {}

  /** The request is well formed but cannot be done as things stand: 409. */
  record Conflict(String detail) implements Problem {}

  /**
   * Somebody saved in between: 412.
   *
   * @param current what is stored now
   */
  record Stale(String detail, Object current) implements Problem {}

  /** The header that says what is to be overwritten is missing: 428. */
  record Unconditional(String detail) implements Problem {}

  /**
   * @param field the field's path in the request
   * @param offending its text, as sent
   * @param problem what is wrong, a sentence
   * @param accepted what would be taken instead
   */
  static ProblemException badInput(
      String field, String offending, String problem, String accepted) {
    return new ProblemException(
        new BadInput(List.of(new FieldProblem(field, offending, problem, accepted))));
  }

  /** What the core refused of a field. */
  static ProblemException badInput(String field, String offending, RefusedException refused) {
    Refusal refusal = refused.refusal();
    return badInput(field, offending, refusal.problem(), refusal.accepted());
  }

  static ProblemException notFound(String what, String id) {
    return new ProblemException(new NotFound("There is no " + what + " “" + id + "”."));
  }

  static ProblemException conflict(String detail) {
    return new ProblemException(new Conflict(detail));
  }

  static ProblemException stale(String detail, Object current) {
    return new ProblemException(new Stale(detail, current));
  }
}
