package honeststack.app.larder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.app.Drafts;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(RunningApplication.class)
class OwnFoodsApiTest {

  private static String form(String name, String values, String label) {
    return """
        {"name":%s,"role":"FLOUR","liquid":false,"allergens":["MILK"],"mayContain":[],
         "origins":["DAIRY"],"added":[],"names":[],
         "measures":[{"measure":"cup","qualifier":"SPOONED","grams":90,"graded":false,
                      "usual":false}],
         "values":%s,"doubt":2,"source":"typed in","number":"","remark":""%s}"""
        .formatted(Drafts.json(name), values, label.isEmpty() ? "" : ",\"label\":" + label);
  }

  private static String label(String energy) {
    return """
        {"style":"US","serving":"30","servingUnit":"GRAM","servingWeighs":"",
         "lines":{"ENERGY":"%s","FAT":"1,5","CARBOHYDRATE":"3","PROTEIN":"24","FIBRE":"<1"}}"""
        .formatted(energy);
  }

  private static double value(JsonNode food, String component, String field) {
    for (JsonNode value : food.get("per100g")) {
      if (value.get("component").asString().equals(component)) {
        return value.get(field).asDouble();
      }
    }
    throw new AssertionError(component);
  }

  private static JsonNode bring(int expected, String csv) {
    try {
      HttpResponse<String> response =
          HttpClient.newHttpClient()
              .send(
                  HttpRequest.newBuilder(
                          URI.create(RunningApplication.address() + "/api/foods/import"))
                      .header("Content-Type", "text/csv")
                      .POST(HttpRequest.BodyPublishers.ofString(csv))
                      .build(),
                  HttpResponse.BodyHandlers.ofString());
      assertThat(response.statusCode()).as(response.body()).isEqualTo(expected);
      return new JsonMapper().readTree(response.body());
    } catch (java.io.IOException failed) {
      throw new UncheckedIOException(failed);
    } catch (InterruptedException interrupted) {
      throw new AssertionError(interrupted);
    }
  }

  /** A 30 g scoop of 120 kcal and 24 g of protein: 400 kcal and 80 g in 100 g. */
  @Test
  void aLabelIsCheckedThenKeptAndMeasuredByTheCup() {
    String name = "lantern powder " + UUID.randomUUID();
    JsonNode checked = Http.send("POST", "/api/foods/check", form(name, "{}", label("120"))).body();
    assertThat(value(checked.get("food"), "ENERC", "amount")).isCloseTo(400, within(1e-9));
    assertThat(checked.at("/food/warnings")).isEmpty();
    assertThat(
            Http.get("/api/foods?query=" + name.replace(" ", "%20"))
                .body()
                .at("/foods/0/name")
                .asString())
        .isNotEqualTo(name);

    Http.Answer kept = Http.send("POST", "/api/foods", form(name, "{}", label("120")));
    assertThat(kept.status()).isEqualTo(201);
    assertThat(kept.body().at("/label/lines/FIBRE").asString()).isEqualTo("<1");
    JsonNode figures =
        Http.send("POST", "/api/figures", Drafts.json(Drafts.of("1 cup " + name + ", spooned")))
            .body();
    assertThat(figures.at("/lines/0/grams/value").asDouble()).isCloseTo(90, within(1e-9));
  }

