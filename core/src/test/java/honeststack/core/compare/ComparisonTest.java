package honeststack.core.compare;

import static honeststack.core.food.Component.ENERC;
import static honeststack.core.food.Component.FAT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestFoods;
import honeststack.core.TestRecipes;
import honeststack.core.estimate.Bound;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.food.Composition;
import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.recipe.Kitchen;
import honeststack.core.recipe.Recipe;
import honeststack.core.recipe.Recipe.Portioning;
import honeststack.core.recipe.RecipeReading;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ComparisonTest {
  private static final List<Measurand> TWO = Measurand.of(ENERC, FAT);
  private static final int PAIRS = 1000;

  private static List<Difference> compare(RecipeReading a, RecipeReading b, Mode mode) {
    return Comparison.of(Figures.of(a, TWO), Figures.of(b, TWO), mode);
  }

  private static Difference energy(TestRecipes a, TestRecipes b, Mode mode) {
    return compare(a.read(), b.read(), mode).get(0);
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
    assertThat(amount.words()).isEqualTo("a real difference");

    Difference swap =
        energy(
            plain(),
            TestRecipes.bowl("200 g flour", "300 g milk", "20 g butter").pan("10 g oil", "2 g"),
            Mode.SAME_BOWL);
    assertThat(swap.causes().get(0).kind()).isEqualTo(Cause.Kind.SWAP);
    assertThat(swap.causes().get(0).words()).isEqualTo("butter for oil");
    assertThat(swap.value()).isCloseTo(20 * (7.2 - 9) * 0.2, within(1e-9));

    Difference added = energy(plain(), plain().serving(2, "20 g sugar"), Mode.SAME_BOWL);
    assertThat(added.causes().get(0).kind()).isEqualTo(Cause.Kind.TOPPING);
    assertThat(added.causes().get(0).words()).isEqualTo("on top: 20 g of sugar added");
    assertThat(added.value()).isCloseTo(80, within(1e-9));

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
    assertThat(same.value()).isEqualTo(two.value());
    assertThat(same.u()).isLessThan(two.u() / 3);
    assertThat(same.high() - same.low()).isCloseTo(4 * same.u(), within(1e-9));
    assertThat(energy(a, a, Mode.TWO_BATCHES).isReal()).isFalse();
    assertThat(energy(a, a, Mode.TWO_BATCHES).words())
        .isEqualTo("within the noise of how you measured");
  }

  /** A draft does not differ from itself, whatever rounding makes of it. */
  @Test
  void roundingIsNeverReal() {
    Random random = new Random(7);
    for (int i = 0; i < 300; i++) {
      Recipe recipe = random(random);
      Kitchen kitchen = TestFoods.kitchen();
      for (Difference one : compare(kitchen.read(recipe), kitchen.read(recipe), Mode.SAME_BOWL)) {
        assertThat(one.isReal()).isFalse();
        assertThat(one.words()).isEqualTo("the same");
        assertThat(one.causes()).isEmpty();
      }
    }
    Difference traces =
        new Difference(Basis.AS_SERVED, TWO.get(0), 1e-8, 1e-12, 1e-7, Bound.COMPLETE, List.of());
    assertThat(traces.isReal()).isFalse();
    assertThat(traces.isNone()).isTrue();
  }

  /** All else equal ends where the pieces were made alike otherwise: a scale for the ladle. */
  @Test
  void whatChangedAtTheGriddleIsNotShared() {
    TestRecipes weighed = plain().pieces(10, Portioning.WEIGHED);
    assertThat(energy(plain(), plain(), Mode.SAME_BOWL).u()).isCloseTo(0, within(1e-9));
    double ladle = 0.12 * Math.sqrt(0.5 * 0.8) * 2 / 10 * (700 + 180 + 180);
    double scale = ladle / 12;
    assertThat(energy(plain(), weighed, Mode.SAME_BOWL).u())
        .isCloseTo(Math.hypot(ladle, scale), within(1e-9));
    assertThat(energy(plain().left("20 g"), plain().left("60 g"), Mode.SAME_BOWL).u())
        .isGreaterThan(0);
  }

  /** The same fat in the same pan, unmeasured in both: one source; two mornings, two of them. */
  @Test
  void whatStayedInThePanIsSharedInTheSameBowl() {
    TestRecipes fat = TestRecipes.bowl("200 g flour").pan("30 g oil", "");
    assertThat(energy(fat, fat, Mode.SAME_BOWL).u()).isCloseTo(0, within(1e-9));
    double stayed = 0.2 * 9 * 30 / Math.sqrt(12);
    assertThat(energy(fat, fat, Mode.TWO_BATCHES).u()).isGreaterThan(stayed * Math.sqrt(2));
  }

  @Test
  void whatIsMissingMakesADifferenceUnsure() {
    Difference unsure =
        energy(plain(), TestRecipes.bowl("400 g flour", "a yard of milk"), Mode.SAME_BOWL);
    assertThat(unsure.isReal()).isFalse();
    assertThat(unsure.words()).startsWith("not known");
    Recipe recipe = plain().recipe();
    Recipe uncounted =
        new Recipe(
            recipe.system(),
            recipe.bowl(),
            new Recipe.AtTheGriddle(
                Optional.empty(), 0, Portioning.LADLE, "", Optional.empty(), ""),
            recipe.plate());
    assertThatIllegalArgumentException()
        .isThrownBy(
            () -> compare(TestFoods.kitchen().read(uncounted), plain().read(), Mode.SAME_BOWL))
        .withMessageContaining("how many pieces came out");
  }

  /** METHOD: the parts sum to the difference to 1e-9, whatever changed. */
  @Test
  void causesSumExactly() {
    Random random = new Random(31);
    Kitchen kitchen = TestFoods.kitchen();
    Kitchen revised = kitchen.withLarder(new Revised());
    Set<Cause.Kind> seen = EnumSet.noneOf(Cause.Kind.class);
    for (int i = 0; i < PAIRS; i++) {
      RecipeReading a = kitchen.read(random(random));
      RecipeReading b = (random.nextInt(3) > 0 ? kitchen : revised).read(random(random));
      for (Difference difference : compare(a, b, Mode.TWO_BATCHES)) {
        double sum = difference.causes().stream().mapToDouble(Cause::effect).sum();
        assertThat(sum).isCloseTo(difference.value(), within(1e-6));
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

  /** The flour's composition has been revised. */
  private static final class Revised implements Foods {
    private final Foods before = new TestFoods();

    private static Food revised(Food food) {
      return food.id().equals("flour")
          ? food.with(Composition.of(food.id(), food.name(), 2, 1, Map.of(ENERC, 333.0, FAT, 2.0)))
          : food;
    }

    @Override
    public Optional<Food> byId(String id) {
      return before.byId(id).map(Revised::revised);
    }

    @Override
    public Optional<Named> byName(String name) {
      return before.byName(name).map(named -> new Named(revised(named.food()), named.general()));
    }

    @Override
    public List<Food> nearest(String name, int most) {
      return before.nearest(name, most);
    }
  }

  @Test
  void changesInACooksWords() {
    RecipeReading before =
        TestRecipes.bowl("120 g flour", "1½ cups milk", "20 g oil", "1 egg").serving(3).read();
    RecipeReading after =
        TestRecipes.bowl("150 g flour", "300 g milk", "20 g oil", "1 pear", "3 g plonk")
            .pieces(11, Portioning.LADLE)
            .left("20 g")
            .pan("1 tbsp oil", "4 g")
            .serving(2, "1 tbsp sugar")
            .read();
    assertThat(Changes.between(before, after))
        .containsExactly(
            "flour 120 → 150 g",
            "milk 1½ cups → 300 g",
            "no egg",
            "1 pear added",
            "“3 g plonk” added, not in the numbers",
            "on top: 1 tbsp sugar added",
            "one piece more out of the batter",
            "left in the bowl nothing → 20 g",
            "what stayed in the pan was measured otherwise",
            "one piece fewer per serving");
    assertThat(Changes.between(before, before)).isEmpty();
    assertThat(
            Changes.between(
                TestRecipes.bowl("20 g oil", "10 g sugar").read(),
                TestRecipes.bowl("25 g butter", "sugar, to taste").read()))
        .containsExactly("butter for oil (20 → 25 g)", "sugar 10 g → not measured");
  }
}
