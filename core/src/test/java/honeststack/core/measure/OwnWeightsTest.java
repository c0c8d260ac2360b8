package honeststack.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.measure.OwnWeights.Own;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class OwnWeightsTest {
  private static final double CUP = 120;
  private static final double SCATTER = 4;
  private static final int COOKS = 40_000;

  /**
   * Cooks weigh so many fillings of a cup and fill it once more: that one lies in the range of 95
   * in 100 of them. The mean and the scatter of the cup are known to this test alone.
   */
  @ParameterizedTest
  @ValueSource(ints = {3, 4, 6, 12})
  void oneMoreFillingLiesInTheRangeAsOftenAsIsSaid(int weighings) {
    Random random = new Random(weighings);
    int inside = 0;
    for (int cook = 0; cook < COOKS; cook++) {
      List<Double> grams =
          IntStream.range(0, weighings)
              .mapToObj(i -> CUP + SCATTER * random.nextGaussian())
              .toList();
      Own own = Own.of(grams);
      double u = own.grams() * Math.hypot(own.shared(0, 0), own.perUse(0));
      double next = CUP + SCATTER * random.nextGaussian();
      if (Math.abs(next - own.grams()) <= 2 * u) {
        inside++;
      }
    }
    assertThat(inside / (double) COOKS).isCloseTo(0.95, within(0.005));
  }

  /** t for 2 degrees of freedom and 95 % is 4.30: JCGM 100:2008, table G.2. */
  @Test
  void fewWeighingsSayLittleOfTheirScatter() {
    Own own = Own.of(List.of(96.0, 100.0, 104.0));
    assertThat(own.grams()).isEqualTo(100);
    assertThat(own.deviation()).isCloseTo(4, within(1e-12));
    assertThat(own.scatter()).isCloseTo(4.30 * 4, within(0.02));
    assertThat(own.isEnough()).isTrue();
    assertThat(Own.of(List.of(96.0, 104.0)).isEnough()).isFalse();
    assertThat(Own.of(List.of(96.0, 104.0)).deviation()).isCloseTo(Math.sqrt(32), within(1e-12));
    assertThat(Own.of(List.of(96.0)).deviation()).isZero();
    assertThat(Own.of(List.of(96.0)).perUse(1)).isCloseTo(1 / Math.sqrt(12) / 96, within(1e-12));
  }

  /**
   * A scale of whole grams adds 1/√12 g to each, its calibration to all (JCGM 100:2008, F.2.2.1).
   */
  @Test
  void theScaleHasItsShare() {
    Own same = Own.of(List.of(100.0, 100.0, 100.0, 100.0));
    assertThat(100 * same.perUse(1)).isCloseTo(0.2887, within(1e-4));
    assertThat(100 * same.shared(1, 0)).isCloseTo(0.2887 / 2, within(1e-4));
    assertThat(100 * same.shared(0, 0.003)).isCloseTo(0.3, within(1e-12));
  }

  @Test
  void whatCannotBeIsRefused() {
    assertThatIllegalArgumentException().isThrownBy(() -> new Own(0, 100, 1));
    assertThatIllegalArgumentException().isThrownBy(() -> new Own(3, 0, 1));
    assertThatIllegalArgumentException().isThrownBy(() -> new Own(3, 100, -1));
  }
}
