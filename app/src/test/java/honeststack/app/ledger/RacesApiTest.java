package honeststack.app.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeststack.app.Drafts;
import honeststack.app.Http;
import honeststack.app.Http.Answer;
import honeststack.app.RunningApplication;
import honeststack.app.draft.Draft;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.dao.CannotAcquireLockException;
import tools.jackson.databind.JsonNode;

/** Several cooks at once, and answers that never came. */
@ExtendWith(RunningApplication.class)
class RacesApiTest {
  private static final int ROUNDS = 40;
  private static final ExecutorService COOKS = Executors.newFixedThreadPool(20);

  @AfterAll
  static void stop() {
    COOKS.shutdownNow();
  }

  /** What several cooks are answered who ask at one moment. */
  private static List<Answer> atOnce(List<Callable<Answer>> asked) throws Exception {
    CyclicBarrier start = new CyclicBarrier(asked.size());
    List<Future<Answer>> answers = new ArrayList<>();
    for (Callable<Answer> one : asked) {
      answers.add(
          COOKS.submit(
              () -> {
                start.await();
                return one.call();
              }));
    }
    List<Answer> all = new ArrayList<>();
    for (Future<Answer> answer : answers) {
      all.add(answer.get());
    }
    return all;
  }

  private static List<Integer> statuses(List<Answer> answers) {
    return answers.stream().map(Answer::status).sorted().toList();
  }

  private static String food(String name, int energy) {
    return """
    {"name":%s,"role":"FLOUR","liquid":false,"allergens":[],"mayContain":[],"origins":[],"added":[],
     "names":[],"measures":[],"values":{"ENERC":"%d"},"doubt":1,"source":"","number":"","remark":""}
    """
        .formatted(Drafts.json(name), energy);
  }

  private static double energy(JsonNode food) {
    return food.at("/per100g/0/amount").asDouble();
  }

  @Test
  void ofTwoWhoSaveOneFoodOneWins() throws Exception {
    String name = "race flour " + UUID.randomUUID();
    Answer now = Http.send("POST", "/api/foods", food(name, 300));
    String path = "/api/foods/" + now.body().get("id").asString();
    for (int round = 0; round < ROUNDS; round++) {
      String tag = now.tag();
      int energy = 300 + 2 * round;
      List<Answer> answers =
          atOnce(
              List.of(
                  () -> Http.send("PUT", path, food(name, energy), "If-Match", tag),
                  () -> Http.send("PUT", path, food(name, energy + 1), "If-Match", tag)));
      assertThat(statuses(answers)).containsExactly(200, 412);
      now = answers.get(answers.get(0).status() == 200 ? 0 : 1);
      Answer loser = answers.get(answers.get(0).status() == 200 ? 1 : 0);
      assertThat(loser.body().at("/current/per100g/0/amount").asDouble())
          .isEqualTo(energy(now.body()));
      assertThat(Http.get(path).body()).isEqualTo(now.body());
      JsonNode line =
          Http.send("POST", "/api/figures", Drafts.json(Drafts.of("100 g " + name))).body();
      assertThat(line.at("/bases/1/figures/0/value").asDouble())
          .isCloseTo(energy(now.body()) / 10, within(1e-9));
    }
  }

  @Test
  void aNameMadeTwentyTimesAtOnceIsThereOnce() throws Exception {
    String name = "twenty flour " + UUID.randomUUID();
    List<Answer> answers =
        atOnce(
            IntStream.range(0, 20)
                .<Callable<Answer>>mapToObj(
                    i -> () -> Http.send("POST", "/api/foods", food(name, 300 + i)))
                .toList());
    assertThat(statuses(answers)).startsWith(201, 400).endsWith(400).hasSize(20);
    assertThat(statuses(answers)).filteredOn(status -> status == 201).hasSize(1);
    String query = name.replace(' ', '+');
    assertThat(Http.get("/api/foods?most=100&query=" + query).body().get("foods"))
        .filteredOn(found -> found.get("name").asString().equals(name))
        .hasSize(1);
  }

  private static Answer recipe(String name, Draft draft) {
    return Http.send("POST", "/api/recipes", Drafts.named(name, draft));
  }

