package honeststack.app.recipes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import honeststack.app.Drafts;
import honeststack.app.figures.FiguresService;
import honeststack.app.http.BadInputException;
import honeststack.app.http.ConflictException;
import honeststack.app.http.StaleException;
import honeststack.app.larder.Larder;
import honeststack.app.recipes.RecipeAnswers.NamedDraft;
import honeststack.app.recipes.RecipeAnswers.UseEntry;
import honeststack.app.recipes.RecipeStore.StoredDraft;
import honeststack.app.recipes.RecipeStore.StoredVersion;
import honeststack.core.batter.Batter;
import honeststack.core.batter.MeasuredFood;
import honeststack.core.estimate.Estimate;
import honeststack.core.food.Composition;
import honeststack.core.food.Food;
import honeststack.core.serving.Made;
import honeststack.core.serving.RecipeReading;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

class RecipeServiceTest {
  private static final Instant NOW = Instant.parse("2026-03-07T08:30:00Z");

  private final RecipeStore store = mock(RecipeStore.class);
  private final PinStore pins = mock(PinStore.class);
  private final FiguresService figures = mock(FiguresService.class);
  private final PreparationShelf preparations = mock(PreparationShelf.class);
  private final RecipeService service = service(Larder.reference());
  private final String body = Drafts.json(Drafts.of("100 g sugar"));

  private RecipeService service(Larder larder) {
    when(preparations.before(any())).thenCallRealMethod();
    return new RecipeService(
        store,
        pins,
        new KeptVersions(store, pins, figures, preparations, new JsonMapper()),
        figures,
        larder,
        preparations,
        new JsonMapper(),
        Clock.fixed(NOW, ZoneOffset.UTC));
  }

  @BeforeEach
  void aRecipeAtRevisionThree() {
    when(store.draft("r"))
        .thenReturn(Optional.of(new StoredDraft("r", "Cakes", 3, "v1", body, NOW)));
  }

  @Test
  void startsWithAStrippedNameAndTheClocksTime() {
    service.start("  Cakes ", Drafts.of("100 g sugar"));
    verify(store).insert(anyString(), eq("Cakes"), eq(body), eq(NOW));
  }

  @Test
  void aStaleSaveWritesNothingAndShowsWhatIsStored() {
    assertThatThrownBy(() -> service.save("r", 2, new NamedDraft("Mine", Drafts.of("1 egg"), null)))
        .isInstanceOf(StaleException.class);
    verify(store, never()).save(any(), anyInt(), any(), any(), any(), any());
  }

  @Test
  void aSaveThatLosesTheRaceIsStaleToo() {
    when(store.save(any(), anyInt(), any(), any(), any(), any())).thenReturn(false);
    assertThatThrownBy(() -> service.save("r", 3, new NamedDraft("Mine", Drafts.of("1 egg"), null)))
        .isInstanceOf(StaleException.class);
  }

  @Test
  void anUnchangedDraftIsNotKeptTwice() {
    when(store.version("v1"))
        .thenReturn(
            Optional.of(new StoredVersion("v1", "r", "Cakes", 1, null, "first", NOW, body)));
    assertThatThrownBy(() -> service.keep("r", 3, "again"))
        .isInstanceOf(ConflictException.class)
        .hasMessageContaining("version 1");
    verify(pins, never()).insert(any(), any(), any());
  }

  /** Rye flour has been revised since; the version stays on revision 1 and says so. */
  @Test
  void aRevisedFoodIsOfferedBesideAKeptVersion() {
    Food rye = Larder.reference().byId("rye-flour-medium").orElseThrow();
    Composition revised = Composition.of(rye.id(), rye.name(), 2, 1, rye.composition().values());
    Made made =
        new Made(
            new Batter(List.of(new MeasuredFood("bowl-0", rye, Estimate.exact(100))), false),
            Optional.empty(),
            Optional.empty());
    when(store.version("v1"))
        .thenReturn(
            Optional.of(new StoredVersion("v1", "r", "Cakes", 1, null, "first", NOW, body)));
    when(pins.made(any(), any(), anyInt(), any(), any(), any())).thenReturn(made);
    when(figures.reading(any(), any()))
        .thenReturn(new RecipeReading(made, List.of(), List.of(), List.of()));
    assertThat(service(Larder.reference()).version("v1").newer()).isEmpty();
    assertThat(service(Larder.reference(Map.of(rye.id(), revised))).version("v1").newer())
        .containsExactly("rye flour, medium");
  }

  /** Oat milk is in another recipe's version, whose figures it would take with it. */
  @Test
  void aPreparationInUseIsNotDeleted() {
    when(store.usesOfPreparation("r"))
        .thenReturn(List.of(new UseEntry("v9", "q", "Waffles", 2, true)));
    assertThatThrownBy(() -> service.delete("r"))
        .isInstanceOf(ConflictException.class)
        .hasMessageContaining("Waffles, version 2");
    verify(store, never()).delete(any());
  }

  @Test
  void aParentMustBeAVersionOfTheSameRecipe() {
    when(store.version("other"))
        .thenReturn(
            Optional.of(new StoredVersion("other", "q", "Else", 1, null, "first", NOW, body)));
    assertThatThrownBy(
            () -> service.save("r", 3, new NamedDraft("Mine", Drafts.of("1 egg"), "other")))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("other");
  }

  @Test
  void theNameOfADraftIsReadBack() {
    assertThat(service.recipe("r").draft().bowl().get(0).text()).isEqualTo("100 g sugar");
  }
}
