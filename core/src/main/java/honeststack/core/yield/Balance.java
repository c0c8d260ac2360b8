package honeststack.core.yield;

import honeststack.core.estimate.Estimate;
import java.util.Objects;

/**
 * Where the batter went: B = pieces + left in the bowl + spilled + tasted + unexplained, g each.
 *
 * @param batter all of it
 * @param inPieces what the pieces hold, by what went into one
 * @param left in the bowl
 * @param spilled thrown out, dripped
 * @param tasted raw
 */
public record Balance(
    Estimate batter, Estimate inPieces, Estimate left, Estimate spilled, Estimate tasted) {
  /** Less of the batter than this is not worth a word. */
  private static final double WORTH_SAYING = 0.05;

  public Balance {
    Objects.requireNonNull(batter, "batter");
    Objects.requireNonNull(inPieces, "inPieces");
    Objects.requireNonNull(left, "left");
    Objects.requireNonNull(spilled, "spilled");
    Objects.requireNonNull(tasted, "tasted");
  }

  /** g that nothing accounts for; below 0 where the pieces hold more than there was. */
  public Estimate unexplained() {
    return batter.minus(inPieces).minus(left).minus(spilled).minus(tasted);
  }

  /** Over 5 % of the batter, and over twice its standard uncertainty. */
  public boolean isFinding() {
    Estimate rest = unexplained();
    double size = Math.abs(rest.value());
    return size > WORTH_SAYING * batter.value() && size > 2 * rest.u();
  }
}
