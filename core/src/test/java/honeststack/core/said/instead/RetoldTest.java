package honeststack.core.said.instead;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.said.Telling;
import honeststack.core.said.ToldFoods;
import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A sentence behind a list that measures one food of it once more: added, right, or talk. */
class RetoldTest {
  private static final String LINES = "200 g flour, 2 eggs, 300 ml milk, 50 g butter. ";

  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  /** Of the sentences in a file, those that were told behind the list and are not right. */
  private List<String> misses(String file) throws IOException {
    List<String> misses = new ArrayList<>();
    for (String line : Files.readAllLines(WeightsLearner.DATA.resolve(file))) {
      String[] parts = line.split("\\|", 2);
      boolean more = parts[0].equals("added") || parts[1].matches(".*(?:nother|more|xtra).*");
      int amount = more ? 50 : 400;
      String said =
          parts[1].replaceFirst("\\bX\\b", amount + " ml").replaceFirst("\\bY\\b", "milk");
      int milk =
          switch (parts[0]) {
            case "added" -> 350;
            case "right" -> amount;
            default -> 300;
          };
      String foods = ToldFoods.of(telling.read(LINES + said));
      if (!foods.equals("butter 50, egg 2, flour 200, milk " + milk)) {
        misses.add(said + " → " + foods);
      }
    }
    return misses;
  }

  @Test
  void theTablesAreWhatTheSentencesTeach() throws IOException {
    assertThat(Files.readString(WeightsLearner.RETOLD))
        .isEqualTo(learned(WeightsLearner.retold("retold-said.txt")));
    assertThat(Files.readString(WeightsLearner.TALK))
        .isEqualTo(learned(WeightsLearner.taughtTalk()));
  }

  private static String learned(List<WeightsLearner.Sentence> sentences) {
    return WeightsLearner.written(WeightsLearner.learn(sentences, WeightsLearner.OF_FEW));
  }

  @Test
  void whatWasLearnedIsReadBehindAList() throws IOException {
    int all = WeightsLearner.retold("retold-said.txt").size();
    List<String> misses = misses("retold-said.txt");

    assertThat(misses.size() / (double) all).as(String.join("\n", misses)).isLessThan(0.03);
  }

  /** Written after the others and kept from them. */
  @Test
  void itCarriesToSentencesThatWereNotLearned() throws IOException {
    int all = WeightsLearner.retold("retold-apart.txt").size();
    List<String> misses = misses("retold-apart.txt");

    assertThat(misses.size() / (double) all).as(String.join("\n", misses)).isLessThan(0.2);
  }
}
