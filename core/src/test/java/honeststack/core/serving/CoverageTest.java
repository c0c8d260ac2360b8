package honeststack.core.serving;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.batter.Preparation;
import honeststack.core.batter.Preparations;
import honeststack.core.estimate.Distribution;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Facts;
import honeststack.core.food.Food;
import honeststack.core.food.Role;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.serving.Recipe.Line;
import honeststack.core.serving.Recipe.Portioning;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * First order against JCGM 101:2008 (Monte Carlo): the same computation with every source drawn
 * from its own distribution falls into the shown range as often as it should.
 */
class CoverageTest {
  private static final int RECIPES = 200;
  private static final int TRIALS = 1500;
  private static final double DOMINATING = 0.35;
  private static final List<Component> FIVE =
      List.of(Component.ENERC, Component.PROCNT, Component.CHOCDF, Component.FIBTG, Component.FAT);
  private static final List<String> MEASURES =
      List.of(
          "%d g flour",
          "%d cups flour",
          "%d cups flour, spooned",
          "%d cups milk",
          "%d g milk",
          "%d large eggs",
          "%d tbsp oil",
          "%d tsp oil",
          "%d cups sugar",
          "%d g sugar",
          "%d pears",
          "%1$d to 4 tbsp sugar",
          "%d heaped tbsp flour",
          "a pinch of sugar",
          "a splash of milk",
          "a knob of oil",
          "%d scoops flour",
          "%d cups flour less 1 tbsp",
          "%d g compote");

  /** A compote of its own batch, made of foods that the batter may hold too. */
  private static final Recipe COMPOTE =
      new Recipe(
          MeasuringSystem.US,
          List.of(
              new Line("compote-pears", "3 pears", Optional.empty(), "10 %"),
              new Line("compote-sugar", "1/2 cup sugar", Optional.empty())),
          new Recipe.AtTheGriddle(Optional.empty(), 0, Portioning.LADLE, "", Optional.empty(), ""),
          new Recipe.OnThePlate(Optional.empty(), List.of()),
          Optional.of(new Recipe.Finish("400 g", "")),
          Optional.empty());

  private static final Food COMPOTE_FOOD =
      new Food(
          "compote",
          "compote",
          Role.ADD_IN,
          false,
          Composition.of("compote", "compote", 1, 1, Map.of()),
          List.of(),
          Facts.NONE,
          TestFoods.PEAR.provenance());

  private static final Preparations COMPOTES =
      new Preparations() {
        private final RecipeReader plain = new RecipeReader(new TestFoods(), TestFoods.doubt());

        @Override
        public Optional<Preparation> prepared(Food food, SourceBook book) {
          if (!food.id().equals("compote")) {
            return Optional.empty();
          }
          Finished done = plain.read(COMPOTE, book).made().finished().orElseThrow();
          return Optional.of(
              new Preparation(COMPOTE_FOOD, done.parts(), done.weight(), Map.of(), 1));
        }

        @Override
        public Optional<Food> byId(String id) {
          return id.equals("compote") ? Optional.of(COMPOTE_FOOD) : Optional.empty();
        }

        @Override
        public Optional<Named> byName(String name) {
          return byId(name).map(food -> new Named(food, false));
        }

        @Override
        public List<Food> nearest(String name, int most) {
          return List.of();
        }
      };

  private final RecipeReader reader =
      new RecipeReader(new TestFoods(), COMPOTES, TestFoods.doubt());
  private final Random random = new Random(20);

  @Test
  void shownRangesCover() {
    List<Recipe> recipes = Stream.generate(this::recipe).limit(RECIPES).toList();
    List<Covered> covered =
        IntStream.range(0, RECIPES).parallel().mapToObj(i -> covered(i, recipes.get(i))).toList();
    int pooled = 0;
    int pooledInside = 0;
    for (int i = 0; i < RECIPES; i++) {
      for (int c = 0; c < FIVE.size(); c++) {
        int inside = covered.get(i).inside()[c];
        assertThat(inside / (double) TRIALS)
            .as("coverage of %s in recipe %d: %s", FIVE.get(c), i, recipes.get(i))
            .isGreaterThanOrEqualTo(0.93);
        if (!dominatedByNonNormal(covered.get(i).figures().get(c))) {
          pooled += TRIALS;
          pooledInside += inside;
        }
      }
    }
    assertThat(pooled).isGreaterThan(RECIPES * TRIALS);
    assertThat(pooledInside / (double) pooled).isBetween(0.93, 0.97);
  }

  /** Figures of a recipe, and how often a trial fell inside the shown range of each. */
  private record Covered(List<Estimate> figures, int[] inside) {}

  private Covered covered(int seed, Recipe recipe) {
    SourceBook book = SourceBook.firstOrder();
    Figures figures = Figures.of(reader.read(recipe, book).made(), FIVE, book);
    return new Covered(
        FIVE.stream().map(c -> figures.total(Basis.AS_SERVED, c).estimate()).toList(),
        inside(recipe, figures, new SplittableRandom(seed)));
  }

  private int[] inside(Recipe recipe, Figures figures, SplittableRandom draws) {
    int[] inside = new int[FIVE.size()];
    for (int trial = 0; trial < TRIALS; trial++) {
      SourceBook drawn = SourceBook.drawing(draws);
      Figures once = Figures.of(reader.read(recipe, drawn).made(), FIVE, drawn);
      for (int c = 0; c < inside.length; c++) {
        Estimate shown = figures.total(Basis.AS_SERVED, FIVE.get(c)).estimate();
        double value = once.total(Basis.AS_SERVED, FIVE.get(c)).estimate().value();
        if (value >= shown.value() - 2 * shown.u() && value <= shown.value() + 2 * shown.u()) {
          inside[c]++;
        }
      }
    }
    return inside;
  }

  private static boolean dominatedByNonNormal(Estimate figure) {
    return figure.budget().stream()
        .anyMatch(
            share ->
                share.source().distribution() != Distribution.NORMAL && share.share() > DOMINATING);
  }

  private Recipe recipe() {
    List<Line> bowl = new ArrayList<>();
    int lines = 4 + random.nextInt(26);
    bowl.add(new Line("flour", "300 g flour", Optional.empty()));
    for (int i = 0; i < lines; i++) {
      String measure = MEASURES.get(random.nextInt(MEASURES.size()));
      int amount = measure.startsWith("%d g") ? 20 + random.nextInt(300) : 1 + random.nextInt(3);
      bowl.add(new Line("bowl" + i, measure.formatted(amount), Optional.empty()));
    }
    int pieces = 4 + random.nextInt(12);
    return new Recipe(
        MeasuringSystem.US,
        bowl,
        new Recipe.AtTheGriddle(
            Optional.of(pieces),
            0,
            Portioning.values()[random.nextInt(3)],
            random.nextBoolean() ? "40 g" : "",
            Optional.of(new Line("pan", "1 tbsp oil", Optional.empty())),
            random.nextBoolean() ? "3 g" : ""),
        new Recipe.OnThePlate(
            Optional.of(1.0 + random.nextInt(3)),
            List.of(new Line("top", "2 tbsp sugar", Optional.empty()))));
  }
}
