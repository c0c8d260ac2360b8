package honeststack.app.larder;

import honeststack.core.food.Allergen;
import honeststack.core.food.Component;
import honeststack.core.food.Food;
import honeststack.core.food.Provenance;
import honeststack.core.food.Role;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/foods")
class LarderController {
  private static final int MOST = 100;

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
      Map<Component, Double> per100g,
      Provenance provenance) {
    static FoodAnswer of(Food food) {
      return new FoodAnswer(
          food.id(),
          food.name(),
          food.role(),
          food.allergens().stream().sorted().map(Allergen::words).collect(Collectors.toList()),
          food.composition().values(),
          food.provenance());
    }
  }

  @GetMapping
  List<FoodAnswer> foods(
      @RequestParam(defaultValue = "") String query, @RequestParam(defaultValue = "20") int most) {
    int limit = Math.max(1, Math.min(most, MOST));
    if (query.isBlank()) {
      return larder.all().stream().limit(limit).map(FoodAnswer::of).toList();
    }
    return larder.nearest(query, limit).stream().map(FoodAnswer::of).toList();
  }
}
