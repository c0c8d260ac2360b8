package honeststack.app.shelf;

import static honeststack.app.db.Tables.DRAFT;
import static honeststack.app.db.Tables.RECIPE;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Recipes and their drafts. Times are UTC. */
@Repository
class ShelfStore {
  private final DSLContext sql;

  ShelfStore(DSLContext sql) {
    this.sql = sql;
  }

  /** A stored draft with its recipe. */
  record StoredDraft(
      String recipeId, String name, int revision, String parentId, String body, Instant savedAt) {}

  /** A recipe on the shelf, without its draft. */
  record Shelved(String recipeId, String name, String kind, String tags, Instant savedAt) {}

  void insert(String id, String name, String kind, String body, Instant now) {
    sql.insertInto(RECIPE, RECIPE.ID, RECIPE.NAME, RECIPE.CREATED_AT)
        .values(id, name, utc(now))
        .execute();
    sql.insertInto(DRAFT, DRAFT.RECIPE_ID, DRAFT.REVISION, DRAFT.KIND, DRAFT.BODY, DRAFT.SAVED_AT)
        .values(id, 1, kind, body, utc(now))
        .execute();
  }

  /** Lets nobody else save or keep this recipe until the transaction ends. False if not there. */
  boolean lock(String recipeId) {
    return sql.select(RECIPE.ID)
        .from(RECIPE)
        .where(RECIPE.ID.eq(recipeId))
        .forUpdate()
        .fetch()
        .isNotEmpty();
  }

  /** Saves over what is locked. */
  void save(StoredDraft draft, String kind) {
    sql.update(DRAFT)
        .set(DRAFT.REVISION, draft.revision())
        .set(DRAFT.KIND, kind)
        .set(DRAFT.BODY, draft.body())
        .set(DRAFT.PARENT_ID, draft.parentId())
        .set(DRAFT.SAVED_AT, utc(draft.savedAt()))
        .where(DRAFT.RECIPE_ID.eq(draft.recipeId()))
        .execute();
    sql.update(RECIPE)
        .set(RECIPE.NAME, draft.name())
        .where(RECIPE.ID.eq(draft.recipeId()))
        .and(RECIPE.NAME.ne(draft.name()))
        .execute();
  }

  /** The draft comes from another version now; its revision moves. */
  void setParent(String recipeId, String versionId) {
    sql.update(DRAFT)
        .set(DRAFT.PARENT_ID, versionId)
        .set(DRAFT.REVISION, DRAFT.REVISION.plus(1))
        .where(DRAFT.RECIPE_ID.eq(recipeId))
        .execute();
  }

  boolean delete(String id) {
    return sql.deleteFrom(RECIPE).where(RECIPE.ID.eq(id)).execute() > 0;
  }

  /** Puts a recipe back under the identity that it had. */
  void insert(StoredDraft draft, String kind, Instant createdAt, String tags) {
    sql.insertInto(RECIPE, RECIPE.ID, RECIPE.NAME, RECIPE.CREATED_AT, RECIPE.TAGS)
        .values(draft.recipeId(), draft.name(), utc(createdAt), tags)
        .execute();
    sql.insertInto(DRAFT)
        .set(DRAFT.RECIPE_ID, draft.recipeId())
        .set(DRAFT.REVISION, draft.revision())
        .set(DRAFT.PARENT_ID, draft.parentId())
        .set(DRAFT.KIND, kind)
        .set(DRAFT.BODY, draft.body())
        .set(DRAFT.SAVED_AT, utc(draft.savedAt()))
        .execute();
  }

  /** When a recipe was begun, and the words that it is found by. */
  record Shelving(Instant createdAt, String tags) {}

  Optional<Shelving> shelving(String recipeId) {
    return sql.select(RECIPE.CREATED_AT, RECIPE.TAGS)
        .from(RECIPE)
        .where(RECIPE.ID.eq(recipeId))
        .fetchOptional(row -> new Shelving(instant(row.value1()), row.value2()));
  }

  void setTags(String recipeId, String tags) {
    sql.update(RECIPE).set(RECIPE.TAGS, tags).where(RECIPE.ID.eq(recipeId)).execute();
  }

  boolean isEmpty() {
    return !sql.fetchExists(RECIPE);
  }

  Optional<StoredDraft> draft(String recipeId) {
    return sql.select(
            RECIPE.ID, RECIPE.NAME, DRAFT.REVISION, DRAFT.PARENT_ID, DRAFT.BODY, DRAFT.SAVED_AT)
        .from(RECIPE)
        .join(DRAFT)
        .on(DRAFT.RECIPE_ID.eq(RECIPE.ID))
        .where(RECIPE.ID.eq(recipeId))
        .fetchOptional(
            row ->
                new StoredDraft(
                    row.value1(),
                    row.value2(),
                    row.value3(),
                    row.value4(),
                    row.value5(),
                    instant(row.value6())));
  }

  List<Shelved> shelf() {
    return sql.select(RECIPE.ID, RECIPE.NAME, DRAFT.KIND, RECIPE.TAGS, DRAFT.SAVED_AT)
        .from(RECIPE)
        .join(DRAFT)
        .on(DRAFT.RECIPE_ID.eq(RECIPE.ID))
        .orderBy(RECIPE.CREATED_AT, RECIPE.NAME)
        .fetch(
            row ->
                new Shelved(
                    row.value1(), row.value2(), row.value3(), row.value4(), instant(row.value5())));
  }

  Map<String, String> names(Collection<String> recipeIds) {
    return sql.select(RECIPE.ID, RECIPE.NAME)
        .from(RECIPE)
        .where(RECIPE.ID.in(recipeIds))
        .fetchMap(RECIPE.ID, RECIPE.NAME);
  }

  private static LocalDateTime utc(Instant instant) {
    return LocalDateTime.ofInstant(instant, ZoneOffset.UTC);
  }

  private static Instant instant(LocalDateTime utc) {
    return utc.toInstant(ZoneOffset.UTC);
  }
}
