package honeststack.core.goal;

import honeststack.core.figures.Measurand;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.OptionalDouble;

/** What a day's food is held against, for 2000 kcal, and goals that are a share of it. */
public enum DailyReference {
  /** 21 CFR 101.9(c)(7)(iii), (c)(8)(iv) and (c)(9). */
  UNITED_STATES(
      "a US day",
      "the daily values of 21 CFR 101.9(c), for 2000 kcal",
      List.of(
          atMost("ENERC", 2000),
          atLeast("PROCNT", 50),
          atMost("CHOCDF", 275),
          atLeast("FIBTG", 28),
          atMost("FAT", 78),
          atMost("FASAT", 20),
          atMost("SUGAD", 50),
          atMost("NA", 2300))),
  /** (EU) 1169/2011, annex XIII, part B. */
  EUROPEAN_UNION(
      "an EU day",
      "the reference intakes of EU 1169/2011, annex XIII, for 2000 kcal",
      List.of(
          atMost("ENERC", 2000),
          atLeast("PROCNT", 50),
          atMost("CARBOHYDRATE_AVAILABLE", 260),
          atMost("SUGAR", 90),
          atMost("FAT", 70),
          atMost("FASAT", 20),
          atMost("SALT", 6)));

  private static final MathContext DIGITS = new MathContext(4);

  /** An amount of a day, in the figure's unit. */
  private record Amount(Measurand of, double value, boolean most) {
    Goal goal(double share) {
      double limit = BigDecimal.valueOf(share * value).round(DIGITS).doubleValue();
      OptionalDouble none = OptionalDouble.empty();
      return most
          ? new Goal(of, none, OptionalDouble.of(limit))
          : new Goal(of, OptionalDouble.of(limit), none);
    }
  }

  private final String words;
  private final String source;
  private final List<Amount> amounts;

  DailyReference(String words, String source, List<Amount> amounts) {
    this.words = words;
    this.source = source;
    this.amounts = amounts;
  }

  private static Amount atMost(String tag, double value) {
    return new Amount(Measurand.tagged(tag).orElseThrow(), value, true);
  }

  private static Amount atLeast(String tag, double value) {
    return new Amount(Measurand.tagged(tag).orElseThrow(), value, false);
  }

  /** "a US day". */
  public String words() {
    return words;
  }

  /** Where its amounts are from. */
  public String source() {
    return source;
  }

  /**
   * So much of a figure a day, in its unit.
   *
   * @throws NoSuchElementException if a day has no reference of it
   */
  public double of(String tag) {
    return amounts.stream()
        .filter(amount -> amount.of().tag().equals(tag))
        .findFirst()
        .orElseThrow(() -> new NoSuchElementException("No day has a reference of " + tag))
        .value();
  }

  /**
   * Goals of a serving: at least so much of a day's protein and fibre, at most so much of the rest.
   *
   * @param share over 0, up to 1
   */
  public List<Goal> goals(double share) {
    if (!(share > 0 && share <= 1)) {
      throw new IllegalArgumentException("A share of a day is over 0 and up to 1, not " + share);
    }
    return amounts.stream().map(amount -> amount.goal(share)).toList();
  }
}
