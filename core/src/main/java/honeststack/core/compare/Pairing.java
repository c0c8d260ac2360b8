package honeststack.core.compare;

import honeststack.core.food.Food;
import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.MeasuredFood;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.function.Function;

/**
 * Lines of two versions laid against each other: by food first, then by role, so that a swap reads
 * as a swap. Lines with the same identity are preferred.
 */
final class Pairing {

  /** A line of one version and its counterpart in the other; at least one is there. */
  record Pair<T>(Optional<T> before, Optional<T> after) {}

  private Pairing() {}

  static List<Pair<MeasuredFood>> of(List<MeasuredFood> before, List<MeasuredFood> after) {
    return of(before, after, MeasuredFood::id, line -> Optional.of(line.food()));
  }

  static List<Pair<LineReading>> ofLines(List<LineReading> before, List<LineReading> after) {
    return of(before, after, LineReading::id, Pairing::food);
  }

  /** The food of a line; empty for one that was not understood. */
  static Optional<Food> food(LineReading line) {
    if (line instanceof Understood read) {
      return Optional.of(read.food());
    }
    return line instanceof NotMeasured open ? Optional.of(open.food()) : Optional.empty();
  }

  /** Pairs in the order of the lines before, those that are new at the end. */
  private static <T> List<Pair<T>> of(
      List<T> before, List<T> after, Function<T, String> id, Function<T, Optional<Food>> food) {
    BiPredicate<T, T> sameId = (a, b) -> id.apply(a).equals(id.apply(b));
    BiPredicate<T, T> sameFood = (a, b) -> same(food.apply(a), food.apply(b), Food::id);
    BiPredicate<T, T> sameRole = (a, b) -> same(food.apply(a), food.apply(b), Food::role);
    BiPredicate<T, T> noFood = (a, b) -> food.apply(a).isEmpty() && food.apply(b).isEmpty();
    List<T> free = new ArrayList<>(after);
    List<T> partners = new ArrayList<>();
    before.forEach(line -> partners.add(null));
    for (BiPredicate<T, T> rule :
        List.of(sameFood.and(sameId), sameFood, sameRole.and(sameId), sameRole, noFood)) {
      for (int i = 0; i < before.size(); i++) {
        if (partners.get(i) == null) {
          T line = before.get(i);
          Optional<T> match = free.stream().filter(b -> rule.test(line, b)).findFirst();
          match.ifPresent(free::remove);
          partners.set(i, match.orElse(null));
        }
      }
    }
    List<Pair<T>> pairs = new ArrayList<>();
    for (int i = 0; i < before.size(); i++) {
      pairs.add(new Pair<>(Optional.of(before.get(i)), Optional.ofNullable(partners.get(i))));
    }
    free.forEach(line -> pairs.add(new Pair<>(Optional.empty(), Optional.of(line))));
    return pairs;
  }

  private static <K> boolean same(Optional<Food> a, Optional<Food> b, Function<Food, K> key) {
    return a.isPresent() && b.isPresent() && key.apply(a.get()).equals(key.apply(b.get()));
  }
}
