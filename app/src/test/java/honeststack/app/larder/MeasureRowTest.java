package honeststack.app.larder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.food.HouseholdMeasure.Piece;
import honeststack.core.food.HouseholdMeasure.Volume;
import honeststack.core.food.Packing;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MeasureRowTest {

  /** What is written is read again as the same. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "cup SPOONED=125.0",
        "tbsp=14.2",
        "tsp PACKED=4.6",
        "100 mL=103.0",
        "piece large=50.0 graded usual",
        "piece=24.0 usual",
        "piece eu medium=51.0 graded"
      })
  void roundTrips(String text) {
    assertThat(MeasureRow.of(MeasureRow.parse(text).measured()).text()).isEqualTo(text);
  }

  /** A US cup is 236.5882365 mL (NIST Handbook 44, App. C). */
  @Test
  void cupsAreAmerican() {
    Volume cup = (Volume) MeasureRow.parse("cup sifted=115").measured();
    assertThat(cup.millilitres()).isCloseTo(236.5882365, within(1e-6));
    assertThat(cup.packing()).isEqualTo(Packing.SIFTED);
    Piece egg = (Piece) MeasureRow.parse("piece Large=50 graded usual").measured();
    assertThat(egg.size()).isEqualTo("large");
    assertThat(egg.graded()).isTrue();
  }

  @Test
  void whatIsNoMeasureIsQuoted() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> MeasureRow.parse("bucket=900").measured())
        .withMessageContaining("bucket");
    assertThatIllegalArgumentException()
        .isThrownBy(() -> MeasureRow.parse("cup fluffy=100").measured())
        .withMessageContaining("fluffy");
    assertThatIllegalArgumentException()
        .isThrownBy(() -> MeasureRow.parse("cup=much"))
        .withMessageContaining("much");
    assertThatIllegalArgumentException()
        .isThrownBy(() -> MeasureRow.parse("cup 100"))
        .withMessageContaining("cup 100");
    assertThatIllegalArgumentException()
        .isThrownBy(() -> MeasureRow.parse("cup=0").measured())
        .withMessageContaining("0");
  }
}
