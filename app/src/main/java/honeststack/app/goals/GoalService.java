package honeststack.app.goals;

import honeststack.app.bin.Bin;
import honeststack.app.bin.BinAnswers.Kind;
import honeststack.app.bin.Restorer;
import honeststack.app.goals.GoalSet.Limits;
import honeststack.app.goals.GoalSet.NewGoalSet;
import honeststack.app.ledger.Ledger;
import honeststack.app.ledger.Part;
import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import honeststack.core.figures.Measurand;
import honeststack.core.goal.DailyReference;
import honeststack.core.goal.Goal;
import honeststack.core.promise.Promise;
import java.time.Clock;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Goal sets. They are held in memory too, so that judging goes on while the database is away. */
@Service
public class GoalService implements Restorer {
  private static final int MOST_LIMIT = 1_000_000;
  private static final int WHOLE = 100;

  private final GoalStore store;
  private final Ledger ledger;
  private final Clock clock;
  private final Bin bin;
  private final JsonMapper json;
  private volatile List<GoalSet> sets = List.of();

  GoalService(GoalStore store, Ledger ledger, Clock clock, Bin bin, JsonMapper json) {
    this.bin = bin;
    this.json = json;
    this.store = store;
    this.ledger = ledger;
    this.clock = clock;
    ledger.follow(Part.GOALS, known -> sets = store.all());
  }

  public List<GoalSet> all() {
    return sets;
  }

  /** The limits of a set; none if there is no such set any more. */
  public List<Goal> limits(String id) {
    return sets.stream()
        .filter(set -> set.id().equals(id))
        .flatMap(set -> set.goals().stream())
        .flatMap(
            limits -> Measurand.tagged(limits.measurand()).map(one -> goal(one, limits)).stream())
        .toList();
  }

  /**
   * Goals that are a share of a day's reference.
   *
   * @throws ProblemException if the share is none
   */
  NewGoalSet reference(DailyReference day, int percent) {
    if (percent < 1 || percent > WHOLE) {
      throw Problem.badInput(
          "percent", String.valueOf(percent), percent + " % is no share of a day.", "1 to 100");
    }
    List<Limits> limits =
        day.goals(percent / 100.0).stream()
            .map(
                goal ->
                    new Limits(goal.measurand().tag(), orNull(goal.lower()), orNull(goal.upper())))
            .toList();
    return new NewGoalSet(
        percent + " % of " + day.words(),
        percent + " % of " + day.source() + ".",
        limits,
        List.of());
  }

  private static Double orNull(OptionalDouble limit) {
    return limit.isPresent() ? limit.getAsDouble() : null;
  }

  /** What a plate has to be free from by a set; nothing if there is no such set any more. */
  public List<Promise> promises(String id) {
    return sets.stream()
        .filter(set -> set.id().equals(id))
        .flatMap(set -> set.promises().stream())
        .toList();
  }

  /**
   * @throws ProblemException if a limit makes no sense or a component is named twice
   */
  public GoalSet create(NewGoalSet set) {
    check(set);
    String id = UUID.randomUUID().toString();
    return ledger.write(
        () -> {
          ledger.change(Part.GOALS);
          store.insert(id, set, clock.instant());
          return stored(id);
        });
  }

  /**
   * @throws ProblemException if the set was saved by someone else since revision {@code expected}
   */
  GoalSet save(String id, int expected, NewGoalSet set) {
    check(set);
    return ledger.write(
        () -> {
          ledger.change(Part.GOALS);
          GoalSet before = stored(id);
          if (!store.update(id, expected, set)) {
            throw Problem.stale(
                "These goals were saved elsewhere in the meantime; nothing was overwritten.",
                before);
          }
          return stored(id);
        });
  }

  void delete(String id) {
    ledger.write(
        () -> {
          ledger.change(Part.GOALS);
          GoalSet set = stored(id);
          bin.put(Kind.GOALS, set.name(), json.writeValueAsString(set));
          store.delete(id);
        });
  }

  @Override
  public Kind kind() {
    return Kind.GOALS;
  }

  /** A set comes back under its identity, so that recipes held against it are so again. */
  @Override
  public void restore(String body) {
    GoalSet set = json.readValue(body, GoalSet.class);
    ledger.write(
        () -> {
          ledger.change(Part.GOALS);
          store.insert(
              set.id(),
              new NewGoalSet(set.name(), set.note(), set.goals(), set.promises()),
              clock.instant());
        });
  }

  private GoalSet stored(String id) {
    return store.all().stream()
        .filter(set -> set.id().equals(id))
        .findFirst()
        .orElseThrow(() -> Problem.notFound("goal set", id));
  }

  private static void check(NewGoalSet set) {
    if (set.goals().isEmpty() && set.promises().isEmpty()) {
      throw Problem.badInput(
          "goals",
          set.name(),
          "“" + set.name() + "” sets no goal.",
          "at least one limit or promise");
    }
    Set<List<Object>> seen = new HashSet<>();
    for (int i = 0; i < set.goals().size(); i++) {
      Limits limits = set.goals().get(i);
      String field = "goals[" + i + "]";
      Measurand measurand =
          Measurand.tagged(limits.measurand())
              .orElseThrow(
                  () ->
                      Problem.badInput(
                          field,
                          limits.measurand(),
                          "“" + limits.measurand() + "” is no figure.",
                          "one of " + Measurand.values()));
      if (!seen.add(List.of(measurand, limits.basis()))) {
        throw Problem.badInput(
            field,
            limits.measurand(),
            "“" + measurand.words() + "” is named twice.",
            "one goal for each figure of a serving, of a piece, of 100 g");
      }
      if (Math.max(orNothing(limits.lower()), orNothing(limits.upper())) > MOST_LIMIT) {
        throw Problem.badInput(
            field,
            limits.lower() + " to " + limits.upper(),
            "A limit for " + measurand.words() + " lies beyond what a serving can hold.",
            "limits up to " + MOST_LIMIT);
      }
      try {
        goal(measurand, limits);
      } catch (IllegalArgumentException senseless) {
        throw Problem.badInput(
            field,
            limits.lower() + " to " + limits.upper(),
            senseless.getMessage() + ".",
            "a lower limit, an upper limit, or both, 0 or more, the lower not above the upper");
      }
    }
  }

  private static double orNothing(Double limit) {
    return limit == null ? 0 : limit;
  }

  private static Goal goal(Measurand measurand, Limits limits) {
    return new Goal(
        measurand,
        limits.basis(),
        Boolean.TRUE.equals(limits.wish()),
        optional(limits.lower()),
        optional(limits.upper()));
  }

  private static OptionalDouble optional(Double value) {
    return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
  }
}
