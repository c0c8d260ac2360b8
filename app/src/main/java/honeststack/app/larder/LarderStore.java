package honeststack.app.larder;

import static honeststack.app.db.Tables.COMPOSITION;
import static honeststack.app.db.Tables.COMPOSITION_VALUE;
import static honeststack.app.db.Tables.FOOD;
import static org.jooq.impl.DSL.max;

import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Food;
import honeststack.core.food.Provenance;
import honeststack.core.food.Role;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Foods and their composition revisions in the database. */
@Repository
public class LarderStore {
  private final DSLContext sql;
  private final Map<String, Food> shipped = new HashMap<>();

  LarderStore(DSLContext sql) {
    this.sql = sql;
    LarderFiles.foods().forEach(food -> shipped.put(food.id(), food));
  }

  /**
   * Brings the database up to the foods that ship: a new food gets revision 1, a changed
   * composition the next revision. Returns the newest composition of each food.
   */
  @Transactional
  public Map<String, Composition> sync() {
    Map<String, Integer> revisions = new HashMap<>();
    sql.select(COMPOSITION.FOOD_ID, max(COMPOSITION.REVISION))
        .from(COMPOSITION)
        .groupBy(COMPOSITION.FOOD_ID)
        .forEach(row -> revisions.put(row.value1(), row.value2()));
    Map<Key, Composition> stored = compositions(shipped.values());
    Map<String, Composition> newest = new HashMap<>();
    for (Food food : shipped.values()) {
      Integer revision = revisions.get(food.id());
      Composition known = revision == null ? null : stored.get(new Key(food.id(), revision));
      if (known != null && same(known, food.composition())) {
        newest.put(food.id(), known);
      } else {
        Composition next = revised(food, revision == null ? 1 : revision + 1);
        insert(food, next);
        newest.put(food.id(), next);
      }
    }
    return newest;
  }

  /** A composition revision's identity. */
  public record Key(String foodId, int revision) {}

  /** All revisions of these foods. */
  @Transactional(readOnly = true)
  public Map<Key, Composition> compositions(Collection<Food> foods) {
    Map<String, String> names = new HashMap<>();
    foods.forEach(food -> names.put(food.id(), food.name()));
    Map<Key, Map<Component, Double>> values = new HashMap<>();
    sql.select(
            COMPOSITION_VALUE.FOOD_ID,
            COMPOSITION_VALUE.REVISION,
            COMPOSITION_VALUE.COMPONENT,
            COMPOSITION_VALUE.AMOUNT)
        .from(COMPOSITION_VALUE)
        .where(COMPOSITION_VALUE.FOOD_ID.in(names.keySet()))
        .forEach(
            row ->
                values
                    .computeIfAbsent(
                        new Key(row.value1(), row.value2()), key -> new EnumMap<>(Component.class))
                    .put(Component.valueOf(row.value3()), row.value4()));
    Map<Key, Composition> compositions = new HashMap<>();
    sql.select(COMPOSITION.FOOD_ID, COMPOSITION.REVISION, COMPOSITION.DOUBT)
        .from(COMPOSITION)
        .where(COMPOSITION.FOOD_ID.in(names.keySet()))
        .forEach(
            row -> {
              Key key = new Key(row.value1(), row.value2());
              compositions.put(
                  key,
                  Composition.of(
                      key.foodId(),
                      names.get(key.foodId()),
                      key.revision(),
                      row.value3(),
                      values.getOrDefault(key, Map.of())));
            });
    return compositions;
  }

  /** Foods at given revisions; a food that the larder no longer ships keeps its name. */
  @Transactional(readOnly = true)
  public Map<Key, Food> foodsAt(Collection<Key> keys) {
    Map<String, Food> foods = new HashMap<>();
    sql.select(FOOD.ID, FOOD.NAME)
        .from(FOOD)
        .where(FOOD.ID.in(keys.stream().map(Key::foodId).toList()))
        .forEach(
            row ->
                foods.put(
                    row.value1(),
                    shipped.getOrDefault(row.value1(), retired(row.value1(), row.value2()))));
    Map<Key, Composition> compositions = compositions(foods.values());
    Map<Key, Food> found = new HashMap<>();
    keys.forEach(key -> found.put(key, foods.get(key.foodId()).with(compositions.get(key))));
    return found;
  }

  private static Food retired(String id, String name) {
    return new Food(
        id,
        name,
        Role.ADD_IN,
        false,
        Composition.of(id, name, 1, 1, Map.of()),
        List.of(),
        Set.of(),
        new Provenance("no longer in the larder", "", Provenance.Mark.OWN, ""));
  }

  private static boolean same(Composition a, Composition b) {
    return a.doubtFactor() == b.doubtFactor() && a.values().equals(b.values());
  }

  private static Composition revised(Food food, int revision) {
    Composition shipped = food.composition();
    return Composition.of(
        food.id(), food.name(), revision, shipped.doubtFactor(), shipped.values());
  }

  private void insert(Food food, Composition composition) {
    sql.insertInto(FOOD, FOOD.ID, FOOD.NAME)
        .values(food.id(), food.name())
        .onDuplicateKeyUpdate()
        .set(FOOD.NAME, food.name())
        .execute();
    sql.insertInto(COMPOSITION, COMPOSITION.FOOD_ID, COMPOSITION.REVISION, COMPOSITION.DOUBT)
        .values(food.id(), composition.revision(), composition.doubtFactor())
        .execute();
    var insert =
        sql.insertInto(
            COMPOSITION_VALUE,
            COMPOSITION_VALUE.FOOD_ID,
            COMPOSITION_VALUE.REVISION,
            COMPOSITION_VALUE.COMPONENT,
            COMPOSITION_VALUE.AMOUNT);
    composition
        .values()
        .forEach(
            (component, value) ->
                insert.values(food.id(), composition.revision(), component.name(), value));
    insert.execute();
  }
}
