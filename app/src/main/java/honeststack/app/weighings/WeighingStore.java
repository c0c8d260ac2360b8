package honeststack.app.weighings;

import static honeststack.app.db.Tables.WEIGHING;

import honeststack.core.food.Packing;
import honeststack.core.measure.Unit;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Weighings of filled cups and spoons. */
@Repository
class WeighingStore {
  private final DSLContext sql;

  WeighingStore(DSLContext sql) {
    this.sql = sql;
  }

  /**
   * One weighing.
   *
   * @param grams of one of the unit
   */
  record Weighing(
      String id, String foodId, Unit unit, Packing packing, double grams, Instant weighedAt) {}

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
