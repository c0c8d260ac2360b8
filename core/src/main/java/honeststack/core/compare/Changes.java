package honeststack.core.compare;

import honeststack.core.compare.Pairing.Pair;
import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.NotUnderstood;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.MeasuredFood;
import honeststack.core.recipe.PanFat;
import honeststack.core.recipe.Plate;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.recipe.Station;
import honeststack.core.wording.Numbers;
import honeststack.core.wording.Say;
import honeststack.core.yield.Griddle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** What a version changed against its parent, as a cook would say it. */
public final class Changes {
  private Changes() {}

  /** One phrase for each change, in the order of the work; none if nothing changed. */
  public static List<String> between(RecipeReading before, RecipeReading after) {
    List<String> changes = new ArrayList<>();
    for (Station station : Station.values()) {
      for (Pair<LineReading> pair :
          Pairing.ofLines(before.counting(station), after.counting(station))) {
        line(pair).ifPresent(change -> changes.add(station.where() + change));
      }
    }
    if (before.griddle().isPresent() && after.griddle().isPresent()) {
      griddle(changes, before.griddle().get(), after.griddle().get());
    }
    panFat(changes, before.panFats(), after.panFats());
    if (before.plate().isPresent() && after.plate().isPresent()) {
      plate(changes, before.plate().get(), after.plate().get());
    }
    return changes;
  }

  private static Optional<String> line(Pair<LineReading> pair) {
    if (pair.after().isEmpty()) {
      return pair.before().map(line -> "no " + name(line));
    }
    LineReading after = pair.after().get();
    if (pair.before().isEmpty()) {
      return Optional.of((amount(after) + " " + name(after)).strip() + added(after));
    }
    LineReading before = pair.before().get();
    if (!name(before).equals(name(after))) {
      String swap = name(after) + " for " + name(before);
      return Optional.of(
          amount(before).equals(amount(after)) ? swap : swap + " (" + amounts(before, after) + ")");
    }
    if (amount(before).equals(amount(after))) {
      return weighs(before) == weighs(after)
          ? Optional.empty()
          : Optional.of(name(after) + ": the same amount weighs otherwise now");
    }
    return Optional.of(name(after) + " " + amounts(before, after));
  }

  private static String name(LineReading line) {
    if (line instanceof Understood read) {
      return read.food().name();
    }
    return line instanceof NotMeasured open
        ? open.food().name()
        : Say.quoted(((NotUnderstood) line).text());
  }

  private static String amount(LineReading line) {
    if (line instanceof Understood read) {
      return read.words();
    }
    return line instanceof NotMeasured ? "not measured" : "";
  }

  private static String added(LineReading line) {
    return line instanceof NotUnderstood ? " added, not in the numbers" : " added";
  }

  private static double weighs(LineReading line) {
    return line instanceof Understood read ? read.mass().value() : 0;
  }

  private static String amounts(LineReading before, LineReading after) {
    String a = amount(before);
    String b = amount(after);
    if (before instanceof Understood x
        && after instanceof Understood y
        && x.said().symbol().equals(y.said().symbol())) {
      String unit = " " + y.said().symbol();
      if (a.endsWith(unit) && b.endsWith(unit)) {
        return a.substring(0, a.length() - unit.length()) + " → " + b;
      }
    }
    return a + " → " + b;
  }

  private static void griddle(List<String> changes, Griddle a, Griddle b) {
    if (a.count() != b.count() && !a.predicted() && !b.predicted()) {
      changes.add(more(b.count() - a.count(), "out of the batter"));
    }
    if (a.discarded() != b.discarded()) {
      changes.add(more(b.discarded() - a.discarded(), "thrown away"));
    }
    if (a.left().value() != b.left().value()) {
      changes.add(
          "left in the bowl "
              + Words.grams(a.left().value())
              + " → "
              + Words.grams(b.left().value()));
    }
  }

  private static void panFat(List<String> changes, List<PanFat> a, List<PanFat> b) {
    boolean any = !a.isEmpty() && !b.isEmpty();
    if (any
        && sum(a, PanFat::in) == sum(b, PanFat::in)
        && sum(a, PanFat::taken) != sum(b, PanFat::taken)) {
      changes.add("what stayed in the pan was measured otherwise");
    }
  }

  private static double sum(List<PanFat> fats, Function<PanFat, MeasuredFood> of) {
    return fats.stream().mapToDouble(fat -> of.apply(fat).mass().value()).sum();
  }

  private static void plate(List<String> changes, Plate a, Plate b) {
    if (a.pieces() != b.pieces()) {
      changes.add(more(b.pieces() - a.pieces(), "per serving"));
    }
  }

  private static String more(double by, String where) {
    return Say.of("%s %s %s", Numbers.pieces(Math.abs(by)), by < 0 ? "fewer" : "more", where);
  }
}
