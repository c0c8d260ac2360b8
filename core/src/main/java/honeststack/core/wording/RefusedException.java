package honeststack.core.wording;

/**
 * A text was refused; the {@link Refusal} says why. Made without a stack trace: it is an answer.
 */
public final class RefusedException extends RuntimeException {
  private final transient Refusal refusal;

  public RefusedException(Refusal refusal) {
    super(refusal.problem() + " Accepted: " + refusal.accepted(), null, false, false);
    this.refusal = refusal;
  }

  public RefusedException(
      Refusal.Reason reason, String offending, String problem, String accepted) {
    this(new Refusal(reason, offending, problem, accepted));
  }

  public Refusal refusal() {
    return refusal;
  }
}
