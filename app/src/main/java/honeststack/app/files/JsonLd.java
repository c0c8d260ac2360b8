package honeststack.app.files;

import honeststack.app.draft.Draft;
import honeststack.app.draft.Draft.DraftLine;
import honeststack.app.figures.FiguresAnswer;
import honeststack.app.figures.FiguresAnswer.FigureAnswer;
import honeststack.core.estimate.Bound;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Measurand;
import honeststack.core.food.Component;
import honeststack.core.wording.Say;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A recipe as linked data, in the vocabulary of schema.org (Recipe, NutritionInformation). */
final class JsonLd {
  /** The properties of a serving, by component. */
  private static final Map<Component, String> NUTRITION =
      Map.of(
          Component.ENERC, "calories",
          Component.PROCNT, "proteinContent",
          Component.CHOCDF, "carbohydrateContent",
          Component.FIBTG, "fiberContent",
          Component.FAT, "fatContent",
          Component.FASAT, "saturatedFatContent",
          Component.SUGAR, "sugarContent",
          Component.NA, "sodiumContent");

  /** What the nutrition properties need computed, besides the tally. */
  static final List<String> ALSO =
      List.of(Component.FASAT.name(), Component.SUGAR.name(), Component.NA.name());

  static final String CAUTION =
      "Worked out from measured amounts; for planning and teaching, not for dosing insulin without"
          + " one's care team. Allergens: read the labels of what you use.";

  private JsonLd() {}

  /**
   * What is written of a recipe.
   *
   * @param yield how many pieces, in words; empty if not known
   * @param serving what one is, in words; empty if not known
   */
  record Content(
      String name,
      String description,
      List<String> tags,
      Draft draft,
      String yield,
      String serving,
      FiguresAnswer figures) {}

  static Map<String, Object> write(Content content) {
    Map<String, Object> recipe = new LinkedHashMap<>();
    recipe.put("@context", "https://schema.org");
    recipe.put("@type", "Recipe");
    recipe.put("name", content.name());
    if (!content.description().isBlank()) {
      recipe.put("description", content.description());
    }
    if (!content.tags().isEmpty()) {
      recipe.put("keywords", String.join(", ", content.tags()));
    }
    recipe.put("recipeIngredient", ingredients(content.draft()));
    if (!content.yield().isBlank()) {
      recipe.put("recipeYield", content.yield());
    }
    List<String> method = content.draft().method();
    if (method != null && !method.isEmpty()) {
      recipe.put(
          "recipeInstructions",
          method.stream().map(step -> Map.of("@type", "HowToStep", "text", step)).toList());
    }
    if (!content.serving().isBlank()) {
      recipe.put("nutrition", nutrition(content));
    }
    return recipe;
  }

  /** In the cook's words; where a line is not for the bowl, it says so. */
  static List<String> ingredients(Draft draft) {
    List<String> lines = new ArrayList<>();
    draft.bowl().forEach(line -> add(lines, line, ""));
    add(lines, draft.griddle().panFat(), ", for the pan");
    if (draft.griddle().making() != null && draft.griddle().making().moreFat() != null) {
      draft.griddle().making().moreFat().forEach(line -> add(lines, line, ", for the pan"));
    }
    draft.plate().toppings().forEach(line -> add(lines, line, ", to serve"));
    return lines;
  }

  private static void add(List<String> lines, DraftLine line, String place) {
    if (!line.text().isBlank() && !Boolean.TRUE.equals(line.off())) {
      lines.add(line.text().strip() + place);
    }
  }

  private static Map<String, Object> nutrition(Content content) {
    Map<String, Object> nutrition = new LinkedHashMap<>();
    nutrition.put("@type", "NutritionInformation");
    nutrition.put("servingSize", content.serving());
    nutrition.put("description", CAUTION);
    FiguresAnswer figures = content.figures();
    figures.bases().stream()
        .filter(basis -> basis.basis() == Basis.AS_SERVED)
        .findFirst()
        .ifPresent(
            basis -> {
              for (int i = 0; i < figures.measurands().size(); i++) {
                String tag = figures.measurands().get(i).tag();
                String unit = figures.measurands().get(i).unit();
                FigureAnswer figure = basis.figures().get(i);
                Measurand.tagged(tag)
                    .flatMap(Measurand::component)
                    .map(NUTRITION::get)
                    .ifPresent(property -> nutrition.put(property, words(figure, unit)));
              }
            });
    return nutrition;
  }

  /** What is missing travels with a figure: "≥ 310 kcal". */
  static String words(FigureAnswer figure, String unit) {
    String bound =
        figure.bound() == Bound.AT_LEAST ? "≥ " : figure.bound() == Bound.AT_MOST ? "≤ " : "";
    return figure.bound() == Bound.NOT_KNOWN
        ? "not known"
        : bound + Say.of(figure.value() < 10 ? "%.1f %s" : "%.0f %s", figure.value(), unit);
  }
}
