package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import org.junit.jupiter.api.Test;

/** Short texts, each with all that it measures. */
class SumsSaidTest {
  @Test
  void allThatIsMeasuredAddsUp() throws IOException {
    assertThat(Sum.misses(Listener.lines("sums.txt"))).isEmpty();
  }
}
