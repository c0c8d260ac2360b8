package honeststack.app.larder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import honeststack.app.bin.Bin;
import honeststack.app.doubt.ShippedTables;
import honeststack.app.kitchen.KitchenNow;
import honeststack.app.label.LabelForm;
import honeststack.app.label.LabelForm.ServingUnit;
import honeststack.app.ledger.Ledger;
import honeststack.app.problem.ProblemException;
import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.LabelLine;
import honeststack.core.food.LabelStyle;
import honeststack.core.food.Role;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessResourceFailureException;
import tools.jackson.databind.json.JsonMapper;

/** The rules of the larder's service; store and transactions are stand-ins. */
class LarderServiceTest {
  private final KitchenNow kitchens = kitchens();
  private final Larder larder = new Larder(LarderFiles.entries(), kitchens);
  private final LarderStore store = mock(LarderStore.class);
  private final Ledger ledger = mock(Ledger.class);
  private final LarderService service =
      new LarderService(
          larder, store, ledger, kitchens, mock(Bin.class), JsonMapper.builder().build());
  private long changes;

  private static KitchenNow kitchens() {
    KitchenNow kitchens = new KitchenNow();
    kitchens.publishTables(ShippedTables.read());
    return kitchens;
  }

  /** Memory follows what is stored. */
  @BeforeEach
  void writesAreDone() {
    when(ledger.write(any(Supplier.class)))
        .thenAnswer(call -> call.<Supplier<?>>getArgument(0).get());
    when(ledger.change(any())).thenAnswer(call -> ++changes);
    doAnswer(
            call -> {
              Collection<LarderEntry> kept = call.getArgument(0);
              larder.follow(kept.stream().map(e -> e.madeBy(changes)).toList(), List.of());
              return null;
            })
        .when(store)
        .keep(any(), anyLong());
    doAnswer(
            call -> {
              larder.follow(List.of(), List.of(call.<String>getArgument(0)));
              return null;
            })
        .when(store)
        .remove(any(), anyLong());
  }

  private static FoodForm form(String name, Map<Component, String> values, LabelForm label) {
    return new FoodForm(
        name,
        Role.FLOUR,
        false,
        Set.of(),
        Set.of(),
        Set.of(),
        Set.of(),
        List.of(),
        List.of(),
        values,
        1,
        "",
        "",
        "",
        label);
  }

  private static LabelForm label(
      LabelStyle style, String serving, ServingUnit unit, String weighs, Map<LabelLine, String> l) {
    return new LabelForm(style, serving, unit, weighs, l);
  }

  @Test
  void aFailingDatabaseLeavesTheMemoryAsItWas() {
    doThrow(new DataAccessResourceFailureException("away")).when(store).keep(any(), anyLong());
    assertThatThrownBy(() -> service.create(form("Ember flour", Map.of(), null), false))
        .isInstanceOf(DataAccessResourceFailureException.class);
    assertThat(larder.now().byName("Ember flour")).isEmpty();
  }

  @Test
  void aNewFoodIsFoundAtOnceByNameAndByTypingErrors() {
    LarderEntry entry = service.create(form("Émber Mill flour", Map.of(), null), false);
    assertThat(entry.food().id()).isEqualTo("ember-mill-flour");
    assertThat(larder.now().byName("ember mill FLOURS")).isPresent();
    assertThat(larder.now().nearest("embr mil flour", 1).get(0).id()).isEqualTo("ember-mill-flour");
    LarderEntry like = service.create(form("Ember Mill flour, two", Map.of(), null), false);
    assertThat(like.food().id()).isEqualTo("ember-mill-flour-two");
  }

