package honeststack.app.said;

import honeststack.core.said.told.Told;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A text and all that it measures, added up by hand: "text|food=grams,food=grams@PLACE;pieces 8;
 * serves 4", by identity of foods; "?food=0" is named without an amount, "?=0" asked about.
 */
record Sum(String text, Map<String, Long> grams, String pieces, String serves) {
  private static final Listener LISTENER = new Listener();

  private static Sum of(String line) {
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

  /** Those that are read otherwise, and how. */
  static List<String> misses(List<String> lines) {
    List<String> misses = new ArrayList<>();
    for (String line : lines) {
      Sum sum = of(line);
      Told told = LISTENER.told(sum.text());
      Map<String, Long> read = LISTENER.grams(told);
      boolean right =
          Listener.isAbout(read, sum.grams())
              && isCounted(told.pieces(), sum.pieces())
              && isCounted(told.serves(), sum.serves());
      if (!right) {
        misses.add(line + " → " + read + " " + told.pieces() + " " + told.serves());
      }
    }
    return misses;
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
