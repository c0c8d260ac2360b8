package honeststack.app.files;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.core.morning.Event;
import java.time.Instant;
import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * A recipe whole, as a file: its draft, its kept versions with all that they pin, its mornings. The
 * form is published as schema/recipe-1.json; fields may be added, never renamed or taken away.
 *
 * @param format {@value #FORMAT}
 * @param formatVersion {@value #VERSION}
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
@JsonIgnoreProperties(ignoreUnknown = true)
public record RecipeFile(
    String format,
    int formatVersion,
    String id,
    String name,
    Instant createdAt,
    List<String> tags,
    DraftPart draft,
    List<VersionPart> versions,
    List<MorningPart> mornings) {

  public static final String FORMAT = "honest-stack-recipe";
  public static final int VERSION = 1;

  /** In their order. */
  public List<String> versionIds() {
    return versions.stream().map(VersionPart::id).toList();
  }

  /**
   * What lies on the bench.
   *
   * @param recipe as it is stored
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  @JsonIgnoreProperties(ignoreUnknown = true)
  record DraftPart(int revision, String parentId, Instant savedAt, JsonNode recipe) {}

  /**
   * A kept version.
   *
   * @param recipe what was on the bench
   * @param reading what it was read as, with foods, uncertainties and sources; absent to be read
   *     when it is put on a shelf
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  @JsonIgnoreProperties(ignoreUnknown = true)
  record VersionPart(
      String id,
      int number,
      String parentId,
      String reason,
      Instant keptAt,
      JsonNode recipe,
      JsonNode reading) {}

  /** A morning at the stove. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  @JsonIgnoreProperties(ignoreUnknown = true)
  record MorningPart(
      String id, String versionId, Instant startedAt, String cook, List<EventPart> events) {}

  /** Something that was told of a morning. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  @JsonIgnoreProperties(ignoreUnknown = true)
  record EventPart(
      String id, Instant at, Event.Kind kind, String text, Double amount, String about) {

    static EventPart of(Event event) {
      return new EventPart(
          event.id(),
          Instant.ofEpochMilli(event.at()),
          event.kind(),
          event.text().isEmpty() ? null : event.text(),
          Double.isNaN(event.amount()) ? null : event.amount(),
          event.about().isEmpty() ? null : event.about());
    }

    Event event() {
      return new Event(
          id,
          at.toEpochMilli(),
          kind,
          text == null ? "" : text,
          amount == null ? Double.NaN : amount,
          about == null ? "" : about);
    }
  }
}
