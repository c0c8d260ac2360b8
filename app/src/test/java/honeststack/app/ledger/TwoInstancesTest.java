package honeststack.app.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.app.Drafts;
import honeststack.app.RunningApplication;
import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Two instances before one database; the second starts while the first works. */
@ExtendWith(RunningApplication.class)
class TwoInstancesTest {
  private static final int SOON_MS = 1000;
  private static final JsonMapper JSON = new JsonMapper();

  private static ConfigurableApplicationContext second;
  private static String here;
  private static String there;

  private final HttpClient cook =
      HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
  private final HttpClient stranger = HttpClient.newHttpClient();

  @BeforeAll
  static void startTheOther() throws Exception {
    here = RunningApplication.address();
    TwoInstancesTest working = new TwoInstancesTest();
    CompletableFuture<Integer> work =
        CompletableFuture.supplyAsync(
            () -> IntStream.range(0, 60).filter(i -> working.food("at work " + i) != 201).sum());
    second = RunningApplication.second();
    there = RunningApplication.address(second);
    assertThat(work.get()).isZero();
  }

  @AfterAll
  static void stop() {
    second.close();
  }

  private int food(String name) {
    return send(cook, here, "POST", "/api/foods", foodForm(name + " " + UUID.randomUUID(), "300"))
        .statusCode();
  }

  private static String foodForm(String name, String energy) {
    return """
    {"name":%s,"role":"FLOUR","liquid":false,"allergens":[],"mayContain":[],"origins":[],"added":[],
     "names":[],"measures":[],"values":{"ENERC":"%s"},"doubt":1,"source":"","number":"","remark":""}
    """
        .formatted(Drafts.json(name), energy);
  }

  private static HttpResponse<String> send(
      HttpClient client, String instance, String method, String path, String body, String... head) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(instance + path))
            .header("Content-Type", "application/json")
            .method(
                method,
                body == null
                    ? HttpRequest.BodyPublishers.noBody()
                    : HttpRequest.BodyPublishers.ofString(body));
    if (head.length > 0) {
      request.headers(head);
    }
    try {
      return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    } catch (IOException failed) {
      throw new AssertionError(failed);
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      throw new AssertionError(stopped);
    }
  }

  private static double energy(HttpClient client, String instance, String line) {
    String draft = Drafts.json(Drafts.of(line));
    JsonNode answer = JSON.readTree(send(client, instance, "POST", "/api/figures", draft).body());
    return answer.at("/bases/2/figures/0/value").asDouble();
  }

  private static String tag(HttpResponse<String> response) {
    return response.headers().firstValue("ETag").orElseThrow();
  }

  @Test
  void whoeverChangedAFoodUsesItOnTheOtherAtOnceAndAllOthersSoon() throws Exception {
    for (int round = 0; round < 10; round++) {
      String name = "shared flour " + UUID.randomUUID();
      String line = "100 g " + name;
      var made = send(cook, here, "POST", "/api/foods", foodForm(name, "310"));
      assertThat(energy(cook, there, line)).isEqualTo(310);
      String path = "/api/foods/" + JSON.readTree(made.body()).get("id").asString();
      var saved = send(cook, there, "PUT", path, foodForm(name, "320"), "If-Match", tag(made));
      assertThat(saved.statusCode()).isEqualTo(200);
      assertThat(energy(cook, here, line)).isEqualTo(320);
      var stale = send(cook, here, "PUT", path, foodForm(name, "330"), "If-Match", tag(made));
      assertThat(stale.statusCode()).isEqualTo(412);
      Thread.sleep(SOON_MS);
      assertThat(energy(stranger, here, line)).isEqualTo(320);
      assertThat(energy(stranger, there, line)).isEqualTo(320);
    }
  }

  @Test
  void goalsDoubtsWeighingsAndPreparationsTravelToo() throws Exception {
    String goals =
        "{\"name\":\"both\",\"note\":\"\",\"goals\":[{\"measurand\":\"FAT\",\"upper\":9}]}";
    String set =
        JSON.readTree(send(cook, here, "POST", "/api/goals", goals).body()).get("id").asString();
    assertThat(send(cook, there, "GET", "/api/goals", null).body()).contains(set);
    send(cook, here, "PUT", "/api/doubt/usual/PAN_FAT", "{\"value\":7.5}");
    assertThat(send(cook, there, "GET", "/api/doubt", null).body()).contains("7.5");
    send(cook, there, "DELETE", "/api/doubt", null);
    String name = "both mash " + UUID.randomUUID();
    String draft =
        Drafts.named(name, Drafts.of("200 g rolled oats"))
            .replace("\"PANCAKE\"", "\"PREPARATION\"");
    var recipe = send(cook, here, "POST", "/api/recipes", draft);
    String path = "/api/recipes/" + JSON.readTree(recipe.body()).get("id").asString();
    var kept =
        send(cook, here, "POST", path + "/versions", "{\"reason\":\"x\"}", "If-Match", tag(recipe));
    assertThat(kept.statusCode()).as(kept.body()).isEqualTo(201);
    assertThat(energy(cook, there, "100 g " + name)).isPositive();
    assertThat(send(stranger, there, "GET", "/api/doubt", null).body()).isNotEmpty();
    Thread.sleep(SOON_MS);
    assertThat(send(stranger, here, "GET", "/api/doubt", null).body()).doesNotContain("7.5");
  }

  @Test
  void numbersOfVersionsStayConsecutiveUnderKeepsOnBoth() throws Exception {
    String body = Drafts.named("Both keep", Drafts.of("100 g rye flour, medium"));
    String path =
        "/api/recipes/"
            + JSON.readTree(send(cook, here, "POST", "/api/recipes", body).body())
                .get("id")
                .asString();
    List<Future<Integer>> work = new ArrayList<>();
    for (String instance : List.of(here, there)) {
      work.add(CompletableFuture.supplyAsync(() -> keepTen(instance, path)));
    }
    int kept = 0;
    for (Future<Integer> one : work) {
      kept += one.get();
    }
    JsonNode versions =
        JSON.readTree(
            send(cook, here, "GET", "/api/versions?recipe=" + path.substring(13), null).body());
    assertThat(versions.findValues("number"))
        .extracting(JsonNode::asInt)
        .containsExactlyElementsOf(IntStream.rangeClosed(1, kept).boxed().toList());
    assertThat(kept).isEqualTo(20);
  }

  /** Saves something new and keeps it, until ten are kept; whoever loses tries again. */
  private int keepTen(String instance, String path) {
    int kept = 0;
    for (int tried = 0; kept < 10 && tried < 400; tried++) {
      String tag = tag(send(cook, instance, "GET", path, null));
      String body = Drafts.named("Both keep", Drafts.of(100 + tried + " g rye flour, medium"));
      var saved = send(cook, instance, "PUT", path + "/draft", body, "If-Match", tag);
      if (saved.statusCode() == 200) {
        String reason = "{\"reason\":\"again\"}";
        var done = send(cook, instance, "POST", path + "/versions", reason, "If-Match", tag(saved));
        assertThat(done.statusCode()).isIn(201, 412, 409);
        kept += done.statusCode() == 201 ? 1 : 0;
      } else {
        assertThat(saved.statusCode()).isEqualTo(412);
      }
    }
    return kept;
  }
}
