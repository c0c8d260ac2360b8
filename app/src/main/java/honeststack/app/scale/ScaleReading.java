package honeststack.app.scale;

import com.fasterxml.jackson.annotation.JsonInclude;
import jakarta.annotation.Nullable;
import java.util.Objects;

/**
 * What the scale shows.
 *
 * @param grams net of the tare; absent while it is lost or overloaded
 * @param lastStable the last reading that stood still; absent if there was none since the tare
 * @param age ms since the scale said so; 0 while it is lost
 * @param words what to tell the cook; empty if nothing
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record ScaleReading(
    State state, @Nullable Double grams, @Nullable Double lastStable, int age, String words) {

  /** Whether it can be trusted. */
  enum State {
    STABLE,
    MOVING,
    OVERLOAD,
    LOST
  }

  static ScaleReading lost(Double lastStable, String words) {
    return new ScaleReading(State.LOST, null, lastStable, 0, words);
  }

  /** Whether it says the same, whenever it was said. */
  boolean isLike(ScaleReading other) {
    return other != null
        && state == other.state
        && Objects.equals(grams, other.grams)
        && Objects.equals(lastStable, other.lastStable)
        && words.equals(other.words);
  }
}
