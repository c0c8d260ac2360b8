package honeststack.core.food;

import java.util.List;
import java.util.Optional;

/** Where foods are looked up. Implemented outside the core. */
public interface Foods {

  Optional<Food> byId(String id);

  /** The food that goes by exactly this name, whatever its case, plural or word order. */
  Optional<Named> byName(String name);

  /** Foods whose names come closest, best first. */
  List<Food> nearest(String name, int most);

  /**
   * A food found by name.
   *
   * @param general the name is a general one ("milk") that was taken for this food
   */
  record Named(Food food, boolean general) {}
}
