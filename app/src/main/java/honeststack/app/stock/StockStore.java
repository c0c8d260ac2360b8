package honeststack.app.stock;

import static honeststack.app.db.Tables.STOCK;
import static honeststack.app.db.Tables.STOCK_EVENT;
import static org.jooq.impl.DSL.sum;

import honeststack.app.stock.StockAnswers.NewTaking;
import honeststack.core.keeping.Keeping;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** What was put away and what was taken out of it. Times are UTC. */
@Repository
class StockStore {
  private final DSLContext sql;

  StockStore(DSLContext sql) {
    this.sql = sql;
  }

  /**
   * Something put away.
   *
   * @param figures as JSON
   * @param taken of it, in its unit
   */
  record Stored(
      String id,
      String versionId,
      String name,
      Keeping.Form form,
      Keeping.Place place,
      double amount,
      Instant madeAt,
      String figures,
      boolean rawEgg,
      String note,
      double taken) {}

  List<Stored> all() {
    Map<String, Double> taken = new HashMap<>();
    sql.select(STOCK_EVENT.STOCK_ID, sum(STOCK_EVENT.AMOUNT))
        .from(STOCK_EVENT)
        .groupBy(STOCK_EVENT.STOCK_ID)
        .forEach(
            row -> {
              BigDecimal all = row.value2();
              taken.put(row.value1(), all == null ? 0 : all.doubleValue());
            });
    return sql.selectFrom(STOCK)
        .orderBy(STOCK.MADE_AT)
        .fetch(
            row ->
                new Stored(
                    row.getId(),
                    row.getVersionId(),
                    row.getName(),
                    Keeping.Form.valueOf(row.getForm()),
                    Keeping.Place.valueOf(row.getPlace()),
                    row.getAmount(),
                    row.getMadeAt().toInstant(ZoneOffset.UTC),
                    row.getFigures(),
                    row.getRawEgg(),
                    row.getNote(),
                    taken.getOrDefault(row.getId(), 0.0)));
  }

  Optional<Stored> find(String id) {
    return all().stream().filter(stock -> stock.id().equals(id)).findFirst();
  }

  void add(Stored stock) {
    sql.insertInto(STOCK)
        .set(STOCK.ID, stock.id())
        .set(STOCK.VERSION_ID, stock.versionId())
        .set(STOCK.NAME, stock.name())
        .set(STOCK.FORM, stock.form().name())
        .set(STOCK.PLACE, stock.place().name())
        .set(STOCK.AMOUNT, stock.amount())
        .set(STOCK.MADE_AT, LocalDateTime.ofInstant(stock.madeAt(), ZoneOffset.UTC))
        .set(STOCK.FIGURES, stock.figures())
        .set(STOCK.RAW_EGG, stock.rawEgg())
        .set(STOCK.NOTE, stock.note())
        .execute();
  }

  /** As it is now; nobody else can take out of it until the transaction ends. */
  Optional<Stored> locked(String id) {
    sql.select(STOCK.ID).from(STOCK).where(STOCK.ID.eq(id)).forUpdate().fetch();
    return find(id);
  }

  /**
   * Something taken out to be eaten.
   *
   * @param figures as JSON
   */
  record Eaten(
      String id,
      String name,
      Keeping.Form form,
      double amount,
      String added,
      Instant at,
      String figures) {}

  /** The last ones that were told with what they held, the last first. */
  List<Eaten> eaten(int most) {
    return sql.select(STOCK_EVENT.asterisk(), STOCK.NAME, STOCK.FORM)
        .from(STOCK_EVENT)
        .join(STOCK)
        .on(STOCK.ID.eq(STOCK_EVENT.STOCK_ID))
        .where(STOCK_EVENT.FIGURES.isNotNull())
        .orderBy(STOCK_EVENT.HAPPENED_AT.desc(), STOCK_EVENT.ID)
        .limit(most)
        .fetch(
            row ->
                new Eaten(
                    row.get(STOCK_EVENT.ID),
                    row.get(STOCK.NAME),
                    Keeping.Form.valueOf(row.get(STOCK.FORM)),
                    row.get(STOCK_EVENT.AMOUNT),
                    row.get(STOCK_EVENT.ADDED),
                    row.get(STOCK_EVENT.HAPPENED_AT).toInstant(ZoneOffset.UTC),
                    row.get(STOCK_EVENT.FIGURES)));
  }

  /**
   * @param figures what it held, as JSON; null where nobody ate it
   */
  void take(String eventId, String stockId, NewTaking taking, String figures, Instant at) {
    sql.insertInto(STOCK_EVENT)
        .set(STOCK_EVENT.ID, eventId)
        .set(STOCK_EVENT.STOCK_ID, stockId)
        .set(STOCK_EVENT.HAPPENED_AT, LocalDateTime.ofInstant(at, ZoneOffset.UTC))
        .set(STOCK_EVENT.KIND, taking.kind().name())
        .set(STOCK_EVENT.AMOUNT, taking.amount())
        .set(STOCK_EVENT.ADDED, String.join("\n", taking.lines()))
        .set(STOCK_EVENT.FIGURES, figures)
        .execute();
  }
}
