package honeststack.app.larder;

import honeststack.core.food.Composition;
import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/**
 * The foods, in memory: figures go on while the database is away. Each food is at its newest
 * composition revision. Readers see one state or the next, never half of a change.
 */
public final class Larder implements Foods {
  private final FoodSearch search = new FoodSearch();
  private final Map<String, Integer> uses = new ConcurrentHashMap<>();
  private volatile State state = new State(Map.of(), Map.of());

  /** Entries by identity, foods by every name in its normal form. */
  private record State(Map<String, LarderEntry> byId, Map<String, Named> byName) {

    /** Of a name that two foods go by, the one that was entered here keeps it. */
    static State of(Collection<LarderEntry> entries) {
      Map<String, LarderEntry> byId = new LinkedHashMap<>();
      Map<String, Named> byName = new HashMap<>();
      entries.forEach(entry -> byId.put(entry.food().id(), entry));
      Stream.concat(
              entries.stream().filter(entry -> !entry.own()),
              entries.stream().filter(LarderEntry::own))
          .forEach(entry -> named(entry).forEach(byName::put));
      return new State(byId, byName);
    }
  }

  Larder(Collection<LarderEntry> entries) {
    state = State.of(entries);
    index(entries);
  }

  /** The larder as it ships, without a database. */
  public static Larder reference() {
    return reference(Map.of());
  }

  /** The same larder with other composition revisions, by food. */
  public static Larder reference(Map<String, Composition> newest) {
    return new Larder(
        LarderFiles.entries().stream()
            .map(e -> e.with(newest.getOrDefault(e.food().id(), e.food().composition())))
            .toList());
  }

  /** Two foods would go by one name. */
  static final class NameTakenException extends RuntimeException {
    final String name;
    final Food holder;

    NameTakenException(String name, Food holder) {
      super("“" + name + "” is already a name of " + holder.name() + " (" + holder.id() + ").");
      this.name = name;
      this.holder = holder;
    }
  }

  /**
   * Puts foods in, in place of those with the same identity; all of them or none.
   *
   * @throws NameTakenException if a name belongs to another food
   */
  synchronized void put(Collection<LarderEntry> entries) {
    State next = with(entries);
    index(entries);
    state = next;
  }

  /** Takes a food out; one that is not there stays so. */
  synchronized void remove(String id) {
    Map<String, LarderEntry> byId = new LinkedHashMap<>(state.byId);
    byId.remove(id);
    search.put(Map.of(id, List.of()));
    state = State.of(byId.values());
  }

  private void index(Collection<LarderEntry> entries) {
    Map<String, List<String>> names = new LinkedHashMap<>();
    entries.forEach(entry -> names.put(entry.food().id(), names(entry)));
    search.put(names);
  }

  /**
   * Whether foods could be put in.
   *
   * @throws NameTakenException if a name belongs to another food
   */
  synchronized void check(Collection<LarderEntry> entries) {
    with(entries);
  }

  private State with(Collection<LarderEntry> entries) {
    Map<String, LarderEntry> byId = new LinkedHashMap<>(state.byId);
    Map<String, Named> byName = new HashMap<>(state.byName);
    Set<String> freed = new HashSet<>();
    for (LarderEntry entry : entries) {
      LarderEntry before = byId.put(entry.food().id(), entry);
      if (before != null) {
        named(before).keySet().stream()
            .filter(name -> isHeldBy(before, byName.get(name)))
            .forEach(freed::add);
      }
    }
    byName.keySet().removeAll(freed);
    for (LarderEntry entry : entries) {
      named(entry)
          .forEach(
              (name, named) -> {
                Named holder = byName.put(name, named);
                if (holder != null && !holder.food().id().equals(named.food().id())) {
                  throw new NameTakenException(written(entry, name), holder.food());
                }
              });
    }
    freed.removeAll(byName.keySet());
    if (!freed.isEmpty()) { // another food may go by them that had to stand back
      byId.values().forEach(entry -> named(entry).forEach(byName::putIfAbsent));
    }
    return new State(byId, byName);
  }

  private static boolean isHeldBy(LarderEntry entry, Named holder) {
    return holder != null && holder.food().id().equals(entry.food().id());
  }

  /** What a food is called, in its normal form. */
  private static Map<String, Named> named(LarderEntry entry) {
    Map<String, Named> named = new LinkedHashMap<>();
    for (LarderEntry.Name name : entry.names()) {
      named.put(FoodNames.normal(name.name()), new Named(entry.food(), name.general()));
    }
    named.put(FoodNames.normal(entry.food().name()), new Named(entry.food(), false));
    return named;
  }

  private static String written(LarderEntry entry, String normal) {
    return names(entry).stream()
        .filter(name -> FoodNames.normal(name).equals(normal))
        .findFirst()
        .orElse(normal);
  }

  /** Counts a use of foods: more used ones are found first. */
  public void used(Map<String, Integer> times) {
    times.forEach((food, n) -> uses.merge(food, n, Integer::sum));
  }

  Collection<LarderEntry> entries() {
    return state.byId.values();
  }

  public List<Food> all() {
    return entries().stream().map(LarderEntry::food).toList();
  }

  Optional<LarderEntry> entry(String id) {
    return Optional.ofNullable(state.byId.get(id));
  }

  /** What a food is called: synonyms first, its own name last. */
  static List<String> names(LarderEntry entry) {
    List<String> names = new ArrayList<>();
    entry.names().forEach(name -> names.add(name.name()));
    names.add(entry.food().name());
    return names;
  }

  @Override
  public Optional<Food> byId(String id) {
    return entry(id).map(LarderEntry::food);
  }

  @Override
  public Optional<Named> byName(String name) {
    return Optional.ofNullable(state.byName.get(FoodNames.normal(name)));
  }

  @Override
  public List<Food> nearest(String name, int most) {
    Map<String, LarderEntry> byId = state.byId;
    return search.nearest(name, most, food -> uses.getOrDefault(food, 0)).stream()
        .map(byId::get)
        .filter(Objects::nonNull)
        .map(LarderEntry::food)
        .toList();
  }
}
