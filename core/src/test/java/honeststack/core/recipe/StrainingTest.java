package honeststack.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Facts;
import honeststack.core.food.Food;
import honeststack.core.food.Origin;
import honeststack.core.food.Provenance;
import honeststack.core.food.Role;
import java.util.List;
import java.util.Map;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** What goes through a cloth, on paper with round numbers. */
class StrainingTest {
  private static Food nut(double fibre, double sugar, Origin origin) {
    Map<Component, Double> holds =
        Map.of(
            Component.WATER,
            5.0,
            Component.PROCNT,
            15.0,
            Component.FAT,
            80 - fibre - sugar - 10,
            Component.CHOCDF,
            fibre + sugar + 10,
            Component.FIBTG,
            fibre,
            Component.SUGAR,
            sugar,
            Component.ENERC,
            600.0);
    return new Food(
        "nut",
        "ground nut",
        Role.ADD_IN,
        false,
        Composition.of("nut", "ground nut", 1, 0, holds),
        List.of(),
        new Facts(Set.of(), Set.of(), Set.of(origin), Set.of()),
        new Provenance("on paper", "", Provenance.Mark.OWN, ""));
  }

  private static double value(Food food, Component component) {
    return food.composition().value(component).orElseThrow();
  }

  /**
   * Of 100 g with 10 g of fibre and 5 g of sugar, 50 g go through: 1 g of fibre, 4.5 g of sugar,
   * and of the other 85 g so much that it is 50, which is 44.5. 100 g of what went through hold
   * twice that.
   */
  @Test
  void fibreStaysInTheClothAndSugarGoesThrough() {
    Food through = new Straining(0.1, 0.9).through(nut(10, 5, Origin.PLANT), 0.5).orElseThrow();
    double rest = 44.5 / 85;
    assertThat(value(through, Component.FIBTG)).isCloseTo(2, within(1e-12));
    assertThat(value(through, Component.SUGAR)).isCloseTo(9, within(1e-12));
    assertThat(value(through, Component.PROCNT)).isCloseTo(2 * 15 * rest, within(1e-12));
    assertThat(value(through, Component.CHOCDF))
        .isCloseTo(2 * (1 + 4.5 + 10 * rest), within(1e-12));
    double energy = 600 * rest + 4 * ((0.1 - rest) * 10 + (0.9 - rest) * 5);
    assertThat(value(through, Component.ENERC)).isCloseTo(2 * energy, within(1e-9));
    assertThat(through.composition().u(Component.FIBTG)).isCloseTo(1.4, within(1e-12));
  }

  /** A cloth makes nothing: whatever is in the two parts was in the whole. */
  @Property
  void nothingGoesThroughThatWasNotThere(
      @ForAll @DoubleRange(min = 0, max = 30) double fibre,
      @ForAll @DoubleRange(min = 0, max = 30) double sugar,
      @ForAll @DoubleRange(min = 0.05, max = 0.99) double passing) {
    Food whole = nut(fibre, sugar, Origin.PLANT);
    new Straining(0.1, 0.9)
        .through(whole, passing)
        .ifPresent(
            through -> {
              double mass =
                  value(through, Component.WATER)
                      + value(through, Component.PROCNT)
                      + value(through, Component.FAT)
                      + value(through, Component.CHOCDF);
              assertThat(mass).isCloseTo(100, within(1e-9));
              whole
                  .composition()
                  .values()
                  .forEach(
                      (component, all) ->
                          assertThat(passing * value(through, component))
                              .as(component.name())
                              .isBetween(-1e-9, all + 1e-9));
            });
  }

  @Test
  void wheyIsNotWhatAClothKeepsBack() {
    assertThat(Straining.isOf(nut(10, 5, Origin.PLANT))).isTrue();
    assertThat(Straining.isOf(nut(10, 5, Origin.DAIRY))).isFalse();
  }
}
