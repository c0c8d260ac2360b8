package honeststack.app.kept;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.app.Databases;
import honeststack.app.Figured;
import honeststack.app.RunningApplication;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A database as version 6 of its tables left it: the demo, preparations inside preparations,
 * weighings of one's own, changed tables, foods changed and taken out since. Beside it the figures
 * that were shown then.
 */
class EarlierDataTest {
  private static final String SCHEMA = "honest_stack_before";
  private static final JsonMapper JSON = new JsonMapper();
  private static ConfigurableApplicationContext context;

  private static InputStream resource(String name) {
    return EarlierDataTest.class.getResourceAsStream("/before/" + name);
  }

  @BeforeAll
  static void startOnIt() throws IOException, SQLException {
    Databases.create(SCHEMA);
    try (InputStream dump = new GZIPInputStream(resource("database.sql.gz"));
        Connection connection = Databases.connect();
        Statement statement = connection.createStatement()) {
      statement.execute("use " + SCHEMA);
      statement.execute(new String(dump.readAllBytes(), StandardCharsets.UTF_8));
    }
    context = RunningApplication.on(SCHEMA);
  }

  @AfterAll
  static void stop() {
    if (context != null) {
      context.close();
    }
  }

  private static JsonNode get(String path) {
    URI uri = URI.create(RunningApplication.address(context) + path);
    try {
      return JSON.readTree(
          HttpClient.newHttpClient()
              .send(HttpRequest.newBuilder(uri).build(), HttpResponse.BodyHandlers.ofString())
              .body());
    } catch (IOException failed) {
      throw new AssertionError(failed);
    } catch (InterruptedException interrupted) {
      Thread.currentThread().interrupt();
      throw new AssertionError(interrupted);
    }
  }

  @Test
  void everyKeptVersionHasTheFiguresThatItHad() throws IOException {
    JsonNode before;
    try (InputStream json = resource("figures.json")) {
      before = JSON.readTree(json);
    }
    assertThat(get("/api/versions")).hasSize(before.size());
    for (Map.Entry<String, JsonNode> one : before.properties()) {
      JsonNode version = get("/api/versions/" + one.getKey());
      String label = one.getValue().get("label").asString();
      for (JsonNode then : one.getValue().get("figures")) {
        String of = label + " " + then;
        JsonNode now =
            Figured.figure(version.get("figures"), then.get(0).asString(), then.get(1).asString());
        String[] numbers = {"value", "u", "low", "high"};
        for (int i = 0; i < numbers.length; i++) {
          double expected = then.get(2 + i).asDouble();
          assertThat(now.get(numbers[i]).asDouble())
              .as(of)
              .isCloseTo(expected, within(1e-12 * Math.max(1, expected)));
        }
        assertThat(now.has("bound") ? now.get("bound").asString() : "COMPLETE")
            .as(of)
            .isEqualTo(then.get(6).asString());
      }
    }
  }

  @Test
  void everyTrailCanBeOpened() {
    for (JsonNode version : get("/api/versions")) {
      String path = "/api/versions/" + version.get("id").asString();
      for (JsonNode basis : get(path).at("/figures/bases")) {
        JsonNode trail = get(path + "/trail?of=ENERC&basis=" + basis.get("basis").asString());
        assertThat(trail.at("/figure/value")).isEqualTo(basis.at("/figures/0/value"));
        assertThat(trail.get("formula").asString()).isNotBlank();
      }
    }
  }
}
