package honeststack.core.food;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.food.Composition.TableDoubt;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class CompositionTest {
  private static final Composition RYE =
      Composition.of("rye", "rye", 1, 2, Map.of(Component.ENERC, 350.0, Component.FIBTG, 14.0));

  /** 5 % of a table's value, 10 % of its fibre (common practice), twice that for this row. */
  @Test
  void aTablesValueIsDoubtedByTheTableTimesTheRow() {
    assertThat(RYE.u(Component.ENERC)).isCloseTo(350 * 0.05 * 2, within(1e-9));
    assertThat(RYE.u(Component.FIBTG)).isCloseTo(14 * 0.10 * 2, within(1e-9));
    assertThat(RYE.u(Component.FAT)).isZero();
  }

  @Test
  void anotherDoubtOfTablesLeavesTheValues() {
    Composition doubted = RYE.doubted(new TableDoubt(0.02, 0.3));
    assertThat(doubted.u(Component.ENERC)).isCloseTo(350 * 0.02 * 2, within(1e-9));
    assertThat(doubted.u(Component.FIBTG)).isCloseTo(14 * 0.3 * 2, within(1e-9));
    assertThat(doubted.values()).isEqualTo(RYE.values());
    assertThat(RYE.doubted(TableDoubt.USUAL)).isSameAs(RYE);
    assertThatIllegalArgumentException().isThrownBy(() -> new TableDoubt(-1, 0));
  }

  /** A label's value brings its own doubt, which no table's changes. */
  @Test
  void anOwnDoubtStays() {
    Composition label =
        Composition.of(
            "tub", "tub", 1, 1, Map.of(Component.PROCNT, 80.0), Map.of(Component.PROCNT, 3.0));
    assertThat(label.doubted(new TableDoubt(0.5, 0.5)).u(Component.PROCNT)).isEqualTo(3);
    assertThat(label.doubts()).isEqualTo(Map.of(Component.PROCNT, 3.0));
    assertThatIllegalArgumentException()
        .isThrownBy(
            () ->
                Composition.of(
                    "tub",
                    "tub",
                    1,
                    1,
                    Map.of(Component.PROCNT, 80.0),
                    Map.of(Component.PROCNT, -3.0)))
        .withMessageContaining("-3");
  }

  @Test
  void factsOfAMixtureAreAllThatHoldForAnyOfIt() {
    Facts milk =
        new Facts(Set.of(Allergen.MILK), Set.of(), Set.of(Origin.DAIRY), Set.of(Added.SUGAR));
    Facts oats = new Facts(Set.of(), Set.of(Allergen.WHEAT), Set.of(Origin.PLANT), Set.of());
    Facts both = milk.and(oats);
    assertThat(both.allergens()).containsExactly(Allergen.MILK);
    assertThat(both.mayContain()).containsExactlyInAnyOrder(Allergen.WHEAT, Allergen.GLUTEN);
    assertThat(both.origins()).containsExactlyInAnyOrder(Origin.DAIRY, Origin.PLANT);
    assertThat(both.added()).containsExactly(Added.SUGAR);
    assertThat(both.origins().stream().anyMatch(Origin::isAnimal)).isTrue();
  }

  /** A hazelnut is a tree nut, wherever the food comes from, and wheat holds gluten. */
  @Test
  void everyAllergenImpliesItsGroup() {
    Facts nuts = new Facts(Set.of(Allergen.HAZELNUT), Set.of(Allergen.WHEAT), Set.of(), Set.of());
    assertThat(nuts.allergens()).contains(Allergen.TREE_NUT);
    assertThat(nuts.isWithout(Allergen.TREE_NUT)).isFalse();
    assertThat(nuts.isWithout(Allergen.GLUTEN)).isFalse();
    assertThat(nuts.isWithout(Allergen.ALMOND)).isTrue();
    assertThat(nuts.isWithout(Allergen.PEANUT)).isTrue();
  }
}
