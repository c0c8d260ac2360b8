package honeststack.app.demo;

import static honeststack.app.db.Tables.CHANGE_NUMBER;

import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** How many steps of the demo are done. */
@Repository
class DemoStore {
  private static final String DEMO = "DEMO";

  private final DSLContext sql;

  DemoStore(DSLContext sql) {
    this.sql = sql;
  }

  Optional<Long> steps() {
    return sql.select(CHANGE_NUMBER.NUMBER)
        .from(CHANGE_NUMBER)
        .where(CHANGE_NUMBER.PART.eq(DEMO))
        .fetchOptional(CHANGE_NUMBER.NUMBER);
  }

  /** Whether so many steps were done, and now are so many. */
  boolean advance(long from, long to) {
    return sql.update(CHANGE_NUMBER)
            .set(CHANGE_NUMBER.NUMBER, to)
            .where(CHANGE_NUMBER.PART.eq(DEMO))
            .and(CHANGE_NUMBER.NUMBER.eq(from))
            .execute()
        > 0;
  }

  /** Whether it had not ended. */
  boolean end(long done) {
    return sql.update(CHANGE_NUMBER)
            .set(CHANGE_NUMBER.NUMBER, done)
            .where(CHANGE_NUMBER.PART.eq(DEMO))
            .and(CHANGE_NUMBER.NUMBER.ne(done))
            .execute()
        > 0;
  }
}
