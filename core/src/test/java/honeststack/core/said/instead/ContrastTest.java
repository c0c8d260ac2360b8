package honeststack.core.said.instead;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What words around two amounts say of them is learned, and carries to sentences not learned. */
class ContrastTest {
  private static double right(List<WeightsLearner.Sentence> sentences, boolean both) {
    List<WeightsLearner.Sentence> of =
        sentences.stream()
            .filter(sentence -> (sentence.says() == Weights.Says.BOTH_COUNT) == both)
            .toList();
    return of.stream().filter(ContrastTest::isRight).count() / (double) of.size();
  }

  private static boolean isRight(WeightsLearner.Sentence sentence) {
    double[] shares = Weights.CONTRAST.of(sentence.around().features());
    int said = sentence.says().ordinal();
    return shares[said] >= Math.max(shares[0], Math.max(shares[1], shares[2]));
  }

  @Test
  void theTableIsWhatTheSentencesTeach() throws IOException {
    String learned =
        WeightsLearner.written(
            WeightsLearner.learn(WeightsLearner.taught(), WeightsLearner.OF_MANY));

    assertThat(Files.readString(WeightsLearner.CONTRAST)).isEqualTo(learned);
  }

  @Test
  void whatWasLearnedIsKnown() throws IOException {
    List<WeightsLearner.Sentence> said = WeightsLearner.sentences("contrast-said.txt");

    assertThat(right(said, false)).isGreaterThan(0.97);
    assertThat(right(said, true)).isGreaterThan(0.97);
  }

  /** Written after the others and kept from them. */
  @Test
  void itCarriesToSentencesThatWereNotLearned() throws IOException {
    List<WeightsLearner.Sentence> apart = WeightsLearner.sentences("contrast-apart.txt");

    assertThat(right(apart, false)).isGreaterThan(0.6);
    assertThat(right(apart, true)).isGreaterThan(0.8);
  }
}
