package honeststack.app.tools;

import static honeststack.app.db.Tables.TOPPING_SET;

import honeststack.app.tools.ToppingSets.ToppingSet;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Toppings that go together. A line holds no line break; so they are stored one below another. */
@Repository
class ToppingSetStore {
  private final DSLContext sql;

  ToppingSetStore(DSLContext sql) {
    this.sql = sql;
  }

  List<ToppingSet> all() {
    return sql.selectFrom(TOPPING_SET)
        .orderBy(TOPPING_SET.NAME)
        .fetch(row -> new ToppingSet(row.getId(), row.getName(), row.getTexts().lines().toList()));
  }

  /** A set of the same name gives way. */
  void put(ToppingSet set, Instant now) {
    sql.deleteFrom(TOPPING_SET).where(TOPPING_SET.NAME.eq(set.name())).execute();
    sql.insertInto(TOPPING_SET)
        .set(TOPPING_SET.ID, set.id())
        .set(TOPPING_SET.NAME, set.name())
        .set(TOPPING_SET.TEXTS, String.join("\n", set.lines()))
        .set(TOPPING_SET.MADE_AT, LocalDateTime.ofInstant(now, ZoneOffset.UTC))
        .execute();
  }

  boolean remove(String id) {
    return sql.deleteFrom(TOPPING_SET).where(TOPPING_SET.ID.eq(id)).execute() > 0;
  }
}
