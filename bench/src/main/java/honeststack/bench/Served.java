package honeststack.bench;

import honeststack.app.HonestStack;
import honeststack.app.draft.Draft;
import honeststack.app.figures.FiguresAnswer;
import honeststack.app.figures.FiguresService;
import honeststack.app.figures.Shown;
import honeststack.core.figures.Basis;
import jakarta.validation.Valid;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The application, served on a free port, and a client of it. */
final class Served implements AutoCloseable {
  static final JsonMapper JSON = new JsonMapper();

  private final ConfigurableApplicationContext context;
  private final HttpClient client = HttpClient.newHttpClient();

  private Served(ConfigurableApplicationContext context) {
    this.context = context;
  }

  /** Answers with figures that were made once. */
  @RestController
  static class SendingOnly {
    private final FiguresService service;
    private final JsonMapper json;
    private FiguresAnswer made;
    private byte[] answer;

    SendingOnly(FiguresService service, JsonMapper json) {
      this.service = service;
      this.json = json;
    }

    /** As bytes. */
    @PostMapping(path = "/bench/bytes", produces = MediaType.APPLICATION_JSON_VALUE)
    synchronized byte[] bytes() {
      if (answer == null) {
        answer = json.writeValueAsBytes(made());
      }
      return answer;
    }

    /** Taken apart and written each time: what any endpoint of this form costs. */
    @PostMapping("/bench/written")
    FiguresAnswer written(@Valid @RequestBody Draft draft) {
      return made();
    }

    private synchronized FiguresAnswer made() {
      if (made == null) {
        made =
            service.answer(
                service.read(SampleDraft.draft(), Optional.empty()),
                Optional.empty(),
                new Shown(null, null, null, List.of("ENERC")),
                EnumSet.of(Basis.AS_SERVED, Basis.PER_PIECE, Basis.PER_100G_RAW));
      }
      return made;
    }
  }

  static Served start() {
    SpringApplication application = new SpringApplication(HonestStack.class, SendingOnly.class);
    return new Served(
        application.run(
            "--server.port=0",
            "--spring.datasource.url=" + System.getenv("HONEST_STACK_TEST_URL"),
            "--spring.datasource.username=" + System.getenv("HONEST_STACK_TEST_USER"),
            "--spring.datasource.password=" + System.getenv("HONEST_STACK_TEST_PASSWORD")));
  }

  String address() {
    return "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
  }

  HttpRequest request(String method, String path, Object body, String... headers) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(address() + path))
            .header("Content-Type", "application/json")
            .method(method, HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body)));
    if (headers.length > 0) {
      request.headers(headers);
    }
    return request.build();
  }

  /** The body of the answer. */
  byte[] send(HttpRequest request) throws IOException, InterruptedException {
    HttpResponse<byte[]> response = client.send(request, HttpResponse.BodyHandlers.ofByteArray());
    if (response.statusCode() >= 300) {
      throw new IllegalStateException(
          response.uri() + " answered " + response.statusCode() + new String(response.body()));
    }
    return response.body();
  }

  JsonNode ask(String method, String path, Object body, String... headers)
      throws IOException, InterruptedException {
    return JSON.readTree(send(request(method, path, body, headers)));
  }

  static double percentile(double[] times, int percent) {
    double[] sorted = times.clone();
    Arrays.sort(sorted);
    return sorted[Math.min(sorted.length - 1, sorted.length * percent / 100)];
  }

  @Override
  public void close() {
    context.close();
  }
}
