package honeststack.app.larder;

import honeststack.core.food.Allergen;
import honeststack.core.food.Component;
import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure;
import honeststack.core.food.Packing;
import honeststack.core.food.Provenance;
import honeststack.core.food.Role;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.measure.Unit;
import jakarta.annotation.Nullable;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/foods")
class LarderController {
  private static final int MOST = 1000;
  private static final List<Unit> VESSELS = List.of(Unit.CUP, Unit.TABLESPOON, Unit.TEASPOON);

  private final Larder larder;

  LarderController(Larder larder) {
    this.larder = larder;
  }

  /** A food as the page shows it. */
  record FoodAnswer(
      String id,
      String name,
      Role role,
      List<String> allergens,
      int revision,
      List<ValueAnswer> per100g,
      List<MeasureAnswer> measures,
      List<String> names,
      Provenance provenance) {}

  /**
   * @param amount per 100 g; absent means unknown
   */
  record ValueAnswer(Component component, String words, String unit, @Nullable Double amount) {}

  /** A household measure and what it weighs. */
  record MeasureAnswer(String words, double grams) {}

  /**
   * Foods whose names come closest, best first; all of them where nothing is asked for.
   *
   * @param query a name, or part of one; typing errors are forgiven
   * @param role only foods of this role
   */
  @GetMapping
  List<FoodAnswer> foods(
      @RequestParam(defaultValue = "") String query,
      @RequestParam(required = false) Role role,
      @RequestParam(defaultValue = "20") int most) {
    int limit = Math.max(1, Math.min(most, MOST));
    Collection<Food> found = query.isBlank() ? larder.all() : larder.nearest(query, MOST);
    return found.stream()
        .filter(food -> role == null || food.role() == role)
        .limit(limit)
        .map(this::answer)
        .toList();
  }

  private FoodAnswer answer(Food food) {
    return new FoodAnswer(
        food.id(),
        food.name(),
        food.role(),
        food.allergens().stream().sorted().map(Allergen::words).toList(),
        food.composition().revision(),
        Arrays.stream(Component.values()).map(component -> value(food, component)).toList(),
        food.measures().stream().map(LarderController::measure).toList(),
        larder.names(food.id()),
        food.provenance());
  }

  private static ValueAnswer value(Food food, Component component) {
    return new ValueAnswer(
        component,
        component.words(),
        component.unit(),
        food.composition().knows(component)
            ? food.composition().value(component).getAsDouble()
            : null);
  }

  private static MeasureAnswer measure(HouseholdMeasure measure) {
    if (measure instanceof HouseholdMeasure.Piece piece) {
      return new MeasureAnswer(
          piece.size().isEmpty() ? "one piece" : "one, " + piece.size(), piece.grams());
    }
    HouseholdMeasure.Volume volume = (HouseholdMeasure.Volume) measure;
    String vessel =
        VESSELS.stream()
            .filter(unit -> MeasuringSystem.US.millilitres(unit) == volume.millilitres())
            .map(Unit::symbol)
            .findFirst()
            .orElse(volume.millilitres() + " mL");
    String packed =
        volume.packing() == Packing.NOT_SAID
            ? ""
            : ", " + volume.packing().name().toLowerCase(Locale.ROOT);
    return new MeasureAnswer("1 US " + vessel + packed, volume.grams());
  }
}
