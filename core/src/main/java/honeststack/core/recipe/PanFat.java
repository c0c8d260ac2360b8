package honeststack.core.recipe;

import honeststack.core.estimate.Distribution;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity.Aspect;
import honeststack.core.estimate.Identity.Part;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.wording.Say;

/**
 * Fat that went with the pieces: what was put in the pan less what stayed in it or was wiped out.
 *
 * @param in what was put in, g
 * @param taken what the pieces took up, g
 * @param assumed nobody measured what stayed
 */
public record PanFat(MeasuredFood in, MeasuredFood taken, boolean assumed) {

  /**
   * @param in what was put in
   * @param left what was left, g
   * @throws IllegalArgumentException if more was left than was put in
   */
  static PanFat of(MeasuredFood in, Estimate left) {
    if (left.value() > in.mass().value()) {
      throw new IllegalArgumentException(
          Say.of(
              "More fat left in the pan (%.1f g) than was put in (%.1f g)",
              left.value(), in.mass().value()));
    }
    return new PanFat(in, in.weighing(in.mass().minus(left)), false);
  }

  /** Nobody measured what was left: anything between none and all of it, equally likely. */
  static PanFat leftNotMeasured(MeasuredFood in, SourceBook book) {
    Source source =
        Source.rectangular(
            Use.of(in.id()).part(Part.WHOLE.aspect(Aspect.LEFT)),
            "how much " + in.food().name() + " stayed in the pan");
    Estimate share = book.input(0.5, Distribution.rectangular(0.5), source);
    return new PanFat(in, in.weighing(in.mass().times(share)), true);
  }
}
