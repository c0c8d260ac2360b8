package honeststack.app.goals;

import static honeststack.app.db.Tables.GOAL_LIMIT;
import static honeststack.app.db.Tables.GOAL_SET;

import honeststack.app.goals.GoalSet.Limits;
import honeststack.app.goals.GoalSet.NewGoalSet;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Measurand;
import honeststack.core.promise.Promise;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Goal sets in the database. */
@Repository
class GoalStore {
  private final DSLContext sql;

  GoalStore(DSLContext sql) {
    this.sql = sql;
  }

  List<GoalSet> all() {
    Map<String, List<Limits>> goals = new HashMap<>();
    sql.selectFrom(GOAL_LIMIT)
        .forEach(
            row ->
                goals
                    .computeIfAbsent(row.getGoalSetId(), id -> new ArrayList<>())
                    .add(
                        new Limits(
                            row.getMeasurand(),
                            Basis.valueOf(row.getBasis()),
                            row.getWish() ? true : null,
                            row.getLowerLimit(),
                            row.getUpperLimit())));
    goals
        .values()
        .forEach(
            list ->
                list.sort(Comparator.comparingInt(GoalStore::place).thenComparing(Limits::basis)));
    return sql.selectFrom(GOAL_SET)
        .orderBy(GOAL_SET.CREATED_AT, GOAL_SET.NAME)
        .fetch(
            row ->
                new GoalSet(
                    row.getId(),
                    row.getRevision(),
                    row.getName(),
                    row.getNote(),
                    goals.getOrDefault(row.getId(), List.of()),
                    promises(row.getPromises())));
  }

  private static List<Promise> promises(String names) {
    return Arrays.stream(names.split(" "))
        .filter(name -> !name.isEmpty())
        .map(Promise::valueOf)
        .toList();
  }

  private static String names(List<Promise> promises) {
    return promises.stream().map(Promise::name).collect(Collectors.joining(" "));
  }

  /** Goals stand in the order of all measurands. */
  private static int place(Limits limits) {
    return Measurand.values().stream().map(Measurand::tag).toList().indexOf(limits.measurand());
  }

  void insert(String id, NewGoalSet set, Instant now) {
    sql.insertInto(GOAL_SET)
        .set(GOAL_SET.ID, id)
        .set(GOAL_SET.NAME, set.name())
        .set(GOAL_SET.NOTE, set.note())
        .set(GOAL_SET.REVISION, 1)
        .set(GOAL_SET.PROMISES, names(set.promises()))
        .set(GOAL_SET.CREATED_AT, LocalDateTime.ofInstant(now, ZoneOffset.UTC))
        .execute();
    insertGoals(id, set);
  }

  /** False if the set is at another revision, or is not there. */
  boolean update(String id, int expected, NewGoalSet set) {
    int changed =
        sql.update(GOAL_SET)
            .set(GOAL_SET.NAME, set.name())
            .set(GOAL_SET.NOTE, set.note())
            .set(GOAL_SET.REVISION, expected + 1)
            .set(GOAL_SET.PROMISES, names(set.promises()))
            .where(GOAL_SET.ID.eq(id))
            .and(GOAL_SET.REVISION.eq(expected))
            .execute();
    if (changed == 0) {
      return false;
    }
    sql.deleteFrom(GOAL_LIMIT).where(GOAL_LIMIT.GOAL_SET_ID.eq(id)).execute();
    insertGoals(id, set);
    return true;
  }

  boolean delete(String id) {
    return sql.deleteFrom(GOAL_SET).where(GOAL_SET.ID.eq(id)).execute() > 0;
  }

  private void insertGoals(String id, NewGoalSet set) {
    for (Limits limits : set.goals()) {
      sql.insertInto(GOAL_LIMIT)
          .set(GOAL_LIMIT.GOAL_SET_ID, id)
          .set(GOAL_LIMIT.MEASURAND, limits.measurand())
          .set(GOAL_LIMIT.BASIS, limits.basis().name())
          .set(GOAL_LIMIT.WISH, Boolean.TRUE.equals(limits.wish()))
          .set(GOAL_LIMIT.LOWER_LIMIT, limits.lower())
          .set(GOAL_LIMIT.UPPER_LIMIT, limits.upper())
          .execute();
    }
  }
}
