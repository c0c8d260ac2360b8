package honeststack.app.scale;

import com.fasterxml.jackson.annotation.JsonInclude;
import jakarta.annotation.Nullable;

/**
 * What the scale shows.
 *
 * @param grams net of the tare; absent while it is lost or overloaded
 * @param lastStable the last reading that stood still; absent if there was none since the tare
 * @param words what to tell the cook; empty if nothing
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record ScaleReading(
    State state, @Nullable Double grams, @Nullable Double lastStable, String words) {

  /** Whether it can be trusted. */
  enum State {
    STABLE,
    MOVING,
    OVERLOAD,
    LOST
  }

  static ScaleReading lost(Double lastStable, String words) {
    return new ScaleReading(State.LOST, null, lastStable, words);
  }
}