  private static Answer keep(Answer recipe, String... headers) {
    String path = "/api/recipes/" + recipe.body().get("id").asString() + "/versions";
    String[] all = new String[headers.length + 2];
    all[0] = "If-Match";
    all[1] = recipe.tag();
    System.arraycopy(headers, 0, all, 2, headers.length);
    return Http.send("POST", path, "{\"reason\":\"once more\"}", all);
  }

  @Test
  void preparationsKeptAtOnceCanAllBeUsed() throws Exception {
    for (int round = 0; round < 10; round++) {
      List<String> names = List.of("mash " + UUID.randomUUID(), "paste " + UUID.randomUUID());
      List<Answer> started =
          names.stream()
              .map(
                  name -> {
                    String body = Drafts.named(name, Drafts.of("200 g rolled oats"));
                    return Http.send(
                        "POST", "/api/recipes", body.replace("\"PANCAKE\"", "\"PREPARATION\""));
                  })
              .toList();
      List<Answer> kept =
          atOnce(started.stream().<Callable<Answer>>map(one -> () -> keep(one)).toList());
      assertThat(statuses(kept)).containsExactly(201, 201);
      JsonNode lines =
          Http.send(
                  "POST",
                  "/api/figures",
                  Drafts.json(Drafts.of("50 g " + names.get(0), "50 g " + names.get(1))))
              .body()
              .get("lines");
      assertThat(lines).allMatch(line -> !line.has("state"));
    }
  }

  @Test
  void saveAgainstKeepEndsInOneOrderOrTheOther() throws Exception {
    for (int round = 0; round < ROUNDS; round++) {
      Answer recipe = recipe("Save or keep", Drafts.of("100 g rye flour, medium"));
      String path = "/api/recipes/" + recipe.body().get("id").asString();
      String changed = Drafts.named("Save or keep", Drafts.of("120 g rye flour, medium"));
      List<Answer> answers =
          atOnce(
              List.of(
                  () -> Http.send("PUT", path + "/draft", changed, "If-Match", recipe.tag()),
                  () -> keep(recipe)));
      boolean saved = answers.get(0).status() == 200;
      assertThat(answers.get(0).status()).isIn(200, 412);
      assertThat(answers.get(1).status()).isEqualTo(saved ? 412 : 201);
      assertThat(Http.get(path).body().get("revision").asInt()).isEqualTo(2);
      assertThat(Http.get(path).body().has("parentId")).isEqualTo(!saved);
    }
  }

  @Test
  void goalsWeighingsAndDoubtsOfManyAreAllThere() throws Exception {
    String goals =
        "{\"name\":\"%s\",\"note\":\"\",\"goals\":[{\"measurand\":\"FAT\",\"upper\":9}]}";
    Set<String> names = new HashSet<>();
    List<Callable<Answer>> asked = new ArrayList<>();
    for (int i = 0; i < 7; i++) {
      String name = "race " + UUID.randomUUID();
      int grams = 100 + i;
      double shared = 0.01 * (i + 1);
      names.add(name);
      asked.add(() -> Http.send("POST", "/api/goals", goals.formatted(name)));
      asked.add(
          () ->
              Http.send(
                  "POST",
                  "/api/weighings",
                  "{\"line\":\"1 cup teff flour, spooned\",\"weight\":\"" + grams + " g\"}"));
    }
    for (int i = 0; i < 3; i++) {
      double shared = 0.03 + 0.01 * i;
      asked.add(
          () ->
              Http.send(
                  "PUT",
                  "/api/doubt/uncertainties/CUP_PACKED",
                  "{\"shared\":" + shared + ",\"perUse\":0.03}"));
    }
    List<Answer> answers = atOnce(asked);
    try {
      assertThat(statuses(answers)).allMatch(status -> status == 201 || status == 200);
      assertThat(Http.get("/api/goals").body().findValuesAsString("name")).containsAll(names);
      JsonNode cup =
          Http.get("/api/weighings")
              .body()
              .valueStream()
              .filter(own -> own.get("foodId").asString().equals("teff-flour"))
              .findFirst()
              .orElseThrow();
      assertThat(cup.get("weighings")).hasSize(7);
      assertThat(cup.get("mean").asDouble()).isEqualTo(103);
      JsonNode line =
          Http.send("POST", "/api/figures", Drafts.json(Drafts.of("1 cup teff flour, spooned")))
              .body()
              .at("/lines/0/grams/value");
      assertThat(line.asDouble()).isEqualTo(103);
    } finally {
      Http.send("DELETE", "/api/doubt", null);
      Http.get("/api/weighings").body().findValues("weighings").stream()
          .flatMap(JsonNode::valueStream)
          .forEach(one -> Http.send("DELETE", "/api/weighings/" + one.get("id").asString(), null));
    }
  }

