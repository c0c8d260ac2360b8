package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.said.told.Told;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/**
 * Pages, letters and dictation put together by lot from titles, lines, steps and talk. What they
 * measure is the sum of what each line says alone, and what stands around it changes nothing.
 */
class ComposedSaidTest {
  private static final int TEXTS = 300;
  private static final long SEED = 20;

  private final Listener listener = new Listener();
  private final Random lot = new Random(SEED);
  private final Map<String, List<String>> parts = new HashMap<>();

  /** What each line means by itself. */
  private final Map<String, Map<String, Long>> alone = new HashMap<>();

  private final List<String> misses = new ArrayList<>();
  private final List<String> silent = new ArrayList<>();

  /** A text as it grows, and what it is to mean. */
  private final class Draft {
    private final StringBuilder text = new StringBuilder();
    private final Map<String, Long> wanted = new TreeMap<>();
    private final Set<String> foods = new HashSet<>();
    private String counts = "- -";

    /** One of a section; behind its bar the foods it measures, or how many it makes. */
    void add(String section, String place, String end) {
      said(pick(section), place, end);
    }

    private void said(String said, String place, String end) {
      String[] means = said.split("\\|", 3);
      text.append(means[0].replace('¦', '|')).append(end);
      if (means.length > 1 && means[1].matches("[-.\\d]+ [-.\\d]+")) {
        counts = means[1];
        take(means.length > 2 ? means[2] : "", place);
      } else if (means.length > 1) {
        take(means[1], place);
      }
    }

    private void take(String measured, String place) {
      for (String one : measured.isEmpty() ? new String[0] : measured.split(";")) {
        String[] food = one.split("@");
        String where = food.length > 1 ? "@" + food[1] : place;
        grams(food[0]).forEach((name, mass) -> wanted.merge(placed(name, where), mass, Long::sum));
      }
    }

    /** Some lines of different foods. */
    void list(String section, int most, String before, String end) {
      List<String> all = new ArrayList<>(parts.get(section));
      Collections.shuffle(all, lot);
      for (String line : all) {
        Set<String> named = new HashSet<>();
        for (String one : line.substring(line.indexOf('|') + 1).split(";")) {
          grams(one).keySet().forEach(food -> named.add(food.replaceAll("-.*", "")));
        }
        if (foods.size() < most && Collections.disjoint(foods, named)) {
          foods.addAll(named);
          text.append(before);
          said(line, "", end);
        }
      }
    }

    void judge() {
      Told told = listener.told(text.toString().strip());
      Map<String, Long> read = listener.grams(told);
      boolean asked = read.containsKey(Listener.ASKED);
      read.keySet().removeIf(name -> name.startsWith(Listener.ASKED) && !wanted.containsKey(name));
      boolean right =
          Listener.isAbout(read, wanted)
              && (shown(told.pieces()) + " " + shown(told.serves())).equals(counts);
      if (!right || asked) {
        (asked ? misses : silent).add(text.toString().strip().replace("\n", "⏎") + " → " + read);
      }
    }
  }

  private Map<String, Long> grams(String food) {
    return alone.computeIfAbsent(food, any -> listener.grams(listener.told(any)));
  }

  private static String placed(String name, String place) {
    return name.startsWith(Listener.ASKED) ? name : name + place;
  }

  private static String shown(Optional<Told.Count> count) {
    return count.map(c -> (c.low() + ".." + c.high()).replace(".0", "")).orElse("-");
  }

  private String pick(String section) {
    List<String> all = parts.get(section);
    return all.get(lot.nextInt(all.size()));
  }

  private boolean often() {
    return lot.nextBoolean();
  }

  private void read(String file) throws IOException {
    List<String> section = List.of();
    for (String line : Listener.lines(file)) {
      if (line.startsWith("[")) {
        section = new ArrayList<>();
        parts.put(line.substring(1, line.length() - 1), section);
      } else {
        section.add(line.replace('~', ' '));
      }
    }
  }

  private void report(String what, int most) {
    int wrong = misses.size() + silent.size();
    System.out.println(what + ": " + (TEXTS - wrong) + " of " + TEXTS);
    misses.forEach(miss -> System.out.println("  " + miss));
    silent.forEach(miss -> System.out.println("  SILENT " + miss));
    assertThat(misses).hasSizeLessThan(TEXTS / 20);
    assertThat(silent).hasSizeLessThan(most);
  }

  @Test
  void pages() throws IOException {
    read("pages.txt");
    for (int i = 0; i < TEXTS; i++) {
      Draft page = new Draft();
      String bullet = List.of("", "- ", "• ", "* ").get(lot.nextInt(4));
      page.add("title", "", "\n");
      if (often()) {
        page.add("meta", "", "\n");
      }
      if (often()) {
        page.add("intro", "", "\n");
      }
      page.add("h_list", "", "\n");
      page.list("line", 4 + lot.nextInt(3), bullet, "\n");
      if (often()) {
        page.add("h_pan", "", "\n" + bullet);
        page.add("panline", "@PAN", "\n");
      }
      if (often()) {
        page.add("h_top", "", "\n" + bullet);
        page.add("topline", "@PLATE", "\n");
      }
      page.add("h_method", "", "\n");
      for (int step = 1; step <= 3; step++) {
        page.add("step", "", "\n");
      }
      if (often()) {
        page.add("h_notes", "", "\n");
        page.add("note", "", "\n");
      }
      page.judge();
    }
    report("pages", TEXTS / 20);
  }

  @Test
  void letters() throws IOException {
    read("letters.txt");
    for (int i = 0; i < TEXTS; i++) {
      Draft letter = new Draft();
      letter.add("open", "", " ");
      letter.list("bowl", 3, "", " ");
      letter.add("remark", "", " ");
      if (often()) {
        letter.add("pan", "@PAN", " ");
      }
      if (often()) {
        letter.add("yield", "", " ");
      }
      if (often()) {
        letter.add("plate", "@PLATE", " ");
      }
      letter.add("close", "", " ");
      letter.judge();
    }
    report("letters", TEXTS / 20);
  }

  @Test
  void dictation() throws IOException {
    read("dictated.txt");
    for (int i = 0; i < TEXTS; i++) {
      Draft dictated = new Draft();
      dictated.add("start", "", "");
      List<String> all = new ArrayList<>(parts.get("parts"));
      Collections.shuffle(all, lot);
      Set<String> foods = new HashSet<>();
      for (String one : all) {
        if (foods.size() < 4 && foods.add(one.replaceAll(".* ", ""))) {
          dictated.said(one + "|" + one, "", "");
          dictated.add(foods.size() < 4 ? "join" : "mid", "", "");
        }
      }
      dictated.add("end", "", "");
      dictated.judge();
    }
    report("dictation", TEXTS / 20);
  }
}
