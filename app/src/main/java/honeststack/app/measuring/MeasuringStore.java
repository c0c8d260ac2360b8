package honeststack.app.measuring;

import static honeststack.app.db.Tables.DOUBT;
import static honeststack.app.db.Tables.WEIGHING;

import honeststack.core.food.Packing;
import honeststack.core.measure.DoubtTable.Doubt;
import honeststack.core.measure.DoubtTable.Way;
import honeststack.core.measure.Unit;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Changed rows of the table of doubt, and weighings. */
@Repository
class MeasuringStore {
  private final DSLContext sql;

  MeasuringStore(DSLContext sql) {
    this.sql = sql;
  }

  /**
   * One weighing.
   *
   * @param grams of one of the unit
   */
  record Weighing(
      String id, String foodId, Unit unit, Packing packing, double grams, Instant weighedAt) {}

  Map<Way, Doubt> doubts() {
    Map<Way, Doubt> doubts = new EnumMap<>(Way.class);
    sql.selectFrom(DOUBT)
        .forEach(
            row ->
                doubts.put(Way.valueOf(row.getWay()), new Doubt(row.getShared(), row.getPerUse())));
    return doubts;
  }

  void put(Way way, Doubt doubt) {
    sql.insertInto(DOUBT, DOUBT.WAY, DOUBT.SHARED, DOUBT.PER_USE)
        .values(way.name(), doubt.shared(), doubt.perUse())
        .onDuplicateKeyUpdate()
        .set(DOUBT.SHARED, doubt.shared())
        .set(DOUBT.PER_USE, doubt.perUse())
        .execute();
  }

  void reset(Way way) {
    sql.deleteFrom(DOUBT).where(DOUBT.WAY.eq(way.name())).execute();
  }

  void resetAll() {
    sql.deleteFrom(DOUBT).execute();
  }

  List<Weighing> weighings() {
    return sql.selectFrom(WEIGHING)
        .orderBy(WEIGHING.WEIGHED_AT)
        .fetch(
            row ->
                new Weighing(
                    row.getId(),
                    row.getFoodId(),
                    Unit.valueOf(row.getUnit()),
                    Packing.valueOf(row.getPacking()),
                    row.getGrams(),
                    row.getWeighedAt().toInstant(ZoneOffset.UTC)));
  }

  void add(Weighing weighing) {
    sql.insertInto(WEIGHING)
        .set(WEIGHING.ID, weighing.id())
        .set(WEIGHING.FOOD_ID, weighing.foodId())
        .set(WEIGHING.UNIT, weighing.unit().name())
        .set(WEIGHING.PACKING, weighing.packing().name())
        .set(WEIGHING.GRAMS, weighing.grams())
        .set(WEIGHING.WEIGHED_AT, LocalDateTime.ofInstant(weighing.weighedAt(), ZoneOffset.UTC))
        .execute();
  }

  boolean remove(String id) {
    return sql.deleteFrom(WEIGHING).where(WEIGHING.ID.eq(id)).execute() > 0;
  }
}
