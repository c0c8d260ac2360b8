package honeststack.app.files;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.app.Drafts;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import honeststack.app.Shelf;
import honeststack.app.Shelf.OnShelf;
import honeststack.app.draft.Draft;
import honeststack.app.draft.Draft.DraftLine;
import honeststack.app.draft.Draft.DraftPlate;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Recipes and figures out to files and in from them, through the door that pages take. */
@ExtendWith(RunningApplication.class)
class FilesApiTest {
  private static final JsonMapper JSON = new JsonMapper();

  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  private static OnShelf recipe() {
    Draft plain =
        Drafts.of("1½ cups rye flour, spooned", "2 eggs", "300 g milk", "1 cup zorbleberries");
    Draft draft =
        new Draft(
            plain.kind(),
            plain.system(),
            plain.bowl(),
            plain.griddle(),
            new DraftPlate(3.0, List.of(new DraftLine("t", "1 tbsp honey", null))),
            null,
            null,
            List.of("Whisk the eggs into the milk.", "Rest 20 minutes.", "Fry 2 minutes a side."));
    return Shelf.start("Filed “rounds” " + UUID.randomUUID(), draft);
  }

  @Test
  void anOwnFileComesBackEqualToTheLastDigit() {
    OnShelf recipe = recipe();
    String version = Shelf.kept(recipe);
    JsonNode before = Shelf.version(version);
    byte[] file = Http.file(recipe.path() + "/file");
    assertThat(Http.sendFile("/api/files", file).status()).as("it is there").isEqualTo(409);
    assertThat(Http.send("DELETE", recipe.path(), null).status()).isEqualTo(204);

    JsonNode review = Http.sendFile("/api/files/review", file).body();
    assertThat(review.get("is").asString()).isEqualTo("OWN");
    assertThat(review.get("versions").asInt()).isEqualTo(1);
    assertThat(Http.sendFile("/api/files", file).status()).isEqualTo(201);
    assertThat(Shelf.version(version)).isEqualTo(before);
    assertThat(JSON.readTree(Http.file(recipe.path() + "/file"))).isEqualTo(JSON.readTree(file));
  }

  @Test
  void aCopyStandsBesideIt() {
    OnShelf recipe = recipe();
    String version = Shelf.kept(recipe);
    byte[] file = Http.file(recipe.path() + "/file");
    String copy = Http.sendFile("/api/files?copy=true", file).body().get("id").asString();
    assertThat(copy).isNotEqualTo(recipe.id());
    JsonNode versions = Http.get("/api/versions?recipe=" + copy).body();
    assertThat(versions.size()).isEqualTo(1);
    JsonNode figures = Shelf.version(versions.get(0).get("id").asString()).get("figures");
    assertThat(figures).isEqualTo(Shelf.version(version).get("figures"));
  }