  private static String key() {
    return UUID.randomUUID().toString();
  }

  @Test
  void whatIsSentAgainUnderItsKeyIsDoneOnce() throws Exception {
    Answer recipe = recipe("Sent again", Drafts.of("100 g rye flour, medium"));
    String path = "/api/recipes/" + recipe.body().get("id").asString();
    String changed = Drafts.named("Sent again", Drafts.of("120 g rye flour, medium"));
    String key = key();
    String[] headers = {"If-Match", recipe.tag(), "Idempotency-Key", key};
    Answer first = Http.send("PUT", path + "/draft", changed, headers);
    Answer again = Http.send("PUT", path + "/draft", changed, headers);
    assertThat(first.status()).isEqualTo(200);
    assertThat(again).isEqualTo(first);
    assertThat(Http.send("PUT", path + "/draft", changed, "If-Match", recipe.tag()).status())
        .isEqualTo(412);
    Answer other = Http.send("PUT", path + "/draft", changed.replace("120", "130"), headers);
    assertThat(other.status()).isEqualTo(400);
    assertThat(other.body().at("/fields/0/field").asString()).isEqualTo("Idempotency-Key");

    Answer now = Http.get(path);
    String kept = key();
    Answer one = keep(now, "Idempotency-Key", kept);
    assertThat(keep(now, "Idempotency-Key", kept)).isEqualTo(one);
    String id = recipe.body().get("id").asString();
    assertThat(Http.get("/api/versions?recipe=" + id).body()).hasSize(1);
  }

  @Test
  void sentTwiceAtOnceItIsDoneOnceToo() throws Exception {
    for (int round = 0; round < 10; round++) {
      String name = "Twice " + UUID.randomUUID();
      String body = Drafts.named(name, Drafts.of("100 g rye flour, medium"));
      String key = key();
      Callable<Answer> send = () -> Http.send("POST", "/api/recipes", body, "Idempotency-Key", key);
      List<Answer> answers = atOnce(List.of(send, send, send));
      assertThat(statuses(answers)).containsExactly(201, 201, 201);
      assertThat(new HashSet<>(answers)).hasSize(1);
      assertThat(Http.get("/api/recipes").body().findValuesAsString("name"))
          .filteredOn(name::equals)
          .hasSize(1);
    }
  }

  /** A request that was refused did nothing, so its key is free. */
  @Test
  void aRefusedOneCanBeSentAnew() {
    String key = key();
    String goals =
        "{\"name\":\"anew\",\"note\":\"\",\"goals\":[{\"measurand\":\"FAT\",\"upper\":%s}]}";
    assertThat(
            Http.send("POST", "/api/goals", goals.formatted("-1"), "Idempotency-Key", key).status())
        .isEqualTo(400);
    assertThat(
            Http.send("POST", "/api/goals", goals.formatted("9"), "Idempotency-Key", key).status())
        .isEqualTo(201);
  }

  /** What was written before the lock went is taken back, so that it is there once in the end. */
  @Test
  void aWriteThatLosesItsLockIsDoneAgainAFewTimes() {
    Ledger ledger = RunningApplication.bean(Ledger.class);
    AnswerStore answers = RunningApplication.bean(AnswerStore.class);
    AtomicInteger losing = new AtomicInteger(3);
    String key = key();
    ledger.write(
        () -> {
          answers.take(key, "x");
          if (losing.getAndDecrement() > 0) {
            throw new CannotAcquireLockException("1213");
          }
        });
    assertThat(losing).hasValue(-1);
    assertThat(answers.to(key)).isPresent();
    AtomicInteger tries = new AtomicInteger();
    assertThatThrownBy(
            () ->
                ledger.write(
                    (Runnable)
                        () -> {
                          tries.incrementAndGet();
                          throw new CannotAcquireLockException("1205");
                        }))
        .isInstanceOf(CannotAcquireLockException.class);
    assertThat(tries.get()).isBetween(2, 10);
  }
}
