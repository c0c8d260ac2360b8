package honeststack.app.recipes;

import static honeststack.app.db.Tables.DRAFT;
import static honeststack.app.db.Tables.PINNED_MASS;
import static honeststack.app.db.Tables.RECIPE;
import static honeststack.app.db.Tables.VERSION;
import static org.jooq.impl.DSL.countDistinct;
import static org.jooq.impl.DSL.max;
import static org.jooq.impl.DSL.noCondition;
import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.when;

import honeststack.app.recipes.RecipeAnswers.UseEntry;
import honeststack.app.recipes.RecipeAnswers.VersionEntry;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Recipes, their drafts and the rows of their versions. Times are UTC. */
@Repository
class RecipeStore {
  private final DSLContext sql;

  RecipeStore(DSLContext sql) {
    this.sql = sql;
  }

  /** A stored draft with its recipe. */
  record StoredDraft(
      String recipeId, String name, int revision, String parentId, String body, Instant savedAt) {}

  /** A stored version with its recipe's name; the pins are {@link PinStore}'s. */
  record StoredVersion(
      String id,
      String recipeId,
      String recipeName,
      int number,
      String parentId,
      String reason,
      Instant keptAt,
      String body) {}

  void insert(String id, String name, String body, Instant now) {
    sql.insertInto(RECIPE, RECIPE.ID, RECIPE.NAME, RECIPE.CREATED_AT)
        .values(id, name, utc(now))
        .execute();
    sql.insertInto(DRAFT, DRAFT.RECIPE_ID, DRAFT.REVISION, DRAFT.BODY, DRAFT.SAVED_AT)
        .values(id, 1, body, utc(now))
        .execute();
  }

  /** False if the draft is at another revision. */
  boolean save(String id, int expected, String name, String parentId, String body, Instant now) {
    int changed =
        sql.update(DRAFT)
            .set(DRAFT.REVISION, expected + 1)
            .set(DRAFT.BODY, body)
            .set(DRAFT.PARENT_ID, parentId)
            .set(DRAFT.SAVED_AT, utc(now))
            .where(DRAFT.RECIPE_ID.eq(id))
            .and(DRAFT.REVISION.eq(expected))
            .execute();
    if (changed == 0) {
      return false;
    }
    sql.update(RECIPE).set(RECIPE.NAME, name).where(RECIPE.ID.eq(id)).execute();
    return true;
  }

  /** Lets nobody else keep a version of this recipe until the transaction ends. */
  void lock(String recipeId) {
    sql.selectOne().from(RECIPE).where(RECIPE.ID.eq(recipeId)).forUpdate().fetch();
  }

  void setParent(String recipeId, String versionId) {
    sql.update(DRAFT).set(DRAFT.PARENT_ID, versionId).where(DRAFT.RECIPE_ID.eq(recipeId)).execute();
  }

  boolean delete(String id) {
    return sql.deleteFrom(RECIPE).where(RECIPE.ID.eq(id)).execute() > 0;
  }

  boolean isEmpty() {
    return !sql.fetchExists(RECIPE);
  }

  Optional<StoredDraft> draft(String recipeId) {
    return drafts(RECIPE.ID.eq(recipeId)).stream().findFirst();
  }

  List<StoredDraft> drafts() {
    return drafts(noCondition());
  }

  private List<StoredDraft> drafts(Condition which) {
    return sql.select(
            RECIPE.ID, RECIPE.NAME, DRAFT.REVISION, DRAFT.PARENT_ID, DRAFT.BODY, DRAFT.SAVED_AT)
        .from(RECIPE)
        .join(DRAFT)
        .on(DRAFT.RECIPE_ID.eq(RECIPE.ID))
        .where(which)
        .orderBy(RECIPE.CREATED_AT, RECIPE.NAME)
        .fetch(
            row ->
                new StoredDraft(
                    row.value1(),
                    row.value2(),
                    row.value3(),
                    row.value4(),
                    row.value5(),
                    instant(row.value6())));
  }

  int nextNumber(String recipeId) {
    Integer last =
        sql.select(max(VERSION.NUMBER))
            .from(VERSION)
            .where(VERSION.RECIPE_ID.eq(recipeId))
            .fetchOne(max(VERSION.NUMBER));
    return last == null ? 1 : last + 1;
  }

  List<VersionEntry> versions(String recipeId) {
    return versions().getOrDefault(recipeId, List.of());
  }

