package honeststack.bench;

import honeststack.app.draft.Draft;
import java.io.IOException;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** Saving a draft while few and while many versions are kept. */
final class SaveBenchmark {
  private static final int FEW = 10;
  private static final int MANY = 10_000;
  private static final int SAVES = 600;
  private static final int WARM_UP = 5000;

  private final Served served;
  private final String path;
  private int revision;
  private int pieces = 20;

  private SaveBenchmark(Served served, JsonNode recipe) {
    this.served = served;
    this.path = "/api/recipes/" + recipe.get("id").asString();
    this.revision = recipe.get("revision").asInt();
  }

  static void run(Served served) throws IOException, InterruptedException {
    Object named = Map.of("name", "Kept often", "draft", SampleDraft.draft(8, 20));
    SaveBenchmark bench = new SaveBenchmark(served, served.ask("POST", "/api/recipes", named));
    bench.saves(WARM_UP);
    bench.keeps(FEW);
    double few = Served.percentile(bench.saves(SAVES), 50);
    bench.keeps(MANY - FEW);
    double many = Served.percentile(bench.saves(SAVES), 50);
    System.out.printf(
        "a save with %d kept versions: p50 %.2f ms; with %d: %.2f ms; %+.0f %% (goal: ± 20 %%)%n%n",
        FEW, few, MANY, many, 100 * (many / few - 1));
  }

  private double[] saves(int times) throws IOException, InterruptedException {
    double[] milliseconds = new double[times];
    for (int i = 0; i < times; i++) {
      Draft draft = SampleDraft.draft(8, 10 + pieces++ % 900);
      var request =
          served.request(
              "PUT", path + "/draft", Map.of("name", "Kept often", "draft", draft), ifMatch());
      long start = System.nanoTime();
      byte[] answer = served.send(request);
      milliseconds[i] = (System.nanoTime() - start) / 1e6;
      revision = Served.JSON.readTree(answer).get("revision").asInt();
    }
    return milliseconds;
  }

  private void keeps(int times) throws IOException, InterruptedException {
    for (int i = 0; i < times; i++) {
      saves(1);
      JsonNode kept =
          served.ask("POST", path + "/versions", Map.of("reason", "once more"), ifMatch());
      revision = kept.get("revision").asInt();
    }
  }

  private String[] ifMatch() {
    return new String[] {"If-Match", '"' + String.valueOf(revision) + '"'};
  }
}
