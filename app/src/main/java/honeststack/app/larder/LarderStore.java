package honeststack.app.larder;

import static honeststack.app.db.Tables.COMPOSITION;
import static honeststack.app.db.Tables.COMPOSITION_VALUE;
import static honeststack.app.db.Tables.FOOD;
import static org.jooq.impl.DSL.excluded;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.max;
import static org.jooq.impl.DSL.noCondition;
import static org.jooq.impl.DSL.select;

import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Facts;
import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.food.Provenance;
import honeststack.core.food.Role;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Foods and their composition revisions in the database. */
@Repository
public class LarderStore {
  private static final int AT_ONCE = 250; // a statement of a whole table would be too long

  private final DSLContext sql;
  private final JsonMapper json;

  LarderStore(DSLContext sql, JsonMapper json) {
    this.sql = sql;
    this.json = json;
  }

  /** The same on a connection of its own, before the application has any. */
  public static LarderStore on(DSLContext sql, JsonMapper json) {
    return new LarderStore(sql, json);
  }

  /**
   * All foods as they are stored, whatever ships now; read from a database of any age, which may
   * not number its changes yet.
   */
  public Foods stored() {
    return LarderState.of(newest(noCondition(), inline(0L)).values(), (name, most) -> List.of());
  }

  /**
   * Brings the database up to the foods that ship, except those that were edited here: a new food
   * gets revision 1, a changed composition the next revision.
   *
   * @param change the number of this change
   */
  void sync(long change) {
    Map<String, LarderEntry> stored = newest(noCondition(), FOOD.CHANGED);
    List<LarderEntry> changed = new ArrayList<>();
    for (LarderEntry shipped : LarderFiles.entries()) {
      String id = shipped.food().id();
      LarderEntry known = stored.remove(id);
      LarderEntry current = known != null && known.own() ? known : revised(shipped, known);
      if (current != known && !(known != null && alike(known, current))) {
        changed.add(current);
      }
    }
    keep(changed, change);
  }

  /**
   * What became of the larder.
   *
   * @param entries foods as they now are
   * @param gone foods that were taken out
   */
  record Changed(Collection<LarderEntry> entries, List<String> gone) {}

  /** All that changed after a change. */
  Changed since(long change) {
    return new Changed(
        newest(FOOD.CHANGED.gt(change), FOOD.CHANGED).values(),
        sql.select(FOOD.ID)
            .from(FOOD)
            .where(FOOD.BODY.isNull())
            .and(FOOD.CHANGED.gt(change))
            .fetch(FOOD.ID));
  }

  /** All foods, each at its newest composition. */
  Collection<LarderEntry> all() {
    return newest(noCondition(), FOOD.CHANGED).values();
  }

  private LarderEntry revised(LarderEntry shipped, LarderEntry known) {
    Composition now = shipped.food().composition();
    int revision = latest(shipped.food().id(), known);
    if (known != null && same(known.food().composition(), now)) {
      return shipped.with(known.food().composition());
    }
    return shipped.with(
        Composition.of(
            shipped.food().id(),
            shipped.food().name(),
            revision + 1,
            now.doubtFactor(),
            now.values(),
            now.doubts()));
  }

  /**
   * The newest stored revision; 0 for none. Foods stored without a body are not in {@code known}.
   */
  private int latest(String id, LarderEntry known) {
    if (known != null) {
      return known.food().composition().revision();
    }
    Integer last =
        sql.select(max(COMPOSITION.REVISION))
            .from(COMPOSITION)
            .where(COMPOSITION.FOOD_ID.eq(id))
            .fetchOne(max(COMPOSITION.REVISION));
    return last == null ? 0 : last;
  }

