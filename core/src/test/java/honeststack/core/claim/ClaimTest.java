package honeststack.core.claim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestRecipes;
import honeststack.core.claim.Claim.Held;
import honeststack.core.claim.Claim.Standing;
import honeststack.core.claim.Claim.Stated;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Measurand;
import honeststack.core.recipe.Recipe.Portioning;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClaimTest {
  private static Measurand tagged(String tag) {
    return Measurand.tagged(tag).orElseThrow();
  }

  /** 21 CFR 101.9(c)(1), (2), (4), (6), (7); EU guidance 2012, table 4 (from memory). */
  @ParameterizedTest
  @CsvSource({
    "UNITED_STATES, ENERC, 4.9, 0",
    "UNITED_STATES, ENERC, 47, 45",
    "UNITED_STATES, ENERC, 96, 100",
    "UNITED_STATES, FAT, 0.4, 0",
    "UNITED_STATES, FAT, 3.3, 3.5",
    "UNITED_STATES, FAT, 5.6, 6",
    "UNITED_STATES, NA, 133, 135",
    "UNITED_STATES, NA, 144, 140",
    "UNITED_STATES, CHOCDF, 0.4, 0",
    "UNITED_STATES, PROCNT, 6.5, 7",
    "EUROPEAN_UNION, ENERC, 227.4, 227",
    "EUROPEAN_UNION, FAT, 0.5, 0.5",
    "EUROPEAN_UNION, FAT, 9.74, 9.7",
    "EUROPEAN_UNION, FAT, 10.6, 11",
    "EUROPEAN_UNION, SALT, 1.27, 1.3",
    "EUROPEAN_UNION, SALT, 0.456, 0.46",
    "EUROPEAN_UNION, FASAT, 0.09, 0"
  })
  void labelsRound(Rounding rounding, String tag, double value, double stated) {
    Measurand measurand = tagged(tag);
    assertThat(rounding.rounded(measurand, value)).isCloseTo(stated, within(1e-9));
    assertThat(rounding.before(measurand, stated, 1).touches(value, value)).isTrue();
  }

  /** Energy, protein, carbohydrate, fibre, fat, sugars: true ones, and doctored ones. */
  @ParameterizedTest
  @CsvSource({
    "227, 6.4, 28.3, 1.0, 9.7, 4, true",
    "95, 10, 9, 1, 2, 2, true",
    "364, 10.3, 76.3, 2.7, 1, 0.3, true",
    "884, 0, 0, 0, 100, 0, true",
    "717, 0.9, 0.1, 0, 81, 0.1, true",
    "61, 3.2, 4.8, 0, 3.3, 5, true",
    "143, 12.6, 0.7, 0, 9.5, 0.4, true",
    "89, 1.1, 22.8, 2.6, 0.3, 12.2, true",
    "325, 10.9, 75, 23.8, 1.5, 1, true",
    "250, 8, 30, 5, 11, 6, true",
    "120, 24, 3, 1, 1.5, 1, true",
    "0, 0, 0, 0, 0, 0, true",
    "95, 10, 20, 1, 5, 2, false",
    "100, 20, 20, 1, 10, 2, false",
    "300, 5, 10, 1, 3, 2, false",
    "50, 1, 22.8, 2.6, 0.3, 12.2, false",
    "227, 6.4, 28.3, 1, 19.7, 4, false",
    "180, 4, 20, 2, 9, 31, false",
    "150, 4, 10, 14, 9, 2, false",
    "64, 16, 16, 1, 5, 3, false",
    "400, 10, 10, 2, 10, 2, false",
    "20, 3, 9, 1, 2, 1, false"
  })
  void figuresThatDoNotGoTogether(
      double energy,
      double protein,
      double carbohydrate,
      double fibre,
      double fat,
      double sugars,
      boolean agree) {
    String[] tags = {"ENERC", "PROCNT", "CHOCDF", "FIBTG", "FAT", "SUGAR"};
    double[] values = {energy, protein, carbohydrate, fibre, fat, sugars};
    List<Stated> stated = new ArrayList<>();
    for (int i = 0; i < tags.length; i++) {
      stated.add(new Stated(tagged(tags[i]), values[i], i == 0 ? 0 : 1));
    }
    List<String> said = new Claim(Rounding.AS_WRITTEN, stated).contradictions();
    assertThat(said.isEmpty()).as(said.toString()).isEqualTo(agree);
  }

  /**
   * 200 g flour, 300 g milk and 100 g egg hold 1,020 kcal and 156 g carbohydrate, 10 g of it fibre;
   * 10 pieces, 2 a serving, 20 g of oil in the pan: 204 + 36 kcal, 31.2 g and 2 g.
   */
  @ParameterizedTest
  @CsvSource({
    "ENERC, 240, POSSIBLE, ''",
    "ENERC, 250, POSSIBLE, ''",
    "ENERC, 204, NOT_POSSIBLE, without the pan fat",
    "ENERC, 120, NOT_POSSIBLE, made 20 pieces",
    "ENERC, 400, NOT_POSSIBLE, made 6 pieces",
    "CHOCDF, 31, POSSIBLE, ''",
    "CHOCDF, 15, NOT_POSSIBLE, pieces",
    "PROCNT, 8.2, POSSIBLE, ''",
    "PROCNT, 16, NOT_POSSIBLE, made 5"
  })
  void aClaimAgainstARecipe(String tag, double value, Standing standing, String would) {
    Claim claim = new Claim(Rounding.AS_WRITTEN, List.of(new Stated(tagged(tag), value, 0)));
    Held held =
        claim
            .against(
                TestRecipes.bowl("200 g flour", "300 g milk", "100 g egg")
                    .pieces(10, Portioning.WEIGHED)
                    .pan("20 g oil", "0 g")
                    .serving(2)
                    .read(),
                Basis.AS_SERVED)
            .get(0);
    assertThat(held.standing()).as(held.toString()).isEqualTo(standing);
    assertThat(held.would().toString()).contains(would);
    assertThat(held.off() > 0).isEqualTo(standing == Standing.NOT_POSSIBLE);
  }

  /** What is not in the numbers may be why. */
  @ParameterizedTest
  @CsvSource({"ENERC, 400, CANNOT_BE_TOLD", "ENERC, 100, NOT_POSSIBLE"})
  void whatIsMissingMayBeWhy(String tag, double value, Standing standing) {
    Claim claim = new Claim(Rounding.AS_WRITTEN, List.of(new Stated(tagged(tag), value, 0)));
    Held held =
        claim
            .against(
                TestRecipes.bowl("200 g flour", "300 g milk", "sugar to taste")
                    .pieces(10, Portioning.WEIGHED)
                    .pan("none", "")
                    .serving(2)
                    .read(),
                Basis.AS_SERVED)
            .get(0);
    assertThat(held.standing()).isEqualTo(standing);
  }

  /** A topping of 200 kcal stays as it is: 220 kcal leave 20 for pieces that hold 240. */
  @ParameterizedTest
  @CsvSource({"ENERC, 220, made 120 pieces", "ENERC, 100, toppings alone bring 200"})
  void toppingsStayAsTheyAre(String tag, double value, String would) {
    Claim claim = new Claim(Rounding.AS_WRITTEN, List.of(new Stated(tagged(tag), value, 0)));
    Held held =
        claim
            .against(
                TestRecipes.bowl("200 g flour", "300 g milk", "100 g egg")
                    .pieces(10, Portioning.WEIGHED)
                    .pan("20 g oil", "0 g")
                    .serving(2, "50 g sugar")
                    .read(),
                Basis.AS_SERVED)
            .get(0);
    assertThat(held.would().toString()).contains(would);
  }
}
