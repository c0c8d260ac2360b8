package honeststack.core.morning;

import java.util.Objects;

/**
 * Something that was told at the stove. Nothing told is ever changed; what was wrong is undone by
 * another event.
 *
 * @param id its own, given where it was told
 * @param at milliseconds since 1970, UTC
 * @param text in the cook's words, where it has some: "+2 tbsp milk", "small", "62 g"
 * @param amount a number, where it has one; NaN for none
 * @param about a line, a step or another event, where it is about one; empty for none
 */
public record Event(String id, long at, Kind kind, String text, double amount, String about) {

  /** What it is about. */
  public enum Kind {
    /** How it was to be: factor, equipment, heat, free words. */
    SETUP,
    /** A step of the method is done; amount is its place, from 0. */
    STEP_DONE,
    /** So many pieces left the pan together. */
    ROUND,
    /** One piece left the pan; text is its size or weight, if noted. */
    PIECE,
    /** So many pieces were thrown away. */
    DISCARDED,
    /** A bit more or less of a line (about), or of something new, as text. */
    ADJUSTED,
    /** How hot, as text. */
    HEAT,
    /** A timer was started: text its name, amount its minutes. */
    TIMER,
    /** Batter left in the bowl, as text. */
    LEFT,
    SPILLED,
    TASTED,
    /** Cooked pieces on the scale: text their weight, amount how many; 0 for all. */
    COOKED,
    NOTE,
    /** Taste and texture in words, amount up to five marks. */
    JUDGED,
    FINISHED,
    /** What is told in {@code about} was wrong. */
    UNDONE
  }

  public Event {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(kind, "kind");
    Objects.requireNonNull(text, "text");
    Objects.requireNonNull(about, "about");
  }

  boolean hasAmount() {
    return !Double.isNaN(amount);
  }
}
