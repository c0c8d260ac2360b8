package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.app.doubt.ShippedTables;
import honeststack.app.larder.Larder;
import honeststack.core.food.Food;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.recipe.Kitchen;
import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.NotUnderstood;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.Recipe;
import honeststack.core.said.Told;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What cooks say, each with what a person understands of it. */
class SaidTest {
  private final Kitchen kitchen = Kitchen.of(Larder.reference(), ShippedTables.read());

  /** A line and what was made of it. */
  private record Got(Told.Line line, LineReading reading) {
    boolean is(Pattern food) {
      return food().filter(f -> matches(food, f)).isPresent()
          || reading instanceof NotUnderstood && food.matcher(line.text()).find()
          || reading instanceof NotUnderstood
              && Pattern.compile(food.pattern().replaceAll("[\\^$]", ""), food.flags())
                  .matcher(line.text())
                  .find();
    }

    Optional<Food> food() {
      return reading instanceof Understood read
          ? Optional.of(read.food())
          : reading instanceof NotMeasured open ? Optional.of(open.food()) : Optional.empty();
    }
  }

  private static boolean matches(Pattern pattern, Food food) {
    return pattern.matcher(food.name()).find() || pattern.matcher(food.id()).find();
  }

  private List<Got> got(Told told) {
    List<Recipe.Line> lines = new ArrayList<>();
    for (Told.Line line : told.lines()) {
      lines.add(new Recipe.Line("l" + lines.size(), line.text(), Optional.empty()));
    }
    Recipe recipe =
        new Recipe(
            MeasuringSystem.US,
            lines,
            new Recipe.AtTheGriddle(
                Optional.empty(), 0, Recipe.Portioning.LADLE, "", Optional.empty(), ""),
            new Recipe.OnThePlate(Optional.empty(), List.of()));
    List<LineReading> readings = kitchen.read(recipe).lines();
    List<Got> got = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      got.add(new Got(told.lines().get(i), readings.get(i)));
    }
    return got;
  }

  private List<String> misses(Judged judged) {
    List<String> misses = new ArrayList<>();
    Told told = kitchen.telling(MeasuringSystem.US).read(judged.text());
    List<Got> all = got(told).stream().filter(g -> g.line().understood()).toList();
    for (Judged.Item item : judged.items()) {
      double mass = 0;
      boolean single = false;
      boolean placed = item.place().isEmpty();
      boolean unknown = false;
      for (Got got : all) {
        if (got.is(item.food()) && got.reading() instanceof Understood read) {
          mass += read.mass().value();
          single |= read.mass().value() >= item.low() && read.mass().value() <= item.high();
        }
        placed |= got.is(item.food()) && got.line().place().name().equals(item.place());
        unknown |= got.is(item.food()) && got.reading() instanceof NotUnderstood;
      }
      if (!single && (mass < item.low() || mass > item.high())) {
        misses.add("%s is %.1f g%s".formatted(item.food(), mass, unknown ? " (unknown)" : ""));
      } else if (!placed && mass > 0) {
        misses.add(item.food() + " is not " + item.place());
      }
    }
    for (Pattern named : judged.named()) {
      if (all.stream().noneMatch(got -> got.is(named))) {
        misses.add(named + " is not named");
      }
    }
    for (Pattern never : judged.never()) {
      for (Got got : all) {
        boolean counted = got.food().filter(food -> matches(never, food)).isPresent();
        boolean offered =
            got.reading() instanceof NotUnderstood not
                && not.nearest().stream()
                    .anyMatch(
                        o -> never.matcher(o.name()).find() || never.matcher(o.foodId()).find());
        if (counted || offered) {
          misses.add("NEVER " + never + (counted ? " is counted" : " is offered"));
        }
      }
    }
    for (Got got : all) {
      boolean meant =
          judged.items().stream().anyMatch(i -> got.is(i.food()))
              || judged.named().stream().anyMatch(got::is);
      if (!meant && got.food().isPresent()) {
        misses.add("also " + got.line().text() + " → " + got.food().get().id());
      }
    }
    range("yield", judged.pieces(), told.pieces(), misses);
    range("serves", judged.serves(), told.serves(), misses);
    return misses;
  }

  private static void range(
      String what, Optional<double[]> meant, Optional<Told.Count> got, List<String> misses) {
    boolean is =
        meant.isEmpty()
            || got.isPresent()
                && got.get().low() == meant.get()[0]
                && got.get().high() == meant.get()[1];
    if (!is) {
      misses.add(what + " is " + got);
    }
  }

  /** All that is understood, of what was said, is counted or said to be missing. */
  private boolean isSilent(Judged judged) {
    Told told = kitchen.telling(MeasuringSystem.US).read(judged.text());
    List<Got> all = got(told);
    boolean said =
        all.stream().anyMatch(g -> !g.line().understood() || !(g.reading() instanceof Understood));
    return !said && judged.items().stream().anyMatch(item -> isLacking(item, all));
  }

  private static boolean isLacking(Judged.Item item, List<Got> all) {
    return all.stream().noneMatch(got -> got.is(item.food()));
  }

  /** Excluded by the text, and in the numbers all the same. */
  private boolean isOpposite(Judged judged) {
    return got(kitchen.telling(MeasuringSystem.US).read(judged.text())).stream()
        .filter(got -> got.line().understood() && got.reading() instanceof Understood)
        .anyMatch(got -> judged.never().stream().anyMatch(n -> matches(n, got.food().get())));
  }

  /**
   * Most texts are right in every part; the report names each that is not. The set "aside" was read
   * for the first time when the reader was done, "later" and "fresh" were written after that, and
   * so were the others; "putby" is the third of "wide" that was set aside, "kept" that of "field".
   * Of each set most were right when they were first read, and the rest were learned from.
   */
  @ParameterizedTest
  @CsvSource({
    "open, 0.95",
    "sample, 0.97",
    "aside, 0.93",
    "later, 0.92",
    "fresh, 0.92",
    "newest, 0.95",
    "last, 0.95",
    "unseen, 0.9",
    "wide, 0.95",
    "putby, 0.92",
    "field, 0.97",
    "kept, 0.90",
    "street, 0.95",
    "lane, 0.96",
    "mile, 0.96",
    "town, 0.96",
    "ring, 0.95",
    "plain, 0.96",
    "dawn, 0.87",
    "dusk, 0.88",
    "noon, 0.94",
    "eve, 0.91",
    "usual, 0.97",
    "inverted, 1",
    "parts, 1",
    "shares, 1",
    "choices, 1",
    "ranges, 1",
    "leftout, 1",
    "places, 1",
    "swaps, 1",
    "corrected, 1",
    "yields, 1",
    "headings, 1",
    "sentences, 1",
    "labels, 1",
    "hill, 0.94"
  })
  void whatIsSaidIsUnderstood(String set, double wanted) throws IOException {
    List<Judged> texts = texts(set);
    List<String> misses = new ArrayList<>();
    for (Judged judged : texts) {
      List<String> wrong = misses(judged);
      if (!wrong.isEmpty()) {
        misses.add(judged.text().replace('\n', '⏎') + " → " + String.join("; ", wrong));
      }
    }
    System.out.println(set + ": " + (texts.size() - misses.size()) + " of " + texts.size());
    misses.forEach(miss -> System.out.println("  " + miss));
    double share = 1 - (double) misses.size() / texts.size();
    assertThat(share).as(String.join("\n", misses)).isGreaterThanOrEqualTo(wanted);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "open",
        "sample",
        "aside",
        "later",
        "fresh",
        "newest",
        "last",
        "unseen",
        "wide",
        "putby",
        "field",
        "kept",
        "street",
        "lane",
        "mile",
        "town",
        "ring",
        "plain",
        "dawn",
        "dusk",
        "noon",
        "eve",
        "usual",
        "inverted",
        "parts",
        "shares",
        "ranges",
        "leftout",
        "places",
        "swaps",
        "corrected",
        "yields",
        "headings",
        "sentences",
        "labels",
        "hill"
      })
  void nothingIsAnsweredWithItsOppositeOrCountedInPart(String set) throws IOException {
    assertThat(texts(set)).filteredOn(this::isOpposite).extracting(Judged::text).isEmpty();
    assertThat(texts(set)).filteredOn(this::isSilent).extracting(Judged::text).isEmpty();
  }

  private static List<Judged> texts(String set) throws IOException {
    return set.equals("sample")
        ? Judged.sample("/said/sample.jsonl")
        : Judged.own("/said/" + set + ".txt");
  }
}
