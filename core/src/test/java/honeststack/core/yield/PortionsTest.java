package honeststack.core.yield;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.SourceBook;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PortionsTest {
  private static final int BATCHES = 20_000;

  private static Portions portions(double left, int pieces, double cv) {
    return new Portions(Estimate.exact(600), Estimate.exact(left), pieces, cv, new SourceBook());
  }

  /** METHOD: (B − left)/B × k/n; 540 of 600 g in ten pieces, three of them: 0.27. */
  @Test
  void shareOnPaper() {
    assertThat(portions(60, 10, 0).of(3).value()).isCloseTo(0.27, within(1e-12));
    assertThat(portions(0, 10, 0).of(10).value()).isEqualTo(1);
    assertThat(portions(0, 12, 0.12).of(12).u()).isZero();
    assertThat(portions(0, 12, 0.12).of(13).u()).isZero();
  }

  /** METHOD: cv · √((1/k)(1 − k/n)) for whole k. */
  @Test
  void wholePieces() {
    assertThat(portions(0, 12, 0.12).unevenness(3))
        .isCloseTo(0.12 * Math.sqrt(1.0 / 3 * 0.75), within(1e-12));
  }

  /** A part of one piece keeps that piece's unevenness: a quarter is as uneven as the whole. */
  @Test
  void aPartOfOnePieceIsAsUnevenAsThePiece() {
    Portions portions = portions(0, 8, 0.2);
    assertThat(portions.unevenness(0.25)).isCloseTo(portions.unevenness(1), within(1e-12));
  }

  /**
   * By simulation: n pieces cut from one batter with a coefficient of variation of 15 %, of which a
   * whole ones and a part of one more are eaten; how far their share of the batter scatters.
   */
  @ParameterizedTest
  @CsvSource({"6, 1", "6, 1.5", "6, 0.25", "10, 3.75", "4, 2.5", "12, 6"})
  void unevennessBySimulation(int n, double k) {
    SplittableRandom random = new SplittableRandom(9);
    double sum = 0;
    double squares = 0;
    for (int batch = 0; batch < BATCHES; batch++) {
      double all = 0;
      double eaten = 0;
      for (int i = 0; i < n; i++) {
        double piece = 1 + 0.15 * random.nextGaussian();
        all += piece;
        eaten += piece * Math.max(0, Math.min(1, k - i));
      }
      double share = eaten / all;
      sum += share;
      squares += share * share;
    }
    double mean = sum / BATCHES;
    double relative = Math.sqrt(squares / BATCHES - mean * mean) / mean;
    assertThat(portions(0, n, 0.15).unevenness(k)).isCloseTo(relative, within(0.03 * relative));
  }

  @Test
  void countsMustMakeSense() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> portions(600, 4, 0.1))
        .withMessageContaining("600 g left");
    Estimate one = Estimate.exact(1);
    assertThat(new Griddle(10, 3, 0.1, one, one).kept()).isEqualTo(7);
    assertThat(new Griddle(10, 0, 0.1, one, one).panShare(2.5).value()).isEqualTo(0.25);
    assertThatIllegalArgumentException().isThrownBy(() -> new Griddle(0, 0, 0, one, one));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Griddle(4, 5, 0, one, one))
        .withMessageContaining("between 0 and 4")
        .withMessageContaining("not 5");
    assertThatIllegalArgumentException().isThrownBy(() -> new Griddle(4, -1, 0, one, one));
    assertThatIllegalArgumentException().isThrownBy(() -> new Griddle(4, 0, -0.1, one, one));
  }
}
