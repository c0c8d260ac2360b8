package honeststack.app.larder;

import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.name;
import static org.jooq.impl.DSL.table;

import honeststack.app.RunningApplication;
import org.jooq.DSLContext;

/** Puts composition revisions into the database past the application. */
public final class Revisions {
  private Revisions() {}

  /** A revision that knows only its energy. */
  public static void insert(String foodId, int revision, double energy) {
    DSLContext sql = RunningApplication.bean(DSLContext.class);
    sql.insertInto(table(name("composition")))
        .columns(field(name("food_id")), field(name("revision")), field(name("doubt")))
        .values(foodId, revision, 1.0)
        .execute();
    sql.insertInto(table(name("composition_value")))
        .columns(
            field(name("food_id")),
            field(name("revision")),
            field(name("component")),
            field(name("amount")))
        .values(foodId, revision, "ENERC", energy)
        .execute();
  }
}
