package honeststack.core.recipe;

import static honeststack.core.TestRecipes.bowl;
import static honeststack.core.TestRecipes.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestRecipes;
import honeststack.core.estimate.Bound;
import honeststack.core.estimate.Estimate;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.food.Component;
import honeststack.core.recipe.Recipe.Portioning;
import honeststack.core.yield.Balance;
import honeststack.core.yield.Griddle;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Pieces counted and foretold, weighed and not, and what a helping of them holds. */
class YieldTest {
  private static final String[] BATTER = {"200 g flour", "300 g milk", "100 g egg"};

  private static double energy(RecipeReading reading, Basis basis) {
    return Figures.of(reading, List.of(Measurand.of(Component.ENERC)))
        .figure(basis, Component.ENERC)
        .value();
  }

  /** 200 g of flour hold 20 g protein, 10 g fat … by hand: 562.5 mL without air (see below). */
  private static double millilitresByHand(RecipeReading reading) {
    double volume = 0;
    double[] densities = {0.997, 1.330, 0.926, 1.599, 1.312, 2.424};
    for (MeasuredFood food : reading.batter()) {
      double fibre = food.value(Component.FIBTG);
      double[] grams = {
        food.value(Component.WATER),
        food.value(Component.PROCNT),
        food.value(Component.FAT),
        food.value(Component.CHOCDF) - fibre,
        fibre,
        food.value(Component.ASH)
      };
      double rest = food.mass().value();
      for (int i = 0; i < grams.length; i++) {
        volume += grams[i] / densities[i];
        rest -= grams[i];
      }
      volume += Math.max(0, rest) / 1.1;
    }
    return volume;
  }

  @Test
  void piecesAreForetoldFromTheBatterAndItsPortion() {
    RecipeReading reading = bowl(BATTER).portion("60 ml").read();
    double swollen = millilitresByHand(reading) / 0.97; // no leavening: 3 % air
    Griddle griddle = reading.griddle().orElseThrow();
    assertThat(griddle.predicted()).isTrue();
    assertThat(griddle.count()).isCloseTo(swollen / 60, within(1e-9));
    assertThat(reading.outcome().volume().orElseThrow().value()).isCloseTo(swollen, within(1e-9));
    assertThat(reading.findings()).anyMatch(finding -> finding.startsWith("Nobody counted yet"));
    double piece = energy(reading, Basis.PER_PIECE);
    assertThat(piece * griddle.count()).isCloseTo(energy(reading, Basis.WHOLE_BATCH), within(1e-6));
  }

  /** Drawn by hand: vessel, filling, density and air, each normal. */
  @Test
  void theRangeOfWhatIsForetoldIsThatOfDraws() {
    RecipeReading reading = bowl(BATTER).portion("60 ml").read();
    Estimate foretold = reading.outcome().predicted().orElseThrow();
    Random random = new Random(7);
    double plain = millilitresByHand(reading);
    double[] draws =
        IntStream.range(0, 40_000)
            .mapToDouble(
                i -> {
                  double fill =
                      60 * (1 + 0.03 * random.nextGaussian()) * (1 + 0.05 * random.nextGaussian());
                  double volume = plain * (1 + 0.03 * random.nextGaussian());
                  return volume / (1 - (0.03 + 0.04 * random.nextGaussian())) / fill;
                })
            .toArray();
    double mean = IntStream.range(0, draws.length).mapToDouble(i -> draws[i]).average().orElse(0);
    double spread =
        Math.sqrt(
            IntStream.range(0, draws.length)
                .mapToDouble(i -> (draws[i] - mean) * (draws[i] - mean))
                .average()
                .orElse(0));
    assertThat(foretold.u()).isCloseTo(spread, within(0.05 * spread));
  }

