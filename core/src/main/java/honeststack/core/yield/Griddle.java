package honeststack.core.yield;

import honeststack.core.estimate.Estimate;
import honeststack.core.wording.Say;
import java.util.Objects;
import java.util.Optional;

/**
 * What became of the batter.
 *
 * @param pieces that came out, those thrown away included; over 0; where it is a range or a
 *     prediction, the nearest whole number
 * @param discarded of these
 * @param variation coefficient of variation of unweighed pieces, 0 if all alike
 * @param left batter that is in no piece: left in the bowl, spilled, tasted, g
 * @param pieceShare share of the whole batter that is in one piece, 0 to 1
 * @param panShare share of the pan fat that is in one piece, 0 to 1
 * @param predicted nobody counted; the portion and the batter say how many it makes
 * @param cookedPiece what one piece weighs when it is cooked, g, without toppings; empty if it
 *     cannot be told
 * @param weighed cooked pieces were on the scale
 * @param later kept for another day: neither served nor thrown away
 */
public record Griddle(
    int pieces,
    int discarded,
    double variation,
    Estimate left,
    Estimate pieceShare,
    Estimate panShare,
    boolean predicted,
    Optional<Estimate> cookedPiece,
    boolean weighed,
    int later) {

  public Griddle {
    Objects.requireNonNull(left, "left");
    Objects.requireNonNull(pieceShare, "pieceShare");
    Objects.requireNonNull(panShare, "panShare");
    Objects.requireNonNull(cookedPiece, "cookedPiece");
    if (pieces < 1) {
      throw new IllegalArgumentException("At least one piece must come out, not " + pieces);
    }
    if (discarded < 0 || discarded > pieces) {
      throw new IllegalArgumentException(
          Say.of(
              "Of %1$d pieces, between 0 and %1$d can be thrown away, not %2$d",
              pieces, discarded));
    }
    if (later < 0) {
      throw new IllegalArgumentException("Fewer than no pieces for later: " + later);
    }
    if (!(variation >= 0)) {
      throw new IllegalArgumentException("Variation must be 0 or more, not " + variation);
    }
  }

  /** Pieces that were counted, and not weighed when cooked. */
  public Griddle(int pieces, int discarded, double variation, Estimate left, Estimate pieceShare) {
    this(
        pieces,
        discarded,
        variation,
        left,
        pieceShare,
        Estimate.exact(1.0 / Math.max(1, pieces)),
        false,
        Optional.empty(),
        false,
        0);
  }

  /** How many came out, as exactly as it is known: between whole numbers for a range. */
  public double count() {
    return 1 / panShare.value();
  }

  /** The same as an estimate. */
  public Estimate counted() {
    return panShare.sources() == 0
        ? Estimate.exact(count())
        : Estimate.exact(1).dividedBy(panShare);
  }

  /**
   * Cooked over raw mass; empty where it cannot be told.
   *
   * @param batter all of it, g
   */
  public Optional<Estimate> yieldFactor(Estimate batter) {
    Estimate inPieces = batter.minus(left);
    return cookedPiece
        .filter(piece -> inPieces.value() > 0)
        .map(piece -> piece.dividedBy(inPieces.times(panShare)));
  }

  /** Pieces that can be served. */
  public int kept() {
    return Math.max(0, pieces - discarded - later);
  }

  /** Share of the pan fat in a serving of k pieces. */
  public Estimate panShare(double k) {
    return panShare.times(k);
  }
}
