package honeststack.core.recipe;

import static honeststack.core.figures.Basis.AS_SERVED;
import static honeststack.core.food.Component.ENERC;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestFoods;
import honeststack.core.compare.Changes;
import honeststack.core.estimate.Bound;
import honeststack.core.estimate.Estimate;
import honeststack.core.figures.Figure;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.food.Component;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.NotUnderstood;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.Recipe.Adjustment;
import honeststack.core.recipe.Recipe.Line;
import honeststack.core.recipe.Recipe.Portioning;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Lines left out, changed while cooking, shared by all servings, or never measured. */
class WhileCookingTest {
  private static Line line(String id, String text) {
    return new Line(id, text, Optional.empty());
  }

  private static Line off(String id, String text) {
    return new Line(id, text, Optional.empty(), "", true, false, List.of());
  }

  private static Line adjusted(String id, String text, String... changes) {
    return new Line(
        id,
        text,
        Optional.empty(),
        "",
        false,
        false,
        List.of(changes).stream().map(Adjustment::new).toList());
  }

  private static Line shared(String id, String text) {
    return new Line(id, text, Optional.empty(), "", false, true, List.of());
  }

  /** Ten pieces, one thrown away, three in a serving, so much fat in the pan. */
  private RecipeReading read(String panFat, List<Line> toppings, Line... bowl) {
    return read(line("pan", panFat), toppings, bowl);
  }

  private RecipeReading read(Line panFat, List<Line> toppings, Line... bowl) {
    return TestFoods.kitchen()
        .read(
            new Recipe(
                MeasuringSystem.US,
                List.of(bowl),
                new Recipe.AtTheGriddle(
                    Optional.of(10), 1, Portioning.WEIGHED, "", Optional.of(panFat), "0 g"),
                new Recipe.OnThePlate(Optional.of(3.0), toppings)));
  }

  private static Figure served(RecipeReading reading) {
    return Figures.of(reading, Measurand.of(new Component[] {ENERC})).figure(AS_SERVED, ENERC);
  }

  @Test
  void aLineThatIsLeftOutIsReadButNotCounted() {
    RecipeReading without = read("0 g oil", List.of(), line("a", "100 g sugar"), off("b", "1 egg"));
    assertThat(without.batter()).hasSize(1);
    assertThat(((Understood) without.lines().get(1)).remarks().off()).isTrue();
    assertThat(without.without()).isEmpty();
    assertThat(served(without).bound()).isEqualTo(Bound.COMPLETE);
    RecipeReading nonsense =
        read("0 g oil", List.of(), line("a", "100 g sugar"), off("b", "1 moon"));
    assertThat(nonsense.lines().get(1)).isInstanceOf(NotUnderstood.class);
    assertThat(nonsense.hasGaps(Station.BOWL)).isFalse();
  }

  @Test
  void fatLeftOutOfThePanIsNeitherCountedNorTaken() {
    for (String fat : new String[] {"10 g oil", "a little oil"}) {
      RecipeReading reading = read(off("pan", fat), List.of(), line("a", "100 g sugar"));
      assertThat(reading.panFats()).isEmpty();
      assertThat(reading.without()).containsExactly("pan fat");
      assertThat(served(reading).bound()).isEqualTo(Bound.COMPLETE);
    }
  }

  /** 100 g, 20 g more, 30 g less: 90 g; written and made stay both to be seen. */
  @Test
  void changesWhileCookingAddUpAndTheWrittenAmountStays() {
    RecipeReading reading =
        read("0 g oil", List.of(), adjusted("a", "100 g sugar", "+20 g", "-30 g"));
    Understood line = (Understood) reading.lines().get(0);
    assertThat(line.mass().value()).isCloseTo(90, within(1e-9));
    assertThat(line.words()).isEqualTo("100 g + 20 g − 30 g");
    assertThat(line.said().words()).isEqualTo("100 g");
    assertThat(line.adjusted()).hasSize(2);
    assertThat(line.adjusted().get(1).mass().value()).isCloseTo(-30, within(1e-9));
  }

  /** The same scale three times: its calibration adds up on the 90 g, the readings do not. */
  @Test
  void changesShareTheScale() {
    Estimate mass =
        ((Understood)
                read("0 g oil", List.of(), adjusted("a", "100 g sugar", "+20 g", "-30 g"))
                    .lines()
                    .get(0))
            .mass();
    double readings = 3 / 12.0;
    assertThat(mass.u() * mass.u()).isCloseTo(Math.pow(0.003 * 90, 2) + readings, within(1e-9));
  }

