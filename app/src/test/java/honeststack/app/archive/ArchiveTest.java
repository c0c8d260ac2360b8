package honeststack.app.archive;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.app.Databases;
import honeststack.app.Drafts;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import honeststack.app.Shelf;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** One application backed up, another one, on a database of its own, restored from it. */
@ExtendWith(RunningApplication.class)
class ArchiveTest {
  private static final JsonMapper JSON = new JsonMapper();
  private static final String OTHER = "honest_stack_restored";

  private static ConfigurableApplicationContext other;
  private static String there;
  private static byte[] archive;

  @BeforeAll
  static void start() throws Exception {
    Shelf.kept("Archived " + UUID.randomUUID(), Drafts.of("1 cup rye flour", "2 eggs"));
    Databases.create(OTHER);
    other = RunningApplication.on(OTHER);
    there = RunningApplication.address(other);
    archive = Http.file("/api/archive");
  }

  @AfterAll
  static void stop() {
    other.close();
  }

  private static HttpResponse<String> send(String path, byte[] body) {
    HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(there + path));
    if (body != null) {
      request
          .header("Content-Type", "application/octet-stream")
          .POST(BodyPublishers.ofByteArray(body));
    }
    return answered(request.build());
  }

  private static Map<String, byte[]> unpacked() throws IOException {
    Map<String, byte[]> files = new LinkedHashMap<>();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        files.put(entry.getName(), zip.readAllBytes());
      }
    }
    return files;
  }

  private static byte[] packed(Map<String, byte[]> files) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      for (Map.Entry<String, byte[]> file : files.entrySet()) {
        zip.putNextEntry(new ZipEntry(file.getKey()));
        zip.write(file.getValue());
      }
    }
    return out.toByteArray();
  }

  private static void refused(byte[] file, String place) {
    HttpResponse<String> answer = send("/api/archive?merge=true", file);
    assertThat(answer.statusCode()).as(answer.body()).isEqualTo(400);
    assertThat(answer.body()).contains(place);
  }

  /** Of everything that was ever kept in this run, the demo included. */
  @Test
  void everyKeptVersionHasTheSameFiguresInAnotherDatabase() throws IOException {
    Map<String, byte[]> files = unpacked();
    String recipe =
        files.keySet().stream().filter(path -> path.startsWith("recipes/")).findFirst().get();
    String held = recipe.replace("recipes/", "figures/").replace(".json", ".csv");
    assertThat(new String(files.get(held), StandardCharsets.UTF_8))
        .startsWith("version,reason,basis,figure,unit,value,u,")
        .contains(",energy,kcal,");
    byte[] damaged = files.get(recipe).clone();
    damaged[damaged.length / 2] ^= 1;
    files.put(recipe, damaged);
    refused(packed(files), recipe);
    assertThat(JSON.readTree(send("/api/recipes", null).body()).size()).as("nothing half").isZero();

    JsonNode review = JSON.readTree(send("/api/archive/review", archive).body());
    assertThat(review.get("empty").asBoolean()).isTrue();
    HttpResponse<String> done = send("/api/archive", archive);
    assertThat(done.statusCode()).as(done.body()).isEqualTo(200);
    JsonNode versions = Http.get("/api/versions").body();
    assertThat(JSON.readTree(send("/api/versions", null).body())).isEqualTo(versions);
    for (JsonNode version : versions) {
      String path = "/api/versions/" + version.get("id").asString();
      assertThat(JSON.readTree(send(path, null).body())).as(path).isEqualTo(Http.get(path).body());
    }
    for (String path : new String[] {"/api/goals", "/api/runs", "/api/stock", "/api/tools"}) {
      assertThat(JSON.readTree(send(path, null).body())).as(path).isEqualTo(Http.get(path).body());
    }

    HttpResponse<String> again = send("/api/archive", archive);
    assertThat(again.statusCode()).isEqualTo(409);
    JsonNode merged = JSON.readTree(send("/api/archive?merge=true", archive).body());
    assertThat(merged.get("recipes").asInt()).isZero();
    assertThat(merged.get("rows").asInt()).isZero();
  }

  @Test
  void whatIsNoArchiveOfOursIsRefusedWithThePlace() throws IOException {
    refused("no zip at all".getBytes(StandardCharsets.UTF_8), "not a zip");
    refused(packed(Map.of("notes.txt", new byte[3])), "notes.txt");
    refused(packed(Map.of("../../recipes/a.json", new byte[3])), "../../recipes/a.json");
    refused(packed(Map.of("/recipes/a.json", new byte[3])), "/recipes/a.json");
    refused(packed(Map.of("recipes/a.json", new byte[3])), "manifest.json");
    Map<String, byte[]> more = unpacked();
    more.put("recipes/not-listed.json", "{}".getBytes(StandardCharsets.UTF_8));
    refused(packed(more), "not-listed");
    Map<String, byte[]> less = unpacked();
    less.remove("tables/goal_limit.json");
    refused(packed(less), "tables/goal_limit.json");
    byte[] cut = java.util.Arrays.copyOf(archive, archive.length / 2);
    assertThat(send("/api/archive?merge=true", cut).statusCode()).isEqualTo(400);
  }

  /** A gigabyte of nothing in a megabyte: it is read only up to what an archive may hold. */
  @Test
  void aFileThatUnpacksWithoutEndIsRefused() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    byte[] nothing = new byte[1 << 20];
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry("recipes/bomb.json"));
      for (int i = 0; i < 600; i++) {
        zip.write(nothing);
      }
    }
    refused(out.toByteArray(), "512 MB");
  }

  /** A name that two different things go by is said, and nothing at all is added. */
  @Test
  void anotherThingOfTheSameNameIsRefused() throws IOException {
    String tools = new String(unpacked().get("tables/tool.json"), StandardCharsets.UTF_8);
    JsonNode first = JSON.readTree(tools).get(0);
    String own =
        "{\"name\":" + first.get("name") + ",\"kind\":\"LADLE\",\"fill\":\"60 g\",\"pieces\":1}";
    HttpRequest post =
        HttpRequest.newBuilder(URI.create(there + "/api/tools"))
            .header("Content-Type", "application/json")
            .POST(BodyPublishers.ofString(own))
            .build();
    forgetTools();
    assertThat(answered(post).statusCode()).isLessThan(300);
    int before = JSON.readTree(send("/api/goals", null).body()).size();
    HttpResponse<String> clash = send("/api/archive?merge=true", archive);
    assertThat(clash.statusCode()).as(clash.body()).isEqualTo(409);
    assertThat(clash.body()).contains(first.get("name").asString()).contains("rename");
    assertThat(JSON.readTree(send("/api/goals", null).body()).size()).isEqualTo(before);
    forgetTools();
  }

  private static void forgetTools() {
    for (JsonNode tool : JSON.readTree(send("/api/tools", null).body())) {
      URI path = URI.create(there + "/api/tools/" + tool.get("id").asString());
      answered(HttpRequest.newBuilder(path).DELETE().build());
    }
  }

  private static HttpResponse<String> answered(HttpRequest request) {
    try {
      return HttpClient.newHttpClient().send(request, BodyHandlers.ofString());
    } catch (IOException failed) {
      throw new AssertionError(failed);
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      throw new AssertionError(stopped);
    }
  }
}
