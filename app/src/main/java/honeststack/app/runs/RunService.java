package honeststack.app.runs;

import honeststack.app.draft.Draft;
import honeststack.app.figures.FiguresService;
import honeststack.app.kept.KeptService;
import honeststack.app.kept.VersionWatcher;
import honeststack.app.kitchen.KitchenNow;
import honeststack.app.ledger.Ledger;
import honeststack.app.ledger.Part;
import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import honeststack.app.runs.RunAnswers.EventForm;
import honeststack.app.runs.RunAnswers.NewRun;
import honeststack.app.runs.RunAnswers.RunAnswer;
import honeststack.app.runs.RunAnswers.RunFigure;
import honeststack.app.runs.RunAnswers.RunsAnswer;
import honeststack.app.runs.RunStore.Stored;
import honeststack.app.shelf.RecipeWatcher;
import honeststack.app.shelf.ShelfService;
import honeststack.core.compare.Changes;
import honeststack.core.estimate.Estimate;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Figures;
import honeststack.core.figures.School;
import honeststack.core.morning.Event;
import honeststack.core.morning.Habits;
import honeststack.core.morning.Habits.Shown;
import honeststack.core.morning.Morning;
import honeststack.core.recipe.Recipe.Habit;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.wording.Say;
import honeststack.core.yield.Griddle;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Service;

/**
 * Mornings at the stove. What was told is held in memory too, for what earlier mornings showed
 * replaces what is common wherever the recipe is read.
 */
@Service
public class RunService implements RecipeWatcher, VersionWatcher {
  private static final int MOST_EVENTS = 5000;

  private final RunStore store;
  private final KeptService kept;
  private final ShelfService shelf;
  private final FiguresService figures;
  private final KitchenNow kitchens;
  private final Ledger ledger;
  private final Map<String, Optional<Habit>> habits = new ConcurrentHashMap<>();
  private volatile List<Stored> runs = List.of();

  RunService(
      RunStore store,
      KeptService kept,
      ShelfService shelf,
      FiguresService figures,
      KitchenNow kitchens,
      Ledger ledger) {
    this.store = store;
    this.kept = kept;
    this.shelf = shelf;
    this.figures = figures;
    this.kitchens = kitchens;
    this.ledger = ledger;
    ledger.follow(Part.RUNS, known -> publish());
    kitchens.publishHabits(id -> habits.computeIfAbsent(id, this::habit));
  }

  private void publish() {
    runs = store.all();
    habits.clear();
  }

  private Optional<Habit> habit(String recipeId) {
    List<Shown> shown =
        runs.stream()
            .filter(run -> run.recipeId().equals(recipeId))
            .filter(run -> Morning.of(run.events()).isFinished())
            .map(run -> shown(reading(run)))
            .toList();
    return Habits.of(shown);
  }

  private static Shown shown(RecipeReading reading) {
    Optional<Griddle> griddle = reading.griddle().filter(g -> !g.predicted());
    Optional<Double> cooked =
        griddle
            .filter(Griddle::weighed)
            .flatMap(g -> g.yieldFactor(reading.batterMass()))
            .map(Estimate::value);
    Optional<Double> counted =
        griddle.flatMap(g -> reading.outcome().predicted().map(n -> g.count() / n.value()));
    return new Shown(optional(cooked), optional(counted));
  }

  private static OptionalDouble optional(Optional<Double> value) {
    return value.map(OptionalDouble::of).orElse(OptionalDouble.empty());
  }

  /** As it was made that morning, read with what is known now. */
  private RecipeReading reading(Stored run) {
    return kitchens.now().read(asMade(run).recipe());
  }

  private Draft asMade(Stored run) {
    return AsMade.of(shelf.draft(run.body()), Morning.of(run.events()), kitchens.now());
  }

  /** Their runs go with a recipe, or with a version. */
  @Override
  public void removing(String id) {
    if (runs.stream().anyMatch(run -> run.recipeId().equals(id) || run.versionId().equals(id))) {
      ledger.change(Part.RUNS);
    }
  }

  RunsAnswer runs(Optional<String> versionId, Optional<String> recipeId) {
    List<RunAnswer> found =
        runs.stream()
            .filter(run -> versionId.isEmpty() || run.versionId().equals(versionId.get()))
            .filter(run -> recipeId.isEmpty() || run.recipeId().equals(recipeId.get()))
            .map(this::answer)
            .toList();
    return new RunsAnswer(found, Spreads.of(found));
  }

  public RunAnswer run(String id) {
    return answer(find(runs, id));
  }

  private static Stored find(List<Stored> among, String id) {
    return among.stream()
        .filter(run -> run.id().equals(id))
        .findFirst()
        .orElseThrow(() -> Problem.notFound("run", id));
  }

