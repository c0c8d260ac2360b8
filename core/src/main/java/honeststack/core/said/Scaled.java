package honeststack.core.said;

import honeststack.core.line.AmountParser;
import honeststack.core.line.Token;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.wording.Numbers;
import honeststack.core.wording.RefusedException;
import java.util.Optional;

/** Amounts some times over, as they are written. */
final class Scaled {
  private static final double HUNDREDTHS = 100;

  private Scaled() {}

  /** The one measure that an amount is; empty for a sum, a range or what cannot be read. */
  static Optional<Measure> single(String amount) {
    try {
      return new AmountParser("", Token.of(amount))
          .front(0)
          .filter(front -> front.terms().size() == 1)
          .map(front -> front.terms().get(0).measure())
          .filter(measure -> measure.halfRange() == 0);
    } catch (RefusedException notRead) {
      return Optional.empty();
    }
  }

  /** So many times it; empty where {@link #single} is. */
  static Optional<String> times(String amount, double factor) {
    return single(amount).map(measure -> text(measure, factor));
  }

  private static String text(Measure measure, double factor) {
    double all = Math.round(measure.amount() * factor * HUNDREDTHS) / HUNDREDTHS;
    boolean count = measure.unit() == Unit.COUNT;
    String what = count ? measure.size() : measure.unit().symbol();
    String number = Numbers.plain(all == 0 ? measure.amount() * factor : all);
    return (number + " " + what).strip() + (count ? "" : " of");
  }

  /** In another unit, of which one of its own is so many: "2 scoops" of 30 g each as "60 g". */
  static String in(String unit, Measure measure, double each) {
    double low = (measure.amount() - measure.halfRange()) * each;
    double high = (measure.amount() + measure.halfRange()) * each;
    return (high > low ? Numbers.plain(low) + "–" : "") + Numbers.plain(high) + " " + unit;
  }
}
