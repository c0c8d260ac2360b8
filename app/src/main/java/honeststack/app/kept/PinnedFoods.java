package honeststack.app.kept;

import honeststack.app.doubt.ShippedTables;
import honeststack.app.draft.Draft;
import honeststack.app.draft.Draft.DraftGriddle;
import honeststack.app.draft.Draft.DraftLine;
import honeststack.app.draft.Draft.DraftPlate;
import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.recipe.Kitchen;
import honeststack.core.recipe.MeasuredFood;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Reads the lines of a draft with the foods that were pinned for them. */
final class PinnedFoods {
  private PinnedFoods() {}

  /** Knows the foods that were pinned, whatever they are called now. */
  static Kitchen kitchen(Map<String, MeasuredFood> byLine, Foods foods) {
    Map<String, Food> known = new HashMap<>();
    byLine.values().forEach(line -> known.put(line.food().id(), line.food()));
    return Kitchen.of(new PinnedFirst(known, foods), ShippedTables.read());
  }

  /** The draft with the foods of its lines picked. */
  static Draft picked(Draft draft, Map<String, MeasuredFood> byLine) {
    return new Draft(
        draft.kind(),
        draft.system(),
        draft.bowl().stream().map(line -> picked(line, byLine)).toList(),
        new DraftGriddle(
            draft.griddle().pieces(),
            draft.griddle().discarded(),
            draft.griddle().portioning(),
            draft.griddle().left(),
            picked(draft.griddle().panFat(), byLine),
            draft.griddle().panFatLeft()),
        new DraftPlate(
            draft.plate().pieces(),
            draft.plate().toppings().stream().map(line -> picked(line, byLine)).toList()),
        draft.goalSetId(),
        draft.preparation());
  }

  private static DraftLine picked(DraftLine line, Map<String, MeasuredFood> byLine) {
    MeasuredFood then = byLine.get(line.id());
    return then == null
        ? line
        : new DraftLine(
            line.id(),
            line.text(),
            then.food().id(),
            line.strained(),
            line.off(),
            line.shared(),
            line.adjustments());
  }

  private record PinnedFirst(Map<String, Food> pinned, Foods foods) implements Foods {
    @Override
    public Optional<Food> byId(String id) {
      return Optional.ofNullable(pinned.get(id)).or(() -> foods.byId(id));
    }

    @Override
    public Optional<Named> byName(String name) {
      return foods.byName(name);
    }

    @Override
    public List<Food> nearest(String name, int most) {
      return List.of();
    }
  }
}
