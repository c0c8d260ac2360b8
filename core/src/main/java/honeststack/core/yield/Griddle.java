package honeststack.core.yield;

import honeststack.core.batter.Batter;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import java.util.Objects;
import java.util.Optional;

/**
 * What became of the batter.
 *
 * @param pieces that came out, those thrown away included; over 0
 * @param discarded of these
 * @param variation coefficient of variation of unweighed pieces, 0 if all alike
 * @param left batter left in the bowl, g
 * @param panFat what the pieces took from the pan
 * @param gaps fat was in the pan that is not measured or not understood
 * @param unevenness the source of what unequal pieces add
 */
public record Griddle(
    int pieces,
    int discarded,
    double variation,
    Estimate left,
    Optional<PanFat> panFat,
    boolean gaps,
    Source unevenness) {

  public Griddle {
    Objects.requireNonNull(left, "left");
    Objects.requireNonNull(panFat, "panFat");
    Objects.requireNonNull(unevenness, "unevenness");
    if (pieces < 1) {
      throw new IllegalArgumentException("At least one piece must come out, not " + pieces);
    }
    if (discarded < 0 || discarded > pieces) {
      throw new IllegalArgumentException(
          "Of "
              + pieces
              + " pieces, between 0 and "
              + pieces
              + " can be thrown away, not "
              + discarded);
    }
    if (!(variation >= 0)) {
      throw new IllegalArgumentException("Variation must be 0 or more, not " + variation);
    }
  }

  /** The source of unequal pieces in a batch of its own. */
  public static final Source UNEVEN_PIECES = Source.perUse("use:griddle:pieces", "uneven pieces");

  /** Pieces that can be served. */
  public int kept() {
    return pieces - discarded;
  }

  /**
   * Share of the whole batter in a serving of k pieces: (B − left)/B × k/n. Unequal pieces nobody
   * weighed add the relative uncertainty variation × √((1/k)(1 − k/n)), nothing when all n are
   * eaten.
   *
   * @throws IllegalArgumentException if as much was left as there was batter
   */
  public Estimate batterShare(Batter batter, double k, SourceBook book) {
    Estimate share = Estimate.exact(k / pieces);
    if (left.value() > 0) {
      Estimate mass = batter.mass();
      if (left.value() >= mass.value()) {
        throw new IllegalArgumentException(
            "%.0f g left in the bowl, but the batter weighs %.0f g"
                .formatted(left.value(), mass.value()));
      }
      share = mass.minus(left).dividedBy(mass).times(k / pieces);
    }
    double uneven = k >= pieces ? 0 : variation * Math.sqrt((1 / k) * (1 - k / pieces));
    return share.times(book.input(1, uneven, unevenness));
  }

  /** Share of the pan fat in a serving of k pieces. */
  public double panShare(double k) {
    return k / pieces;
  }
}
