package honeststack.core.yield;

import honeststack.core.estimate.Estimate;
import honeststack.core.wording.Say;
import java.util.Objects;

/**
 * What became of the batter.
 *
 * @param pieces that came out, those thrown away included; over 0
 * @param discarded of these
 * @param variation coefficient of variation of unweighed pieces, 0 if all alike
 * @param left batter left in the bowl, g
 * @param pieceShare share of the whole batter that is in one piece, 0 to 1
 */
public record Griddle(
    int pieces, int discarded, double variation, Estimate left, Estimate pieceShare) {

  public Griddle {
    Objects.requireNonNull(left, "left");
    Objects.requireNonNull(pieceShare, "pieceShare");
    if (pieces < 1) {
      throw new IllegalArgumentException("At least one piece must come out, not " + pieces);
    }
    if (discarded < 0 || discarded > pieces) {
      throw new IllegalArgumentException(
          Say.of(
              "Of %1$d pieces, between 0 and %1$d can be thrown away, not %2$d",
              pieces, discarded));
    }
    if (!(variation >= 0)) {
      throw new IllegalArgumentException("Variation must be 0 or more, not " + variation);
    }
  }

  /** Pieces that can be served. */
  public int kept() {
    return pieces - discarded;
  }

  /** Share of the pan fat in a serving of k pieces. */
  public double panShare(double k) {
    return k / pieces;
  }
}