  private Map<String, LarderEntry> newest(Condition which, Field<Long> change) {
    Condition newest =
        COMPOSITION.REVISION.eq(
            select(max(COMPOSITION.as("later").REVISION))
                .from(COMPOSITION.as("later"))
                .where(COMPOSITION.as("later").FOOD_ID.eq(COMPOSITION.FOOD_ID)));
    Map<String, Composition> compositions = new HashMap<>();
    compositions(newest.and(which))
        .forEach((key, composition) -> compositions.put(key.foodId(), composition));
    Map<String, LarderEntry> entries = new LinkedHashMap<>();
    sql.select(FOOD.ID, FOOD.NAME, FOOD.BODY, FOOD.OWN, change)
        .from(FOOD)
        .where(FOOD.BODY.isNotNull())
        .and(which)
        .orderBy(FOOD.NAME)
        .forEach(
            row ->
                entries.put(
                    row.value1(),
                    json.readValue(row.value3(), FoodBody.class)
                        .entry(
                            row.value1(),
                            row.value2(),
                            row.value4(),
                            compositions.get(row.value1()),
                            row.value5())));
    return entries;
  }

  /** A composition revision's identity. */
  public record Key(String foodId, int revision) {}

  private Map<Key, Composition> compositions(Condition which) {
    Map<Key, Map<Component, Double>> values = new HashMap<>();
    Map<Key, Map<Component, Double>> doubts = new HashMap<>();
    Map<Key, Double> factors = new LinkedHashMap<>();
    Map<String, String> names = new HashMap<>();
    sql.select(
            COMPOSITION.FOOD_ID,
            COMPOSITION.REVISION,
            COMPOSITION.DOUBT,
            FOOD.NAME,
            COMPOSITION_VALUE.COMPONENT,
            COMPOSITION_VALUE.AMOUNT,
            COMPOSITION_VALUE.U)
        .from(COMPOSITION)
        .join(FOOD)
        .on(FOOD.ID.eq(COMPOSITION.FOOD_ID))
        .leftJoin(COMPOSITION_VALUE)
        .on(COMPOSITION_VALUE.FOOD_ID.eq(COMPOSITION.FOOD_ID))
        .and(COMPOSITION_VALUE.REVISION.eq(COMPOSITION.REVISION))
        .where(which)
        .forEach(
            row -> {
              Key key = new Key(row.value1(), row.value2());
              factors.put(key, row.value3());
              names.put(row.value1(), row.value4());
              if (row.value5() != null) {
                Component component = Component.valueOf(row.value5());
                of(values, key).put(component, row.value6());
                if (row.value7() != null) {
                  of(doubts, key).put(component, row.value7());
                }
              }
            });
    Map<Key, Composition> compositions = new HashMap<>();
    factors.forEach(
        (key, factor) ->
            compositions.put(
                key,
                Composition.of(
                    key.foodId(),
                    names.get(key.foodId()),
                    key.revision(),
                    factor,
                    of(values, key),
                    of(doubts, key))));
    return compositions;
  }

  private static Map<Component, Double> of(Map<Key, Map<Component, Double>> maps, Key key) {
    return maps.computeIfAbsent(key, k -> new EnumMap<>(Component.class));
  }

  /** Foods at given revisions; a food of which only the name is left keeps it. */
  @Transactional(readOnly = true)
  public Map<Key, Food> foodsAt(Collection<Key> keys) {
    List<String> ids = keys.stream().map(Key::foodId).toList();
    Map<Key, Composition> compositions = compositions(COMPOSITION.FOOD_ID.in(ids));
    Map<String, Food> foods = new HashMap<>();
    sql.select(FOOD.ID, FOOD.NAME, FOOD.BODY)
        .from(FOOD)
        .where(FOOD.ID.in(ids))
        .forEach(row -> foods.put(row.value1(), food(row.value1(), row.value2(), row.value3())));
    Map<Key, Food> found = new HashMap<>();
    keys.forEach(key -> found.put(key, foods.get(key.foodId()).with(compositions.get(key))));
    return found;
  }

  private Food food(String id, String name, String body) {
    Composition nothing = Composition.of(id, name, 1, 1, Map.of());
    return body == null
        ? new Food(
            id,
            name,
            Role.ADD_IN,
            false,
            nothing,
            List.of(),
            Facts.NONE,
            new Provenance("no longer in the larder", "", Provenance.Mark.OWN, ""))
        : json.readValue(body, FoodBody.class).entry(id, name, true, nothing, 0).food();
  }

  /** Takes a food out of the larder; its name and compositions stay for versions kept with them. */
  void remove(String id, long change) {
    sql.update(FOOD).setNull(FOOD.BODY).set(FOOD.CHANGED, change).where(FOOD.ID.eq(id)).execute();
  }

