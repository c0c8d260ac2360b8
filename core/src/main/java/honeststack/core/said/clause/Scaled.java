package honeststack.core.said.clause;

import honeststack.core.line.AmountParser;
import honeststack.core.line.Token;
import honeststack.core.measure.Measure;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.measure.Unit;
import honeststack.core.wording.Numbers;
import honeststack.core.wording.RefusedException;
import java.util.Optional;

/** Amounts some times over, as they are written. */
public final class Scaled {
  private static final double HUNDREDTHS = 100;

  private Scaled() {}

  /** The one measure that an amount is; empty for a sum, a range or what cannot be read. */
  public static Optional<Measure> single(String amount) {
    return measure(amount).filter(measure -> measure.halfRange() == 0);
  }

  /** The first measure of an amount; empty for what cannot be read. */
  public static Optional<Measure> measure(String amount) {
    try {
      return new AmountParser("", Token.of(amount))
          .front(0)
          .filter(front -> front.terms().size() == 1)
          .map(front -> front.terms().get(0).measure());
    } catch (RefusedException notRead) {
      return Optional.empty();
    }
  }

  /** In grams, or in millilitres of a metric kitchen; the number alone of what is neither. */
  public static double fine(Measure measure) {
    Unit unit = measure.unit();
    if (unit.kind() == Unit.Kind.MASS) {
      return measure.amount() * unit.grams();
    }
    return unit.kind().isVolume()
        ? measure.amount() * unit.millilitres(MeasuringSystem.METRIC)
        : measure.amount();
  }

  /** So many times it, a range as a range; empty for a sum or what cannot be read. */
  public static Optional<String> times(String amount, double factor) {
    return measure(amount).map(measure -> text(measure, factor));
  }

  /** From so many times it to so many; empty for a sum or what cannot be read. */
  public static Optional<String> between(String amount, double low, double high) {
    return measure(amount).map(measure -> text(measure, low, high));
  }

  private static String text(Measure measure, double factor) {
    return text(measure, factor, factor);
  }

  private static String text(Measure measure, double factor, double high) {
    double all = rounded((measure.amount() - measure.halfRange()) * factor);
    double most = rounded((measure.amount() + measure.halfRange()) * high);
    boolean count = measure.unit() == Unit.COUNT;
    String what = count ? measure.size() : measure.unit().symbol();
    String least = Numbers.plain(all == 0 ? measure.amount() * factor : all);
    String number = most > all ? least + "–" + Numbers.plain(most) : least;
    return (number + " " + what).strip() + (count ? "" : " of");
  }

  private static double rounded(double amount) {
    return Math.round(amount * HUNDREDTHS) / HUNDREDTHS;
  }

  /** In another unit, of which one of its own is so many: "2 scoops" of 30 g each as "60 g". */
  public static String in(String unit, Measure measure, double each) {
    double low = (measure.amount() - measure.halfRange()) * each;
    double high = (measure.amount() + measure.halfRange()) * each;
    return (high > low ? Numbers.plain(low) + "–" : "") + Numbers.plain(high) + " " + unit;
  }
}
