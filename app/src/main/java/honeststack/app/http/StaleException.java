package honeststack.app.http;

/** Somebody saved in between; becomes status 412 with what is stored now. */
public final class StaleException extends RuntimeException {
  private final transient Object current;

  public StaleException(String message, Object current) {
    super(message);
    this.current = current;
  }

  Object current() {
    return current;
  }
}
