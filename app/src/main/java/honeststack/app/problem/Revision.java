package honeststack.app.problem;

/** The revision of something stored as an entity tag (RFC 9110, 8.8.3). */
public final class Revision {
  private Revision() {}

  public static String tag(long revision) {
    return "\"" + revision + "\"";
  }

  /**
   * Reads an If-Match header.
   *
   * @throws ProblemException if it is missing, or not a tag that this application gives
   */
  public static int expected(String ifMatch) {
    if (ifMatch == null) {
      throw new ProblemException(
          new Problem.Unconditional(
              "Saving needs the header If-Match with the ETag of what was read."));
    }
    String digits = ifMatch.strip().replaceAll("^\"(\\d{1,9})\"$", "$1");
    if (!digits.matches("\\d{1,9}")) {
      throw Problem.badInput(
          "If-Match", ifMatch, "“" + ifMatch + "” is not a known ETag.", "an ETag such as \"3\"");
    }
    return Integer.parseInt(digits);
  }
}
