package honeststack.core.compare;

import static honeststack.core.food.Component.ENERC;
import static honeststack.core.food.Component.FAT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestFoods;
import honeststack.core.TestRecipes;
import honeststack.core.batter.Batter;
import honeststack.core.batter.MeasuredFood;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Food;
import honeststack.core.serving.Basis;
import honeststack.core.serving.Made;
import honeststack.core.serving.Recipe;
import honeststack.core.serving.Recipe.Portioning;
import honeststack.core.serving.RecipeReader;
import honeststack.core.serving.RecipeReading;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ComparisonTest {
  private static final RecipeReader READER = new RecipeReader(new TestFoods(), TestFoods.doubt());
  private static final List<Component> TWO = List.of(ENERC, FAT);
  private static final int PAIRS = 1000;

  private static RecipeReading read(TestRecipes recipe) {
    return READER.read(recipe.recipe(), SourceBook.firstOrder());
  }

  private static Difference energy(TestRecipes a, TestRecipes b, Mode mode) {
    return Comparison.of(read(a).made(), read(b).made(), mode, TWO).get(0);
  }

  private static TestRecipes plain() {
    return TestRecipes.bowl("200 g flour", "300 g milk", "20 g oil").pan("10 g oil", "2 g");
  }

  /**
   * 200 → 240 g of flour at 3.5 kcal/g in two of ten pieces: 28 kcal more. Sugar for 20 g of oil:
   * 20 g × (4 − 9) × 0.2 = −20 kcal. Three pieces instead of two, on the mean of both batters.
   */
  @Test
  void causesOnPaper() {
    Difference amount =
        energy(
            plain(),
            TestRecipes.bowl("240 g flour", "300 g milk", "20 g oil").pan("10 g oil", "2 g"),
            Mode.SAME_BOWL);
    assertThat(amount.causes()).hasSize(1);
    assertThat(amount.causes().get(0).effect()).isCloseTo(28, within(1e-9));
    assertThat(amount.causes().get(0).words()).isEqualTo("flour: 40 g more");
    assertThat(amount.isReal()).isTrue();

    Difference added = energy(plain(), plain().serving(2, "20 g sugar"), Mode.SAME_BOWL);
    assertThat(added.causes().get(0).kind()).isEqualTo(Cause.Kind.TOPPING);
    assertThat(added.value().value()).isCloseTo(80, within(1e-9));

    Difference portion = energy(plain(), plain().serving(3), Mode.SAME_BOWL);
    // One tenth of (700 + 180 + 180) kcal of batter and of 8 g of pan fat
    assertThat(portion.causes().get(0).effect()).isCloseTo(106 + 7.2, within(1e-9));
    assertThat(portion.causes().get(0).words()).isEqualTo("portion: 3 of 10 pieces, not 2 of 10");
  }

  /** Untouched lines cancel in the same bowl; on two mornings they do not. */
  @Test
  void theModesDiffer() {
    TestRecipes a = TestRecipes.bowl("1 cup flour", "1 cup milk", "2 tbsp sugar");
    TestRecipes b = TestRecipes.bowl("1 cup flour", "1 cup milk", "3 tbsp sugar");
    Difference same = energy(a, b, Mode.SAME_BOWL);
    Difference two = energy(a, b, Mode.TWO_BATCHES);
    assertThat(same.value().value()).isEqualTo(two.value().value());
    assertThat(same.value().u()).isLessThan(two.value().u() / 3);
    assertThat(energy(a, a, Mode.SAME_BOWL).value().u()).isCloseTo(0, within(1e-9));
    assertThat(energy(a, a, Mode.TWO_BATCHES).isReal()).isFalse();
  }

  /** All else equal ends where the pieces were made alike otherwise: a scale for the ladle. */
  @Test
  void whatChangedAtTheGriddleIsNotShared() {
    TestRecipes ladled = plain();
    TestRecipes weighed = plain().pieces(10, Portioning.WEIGHED);
    assertThat(energy(ladled, plain(), Mode.SAME_BOWL).value().u()).isCloseTo(0, within(1e-9));
    double ladle = 0.12 * Math.sqrt(0.5 * 0.8) * 2 / 10 * (700 + 180 + 180);
    double scale = ladle / 12;
    assertThat(energy(ladled, weighed, Mode.SAME_BOWL).value().u())
        .isCloseTo(Math.hypot(ladle, scale), within(1e-9));
    double unmeasured =
        energy(plain().left("20 g"), plain().left("60 g"), Mode.SAME_BOWL).value().u();
    assertThat(unmeasured).isGreaterThan(0);
  }

  @Test
  void whatIsMissingMakesADifferenceUnsure() {
    Difference unsure =
        energy(plain(), TestRecipes.bowl("400 g flour", "a yard of milk"), Mode.SAME_BOWL);
    assertThat(unsure.isReal()).isFalse();
    assertThatIllegalArgumentException()
        .isThrownBy(
            () ->
                Comparison.of(
                    new Made(new Batter(List.of(), false), Optional.empty(), Optional.empty()),
                    read(plain()).made(),
                    Mode.SAME_BOWL,
                    TWO));
  }

  /** METHOD: the parts sum to the difference to 1e-9, whatever changed. */
  @Test
  void causesSumExactly() {
    Random random = new Random(31);
    Set<Cause.Kind> seen = EnumSet.noneOf(Cause.Kind.class);
    for (int i = 0; i < PAIRS; i++) {
      Made a = READER.read(random(random), SourceBook.firstOrder()).made();
      Made b = revised(READER.read(random(random), SourceBook.firstOrder()).made(), random);
      for (Difference difference : Comparison.of(a, b, Mode.TWO_BATCHES, TWO)) {
        double sum = difference.causes().stream().mapToDouble(cause -> cause.effect()).sum();
        assertThat(sum).isCloseTo(difference.value().value(), within(1e-9));
        difference.causes().forEach(cause -> seen.add(cause.kind()));
        assertThat(difference.basis()).isNotEqualTo(Basis.PER_100G_RAW);
      }
    }
    assertThat(seen).containsExactlyInAnyOrder(Cause.Kind.values());
  }

  private static Recipe random(Random random) {
    String[] texts = new String[1 + random.nextInt(7)];
    List<String> foods = List.of("flour", "milk", "egg", "oil", "butter", "sugar", "pear");
    for (int i = 0; i < texts.length; i++) {
      texts[i] = 20 + random.nextInt(300) + " g " + foods.get(random.nextInt(foods.size()));
    }
    TestRecipes recipe =
        TestRecipes.bowl(texts)
            .pieces(3 + random.nextInt(10), Portioning.LADLE)
            .left(random.nextBoolean() ? "5 g" : "")
            .pan(random.nextInt(4) == 0 ? "" : "12 g oil", random.nextBoolean() ? "3 g" : "");
    return random.nextBoolean()
        ? recipe.serving(1 + random.nextInt(3), "20 g sugar").recipe()
        : recipe.serving(1 + random.nextInt(3)).recipe();
  }

  /** Now and then the flour's composition has been revised in between. */
  private static Made revised(Made made, Random random) {
    if (random.nextInt(3) > 0) {
      return made;
    }
    List<MeasuredFood> lines = new ArrayList<>();
    for (MeasuredFood line : made.batter().lines()) {
      Food food = line.food();
      Composition revised =
          Composition.of(food.id(), food.name(), 2, 1, Map.of(ENERC, 333.0, FAT, 2.0));
      lines.add(
          food.id().equals("flour")
              ? new MeasuredFood(line.id(), food.with(revised), line.mass())
              : line);
    }
    return new Made(new Batter(lines, false), made.griddle(), made.plate());
  }

  @Test
  void changesInACooksWords() {
    RecipeReading before =
        read(TestRecipes.bowl("120 g flour", "1½ cups milk", "20 g oil", "1 egg").serving(3));
    RecipeReading after =
        read(
            TestRecipes.bowl("150 g flour", "300 g milk", "20 g oil", "1 pear")
                .pieces(11, Portioning.LADLE)
                .serving(2, "1 tbsp sugar"));
    assertThat(Changes.between(before, after))
        .containsExactly(
            "flour 120 → 150 g",
            "milk 1½ cups → 300 g",
            "no egg",
            "1 pear added",
            "on top: 1 tbsp sugar added",
            "one piece more out of the batter",
            "one piece fewer per serving");
    assertThat(Changes.between(before, before)).isEmpty();
  }
}