  /** Another program, or somebody by hand, wrote what was cooked, and not what it weighs. */
  @Test
  void aVersionWithoutItsReadingIsReadWhenItComes() {
    OnShelf recipe = recipe();
    String version = Shelf.kept(recipe);
    JsonNode file = JSON.readTree(Http.file(recipe.path() + "/file"));
    ((tools.jackson.databind.node.ObjectNode) file.at("/versions/0")).remove("reading");
    Http.Answer brought = Http.sendFile("/api/files?copy=true", bytes(file.toString()));
    assertThat(brought.status()).as(brought.body().toString()).isEqualTo(201);
    String copy = brought.body().get("id").asString();
    String id = Http.get("/api/versions?recipe=" + copy).body().at("/0/id").asString();
    assertThat(Shelf.version(id).get("figures")).isEqualTo(Shelf.version(version).get("figures"));

    ((tools.jackson.databind.node.ObjectNode) file.at("/versions/0/recipe"))
        .set("bowl", JSON.readTree("[]"));
    Http.Answer empty = Http.sendFile("/api/files?copy=true", bytes(file.toString()));
    assertThat(empty.status()).as("what cannot be kept cannot come").isEqualTo(409);
    assertThat(empty.body().get("detail").asString()).contains("nothing in the bowl");
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource(
      delimiter = '|',
      value = {
        "/draft/recipe/bowl/0/text | 7 | /draft/recipe/bowl/0/text",
        "/name | \"\" | /name",
        "/draft/recipe/kind | \"CREPE\" | /draft/recipe/kind",
        "/versions/0/reading/batter/0/mass | {\"v\":\"much\"} | /versions/0/reading/batter/0/mass",
        "/versions/0/reading/foods | [] | version 1",
        "/formatVersion | 2 | /formatVersion",
        "/mornings | {} | /mornings"
      })
  void aDoctoredFileIsRefusedWithThePlace(String where, String what, String said) {
    OnShelf recipe = recipe();
    Shelf.kept(recipe);
    JsonNode file = JSON.readTree(Http.file(recipe.path() + "/file"));
    int cut = where.lastIndexOf('/');
    ((tools.jackson.databind.node.ObjectNode) file.at(where.substring(0, cut)))
        .set(where.substring(cut + 1), JSON.readTree(what));
    Http.Answer refused = Http.sendFile("/api/files?copy=true", bytes(file.toString()));
    assertThat(refused.status()).as(refused.body().toString()).isEqualTo(400);
    assertThat(refused.body().toString()).containsIgnoringCase(said);
  }

  @Test
  void asLinkedDataItIsReadAsItWas() {
    OnShelf recipe = recipe();
    byte[] linked = Http.file(recipe.path() + "/linked");
    JsonNode data = JSON.readTree(linked);
    assertThat(data.get("@type").asString()).isEqualTo("Recipe");
    assertThat(data.get("recipeYield").asString()).isEqualTo("10 pancakes");
    assertThat(data.at("/nutrition/servingSize").asString()).isEqualTo("3 pancakes");
    assertThat(data.at("/nutrition/calories").asString()).matches("≥ \\d+ kcal");

    JsonNode review = Http.sendFile("/api/files/review", linked).body();
    assertThat(review.get("is").asString()).isEqualTo("TOLD");
    String body = "{\"text\":" + review.get("text") + ",\"system\":\"US\"}";
    JsonNode told = Http.send("POST", "/api/lines", body).body();
    List<String> lines = new ArrayList<>();
    told.get("lines")
        .forEach(
            line -> lines.add(line.get("place").asString() + ": " + line.get("text").asString()));
    assertThat(lines)
        .containsExactly(
            "NOT_SAID: 1½ cups rye flour, spooned",
            "NOT_SAID: 2 eggs",
            "NOT_SAID: 300 g milk",
            "NOT_SAID: 1 cup zorbleberries",
            "PLATE: 1 tbsp honey, to serve");
    assertThat(told.at("/pieces/low").asInt()).isEqualTo(10);
    assertThat(told.get("steps").size()).isEqualTo(3);
  }

  @Test
  void asTextItIsReadAsItWas() {
    String version = Shelf.kept(recipe());
    String text =
        new String(Http.file("/api/versions/" + version + "/text"), StandardCharsets.UTF_8);
    assertThat(text).containsPattern("energy: ≥ \\d+ kcal").contains("Not in the numbers: ");
    String body = "{\"text\":" + Drafts.json(text) + ",\"system\":\"US\"}";
    JsonNode told = Http.send("POST", "/api/lines", body).body();
    assertThat(told.get("lines").size()).as(told.toString()).isEqualTo(5);
    assertThat(told.at("/pieces/low").asInt()).isEqualTo(10);
  }

  /** Made up; the shapes are those that the vocabulary of schema.org allows. */
  static Stream<String> pages() {
    String data =
        """
        {"@context":"https://schema.org","@graph":[{"@type":"WebPage","name":"A page"},
         {"@type":["Recipe","NewsArticle"],"name":"Oat cakes &amp; plums",
          "recipeYield":["8","8 cakes"],
          "recipeIngredient":["100 g rolled oats","2&nbsp;eggs","<b>250 g</b> milk"],
          "recipeInstructions":[{"@type":"HowToSection","name":"Batter","itemListElement":[
            {"@type":"HowToStep","text":"Soak the oats."}]},{"@type":"HowToStep","text":"Fry."}]}]}
        """;
    return Stream.of(
        data,
        "<!doctype html><html><head><title>Cakes</title><script type=\"application/ld+json\">"
            + "{ broken </script><script type='application/ld+json'>"
            + data
            + "</script></head><body><script>document.title='run'</script></body></html>",
        "<html><head><title>Oat cakes</title></head><body><nav>Home</nav><h1>Oat cakes</h1><ul>"
            + "<li>100 g rolled oats<li>2 eggs<li>250 g milk</ul><p>Soak the oats.<p>Fry.</body></html>",
        "\uFEFFOat cakes\n100 g rolled oats\n2 eggs\n250 g milk\n");
  }

  @ParameterizedTest
  @MethodSource("pages")
  void anybodysRecipeIsReadFromItsFile(String page) {
    JsonNode review = Http.sendFile("/api/files/review", bytes(page)).body();
    assertThat(review.get("is").asString()).isEqualTo("TOLD");
    String text = review.get("text").asString();
    assertThat(text.lines())
        .anyMatch("100 g rolled oats"::equals)
        .anyMatch(line -> line.replace('\u00a0', ' ').equals("2 eggs"))
        .anyMatch("250 g milk"::equals);
    assertThat(text).doesNotContain("<").doesNotContain("Home").doesNotContain("run");
  }

  static Stream<byte[]> otherFiles() {
    return Stream.of(
        new byte[0],
        new byte[] {'P', 'K', 3, 4, 20, 0, 0, 0},
        new byte[] {(byte) 0xC4, (byte) 0xE4, ' ', (byte) 0xF6},
        bytes("{\"a\":1}"),
        bytes("{\"@type\":\"Recipe\""),
        bytes("[".repeat(5000)));
  }

  @ParameterizedTest
  @MethodSource("otherFiles")
  void whatHoldsNoRecipeIsRefused(byte[] file) {
    Http.Answer refused = Http.sendFile("/api/files/review", file);
    assertThat(refused.status()).as(refused.body().toString()).isEqualTo(400);
    assertThat(refused.body().at("/fields/0/accepted").asString()).contains("text");
  }

  @Test
  void figuresAreWrittenWithTheirRangesAndWhatIsMissing() throws IOException {
    OnShelf recipe = recipe();
    String version = Shelf.kept(recipe);
    JsonNode figures = Shelf.version(version).get("figures");
    String query = "?versions=" + version + "&also=NA";
    String csv = new String(Http.file("/api/versions/figures.csv" + query), StandardCharsets.UTF_8);
    CSVFormat format = CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get();
    List<CSVRecord> rows = format.parse(new StringReader(csv)).getRecords();
    assertThat(rows).hasSize(6 * figures.get("bases").size());
    CSVRecord served =
        rows.stream()
            .filter(
                row -> row.get("basis").equals("as served") && row.get("figure").equals("protein"))
            .findFirst()
            .orElseThrow();
    JsonNode shown =
        StreamSupport.stream(figures.get("bases").spliterator(), false)
            .filter(basis -> basis.get("basis").asString().equals("AS_SERVED"))
            .findFirst()
            .orElseThrow()
            .at("/figures/1");
    assertThat(Double.parseDouble(served.get("value"))).isEqualTo(shown.get("value").asDouble());
    assertThat(Double.parseDouble(served.get("u"))).isEqualTo(shown.get("u").asDouble());
    assertThat(served.get("bound")).isEqualTo("at least");
    assertThat(served.get("missing")).contains("zorbleberries");
    JsonNode rowsAsJson = JSON.readTree(Http.file("/api/versions/figures.json" + query));
    assertThat(rowsAsJson.size()).isEqualTo(rows.size());
  }

  @Test
  void aReasonThatASpreadsheetWouldRunIsHarmless() {
    OnShelf recipe = Shelf.start("Plain " + UUID.randomUUID(), Drafts.of("100 g rye flour"));
    String version = Shelf.keep(recipe, "=1+1").body().at("/version/id").asString();
    String csv =
        new String(
            Http.file("/api/versions/figures.csv?versions=" + version), StandardCharsets.UTF_8);
    assertThat(csv).contains(",'=1+1,");
  }
}
