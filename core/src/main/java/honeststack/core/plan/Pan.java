package honeststack.core.plan;

import java.util.Objects;

/**
 * Something that cooks pieces round by round.
 *
 * @param pieces in a round, over 0
 * @param minutes of a round, from pouring to pouring again, over 0
 */
public record Pan(String name, int pieces, double minutes) {
  public Pan {
    Objects.requireNonNull(name, "name");
    if (pieces < 1 || !(minutes > 0)) {
      throw new IllegalArgumentException(
          "A round needs pieces and minutes, not " + pieces + " in " + minutes);
    }
  }
}
