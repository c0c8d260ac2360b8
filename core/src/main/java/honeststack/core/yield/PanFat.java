package honeststack.core.yield;

import honeststack.core.batter.MeasuredFood;
import honeststack.core.estimate.Distribution;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;

/**
 * Fat that went with the pieces: what was put in the pan less what stayed in it or was wiped out.
 *
 * @param in what was put in, g
 * @param taken what the pieces took up, g
 */
public record PanFat(MeasuredFood in, MeasuredFood taken) {

  /**
   * @param in what was put in
   * @param left what was left, g
   * @throws IllegalArgumentException if more was left than was put in
   */
  public static PanFat of(MeasuredFood in, Estimate left) {
    if (left.value() > in.mass().value()) {
      throw new IllegalArgumentException(
          "More fat left in the pan (%.1f g) than was put in (%.1f g)"
              .formatted(left.value(), in.mass().value()));
    }
    return new PanFat(in, in.weighing(in.mass().minus(left)));
  }

  /** Nobody measured what was left: anything between none and all of it, equally likely. */
  public static PanFat leftNotMeasured(MeasuredFood in, String use, SourceBook book) {
    Source source =
        Source.perUse("use:" + use, "how much " + in.food().name() + " stayed in the pan")
            .shaped(Distribution.RECTANGULAR);
    Estimate share = book.input(0.5, Distribution.rectangular(0.5), source);
    return new PanFat(in, in.weighing(in.mass().times(share)));
  }
}
