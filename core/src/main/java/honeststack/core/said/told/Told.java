package honeststack.core.said.told;

import honeststack.core.line.Place;
import java.util.List;
import java.util.Optional;

/**
 * What a text says: lines to take over, what comes out of them, and how.
 *
 * @param lines in the order in which the text names them
 * @param marks what every word of the text was taken for, in its order
 * @param pieces that come out
 * @param serves people
 * @param steps of the method, in their order
 * @param excluded foods that the text leaves out, as written
 */
public record Told(
    List<Line> lines,
    List<Mark> marks,
    Optional<Count> pieces,
    Optional<Count> serves,
    List<Step> steps,
    List<String> excluded) {

  public Told {
    lines = List.copyOf(lines);
    marks = List.copyOf(marks);
    steps = List.copyOf(steps);
    excluded = List.copyOf(excluded);
  }

  /** From, to; alike where one number is said. */
  public record Count(double low, double high) {}

  /**
   * A line that the text means.
   *
   * @param text as it would be typed
   * @param start where the text names it
   * @param end behind it
   * @param shared on the plate: one bowl of it for all
   * @param understood false for a number or a food of which nothing was made
   * @param also the line before it, from 0, that measures the same food for the same place: both
   *     count
   */
  public record Line(
      String text,
      int start,
      int end,
      Place place,
      boolean shared,
      boolean understood,
      Optional<Integer> also) {}

  /**
   * A step of the method, as written.
   *
   * @param details times, temperatures and lengths in it, as written
   */
  public record Step(int start, int end, String text, List<String> details) {
    public Step {
      details = List.copyOf(details);
    }
  }

  /** Whether the text is one line, and nothing else. */
  public boolean isOneLine() {
    return lines.size() == 1 && lines.get(0).understood();
  }
}
