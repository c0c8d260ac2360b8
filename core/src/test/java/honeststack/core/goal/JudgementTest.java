package honeststack.core.goal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.estimate.Bound;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.estimate.Total;
import honeststack.core.food.Component;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JudgementTest {
  private final SourceBook book = SourceBook.firstOrder();

  private static Goal upTo(double upper) {
    return new Goal(Component.ENERC, OptionalDouble.empty(), OptionalDouble.of(upper));
  }

  private static Goal from(double lower) {
    return new Goal(Component.ENERC, OptionalDouble.of(lower), OptionalDouble.empty());
  }

  private Total figure(double value, double u, Bound bound) {
    return new Total(book.input(value, u, Source.perUse("use:cup", "filling the cup")), bound);
  }

  /**
   * Tables of the standard normal distribution, NIST/SEMATECH e-Handbook, 1.3.6.7.1 (from memory).
   */
  @ParameterizedTest
  @CsvSource({
    "0, 0.50000", "0.5, 0.69146", "1, 0.84134", "1.28, 0.89973", "1.64, 0.94950",
    "1.96, 0.97500", "2, 0.97725", "2.58, 0.99506", "3, 0.99865", "-1, 0.15866"
  })
  void normalDistribution(double z, double expected) {
    assertThat(Judgement.phi(z)).isCloseTo(expected, within(5e-6));
    assertThat(Judgement.probability(upTo(400 + 10 * z), 400, 10))
        .isCloseTo(expected, within(5e-6));
    assertThat(Judgement.probability(from(400 - 10 * z), 400, 10))
        .isCloseTo(expected, within(5e-6));
  }

  @Test
  void betweenTwoLimits() {
    Goal band = new Goal(Component.FAT, OptionalDouble.of(10), OptionalDouble.of(20));
    // Φ(1) − Φ(−1)
    assertThat(Judgement.probability(band, 15, 5)).isCloseTo(0.68269, within(5e-6));
    assertThat(Judgement.probability(band, 20, 0)).isEqualTo(1);
    assertThat(Judgement.probability(band, 20.1, 0)).isZero();
  }

  @ParameterizedTest
  @CsvSource({
    "417, MET",
    "407, LIKELY_MET",
    "401, TOO_CLOSE",
    "396, TOO_CLOSE",
    "392, LIKELY_MISSED",
    "380, MISSED"
  })
  void verdicts(double limit, Verdict expected) {
    assertThat(Judgement.of(upTo(limit), figure(400, 10, Bound.COMPLETE)).verdict())
        .isEqualTo(expected);
  }

  @Test
  void whileSomethingIsMissingAnUpperLimitIsNeverMetAndALowerNeverMissed() {
    assertThat(Judgement.of(upTo(900), figure(400, 10, Bound.AT_LEAST)).verdict())
        .isEqualTo(Verdict.LIKELY_MET);
    assertThat(Judgement.of(from(900), figure(400, 10, Bound.AT_LEAST)).verdict())
        .isEqualTo(Verdict.LIKELY_MISSED);
    assertThat(Judgement.of(from(100), figure(400, 10, Bound.AT_LEAST)).verdict())
        .isEqualTo(Verdict.MET);
    assertThat(Judgement.of(upTo(100), figure(400, 10, Bound.AT_LEAST)).verdict())
        .isEqualTo(Verdict.MISSED);
    assertThat(Judgement.of(from(100), figure(400, 10, Bound.AT_MOST)).verdict())
        .isEqualTo(Verdict.LIKELY_MET);
    assertThat(Judgement.of(upTo(500), figure(400, 10, Bound.NOT_KNOWN)).verdict())
        .isEqualTo(Verdict.NOT_KNOWN);
  }

  @Test
  void anUnclearVerdictNamesWhatToMeasure() {
    Estimate cup = book.input(300, 10, Source.perUse("use:cup", "filling the cup"));
    Estimate table = book.input(100, 12, Source.composition("rye", "ENERC", "the table"));
    Judgement unclear = Judgement.of(upTo(420), Total.complete(cup.plus(table)));
    assertThat(unclear.verdict()).isEqualTo(Verdict.LIKELY_MET);
    Judgement.Better better = unclear.better().orElseThrow();
    assertThat(better.source().words()).isEqualTo("filling the cup");
    // Without the cup: Φ(20/12) = 0.952, clear.
    assertThat(better.settles()).isTrue();
    assertThat(unclear.reason()).contains("400 kcal").contains("at most 420 kcal");
    // Φ(10/12) = 0.80 without the cup: still unclear.
    assertThat(
            Judgement.of(upTo(410), Total.complete(cup.plus(table)))
                .better()
                .orElseThrow()
                .settles())
        .isFalse();
    assertThat(Judgement.of(upTo(600), Total.complete(cup)).better()).isEmpty();
  }

  @Test
  void limitsMustMakeSense() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Goal(Component.FAT, OptionalDouble.of(20), OptionalDouble.of(10)))
        .withMessageContaining("20");
    assertThatIllegalArgumentException().isThrownBy(() -> from(-1));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Goal(Component.FAT, OptionalDouble.empty(), OptionalDouble.empty()));
  }
}
