package honeststack.app.tools;

import honeststack.app.kitchen.KitchenNow;
import honeststack.app.ledger.Ledger;
import honeststack.app.ledger.Part;
import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import honeststack.app.tools.ToolAnswer.FillAnswer;
import honeststack.app.tools.ToolStore.Fill;
import honeststack.app.tools.ToolStore.Stored;
import honeststack.core.line.MassText;
import honeststack.core.line.PortionText;
import honeststack.core.measure.Measure;
import honeststack.core.measure.OwnWeights.Own;
import honeststack.core.wording.Numbers;
import honeststack.core.wording.RefusedException;
import honeststack.core.wording.Say;
import honeststack.core.yield.Tool;
import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** The cook's own tools, in memory too, so that recipes are read while the database is away. */
@Service
public class ToolService {
  private final ToolStore store;
  private final KitchenNow kitchens;
  private final Ledger ledger;
  private final Clock clock;
  private volatile List<Stored> tools = List.of();

  ToolService(ToolStore store, KitchenNow kitchens, Ledger ledger, Clock clock) {
    this.store = store;
    this.kitchens = kitchens;
    this.ledger = ledger;
    this.clock = clock;
    ledger.follow(Part.TOOLS, known -> publish());
  }

  private void publish() {
    tools = store.all();
    Map<String, Tool> byName = new HashMap<>();
    for (Stored tool : tools) {
      Optional<Own> own = own(tool).filter(Own::isEnough);
      byName.put(key(tool.name()), new Tool(tool.name(), tool.fill(), tool.pieces(), own));
    }
    kitchens.publishTools(name -> Optional.ofNullable(byName.get(key(name))));
  }

  private static String key(String name) {
    return name.strip().toLowerCase(Locale.ROOT);
  }

  private static Optional<Own> own(Stored tool) {
    return tool.fills().isEmpty()
        ? Optional.empty()
        : Optional.of(Own.of(tool.fills().stream().map(Fill::grams).toList()));
  }

  List<ToolAnswer> all() {
    return tools.stream().map(ToolService::answer).toList();
  }

  private static ToolAnswer answer(Stored tool) {
    Optional<Own> own = own(tool);
    return new ToolAnswer(
        tool.id(),
        tool.name(),
        tool.kind(),
        tool.fill(),
        tool.pieces(),
        own.map(o -> words(tool, o)).orElse(null),
        own.filter(Own::isEnough).isPresent(),
        tool.fills().stream().map(f -> new FillAnswer(f.id(), f.grams(), f.weighedAt())).toList());
  }

  private static String words(Stored tool, Own own) {
    return Say.of(
        "your %s: %s g%s, from %s",
        tool.name(),
        Numbers.grams(own.grams()),
        own.isEnough() ? " ± " + Numbers.grams(own.scatter()) : "",
        own.weighings() == 1 ? "1 weighing" : own.weighings() + " weighings");
  }

  /**
   * Keeps a tool.
   *
   * @throws ProblemException if its name is another's, or its fill cannot be read
   */
  public ToolAnswer create(NewTool tool) {
    String id = UUID.randomUUID().toString();
    return put(id, tool);
  }

  ToolAnswer save(String id, NewTool tool) {
    stored(id);
    return put(id, tool);
  }

  private ToolAnswer put(String id, NewTool tool) {
    check(tool);
    return ledger.write(
        () -> {
          ledger.change(Part.TOOLS);
          store.all().stream()
              .filter(other -> key(other.name()).equals(key(tool.name())))
              .filter(other -> !other.id().equals(id))
              .findFirst()
              .ifPresent(other -> nameTaken(tool.name()));
          store.put(id, tool, clock.instant());
          return stored(id);
        });
  }

  private static void nameTaken(String name) {
    throw Problem.badInput(
        "name", name, "“" + name.strip() + "” is the name of another tool.", "a name of its own");
  }

  private static void check(NewTool tool) {
    if (tool.fill().isBlank()) {
      return;
    }
    try {
      if (PortionText.read(tool.fill()) instanceof PortionText.Pieces) {
        throw Problem.badInput(
            "fill",
            tool.fill(),
            "“" + tool.fill() + "” does not say how much batter that is.",
            PortionText.ACCEPTED);
      }
    } catch (RefusedException refused) {
      throw Problem.badInput("fill", refused.refusal().offending(), refused);
    }
  }

  /**
   * Keeps what a fill weighed.
   *
   * @throws ProblemException if the weight is none, or there is no such tool
   */
  public ToolAnswer weigh(String id, String weight) {
    double grams = grams(weight);
    return ledger.write(
        () -> {
          ledger.change(Part.TOOLS);
          stored(id);
          store.add(id, new Fill(UUID.randomUUID().toString(), grams, clock.instant()));
          return stored(id);
        });
  }

  private static double grams(String weight) {
    try {
      Measure mass = MassText.read(weight);
      double grams = mass.amount() * mass.unit().grams();
      if (!(grams > 0 && grams < Measure.MOST_GRAMS)) {
        throw Problem.badInput(
            "weight", weight, "“" + weight + "” cannot be what a fill weighs.", "more than 0 g");
      }
      return grams;
    } catch (RefusedException refused) {
      throw Problem.badInput("weight", refused.refusal().offending(), refused);
    }
  }

  ToolAnswer forget(String id, String fillId) {
    return ledger.write(
        () -> {
          ledger.change(Part.TOOLS);
          if (!store.removeFill(id, fillId)) {
            throw Problem.notFound("weighing", fillId);
          }
          return stored(id);
        });
  }

  void remove(String id) {
    ledger.write(
        () -> {
          ledger.change(Part.TOOLS);
          if (!store.remove(id)) {
            throw Problem.notFound("tool", id);
          }
        });
  }

  private ToolAnswer stored(String id) {
    return store.all().stream()
        .filter(tool -> tool.id().equals(id))
        .findFirst()
        .map(ToolService::answer)
        .orElseThrow(() -> Problem.notFound("tool", id));
  }
}
