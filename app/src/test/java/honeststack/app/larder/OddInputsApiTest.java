package honeststack.app.larder;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.app.Drafts;
import honeststack.app.Http;
import honeststack.app.Http.Answer;
import honeststack.app.RunningApplication;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Names, numbers and words that nobody expected. */
@ExtendWith(RunningApplication.class)
class OddInputsApiTest {
  private final List<String> made = new ArrayList<>();

  @AfterEach
  void takeOut() {
    for (String id : made) {
      Answer food = Http.get("/api/foods/" + id);
      Http.send("DELETE", "/api/foods/" + id, null, "If-Match", food.tag());
    }
  }

  private Answer create(String name, String energy, String measures) {
    Answer answer =
        Http.send(
            "POST",
            "/api/foods?insist=true",
            """
            {"name":%s,"role":"FLOUR","liquid":false,"allergens":[],"mayContain":[],"origins":[],
             "added":[],"names":[],"measures":[%s],"values":{"ENERC":"%s"},"doubt":1,
             "source":"","number":"","remark":""}
            """
                .formatted(Drafts.json(name), measures, energy));
    if (answer.status() == 201) {
      made.add(answer.body().get("id").asString());
    }
    return answer;
  }

  private static JsonNode lines(String... texts) {
    return Http.send("POST", "/api/figures", Drafts.json(Drafts.of(texts))).body().get("lines");
  }

  @Test
  void everyScriptHasNamesOfItsOwn() {
    assertThat(create("мука", "340", "").status()).isEqualTo(201);
    assertThat(create("小麦粉", "368", "").status()).isEqualTo(201);
    JsonNode lines =
        lines("100 g мука", "100 g ряженка", "100 g 小麦粉", "100 g 牛乳", "Мука 100 g", "100 g молоко");
    assertThat(lines)
        .extracting(line -> line.has("food") ? line.get("food").asString() : "")
        .containsExactly("мука", "", "小麦粉", "", "мука", "milk, whole");
    assertThat(create("МУКА", "1", "").body().get("detail").asString()).contains("already");
    assertThat(create("70 %", "1", "").body().get("detail").asString()).contains("no letter");
    assertThat(create("…", "1", "").status()).isEqualTo(400);
  }

  private static Answer bring(String csv) {
    return Http.send("POST", "/api/foods/import", csv, "Content-Type", "text/csv");
  }

  private JsonNode bringOne(String header, String row) {
    made.add("odd-food");
    return bring(header + "\n" + row + "\n").body();
  }

  private static double protein() {
    return Http.get("/api/foods/odd-food")
        .body()
        .get("per100g")
        .valueStream()
        .filter(value -> value.get("component").asString().equals("PROCNT"))
        .findFirst()
        .orElseThrow()
        .get("amount")
        .asDouble();
  }

