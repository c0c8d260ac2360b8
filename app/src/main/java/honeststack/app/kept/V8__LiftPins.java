package honeststack.app.kept;

import honeststack.app.draft.Draft;
import honeststack.app.kept.PinLift.Pin;
import honeststack.app.kept.PinLift.Pinned;
import honeststack.app.kept.PinLift.Share;
import honeststack.app.kept.VersionStore.Head;
import honeststack.app.larder.LarderStore;
import honeststack.app.shelf.DraftDocument;
import honeststack.core.estimate.Distribution;
import honeststack.core.food.Composition.TableDoubt;
import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.recipe.RecipeReading;
import java.sql.Timestamp;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Lifts versions that were kept as pins into whole readings, with the very masses, sources and
 * compositions that were pinned. Their lines are read once more, for their words only.
 */
@Component
class V8__LiftPins extends BaseJavaMigration {
  private final JsonMapper json;

  V8__LiftPins(JsonMapper json) {
    this.json = json;
  }

  @Override
  public void migrate(Context context) {
    DSLContext sql = DSL.using(context.getConnection(), SQLDialect.MARIADB);
    for (Record draft : sql.fetch("select recipe_id, body from draft where kind is null")) {
      sql.execute(
          "update draft set kind = ? where recipe_id = ?",
          draft(draft.get("body", String.class)).kind().name(),
          draft.get("recipe_id"));
    }
    LarderStore larder = LarderStore.on(sql, json);
    Foods foods = larder.stored();
    Map<String, Food> prepared = new HashMap<>();
    VersionStore versions = new VersionStore(sql);
    for (Record version :
        sql.fetch(
            "select v.*, r.name from version v join recipe r on r.id = v.recipe_id"
                + " where v.reading is null order by v.kept_at, v.number")) {
      lift(sql, version, larder, foods, prepared, versions);
    }
  }

  private Draft draft(String body) {
    return json.readValue(body, DraftDocument.class).draft();
  }

  private void lift(
      DSLContext sql,
      Record version,
      LarderStore larder,
      Foods foods,
      Map<String, Food> prepared,
      VersionStore versions) {
    String id = version.get("id", String.class);
    Draft draft = draft(version.get("body", String.class));
    Head head =
        new Head(
            id,
            version.get("recipe_id", String.class),
            version.get("number", Integer.class),
            version.get("parent_id", String.class),
            draft.kind().name(),
            version.get("reason", String.class),
            version.get("kept_at", Timestamp.class).toLocalDateTime().toInstant(ZoneOffset.UTC));
    Pinned pinned =
        new Pinned(
            pins(sql, id, larder),
            new TableDoubt(
                version.get("table_doubt", Double.class), version.get("fibre_doubt", Double.class)),
            version.get("piece_variation", Double.class),
            version.get("bowl_gaps", Boolean.class),
            version.get("pan_gaps", Boolean.class),
            version.get("plate_gaps", Boolean.class));
    RecipeReading reading = new PinLift(draft, pinned, foods, prepared).reading();
    reading
        .finished()
        .ifPresent(
            done ->
                prepared.put(
                    id,
                    PreparedFood.of(head, version.get("name", String.class), draft, done.parts())));
    sql.execute(
        "update version set kind = ?, reading = ? where id = ?",
        draft.kind().name(),
        json.writeValueAsString(KeptWriter.write(reading)),
        id);
    versions.insertHeld(id, reading);
  }

  private static List<Pin> pins(DSLContext sql, String id, LarderStore larder) {
    Map<Integer, List<Share>> shares = new HashMap<>();
    for (Record row : sql.fetch("select * from pinned_source where version_id = ?", id)) {
      shares
          .computeIfAbsent(row.get("position", Integer.class), position -> new ArrayList<>())
          .add(
              new Share(
                  row.get("source_key", String.class),
                  Distribution.valueOf(row.get("distribution", String.class)),
                  row.get("words", String.class),
                  row.get("sensitivity", Double.class)));
    }
    List<LarderStore.Key> keys = new ArrayList<>();
    var rows = sql.fetch("select * from pinned_mass where version_id = ? order by position", id);
    for (Record row : rows) {
      if (row.get("food_id") != null) {
        keys.add(
            new LarderStore.Key(
                row.get("food_id", String.class), row.get("composition_revision", Integer.class)));
      }
    }
    Map<LarderStore.Key, Food> foods = larder.foodsAt(keys);
    List<Pin> pins = new ArrayList<>();
    for (Record row : rows) {
      int position = row.get("position", Integer.class);
      Optional<Food> food =
          Optional.ofNullable(row.get("food_id", String.class))
              .map(
                  foodId ->
                      foods.get(
                          new LarderStore.Key(
                              foodId, row.get("composition_revision", Integer.class))));
      pins.add(
          new Pin(
              position,
              row.get("station", String.class),
              row.get("line_id", String.class),
              food,
              Optional.ofNullable(row.get("preparation_version", String.class)),
              Optional.ofNullable(row.get("parent_position", Integer.class)),
              row.get("grams", Double.class),
              shares.getOrDefault(position, List.of())));
    }
    return pins;
  }
}
