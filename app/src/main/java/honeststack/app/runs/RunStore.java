package honeststack.app.runs;

import static honeststack.app.db.Tables.RUN;
import static honeststack.app.db.Tables.RUN_EVENT;
import static honeststack.app.db.Tables.VERSION;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.max;
import static org.jooq.impl.DSL.val;

import honeststack.core.morning.Event;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Runs and what was told of them: added to, never changed. Times are UTC. */
@Repository
class RunStore {
  private final DSLContext sql;

  RunStore(DSLContext sql) {
    this.sql = sql;
  }

  /**
   * A run.
   *
   * @param body the draft of its version, as stored
   */
  record Stored(
      String id,
      String versionId,
      String recipeId,
      int number,
      Instant startedAt,
      String cook,
      String body,
      List<Event> events) {}

  /** All runs with all that was told, oldest first. */
  List<Stored> all() {
    Map<String, List<Event>> events = new HashMap<>();
    sql.selectFrom(RUN_EVENT)
        .orderBy(RUN_EVENT.RUN_ID, RUN_EVENT.NUMBER)
        .forEach(
            row ->
                events
                    .computeIfAbsent(row.getRunId(), id -> new ArrayList<>())
                    .add(
                        new Event(
                            row.getId(),
                            row.getHappenedAt().toInstant(ZoneOffset.UTC).toEpochMilli(),
                            Event.Kind.valueOf(row.getKind()),
                            row.getText(),
                            row.getAmount() == null ? Double.NaN : row.getAmount(),
                            row.getAbout() == null ? "" : row.getAbout())));
    return sql.select(
            RUN.ID,
            RUN.VERSION_ID,
            RUN.STARTED_AT,
            RUN.COOK,
            VERSION.RECIPE_ID,
            VERSION.NUMBER,
            VERSION.BODY)
        .from(RUN)
        .join(VERSION)
        .on(VERSION.ID.eq(RUN.VERSION_ID))
        .orderBy(RUN.STARTED_AT)
        .fetch(
            row ->
                new Stored(
                    row.get(RUN.ID),
                    row.get(RUN.VERSION_ID),
                    row.get(VERSION.RECIPE_ID),
                    row.get(VERSION.NUMBER),
                    row.get(RUN.STARTED_AT).toInstant(ZoneOffset.UTC),
                    row.get(RUN.COOK),
                    row.get(VERSION.BODY),
                    events.getOrDefault(row.get(RUN.ID), List.of())));
  }

  /** A run that is there already stays as it is. */
  void start(String id, String versionId, Instant startedAt, String cook) {
    sql.insertInto(RUN)
        .set(RUN.ID, id)
        .set(RUN.VERSION_ID, versionId)
        .set(RUN.STARTED_AT, LocalDateTime.ofInstant(startedAt, ZoneOffset.UTC))
        .set(RUN.COOK, cook)
        .onDuplicateKeyIgnore()
        .execute();
  }

  /** What was told before is not told again. */
  void tell(String runId, List<Event> told) {
    Set<String> known =
        new HashSet<>(
            sql.select(RUN_EVENT.ID)
                .from(RUN_EVENT)
                .where(RUN_EVENT.ID.in(told.stream().map(Event::id).toList()))
                .fetch(RUN_EVENT.ID));
    Integer last =
        sql.select(coalesce(max(RUN_EVENT.NUMBER), val(0)))
            .from(RUN_EVENT)
            .where(RUN_EVENT.RUN_ID.eq(runId))
            .fetchOne(0, Integer.class);
    int number = last == null ? 0 : last;
    for (Event event : told) {
      if (known.add(event.id())) {
        sql.insertInto(RUN_EVENT)
            .set(RUN_EVENT.ID, event.id())
            .set(RUN_EVENT.RUN_ID, runId)
            .set(RUN_EVENT.NUMBER, ++number)
            .set(
                RUN_EVENT.HAPPENED_AT,
                LocalDateTime.ofInstant(Instant.ofEpochMilli(event.at()), ZoneOffset.UTC))
            .set(RUN_EVENT.KIND, event.kind().name())
            .set(RUN_EVENT.TEXT, event.text())
            .set(RUN_EVENT.AMOUNT, Double.isNaN(event.amount()) ? null : event.amount())
            .set(RUN_EVENT.ABOUT, event.about().isEmpty() ? null : event.about())
            .execute();
      }
    }
  }
}
