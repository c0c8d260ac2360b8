package honeststack.app.archive;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import java.time.Instant;
import java.util.List;

/** What an archive says of itself, and what its page reads. */
final class ArchiveForm {
  static final String FORMAT = "honest-stack-archive";
  static final int VERSION = 1;
  static final String MANIFEST = "manifest.json";
  static final String RECIPES = "recipes/";
  static final String TABLES = "tables/";

  /** Of kept versions, to be read by other programs; they are not restored, but follow anew. */
  static final String FIGURES = "figures/";

  private ArchiveForm() {}

  /**
   * The list of what an archive holds.
   *
   * @param format {@value #FORMAT}
   * @param formatVersion {@value #VERSION}
   */
  @JsonIgnoreProperties(ignoreUnknown = true)
  record Manifest(String format, int formatVersion, Instant madeAt, List<Member> files) {}

  /**
   * A file in it.
   *
   * @param sha256 of its bytes, in hexadecimal
   */
  @JsonIgnoreProperties(ignoreUnknown = true)
  record Member(String path, long bytes, String sha256) {}

  /**
   * What restoring an archive would do; nothing is done yet.
   *
   * @param recipes in the archive
   * @param alreadyHere of them on the shelf
   * @param empty nothing is on the shelf
   */
  record ArchiveReview(
      Instant madeAt, int recipes, int versions, int mornings, int alreadyHere, boolean empty) {}

  /**
   * What restoring did.
   *
   * @param recipes that were put on the shelf
   * @param alreadyHere recipes that were there and stayed as they are
   * @param rows of everything else that were put
   */
  record Restored(int recipes, int alreadyHere, int rows) {}
}
