package honeststack.app.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * What somebody else's file says, as text that a cook could have typed: from a page or a document
 * that holds a recipe as linked data, from any other page, from plain text.
 *
 * @param name empty if the file does not say
 */
record Told(String name, String text) {
  private static final int DEEPEST = 12;

  /**
   * Reads a page.
   *
   * @param html the page; scripts in it are never run
   */
  static Told ofPage(String html, JsonMapper json) {
    Document page = Jsoup.parse(html);
    for (Element script : page.select("script[type=application/ld+json]")) {
      Optional<JsonNode> recipe = tree(script.data(), json).flatMap(Told::recipe);
      if (recipe.isPresent()) {
        return of(recipe.get());
      }
    }
    page.select("script, style, nav, header, footer").remove();
    page.select("br").append("\n");
    page.select("p, li, h1, h2, h3, h4, div, tr").prepend("\n");
    return new Told(page.title().strip(), lines(page.body().wholeText()));
  }

  private static Optional<JsonNode> tree(String text, JsonMapper json) {
    try {
      return Optional.of(json.readTree(text));
    } catch (JacksonException broken) {
      return Optional.empty();
    }
  }

  private static String lines(String text) {
    return String.join("\n", text.lines().map(String::strip).filter(l -> !l.isEmpty()).toList());
  }

  /** The recipe that a document of linked data holds, wherever it stands in it. */
  static Optional<JsonNode> recipe(JsonNode data) {
    return find(data, 0);
  }

  private static Optional<JsonNode> find(JsonNode data, int depth) {
    if (depth > DEEPEST) {
      return Optional.empty();
    }
    if (data.isObject() && isRecipe(data.path("@type"))) {
      return Optional.of(data);
    }
    return data.isContainer()
        ? data.valueStream().flatMap(child -> find(child, depth + 1).stream()).findFirst()
        : Optional.empty();
  }

  private static boolean isRecipe(JsonNode type) {
    return texts(type).stream().anyMatch(word -> word.matches("(.*[/:])?Recipe"));
  }

  /** A recipe of linked data as text. */
  static Told of(JsonNode recipe) {
    List<String> lines = new ArrayList<>();
    String name = first(recipe.path("name"));
    if (!name.isEmpty()) {
      lines.add(name);
    }
    String yield = first(recipe.path("recipeYield"), recipe.path("yield"));
    if (!yield.isEmpty()) {
      lines.add(yield.matches("(?i)(serves|makes|yields?)\\b.*") ? yield : "Makes " + yield);
    }
    lines.add("Ingredients");
    JsonNode ingredients = recipe.path("recipeIngredient");
    List<String> named =
        texts(ingredients.isMissingNode() ? recipe.path("ingredients") : ingredients);
    lines.addAll(named);
    List<String> steps = new ArrayList<>();
    steps(recipe.path("recipeInstructions"), 0, steps::add);
    if (!steps.isEmpty()) {
      lines.add("Method");
      for (int i = 0; i < steps.size(); i++) {
        lines.add(i + 1 + ". " + steps.get(i));
      }
    }
    return new Told(name, String.join("\n", lines));
  }

  private static void steps(JsonNode node, int depth, Consumer<String> to) {
    if (depth > DEEPEST) {
      return;
    }
    if (node.isString()) {
      plain(node.asString()).lines().filter(line -> !line.isBlank()).forEach(to);
    } else if (node.isArray()) {
      node.forEach(child -> steps(child, depth + 1, to));
    } else if (node.has("itemListElement")) {
      steps(node.path("itemListElement"), depth + 1, to);
    } else if (node.has("text")) {
      steps(node.path("text"), depth + 1, to);
    } else if (node.has("name")) {
      steps(node.path("name"), depth + 1, to);
    }
  }

  private static String first(JsonNode... nodes) {
    return Stream.of(nodes).flatMap(node -> texts(node).stream()).findFirst().orElse("");
  }

  /** Texts of a value that may be one or several, numbers and quantities too. */
  private static List<String> texts(JsonNode node) {
    if (node.isArray()) {
      return node.valueStream().flatMap(child -> texts(child).stream()).toList();
    }
    if (node.isObject()) {
      String unit = first(node.path("unitText"));
      return texts(node.path("value")).stream()
          .map(value -> unit.isEmpty() ? value : value + " " + unit)
          .toList();
    }
    String text = node.isValueNode() && !node.isNull() ? plain(node.asString()) : "";
    return text.isBlank() ? List.of() : List.of(text.replaceAll("\\s+", " ").strip());
  }

  /** Without markup, which some pages leave in. */
  private static String plain(String text) {
    return text.indexOf('<') < 0 && text.indexOf('&') < 0
        ? text
        : Jsoup.parse(text.replace("\n", "<br>\n")).wholeText().strip();
  }
}