  /** All versions, by recipe, oldest first. */
  Map<String, List<VersionEntry>> versions() {
    Map<String, List<VersionEntry>> versions = new LinkedHashMap<>();
    sql.select(
            VERSION.RECIPE_ID,
            VERSION.ID,
            VERSION.NUMBER,
            VERSION.PARENT_ID,
            VERSION.REASON,
            VERSION.KEPT_AT)
        .from(VERSION)
        .orderBy(VERSION.RECIPE_ID, VERSION.NUMBER)
        .forEach(
            row ->
                versions
                    .computeIfAbsent(row.value1(), id -> new ArrayList<>())
                    .add(
                        new VersionEntry(
                            row.value2(),
                            row.value3(),
                            row.value4(),
                            row.value5(),
                            instant(row.value6()))));
    return versions;
  }

  Optional<StoredVersion> version(String id) {
    return versions(VERSION.ID.eq(id)).stream().findFirst();
  }

  /** The newest version of each recipe. */
  List<StoredVersion> newestVersions() {
    var later = VERSION.as("later");
    return versions(
        VERSION.NUMBER.eq(
            select(max(later.NUMBER)).from(later).where(later.RECIPE_ID.eq(VERSION.RECIPE_ID))));
  }

  /** Kept versions that hold a food, or a version of a preparation, in the order of the shelf. */
  List<UseEntry> usesOfFood(String foodId, int revision) {
    return uses(PINNED_MASS.FOOD_ID.eq(foodId), PINNED_MASS.COMPOSITION_REVISION.ge(revision));
  }

  /** Kept versions that hold some version of a preparation. */
  List<UseEntry> usesOfPreparation(String recipeId) {
    var prepared = VERSION.as("prepared");
    return uses(
        PINNED_MASS.PREPARATION_VERSION.in(
            select(prepared.ID).from(prepared).where(prepared.RECIPE_ID.eq(recipeId))),
        PINNED_MASS.PREPARATION_VERSION.in(
            select(prepared.ID)
                .from(prepared)
                .where(prepared.RECIPE_ID.eq(recipeId))
                .orderBy(prepared.NUMBER.desc())
                .limit(1)));
  }

  private List<UseEntry> uses(Condition held, Condition current) {
    var newest = max(when(current, 1).otherwise(0));
    return sql.select(VERSION.ID, RECIPE.ID, RECIPE.NAME, VERSION.NUMBER, newest)
        .from(PINNED_MASS)
        .join(VERSION)
        .on(VERSION.ID.eq(PINNED_MASS.VERSION_ID))
        .join(RECIPE)
        .on(RECIPE.ID.eq(VERSION.RECIPE_ID))
        .where(held)
        .groupBy(VERSION.ID, RECIPE.ID, RECIPE.NAME, VERSION.NUMBER)
        .orderBy(RECIPE.NAME, VERSION.NUMBER)
        .fetch(
            row ->
                new UseEntry(
                    row.value1(), row.value2(), row.value3(), row.value4(), row.value5() == 1));
  }

  /** How many kept versions hold each food. */
  Map<String, Integer> timesUsed() {
    Map<String, Integer> times = new HashMap<>();
    sql.select(PINNED_MASS.FOOD_ID, countDistinct(PINNED_MASS.VERSION_ID))
        .from(PINNED_MASS)
        .where(PINNED_MASS.FOOD_ID.isNotNull())
        .groupBy(PINNED_MASS.FOOD_ID)
        .forEach(row -> times.put(row.value1(), row.value2()));
    return times;
  }

  private List<StoredVersion> versions(Condition which) {
    return sql.select(
            VERSION.ID,
            VERSION.RECIPE_ID,
            RECIPE.NAME,
            VERSION.NUMBER,
            VERSION.PARENT_ID,
            VERSION.REASON,
            VERSION.KEPT_AT,
            VERSION.BODY)
        .from(VERSION)
        .join(RECIPE)
        .on(RECIPE.ID.eq(VERSION.RECIPE_ID))
        .where(which)
        .orderBy(VERSION.KEPT_AT)
        .fetch(
            row ->
                new StoredVersion(
                    row.value1(),
                    row.value2(),
                    row.value3(),
                    row.value4(),
                    row.value5(),
                    row.value6(),
                    instant(row.value7()),
                    row.value8()));
  }

  static LocalDateTime utc(Instant instant) {
    return LocalDateTime.ofInstant(instant, ZoneOffset.UTC);
  }

  private static Instant instant(LocalDateTime utc) {
    return utc.toInstant(ZoneOffset.UTC);
  }
}