  @ParameterizedTest
  @CsvSource({"11 cm × 6 mm", "110 mm x 6mm", "57.02 ml"})
  void aCakesSizeItsVolumeAndItsWeightAgree(String portion) {
    RecipeReading reading = bowl(BATTER).portion(portion).read();
    var each = reading.outcome().portion().orElseThrow();
    assertThat(each.millilitres().value()).isCloseTo(57.02, within(0.01));
    assertThat(each.round().diameter()).isCloseTo(110, within(0.05));
    double dense = reading.batterMass().value() / reading.outcome().volume().orElseThrow().value();
    assertThat(each.grams().value()).isCloseTo(57.02 * dense, within(0.01));
    String weight = each.grams().value() + " g";
    var back = bowl(BATTER).portion(weight).read().outcome().portion().orElseThrow();
    assertThat(back.millilitres().value()).isCloseTo(57.02, within(0.1));
  }

  /** Whatever is said: what the pieces hold, and what is in none, is all there is. */
  @Test
  void nothingOfTheBatterIsLost() {
    Random random = new Random(11);
    for (int i = 0; i < 200; i++) {
      int left = random.nextInt(80);
      int spilled = random.nextInt(60);
      int tasted = random.nextInt(30);
      int n = 1 + random.nextInt(14);
      RecipeReading reading =
          bowl(BATTER)
              .pieces(n, Portioning.SCOOP)
              .pan("none", "")
              .left(left + " g")
              .making(said("50 g", spilled + " g", tasted + " g", "", 0, List.of()))
              .read();
      Balance balance = reading.outcome().balance().orElseThrow();
      double sum = n * 50.0 + left + spilled + tasted + balance.unexplained().value();
      assertThat(sum).isCloseTo(600, within(1e-9));
      assertThat(balance.isFinding())
          .isEqualTo(
              Math.abs(balance.unexplained().value()) > 30
                  && Math.abs(balance.unexplained().value()) > 2 * balance.unexplained().u());
      double inPieces = n * energy(reading, Basis.PER_PIECE);
      double all = energy(reading, Basis.WHOLE_BATCH);
      assertThat(inPieces)
          .isCloseTo(all * (600.0 - left - spilled - tasted) / 600, within(1e-9 * all));
    }
  }

  @Test
  void cookedPiecesOnTheScaleSayWhat100GramsHold() {
    TestRecipes recipe = bowl(BATTER).pieces(10, Portioning.SCOOP).pan("none", "");
    RecipeReading some = recipe.making(said("", "", "", "156 g", 3, List.of())).read();
    assertThat(some.griddle().orElseThrow().cookedPiece().orElseThrow().value())
        .isCloseTo(52, within(1e-9));
    double whole = energy(some, Basis.WHOLE_BATCH);
    assertThat(energy(some, Basis.PER_100G_COOKED)).isCloseTo(whole / 520 * 100, within(1e-9));
    RecipeReading none = recipe.making(Recipe.Making.NOT_SAID).read();
    assertThat(energy(none, Basis.PER_100G_COOKED))
        .isCloseTo(whole / (600 * 0.88) * 100, within(1e-9));
    RecipeReading crumbs = recipe.making(said("", "", "", "156 g", 30, List.of())).read();
    assertThat(crumbs.problems()).anyMatch(p -> p.field().equals("griddle.cooked"));
  }

