package honeststack.core.compare;

import honeststack.core.estimate.Identity;
import honeststack.core.estimate.Identity.Aspect;
import honeststack.core.estimate.Identity.Field;
import honeststack.core.estimate.Identity.Line;
import honeststack.core.estimate.Identity.PerUse;
import honeststack.core.estimate.Identity.Pieces;
import honeststack.core.estimate.Identity.Shared;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.recipe.Finished;
import honeststack.core.recipe.MeasuredFood;
import honeststack.core.recipe.PanFat;
import honeststack.core.recipe.Plate;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.yield.Griddle;
import honeststack.core.yield.Outcome;
import honeststack.core.yield.Portion;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Which sources two readings share. What all batches share is always the same. In {@link
 * Mode#SAME_BOWL} the second one's untouched lines, pan and pieces are the first one's too; in
 * {@link Mode#TWO_BATCHES} nothing else is.
 */
final class Uses {
  private final Mode mode;

  /** The second reading's untouched lines, each with its counterpart in the first. */
  private final Map<String, String> untouched = new HashMap<>();

  private final Set<Field> fields = EnumSet.noneOf(Field.class);
  private boolean samePieces;
  private boolean sameLeftInPan;

  private Uses(Mode mode) {
    this.mode = mode;
  }

  /** Of each source of B its place in A's book; -1 where A has no such source. */
  static int[] places(RecipeReading a, RecipeReading b, Mode mode) {
    Uses uses = new Uses(mode);
    if (mode == Mode.SAME_BOWL) {
      uses.compare(a, b);
    }
    int[] places = new int[b.book().size()];
    for (int i = 0; i < places.length; i++) {
      places[i] = uses.inFirst(b.book().source(i).identity()).map(a.book()::place).orElse(-1);
    }
    return places;
  }

  private void compare(RecipeReading a, RecipeReading b) {
    add(a.batter(), b.batter());
    add(toppings(a), toppings(b));
    add(parts(a), parts(b));
    comparePans(a.panFats(), b.panFats());
    if (a.griddle().isPresent() && b.griddle().isPresent()) {
      Griddle before = a.griddle().get();
      Griddle after = b.griddle().get();
      samePieces = before.variation() == after.variation();
      if (before.left().value() == after.left().value()) {
        fields.addAll(List.of(Field.BATTER_LEFT, Field.SPILLED, Field.TASTED));
      }
      if (before.count() == after.count()) {
        fields.add(Field.PIECES);
      }
      compareOutcomes(a.outcome(), b.outcome());
    }
    if (weight(a).equals(weight(b))) {
      fields.add(Field.FINISHED_WEIGHT);
    }
  }

  private void comparePans(List<PanFat> before, List<PanFat> after) {
    add(before.stream().map(PanFat::in).toList(), after.stream().map(PanFat::in).toList());
    sameLeftInPan = before.size() == after.size();
    boolean sameTaken = before.size() == after.size();
    for (int i = 0; i < Math.min(before.size(), after.size()); i++) {
      PanFat x = before.get(i);
      PanFat y = after.get(i);
      sameLeftInPan &= same(x.in(), y.in()) && x.assumed() == y.assumed();
      sameTaken &= same(x.taken(), y.taken());
    }
    if (sameTaken) {
      fields.add(Field.PAN_FAT_LEFT);
    }
  }

  /** The same ladle, and a batter as airy as before; the same weight on the scale. */
  private void compareOutcomes(Outcome before, Outcome after) {
    fields.add(Field.AIR);
    fields.add(Field.COOKED);
    fields.add(Field.SERVING);
    Optional<String> x = before.portion().map(Portion::words);
    if (x.isPresent() && x.equals(after.portion().map(Portion::words))) {
      fields.add(Field.PORTION);
    }
  }

  private static Optional<Double> weight(RecipeReading reading) {
    return reading.finished().map(done -> done.weight().value());
  }

  private static List<MeasuredFood> toppings(RecipeReading reading) {
    return reading.plate().map(Plate::toppings).orElse(List.of());
  }

  private static List<MeasuredFood> parts(RecipeReading reading) {
    return reading.finished().map(Finished::parts).orElse(List.of());
  }

  private void add(List<MeasuredFood> before, List<MeasuredFood> after) {
    for (Pairing.Pair<MeasuredFood> pair : Pairing.of(before, after)) {
      if (pair.before().isPresent() && pair.after().isPresent()) {
        add(pair.before().get(), pair.after().get());
      }
    }
  }

  private void add(MeasuredFood before, MeasuredFood after) {
    if (same(before, after)) {
      untouched.put(after.id(), before.id());
    }
  }

  private static boolean same(MeasuredFood a, MeasuredFood b) {
    return a.food().id().equals(b.food().id())
        && a.mass().value() == b.mass().value()
        && a.mass().u() == b.mass().u();
  }

  /** What a source of the second reading is in the first; empty if it is not there. */
  private Optional<Identity> inFirst(Identity identity) {
    if (identity instanceof Shared) {
      return Optional.of(identity);
    }
    return mode == Mode.SAME_BOWL ? inFirst((PerUse) identity) : Optional.empty();
  }

  private Optional<Identity> inFirst(PerUse identity) {
    if (identity instanceof Pieces) {
      return samePieces ? Optional.of(identity) : Optional.empty();
    }
    Use use = (Use) identity;
    if (!use.batch().isEmpty()) {
      return Optional.of(use);
    }
    if (use.place() instanceof Line line) {
      boolean left = use.part().aspect() == Aspect.LEFT;
      return Optional.ofNullable(untouched.get(line.id()))
          .filter(id -> !left || sameLeftInPan)
          .map(use::at);
    }
    return fields.contains((Field) use.place()) ? Optional.of(use) : Optional.empty();
  }
}
