package honeststack.app.kept;

import static honeststack.app.db.Tables.VERSION;
import static honeststack.app.db.Tables.VERSION_FOOD;
import static honeststack.app.db.Tables.VERSION_PREPARATION;
import static org.jooq.impl.DSL.countDistinct;
import static org.jooq.impl.DSL.max;
import static org.jooq.impl.DSL.noCondition;
import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.when;

import honeststack.core.recipe.MeasuredFood;
import honeststack.core.recipe.Preparation;
import honeststack.core.recipe.RecipeReading;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.Table;
import org.jooq.TableField;
import org.springframework.stereotype.Repository;

/** Kept versions: written once, never updated. Times are UTC. */
@Repository
class VersionStore {
  private final DSLContext sql;

  VersionStore(DSLContext sql) {
    this.sql = sql;
  }

  /** A version without what was kept. */
  record Head(
      String id,
      String recipeId,
      int number,
      String parentId,
      String kind,
      String reason,
      Instant keptAt) {}

  /**
   * A version whole.
   *
   * @param body its draft
   * @param reading its reading
   */
  record StoredVersion(Head head, String body, String reading) {}

  /** A version that holds something; the newest of it, or an older one. */
  record Use(String versionId, String recipeId, int number, boolean current) {}

  void insert(StoredVersion version, RecipeReading reading) {
    insert(version);
    insertHeld(version.head().id(), reading);
  }

  /** Without what it holds. */
  void insert(StoredVersion version) {
    Head head = version.head();
    sql.insertInto(VERSION)
        .set(VERSION.ID, head.id())
        .set(VERSION.RECIPE_ID, head.recipeId())
        .set(VERSION.NUMBER, head.number())
        .set(VERSION.PARENT_ID, head.parentId())
        .set(VERSION.KIND, head.kind())
        .set(VERSION.REASON, head.reason())
        .set(VERSION.KEPT_AT, LocalDateTime.ofInstant(head.keptAt(), ZoneOffset.UTC))
        .set(VERSION.BODY, version.body())
        .set(VERSION.READING, version.reading())
        .execute();
  }

  /** What a version holds, to be found by; preparations that are not on the shelf are not. */
  void insertHeld(String id, RecipeReading reading) {
    Set<MeasuredFood> held = new HashSet<>();
    reading.foods().forEach(food -> collect(food, held));
    Set<String> there = prepared(held);
    var foods =
        sql.insertInto(
            VERSION_FOOD, VERSION_FOOD.VERSION_ID, VERSION_FOOD.FOOD_ID, VERSION_FOOD.REVISION);
    var preparations =
        sql.insertInto(
            VERSION_PREPARATION,
            VERSION_PREPARATION.VERSION_ID,
            VERSION_PREPARATION.PREPARATION_VERSION);
    Set<List<Object>> seen = new HashSet<>();
    int plain = 0;
    int prepared = 0;
    for (MeasuredFood one : held) {
      if (Preparation.is(one.food())) {
        String version = PreparedFood.versionId(one.food());
        if (there.contains(version) && seen.add(List.of(version))) {
          preparations.values(id, version);
          prepared++;
        }
      } else {
        int revision = one.food().composition().revision();
        if (seen.add(List.of(one.food().id(), revision))) {
          foods.values(id, one.food().id(), revision);
          plain++;
        }
      }
    }
    if (plain > 0) {
      foods.execute();
    }
    if (prepared > 0) {
      preparations.execute();
    }
  }

  private Set<String> prepared(Set<MeasuredFood> held) {
    List<String> ids =
        held.stream()
            .map(MeasuredFood::food)
            .filter(Preparation::is)
            .map(PreparedFood::versionId)
            .distinct()
            .toList();
    return ids.isEmpty()
        ? Set.of()
        : sql.select(VERSION.ID).from(VERSION).where(VERSION.ID.in(ids)).fetchSet(VERSION.ID);
  }

  boolean delete(String id) {
    return sql.deleteFrom(VERSION).where(VERSION.ID.eq(id)).execute() > 0;
  }

  /** The versions of a recipe whole, the oldest first. */
  List<StoredVersion> versionsOf(String recipeId) {
    return versions(VERSION.RECIPE_ID.eq(recipeId));
  }

  private static void collect(MeasuredFood food, Set<MeasuredFood> into) {
    into.add(food);
    food.parts().forEach(part -> collect(part, into));
  }

  int nextNumber(String recipeId) {
    Integer last =
        sql.select(max(VERSION.NUMBER))
            .from(VERSION)
            .where(VERSION.RECIPE_ID.eq(recipeId))
            .fetchOne(max(VERSION.NUMBER));
    return last == null ? 1 : last + 1;
  }

