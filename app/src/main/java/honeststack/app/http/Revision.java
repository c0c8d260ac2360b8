package honeststack.app.http;

import org.springframework.http.HttpStatus;
import org.springframework.web.server.ResponseStatusException;

/** The revision of a stored draft as an entity tag (RFC 9110, 8.8.3). */
public final class Revision {
  private Revision() {}

  public static String tag(int revision) {
    return "\"" + revision + "\"";
  }

  /**
   * Reads an If-Match header.
   *
   * @throws ResponseStatusException 428 if it is missing
   * @throws BadInputException if it is not a tag that this application gives
   */
  public static int expected(String ifMatch) {
    if (ifMatch == null) {
      throw new ResponseStatusException(
          HttpStatus.PRECONDITION_REQUIRED,
          "Saving needs the header If-Match with the ETag of what was read.");
    }
    String digits = ifMatch.strip().replaceAll("^\"(\\d{1,9})\"$", "$1");
    if (!digits.matches("\\d{1,9}")) {
      throw new BadInputException(
          "If-Match", ifMatch, "“" + ifMatch + "” is not a known ETag.", "an ETag such as \"3\"");
    }
    return Integer.parseInt(digits);
  }
}
