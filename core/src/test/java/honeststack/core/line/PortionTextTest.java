package honeststack.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.line.HelpingText.Chosen;
import honeststack.core.line.HelpingText.Cooked;
import honeststack.core.line.HelpingText.Helping;
import honeststack.core.line.HelpingText.Share;
import honeststack.core.line.PortionText.Filled;
import honeststack.core.line.PortionText.Pieces;
import honeststack.core.line.PortionText.Portioned;
import honeststack.core.line.PortionText.Poured;
import honeststack.core.line.PortionText.Weighed;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.wording.RefusedException;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** How much batter, and how much of what came of it, as cooks say it. */
class PortionTextTest {
  /** NIST Handbook 44, App. C: cup 236.588, tablespoon 14.787 mL; a quart is 946.353 mL. */
  @ParameterizedTest
  @CsvSource({
    "¼ cup, 59.147",
    "1/4 cup, 59.147",
    "a quarter cup, 59.147",
    "60 ml, 60",
    "6 cl, 60",
    "2 tbsp, 29.574",
    "½ cup, 118.294",
    "1/3 cup, 78.863",
    "#16, 59.147",
    "no. 8 scoop, 118.294",
    "1 ladle, 59.147",
    "0.5 dl, 50",
    "3 fl oz, 88.721"
  })
  void vessels(String text, double millilitres) {
    Portioned said = PortionText.read(text);
    assertThat(said).isInstanceOf(Filled.class);
    honeststack.core.measure.Measure measure = ((Filled) said).measure();
    double read = measure.amount() * measure.unit().millilitres(MeasuringSystem.US);
    assertThat(read).isCloseTo(millilitres, within(0.001));
  }

  @ParameterizedTest
  @CsvSource({"55 g, 55", "2 oz, 56.699", "1 kg, 1000", "¼ lb, 113.398"})
  void weights(String text, double grams) {
    Portioned said = PortionText.read(text);
    assertThat(said).isInstanceOf(Weighed.class);
    honeststack.core.measure.Measure measure = ((Weighed) said).measure();
    assertThat(measure.amount() * measure.unit().grams()).isCloseTo(grams, within(0.001));
  }

  @ParameterizedTest
  @CsvSource({
    "11 cm, 110,",
    "110 mm, 110,",
    "4 in, 101.6,",
    "4 inches across, 101.6,",
    "4 1/2 inches, 114.3,",
    "11 cm × 6 mm, 110, 6",
    "11cm x 0.6cm, 110, 6",
    "10 cm by 8 mm thick, 100, 8",
    "'12,5 cm x 5 mm', 125, 5"
  })
  void cakesOfASize(String text, double diameter, Double thickness) {
    Portioned said = PortionText.read(text);
    assertThat(said).isInstanceOf(Poured.class);
    Poured poured = (Poured) said;
    assertThat(poured.diameter()).isCloseTo(diameter, within(1e-9));
    assertThat(poured.thickness()).isEqualTo(Optional.ofNullable(thickness));
  }

  @ParameterizedTest
  @CsvSource({"2 pieces, 2", "1 cake, 1", "one and a half pancakes, 1.5", "3 more, 3"})
  void piecesNotCookedYet(String text, double count) {
    assertThat(PortionText.read(text)).isEqualTo(new Pieces(count));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "some",
        "60",
        "0 ml",
        "0 cm",
        "60 ml or so of it",
        "three",
        "a knob",
        "-2 pieces",
        "#0"
      })
  void whatIsNoAmountOfBatterIsQuoted(String text) {
    assertThatThrownBy(() -> PortionText.read(text))
        .isInstanceOf(RefusedException.class)
        .satisfies(
            thrown -> assertThat(((RefusedException) thrown).refusal().accepted()).isNotBlank());
  }

  @ParameterizedTest
  @CsvSource({
    "3, 3",
    "1½, 1.5",
    "2 pieces, 2",
    "half a cake, 0.5",
    "one and a half pancakes, 1.5",
    "0.25, 0.25",
    "12 waffles, 12"
  })
  void helpingsByPieces(String text, double count) {
    Helping helping = HelpingText.read(text);
    assertThat(helping).isEqualTo(new HelpingText.Pieces(count));
  }

  @ParameterizedTest
  @CsvSource({
    "serves 4, 0.25",
    "for 8 people, 0.125",
    "shared by 3, 0.333333333",
    "a quarter of it, 0.25",
    "half of the batch, 0.5",
    "1/3 of all, 0.333333333",
    "25 %, 0.25",
    "all, 1",
    "all of it, 1",
    "The whole batch, 1"
  })
  void helpingsByShare(String text, double share) {
    Helping helping = HelpingText.read(text);
    assertThat(helping).isInstanceOf(Share.class);
    assertThat(((Share) helping).share()).isCloseTo(share, within(1e-6));
  }

  @Test
  void helpingsByWeightAndByChoice() {
    Helping weighed = HelpingText.read("150 g");
    assertThat(weighed).isInstanceOf(Cooked.class);
    assertThat(((Cooked) weighed).weight().amount()).isEqualTo(150);
    assertThat(HelpingText.read("#1 #3")).isEqualTo(new Chosen(List.of(1, 3)));
    assertThat(HelpingText.read("#2, #2 and #5")).isEqualTo(new Chosen(List.of(2, 5)));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"", "lots", "0", "-1", "serves 0", "200 % of it", "2000", "serves many", "#"})
  void whatIsNoHelpingIsQuoted(String text) {
    assertThatThrownBy(() -> HelpingText.read(text)).isInstanceOf(RefusedException.class);
  }
}
