package honeststack.core.compare;

import honeststack.core.batter.MeasuredFood;
import honeststack.core.estimate.Source;
import honeststack.core.serving.Made;
import honeststack.core.serving.Plate;
import honeststack.core.yield.Griddle;
import honeststack.core.yield.PanFat;
import java.util.HashMap;
import java.util.Map;

/**
 * Which per-use sources two versions share. In {@link Mode#SAME_BOWL} the second version's
 * untouched lines, pan and pieces are the first one's; in {@link Mode#TWO_BATCHES} nothing is.
 */
final class Uses {
  private static final String USE = "use:";

  private final Mode mode;

  /** Identities of the second version's untouched lines, and of their counterparts in the first. */
  private final Map<String, String> untouched;

  private Uses(Mode mode, Map<String, String> untouched) {
    this.mode = mode;
    this.untouched = untouched;
  }

  static Uses of(Made a, Made b, Mode mode) {
    Map<String, String> untouched = new HashMap<>();
    if (mode == Mode.SAME_BOWL) {
      Pairing.of(a.batter().lines(), b.batter().lines()).forEach(p -> add(untouched, p));
      if (a.plate().isPresent() && b.plate().isPresent()) {
        Plate before = a.plate().get();
        Plate after = b.plate().get();
        Pairing.of(before.toppings(), after.toppings()).forEach(p -> add(untouched, p));
      }
      if (a.griddle().isPresent() && b.griddle().isPresent()) {
        add(untouched, a.griddle().get(), b.griddle().get());
      }
    }
    return new Uses(mode, untouched);
  }

  /** Pieces portioned alike, the same weight left in the bowl, the same fat in the pan. */
  private static void add(Map<String, String> untouched, Griddle a, Griddle b) {
    if (a.variation() == b.variation()) {
      untouched.put("griddle:pieces", "griddle:pieces");
    }
    if (a.left().value() == b.left().value()) {
      untouched.put("griddle.left", "griddle.left");
    }
    if (a.panFat().isPresent() && b.panFat().isPresent()) {
      PanFat before = a.panFat().get();
      PanFat after = b.panFat().get();
      if (same(before.in(), after.in())) {
        untouched.put(after.in().id(), before.in().id());
      }
      if (same(before.taken(), after.taken())) {
        untouched.put("griddle.panFatLeft", "griddle.panFatLeft");
      }
    }
  }

  private static void add(Map<String, String> untouched, Pairing.Pair<MeasuredFood> pair) {
    pair.before()
        .ifPresent(
            before ->
                pair.after()
                    .filter(after -> same(before, after))
                    .ifPresent(after -> untouched.put(after.id(), before.id())));
  }

  private static boolean same(MeasuredFood a, MeasuredFood b) {
    return a.food().id().equals(b.food().id())
        && a.mass().value() == b.mass().value()
        && a.mass().u() == b.mass().u();
  }

  /** The first version's sources stay as they are. */
  Source before(Source source) {
    return source;
  }

  Source after(Source source) {
    if (source.scope() == Source.Scope.SHARED) {
      return source;
    }
    if (!source.key().startsWith(USE)) { // of a preparation: one batch of it in both, or two
      return mode == Mode.SAME_BOWL ? source : source.keyed("after:" + source.key());
    }
    String use = source.key().substring(USE.length());
    for (Map.Entry<String, String> line : untouched.entrySet()) {
      String id = line.getKey();
      boolean whole = use.equals(id);
      boolean part = use.startsWith(id + ":");
      if (mode == Mode.SAME_BOWL && (whole || part)) {
        return source.keyed(USE + line.getValue() + use.substring(id.length()));
      }
    }
    return source.keyed(USE + "after:" + use);
  }
}
