package honeststack.app.ledger;

import static honeststack.app.db.Tables.CHANGE_NUMBER;

import java.util.EnumMap;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The number of the last change of each part. */
@Repository
class LedgerStore {
  private final DSLContext sql;

  LedgerStore(DSLContext sql) {
    this.sql = sql;
  }

  /** Takes the next number of a part; nobody else can until the transaction ends. */
  long next(Part part) {
    sql.update(CHANGE_NUMBER)
        .set(CHANGE_NUMBER.NUMBER, CHANGE_NUMBER.NUMBER.plus(1))
        .where(CHANGE_NUMBER.PART.eq(part.name()))
        .execute();
    return sql.select(CHANGE_NUMBER.NUMBER)
        .from(CHANGE_NUMBER)
        .where(CHANGE_NUMBER.PART.eq(part.name()))
        .fetchSingle(CHANGE_NUMBER.NUMBER);
  }

  Map<Part, Long> numbers() {
    Map<String, Long> byName =
        sql.selectFrom(CHANGE_NUMBER).fetchMap(CHANGE_NUMBER.PART, CHANGE_NUMBER.NUMBER);
    Map<Part, Long> numbers = new EnumMap<>(Part.class);
    for (Part part : Part.values()) {
      numbers.put(part, byName.getOrDefault(part.name(), 0L));
    }
    return numbers;
  }
}
