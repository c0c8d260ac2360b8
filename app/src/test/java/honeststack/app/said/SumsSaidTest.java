package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.said.Told;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/**
 * Short texts, each with all that it measures, added up by hand: "text|food=grams,food=grams@PLACE;
 * pieces 8;serves 4", by identity of foods; "?food=0" is named without an amount, "?=0" asked
 * about.
 */
class SumsSaidTest {
  private final Listener listener = new Listener();

  private record Sum(String text, Map<String, Long> grams, String pieces, String serves) {
    static Sum of(String line) {
      int at = line.lastIndexOf('|');
      String[] said = line.substring(at + 1).split(";");
      Map<String, Long> grams = new TreeMap<>();
      for (String food : said[0].isEmpty() ? new String[0] : said[0].split(",")) {
        String[] is = food.split("=");
        String[] placed = is[1].split("@");
        String place = placed.length > 1 ? "@" + placed[1] : "";
        grams.merge(is[0] + place, Long.parseLong(placed[0]), Long::sum);
      }
      return new Sum(
          line.substring(0, at).replace('⏎', '\n'),
          grams,
          counted(said, "pieces "),
          counted(said, "serves "));
    }

    private static String counted(String[] said, String what) {
      for (String one : said) {
        if (one.startsWith(what)) {
          return one.substring(what.length());
        }
      }
      return "";
    }
  }

  @Test
  void allThatIsMeasuredAddsUp() throws IOException {
    List<String> misses = new ArrayList<>();
    List<String> silent = new ArrayList<>();
    List<String> lines = Listener.lines("sums.txt");
    for (String line : lines) {
      Sum sum = Sum.of(line);
      Told told = listener.told(sum.text());
      Map<String, Long> read = listener.grams(told);
      boolean right =
          Listener.isAbout(read, sum.grams())
              && isCounted(told.pieces(), sum.pieces())
              && isCounted(told.serves(), sum.serves());
      if (!right) {
        (Listener.isAsked(read) ? misses : silent)
            .add(line + " → " + read + " " + told.pieces() + " " + told.serves());
      }
    }
    System.out.println(
        "sums: " + (lines.size() - misses.size() - silent.size()) + " of " + lines.size());
    assertThat(silent).isEmpty();
    assertThat(misses).isEmpty();
  }

  private static boolean isCounted(Optional<Told.Count> read, String wanted) {
    if (wanted.isEmpty()) {
      return true;
    }
    String[] range = wanted.split("\\.\\.");
    double low = Double.parseDouble(range[0]);
    double high = Double.parseDouble(range[range.length - 1]);
    return read.filter(count -> count.low() == low && count.high() == high).isPresent();
  }
}
