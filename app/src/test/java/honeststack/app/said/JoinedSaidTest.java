package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.said.told.Told;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Lines put together by lot, in the ways in which people write lists, are what each is alone. */
class JoinedSaidTest {
  private static final List<String> SETS =
      List.of(
          "open", "wide", "field", "street", "lane", "town", "dale", "moor", "glen", "wharf",
          "mile", "ring", "barn", "croft", "fell", "jetty");

  /** What speaks of other lines, or of another day, or holds what parts two of them. */
  private static final Pattern TELLS =
      Pattern.compile(
          "[.;:!?/→=]|\\b(?:i|we|my|you|it|them|for|instead|each|per|half|no|not|without|use|used|add|put"
              + "|or|with|this|that|the|your|our|all|total|today|same|swap|skip|was|is|are|says|under|left"
              + "|omit|out|crossed|metric|separated|only|scant|generous|packets?|row|to|from|free|free of"
              + "|works?|could|best|will|minus|plus|then|than|nearly|bare|place|isn't)\\b");

  private static final int SHORT = 50;

  /** Of them so many may be read otherwise. */
  private static final double MOST_OTHERWISE = 0.01;

  private static final Listener LISTENER = new Listener();

  /** Each with what it is alone: one food, measured, in the bowl. */
  private static Map<String, Map<String, Long>> items() throws IOException {
    Map<String, Map<String, Long>> items = new LinkedHashMap<>();
    for (String set : SETS) {
      for (Judged text : Judged.own("/said/" + set + ".txt")) {
        String line = text.text();
        if (line.length() <= SHORT
            && !line.contains("\n")
            && !TELLS.matcher(line.toLowerCase()).find()) {
          Told told = LISTENER.told(line);
          Map<String, Long> grams = LISTENER.grams(told);
          boolean one = grams.size() == 1 && !Listener.isAsked(grams) && told.pieces().isEmpty();
          if (one && !grams.keySet().iterator().next().contains("@")) {
            items.put(line, grams);
          }
        }
      }
    }
    return items;
  }

  private static String joined(List<String> lines, Random random) {
    boolean comma = lines.stream().anyMatch(line -> line.contains(","));
    return switch (random.nextInt(comma ? 4 : 6)) {
      case 0 -> String.join("\n", lines);
      case 1 -> "- " + String.join("\n- ", lines);
      case 2 -> String.join("; ", lines);
      case 3 ->
          lines.stream()
              .map(line -> Character.toUpperCase(line.charAt(0)) + line.substring(1) + ".")
              .collect(Collectors.joining(" "));
      case 4 -> String.join(", ", lines);
      default -> {
        int last = lines.size() - 1;
        yield "I use " + String.join(", ", lines.subList(0, last)) + " and " + lines.get(last);
      }
    };
  }

  @Test
  void linesAreWhatEachIsAlone() throws IOException {
    Map<String, Map<String, Long>> items = items();
    assertThat(items).hasSizeGreaterThan(250);
    List<String> all = new ArrayList<>(items.keySet());
    Random random = new Random(20261130);
    List<String> otherwise = new ArrayList<>();
    int texts = 0;
    while (texts < 1_000) {
      List<String> lines = new ArrayList<>();
      Map<String, Long> alone = new TreeMap<>();
      for (int i = 0; i < 3 + random.nextInt(3); i++) {
        String line = all.get(random.nextInt(all.size()));
        if (items.get(line).keySet().stream().noneMatch(alone::containsKey)) {
          lines.add(line);
          alone.putAll(items.get(line));
        }
      }
      String text = joined(lines, random);
      Map<String, Long> together = LISTENER.grams(LISTENER.told(text));
      if (!Listener.isAbout(together, alone)) {
        otherwise.add(text + " → " + together + ", alone " + alone);
      }
      texts++;
    }
    assertThat(otherwise)
        .as("%s", String.join("\n\n", otherwise))
        .hasSizeLessThanOrEqualTo((int) (texts * MOST_OTHERWISE));
  }
}