  @Test
  void sevenOrEight() {
    Recipe.Making range =
        new Recipe.Making(
            "",
            Optional.of(8),
            "",
            "",
            Recipe.Cooked.NOT_WEIGHED,
            Recipe.Doneness.PANCAKE,
            List.of(),
            0,
            List.of(),
            3,
            "",
            Optional.empty());
    RecipeReading reading =
        bowl(BATTER).pieces(7, Portioning.WEIGHED).pan("none", "").making(range).read();
    Griddle griddle = reading.griddle().orElseThrow();
    assertThat(griddle.count()).isEqualTo(7.5);
    assertThat(griddle.kept()).isEqualTo(5); // 8 less the 3 that are kept for later
    double share = griddle.panShare(1).u() / griddle.panShare(1).value();
    assertThat(share).isCloseTo(0.5 / Math.sqrt(3) / 7.5, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({
    "3, 3",
    "1½ pieces, 1.5",
    "a quarter of it, 2.5",
    "25 %, 2.5",
    "serves 4, 2.5",
    "all of it, 10",
    "132 g, 2.5",
    "1/5 of the batch, 2"
  })
  void aHelpingIsPiecesAWeightOrAShare(String amount, double pieces) {
    RecipeReading reading =
        bowl(BATTER).pieces(10, Portioning.SCOOP).pan("20 g oil", "0 g").serving(amount).read();
    assertThat(reading.problems()).isEmpty();
    double ofAll = energy(reading, Basis.WHOLE_BATCH) * pieces / 10;
    assertThat(energy(reading, Basis.AS_SERVED)).isCloseTo(ofAll, within(1e-6));
    RecipeReading other =
        bowl(BATTER)
            .pieces(10, Portioning.SCOOP)
            .pan("20 g oil", "0 g")
            .other("child", amount)
            .read();
    RecipeReading child = other.serving(other.others().get(0));
    assertThat(energy(child, Basis.AS_SERVED)).isCloseTo(ofAll, within(1e-6));
  }

  @Test
  void chosenPiecesCountByTheirWeight() {
    List<String> each = List.of("40 g", "60 g", "50 g", "70 g");
    RecipeReading reading =
        bowl(BATTER)
            .pieces(4, Portioning.LADLE)
            .pan("none", "")
            .making(said("", "", "", "", 0, each))
            .serving("#2 #4")
            .read();
    double all = energy(reading, Basis.WHOLE_BATCH);
    assertThat(energy(reading, Basis.AS_SERVED)).isCloseTo(all * 130 / 220, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(strings = {"a bit", "-3", "0", "0 g", "#9", "120 %", "3 kg of it"})
  void whatIsNoHelpingIsRefused(String amount) {
    RecipeReading reading =
        bowl(BATTER).pieces(10, Portioning.SCOOP).pan("none", "").serving(amount).read();
    assertThat(reading.problems()).anyMatch(p -> p.field().equals("plate.amount"));
    assertThat(reading.isServed()).isFalse();
  }

  @ParameterizedTest
  @ValueSource(strings = {"lots", "0 ml", "60", "a pinch of it", "3 pieces"})
  void whatIsNoPortionIsRefused(String portion) {
    RecipeReading reading = bowl(BATTER).portion(portion).read();
    assertThat(reading.problems()).anyMatch(p -> p.field().equals("griddle.portion"));
    assertThat(reading.griddle()).isEmpty();
  }

  /** What is missing on one plate is missing there, and on no other. */
  @Test
  void eachServingSaysWhatItLacks() {
    RecipeReading reading =
        bowl(BATTER)
            .pieces(10, Portioning.SCOOP)
            .pan("none", "")
            .serving(2, "20 g sugar")
            .under("open", "1", "sugar to taste")
            .under("odd", "1", "30 g wobble")
            .under("bare", "1")
            .read();
    assertThat(bound(reading)).isEqualTo(Bound.COMPLETE);
    assertThat(bound(reading.serving(reading.others().get(0)))).isEqualTo(Bound.AT_LEAST);
    assertThat(bound(reading.serving(reading.others().get(1)))).isEqualTo(Bound.AT_LEAST);
    assertThat(bound(reading.serving(reading.others().get(2)))).isEqualTo(Bound.COMPLETE);
    RecipeReading open =
        bowl(BATTER)
            .pieces(10, Portioning.SCOOP)
            .pan("none", "")
            .serving(2, "sugar to taste")
            .other("same", "1")
            .under("bare", "1")
            .read();
    assertThat(bound(open.serving(open.others().get(0)))).isEqualTo(Bound.AT_LEAST);
    assertThat(bound(open.serving(open.others().get(1)))).isEqualTo(Bound.COMPLETE);
  }

  private static Bound bound(RecipeReading reading) {
    return Figures.of(reading, List.of(Measurand.of(Component.ENERC)))
        .figure(Basis.AS_SERVED, Component.ENERC)
        .bound();
  }
}
