package honeststack.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.app.Drafts;
import honeststack.app.Figured;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Open food tables in the layout in which they are distributed; the foods in them are made up. */
@ExtendWith(RunningApplication.class)
class TablesApiTest {
  private static Map<String, String> fdc() {
    Map<String, String> files = new LinkedHashMap<>();
    files.put(
        "food.csv",
        """
        "fdc_id","data_type","description","food_category_id","publication_date"
        "900001","sr_legacy_food","Zwieback meal, ""fine"", dry","18","2019-04-01"
        "900002","sub_sample_food","Zwieback meal, lot 3","18","2019-04-01"
        "900003","foundation_food","Zwieback milk","1","2019-04-01"
        """);
    files.put(
        "nutrient.csv",
        """
        "id","name","unit_name","nutrient_nbr","rank"
        "1003","Protein","G","203","600.0"
        "1008","Energy","KCAL","208","300.0"
        "2047","Energy (Atwater General Factors)","KCAL","957","280.0"
        "1093","Sodium, Na","MG","307","5800.0"
        "1158","Vitamin E","MG_ATE","","7920.0"
        """);
    files.put(
        "food_nutrient.csv",
        """
        "id","fdc_id","nutrient_id","amount","data_points","derivation_id","min","max"
        "1","900001","1003","11.5","2","1","",""
        "2","900001","1008","377","0","49","",""
        "3","900001","1093","210.0","2","1","",""
        "4","900003","2047","61","2","1","",""
        "5","900001","1158","9","2","1","",""
        "6","900002","1003","99","2","1","",""
        """);
    files.put(
        "food_portion.csv",
        """
        "id","fdc_id","seq_num","amount","measure_unit_id","portion_description","modifier","gram_weight"
        "1","900001","1","0.5","9999","","cup","56"
        "2","900001","2","1","9999","","cup, chopped","90"
        "3","900003","1","2","1001","","","30"
        """);
    files.put(
        "measure_unit.csv",
        "\"id\",\"name\"\n\"1001\",\"tablespoon\"\n\"9999\",\"undetermined\"\n");
    return files;
  }

  private static byte[] zip(Map<String, String> files) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      for (Map.Entry<String, String> file : files.entrySet()) {
        zip.putNextEntry(new ZipEntry("FoodData_Central_made_up/" + file.getKey()));
        zip.write(file.getValue().getBytes(StandardCharsets.UTF_8));
      }
    }
    return out.toByteArray();
  }

  /** What became of a table, once it is through. */
  private static JsonNode brought(byte[] file) throws InterruptedException {
    Http.Answer begun = Http.sendFile("/api/foods/tables", file);
    assertThat(begun.status()).as(begun.body().toString()).isEqualTo(202);
    String path = "/api/foods/tables/" + begun.body().get("id").asString();
    for (int i = 0; i < 200; i++) {
      JsonNode now = Http.get(path).body();
      if (now.has("report")) {
        return now;
      }
      Thread.sleep(50);
    }
    throw new AssertionError("It is not through after 10 s");
  }

  @Test
  void foodsOfFoodDataCentralAreFoundWeighedAndToldApart() throws Exception {
    JsonNode done = brought(zip(fdc()));
    assertThat(done.get("stage").asString()).as(done.toString()).isEqualTo("DONE");
    JsonNode food = Http.get("/api/foods/fdc-900001").body();
    assertThat(food.get("name").asString()).isEqualTo("Zwieback meal, \"fine\", dry (FDC 900001)");
    assertThat(Http.get("/api/foods/fdc-900002").status()).as("a sample").isEqualTo(404);
    assertThat(Http.get("/api/foods?query=zwieback").body().toString()).contains("fdc-900003");
    // ½ cup is 56 g, so a cup is 112 g, at 377 kcal in 100 g; a tablespoon of milk 15 g at 61.
    JsonNode cup = Figured.of(Drafts.of("1 cup zwieback meal, \"fine\", dry (FDC 900001)"));
    assertThat(cup.at("/lines/0/grams/value").asDouble()).as(cup.toString()).isEqualTo(112);
    assertThat(Figured.value(cup, "PER_PIECE", "ENERC"))
        .isCloseTo(42.2, org.assertj.core.data.Offset.offset(0.1));
    JsonNode again = brought(zip(fdc()));
    assertThat(again.at("/report/unchanged").asInt()).isEqualTo(2);
  }

  @Test
  void aTableWithAFaultIsRefusedWholeWithTheLine() throws Exception {
    Map<String, String> files = fdc();
    files.put("food.csv", files.get("food.csv").replace("9000", "9100"));
    files.put(
        "food_nutrient.csv",
        files.get("food_nutrient.csv").replace("9000", "9100").replace("\"377\"", "\"much\""));
    files.put("food_portion.csv", files.get("food_portion.csv").replace("9000", "9100"));
    JsonNode refused = brought(zip(files));
    assertThat(refused.get("stage").asString()).isEqualTo("REFUSED");
    assertThat(refused.at("/report/problems/0/line").asInt()).isEqualTo(3);
    assertThat(refused.at("/report/problems/0/problem").asString()).contains("“much”");
    assertThat(Http.get("/api/foods/fdc-910001").status()).isEqualTo(404);

    files.remove("nutrient.csv");
    assertThat(brought(zip(files)).toString()).contains("holds no nutrient.csv");
    byte[] cut = java.util.Arrays.copyOf(zip(fdc()), 300);
    assertThat(brought(cut).get("stage").asString()).isEqualTo("REFUSED");
    byte[] none = "a,b\n1,2\n".getBytes(StandardCharsets.UTF_8);
    assertThat(Http.sendFile("/api/foods/tables", none).status()).isEqualTo(400);
  }

  /** 1490 kJ are 356 kcal; by difference 59.98 + 7.02 fibre are 67; sodium is in g there. */
  @Test
  void foodsOfTheIndianTablesComeInTheirUnits() throws Exception {
    String head =
        "Food Code; code,Food Name; name,Energy; enerc,Energy; enerc_e,Fiber; fibtg,Fiber; fibtg_e,"
            + "Carbohydrate; choavldf,Carbohydrate; choavldf_e,Protein; protcnt,Protein; protcnt_e,"
            + "Sodium; na,Sodium; na_e\n";
    String row = "Z901,\"Zwieback seed, made up\",1490,0,7.02,0.5,59.98,1,14.59,0.4,0.0027,0\n";
    JsonNode done = brought((head + row).getBytes(StandardCharsets.UTF_8));
    assertThat(done.get("stage").asString()).as(done.toString()).isEqualTo("DONE");
    JsonNode values = Http.get("/api/foods/ifct-z901").body();
    assertThat(values.toString())
        .contains("Zwieback seed, made up (IFCT Z901)")
        .containsPattern("\"ENERC\"[^}]*356\\.1")
        .containsPattern("\"CHOCDF\"[^}]*67")
        .containsPattern("\"NA\"[^}]*2\\.7");
  }
}
