package honeststack.app.ledger;

import static honeststack.app.db.Tables.ANSWERED;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Writes that were done, by the key that whoever asked gave them, for a day. */
@Repository
public class AnswerStore {
  private static final Duration KEPT = Duration.ofDays(1);
  private static final int FORGOTTEN_AT_ONCE = 50;

  private final DSLContext sql;
  private final Clock clock;

  AnswerStore(DSLContext sql, Clock clock) {
    this.sql = sql;
    this.clock = clock;
  }

  /**
   * What was answered.
   *
   * @param request hash of what was asked
   */
  public record Answered(
      String request, int status, String contentType, String tag, String location, byte[] body) {}

  /** What was answered to a key; empty if nothing was done under it. */
  @Transactional(readOnly = true)
  public Optional<Answered> to(String key) {
    return sql.selectFrom(ANSWERED)
        .where(ANSWERED.REQUEST_KEY.eq(key))
        .fetchOptional(
            row ->
                new Answered(
                    row.getRequestHash(),
                    row.getStatus(),
                    row.getContentType(),
                    row.getEntityTag(),
                    row.getLocation(),
                    row.getBody()));
  }

  /**
   * Takes a key: nobody else can until the transaction ends.
   *
   * @throws org.springframework.dao.DuplicateKeyException if something was done under it
   */
  public void take(String key, String request) {
    LocalDateTime now = LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    sql.insertInto(ANSWERED)
        .set(ANSWERED.REQUEST_KEY, key)
        .set(ANSWERED.REQUEST_HASH, request)
        .set(ANSWERED.STATUS, 0)
        .set(ANSWERED.ANSWERED_AT, now)
        .execute();
  }

  /** Keeps what is answered to a key that was taken. */
  public void put(String key, Answered answered) {
    sql.update(ANSWERED)
        .set(ANSWERED.STATUS, answered.status())
        .set(ANSWERED.CONTENT_TYPE, answered.contentType())
        .set(ANSWERED.ENTITY_TAG, answered.tag())
        .set(ANSWERED.LOCATION, answered.location())
        .set(ANSWERED.BODY, answered.body())
        .where(ANSWERED.REQUEST_KEY.eq(key))
        .execute();
  }

  /** Forgets what is older than a day, a few at a time. */
  @Transactional
  public void forget() {
    LocalDateTime before = LocalDateTime.ofInstant(clock.instant().minus(KEPT), ZoneOffset.UTC);
    sql.deleteFrom(ANSWERED)
        .where(ANSWERED.ANSWERED_AT.lt(before))
        .limit(FORGOTTEN_AT_ONCE)
        .execute();
  }
}