  @Test
  void aChangeThatIsNoAmountOrTakesTooMuchIsRefused() {
    NotUnderstood words =
        (NotUnderstood)
            read("0 g oil", List.of(), adjusted("a", "100 g sugar", "a bit")).lines().get(0);
    assertThat(words.refusal().accepted()).contains("+2 tbsp");
    NotUnderstood much =
        (NotUnderstood)
            read("0 g oil", List.of(), adjusted("a", "100 g sugar", "-200 g")).lines().get(0);
    assertThat(much.refusal().problem()).contains("More was taken away");
  }

  @Test
  void aChangeIsAChangeBetweenVersions() {
    RecipeReading before = read("0 g oil", List.of(), line("a", "100 g sugar"));
    RecipeReading after = read("0 g oil", List.of(), adjusted("a", "100 g sugar", "+20 g"));
    assertThat(Changes.between(before, after)).containsExactly("sugar 100 → 100 g + 20 g");
  }

  /** A bowl of 90 g of sugar (400 kcal in 100 g) for nine pieces kept: 30 g for three of them. */
  @Test
  void aBowlOfAToppingIsDividedOverTheServings() {
    RecipeReading bowl =
        read("0 g oil", List.of(shared("t", "90 g sugar")), line("a", "100 g sugar"));
    assertThat(bowl.plate().orElseThrow().toppings().get(0).mass().value())
        .isCloseTo(30, within(1e-9));
    assertThat(served(bowl).value()).isCloseTo(400 * 0.3 + 400 * 0.3, within(1e-9));
  }

  /** Nobody measured: 5 g for eight pieces, 6.25 g for ten; it is said, and widens the range. */
  @Test
  void panFatThatNobodyMeasuredGetsAUsualAmountAndIsSaid() {
    RecipeReading reading = read("a little oil", List.of(), line("a", "100 g sugar"));
    assertThat(reading.without()).singleElement().asString().contains("oil in the pan (6 g taken)");
    Estimate taken = reading.panFats().get(0).taken().mass();
    assertThat(taken.value()).isCloseTo(6.25, within(1e-9));
    assertThat(taken.u()).isCloseTo(6.25 / Math.sqrt(3), within(1e-9));
    assertThat(served(reading).bound()).isEqualTo(Bound.COMPLETE);
  }

  /** A dry pan is said: nothing is missing, and nothing is added. */
  @ParameterizedTest
  @ValueSource(strings = {"none", "dry pan", "non-stick", "no oil"})
  void aDryPanLacksNothing(String said) {
    RecipeReading reading = read(said, List.of(), line("a", "100 g sugar"));
    assertThat(reading.panFats()).isEmpty();
    assertThat(reading.without()).isEmpty();
    assertThat(reading.lines()).hasSize(1);
    assertThat(served(reading).bound()).isEqualTo(Bound.COMPLETE);
  }

  @Test
  void whatIsNotMeasuredStandsApartWithWhatASpoonOfItWeighs() {
    RecipeReading reading =
        read("0 g oil", List.of(), line("a", "100 g flour"), line("b", "sugar, to taste"));
    NotMeasured sugar = (NotMeasured) reading.lines().get(1);
    assertThat(sugar.food().id()).isEqualTo("sugar");
    assertThat(sugar.tablespoon().orElseThrow()).isCloseTo(200 / 16.0, within(1e-6));
    assertThat(served(reading).bound()).isEqualTo(Bound.AT_LEAST);
    RecipeReading more = read("0 g oil", List.of(), line("a", "100 g flour plus some more"));
    assertThat(more.without()).containsExactly("some more flour");
    assertThat(served(more).bound()).isEqualTo(Bound.AT_LEAST);
  }

  /** A cup of milk weighs 244 g here: 400 g of it is far outside twice their doubts. */
  @Test
  void twoAmountsThatDisagreeAreSaid() {
    Understood apart =
        (Understood) read("0 g oil", List.of(), line("a", "400 g (1 cup) milk")).lines().get(0);
    assertThat(apart.remarks().check()).contains("1 cup", "244 g, not 400 g");
    Understood agreed =
        (Understood) read("0 g oil", List.of(), line("a", "245 g (1 cup) milk")).lines().get(0);
    assertThat(agreed.remarks().check()).isEmpty();
  }
}
