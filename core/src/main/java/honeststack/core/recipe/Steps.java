package honeststack.core.recipe;

import honeststack.core.estimate.Identity;
import honeststack.core.estimate.Identity.Aspect;
import honeststack.core.estimate.Identity.Field;
import honeststack.core.estimate.Identity.HouseholdWeight;
import honeststack.core.estimate.Identity.Line;
import honeststack.core.estimate.Identity.OwnWeight;
import honeststack.core.estimate.Identity.Pieces;
import honeststack.core.estimate.Identity.Place;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.estimate.SourceBook;
import honeststack.core.measure.Tables;
import honeststack.core.measure.Uncertainties.Way;
import honeststack.core.measure.Weights;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.RecipeReading.Step;
import honeststack.core.yield.Griddle;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What could be measured better. Weighing a food replaces what its cups, spoons or pieces add to u²
 * by what a scale adds; the composition of foods stays as doubtful as it is.
 */
final class Steps {
  private static final int NONE = -1;

  private record Draft(String words, double stays, List<Integer> sources) {}

  private final List<Draft> drafts = new ArrayList<>();
  private final Map<String, Integer> byLine = new HashMap<>();
  private final Map<String, Integer> byFood = new HashMap<>();
  private int pieces = NONE;
  private int leftInPan = NONE;
  private int counting = NONE;

  private Steps() {}

  static List<Step> of(
      Tables tables,
      List<LineReading> lines,
      Optional<Griddle> griddle,
      List<PanFat> panFats,
      SourceBook book) {
    Steps steps = new Steps();
    for (LineReading line : lines) {
      if (line instanceof Understood read && !read.remarks().off()) {
        steps.add(read, tables);
      }
    }
    griddle.ifPresent(g -> steps.add(g, tables));
    if (griddle.filter(Griddle::predicted).isPresent()) {
      steps.counting = steps.add("count what comes out", 0);
    }
    if (panFats.stream().anyMatch(PanFat::assumed)) {
      steps.leftInPan = steps.add("weigh the fat that stays in the pan", 0);
    }
    for (int place = 0; place < book.size(); place++) {
      int at = steps.stepOf(book.source(place).identity());
      if (at != NONE) {
        steps.drafts.get(at).sources().add(place);
      }
    }
    return steps.drafts.stream()
        .filter(draft -> !draft.sources().isEmpty())
        .map(draft -> new Step(draft.words(), draft.stays(), draft.sources()))
        .toList();
  }

  private int add(String words, double stays) {
    drafts.add(new Draft(words, stays, new ArrayList<>()));
    return drafts.size() - 1;
  }

  private void add(Understood line, Tables tables) {
    double mass = line.mass().value();
    double now = mass > 0 ? line.mass().u() / mass : 0;
    double weighed = Weights.weighedAnew(mass, tables);
    boolean onScale = line.said().weighed() && now <= 2 * weighed;
    if (onScale || now <= weighed) {
      return;
    }
    String where = line.station() == Station.PAN ? " for the pan" : "";
    int at =
        byFood.computeIfAbsent(
            line.food().id(),
            food -> add("weigh the " + line.food().name() + where, weighed / now));
    byLine.put(line.id(), at);
  }

  private void add(Griddle griddle, Tables tables) {
    double weighed = tables.uncertainties().of(Way.PIECES_WEIGHED).perUse();
    if (griddle.variation() > weighed) {
      pieces = add("weigh each portion of batter", weighed / griddle.variation());
    }
  }

  /** The step that a source belongs to; none where no measuring helps. */
  private int stepOf(Identity identity) {
    if (identity instanceof Use use && use.batch().isEmpty() && use.place() instanceof Line line) {
      return use.part().aspect() == Aspect.LEFT ? leftInPan : byLine.getOrDefault(line.id(), NONE);
    }
    if (identity instanceof Use use && isOfCount(use.place())) {
      return counting;
    }
    if (identity instanceof HouseholdWeight weight && weight.foodId().equals("batter")) {
      return weight.measure().startsWith("COOKED") ? NONE : counting;
    }
    if (identity instanceof HouseholdWeight weight) {
      return byFood.getOrDefault(weight.foodId(), NONE);
    }
    if (identity instanceof OwnWeight weight) {
      return byFood.getOrDefault(weight.foodId(), NONE);
    }
    return identity instanceof Pieces ? pieces : NONE;
  }

  private static boolean isOfCount(Place place) {
    return place == Field.PORTION || place == Field.AIR;
  }
}
