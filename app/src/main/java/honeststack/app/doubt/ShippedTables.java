package honeststack.app.doubt;

import honeststack.app.larder.ShippedCsv;
import honeststack.core.measure.Factors;
import honeststack.core.measure.Factors.Factor;
import honeststack.core.measure.Tables;
import honeststack.core.measure.Uncertainties;
import honeststack.core.measure.Uncertainties.Doubt;
import honeststack.core.measure.Uncertainties.Way;
import honeststack.core.measure.UsualAmounts;
import honeststack.core.measure.UsualAmounts.Usual;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;

/** The tables of measuring as they ship. */
public final class ShippedTables {
  private ShippedTables() {}

  /** What a row is, and what it rests on. */
  record Words(String words, String basis) {}

  public static Tables read() {
    Map<Way, Doubt> doubts = new EnumMap<>(Way.class);
    ShippedCsv.rows(
        "uncertainties",
        row ->
            doubts.put(
                Way.valueOf(row.get("way")),
                new Doubt(ShippedCsv.number(row, "shared"), ShippedCsv.number(row, "per_use"))));
    Map<Usual, Double> usual = new EnumMap<>(Usual.class);
    ShippedCsv.rows(
        "usual-amounts",
        row -> usual.put(Usual.valueOf(row.get("usual")), ShippedCsv.number(row, "grams")));
    Map<Factor, Double> factors = new EnumMap<>(Factor.class);
    ShippedCsv.rows(
        "factors",
        row -> factors.put(Factor.valueOf(row.get("factor")), ShippedCsv.number(row, "ratio")));
    return new Tables(new Uncertainties(doubts), new UsualAmounts(usual), new Factors(factors));
  }

  /**
   * The rows of a file in their order.
   *
   * @param key the column that names a row
   */
  static <E extends Enum<E>> Map<E, Words> words(String file, String key, Class<E> kind) {
    Map<E, Words> words = new LinkedHashMap<>();
    ShippedCsv.rows(
        file,
        row ->
            words.put(
                Enum.valueOf(kind, row.get(key)), new Words(row.get("words"), row.get("basis"))));
    return words;
  }
}
