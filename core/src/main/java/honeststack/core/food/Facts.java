package honeststack.core.food;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/**
 * What allergies and diets ask of a food.
 *
 * @param allergens held by its nature, each with the groups that it belongs to
 * @param mayContain possible through contact in field, mill or kitchen; never complete
 * @param origins what it is made from; empty for not said
 * @param added what a maker put in beyond the food itself
 */
public record Facts(
    Set<Allergen> allergens, Set<Allergen> mayContain, Set<Origin> origins, Set<Added> added) {

  /** Nothing said. */
  public static final Facts NONE = new Facts(Set.of(), Set.of(), Set.of(), Set.of());

  public Facts {
    allergens = withGroups(allergens);
    mayContain = withGroups(mayContain);
    origins = inOrder(Origin.class, origins);
    added = inOrder(Added.class, added);
  }

  private static Set<Allergen> withGroups(Set<Allergen> named) {
    Set<Allergen> all = EnumSet.noneOf(Allergen.class);
    for (Allergen one : named) {
      all.add(one);
      all.addAll(one.groups());
    }
    return Collections.unmodifiableSet(all);
  }

  /** They are told in one order, whatever order they came in. */
  private static <E extends Enum<E>> Set<E> inOrder(Class<E> kind, Set<E> some) {
    Set<E> ordered = EnumSet.noneOf(kind);
    ordered.addAll(some);
    return Collections.unmodifiableSet(ordered);
  }

  /** Whether it neither holds nor may hold an allergen. */
  public boolean isWithout(Allergen allergen) {
    return !allergens.contains(allergen) && !mayContain.contains(allergen);
  }

  /** What holds for a mixture of foods: all that holds for any of them. */
  public Facts and(Facts other) {
    return new Facts(
        union(Allergen.class, allergens, other.allergens),
        union(Allergen.class, mayContain, other.mayContain),
        union(Origin.class, origins, other.origins),
        union(Added.class, added, other.added));
  }

  private static <E extends Enum<E>> Set<E> union(Class<E> kind, Set<E> a, Set<E> b) {
    Set<E> union = EnumSet.noneOf(kind);
    union.addAll(a);
    union.addAll(b);
    return union;
  }
}
