package honeststack.app.doubt;

import honeststack.core.measure.Factors.Factor;
import honeststack.core.measure.Uncertainties.Way;
import honeststack.core.measure.UsualAmounts.Usual;
import java.util.List;

/** The tables of measuring in force, beside what ships. */
record DoubtAnswer(
    List<DoubtRow> uncertainties, List<ValueRow<Usual>> usual, List<ValueRow<Factor>> factors) {

  /**
   * How far a way of measuring is off, relative.
   *
   * @param changed it differs from what ships
   */
  record DoubtRow(
      Way way,
      String words,
      String basis,
      double shared,
      double perUse,
      double shippedShared,
      double shippedPerUse,
      boolean changed) {}

  /**
   * A usual amount or a factor.
   *
   * @param unit g, or times
   * @param changed it differs from what ships
   */
  record ValueRow<K extends Enum<K>>(
      K key,
      String words,
      String basis,
      String unit,
      double value,
      double shipped,
      boolean changed) {}
}
