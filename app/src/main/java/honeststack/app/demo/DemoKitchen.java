package honeststack.app.demo;

import honeststack.app.demo.DemoRecipe.DemoEvent;
import honeststack.app.demo.DemoRecipe.DemoRun;
import honeststack.app.demo.DemoRecipe.DemoStock;
import honeststack.app.runs.RunService;
import honeststack.app.stock.StockService;
import honeststack.app.tools.NewTool;
import honeststack.app.tools.ToolAnswer;
import honeststack.app.tools.ToolService;
import honeststack.app.tools.ToppingSets;
import honeststack.core.morning.Event;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What of the demo is not on the shelf: tools, topping sets, mornings, the freezer. */
@Component
class DemoKitchen {
  /** When a morning of the demo begins, hours after midnight UTC. */
  private static final int MORNING = 7;

  private static final double SECONDS = 60;

  private final ToolService tools;
  private final ToppingSets sets;
  private final RunService runs;
  private final StockService stock;
  private final Clock clock;

  DemoKitchen(
      ToolService tools, ToppingSets sets, RunService runs, StockService stock, Clock clock) {
    this.tools = tools;
    this.sets = sets;
    this.runs = runs;
    this.stock = stock;
    this.clock = clock;
  }

  /** As the file has them. */
  record Things(List<DemoTool> tools, List<DemoSet> sets) {}

  /**
   * A tool.
   *
   * @param weighed what its fills weighed, as texts
   */
  record DemoTool(NewTool tool, List<String> weighed) {}

  record DemoSet(String name, List<String> lines) {}

  void put(Things things) {
    for (DemoTool one : things.tools()) {
      ToolAnswer made = tools.create(one.tool());
      one.weighed().forEach(weight -> tools.weigh(made.id(), weight));
    }
    things.sets().forEach(set -> sets.keep(set.name(), set.lines()));
  }

  /** Mornings with a recipe, and what is in the freezer of it. */
  void remember(DemoRecipe recipe, List<String> versions) {
    for (DemoRun run : recipe.runs() == null ? List.<DemoRun>of() : recipe.runs()) {
      Instant begun = morning(run.daysAgo());
      runs.load(
          UUID.randomUUID().toString(),
          versions.get(run.version() - 1),
          begun,
          run.cook(),
          told(run, begun));
    }
    for (DemoStock one : recipe.frozen() == null ? List.<DemoStock>of() : recipe.frozen()) {
      stock.freeze(
          versions.get(one.version() - 1), one.pieces(), morning(one.daysAgo()), one.note());
    }
  }

  private Instant morning(int daysAgo) {
    return clock
        .instant()
        .truncatedTo(ChronoUnit.DAYS)
        .minus(Duration.ofDays(daysAgo))
        .plus(Duration.ofHours(MORNING));
  }

  private static List<Event> told(DemoRun run, Instant begun) {
    List<Event> told = new ArrayList<>();
    for (DemoEvent event : run.told()) {
      int times = event.times() == null ? 1 : event.times();
      for (int i = 0; i < times; i++) {
        long after = Math.round((event.after() + i) * SECONDS);
        told.add(
            new Event(
                UUID.randomUUID().toString(),
                begun.plusSeconds(after).toEpochMilli(),
                event.kind(),
                event.text() == null ? "" : event.text(),
                event.amount() == null ? Double.NaN : event.amount(),
                event.line() == null ? "" : event.line()));
      }
    }
    return told;
  }
}
