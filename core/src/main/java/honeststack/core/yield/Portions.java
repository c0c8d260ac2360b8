package honeststack.core.yield;

import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity.Pieces;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.wording.Say;

/** What share of a batter is in so many of its pieces. */
public final class Portions {
  private static final Source UNEVEN = Source.of(new Pieces(), "uneven pieces");

  private final Estimate batter;
  private final Estimate left;
  private final int pieces;
  private final double variation;
  private final SourceBook book;

  /**
   * @param batter mass, g
   * @param left in the bowl, g; less than the batter
   * @param variation coefficient of variation of the pieces
   * @throws IllegalArgumentException if as much was left as there was batter
   */
  public Portions(Estimate batter, Estimate left, int pieces, double variation, SourceBook book) {
    if (left.value() > 0 && left.value() >= batter.value()) {
      throw new IllegalArgumentException(
          Say.of(
              "%.0f g left in the bowl, but the batter weighs %.0f g",
              left.value(), batter.value()));
    }
    this.batter = batter;
    this.left = left;
    this.pieces = pieces;
    this.variation = variation;
    this.book = book;
  }

  /** Share of the whole batter in a serving of k pieces: (B − left)/B × k/n. */
  public Estimate of(double k) {
    Estimate share =
        left.value() > 0
            ? batter.minus(left).dividedBy(batter).times(k / pieces)
            : Estimate.exact(k / pieces);
    return share.times(book.input(1, unevenness(k), UNEVEN));
  }

  /**
   * What unequal pieces that nobody weighed add to the share of k of n: for k = a + b with whole a
   * and a part b of one more, variation × √(a + b² − k²/n)/k; nothing when all n are eaten.
   */
  double unevenness(double k) {
    if (k >= pieces) {
      return 0;
    }
    double whole = Math.floor(k);
    double part = k - whole;
    return variation * Math.sqrt(Math.max(0, whole + part * part - k * k / pieces)) / k;
  }
}
