package honeststack.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.estimate.Identity.Aspect;
import honeststack.core.estimate.Identity.Part;
import honeststack.core.estimate.Identity.Use;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class EstimateTest {
  private final SourceBook book = new SourceBook();

  private Estimate input(double value, double u, String key) {
    return book.input(value, u, Source.of(Use.of(key), key));
  }

  /**
   * JCGM 100:2008, example H.2 (from memory, recomputed): five simultaneous readings of voltage and
   * current, correlated with r = −0.36; Z = V/I = 254.260 Ω, u = 0.236 Ω.
   */
  @Test
  void impedanceOfGumH2() {
    double[] volts = {5.007, 4.994, 5.005, 4.990, 4.999};
    double[] milliamperes = {19.663, 19.639, 19.640, 19.685, 19.678};
    double r = -0.36;
    Estimate voltage = input(mean(volts), uOfMean(volts), "a");
    double u = uOfMean(milliamperes) / 1000;
    Estimate current =
        Estimate.exact(mean(milliamperes) / 1000)
            .plus(input(0, u, "a").times(r))
            .plus(input(0, u, "b").times(Math.sqrt(1 - r * r)));

    Estimate impedance = voltage.dividedBy(current);

    assertThat(impedance.value()).isCloseTo(254.260, within(5e-4));
    assertThat(impedance.u()).isCloseTo(0.236, within(1e-3));
  }

  private static double mean(double[] readings) {
    return Arrays.stream(readings).average().orElseThrow();
  }

  private static double uOfMean(double[] readings) {
    double mean = mean(readings);
    double squares = Arrays.stream(readings).map(x -> (x - mean) * (x - mean)).sum();
    return Math.sqrt(squares / (readings.length - 1) / readings.length);
  }

  /** JCGM 100:2008, 4.3.7 and 4.3.9: a/√3 and a/√6. */
  @Test
  void typeBHalfWidths() {
    assertThat(Distribution.rectangular(1)).isCloseTo(0.577350, within(1e-6));
    assertThat(Distribution.triangular(1)).isCloseTo(0.408248, within(1e-6));
  }

  @Test
  void aSharedSourceCancelsInADifferenceAndAddsInASum() {
    Estimate a = input(100, 3, "cup");
    Estimate b = input(60, 2, "cup");
    assertThat(a.minus(b).u()).isCloseTo(1, within(1e-12));
    assertThat(a.plus(b).u()).isCloseTo(5, within(1e-12));
    assertThat(a.covariance(b)).isCloseTo(6, within(1e-12));
  }

  @Test
  void independentSourcesAddAsSquares() {
    Estimate sum = input(100, 3, "a").plus(input(60, 4, "b"));
    assertThat(sum.u()).isCloseTo(5, within(1e-12));
    assertThat(sum.low()).isCloseTo(150, within(1e-12));
    assertThat(sum.high()).isCloseTo(170, within(1e-12));
  }

  @Test
  void theShownRangeNeverGoesBelowZero() {
    assertThat(input(1, 3, "a").low()).isZero();
  }

  @Test
  void relativeUncertaintiesOfAProductAddAsSquares() {
    Estimate product = input(200, 6, "a").times(input(50, 2, "b"));
    assertThat(product.u() / product.value()).isCloseTo(Math.hypot(0.03, 0.04), within(1e-12));
    assertThat(product.dividedBy(input(50, 2, "b")).u()).isCloseTo(6, within(1e-9));
  }

  /** Sources that stand next to each other, then one that stands apart, each at its place. */
  @Test
  void sensitivitiesAreAddedAtTheirPlaces() {
    Estimate a = input(10, 1, "a");
    Estimate b = input(10, 2, "b");
    input(10, 9, "c");
    Estimate d = input(10, 4, "d");
    double[] rows = {5, 5, 5, 5, 5, 5};
    a.plus(b).plus(d).addTo(rows, 2, 10);
    assertThat(rows).containsExactly(5, 5, 15, 25, 5, 45);
    Estimate.exact(3).addTo(rows, 0, 10);
    assertThat(rows).containsExactly(5, 5, 15, 25, 5, 45);
    assertThat(Estimate.exact(2).times(b).u()).isEqualTo(4);
    assertThat(b.plus(Estimate.exact(2)).u()).isEqualTo(2);
    assertThat(Estimate.exact(2).minus(b).covariance(b)).isEqualTo(-4);
  }

  @Test
  void booksDoNotMix() {
    Estimate foreign = new SourceBook().input(1, 1, Source.of(Use.of("x"), "x"));
    assertThatIllegalArgumentException().isThrownBy(() -> input(1, 1, "a").plus(foreign));
    assertThatIllegalArgumentException().isThrownBy(() -> input(1, -1, "a"));
    assertThatIllegalArgumentException().isThrownBy(() -> input(Double.NaN, 1, "a"));
  }

  @Test
  void whatIsKeptRestoresTheEstimate() {
    Estimate before = input(100, 3, "a").minus(input(60, 4, "b"));
    SourceBook later = new SourceBook();
    book.sources().forEach(later::enter);
    List<Double> kept = new ArrayList<>();
    before.sensitivities((place, s) -> kept.add(s));
    Estimate after = later.restore(40, new int[] {0, 1}, new double[] {kept.get(0), kept.get(1)});
    assertThat(after.u()).isEqualTo(before.u());
    assertThat(after.covariance(later.input(0, 1, Source.of(Use.of("b"), "b")))).isEqualTo(-4);
    assertThatIllegalArgumentException()
        .isThrownBy(() -> later.restore(1, new int[] {2}, new double[] {1}));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> later.restore(1, new int[] {1, 0}, new double[] {1, 1}));
  }

  /** In another book the same sources are shared with what is there already; renamed ones not. */
  @Test
  void rebasedEstimatesKeepTheirSources() {
    Estimate there = input(100, 3, "a").plus(input(60, 4, "b"));
    SourceBook other = new SourceBook();
    Estimate here = other.input(10, 2, Source.of(Use.of("b"), "b"));
    assertThat(there.rebased(other, s -> s).covariance(here)).isEqualTo(8);
    Estimate renamed =
        there.rebased(other, s -> s.as(((Use) s.identity()).inBatch("of a compote")));
    assertThat(renamed.covariance(here)).isZero();
    assertThat(renamed.u()).isCloseTo(5, within(1e-12));
    assertThat(Estimate.exact(7).rebased(other, s -> s).value()).isEqualTo(7);
  }

  @Test
  void aFrozenBookTakesNoNewSource() {
    Estimate known = input(1, 1, "a");
    book.freeze();
    assertThat(input(2, 3, "a").plus(known).u()).isEqualTo(4);
    assertThatIllegalStateException().isThrownBy(() -> input(1, 1, "new"));
    assertThat(book.sources()).isSameAs(book.sources()).hasSize(1);
    assertThat(book.place(Use.of("new"))).isEqualTo(-1);
    assertThat(book.place(Use.of("a"))).isZero();
  }

  /** A line called like another line's part is another source. */
  @Test
  void identitiesAreNeverPutTogetherFromText() {
    Use whole = Use.of("a:range");
    Use range = Use.of("a").part(Part.WHOLE.aspect(Aspect.RANGE));
    assertThat(whole).isNotEqualTo(range);
    assertThat(Use.of("a").part(Part.WHOLE.term(1)))
        .isNotEqualTo(Use.of("a").part(Part.WHOLE.adjustment(1)));
    assertThat(Use.of("a").inBatch("x").inBatch("y").batch()).isEqualTo("x");
  }

  @Property
  void aSumIsTheSameInAnyOrderAndAllAtOnce(
      @ForAll @Size(min = 2, max = 12) List<@DoubleRange(min = -50, max = 50) Double> values) {
    Estimate forwards = Estimate.ZERO;
    Estimate backwards = Estimate.ZERO;
    Estimate.Sum atOnce = new Estimate.Sum();
    for (int i = 0; i < values.size(); i++) {
      int j = values.size() - 1 - i;
      forwards = forwards.plus(input(values.get(i), Math.abs(values.get(i)), "s" + i % 5));
      backwards = backwards.plus(input(values.get(j), Math.abs(values.get(j)), "s" + j % 5));
      atOnce.add(input(values.get(i), Math.abs(values.get(i)), "s" + i % 5), 1);
    }
    assertThat(backwards.value()).isCloseTo(forwards.value(), within(1e-9));
    assertThat(backwards.u()).isCloseTo(forwards.u(), within(1e-9));
    assertThat(atOnce.total().u()).isCloseTo(forwards.u(), within(1e-9));
  }

  @Test
  void whatIsLackingGivesADirection() {
    assertThat(Bound.AT_LEAST.plus(Bound.COMPLETE)).isEqualTo(Bound.AT_LEAST);
    assertThat(Bound.AT_LEAST.plus(Bound.AT_LEAST.negated())).isEqualTo(Bound.NOT_KNOWN);
    assertThat(Bound.COMPLETE.plus(Bound.AT_MOST)).isEqualTo(Bound.AT_MOST);
  }
}
