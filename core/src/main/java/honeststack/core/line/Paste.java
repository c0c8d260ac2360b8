package honeststack.core.line;

import honeststack.core.wording.RefusedException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A recipe pasted as one text, taken apart into lines to review. A line that means two things
 * becomes two; headings say where the lines under them go; nothing is dropped.
 */
public final class Paste {
  private static final int LONGEST_LINE = 140;
  private static final int MOST_LINES = 200;
  private static final Pattern TWO_PARTS =
      Pattern.compile(
          "^\\s*(?:(?:finely|grated|the)\\s+)*(zest|rind|juice)\\s*(?:and|&|\\+)\\s*(?:the\\s+)?"
              + "(zest|rind|juice)\\s+of\\s+(.+)$",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern PARTS_BEHIND =
      Pattern.compile(
          "^(.+?)[,(]?\\s+\\(?(?:(?:finely|grated)\\s+)*(zest|rind|juice)\\s*(?:and|&|\\+)\\s*(zest|rind|juice)\\s*\\)?$",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern TWO_PLACES =
      Pattern.compile(
          "[,(;]?\\s*half\\s+(?:now|in\\s+the\\s+(?:batter|bowl)|inside)?\\s*,?\\s*(?:and\\s+)?"
              + "(?:the\\s+)?(?:rest|other\\s+half|half)\\s+"
              + "(?:on\\s+top|for\\s+the\\s+top|to\\s+serve|for\\s+topping|for\\s+serving|to\\s+top)\\)?",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern PLUS =
      Pattern.compile(
          "^(.+?),?\\s+(?:plus|\\+|and|&|(?:mixed|soaked|whisked|stirred|beaten|dissolved|blended)\\s+(?:with|in|into))"
              + "\\s+((?:\\d|[¼-¾⅐-⅞]|an?\\s|half\\s|one\\s|two\\s|three\\s|four\\s|five\\s|six\\s).+)$",
          Pattern.CASE_INSENSITIVE);

  /** Two foods that nobody measured: "salt and pepper, to taste". */
  private static final Pattern BOTH =
      Pattern.compile(
          "^(\\p{L}[\\p{L} '’-]*?)\\s+(?:and|&)\\s+(\\p{L}[\\p{L} '’-]*?)(,.*|\\s+to\\s.*|\\s+for\\s.*)?$",
          Pattern.CASE_INSENSITIVE);

  private static final Pattern HEADING =
      Pattern.compile(
          "^\\s*(?:for\\s+)?(?:the\\s+)?([\\p{L}][\\p{L} ,&-]{0,40}?)\\s*:\\s*$",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern STEP =
      Pattern.compile(
          "^\\s*(?:step\\s*)?\\d{1,2}[.)]\\s+\\p{Lu}.*|^\\s*(?:Mix|Whisk|Heat|Pour|Cook|Stir|Fold|Beat|"
              + "Add|Combine|Let|Rest|Serve|Preheat|Flip|Sift|Melt|Bring|Leave|Turn|Keep|Grease)\\b.*");

  private final LineReader reader;
  private final LineWriter writer;

  public Paste(LineReader reader, LineWriter writer) {
    this.reader = reader;
    this.writer = writer;
  }

  /** What a line of the text is taken for. */
  public enum Kind {
    LINE,
    HEADING,
    STEP
  }

  /**
   * A line to review.
   *
   * @param place where it would go
   * @param shared on the plate: one bowl for all servings
   */
  public record Proposed(Kind kind, String text, Place place, boolean shared) {}

  /** All lines of a text, in their order; blank ones are left out. */
  public List<Proposed> lines(String text) {
    List<Proposed> proposed = new ArrayList<>();
    Place under = Place.NOT_SAID;
    for (String raw : text.split("\\R")) {
      String line = raw.strip();
      if (line.isEmpty() || proposed.size() >= MOST_LINES) {
        continue;
      }
      Matcher heading = HEADING.matcher(line);
      if (heading.matches()) {
        under = place(heading.group(1));
        proposed.add(new Proposed(Kind.HEADING, line, under, false));
      } else if (isStep(line)) {
        proposed.add(new Proposed(Kind.STEP, line, Place.NOT_SAID, false));
      } else {
        proposed.addAll(line(line, under));
      }
    }
    return proposed;
  }

  private boolean isStep(String line) {
    if (line.length() > LONGEST_LINE) {
      return true;
    }
    return STEP.matcher(line).matches() && read(line).isEmpty();
  }

  private static Place place(String heading) {
    String low = heading.toLowerCase(Locale.ROOT);
    if (low.contains("top") || low.contains("serve") || low.contains("serving")) {
      return Place.PLATE;
    }
    return low.contains("pan") || low.contains("fry") || low.contains("greas")
        ? Place.PAN
        : Place.NOT_SAID;
  }

  /** One line, or the two that it means. */
  public List<Proposed> line(String line, Place under) {
    Matcher parts = TWO_PARTS.matcher(line);
    if (parts.matches()) {
      return List.of(
          of(parts.group(1) + " of " + parts.group(3), under),
          of(parts.group(2) + " of " + parts.group(3), under));
    }
    Matcher behind = PARTS_BEHIND.matcher(line);
    if (behind.matches()) {
      return List.of(
          of(behind.group(2) + " of " + behind.group(1), under),
          of(behind.group(3) + " of " + behind.group(1), under));
    }
    Matcher plus = PLUS.matcher(line);
    if (plus.matches() && read(line).isEmpty()) {
      boolean both = read(plus.group(1)).isPresent() && read(plus.group(2)).isPresent();
      if (both) {
        return List.of(of(plus.group(1), under), of(plus.group(2), under));
      }
    }
    Matcher pair = BOTH.matcher(line);
    if (pair.matches() && read(line).isEmpty()) {
      String tail = pair.group(3) == null ? "" : pair.group(3);
      boolean both =
          read(pair.group(1) + tail).isPresent() && read(pair.group(2) + tail).isPresent();
      if (both) {
        return List.of(of(pair.group(1) + tail, under), of(pair.group(2) + tail, under));
      }
    }
    Matcher places = TWO_PLACES.matcher(line);
    if (places.find()) {
      String bare = (line.substring(0, places.start()) + line.substring(places.end())).strip();
      try {
        String half = writer.scaled(bare, Optional.empty(), 0.5).text();
        return List.of(
            new Proposed(Kind.LINE, half, Place.NOT_SAID, false),
            new Proposed(Kind.LINE, half, Place.PLATE, true));
      } catch (RefusedException notRead) {
        return List.of(of(line, under));
      }
    }
    return List.of(of(line, under));
  }

  private Proposed of(String line, Place under) {
    Place said = read(line).map(ReadLine::place).orElse(Place.NOT_SAID);
    return new Proposed(Kind.LINE, line, said == Place.NOT_SAID ? under : said, false);
  }

  private Optional<ReadLine> read(String line) {
    try {
      return Optional.of(reader.read(line));
    } catch (RefusedException notRead) {
      return Optional.empty();
    }
  }
}
