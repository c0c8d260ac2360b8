package honeststack.app.demo;

import honeststack.app.figures.Draft;
import honeststack.app.recipes.RecipeService;
import java.io.IOException;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
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
  private final JsonMapper json;

  DemoLoader(RecipeService recipes, JsonMapper json) {
    this.recipes = recipes;
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
    for (Resource file : files) {
      load(json.readValue(file.getContentAsByteArray(), DemoRecipe.class));
    }
    LOG.info("Put {} demo recipes on the shelf", files.length);
  }

  private void load(DemoRecipe recipe) {
    String id = recipes.start(recipe.name(), recipe.versions().get(0).draft());
    int revision = 1;
    for (DemoVersion version : recipe.versions()) {
      recipes.save(id, revision, recipe.name(), version.draft());
      revision++;
      recipes.keep(id, revision, version.reason());
    }
  }
}
