package honeststack.app.goals;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.app.Drafts;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import honeststack.app.draft.Draft;
import honeststack.app.draft.Draft.DraftPlate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApplication.class)
class GoalsApiTest {

  private static String set(String name, String goals) {
    return "{\"name\":\"" + name + "\",\"note\":\"for a test\",\"goals\":[" + goals + "]}";
  }

  /** 100 g of sugar in ten pieces: 38.7 kcal and 10 g of carbohydrate a piece, known to 13 %. */
  @Test
  void aDraftIsJudgedByItsGoals() {
    Http.Answer created =
        Http.send(
            "POST",
            "/api/goals",
            set(
                "Judged",
                "{\"measurand\":\"ENERC\",\"upper\":80},{\"measurand\":\"CHOCDF\",\"lower\":10}"));
    assertThat(created.status()).isEqualTo(201);
    String id = created.body().get("id").asString();
    String draft = Drafts.json(Drafts.of("100 g white sugar"));
    String judged = draft.substring(0, draft.length() - 1) + ",\"goalSetId\":\"" + id + "\"}";
    JsonNode answer = Http.send("POST", "/api/figures", judged).body();
    assertThat(answer.at("/judgements/0/verdict").asString()).isEqualTo("MET");
    assertThat(answer.at("/judgements/0/reason").asString())
        .isEqualTo("38.7 kcal for a goal of at most 80 kcal: over 99 in 100 that it lies within.");
    assertThat(answer.at("/judgements/1/words").asString()).isEqualTo("too close to call");
    assertThat(answer.at("/judgements/1/better").asString())
        .startsWith("Most of the doubt is uneven pieces");
    assertThat(Http.send("DELETE", "/api/goals/" + id, null).status()).isEqualTo(204);
    assertThat(Http.send("POST", "/api/figures", judged).body().get("judgements")).isEmpty();
  }

  /**
   * 100 g of sugar in ten pieces, two served: 77.4 kcal, 38.7 a piece; cooked 387 of 86 g or so.
   */
  @Test
  void aGoalIsForAPieceOrForAHundredGramsToo() {
    String goals =
        "{\"measurand\":\"ENERC\",\"basis\":\"PER_PIECE\",\"upper\":60},"
            + "{\"measurand\":\"ENERC\",\"upper\":60,\"wish\":true},"
            + "{\"measurand\":\"ENERC\",\"basis\":\"PER_100G_COOKED\",\"lower\":395}";
    String id = Http.send("POST", "/api/goals", set("Bases", goals)).body().get("id").asString();
    Draft two = Drafts.of("100 g white sugar");
    String draft =
        Drafts.json(
            new Draft(
                two.kind(),
                two.system(),
                two.bowl(),
                two.griddle(),
                new DraftPlate(2.0, List.of()),
                id));
    JsonNode judgements = Http.send("POST", "/api/figures", draft).body().get("judgements");
    assertThat(judgements.size()).isEqualTo(3);
    for (JsonNode one : judgements) {
      String basis = one.get("basis").asString();
      assertThat(one.get("verdict").asString())
          .as(basis)
          .isEqualTo(basis.equals("AS_SERVED") ? "MISSED" : "MET");
      assertThat(one.get("wish").asBoolean()).isEqualTo(basis.equals("AS_SERVED"));
      if (basis.equals("PER_PIECE")) {
        assertThat(one.get("value").asDouble()).isCloseTo(38.7, within(0.1));
        assertThat(one.get("reason").asString()).contains("at most 60 kcal a piece");
      }
    }
    String raw = "{\"measurand\":\"FAT\",\"basis\":\"PER_100G_RAW\",\"upper\":9}";
    assertThat(Http.send("POST", "/api/goals", set("Raw", raw)).status()).isEqualTo(400);
    Http.send("DELETE", "/api/goals/" + id, null);
  }

  @Test
  void aStaleSaveIsRefusedAndSenselessLimitsToo() {
    String good = set("Kept", "{\"measurand\":\"FAT\",\"upper\":10}");
    String id = Http.send("POST", "/api/goals", good).body().get("id").asString();
    String path = "/api/goals/" + id;
    assertThat(Http.send("PUT", path, good, "If-Match", "\"1\"").status()).isEqualTo(200);
    Http.Answer stale = Http.send("PUT", path, good, "If-Match", "\"1\"");
    assertThat(stale.status()).isEqualTo(412);
    assertThat(stale.body().at("/current/revision").asInt()).isEqualTo(2);
    Http.Answer crossed =
        Http.send(
            "POST",
            "/api/goals",
            set("Crossed", "{\"measurand\":\"FAT\",\"lower\":20,\"upper\":10}"));
    assertThat(crossed.status()).isEqualTo(400);
    assertThat(crossed.body().at("/fields/0/offending").asString()).isEqualTo("20.0 to 10.0");
    String goal = "{\"measurand\":\"FAT\",\"upper\":10}";
    assertThat(Http.send("POST", "/api/goals", set("Twice", goal + "," + goal)).status())
        .isEqualTo(400);
    assertThat(Http.send("POST", "/api/goals", set("None", "")).status()).isEqualTo(400);
    assertThat(Http.send("DELETE", "/api/goals/nowhere", null).status()).isEqualTo(404);
    Http.send("DELETE", path, null);
  }