  Optional<StoredVersion> version(String id) {
    return versions(VERSION.ID.eq(id)).stream().findFirst();
  }

  Optional<Head> head(String id) {
    return heads(VERSION.ID.eq(id)).stream().findFirst();
  }

  /** The versions of a recipe, oldest first. */
  List<Head> headsOf(String recipeId) {
    return heads(VERSION.RECIPE_ID.eq(recipeId));
  }

  /** All versions, by recipe, oldest first. */
  List<Head> heads() {
    return heads(noCondition());
  }

  private List<Head> heads(Condition which) {
    return sql.select(
            VERSION.ID,
            VERSION.RECIPE_ID,
            VERSION.NUMBER,
            VERSION.PARENT_ID,
            VERSION.KIND,
            VERSION.REASON,
            VERSION.KEPT_AT)
        .from(VERSION)
        .where(which)
        .orderBy(VERSION.RECIPE_ID, VERSION.NUMBER)
        .fetch(VersionStore::head);
  }

  private static Head head(Record row) {
    return new Head(
        row.get(VERSION.ID),
        row.get(VERSION.RECIPE_ID),
        row.get(VERSION.NUMBER),
        row.get(VERSION.PARENT_ID),
        row.get(VERSION.KIND),
        row.get(VERSION.REASON),
        row.get(VERSION.KEPT_AT).toInstant(ZoneOffset.UTC));
  }

  /** The newest version of each recipe of a kind, in the order in which they were kept. */
  List<StoredVersion> newest(String kind) {
    var later = VERSION.as("later");
    return versions(
        VERSION
            .KIND
            .eq(kind)
            .and(
                VERSION.NUMBER.eq(
                    select(max(later.NUMBER))
                        .from(later)
                        .where(later.RECIPE_ID.eq(VERSION.RECIPE_ID)))));
  }

  private List<StoredVersion> versions(Condition which) {
    return sql.selectFrom(VERSION)
        .where(which)
        .orderBy(VERSION.KEPT_AT)
        .fetch(row -> new StoredVersion(head(row), row.getBody(), row.getReading()));
  }

  /** Kept versions that hold a food. */
  List<Use> usesOfFood(String foodId, int revision) {
    return uses(
        VERSION_FOOD,
        VERSION_FOOD.VERSION_ID,
        VERSION_FOOD.FOOD_ID.eq(foodId),
        VERSION_FOOD.REVISION.ge(revision));
  }

  /** Kept versions that hold some version of a preparation. */
  List<Use> usesOfPreparation(String recipeId) {
    var prepared = VERSION.as("prepared");
    return uses(
        VERSION_PREPARATION,
        VERSION_PREPARATION.VERSION_ID,
        VERSION_PREPARATION.PREPARATION_VERSION.in(
            select(prepared.ID).from(prepared).where(prepared.RECIPE_ID.eq(recipeId))),
        VERSION_PREPARATION.PREPARATION_VERSION.in(
            select(prepared.ID)
                .from(prepared)
                .where(prepared.RECIPE_ID.eq(recipeId))
                .orderBy(prepared.NUMBER.desc())
                .limit(1)));
  }

  /** Kept versions that hold this version of a preparation. */
  List<Use> usesOfVersion(String id) {
    Condition held = VERSION_PREPARATION.PREPARATION_VERSION.eq(id);
    return uses(VERSION_PREPARATION, VERSION_PREPARATION.VERSION_ID, held, held);
  }

  private <R extends Record> List<Use> uses(
      Table<R> table, TableField<R, String> version, Condition held, Condition current) {
    var newest = max(when(current, 1).otherwise(0));
    return sql.select(VERSION.ID, VERSION.RECIPE_ID, VERSION.NUMBER, newest)
        .from(table)
        .join(VERSION)
        .on(VERSION.ID.eq(version))
        .where(held)
        .groupBy(VERSION.ID, VERSION.RECIPE_ID, VERSION.NUMBER)
        .fetch(row -> new Use(row.value1(), row.value2(), row.value3(), row.value4() == 1));
  }

  /** How many kept versions hold each food. */
  Map<String, Integer> timesUsed() {
    Map<String, Integer> times = new HashMap<>();
    sql.select(VERSION_FOOD.FOOD_ID, countDistinct(VERSION_FOOD.VERSION_ID))
        .from(VERSION_FOOD)
        .groupBy(VERSION_FOOD.FOOD_ID)
        .forEach(row -> times.put(row.value1(), row.value2()));
    return times;
  }
}
