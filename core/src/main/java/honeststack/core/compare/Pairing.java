package honeststack.core.compare;

import honeststack.core.batter.MeasuredFood;
import honeststack.core.food.Food;
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
    return of(before, after, MeasuredFood::id, MeasuredFood::food);
  }

  /** Pairs in the order of the lines before, those that are new at the end. */
  static <T> List<Pair<T>> of(
      List<T> before, List<T> after, Function<T, String> id, Function<T, Food> food) {
    BiPredicate<T, T> sameId = (a, b) -> id.apply(a).equals(id.apply(b));
    BiPredicate<T, T> sameFood = (a, b) -> food.apply(a).id().equals(food.apply(b).id());
    BiPredicate<T, T> sameRole = (a, b) -> food.apply(a).role() == food.apply(b).role();
    List<T> free = new ArrayList<>(after);
    List<T> partners = new ArrayList<>();
    before.forEach(line -> partners.add(null));
    for (BiPredicate<T, T> rule :
        List.of(sameFood.and(sameId), sameFood, sameRole.and(sameId), sameRole)) {
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
}