  /** The last composition revisions of foods that were taken out. */
  @Transactional(readOnly = true)
  Map<String, Integer> goneAt() {
    return sql.select(COMPOSITION.FOOD_ID, max(COMPOSITION.REVISION))
        .from(COMPOSITION)
        .join(FOOD)
        .on(FOOD.ID.eq(COMPOSITION.FOOD_ID))
        .where(FOOD.BODY.isNull())
        .groupBy(COMPOSITION.FOOD_ID)
        .fetchMap(COMPOSITION.FOOD_ID, max(COMPOSITION.REVISION));
  }

  /** Whether two compositions hold the same; their revisions may differ. */
  static boolean same(Composition a, Composition b) {
    return a.doubtFactor() == b.doubtFactor()
        && a.values().equals(b.values())
        && a.doubts().equals(b.doubts());
  }

  /** Whether two entries say the same of a food, whoever entered them. */
  static boolean alike(LarderEntry a, LarderEntry b) {
    return a.food().name().equals(b.food().name())
        && same(a.food().composition(), b.food().composition())
        && FoodBody.of(a).asInFile().equals(FoodBody.of(b).asInFile());
  }

  /** Keeps foods as they now are; a composition revision that is there already stays untouched. */
  void keep(Collection<LarderEntry> entries, long change) {
    List<LarderEntry> all = List.copyOf(entries);
    for (int i = 0; i < all.size(); i += AT_ONCE) {
      keepFew(all.subList(i, Math.min(all.size(), i + AT_ONCE)), change);
    }
  }

  private void keepFew(List<LarderEntry> entries, long change) {
    var foods = sql.insertInto(FOOD, FOOD.ID, FOOD.NAME, FOOD.BODY, FOOD.OWN, FOOD.CHANGED);
    var compositions =
        sql.insertInto(COMPOSITION, COMPOSITION.FOOD_ID, COMPOSITION.REVISION, COMPOSITION.DOUBT);
    var values =
        sql.insertInto(
            COMPOSITION_VALUE,
            COMPOSITION_VALUE.FOOD_ID,
            COMPOSITION_VALUE.REVISION,
            COMPOSITION_VALUE.COMPONENT,
            COMPOSITION_VALUE.AMOUNT,
            COMPOSITION_VALUE.U);
    Set<Key> there = revisions(entries);
    boolean anyNew = false;
    boolean anyValue = false;
    for (LarderEntry entry : entries) {
      Food food = entry.food();
      Composition composition = food.composition();
      foods.values(
          food.id(), food.name(), json.writeValueAsString(FoodBody.of(entry)), entry.own(), change);
      if (there.contains(new Key(food.id(), composition.revision()))) {
        continue;
      }
      anyNew = true;
      compositions.values(food.id(), composition.revision(), composition.doubtFactor());
      Map<Component, Double> doubts = composition.doubts();
      for (Map.Entry<Component, Double> value : composition.values().entrySet()) {
        anyValue = true;
        values.values(
            food.id(),
            composition.revision(),
            value.getKey().name(),
            value.getValue(),
            doubts.get(value.getKey()));
      }
    }
    foods
        .onDuplicateKeyUpdate()
        .set(FOOD.NAME, excluded(FOOD.NAME))
        .set(FOOD.BODY, excluded(FOOD.BODY))
        .set(FOOD.OWN, excluded(FOOD.OWN))
        .set(FOOD.CHANGED, excluded(FOOD.CHANGED))
        .execute();
    if (anyNew) {
      compositions.execute();
    }
    if (anyValue) {
      values.execute();
    }
  }

  private Set<Key> revisions(Collection<LarderEntry> entries) {
    Set<Key> there = new HashSet<>();
    sql.select(COMPOSITION.FOOD_ID, COMPOSITION.REVISION)
        .from(COMPOSITION)
        .where(COMPOSITION.FOOD_ID.in(entries.stream().map(e -> e.food().id()).toList()))
        .forEach(row -> there.add(new Key(row.value1(), row.value2())));
    return there;
  }
}
