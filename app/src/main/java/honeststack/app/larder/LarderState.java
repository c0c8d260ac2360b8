package honeststack.app.larder;

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

/** All foods of one moment, each at its newest composition revision. Immutable. */
final class LarderState implements Foods {
  private static final int FEW = 30;
  private static final int MOST_REMEMBERED = 500;

  /** When so many names are kept they are forgotten: the usual ones soon come back. */
  private static final int MOST_NAMES = 4096;

  private static final int LONGEST_REMEMBERED = 100;

  private final Map<String, LarderEntry> byId;
  private final Map<String, Named> byName;
  private final Nearest nearest;
  private final Map<Asked, List<Food>> looked = new ConcurrentHashMap<>();
  private final Map<String, Optional<Named>> asked = new ConcurrentHashMap<>();

  /** Made when the first misspelt word is met. */
  private volatile Spelling spelling;

  /** Made when the first text is read. */
  private volatile NameWords words;

  /** While a cook types, the same unknown words are asked for again and again. */
  private record Asked(String name, int most) {}

  /** Identities of the foods whose names come closest; may name foods that are not here. */
  interface Nearest {
    List<String> to(String name, int most);
  }

  private LarderState(Map<String, LarderEntry> byId, Map<String, Named> byName, Nearest nearest) {
    this.byId = byId;
    this.byName = byName;
    this.nearest = nearest;
  }

  /** Of a name that two foods go by, the one that was entered here keeps it. */
  static LarderState of(Collection<LarderEntry> entries, Nearest nearest) {
    Map<String, LarderEntry> byId = new LinkedHashMap<>();
    Map<String, Named> byName = new HashMap<>();
    entries.forEach(entry -> byId.put(entry.food().id(), entry));
    Stream.concat(
            entries.stream().filter(entry -> !entry.own()),
            entries.stream().filter(LarderEntry::own))
        .forEach(entry -> named(entry).forEach(byName::put));
    return new LarderState(byId, byName, nearest);
  }

  /**
   * The same with these foods, in place of those with the same identity.
   *
   * @throws NameTakenException if a name belongs to another food
   */
  LarderState with(Collection<LarderEntry> entries) {
    Map<String, LarderEntry> ids = new LinkedHashMap<>(byId);
    Map<String, Named> names = new HashMap<>(byName);
    Set<String> freed = new HashSet<>();
    for (LarderEntry entry : entries) {
      LarderEntry before = ids.put(entry.food().id(), entry);
      if (before != null) {
        named(before).keySet().stream()
            .filter(name -> isHeldBy(before, names.get(name)))
            .forEach(freed::add);
      }
    }
    names.keySet().removeAll(freed);
    for (LarderEntry entry : entries) {
      named(entry).forEach((name, named) -> take(names, entry, name, named));
    }
    freed.removeAll(names.keySet());
    if (!freed.isEmpty()) { // another food may go by them that had to stand back
      ids.values().forEach(entry -> named(entry).forEach(names::putIfAbsent));
    }
    return new LarderState(ids, names, nearest);
  }

  private static void take(Map<String, Named> names, LarderEntry entry, String name, Named named) {
    Named holder = names.put(name, named);
    if (holder != null && !holder.food().id().equals(named.food().id())) {
      throw new NameTakenException(written(entry, name), holder.food());
    }
  }

  private static boolean isHeldBy(LarderEntry entry, Named holder) {
    return holder != null && holder.food().id().equals(entry.food().id());
  }

  LarderState without(String id) {
    List<LarderEntry> left = new ArrayList<>(byId.values());
    left.removeIf(entry -> entry.food().id().equals(id));
    return of(left, nearest);
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
    return entry.allNames().stream()
        .filter(name -> FoodNames.normal(name).equals(normal))
        .findFirst()
        .orElse(normal);
  }

  Collection<LarderEntry> entries() {
    return byId.values();
  }

  Optional<LarderEntry> entry(String id) {
    return Optional.ofNullable(byId.get(id));
  }

  @Override
  public Optional<Food> byId(String id) {
    return entry(id).map(LarderEntry::food);
  }

  /** The words of a text are asked for whenever it is read again, and most of them are no names. */
  @Override
  public Optional<Named> byName(String name) {
    Optional<Named> known = asked.get(name);
    if (known != null) {
      return known;
    }
    Optional<Named> found = find(name);
    if (asked.size() >= MOST_NAMES) {
      asked.clear();
    }
    if (name.length() <= LONGEST_REMEMBERED) {
      asked.put(name, found);
    }
    return found;
  }

  private Optional<Named> find(String name) {
    String normal = FoodNames.normal(name);
    Named found = byName.get(normal);
    found = found != null ? found : byName.get(FoodNames.apart(normal));
    return Optional.ofNullable(found)
        .or(
            () ->
                FatWords.others(normal).stream()
                    .map(byName::get)
                    .filter(Objects::nonNull)
                    .findFirst())
        .or(() -> FatShares.of(name).flatMap(this::meant));
  }

  private Optional<Named> meant(FatShares.Meant share) {
    return share.food().isEmpty()
        ? byName(share.name())
        : share.food().flatMap(this::byId).map(food -> new Named(food, true)); // about as much
  }

  @Override
  public List<Food> kind(String name) {
    return LarderFiles.kinds().getOrDefault(FoodNames.normal(name), List.of()).stream()
        .map(byId::get)
        .filter(Objects::nonNull)
        .map(LarderEntry::food)
        .toList();
  }

  @Override
  public boolean isInNames(String word) {
    NameWords now = words;
    if (now == null) {
      now = NameWords.of(byName.keySet()).with(LarderFiles.kinds().keySet());
      words = now;
    }
    return now.isIn(word);
  }

  @Override
  public Optional<String> spelt(String word) {
    Spelling now = spelling;
    if (now == null) {
      now = Spelling.of(byName.keySet());
      spelling = now;
    }
    return now.nearest(FoodNames.plain(word));
  }

  @Override
  public List<Food> nearest(String name, int most) {
    if (most > FEW || looked.size() > MOST_REMEMBERED) {
      return look(name, most);
    }
    return looked.computeIfAbsent(new Asked(name, most), asked -> look(name, most));
  }

  private List<Food> look(String name, int most) {
    return nearest.to(name, most).stream()
        .map(byId::get)
        .filter(Objects::nonNull)
        .map(LarderEntry::food)
        .toList();
  }
}
