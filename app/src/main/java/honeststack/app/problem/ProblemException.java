package honeststack.app.problem;

/** Carries a {@link Problem} out of a service; made without a stack trace: it is an answer. */
public final class ProblemException extends RuntimeException {
  private final transient Problem problem;

  ProblemException(Problem problem) {
    super(problem.detail(), null, false, false);
    this.problem = problem;
  }

  public Problem problem() {
    return problem;
  }
}
