package honeststack.app.http;

/** The request is well formed but cannot be done as things stand; becomes status 409. */
public final class ConflictException extends RuntimeException {
  public ConflictException(String message) {
    super(message);
  }
}
