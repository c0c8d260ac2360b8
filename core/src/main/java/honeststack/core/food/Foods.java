package honeststack.core.food;

import java.util.List;
import java.util.Optional;

/** Where foods are looked up. Implemented outside the core. */
public interface Foods {

  Optional<Food> byId(String id);

  /** The food that goes by exactly this name, whatever its case, plural or word order. */
  Optional<Named> byName(String name);

  /**
   * The foods that a word for a kind may mean ("berries", "syrup"), the most usual first; empty if
   * it is no such word.
   */
  default List<Food> kind(String name) {
    return List.of();
  }

  /**
   * Whether a word may be part of some food's name, or of a word for a kind; true where nobody
   * knows. Names with a word that is part of none need not be looked for.
   */
  default boolean isInNames(String word) {
    return true;
  }

  /** The word of some food's name that a misspelt one is nearest to; empty if it is none's. */
  default Optional<String> spelt(String word) {
    return Optional.empty();
  }

  /** Foods whose names come closest, best first. */
  List<Food> nearest(String name, int most);

  /**
   * A food found by name.
   *
   * @param general the name is a general one ("milk") that was taken for this food
   */
  record Named(Food food, boolean general) {}
}
