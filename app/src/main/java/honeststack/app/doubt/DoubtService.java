package honeststack.app.doubt;

import honeststack.app.doubt.DoubtAnswer.DoubtRow;
import honeststack.app.doubt.DoubtAnswer.ValueRow;
import honeststack.app.doubt.ShippedTables.Words;
import honeststack.app.kitchen.KitchenNow;
import honeststack.app.ledger.Ledger;
import honeststack.app.ledger.Part;
import honeststack.app.problem.Problem;
import honeststack.core.measure.Factors.Factor;
import honeststack.core.measure.Tables;
import honeststack.core.measure.Uncertainties.Doubt;
import honeststack.core.measure.Uncertainties.Way;
import honeststack.core.measure.UsualAmounts.Usual;
import java.util.Map;
import org.springframework.stereotype.Service;

/**
 * The tables of measuring in force. Changing them never touches a kept version, which holds its
 * whole reading.
 */
@Service
class DoubtService {
  private static final double MOST_DOUBT = 10;
  private static final double MOST_GRAMS = 1000;
  private static final double MOST_FACTOR = 10;

  private final DoubtStore store;
  private final KitchenNow kitchens;
  private final Ledger ledger;
  private final Tables shipped = ShippedTables.read();
  private final Map<Way, Words> ways = ShippedTables.words("uncertainties", "way", Way.class);
  private final Map<Usual, Words> usuals =
      ShippedTables.words("usual-amounts", "usual", Usual.class);
  private final Map<Factor, Words> factors = ShippedTables.words("factors", "factor", Factor.class);
  private volatile Tables tables;

  DoubtService(DoubtStore store, KitchenNow kitchens, Ledger ledger) {
    this.store = store;
    this.kitchens = kitchens;
    this.ledger = ledger;
    ledger.follow(Part.DOUBT, known -> publish());
  }

  private void publish() {
    tables = store.over(shipped);
    kitchens.publishTables(tables);
  }

  DoubtAnswer answer() {
    return answer(tables);
  }

  private DoubtAnswer answer(Tables now) {
    return new DoubtAnswer(
        ways.entrySet().stream().map(row -> row(row.getKey(), row.getValue(), now)).toList(),
        usuals.entrySet().stream()
            .map(
                row ->
                    value(
                        row.getKey(),
                        row.getValue(),
                        "g",
                        now.usual().of(row.getKey()),
                        shipped.usual().of(row.getKey())))
            .toList(),
        factors.entrySet().stream()
            .map(
                row ->
                    value(
                        row.getKey(),
                        row.getValue(),
                        "times",
                        now.factors().of(row.getKey()),
                        shipped.factors().of(row.getKey())))
            .toList());
  }

  private DoubtRow row(Way way, Words words, Tables now) {
    Doubt doubt = now.uncertainties().of(way);
    Doubt before = shipped.uncertainties().of(way);
    return new DoubtRow(
        way,
        words.words(),
        words.basis(),
        doubt.shared(),
        doubt.perUse(),
        before.shared(),
        before.perUse(),
        !doubt.equals(before));
  }

  private static <K extends Enum<K>> ValueRow<K> value(
      K key, Words words, String unit, double value, double before) {
    return new ValueRow<>(key, words.words(), words.basis(), unit, value, before, value != before);
  }

  DoubtAnswer change(Way way, double shared, double perUse) {
    checkDoubt("shared", shared);
    checkDoubt("perUse", perUse);
    return changed(() -> store.put(way, new Doubt(shared, perUse)));
  }

  DoubtAnswer change(Usual usual, double grams) {
    checkPositive("value", grams, MOST_GRAMS, "g");
    return changed(() -> store.put(usual, grams));
  }

  DoubtAnswer change(Factor factor, double ratio) {
    checkPositive("value", ratio, MOST_FACTOR, "times");
    return changed(() -> store.put(factor, ratio));
  }

  DoubtAnswer reset(Way way) {
    return changed(() -> store.reset(way));
  }

  DoubtAnswer reset(Usual usual) {
    return changed(() -> store.reset(usual));
  }

  DoubtAnswer reset(Factor factor) {
    return changed(() -> store.reset(factor));
  }

  DoubtAnswer resetAll() {
    return changed(store::resetAll);
  }

  private DoubtAnswer changed(Runnable change) {
    return ledger.write(
        () -> {
          ledger.change(Part.DOUBT);
          change.run();
          return answer(store.over(shipped));
        });
  }

  private static void checkDoubt(String field, double value) {
    if (!(value >= 0 && value <= MOST_DOUBT)) {
      throw Problem.badInput(
          field, String.valueOf(value), "A doubt of “" + value + "” cannot be.", "0 to 10");
    }
  }

  private static void checkPositive(String field, double value, double most, String unit) {
    if (!(value > 0 && value <= most)) {
      throw Problem.badInput(
          field,
          String.valueOf(value),
          "“" + value + " " + unit + "” cannot be.",
          "over 0, up to " + most);
    }
  }
}
