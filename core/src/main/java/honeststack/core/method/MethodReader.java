package honeststack.core.method;

import honeststack.core.method.MethodStep.Span;
import honeststack.core.method.MethodStep.Stage;
import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.RecipeReading;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Finds times, temperatures, cues and foods in the steps of a recipe. */
public final class MethodReader {
  private static final double MINUTES_PER_HOUR = 60;
  private static final double MINUTES_PER_DAY = 1440;

  /** A night in the fridge, minutes (common practice: 8 to 12 hours). */
  private static final Span NIGHT = new Span(480, 720);

  private static final Map<String, Double> WORDS =
      Map.ofEntries(
          Map.entry("a", 1.0),
          Map.entry("an", 1.0),
          Map.entry("one", 1.0),
          Map.entry("two", 2.0),
          Map.entry("three", 3.0),
          Map.entry("four", 4.0),
          Map.entry("five", 5.0),
          Map.entry("ten", 10.0),
          Map.entry("fifteen", 15.0),
          Map.entry("twenty", 20.0),
          Map.entry("thirty", 30.0),
          Map.entry("half a", 0.5),
          Map.entry("half an", 0.5),
          Map.entry("a couple of", 2.0),
          Map.entry("a few", 3.0));

  private static final String NUMBER =
      "(\\d+(?:[.,]\\d+)?(?:\\s*½)?|½|half an?|a couple of|a few|an?|one|two|three|four|five|ten"
          + "|fifteen|twenty|thirty)";
  private static final Pattern TIME =
      Pattern.compile(
          "(?<![\\w.,])"
              + NUMBER
              + "(?:\\s*(?:-|–|to|or)\\s*"
              + NUMBER
              + ")?\\s*"
              + "(seconds?|secs?|s|minutes?|mins?|hours?|hrs?|h|days?)\\b");
  private static final Pattern OVERNIGHT = Pattern.compile("\\bover ?night\\b|\\ball night\\b");
  private static final Pattern PER_SIDE =
      Pattern.compile(
          "\\b(?:a|per|each|every|on (?:each|every|the first|one)) side\\b|\\bboth sides\\b");

  /** "2 minutes, and 1 on the other": both are one round. */
  private static final Pattern OTHER_SIDE = Pattern.compile("\\b(?:other|second) side\\b");

  private static final Pattern HEAT =
      Pattern.compile("(\\d{2,3})\\s*(?:°|degrees?)?\\s*(c|f|celsius|fahrenheit)\\b");
  private static final Pattern CUE =
      Pattern.compile("\\b(?:until|till|once|when)\\s+([^.;,]+)", Pattern.CASE_INSENSITIVE);

  private static final Map<Stage, Pattern> STAGES = stages();

  private static Map<Stage, Pattern> stages() {
    Map<Stage, Pattern> stages = new LinkedHashMap<>();
    stages.put(Stage.STORE, words("freeze|refrigerate what|keep the rest|store|wrap"));
    stages.put(
        Stage.REST,
        words(
            "rest|let (?:it|the batter|them|stand)|stand|soak|swell|chill|prove|rise|ferment|overnight|fridge"));
    stages.put(
        Stage.HEAT,
        words(
            "preheat|pre-heat|heat|get .{1,20} hot|(?:put|switch|turn) .{1,20} on|warm the (?:pan|iron|griddle)"));
    stages.put(
        Stage.GRIDDLE,
        words(
            "cook|fry|bake|flip|turn|ladle|pour .{1,30}(?:pan|griddle|iron)|scoop|grease|brush|drop|close the (?:lid|iron)"));
    stages.put(
        Stage.PLATE, words("serve|top|drizzle|scatter|dust|stack|plate|spoon over|spread|eat"));
    return stages;
  }

  private static Pattern words(String words) {
    return Pattern.compile("\\b(?:" + words + ")\\b");
  }

