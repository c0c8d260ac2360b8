package honeststack.app.said;

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
import honeststack.core.said.told.Told;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/** Holds what the reader made of a text against what a person understands of it. */
final class Judge {
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

  /**
   * What was made of a text.
   *
   * @param misses what a person understands otherwise
   * @param complete nothing in the answer asks, or says that something is missing
   * @param silent something is missing, and nothing says so
   * @param opposite what the text excludes is in the numbers all the same
   */
  record Verdict(
      Judged of, List<String> misses, boolean complete, boolean silent, boolean opposite) {
    boolean right() {
      return misses.isEmpty();
    }
  }

  Verdict of(Judged judged) {
    Told told = kitchen.telling(MeasuringSystem.US).read(judged.text());
    List<Got> all = got(told);
    boolean complete = all.stream().allMatch(Judge::isCounted);
    boolean silent =
        complete
            && judged.items().stream()
                .anyMatch(item -> all.stream().noneMatch(got -> got.is(item.food())));
    boolean opposite =
        all.stream()
            .filter(Judge::isCounted)
            .anyMatch(got -> judged.never().stream().anyMatch(n -> matches(n, got.food().get())));
    return new Verdict(judged, misses(judged, told, all), complete, silent, opposite);
  }

  private static boolean isCounted(Got got) {
    return got.line().understood() && got.reading() instanceof Understood;
  }

  private static List<String> misses(Judged judged, Told told, List<Got> answer) {
    List<String> misses = new ArrayList<>();
    List<Got> all = answer.stream().filter(got -> got.line().understood()).toList();
    for (Judged.Item item : judged.items()) {
      double mass = 0;
      boolean shared = isShared(item, judged.items(), all);
      boolean single = false;
      boolean placed = item.place().isEmpty();
      boolean unknown = false;
      for (Got got : all) {
        if (got.is(item.food()) && got.reading() instanceof Understood read) {
          mass += read.mass().value();
          single |= shared && item.holds(read.mass().value());
        }
        placed |= got.is(item.food()) && got.line().place().name().equals(item.place());
        unknown |= got.is(item.food()) && got.reading() instanceof NotUnderstood;
      }
      if (!single && !item.holds(mass)) {
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

  /** What counts for it may count for another as well: one of its lines is enough. */
  private static boolean isShared(Judged.Item item, List<Judged.Item> items, List<Got> all) {
    return all.stream()
        .filter(got -> got.is(item.food()))
        .anyMatch(got -> items.stream().anyMatch(i -> i != item && got.is(i.food())));
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
}
