package honeststack.app.demo;

import honeststack.app.files.RecipeFile;
import honeststack.app.files.RecipeFiles;
import honeststack.app.goals.GoalService;
import honeststack.app.goals.GoalSet.Limits;
import honeststack.app.goals.GoalSet.NewGoalSet;
import honeststack.app.shelf.ShelfService;
import honeststack.core.promise.Promise;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Puts the demo scenario on an empty shelf, recipes as files that are brought in; one that was
 * interrupted is gone on with.
 */
@Component
@ConditionalOnProperty("honest-stack.demo")
class DemoLoader implements ApplicationRunner {
  private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);

  private final ShelfService shelf;
  private final RecipeFiles recipes;
  private final DemoFile files;
  private final GoalService goals;
  private final JsonMapper json;
  private final DemoProgress progress;
  private final DemoKitchen kitchen;

  /** Steps in all while it is being loaded, and how many are done. */
  private volatile int of;

  private volatile int done;

  DemoLoader(
      ShelfService shelf,
      RecipeFiles recipes,
      DemoFile files,
      GoalService goals,
      JsonMapper json,
      DemoProgress progress,
      DemoKitchen kitchen) {
    this.progress = progress;
    this.kitchen = kitchen;
    this.shelf = shelf;
    this.recipes = recipes;
    this.files = files;
    this.goals = goals;
    this.json = json;
  }

  /** A goal set as its file has it. */
  record DemoGoals(String name, String note, List<DemoLimits> goals, List<Promise> promises) {}

  record DemoLimits(String of, Double atLeast, Double atMost) {}

  @Override
  public void run(ApplicationArguments arguments) throws IOException {
    if (!progress.isBegun() && !shelf.isEmpty()) {
      return;
    }
    of = 1;
    try {
      load();
    } finally {
      of = 0;
      done = 0;
    }
  }

  /** How far it is: as many steps as there are once it is over. */
  int of() {
    return of;
  }

  int done() {
    return done;
  }

  private void step(int number, Runnable what) {
    progress.step(number, what);
    done = number + 1;
  }

  private void load() throws IOException {
    DemoGoals[] sets = read("demo/goals.json", DemoGoals[].class);
    step(0, () -> Arrays.stream(sets).map(DemoLoader::set).forEach(goals::create));
    Resource[] shipped =
        new PathMatchingResourcePatternResolver().getResources("classpath:/demo/recipes/*.json");
    of = 2 + shipped.length;
    Arrays.sort(shipped, Comparator.comparing(Resource::getFilename));
    step(1, () -> kitchen.put(read("demo/kitchen.json")));
    for (int i = 0; i < shipped.length; i++) {
      DemoRecipe recipe = json.readValue(shipped[i].getContentAsByteArray(), DemoRecipe.class);
      step(2 + i, () -> load(recipe));
    }
    if (progress.end()) {
      LOG.info("Put {} demo recipes on the shelf", shipped.length);
    }
  }

  private static NewGoalSet set(DemoGoals set) {
    return new NewGoalSet(
        set.name(),
        set.note(),
        set.goals().stream().map(one -> new Limits(one.of(), one.atLeast(), one.atMost())).toList(),
        set.promises());
  }

  private DemoKitchen.Things read(String path) {
    try {
      return read(path, DemoKitchen.Things.class);
    } catch (IOException missing) {
      throw new UncheckedIOException(missing);
    }
  }

  private <T> T read(String path, Class<T> type) throws IOException {
    return json.readValue(new ClassPathResource(path).getContentAsByteArray(), type);
  }

  /** Preparations come first, so that later recipes find them kept. */
  private void load(DemoRecipe recipe) {
    RecipeFile file = recipes.read(files.of(recipe));
    recipes.put(List.of(file));
    kitchen.freeze(recipe, file.versionIds());
  }
}