  @Test
  void anOwnFoodIsTakenOutAndAChangedOneGoesBackToWhatShips() {
    LarderEntry own = service.create(form("Ember flour", Map.of(), null), false);
    assertThat(service.remove("ember-flour", own.change())).isEmpty();
    verify(store).remove("ember-flour", changes);
    assertThat(larder.now().byName("Ember flour")).isEmpty();
    assertThat(larder.now().nearest("ember flour", 1).get(0).id()).isNotEqualTo(own.food().id());

    Composition shipped = larder.now().byId("rye-flour-medium").orElseThrow().composition();
    LarderEntry saved =
        service.save(
            "rye-flour-medium", 0, form("rye flour", Map.of(Component.ENERC, "300"), null), true);
    LarderEntry back = service.remove("rye-flour-medium", saved.change()).orElseThrow();
    assertThat(back.own()).isFalse();
    assertThat(back.food().composition().revision()).isEqualTo(3);
    assertThat(back.food().composition().values()).isEqualTo(shipped.values());
    assertThatThrownBy(() -> service.remove("rye-flour-medium", back.change()))
        .isInstanceOf(ProblemException.class);
  }

  /**
   * A table's values have a point and as many decimals as they like; "1,459" could be thousands.
   */
  @Test
  void valuesOfATableHaveDecimalPoints() {
    LarderEntry entry = service.check(form("Ember flour", Map.of(Component.FASAT, "1.459"), null));
    assertThat(entry.food().composition().value(Component.FASAT)).hasValue(1.459);
    assertThatThrownBy(
            () -> service.check(form("Ember flour", Map.of(Component.FASAT, "1,459"), null)))
        .isInstanceOf(ProblemException.class)
        .hasMessageContaining("1,459");
  }

  /** The form as the page fills it in from what it was sent, unchanged, is the food again. */
  @Test
  void everyFoodThatShipsCanBeEdited() {
    for (LarderEntry entry : larder.now().entries()) {
      FoodAnswer food = FoodAnswer.of(entry);
      Map<Component, String> values = new EnumMap<>(Component.class);
      food.per100g().stream()
          .filter(value -> value.amount() != null)
          .forEach(value -> values.put(value.component(), plain(value.amount())));
      FoodForm form =
          new FoodForm(
              food.name(),
              food.role(),
              food.liquid(),
              food.allergenTags(),
              food.mayContainTags(),
              food.origins(),
              food.added(),
              food.names().stream().filter(name -> !name.equals(food.name())).toList(),
              food.measures().stream().map(FoodAnswer.MeasureAnswer::row).toList(),
              values,
              food.doubt(),
              food.provenance().source(),
              food.provenance().number(),
              food.provenance().remark(),
              food.label());
      assertThat(form.names()).as(food.id()).hasSizeLessThanOrEqualTo(40);
      LarderEntry again = form.entry(food.id(), food.revision(), 0.08, entry);
      assertThat(LarderStore.same(again.food().composition(), entry.food().composition()))
          .as(food.id())
          .isTrue();
      assertThat(again.food().measures()).as(food.id()).isEqualTo(entry.food().measures());
      assertThat(again.food().facts()).as(food.id()).isEqualTo(entry.food().facts());
      assertThat(again.names())
          .as(food.id())
          .isEqualTo(
              entry.names().stream().filter(name -> !name.name().equals(food.name())).toList());
    }
  }

  private static String plain(double value) {
    return new BigDecimal(String.valueOf(value)).stripTrailingZeros().toPlainString();
  }

  /** What was taken out keeps its revisions for the versions kept with it. */
  @Test
  void aFoodEnteredAgainGoesOnAfterItsLastRevision() {
    when(store.goneAt()).thenReturn(Map.of("ember-flour", 2));
    LarderEntry again = service.create(form("Ember flour", Map.of(), null), false);
    assertThat(again.food().composition().revision()).isEqualTo(3);
  }

