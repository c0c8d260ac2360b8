package honeststack.core.said.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Finds what the library's own search finds. */
class SoughtTest {
  private static final List<String> PIECES =
      List.of(
          "a", "b", "ab", "oil", "oi", "x", "X", "Oil", " ", " ", "\n", "1", "12", "½", "é", "_",
          "-", ".", "'", "the ", "’", "\u0301");

  private static String text(Random random) {
    StringBuilder text = new StringBuilder();
    for (int i = random.nextInt(12); i > 0; i--) {
      text.append(PIECES.get(random.nextInt(PIECES.size())));
    }
    return text.toString();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "oil",
        "\\b(?:oil|the|ab)\\b",
        "^(?:a|the )",
        "(?:^| )oil(?= |$)",
        "(?<=\\d)oil|(?<![a-z])b",
        "(?<=[(\\])] ?)1|[^a-z](?<!\\))½",
        "\\d+$|^$",
        "(?: of)?(?: a)?$",
        "(?!oil)o\\w",
        ".*\\boil",
        "[^a]",
        "(a|b)\\1",
        "\\Bb",
        "\\p{L}{3}|_"
      })
  void findsWhatASearchEverywhereFinds(String pattern) {
    Random random = new Random(20261129);
    for (int flags : List.of(0, Pattern.CASE_INSENSITIVE, Pattern.MULTILINE)) {
      Pattern all = Pattern.compile(pattern, flags);
      Sought sought = Sought.of(pattern, flags);
      for (int round = 0; round < 2_000; round++) {
        String text = text(random);
        assertThat(sought.isIn(text)).as(text).isEqualTo(all.matcher(text).find());
        assertThat(sought.isAll(text)).as(text).isEqualTo(all.matcher(text).matches());
        assertThat(sought.begins(text)).as(text).isEqualTo(all.matcher(text).lookingAt());
        assertThat(sought.replaced(text, found -> "<" + found.group() + ">"))
            .isEqualTo(all.matcher(text).replaceAll(found -> "<$0>"));
      }
    }
  }
}
