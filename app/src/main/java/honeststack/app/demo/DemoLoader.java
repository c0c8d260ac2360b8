package honeststack.app.demo;

import honeststack.app.figures.Draft;
import honeststack.app.goals.GoalService;
import honeststack.app.goals.GoalSet.NewGoalSet;
import honeststack.app.recipes.RecipeService;
import java.io.IOException;
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
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Puts the demo scenario on an empty shelf. */
@Component
@ConditionalOnProperty("honest-stack.demo")
class DemoLoader implements ApplicationRunner {
  private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);

  private final RecipeService recipes;
  private final GoalService goals;
  private final JsonMapper json;

  DemoLoader(RecipeService recipes, GoalService goals, JsonMapper json) {
    this.recipes = recipes;
    this.goals = goals;
    this.json = json;
  }

  /** A demo recipe: versions in the order in which they were kept; the last is on the bench. */
  record DemoRecipe(String name, List<DemoVersion> versions) {}

  record DemoVersion(String reason, Draft draft) {}

  @Override
  @Transactional
  public void run(ApplicationArguments arguments) throws IOException {
    if (!recipes.isEmpty()) {
      return;
    }
    Resource[] files =
        new PathMatchingResourcePatternResolver().getResources("classpath:/demo/recipes/*.json");
    Arrays.sort(files, Comparator.comparing(Resource::getFilename));
    for (Resource file : files) {
      load(json.readValue(file.getContentAsByteArray(), DemoRecipe.class));
    }
    NewGoalSet[] sets =
        json.readValue(
            new ClassPathResource("demo/goals.json").getContentAsByteArray(), NewGoalSet[].class);
    for (NewGoalSet set : sets) {
      goals.create(set);
    }
    LOG.info("Put {} demo recipes on the shelf", files.length);
  }

  private void load(DemoRecipe recipe) {
    String id = recipes.start(recipe.name(), recipe.versions().get(0).draft());
    for (DemoVersion version : recipe.versions()) {
      recipes.replaceAndKeep(id, version.draft(), version.reason());
    }
  }
}
