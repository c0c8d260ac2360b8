package honeststack.app.bin;

import static honeststack.app.db.Tables.BIN;

import honeststack.app.bin.BinAnswers.BinEntry;
import honeststack.app.bin.BinAnswers.Kind;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The bin in the database. Times are UTC. */
@Repository
class BinStore {
  private final DSLContext sql;

  BinStore(DSLContext sql) {
    this.sql = sql;
  }

  /** The last removed first. */
  List<BinEntry> all() {
    return sql.select(BIN.ID, BIN.KIND, BIN.NAME, BIN.REMOVED_AT)
        .from(BIN)
        .orderBy(BIN.REMOVED_AT.desc(), BIN.NAME)
        .fetch(
            row ->
                new BinEntry(
                    row.value1(),
                    Kind.valueOf(row.value2()),
                    row.value3(),
                    row.value4().toInstant(ZoneOffset.UTC)));
  }

  void put(BinEntry entry, String body) {
    sql.insertInto(BIN)
        .set(BIN.ID, entry.id())
        .set(BIN.KIND, entry.kind().name())
        .set(BIN.NAME, entry.name())
        .set(BIN.REMOVED_AT, LocalDateTime.ofInstant(entry.removedAt(), ZoneOffset.UTC))
        .set(BIN.BODY, body)
        .execute();
  }

  /**
   * A thing with all that it held.
   *
   * @param body as whoever removed it wrote it
   */
  record Removed(Kind kind, String body) {}

  Optional<Removed> body(String id) {
    return sql.select(BIN.KIND, BIN.BODY)
        .from(BIN)
        .where(BIN.ID.eq(id))
        .forUpdate()
        .fetchOptional(row -> new Removed(Kind.valueOf(row.value1()), row.value2()));
  }

  boolean delete(String id) {
    return sql.deleteFrom(BIN).where(BIN.ID.eq(id)).execute() > 0;
  }
}