  /** 100 g of sugar (1 mg of sodium in 100 g, USDA SR 19335, from memory) and 2 g of salt. */
  @Test
  void anyFigureCanHaveAGoal() {
    for (JsonNode one : Http.get("/api/measurands").body().get("others")) {
      String goal = "{\"measurand\":" + one.get("tag") + ",\"upper\":100000}";
      String id = Http.send("POST", "/api/goals", set("Any", goal)).body().get("id").asString();
      String draft = Drafts.json(Drafts.of("100 g white sugar", "2 g salt"));
      String judged = draft.substring(0, draft.length() - 1) + ",\"goalSetId\":\"" + id + "\"}";
      JsonNode answer = Http.send("POST", "/api/figures", judged).body();
      assertThat(answer.at("/judgements/0/measurand/tag")).isEqualTo(one.get("tag"));
      assertThat(answer.at("/judgements/0/verdict").asString())
          .as(one.toString())
          .isIn("MET", "LIKELY_MET", "NOT_KNOWN");
      if (one.get("tag").asString().equals("NA")) {
        // Salt has 38758 mg in 100 g: USDA SR 02047 (from memory).
        assertThat(answer.at("/judgements/0/value").asDouble())
            .isCloseTo((2 * 387.58 + 1) / 10, within(0.01));
      }
      assertThat(answer.get("measurands")).hasSize(5);
      Http.send("DELETE", "/api/goals/" + id, null);
    }
    assertThat(
            Http.send("POST", "/api/goals", set("No", "{\"measurand\":\"PLONK\",\"upper\":1}"))
                .body()
                .at("/fields/0/offending")
                .asString())
        .isEqualTo("PLONK");
  }

  /**
   * 21 CFR 101.9(c): 78 g of fat and 28 g of fibre a day; EU 1169/2011, annex XIII: 6 g of salt.
   */
  @Test
  void aShareOfADayIsASetOfGoals() {
    JsonNode us = Http.get("/api/goals/reference?day=UNITED_STATES&percent=25").body();
    assertThat(us.get("name").asString()).isEqualTo("25 % of a US day");
    assertThat(limit(us, "FAT").get("upper").asDouble()).isEqualTo(19.5);
    assertThat(limit(us, "FIBTG").get("lower").asDouble()).isEqualTo(7);
    JsonNode eu = Http.get("/api/goals/reference?day=EUROPEAN_UNION&percent=10").body();
    assertThat(limit(eu, "SALT").get("upper").asDouble()).isEqualTo(0.6);
    String none = "/api/goals/reference?day=UNITED_STATES&percent=0";
    assertThat(Http.get(none).status()).isEqualTo(400);
    assertThat(Http.send("POST", "/api/goals", Drafts.json(eu)).status()).isEqualTo(201);
  }

  private static JsonNode limit(JsonNode set, String tag) {
    for (JsonNode one : set.get("goals")) {
      if (one.get("measurand").asString().equals(tag)) {
        return one;
      }
    }
    throw new AssertionError(tag + " has no limit");
  }

  /** Egg is in the batter, nuts are not; what nobody understands leaves a promise open. */
  @Test
  void aPromiseIsAGoal() {
    String set =
        "{\"name\":\"Free of it\",\"note\":\"\",\"goals\":[],"
            + "\"promises\":[\"NO_NUTS\",\"NO_EGG\"]}";
    JsonNode made = Http.send("POST", "/api/goals", set).body();
    assertThat(made.get("promises")).hasSize(2);
    String draft = Drafts.json(Drafts.of("200 g rye flour", "2 eggs"));
    String asked =
        draft.replaceFirst("\\{", "{\"goalSetId\":\"" + made.get("id").asString() + "\",");
    assertThat(goals(asked)).containsExactly("NO_EGG NO egg, whole", "NO_NUTS YES ");
    assertThat(goals(asked.replace("200 g rye flour", "200 g snorbel")))
        .containsExactly("NO_EGG NO egg, whole", "NO_NUTS NOT_KNOWN 200 g snorbel");
    assertThat(goals(draft)).isEmpty();
    String none = set.replaceAll("\"promises\":.*]", "\"promises\":[]");
    assertThat(Http.send("POST", "/api/goals", none).status()).isEqualTo(400);
  }

  private static List<String> goals(String draft) {
    List<String> goals = new ArrayList<>();
    for (JsonNode one : Http.send("POST", "/api/figures", draft).body().get("promises")) {
      if (one.has("goal")) {
        String decides = one.has("decides") ? one.get("decides").asString() : "";
        goals.add(
            one.get("promise").asString() + " " + one.get("standing").asString() + " " + decides);
      }
    }
    return goals;
  }
}