  @Test
  void anOwnNameStandsBeforeOneThatShipsLater() {
    LarderEntry own = service.check(form("masa harina", Map.of(), null));
    Collection<LarderEntry> all = new ArrayList<>(List.of(own));
    all.addAll(larder.now().entries());
    Larder both = new Larder(all, new KitchenNow());
    assertThat(both.now().byName("masa harina").orElseThrow().food()).isEqualTo(own.food());
    // renamed, it leaves the name to the other, which can be changed like any
    both.follow(List.of(service.check(form("Ember masa", Map.of(), null))), List.of());
    assertThat(both.now().byName("masa harina").orElseThrow().food().id()).isEqualTo("masa");
    both.follow(List.of(both.now().entry("masa").orElseThrow()), List.of());
    assertThat(both.now().byName("masa harina").orElseThrow().food().id()).isEqualTo("masa");
  }

  @Test
  void theSameNameIsNotTakenTwice() {
    service.create(form("Ember flour", Map.of(), null), false);
    assertThatThrownBy(() -> service.create(form("flour, ember", Map.of(), null), false))
        .isInstanceOf(ProblemException.class)
        .hasMessageContaining("Ember flour");
  }

  /** 100 mL of a drink that nobody weighed: 1.03 g/mL, ± 3 % of it beside the label's own doubt. */
  @Test
  void aDrinksServingThatNobodyWeighedIsDoubtedMore() {
    Map<LabelLine, String> lines = Map.of(LabelLine.PROTEIN, "3,3");
    LabelForm weighed = label(LabelStyle.EU, "100", ServingUnit.MILLILITRE, "103", lines);
    LabelForm guessed = label(LabelStyle.EU, "100", ServingUnit.MILLILITRE, "", lines);
    double known =
        service.check(form("a", Map.of(), weighed)).food().composition().u(Component.PROCNT);
    double open =
        service.check(form("a", Map.of(), guessed)).food().composition().u(Component.PROCNT);
    double value = 3.3 / 103 * 100;
    assertThat(open * open - known * known).isCloseTo(Math.pow(0.03 * value, 2), within(1e-9));
    assertThat(form("a", Map.of(), guessed).notes(0)).anyMatch(note -> note.contains("1.03"));
    assertThat(form("a", Map.of(), weighed).notes(0)).isEmpty();
  }

  @Test
  void whatIsNoNumberIsQuoted() {
    LabelForm wrong =
        label(LabelStyle.US, "a scoop", ServingUnit.GRAM, "", Map.of(LabelLine.FAT, "1"));
    assertThatThrownBy(() -> service.check(form("a", Map.of(), wrong)))
        .isInstanceOf(ProblemException.class)
        .hasMessageContaining("a scoop");
    LabelForm huge = label(LabelStyle.US, "9999", ServingUnit.GRAM, "", Map.of());
    assertThatThrownBy(() -> service.check(form("a", Map.of(), huge))).hasMessageContaining("9999");
    LabelForm impossible =
        label(LabelStyle.EU, "10", ServingUnit.GRAM, "", Map.of(LabelLine.PROTEIN, "20"));
    assertThatThrownBy(() -> service.check(form("a", Map.of(), impossible)))
        .hasMessageContaining("200 g of protein");
  }

  @Test
  void anUnknownFoodIsNotFound() {
    assertThatThrownBy(() -> service.entry("moss")).isInstanceOf(ProblemException.class);
    verify(store, never()).keep(any(), anyLong());
  }

  /** What the parts of a row cannot be: more than 100 g, a part over its whole. */
  @Test
  void aRowIsHeldToItsOwnSums() {
    Map<Component, String> parts =
        Map.of(
            Component.WATER, "60",
            Component.PROCNT, "30",
            Component.FAT, "20",
            Component.ASH, "1",
            Component.CHOCDF, "5",
            Component.SUGAR, "9");
    assertThat(service.check(form("a", parts, null)).warnings())
        .anyMatch(w -> w.contains("116.0 g"))
        .anyMatch(w -> w.contains("More sugars (9.0 g) than carbohydrate (5.0 g)"));
  }
}
