package honeststack.app.files;

import honeststack.app.draft.Draft;
import honeststack.app.figures.FiguresAnswer;
import honeststack.app.figures.FiguresService;
import honeststack.app.figures.Shown;
import honeststack.app.kept.KeptService;
import honeststack.app.kept.KeptService.Kept;
import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import honeststack.app.shelf.ShelfService;
import honeststack.app.shelf.ShelfService.Bench;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.wording.Say;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What the pages ask for as files, and what they bring as files. */
@Service
class FilesService {
  private static final String ACCEPTED =
      "a recipe's file of this program, a page or document with a recipe as linked data, or text";
  private static final int LONGEST_TEXT = 100_000;

  private final RecipeFiles recipes;
  private final ShelfService shelf;
  private final KeptService kept;
  private final FiguresService figures;
  private final JsonMapper json;

  FilesService(
      RecipeFiles recipes,
      ShelfService shelf,
      KeptService kept,
      FiguresService figures,
      JsonMapper json) {
    this.recipes = recipes;
    this.shelf = shelf;
    this.kept = kept;
    this.figures = figures;
    this.json = json;
  }

  /** What a file turned out to be. */
  enum Is {
    /** A recipe's file of this program. */
    OWN,
    /** Anybody's recipe, as text. */
    TOLD
  }

  /**
   * What a file holds; nothing is kept yet.
   *
   * @param text to be looked over; empty for an own file
   * @param there whether the same recipe is on the shelf already
   */
  record FileReview(Is is, String name, String text, int versions, int mornings, boolean there) {}

  /**
   * Looks into a file.
   *
   * @throws ProblemException if nothing can be made of it
   */
  FileReview review(byte[] file) {
    String text = text(file);
    String start = text.stripLeading();
    if (start.isEmpty()) {
      throw Problem.badInput("file", "", "The file is empty.", ACCEPTED);
    }
    if (start.startsWith("<")) {
      return told(Told.ofPage(text, json));
    }
    if (!start.startsWith("{") && !start.startsWith("[")) {
      return told(new Told("", text));
    }
    JsonNode tree = tree(text);
    if (RecipeFile.FORMAT.equals(tree.path("format").asString(""))) {
      RecipeFile own = recipes.read(text);
      return new FileReview(
          Is.OWN,
          own.name(),
          "",
          own.versions().size(),
          own.mornings().size(),
          recipes.isThere(own.id()));
    }
    return Told.recipe(tree)
        .map(recipe -> told(Told.of(recipe)))
        .orElseThrow(
            () ->
                Problem.badInput(
                    "file",
                    start.substring(0, Math.min(60, start.length())),
                    "The file is JSON, but holds no recipe.",
                    ACCEPTED));
  }

  private static FileReview told(Told told) {
    if (told.text().length() > LONGEST_TEXT) {
      throw Problem.badInput(
          "file",
          told.text().substring(0, 60),
          Say.of("The text is %d characters long.", told.text().length()),
          Say.of("up to %d characters", LONGEST_TEXT));
    }
    return new FileReview(Is.TOLD, told.name(), told.text(), 0, 0, false);
  }

  private JsonNode tree(String text) {
    try {
      return json.readTree(text);
    } catch (JacksonException broken) {
      throw Problem.badInput(
          "file", "", "The file is not JSON: " + broken.getOriginalMessage() + ".", ACCEPTED);
    }
  }

  /** UTF-8, or what a byte order mark says. */
  private static String text(byte[] file) {
    boolean big = file.length >= 2 && file[0] == (byte) 0xFE && file[1] == (byte) 0xFF;
    boolean little = file.length >= 2 && file[0] == (byte) 0xFF && file[1] == (byte) 0xFE;
    Charset charset = big || little ? StandardCharsets.UTF_16 : StandardCharsets.UTF_8;
    try {
      String text = charset.newDecoder().decode(ByteBuffer.wrap(file)).toString();
      if (text.indexOf('\0') >= 0) {
        throw new CharacterCodingException();
      }
      return text.startsWith("\uFEFF") ? text.substring(1) : text;
    } catch (CharacterCodingException notText) {
      throw Problem.badInput("file", "", "The file is not text in UTF-8.", ACCEPTED);
    }
  }

  /**
   * Puts a recipe's file on the shelf; returns the recipe's identity.
   *
   * @param copy beside the same recipe, if that is there already
   */
  String bring(byte[] file, boolean copy) {
    RecipeFile read = recipes.read(text(file));
    RecipeFile put = copy ? recipes.copy(read) : read;
    recipes.put(List.of(put));
    return put.id();
  }

  RecipeFile recipe(String id) {
    return recipes.of(id);
  }

  /** A kept version as linked data. */
  Map<String, Object> linked(String versionId) {
    Kept version = kept.kept(versionId);
    return JsonLd.write(content(version));
  }

  /** A kept version as plain text. */
  String text(String versionId) {
    return TextCard.write(content(kept.kept(versionId)));
  }

  private JsonLd.Content content(Kept version) {
    return content(
        version.label(), version.reason(), List.of(), version.draft(), version.reading());
  }

  /** What lies on a recipe's bench as linked data. */
  Map<String, Object> linkedBench(String recipeId) {
    Bench bench = shelf.bench(recipeId);
    return JsonLd.write(
        content(
            bench.name(),
            "",
            shelf.whole(recipeId).tags(),
            bench.draft(),
            figures.read(bench.draft(), Optional.of(recipeId))));
  }

  private JsonLd.Content content(
      String name, String description, List<String> tags, Draft draft, RecipeReading reading) {
    FiguresAnswer answer = figures.answer(reading, Optional.empty(), Shown.also(JsonLd.ALSO));
    String kind =
        switch (draft.kind()) {
          case PANCAKE -> "pancakes";
          case WAFFLE -> "waffles";
          case PREPARATION -> "";
        };
    Integer pieces = draft.griddle().pieces();
    String yield = kind.isEmpty() || pieces == null ? "" : pieces + " " + kind;
    String serving =
        !reading.isServed() || reading.plate().isEmpty()
            ? ""
            : Say.of("%s %s", number(reading.plate().get().pieces()), kind);
    return new JsonLd.Content(name, description, tags, draft, yield, serving, answer);
  }

  private static String number(double pieces) {
    return pieces == Math.rint(pieces) ? Say.of("%.0f", pieces) : Say.of("%.1f", pieces);
  }
}
