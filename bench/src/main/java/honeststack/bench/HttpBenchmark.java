package honeststack.bench;

import java.io.IOException;
import java.net.http.HttpRequest;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** The figures call against an endpoint that only sends the same bytes, and comparing. */
final class HttpBenchmark {
  private static final int WARM_UP = 2500;
  private static final int CALLS = 2000;

  /** As the bench asks: for the columns of the tally, and the picture of one of its figures. */
  private static final String FIGURES =
      "/api/figures?pictured=ENERC&bases=AS_SERVED,PER_PIECE,PER_100G_FINISHED,PER_100G_RAW";

  private HttpBenchmark() {}

  static void run(Served served) throws IOException, InterruptedException {
    Object four =
        Map.of(
            "mode",
            "TWO_BATCHES",
            "shown",
            Map.of("pictured", List.of("ENERC")),
            "items",
            IntStream.range(0, 4)
                .mapToObj(i -> Map.of("recomputed", false, "draft", SampleDraft.draft(30, 20 + i)))
                .toList());
    List<HttpRequest> requests =
        List.of(
            served.request("POST", FIGURES, SampleDraft.draft()),
            served.request("POST", "/bench/bytes", SampleDraft.draft()),
            served.request("POST", "/bench/written", SampleDraft.draft()),
            served.request("POST", FIGURES, SampleDraft.draft(30, 20)),
            served.request("POST", "/api/compare", four));
    System.out.printf(
        "the answer for 25 lines: %.1f kB (goal: at most 12)%n",
        served.send(requests.get(0)).length / 1000.0);
    inTurn(served, requests, WARM_UP);
    List<double[]> times = inTurn(served, requests, CALLS);
    print("POST /api/figures, 25 lines", times.get(0));
    print("sending the same bytes", times.get(1));
    ratio(times.get(0), times.get(1), "at most 1.5");
    print("taking the draft apart and writing a ready answer", times.get(2));
    ratio(times.get(0), times.get(2), "at most 2");
    print("POST /api/figures, 30 lines", times.get(3));
    print("POST /api/compare, 4 versions of 30 lines", times.get(4));
    ratio(times.get(4), times.get(3), "at most 3.5");
  }

  private static void print(String what, double[] times) {
    System.out.printf(
        "%s: p50 %.2f ms, p99 %.2f ms%n",
        what, Served.percentile(times, 50), Served.percentile(times, 99));
  }

  private static void ratio(double[] times, double[] other, String goal) {
    System.out.printf(
        "ratio of p50: %.2f (goal: %s)%n%n",
        Served.percentile(times, 50) / Served.percentile(other, 50), goal);
  }

  /** Times of each request, ms, sent in turn so that all see the same moods of the machine. */
  private static List<double[]> inTurn(Served served, List<HttpRequest> requests, int rounds)
      throws IOException, InterruptedException {
    List<double[]> milliseconds = requests.stream().map(request -> new double[rounds]).toList();
    for (int round = 0; round < rounds; round++) {
      for (int i = 0; i < requests.size(); i++) {
        long start = System.nanoTime();
        served.send(requests.get(i));
        milliseconds.get(i)[round] = (System.nanoTime() - start) / 1e6;
      }
    }
    return milliseconds;
  }
}
