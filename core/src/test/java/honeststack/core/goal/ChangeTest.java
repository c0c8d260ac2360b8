package honeststack.core.goal;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestRecipes;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Figure;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.food.Component;
import honeststack.core.recipe.Recipe.Portioning;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A change that is said to meet a goal meets it, read anew with the change made. */
class ChangeTest {
  private static final Measurand ENERGY = Measurand.of(Component.ENERC);

  private static TestRecipes recipe(double pieces, String top) {
    return TestRecipes.bowl("200 g flour", "300 g milk", "100 g egg")
        .pieces(10, Portioning.WEIGHED)
        .pan("none", "")
        .serving(pieces, top);
  }

  private static Judgement judged(Goal goal, TestRecipes recipe) {
    return Judgement.of(goal, figure(recipe));
  }

  private static Figure figure(TestRecipes recipe) {
    return Figures.of(recipe.read(), List.of(ENERGY)).figure(Basis.AS_SERVED, ENERGY);
  }

  /** A piece holds 102 kcal; 50 g of sugar on top hold 200. */
  @ParameterizedTest
  @CsvSource({"0, 430", "0, 360", "600, 0", "700, 900"})
  void fewerOrMorePiecesMeetIt(double lower, double upper) {
    Goal goal =
        new Goal(
            ENERGY,
            lower > 0 ? OptionalDouble.of(lower) : OptionalDouble.empty(),
            upper > 0 ? OptionalDouble.of(upper) : OptionalDouble.empty());
    Judgement before = judged(goal, recipe(3, "50 g sugar"));
    Figures figures = Figures.of(recipe(3, "50 g sugar").read(), List.of(ENERGY));
    Change change = Change.of(before, figures).orElseThrow();
    double pieces = change.pieces().orElseThrow();
    assertThat(judged(goal, recipe(pieces, "50 g sugar")).verdict()).isEqualTo(Verdict.MET);
    assertThat(change.words(figures.reading())).contains("in a serving");
  }

  @Test
  void lessOfALineMeetsIt() {
    Goal goal = new Goal(ENERGY, OptionalDouble.empty(), OptionalDouble.of(430));
    Figures figures = Figures.of(recipe(3, "100 g sugar").read(), List.of(ENERGY));
    Change change = Change.of(judged(goal, recipe(3, "100 g sugar")), figures).orElseThrow();
    assertThat(change.line().orElseThrow().food().name()).isEqualTo("sugar");
    String less = Math.round(change.grams()) + " g sugar";
    assertThat(judged(goal, recipe(3, less)).verdict()).isEqualTo(Verdict.MET);
  }

  @Test
  void whatIsMetNeedsNoChange() {
    Goal goal = new Goal(ENERGY, OptionalDouble.empty(), OptionalDouble.of(900));
    Figures figures = Figures.of(recipe(3, "").read(), List.of(ENERGY));
    assertThat(Change.of(judged(goal, recipe(3, "")), figures)).isEqualTo(Optional.empty());
  }

  /** Up to 50 g of sugar to taste may be in the whole batter: 200 kcal, 60 of them in a serving. */
  @Test
  void whatIsMissingCountsAgainstAGoal() {
    TestRecipes open =
        TestRecipes.bowl("200 g flour", "300 g milk", "100 g egg", "sugar to taste")
            .pieces(10, Portioning.WEIGHED)
            .pan("none", "")
            .serving(3);
    Goal tight = new Goal(ENERGY, OptionalDouble.empty(), OptionalDouble.of(330));
    Goal wide = new Goal(ENERGY, OptionalDouble.empty(), OptionalDouble.of(420));
    assertThat(judged(tight, open).verdict()).isEqualTo(Verdict.TOO_CLOSE);
    assertThat(judged(wide, open).verdict()).isEqualTo(Verdict.LIKELY_MET);
  }

  /** A piece stays what it is however many are served: less of a line is all that would do. */
  @Test
  void aGoalOnAPieceIsMetByALineAlone() {
    Goal goal =
        new Goal(ENERGY, Basis.PER_PIECE, false, OptionalDouble.empty(), OptionalDouble.of(90));
    Figures figures = Figures.of(recipe(3, "50 g sugar").read(), List.of(ENERGY));
    Figure piece = figures.figure(Basis.PER_PIECE, ENERGY);
    Judgement missed = Judgement.of(goal, piece);
    assertThat(missed.verdict()).isEqualTo(Verdict.MISSED);
    assertThat(missed.reason()).contains("at most 90 kcal a piece");
    Change change = Change.of(missed, figures).orElseThrow();
    assertThat(change.pieces()).isEmpty();
    assertThat(change.line().orElseThrow().food().name()).isNotEqualTo("sugar");
  }
}
