package honeststack.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.app.doubt.ShippedTables;
import honeststack.app.draft.Draft;
import honeststack.app.larder.Larder;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.food.Component;
import honeststack.core.recipe.Kitchen;
import honeststack.core.recipe.LineReading.NotUnderstood;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.yield.Tool;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import tools.jackson.databind.json.JsonMapper;

class DemoRecipeTest {

  private static List<DemoRecipe> recipes() throws IOException {
    Resource[] files =
        new PathMatchingResourcePatternResolver().getResources("classpath:/demo/recipes/*.json");
    Arrays.sort(files, (a, b) -> a.getFilename().compareTo(b.getFilename()));
    JsonMapper json = new JsonMapper();
    List<DemoRecipe> recipes = new ArrayList<>();
    for (Resource file : files) {
      recipes.add(json.readValue(file.getContentAsByteArray(), DemoRecipe.class));
    }
    return recipes;
  }

  /** Lines of it are read, or name a preparation that is kept before it; it can be eaten. */
  @Test
  void everyVersionIsWhatACookCouldMake() throws IOException {
    Tool ladle = new Tool("hut ladle", "60 ml", 1, Optional.empty());
    Kitchen kitchen =
        Kitchen.of(Larder.reference(), ShippedTables.read())
            .withTools(name -> Optional.of(ladle).filter(tool -> tool.name().equals(name)));
    Set<String> keptBefore = new HashSet<>();
    assertThat(recipes()).hasSizeGreaterThan(4);
    for (DemoRecipe recipe : recipes()) {
      for (int i = 0; i < recipe.versions().size(); i++) {
        Draft draft = recipe.draft(i);
        draft.check();
        RecipeReading reading = kitchen.read(draft.recipe());
        assertThat(reading.problems()).as(recipe.name()).isEmpty();
        assertThat(reading.lines())
            .as(recipe.name())
            .filteredOn(NotUnderstood.class::isInstance)
            .allMatch(
                line -> keptBefore.stream().anyMatch(((NotUnderstood) line).text()::contains));
        if (draft.kind() != Draft.Kind.PREPARATION) {
          double energy =
              Figures.of(reading, List.of(Measurand.of(Component.ENERC)))
                  .figure(Basis.AS_SERVED, Component.ENERC)
                  .value();
          assertThat(energy).as(recipe.name()).isBetween(150.0, 1100.0);
        }
      }
      keptBefore.add(recipe.name().toLowerCase(Locale.ROOT));
    }
  }
}