  /** One decimal sign for a file; what could be thousands beside it is refused with its line. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          id,name,role,PROCNT,FAT | odd-food,odd food,FLOUR,1.25,2       | 1.25
          id,name,role,PROCNT,FAT | odd-food,odd food,FLOUR,1.459,2      | 1.459
          id,name,role,PROCNT,FAT | odd-food,odd food,FLOUR,"1,25",2     | 1.25
          id;name;role;PROCNT;FAT | odd-food;odd food;FLOUR;1,25;2,5     | 1.25
          id;name;role;PROCNT;FAT | odd-food;odd food;FLOUR;12;2,5       | 12
          id,name,role,PROCNT,FAT | odd-food,odd food,FLOUR,1.0E-2,2     | 0.01
          """)
  void numbersOfAFile(String header, String row, double expected) {
    assertThat(bringOne(header, row).get("problems")).isEmpty();
    assertThat(protein()).isEqualTo(expected);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          odd-food,odd food,FLOUR,"1,250",2    | 1,250
          odd-food,odd food,FLOUR,"1,250",2.5  | 1,250
          odd-food,odd food,FLOUR,"1.250","2,5" | 1.250
          odd-food,odd food,FLOUR,"1,5",2.5    | 1,5
          odd-food,odd food,FLOUR,Infinity,2   | Infinity
          odd-food,odd food,FLOUR,NaN,2        | NaN
          odd-food,odd food,FLOUR,1e308,2      | 1e308
          odd-food,odd food,FLOUR,0x1p3,2      | 0x1p3
          odd-food,odd food,FLOUR,-1,2         | -1
          odd-food,"7 %",FLOUR,1,2             | 7 %
          """)
  void whatIsNoNumberIsRefusedWithItsLine(String row, String offending) {
    JsonNode report = bringOne("id,name,role,PROCNT,FAT", row);
    assertThat(report.at("/problems/0/offending").asString()).isEqualTo(offending);
    assertThat(report.at("/problems/0/line").asInt()).isEqualTo(2);
    assertThat(Http.get("/api/foods/odd-food").status()).isEqualTo(404);
  }

  @Test
  void theProgramsOwnFileSavedBySpreadsheetsIsRead() {
    bringOne("\uFEFFid,name,role,PROCNT", "odd-food,odd food,FLOUR,7");
    assertThat(protein()).isEqualTo(7);
    JsonNode long1 = bringOne("id,name,role", "odd-food," + "x".repeat(900) + ",FLOUR");
    assertThat(long1.at("/problems/0/offending").asString()).hasSizeLessThanOrEqualTo(200);
    assertThat(long1.at("/problems/0/problem").asString()).hasSizeLessThan(300);
  }

  @Test
  void numbersBeyondAllKitchensAreRefused() {
    String cup =
        "{\"measure\":\"cup\",\"qualifier\":\"\",\"grams\":1e308,\"graded\":false,\"usual\":false}";
    assertThat(create("odd cup", "1", cup).status()).isEqualTo(400);
    String goal =
        "{\"name\":\"odd\",\"note\":\"\",\"goals\":[{\"measurand\":\"ENERC\",\"lower\":%s}]}";
    for (String limit : List.of("\"Infinity\"", "\"NaN\"", "1e308", "-1", "Infinity")) {
      assertThat(Http.send("POST", "/api/goals", goal.formatted(limit)).status()).isEqualTo(400);
    }
    String draft = Drafts.json(Drafts.of("100 g rye flour, medium"));
    for (String pieces : List.of("1e-320", "1e308", "-1", "0")) {
      String odd = draft.replaceFirst("\"pieces\":1\\.0", "\"pieces\":" + pieces);
      assertThat(odd).isNotEqualTo(draft);
      Answer answer = Http.send("POST", "/api/figures", odd);
      assertThat(answer.status()).isEqualTo(200);
      assertThat(answer.body().at("/problems/0/field").asString()).isEqualTo("plate.pieces");
      assertThat(answer.body().get("bases").toString()).doesNotContain("NaN", "Infinity");
    }
    assertThat(
            Http.send(
                    "POST",
                    "/api/figures",
                    "kind=PANCAKE",
                    "Content-Type",
                    "application/x-www-form-urlencoded")
                .status())
        .isEqualTo(415);
  }

  private static String word(Random random, int letters) {
    return random
        .ints(letters, 'a', 'z' + 1)
        .mapToObj(Character::toString)
        .collect(Collectors.joining());
  }

  /** It took half a minute; a second is allowed on a quiet machine. */
  @Test
  @Timeout(value = 20, unit = TimeUnit.SECONDS)
  void unknownWordsOfAnyLengthCostLittle() {
    Random random = new Random(7);
    for (int letters : new int[] {290, 60, 24, 16, 12}) {
      String[] texts =
          IntStream.range(0, 200)
              .mapToObj(i -> "1 g " + word(random, letters))
              .toArray(String[]::new);
      assertThat(lines(texts)).hasSize(200);
    }
  }
}
