package honeststack.bench;

import honeststack.app.HonestStack;
import honeststack.app.figures.FiguresAnswer;
import honeststack.app.figures.FiguresService;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** The figures call against an endpoint that only serialises the same answer, and comparing. */
final class HttpBenchmark {
  private static final int WARM_UP = 1500;
  private static final int CALLS = 1500;

  private HttpBenchmark() {}

  /** Answers with figures computed once. */
  @RestController
  static class SerialisingOnly {
    private final FiguresAnswer answer;

    SerialisingOnly(FiguresService service) {
      answer = service.answer(SampleDraft.draft(), java.util.Optional.empty());
    }

    @PostMapping("/bench/serialise")
    FiguresAnswer answer() {
      return answer;
    }
  }

  static void run() throws IOException, InterruptedException {
    SpringApplication application = new SpringApplication(HonestStack.class, SerialisingOnly.class);
    try (ConfigurableApplicationContext context =
        application.run(
            "--server.port=0",
            "--spring.datasource.url=" + System.getenv("HONEST_STACK_TEST_URL"),
            "--spring.datasource.username=" + System.getenv("HONEST_STACK_TEST_USER"),
            "--spring.datasource.password=" + System.getenv("HONEST_STACK_TEST_PASSWORD"))) {
      String address =
          "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
      HttpClient client = HttpClient.newHttpClient();
      JsonMapper json = new JsonMapper();
      String body = json.writeValueAsString(SampleDraft.draft());
      String thirty = json.writeValueAsString(SampleDraft.draft(30, 20));
      String four =
          json.writeValueAsString(
              Map.of(
                  "mode",
                  "TWO_BATCHES",
                  "items",
                  IntStream.range(0, 4)
                      .mapToObj(
                          i -> Map.of("recomputed", false, "draft", SampleDraft.draft(30, 20 + i)))
                      .toList()));
      List<HttpRequest> requests =
          List.of(
              post(address + "/api/figures", body),
              post(address + "/bench/serialise", body),
              post(address + "/api/figures", thirty),
              post(address + "/api/compare", four));
      inTurn(client, requests, WARM_UP);
      List<double[]> times = inTurn(client, requests, CALLS);
      double[] figures = times.get(0);
      double[] serialise = times.get(1);
      double[] figuresOfThirty = times.get(2);
      double[] compare = times.get(3);
      print("POST /api/figures, 25 lines", figures);
      print("serialising the same answer", serialise);
      ratio(figures, serialise, "at most 2");
      print("POST /api/figures, 30 lines", figuresOfThirty);
      print("POST /api/compare, 4 versions of 30 lines", compare);
      ratio(compare, figuresOfThirty, "at most 4.8");
    }
  }

  private static void print(String what, double[] sorted) {
    System.out.printf(
        "%s: p50 %.2f ms, p99 %.2f ms%n", what, percentile(sorted, 50), percentile(sorted, 99));
  }

  private static void ratio(double[] sorted, double[] other, String goal) {
    System.out.printf(
        "ratio of p50: %.2f (goal: %s)%n%n", percentile(sorted, 50) / percentile(other, 50), goal);
  }

  private static HttpRequest post(String url, String body) {
    return HttpRequest.newBuilder(URI.create(url))
        .header("Content-Type", "application/json")
        .POST(HttpRequest.BodyPublishers.ofString(body))
        .build();
  }

  /** Sorted times of each request, sent in turn so that all see the same moods of the machine. */
  private static List<double[]> inTurn(HttpClient client, List<HttpRequest> requests, int rounds)
      throws IOException, InterruptedException {
    List<double[]> milliseconds = requests.stream().map(request -> new double[rounds]).toList();
    for (int round = 0; round < rounds; round++) {
      for (int i = 0; i < requests.size(); i++) {
        long start = System.nanoTime();
        HttpResponse<byte[]> response =
            client.send(requests.get(i), HttpResponse.BodyHandlers.ofByteArray());
        milliseconds.get(i)[round] = (System.nanoTime() - start) / 1e6;
        if (response.statusCode() != 200) {
          throw new IllegalStateException(response.uri() + " answered " + response.statusCode());
        }
      }
    }
    milliseconds.forEach(Arrays::sort);
    return milliseconds;
  }

  private static double percentile(double[] sorted, int percent) {
    return sorted[Math.min(sorted.length - 1, sorted.length * percent / 100)];
  }
}
