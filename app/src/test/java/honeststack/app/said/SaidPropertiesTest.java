package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.app.doubt.ShippedTables;
import honeststack.app.larder.Larder;
import honeststack.app.larder.ShippedCsv;
import honeststack.core.food.Foods;
import honeststack.core.line.LineReader;
import honeststack.core.line.ReadLine;
import honeststack.core.line.Token;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.recipe.Kitchen;
import honeststack.core.said.told.Mark;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.wording.RefusedException;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BiPredicate;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What holds of every text, whatever it says. */
class SaidPropertiesTest {
  private static final Foods LARDER = Larder.reference();
  private static final Kitchen KITCHEN = Kitchen.of(LARDER, ShippedTables.read());

  private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

  /**
   * Of 100,000 characters, by what {@link Work} costs at the same moment: about a second and a half
   * by the clock on a machine that does nothing else.
   */
  private static final double LONGEST = 1.25;

  private static Told told(String text) {
    return KITCHEN.telling(MeasuringSystem.US).read(text);
  }

  private static List<String> texts() throws IOException {
    List<String> texts = new ArrayList<>();
    Judged.own("/said/open.txt").forEach(one -> texts.add(one.text()));
    Judged.sample("/said/sample.jsonl").forEach(one -> texts.add(one.text()));
    return texts;
  }

  /** Every word ends as something; a number is never idle, and no word is two things. */
  @Test
  void nothingVanishes() throws IOException {
    List<String> texts = texts();
    Random random = new Random(20261126);
    List<String> lost = new ArrayList<>();
    for (int round = 0; round < 400; round++) {
      StringBuilder text = new StringBuilder();
      for (int k = 0; k <= random.nextInt(6); k++) {
        text.append(texts.get(random.nextInt(texts.size())));
        text.append(List.of(". ", "\n", ", ", " and ", " ").get(random.nextInt(5)));
      }
      lost.addAll(lost(text.toString()));
    }
    assertThat(lost).isEmpty();
  }

  private static final List<String> MARKS =
      List.of(
          "(", ")", "[", "]", ",", ".", ";", ":", "-", "/", "\n", "\"", "+", "=", "→", "*", "%");

  private static final List<String> NUMBERS =
      List.of(
          "1.250",
          "1,250",
          "1.2.3",
          "0",
          "99999999999999999999",
          "1/0",
          "½½",
          ".1/2",
          "1-0",
          "-3",
          "2 1/0",
          "½/2",
          "twenty hundred",
          "1..5",
          "007",
          "½ of 0",
          "0 x 0");

  /** Words that fell out, came twice, or have marks and odd numbers between them. */
  @Test
  void noTextIsRefused() throws IOException {
    List<String> texts = texts();
    Random random = new Random(20261129);
    List<String> lost = new ArrayList<>();
    for (int round = 0; round < 2_000; round++) {
      String text =
          broken(any(texts, random), random)
              + any(List.of(". ", "\n", " (", " "), random)
              + broken(any(texts, random), random);
      try {
        lost.addAll(lost(text));
      } catch (RuntimeException refused) {
        lost.add(refused + " in " + text);
      }
    }
    assertThat(lost).isEmpty();
  }

  private static String broken(String text, Random random) {
    StringBuilder broken = new StringBuilder();
    for (String word : text.split("(?<= )|(?=\n)")) {
      switch (random.nextInt(12)) {
        case 0 -> broken.append("");
        case 1 -> broken.append(any(MARKS, random)).append(word);
        case 2 -> broken.append(any(NUMBERS, random)).append(' ').append(word);
        case 3 -> broken.append(word).append(word);
        default -> broken.append(word);
      }
    }
    return broken.toString();
  }

  private static String any(List<String> all, Random random) {
    return all.get(random.nextInt(all.size()));
  }

  private static List<String> lost(String text) {
    List<String> lost = new ArrayList<>();
    TreeMap<Integer, Mark> marks = new TreeMap<>();
    int end = 0;
    for (Mark mark : told(text).marks()) {
      if (mark.start() < end) {
        lost.add("twice: " + text.substring(mark.start(), mark.end()) + " in " + text);
      }
      end = Math.max(end, mark.end());
      marks.put(mark.start(), mark);
    }
    for (Token token : Token.of(text)) {
      var mark = marks.floorEntry(token.start());
      boolean marked = mark != null && mark.getValue().end() >= token.end();
      boolean number = token.kind() == Token.Kind.NUMBER || token.kind() == Token.Kind.FRACTION;
      if (token.kind() != Token.Kind.MARK && !marked) {
        lost.add("no mark: " + token + " in " + text);
      } else if (number && Set.of(Part.IDLE, Part.WORD).contains(mark.getValue().part())) {
        lost.add("idle: " + token + " in " + text);
      }
    }
    return lost;
  }