  /** Words of a food's name that say nothing of which food it is. */
  private static final Set<String> COMMON =
      Set.of(
          "whole",
          "white",
          "raw",
          "dry",
          "dried",
          "fresh",
          "ground",
          "large",
          "plain",
          "with",
          "and",
          "for",
          "the",
          "all-purpose",
          "granulated",
          "double-acting",
          "table",
          "medium");

  private MethodReader() {}

  /**
   * The steps, in their order.
   *
   * @param reading of the recipe whose foods they may name
   */
  public static List<MethodStep> read(List<String> texts, RecipeReading reading) {
    return texts.stream().map(text -> step(text, reading)).toList();
  }

  private static MethodStep step(String text, RecipeReading reading) {
    String low = text.toLowerCase(Locale.ROOT);
    Optional<Span> lasts = time(low);
    Matcher cue = CUE.matcher(text);
    return new MethodStep(
        text,
        stage(low),
        lasts,
        lasts.isPresent() && PER_SIDE.matcher(low).find(),
        celsius(low),
        cue.find() ? cue.group(1).strip() : "",
        named(low, reading));
  }

  /** The stage whose word stands first: "let rest while the pan heats" rests. */
  private static Stage stage(String low) {
    Stage found = Stage.BOWL;
    int first = Integer.MAX_VALUE;
    for (Map.Entry<Stage, Pattern> entry : STAGES.entrySet()) {
      Matcher matcher = entry.getValue().matcher(low);
      if (matcher.find() && matcher.start() < first) {
        first = matcher.start();
        found = entry.getKey();
      }
    }
    return found;
  }

  private static Optional<Span> time(String low) {
    Matcher time = TIME.matcher(low);
    if (!time.find()) {
      return OVERNIGHT.matcher(low).find() ? Optional.of(NIGHT) : Optional.empty();
    }
    Span first = span(time);
    boolean both = OTHER_SIDE.matcher(low).find() && time.find();
    if (!both) {
      return Optional.of(first);
    }
    Span second = span(time);
    return Optional.of(new Span(first.low() + second.low(), first.high() + second.high()));
  }

  private static Span span(Matcher time) {
    double unit = minutes(time.group(3));
    double from = number(time.group(1)) * unit;
    double to = time.group(2) == null ? from : number(time.group(2)) * unit;
    return new Span(Math.min(from, to), Math.max(from, to));
  }

  private static double minutes(String unit) {
    return switch (unit.charAt(0)) {
      case 's' -> 1 / MINUTES_PER_HOUR;
      case 'h' -> MINUTES_PER_HOUR;
      case 'd' -> MINUTES_PER_DAY;
      default -> 1;
    };
  }

  private static double number(String said) {
    Double word = WORDS.get(said);
    if (word != null) {
      return word;
    }
    boolean half = said.endsWith("½");
    String digits = said.replace("½", "").strip().replace(',', '.');
    return (digits.isEmpty() ? 0 : Double.parseDouble(digits)) + (half ? 0.5 : 0);
  }

  private static Optional<Integer> celsius(String low) {
    Matcher heat = HEAT.matcher(low);
    if (!heat.find()) {
      return Optional.empty();
    }
    int degrees = Integer.parseInt(heat.group(1));
    return Optional.of(
        heat.group(2).startsWith("f") ? (int) Math.round((degrees - 32) * 5 / 9.0) : degrees);
  }

  private static List<String> named(String low, RecipeReading reading) {
    List<String> lines = new ArrayList<>();
    for (LineReading line : reading.lines()) {
      String food =
          line instanceof Understood read
              ? read.food().name()
              : line instanceof NotMeasured open ? open.food().name() : "";
      if (names(low, food)) {
        lines.add(line.id());
      }
    }
    return lines;
  }

  private static boolean names(String low, String food) {
    for (String word : food.toLowerCase(Locale.ROOT).split("[^\\p{L}-]+")) {
      boolean telling = word.length() > 2 && !COMMON.contains(word);
      if (telling
          && Pattern.compile("\\b" + Pattern.quote(word) + "(?:s|es)?\\b").matcher(low).find()) {
        return true;
      }
    }
    return false;
  }
}
