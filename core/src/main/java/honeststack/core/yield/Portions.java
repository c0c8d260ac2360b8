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
  private final Estimate pieces;
  private final double variation;
  private final SourceBook book;

  /**
   * @param batter mass, g
   * @param left what is in no piece, g; less than the batter
   * @param variation coefficient of variation of the pieces
   * @throws IllegalArgumentException if as much was left as there was batter
   */
  public Portions(Estimate batter, Estimate left, int pieces, double variation, SourceBook book) {
    this(batter, left, Estimate.exact(pieces), variation, book);
  }

  /**
   * @param pieces over 0; of a range, or a prediction, an estimate
   */
  public Portions(
      Estimate batter, Estimate left, Estimate pieces, double variation, SourceBook book) {
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

  /** Share of the whole batter that is in all pieces: (B − left)/B. */
  public Estimate inPieces() {
    return left.value() > 0 ? batter.minus(left).dividedBy(batter) : Estimate.exact(1);
  }

  /** Share of the whole batter in a serving of k pieces: (B − left)/B × k/n. */
  public Estimate of(double k) {
    return of(Estimate.exact(k));
  }

  /** The same of as many pieces as an estimate says; over 0. */
  public Estimate of(Estimate k) {
    Estimate part =
        k.sources() == 0 && pieces.sources() == 0
            ? Estimate.exact(k.value() / pieces.value())
            : k.dividedBy(pieces);
    Estimate share = left.value() > 0 ? inPieces().times(part) : part;
    return share.times(book.input(1, unevenness(k.value()), UNEVEN));
  }

  /** Share of the whole batter in chosen pieces that are so much of all pieces' weight, 0 to 1. */
  public Estimate chosen(double part, int k) {
    return inPieces().times(part).times(book.input(1, unevenness(k), UNEVEN));
  }

  /**
   * What unequal pieces that nobody weighed add to the share of k of n: for k = a + b with whole a
   * and a part b of one more, variation × √(a + b² − k²/n)/k; nothing when all n are eaten.
   */
  double unevenness(double k) {
    if (k >= pieces.value()) {
      return 0;
    }
    double whole = Math.floor(k);
    double part = k - whole;
    return variation * Math.sqrt(Math.max(0, whole + part * part - k * k / pieces.value())) / k;
  }
}
