package honeststack.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;

/**
 * Cooks who edit, keep and set goals while the database is killed under them now and then. Each
 * sends what was not answered again under its key, as the pages do. In the end all that was
 * acknowledged must be there, once and whole.
 */
final class Soak {
  private static final int COOKS = 10;
  private static final int A_SECOND = 50;
  private static final long PAUSE_NANOS = TimeUnit.SECONDS.toNanos(1) * COOKS / A_SECOND;
  private static final int AGAIN_MS = 100;

  private final String address;
  private final HttpClient client = HttpClient.newHttpClient();
  private final List<Double> times = new ArrayList<>();
  private int lost;
  private int doubled;
  private int half;
  private int outages;

  private Soak(String address) {
    this.address = address;
  }

  static void run(Served served, Duration howLong) throws Exception {
    Soak soak = new Soak(served.address());
    long before = memory();
    long end = System.nanoTime() + howLong.toNanos();
    ExecutorService cooks = Executors.newFixedThreadPool(COOKS);
    List<Future<?>> all = new ArrayList<>();
    for (int i = 0; i < COOKS; i++) {
      int cook = i;
      all.add(cooks.submit(() -> soak.cook(cook, end)));
    }
    for (Future<?> one : all) {
      one.get();
    }
    cooks.shutdown();
    double[] milliseconds = soak.times.stream().mapToDouble(Double::doubleValue).toArray();
    System.out.printf(
        "soak of %d s: %d writes answered at once, %d sent again; lost %d, doubled %d, half-written"
            + " %d (goal: all 0)%n",
        howLong.toSeconds(), milliseconds.length, soak.outages, soak.lost, soak.doubled, soak.half);
    System.out.printf(
        "outside the outages: p50 %.1f ms, p99 %.1f ms; memory %d MB at the start, %d MB at the"
            + " end%n%n",
        Served.percentile(milliseconds, 50), Served.percentile(milliseconds, 99), before, memory());
  }

  private static long memory() {
    System.gc();
    Runtime runtime = Runtime.getRuntime();
    return (runtime.totalMemory() - runtime.freeMemory()) >> 20;
  }

  private Void cook(int number, long end) throws Exception {
    String name = "Soak " + number + " " + UUID.randomUUID();
    JsonNode recipe = write("POST", "/api/recipes", named(name, 0), null);
    String path = "/api/recipes/" + recipe.get("id").asString();
    int revision = recipe.get("revision").asInt();
    int kept = 0;
    int sets = 0;
    int turn = 0;
    long next = System.nanoTime();
    while (System.nanoTime() < end) {
      turn++;
      revision = write("PUT", path + "/draft", named(name, turn), revision).get("revision").asInt();
      if (turn % 5 == 0) {
        JsonNode answer = write("POST", path + "/versions", Map.of("reason", "soak"), revision);
        revision = answer.get("revision").asInt();
        kept++;
      }
      if (turn % 7 == 0) {
        Map<String, Object> limits = Map.of("measurand", "FAT", "upper", 9);
        write(
            "POST",
            "/api/goals",
            Map.of("name", name + " " + sets++, "note", "", "goals", List.of(limits)),
            null);
      }
      next += PAUSE_NANOS;
      TimeUnit.NANOSECONDS.sleep(Math.max(0, next - System.nanoTime()));
    }
    check(name, path, revision, turn, kept, sets);
    return null;
  }

  private static Map<String, Object> named(String name, int turn) {
    return Map.of("name", name, "draft", SampleDraft.draft(8, 10 + turn % 900));
  }

  private synchronized void check(
      String name, String path, int revision, int turn, int kept, int sets) throws Exception {
    JsonNode recipe = read(path);
    half += recipe.get("revision").asInt() == revision ? 0 : 1;
    half += recipe.at("/draft/griddle/pieces").asInt() == 10 + turn % 900 ? 0 : 1;
    JsonNode versions = read("/api/versions?recipe=" + path.substring(13));
    count(versions.size() - kept);
    for (int i = 0; i < versions.size(); i++) {
      half += versions.get(i).get("number").asInt() == i + 1 ? 0 : 1;
    }
    Map<String, Integer> found = new HashMap<>();
    read("/api/goals").forEach(set -> found.merge(set.get("name").asString(), 1, Integer::sum));
    for (int i = 0; i < sets; i++) {
      count(found.getOrDefault(name + " " + i, 0) - 1);
    }
  }

  private void count(int more) {
    lost += Math.max(0, -more);
    doubled += Math.max(0, more);
  }

  private JsonNode read(String path) throws Exception {
    HttpRequest request = HttpRequest.newBuilder(URI.create(address + path)).build();
    for (; ; ) {
      HttpResponse<String> answer = client.send(request, HttpResponse.BodyHandlers.ofString());
      if (answer.statusCode() < 400) {
        return Served.JSON.readTree(answer.body());
      }
      Thread.sleep(AGAIN_MS);
    }
  }

  /** Sends until it is answered, under one key. */
  private JsonNode write(String method, String path, Object body, Integer revision)
      throws Exception {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(address + path))
            .header("Content-Type", "application/json")
            .header("Idempotency-Key", UUID.randomUUID().toString())
            .method(
                method, HttpRequest.BodyPublishers.ofString(Served.JSON.writeValueAsString(body)));
    if (revision != null) {
      request.header("If-Match", "\"" + revision + "\"");
    }
    long start = System.nanoTime();
    for (int tried = 1; ; tried++) {
      int status = 0;
      try {
        HttpResponse<String> answer =
            client.send(request.build(), HttpResponse.BodyHandlers.ofString());
        status = answer.statusCode();
        if (status < 400) {
          answered(tried, (System.nanoTime() - start) / 1e6);
          return Served.JSON.readTree(answer.body());
        }
        if (status < 500) {
          throw new IllegalStateException(path + " answered " + status + " " + answer.body());
        }
      } catch (IOException gone) {
        // It is sent again.
      }
      Thread.sleep(AGAIN_MS);
    }
  }

  private synchronized void answered(int tries, double milliseconds) {
    if (tries == 1) {
      times.add(milliseconds);
    } else {
      outages++;
    }
  }
}
