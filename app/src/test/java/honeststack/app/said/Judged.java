package honeststack.app.said;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** A text, and what a person says that it means. */
record Judged(
    String voice,
    String text,
    List<Item> items,
    List<Pattern> named,
    List<Pattern> never,
    Optional<double[]> pieces,
    Optional<double[]> serves) {

  /**
   * @param place empty where it does not matter
   */
  record Item(Pattern food, double low, double high, String place) {
    boolean holds(double grams) {
      return grams >= low && grams <= high;
    }
  }

  /** With the same meaning. */
  Judged withText(String other) {
    return new Judged(voice, other, items, named, never, pieces, serves);
  }

  /** "voice|text|food=low..high@PLACE;?named;!never;yield 4..5;serves 2", by identity of foods. */
  static List<Judged> own(String resource) throws IOException {
    return lines(resource).stream().map(Judged::own1).toList();
  }

  private static Judged own1(String line) {
    String[] parts = line.split("\\|", 3);
    List<Item> items = new ArrayList<>();
    List<Pattern> named = new ArrayList<>();
    List<Pattern> never = new ArrayList<>();
    Optional<double[]> pieces = Optional.empty();
    Optional<double[]> serves = Optional.empty();
    for (String said : parts[2].split(";")) {
      String[] at = said.strip().split("@");
      String what = at[0];
      if (what.isEmpty()) {
        continue;
      } else if (what.startsWith("?")) {
        named.add(whole(what.substring(1)));
      } else if (what.startsWith("!")) {
        never.add(whole(what.substring(1)));
      } else if (what.startsWith("yield ")) {
        pieces = Optional.of(range(what.substring(6)));
      } else if (what.startsWith("serves ")) {
        serves = Optional.of(range(what.substring(7)));
      } else {
        int is = what.lastIndexOf('=');
        double[] grams = range(what.substring(is + 1));
        items.add(
            new Item(whole(what.substring(0, is)), grams[0], grams[1], at.length > 1 ? at[1] : ""));
      }
    }
    return new Judged(parts[0], parts[1].replace('⏎', '\n'), items, named, never, pieces, serves);
  }

  private static Pattern whole(String ids) {
    String all =
        Arrays.stream(ids.split("\\|")).map(id -> "^" + id + "$").collect(Collectors.joining("|"));
    return Pattern.compile(all, Pattern.CASE_INSENSITIVE);
  }

  private static double[] range(String text) {
    String[] ends = text.split("\\.\\.");
    return new double[] {Double.parseDouble(ends[0]), Double.parseDouble(ends[ends.length - 1])};
  }

  /** One object a line, patterns found in names of foods. */
  static List<Judged> sample(String resource) throws IOException {
    List<Judged> all = new ArrayList<>();
    ObjectMapper json = new ObjectMapper();
    for (String line : lines(resource)) {
      JsonNode node = json.readTree(line);
      List<Item> items = new ArrayList<>();
      node.get("items")
          .forEach(
              item -> {
                String food = item.get(0).asText();
                String place = node.get("place").path(food).asText("");
                items.add(
                    new Item(found(food), item.get(1).asDouble(), item.get(2).asDouble(), place));
              });
      JsonNode pieces = node.get("yield");
      JsonNode serves = node.get("serves");
      all.add(
          new Judged(
              node.get("voice").asText(),
              node.get("text").asText(),
              items,
              patterns(node.get("named")),
              patterns(node.get("never")),
              pieces.isNull()
                  ? Optional.empty()
                  : Optional.of(new double[] {pieces.get(0).asDouble(), pieces.get(1).asDouble()}),
              serves.isNull()
                  ? Optional.empty()
                  : Optional.of(new double[] {serves.asDouble(), serves.asDouble()})));
    }
    return all;
  }

  private static List<Pattern> patterns(JsonNode texts) {
    List<Pattern> patterns = new ArrayList<>();
    texts.forEach(text -> patterns.add(found(text.asText())));
    return patterns;
  }

  private static Pattern found(String text) {
    return Pattern.compile(text, Pattern.CASE_INSENSITIVE);
  }

  private static List<String> lines(String resource) throws IOException {
    try (BufferedReader lines =
        new BufferedReader(
            new InputStreamReader(
                Judged.class.getResourceAsStream(resource), StandardCharsets.UTF_8))) {
      return lines.lines().filter(line -> !line.isBlank()).toList();
    }
  }
}
