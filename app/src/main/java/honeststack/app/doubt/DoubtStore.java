package honeststack.app.doubt;

import static honeststack.app.db.Tables.FACTOR;
import static honeststack.app.db.Tables.UNCERTAINTY;
import static honeststack.app.db.Tables.USUAL_AMOUNT;

import honeststack.core.measure.Factors;
import honeststack.core.measure.Factors.Factor;
import honeststack.core.measure.Tables;
import honeststack.core.measure.Uncertainties;
import honeststack.core.measure.Uncertainties.Doubt;
import honeststack.core.measure.Uncertainties.Way;
import honeststack.core.measure.UsualAmounts;
import honeststack.core.measure.UsualAmounts.Usual;
import java.util.HashMap;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Rows of the tables of measuring that were changed here. */
@Repository
class DoubtStore {
  private final DSLContext sql;

  DoubtStore(DSLContext sql) {
    this.sql = sql;
  }

  /** The tables that ship, with what was changed here. */
  Tables over(Tables shipped) {
    Map<Way, Doubt> doubts = new HashMap<>(shipped.uncertainties().rows());
    sql.selectFrom(UNCERTAINTY)
        .forEach(
            row ->
                doubts.put(Way.valueOf(row.getWay()), new Doubt(row.getShared(), row.getPerUse())));
    Map<Usual, Double> usual = new HashMap<>(shipped.usual().rows());
    sql.selectFrom(USUAL_AMOUNT)
        .forEach(row -> usual.put(Usual.valueOf(row.getUsual()), row.getGrams()));
    Map<Factor, Double> factors = new HashMap<>(shipped.factors().rows());
    sql.selectFrom(FACTOR)
        .forEach(row -> factors.put(Factor.valueOf(row.getFactor()), row.getRatio()));
    return new Tables(new Uncertainties(doubts), new UsualAmounts(usual), new Factors(factors));
  }

  void put(Way way, Doubt doubt) {
    sql.insertInto(UNCERTAINTY, UNCERTAINTY.WAY, UNCERTAINTY.SHARED, UNCERTAINTY.PER_USE)
        .values(way.name(), doubt.shared(), doubt.perUse())
        .onDuplicateKeyUpdate()
        .set(UNCERTAINTY.SHARED, doubt.shared())
        .set(UNCERTAINTY.PER_USE, doubt.perUse())
        .execute();
  }

  void put(Usual usual, double grams) {
    sql.insertInto(USUAL_AMOUNT, USUAL_AMOUNT.USUAL, USUAL_AMOUNT.GRAMS)
        .values(usual.name(), grams)
        .onDuplicateKeyUpdate()
        .set(USUAL_AMOUNT.GRAMS, grams)
        .execute();
  }

  void put(Factor factor, double ratio) {
    sql.insertInto(FACTOR, FACTOR.FACTOR_, FACTOR.RATIO)
        .values(factor.name(), ratio)
        .onDuplicateKeyUpdate()
        .set(FACTOR.RATIO, ratio)
        .execute();
  }

  void reset(Way way) {
    sql.deleteFrom(UNCERTAINTY).where(UNCERTAINTY.WAY.eq(way.name())).execute();
  }

  void reset(Usual usual) {
    sql.deleteFrom(USUAL_AMOUNT).where(USUAL_AMOUNT.USUAL.eq(usual.name())).execute();
  }

  void reset(Factor factor) {
    sql.deleteFrom(FACTOR).where(FACTOR.FACTOR_.eq(factor.name())).execute();
  }

  void resetAll() {
    sql.deleteFrom(UNCERTAINTY).execute();
    sql.deleteFrom(USUAL_AMOUNT).execute();
    sql.deleteFrom(FACTOR).execute();
  }
}
