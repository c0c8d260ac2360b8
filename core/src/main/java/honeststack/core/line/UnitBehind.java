package honeststack.core.line;

import honeststack.core.food.Packing;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Measure.Heap;
import honeststack.core.measure.Unit;
import java.util.List;
import java.util.Optional;

/** Finds the unit of a number, and how far the amount reaches: "150 g to 200 g". */
final class UnitBehind {
  private static final int FURTHEST = 3;

  private final List<Token> tokens;
  private final Quantities quantities;

  UnitBehind(List<Token> tokens, Quantities quantities) {
    this.tokens = tokens;
    this.quantities = quantities;
  }

  /** "150 g to 200 g", "a spoon or two of": a range. */
  Found orMore(int from, Found low) {
    int to = quantities.upTo(from, low.next());
    Measure first = low.measure();
    Optional<Quantity> number = to == 0 ? Optional.empty() : quantities.at(to);
    if (number.isEmpty()
        || first.halfRange() > 0
        || number.get().halfRange() > 0
        || number.get().amount() <= first.amount()) {
      return low;
    }
    int end = number.get().next();
    Optional<Found> second = unit(number.get());
    if (second.isPresent()) {
      boolean same = second.get().measure().unit() == first.unit();
      return same ? range(first, number.get(), second.get().next()) : low;
    }
    boolean few = word(to, "two", "three") && word(to - 1, "or") && first.amount() == 1;
    boolean one = few && !(end < tokens.size() && tokens.get(end).low().endsWith("s"));
    return one ? range(first, number.get(), end) : low;
  }

  private static Found range(Measure low, Quantity high, int next) {
    Quantity both =
        new Quantity(
            (low.amount() + high.amount()) / 2,
            (high.amount() - low.amount()) / 2,
            Math.max(low.decimals(), high.decimals()),
            next);
    return new Found(both.measure(low.unit(), low.packing(), low.heap(), low.size()), false, next);
  }

  /** The unit after a number, with the words between that say how full it was. */
  Optional<Found> unit(Quantity quantity) {
    int from = quantity.next();
    for (int i = from; i < tokens.size() && i <= from + FURTHEST; i++) {
      Optional<UnitWords.Found> unit = UnitWords.at(tokens, i);
      if (unit.isPresent()) {
        Unit found = unit.get().unit();
        Heap heap = Heap.LEVEL;
        Packing packing = Packing.NOT_SAID;
        double bigness = 1;
        for (Token word : tokens.subList(from, i)) {
          if (found.kind() == Unit.Kind.VAGUE && UnitWords.BIGNESS.containsKey(word.low())) {
            bigness = UnitWords.BIGNESS.get(word.low());
          } else {
            heap = LineWords.HEAPS.getOrDefault(word.low(), heap);
            packing = LineWords.PACKINGS.getOrDefault(word.low(), packing);
          }
        }
        Optional<Quantity> part = quantities.andPart(unit.get().next());
        Measure measure =
            part.map(p -> new Quantity(quantity.amount() + p.amount(), 0, 0, p.next()))
                .orElse(quantity)
                .measure(found, packing, heap, "")
                .times(bigness);
        return Optional.of(
            new Found(measure, false, part.map(Quantity::next).orElse(unit.get().next())));
      }
      if (!isBefore(tokens.get(i).low())) {
        return Optional.empty();
      }
    }
    return Optional.empty();
  }

  private static boolean isBefore(String word) {
    return LineWords.HEAPS.containsKey(word)
        || LineWords.PACKINGS.containsKey(word)
        || UnitWords.BIGNESS.containsKey(word)
        || LineWords.ABOUT.contains(word)
        || LineWords.BEFORE_UNIT.contains(word);
  }

  private boolean word(int i, String... words) {
    return i < tokens.size() && tokens.get(i).isWord(words);
  }
}