  /** Its fat, carbohydrate and protein give about 122 kcal, not 200. */
  @Test
  void aLabelThatContradictsItselfIsKeptOnlyIfOneInsistsAndIsMarked() {
    String name = "lantern mix " + UUID.randomUUID();
    String form = form(name, "{}", label("200"));
    Http.Answer refused = Http.send("POST", "/api/foods", form);
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.body().get("detail").asString()).contains("200 kcal");
    Http.Answer kept = Http.send("POST", "/api/foods?insist=true", form);
    assertThat(kept.status()).isEqualTo(201);
    assertThat(kept.body().get("doubtful").asBoolean()).isTrue();
    assertThat(kept.body().at("/warnings/0").asString()).contains("200 kcal");
    String id = kept.body().get("id").asString();
    assertThat(Http.get("/api/foods?doubtful=true&query=lantern&most=100").body().get("foods"))
        .anyMatch(food -> food.get("id").asString().equals(id));
  }

  @Test
  void changedValuesMakeTheNextRevisionAndAStaleSaveNone() {
    String name = "hearth flour " + UUID.randomUUID();
    Http.Answer first =
        Http.send("POST", "/api/foods", form(name, "{\"ENERC\":\"350\",\"FAT\":\"1 1/2\"}", ""));
    String id = first.body().get("id").asString();
    assertThat(value(first.body(), "FAT", "amount")).isEqualTo(1.5);
    Http.Answer second =
        Http.send(
            "PUT",
            "/api/foods/" + id,
            form(name, "{\"ENERC\":\"360\"}", ""),
            "If-Match",
            first.tag());
    assertThat(second.tag()).isNotEqualTo(first.tag());
    assertThat(second.body().get("revision").asInt()).isEqualTo(2);
    Http.Answer stale =
        Http.send(
            "PUT",
            "/api/foods/" + id,
            form(name, "{\"ENERC\":\"370\"}", ""),
            "If-Match",
            first.tag());
    assertThat(stale.status()).isEqualTo(412);
    Http.Answer renamed =
        Http.send(
            "PUT",
            "/api/foods/" + id,
            form(name + " fine", "{\"ENERC\":\"360\"}", ""),
            "If-Match",
            second.tag());
    assertThat(renamed.tag()).isNotEqualTo(second.tag());
    assertThat(renamed.body().get("revision").asInt()).isEqualTo(2);
    assertThat(value(Http.get("/api/foods/" + id).body(), "ENERC", "amount")).isEqualTo(360);
  }

  @Test
  void badFieldsAreQuoted() {
    Http.Answer taken = Http.send("POST", "/api/foods", form("Milk", "{}", ""));
    assertThat(taken.status()).isEqualTo(400);
    assertThat(taken.body().at("/fields/0/problem").asString()).contains("milk, whole");
    Http.Answer much = Http.send("POST", "/api/foods", form("ember", "{\"PROCNT\":\"120\"}", ""));
    assertThat(much.body().at("/fields/0/offending").asString()).isEqualTo("120");
    Http.Answer word = Http.send("POST", "/api/foods", form("ember", "{\"FAT\":\"some\"}", ""));
    assertThat(word.body().at("/fields/0/problem").asString()).contains("some");
    assertThat(Http.get("/api/foods/ember").status()).isEqualTo(404);
  }

  /** What goes out comes in again as unchanged; a formula in a cell is text on both ways. */
  @Test
  void exportedFoodsComeInAgainUnchanged() throws java.io.IOException {
    StringWriter out = new StringWriter();
    Larder larder = RunningApplication.bean(Larder.class);
    LarderCsv.write(larder.now().entries(), out);
    assertThat(out.toString()).startsWith("id,name,role,");
    JsonNode report = bring(200, out.toString());
    assertThat(report.get("unchanged").asInt()).isEqualTo(larder.now().entries().size());
    assertThat(report.get("added").asInt() + report.get("updated").asInt()).isZero();

    String id = "formula-" + UUID.randomUUID().toString().substring(0, 8);
    String row = "id,name,role,ENERC,remark\n" + id + ",'=SUM(A1) " + id + ",FLOUR,300,=1+1\n";
    assertThat(bring(200, row).get("added").asInt()).isEqualTo(1);
    assertThat(Http.get("/api/foods/" + id).body().get("name").asString())
        .isEqualTo("=SUM(A1) " + id);
    StringWriter again = new StringWriter();
    LarderCsv.write(larder.now().entries(), again);
    assertThat(again.toString()).contains(id + ",'=SUM(A1) " + id).contains(",'=1+1");
  }

  @Test
  void aRepeatedImportUpdatesAndABadLineStopsAll() {
    String id = "import-" + UUID.randomUUID().toString().substring(0, 8);
    String head = "id,name,role,ENERC,FAT\n";
    assertThat(bring(200, head + id + "," + id + ",FLOUR,300,1\n").get("added").asInt())
        .isEqualTo(1);
    assertThat(bring(200, head + id + "," + id + ",FLOUR,310,1\n").get("updated").asInt())
        .isEqualTo(1);
    JsonNode food = Http.get("/api/foods/" + id).body();
    assertThat(food.get("revision").asInt()).isEqualTo(2);

    JsonNode refused =
        bring(
            422,
            head
                + id
                + ","
                + id
                + ",FLOUR,999,1\nother-"
                + id
                + ",x,PLONK,1,1\nBad Id,y,FAT,1,1\n");
    assertThat(refused.get("problems")).hasSize(3);
    assertThat(refused.at("/problems/0/line").asInt()).isEqualTo(2);
    assertThat(refused.at("/problems/0/offending").asString()).isEqualTo("999");
    assertThat(refused.at("/problems/1/column").asString()).isEqualTo("role");
    assertThat(value(Http.get("/api/foods/" + id).body(), "ENERC", "amount")).isEqualTo(310);
    assertThat(bring(422, "name,role\nx,FLOUR\n").at("/problems/0/column").asString())
        .isEqualTo("id");
    assertThat(bring(422, "id,name,role\n\"a,b,c").get("problems")).hasSize(1);
  }

  @Test
  void aFoodTakenOutIsGoneAndEnteredAgainGetsItsNextRevision() {
    String name = "cinder powder " + UUID.randomUUID();
    Http.Answer created = Http.send("POST", "/api/foods", form(name, "{}", label("120")));
    JsonNode first = created.body();
    String path = "/api/foods/" + first.get("id").asString();
    assertThat(Http.send("DELETE", path, null, "If-Match", "\"0\"").status()).isEqualTo(412);
    assertThat(Http.send("DELETE", path, null, "If-Match", created.tag()).status()).isEqualTo(204);
    assertThat(Http.get(path).status()).isEqualTo(404);
    JsonNode again = Http.send("POST", "/api/foods", form(name, "{}", label("117"))).body();
    assertThat(again.get("id")).isEqualTo(first.get("id"));
    assertThat(again.get("revision").asInt()).isEqualTo(2);
    String shipped = Http.get("/api/foods/barley-flour").tag();
    assertThat(Http.send("DELETE", "/api/foods/barley-flour", null, "If-Match", shipped).status())
        .isEqualTo(409);
  }

  @Test
  void manyRowsComeInAtOnce() {
    StringBuilder csv = new StringBuilder("id,name,role,ENERC\n");
    String id = UUID.randomUUID().toString().substring(0, 8);
    for (int i = 0; i < 500; i++) {
      csv.append("mill-%s-%d,mill %s number %d,FLOUR,350\n".formatted(id, i, id, i));
    }
    assertThat(bring(200, csv.toString()).get("added").asInt()).isEqualTo(500);
    assertThat(bring(200, csv.toString()).get("unchanged").asInt()).isEqualTo(500);
    String last = "/api/foods/mill-" + id + "-499";
    assertThat(Http.get(last).status()).isEqualTo(200);
    RunningApplication.bean(Larder.class).now().entries().stream()
        .map(entry -> entry.food().id())
        .filter(food -> food.startsWith("mill-" + id))
        .toList()
        .stream()
        .map(food -> "/api/foods/" + food)
        .forEach(path -> Http.send("DELETE", path, null, "If-Match", Http.get(path).tag()));
  }
}
