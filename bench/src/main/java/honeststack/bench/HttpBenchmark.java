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
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** The figures call against an endpoint that only serialises the same answer. */
final class HttpBenchmark {
  private static final int WARM_UP = 3000;
  private static final int CALLS = 2000;

  private HttpBenchmark() {}

  /** Answers with figures computed once. */
  @RestController
  static class SerialisingOnly {
    private final FiguresAnswer answer;

    SerialisingOnly(FiguresService service) {
      answer = service.answer(SampleDraft.draft());
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
      String body = new JsonMapper().writeValueAsString(SampleDraft.draft());
      HttpClient client = HttpClient.newHttpClient();
      double[] figures = null;
      double[] serialise = null;
      for (int round = 0; round < 2; round++) {
        int calls = round == 0 ? WARM_UP : CALLS;
        figures = times(client, address + "/api/figures", body, calls);
        serialise = times(client, address + "/bench/serialise", body, calls);
      }
      System.out.printf(
          "POST /api/figures, 25 lines: p50 %.2f ms, p99 %.2f ms%n",
          percentile(figures, 50), percentile(figures, 99));
      System.out.printf(
          "serialising the same answer: p50 %.2f ms, p99 %.2f ms%n",
          percentile(serialise, 50), percentile(serialise, 99));
      System.out.printf(
          "ratio of p50: %.2f (goal: at most 2)%n",
          percentile(figures, 50) / percentile(serialise, 50));
    }
  }

  private static double[] times(HttpClient client, String url, String body, int calls)
      throws IOException, InterruptedException {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(url))
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString(body))
            .build();
    double[] milliseconds = new double[calls];
    for (int i = 0; i < calls; i++) {
      long start = System.nanoTime();
      int status = client.send(request, HttpResponse.BodyHandlers.ofByteArray()).statusCode();
      milliseconds[i] = (System.nanoTime() - start) / 1e6;
      if (status != 200) {
        throw new IllegalStateException(url + " answered " + status);
      }
    }
    Arrays.sort(milliseconds);
    return milliseconds;
  }

  private static double percentile(double[] sorted, int percent) {
    return sorted[Math.min(sorted.length - 1, sorted.length * percent / 100)];
  }
}
