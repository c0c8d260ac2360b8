package honeststack.app.http;

/** Nothing goes by this identity; becomes status 404. */
public final class NotFoundException extends RuntimeException {
  public NotFoundException(String what, String id) {
    super("There is no " + what + " “" + id + "”.");
  }
}
