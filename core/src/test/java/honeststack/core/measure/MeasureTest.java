package honeststack.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import honeststack.core.food.Packing;
import honeststack.core.measure.Measure.Heap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** An amount in words, as a cook would write it. */
class MeasureTest {

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      nullValues = "-",
      textBlock =
          """
          1    | 0    | 0 | CUP        | NOT_SAID | LEVEL  | -      | 1 cup          | 1 cup
          1.5  | 0    | 0 | CUP        | SPOONED  | LEVEL  | -      | 1½ cups        | 1½ spooned cups
          2    | 0    | 0 | TABLESPOON | NOT_SAID | HEAPED | -      | 2 heaped tbsp  | 2 heaped tbsp
          1    | 0    | 0 | CUP        | NOT_SAID | SCANT  | -      | 1 scant cup    | 1 scant cup
          3.5  | 0.5  | 0 | TABLESPOON | NOT_SAID | LEVEL  | -      | 3–4 tbsp       | 3–4 tbsp
          0.75 | 0.25 | 0 | CUP        | NOT_SAID | LEVEL  | -      | ½–1 cup        | ½–1 cup
          1    | 0.5  | 0 | CUP        | PACKED   | LEVEL  | -      | ½–1½ cups      | ½–1½ packed cups
          2    | 0    | 0 | COUNT      | NOT_SAID | LEVEL  | large  | 2 large        | 2 large
          2    | 0    | 0 | COUNT      | NOT_SAID | LEVEL  | slice  | 2 slices       | 2 slices
          1    | 0    | 0 | COUNT      | NOT_SAID | LEVEL  | slice  | 1 slice        | 1 slice
          3    | 0    | 0 | COUNT      | GRATED   | LEVEL  | -      | 3              | 3
          62.5 | 0    | 0 | GRAM       | NOT_SAID | LEVEL  | -      | 62½ g          | 62½ g
          62.5 | 0    | 1 | GRAM       | NOT_SAID | LEVEL  | -      | 62.5 g         | 62.5 g
          1.25 | 0    | 0 | KILOGRAM   | NOT_SAID | LEVEL  | -      | 1.25 kg        | 1.25 kg
          """)
  void words(
      double amount,
      double half,
      int decimals,
      Unit unit,
      Packing packing,
      Heap heap,
      String size,
      String words,
      String text) {
    Measure measure =
        new Measure(amount, half, decimals, unit, packing, heap, size == null ? "" : size);
    assertThat(measure.words()).isEqualTo(words);
    assertThat(measure.text()).isEqualTo(text);
  }

  @Test
  void changesKeepTheRest() {
    Measure cups = new Measure(2, 0.5, 1, Unit.CUP, Packing.SPOONED, Heap.SCANT, "");
    assertThat(cups.times(2))
        .isEqualTo(new Measure(4, 1, 1, Unit.CUP, Packing.SPOONED, Heap.SCANT, ""));
    assertThat(cups.in(Unit.PINT))
        .isEqualTo(new Measure(2, 0.5, 1, Unit.PINT, Packing.SPOONED, Heap.SCANT, ""));
    assertThat(cups.packed(Packing.PACKED))
        .isEqualTo(new Measure(2, 0.5, 1, Unit.CUP, Packing.PACKED, Heap.SCANT, ""));
  }

  @Test
  void whatCannotBeIsRefused() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Measure(-1, 0, Unit.CUP, Packing.NOT_SAID, ""));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Measure(Double.NaN, 0, Unit.CUP, Packing.NOT_SAID, ""));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Measure(1, 1.1, 0, Unit.CUP, Packing.NOT_SAID, Heap.LEVEL, ""));
  }
}
