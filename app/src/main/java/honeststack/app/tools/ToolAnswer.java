package honeststack.app.tools;

import com.fasterxml.jackson.annotation.JsonInclude;
import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;

/**
 * A tool.
 *
 * @param words "your blue ladle: 58 g ± 5, from 4 weighings"; absent while there are none
 * @param inUse there are enough weighings to go by
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record ToolAnswer(
    String id,
    String name,
    ToolKind kind,
    String fill,
    double pieces,
    @Nullable String words,
    boolean inUse,
    List<FillAnswer> fills) {

  /** One fill on the scale, g. */
  public record FillAnswer(String id, double grams, Instant weighedAt) {}
}
