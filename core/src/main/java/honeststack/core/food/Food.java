package honeststack.core.food;

import java.util.List;
import java.util.Objects;
import java.util.Set;

/**
 * Something with a composition.
 *
 * @param id stable identity, such as {@code rye-flour}
 * @param name for a reader
 * @param liquid poured rather than filled: measured by jug, indifferent to packing
 * @param measures what cups, spoons and pieces of it weigh
 */
public record Food(
    String id,
    String name,
    Role role,
    boolean liquid,
    Composition composition,
    List<HouseholdMeasure> measures,
    Facts facts,
    Provenance provenance) {

  public Food {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(name, "name");
    Objects.requireNonNull(role, "role");
    Objects.requireNonNull(composition, "composition");
    Objects.requireNonNull(provenance, "provenance");
    measures = List.copyOf(measures);
    Objects.requireNonNull(facts, "facts");
  }

  /** What it holds by its nature that some people must not eat. */
  public Set<Allergen> allergens() {
    return facts.allergens();
  }

  /** The same food with another doubt of food tables. */
  public Food doubted(Composition.TableDoubt doubt) {
    Composition doubted = composition.doubted(doubt);
    return doubted == composition ? this : with(doubted);
  }

  /** The same food with another revision of its composition. */
  public Food with(Composition other) {
    return new Food(id, name, role, liquid, other, measures, facts, provenance);
  }
}
