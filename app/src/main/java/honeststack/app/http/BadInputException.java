package honeststack.app.http;

/** Input that cannot be used; becomes a problem document of status 400 that quotes it. */
public final class BadInputException extends RuntimeException {
  private final String field;
  private final String offending;
  private final String accepted;

  /**
   * @param field the field's path in the request
   * @param offending its text, as sent
   * @param problem what is wrong, a sentence
   * @param accepted what would be taken instead
   */
  public BadInputException(String field, String offending, String problem, String accepted) {
    super(problem);
    this.field = field;
    this.offending = offending;
    this.accepted = accepted;
  }

  FieldProblem fieldProblem() {
    return new FieldProblem(field, offending, getMessage(), accepted);
  }
}