  /** Lines of a page are what each of them is when it is typed alone. */
  @Test
  void aPageIsItsLines() throws IOException {
    LineReader reader = new LineReader(LARDER);
    List<String> good = new ArrayList<>();
    for (String[] line : lines()) {
      if (told(line[0]).isOneLine() && isRead(reader, line[0])) {
        good.add(line[0]);
      }
    }
    assertThat(good).hasSizeGreaterThan(380);
    Random random = new Random(20261126);
    for (int round = 0; round < 60; round++) {
      List<String> page = new ArrayList<>();
      page.add("Fell cakes");
      Set<String> foods = new HashSet<>();
      int size = round % 2 == 0 ? 12 : 40; // the longer ones are read side by side
      while (page.size() < size) {
        String line = good.get(random.nextInt(good.size()));
        if (foods.add(reader.read(line).food().id())) {
          page.add(line);
        }
      }
      List<String> got =
          told(String.join("\n", page)).lines().stream().map(Told.Line::text).toList();
      List<String> alone =
          page.subList(1, page.size()).stream()
              .flatMap(line -> told(line).lines().stream().map(Told.Line::text))
              .toList();
      assertThat(got).as(String.join("\n", page)).isEqualTo(alone);
    }
  }

  private static boolean isRead(LineReader reader, String text) {
    try {
      reader.read(text);
      return true;
    } catch (RefusedException refused) {
      return false;
    }
  }

  private static List<String[]> lines() throws IOException {
    try (var in = SaidPropertiesTest.class.getResourceAsStream("/lines.csv")) {
      String all = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      List<String> rows = all.lines().toList();
      return rows.subList(1, rows.size()).stream().map(row -> row.split("\\|", -1)).toList();
    }
  }

  /** What a name excludes is in no food taken for it, by the facts as they stand in the CSV. */
  @ParameterizedTest
  @CsvSource({
    "vegan, ANIMAL",
    "dairy-free, MILK",
    "non-dairy, MILK",
    "egg-free, EGG",
    "nut-free, NUT",
    "soy-free, SOY",
    "sesame-free, SESAME",
    "unsweetened, SUGAR",
    "wheat-free, WHEAT"
  })
  void whatIsExcludedIsNeverTaken(String word, String fact) {
    BiPredicate<String, CSVRecord> holds = SaidPropertiesTest::holds;
    List<String> wrong = new ArrayList<>();
    List<CSVRecord> rows = ShippedCsv.rows("foods", row -> row);
    var byId = new HashMap<String, CSVRecord>();
    rows.forEach(row -> byId.put(row.get("id"), row));
    List<String> names = new ArrayList<>();
    rows.forEach(row -> names.add(row.get("name")));
    ShippedCsv.rows("synonyms", row -> row.get("name")).forEach(names::add);
    for (String name : names) {
      try {
        ReadLine line = KITCHEN.lines().read("100 g " + word + " " + name);
        if (holds.test(fact, byId.get(line.food().id()))) {
          wrong.add(word + " " + name + " → " + line.food().id());
        }
      } catch (RefusedException refused) {
        continue; // nothing taken is what is wanted
      }
    }
    assertThat(wrong).isEmpty();
  }

  private static boolean holds(String fact, CSVRecord row) {
    String allergens = row.get("allergens");
    String origin = row.get("origin");
    return switch (fact) {
      case "ANIMAL" -> origin.matches(".*(DAIRY|EGG|HONEY|FISH|MEAT).*");
      case "MILK" -> allergens.contains("MILK") || origin.contains("DAIRY");
      case "EGG" -> allergens.contains("EGG") || origin.contains("EGG");
      case "NUT" -> allergens.matches(".*(NUT|ALMOND|CASHEW|PECAN|PISTACHIO|MACADAMIA).*");
      case "SUGAR" -> row.get("added").contains("SUGAR");
      default -> allergens.contains(fact);
    };
  }

  /**
   * Time grows with the length of a text. What the reading costs is held against other work right
   * before it, since the machine may be half as fast at any moment; the bench measures by the
   * clock, on a machine that is left alone.
   */
  @Test
  void aLongTextIsReadInTime() throws IOException {
    String all = String.join(". ", texts());
    StringBuilder text = new StringBuilder();
    while (text.length() < 100_000) {
      text.append(all).append('\n');
    }
    String usual = text.substring(0, 100_000);
    List<String> longest =
        List.of(
            usual,
            "a ".repeat(50_000),
            "1 ".repeat(50_000),
            "(".repeat(100_000),
            "flour ".repeat(16_000));
    longest.forEach(SaidPropertiesTest::told);
    for (String one : longest) {
      double least = Double.MAX_VALUE;
      for (int i = 0; i < 8 && least > LONGEST; i++) {
        double work = cost(() -> Work.on(usual));
        least = Math.min(least, cost(() -> told(one)) / work);
      }
      assertThat(least).as(one.substring(0, 20)).isLessThan(LONGEST);
    }
  }

  private static long cost(Runnable work) {
    long start = spent();
    work.run();
    return spent() - start;
  }

  /** By the thread that asks and by those that read runs of sentences for it. */
  private static long spent() {
    return THREADS.getCurrentThreadCpuTime()
        + Thread.getAllStackTraces().keySet().stream()
            .filter(thread -> thread.getName().startsWith("ForkJoinPool"))
            .mapToLong(thread -> Math.max(0, THREADS.getThreadCpuTime(thread.getId())))
            .sum();
  }
}