  private RunAnswer answer(Stored run) {
    Morning morning = Morning.of(run.events());
    RecipeReading reading = reading(run);
    RecipeReading planned = kitchens.now().read(shelf.draft(run.body()).recipe());
    Optional<Griddle> griddle = reading.griddle();
    Optional<Griddle> weighed = griddle.filter(Griddle::weighed);
    return new RunAnswer(
        run.id(),
        run.versionId(),
        run.recipeId(),
        run.number(),
        run.startedAt(),
        run.cook(),
        morning.isFinished(),
        morning.pieces().isPresent() ? morning.pieces().getAsInt() : null,
        morning.discarded(),
        reading.outcome().predicted().map(Estimate::value).orElse(null),
        weighed.flatMap(Griddle::cookedPiece).map(Estimate::value).orElse(null),
        weighed.flatMap(g -> g.yieldFactor(reading.batterMass())).map(Estimate::value).orElse(null),
        morning.cooking().isPresent() ? morning.cooking().getAsDouble() : null,
        morning.judged().map(Event::text).orElse(null),
        morning.judged().map(Event::amount).filter(marks -> !marks.isNaN()).orElse(null),
        figures(reading),
        Changes.between(planned, reading),
        run.events().stream().map(EventForm::of).toList());
  }

  private static List<RunFigure> figures(RecipeReading reading) {
    return Figures.of(reading, School.USUAL.tally()).on(Basis.AS_SERVED).stream()
        .map(
            figure ->
                new RunFigure(
                    figure.measurand().tag(),
                    figure.measurand().words(),
                    figure.measurand().unit(),
                    figure.value(),
                    figure.u()))
        .toList();
  }

  /**
   * Begins a run under an identity given at the stove; one that began already goes on.
   *
   * @throws ProblemException if there is no such version
   */
  RunAnswer start(String id, NewRun run) {
    if (!id.matches(RunAnswers.ID)) {
      throw Problem.badInput(
          "id", id, "“" + id + "” cannot be the identity of a run.", "1 to 36 letters and digits");
    }
    kept.kept(run.versionId());
    return ledger.write(
        () -> {
          ledger.change(Part.RUNS);
          store.start(id, run.versionId(), run.startedAt(), run.cook().strip());
          return answer(find(store.all(), id));
        });
  }

  /** A morning whole, as it was told. */
  public record Told(
      String id, String versionId, Instant startedAt, String cook, List<Event> events) {}

  /** The mornings of a recipe, the oldest first. */
  public List<Told> told(String recipeId) {
    return runs.stream()
        .filter(run -> run.recipeId().equals(recipeId))
        .map(run -> new Told(run.id(), run.versionId(), run.startedAt(), run.cook(), run.events()))
        .toList();
  }

  /** Takes over a morning that is past, whole. */
  public void load(String id, String versionId, Instant startedAt, String cook, List<Event> told) {
    ledger.write(
        () -> {
          ledger.change(Part.RUNS);
          store.start(id, versionId, startedAt, cook);
          store.tell(id, told);
        });
  }

  /**
   * Adds what was told; what was told before counts once.
   *
   * @throws ProblemException if there is no such run, or too much was told
   */
  RunAnswer tell(String id, List<EventForm> told) {
    told.forEach(RunService::check);
    return ledger.write(
        () -> {
          ledger.change(Part.RUNS);
          Stored before = find(store.all(), id);
          if (before.events().size() + told.size() > MOST_EVENTS) {
            throw Problem.conflict("More than " + MOST_EVENTS + " things were told of this run.");
          }
          store.tell(id, told.stream().map(EventForm::event).toList());
          return answer(find(store.all(), id));
        });
  }

  private static void check(EventForm event) {
    double amount = event.amount() == null ? 0 : event.amount();
    if (!(amount >= 0 && amount <= 1000)) {
      throw Problem.badInput(
          "events.amount", String.valueOf(amount), "“" + amount + "” cannot be.", "0 to 1000");
    }
  }

  /**
   * Keeps a run as a version of its recipe, made from the one that was cooked.
   *
   * @throws ProblemException if nothing was counted
   */
  String keep(String id) {
    Stored run = find(runs, id);
    Morning morning = Morning.of(run.events());
    if (morning.pieces().isEmpty()) {
      throw Problem.conflict("No piece was counted that morning; there is nothing to keep.");
    }
    List<String> how = new ArrayList<>();
    how.add(Say.of("as made on %s", run.startedAt().toString().substring(0, 10)));
    if (!run.cook().isBlank()) {
      how.add("by " + run.cook());
    }
    return kept.keepApart(run.recipeId(), run.versionId(), asMade(run), String.join(" ", how));
  }
}
