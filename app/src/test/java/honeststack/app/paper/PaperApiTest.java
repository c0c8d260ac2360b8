package honeststack.app.paper;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.app.Drafts;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import honeststack.app.Shelf;
import honeststack.app.Shelf.OnShelf;
import honeststack.app.draft.Draft;
import honeststack.app.draft.Draft.DraftLine;
import honeststack.app.draft.Draft.DraftPlate;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Sheets, read back by the library that reads PDF. */
@ExtendWith(RunningApplication.class)
class PaperApiTest {
  /** A document's text, and how many pages it has. */
  private record Sheet(String text, int pages, boolean tagged) {}

  private static Sheet sheet(String path) throws IOException {
    try (PDDocument document = Loader.loadPDF(Http.file(path))) {
      return new Sheet(
          new PDFTextStripper().getText(document).replaceAll("\\s+", " "),
          document.getNumberOfPages(),
          document.getDocumentCatalog().getMarkInfo().isMarked());
    }
  }

  /** 200 g of flour are 728 kcal, 100 g of sugar 387; two of ten pieces have a fifth of it. */
  private static OnShelf recipe(String... bowl) {
    Draft plain = Drafts.of(bowl);
    Draft draft =
        new Draft(
            plain.kind(),
            plain.system(),
            plain.bowl(),
            plain.griddle(),
            new DraftPlate(2.0, List.of(new DraftLine("t", "10 g honey", null))),
            null,
            null,
            List.of("Whisk <it> & rest ⅓ of an hour."));
    return Shelf.start("Paper cakes " + UUID.randomUUID().toString().substring(0, 8), draft);
  }

  @Test
  void aCardIsOnePageWithTheWorkAndTheFigures() throws IOException {
    String version = Shelf.kept(recipe("200 g plain flour", "100 g sugar", "1 cup zorbleberries"));
    Sheet card = sheet("/api/versions/" + version + "/card.pdf");
    assertThat(card.pages()).isEqualTo(1);
    assertThat(card.tagged()).as("tagged for reading aloud").isTrue();
    assertThat(card.text())
        .contains("200 g plain flour")
        .contains("Whisk <it> & rest ⅓ of an hour.")
        .containsPattern("energy, kcal ≥ 2\\d\\d")
        .contains("zorbleberries”; pan fat")
        .contains("not for dosing insulin");
  }

  @Test
  void aMorningAndALabelForTheBoxAreSheetsToo() throws IOException {
    String version = Shelf.kept(recipe("200 g plain flour", "100 g sugar"));
    String at = "2026-03-07T12:00:00Z";
    String run = "/api/runs/" + UUID.randomUUID();
    String begun = "{\"versionId\":\"%s\",\"startedAt\":\"%s\",\"cook\":\"the warden\"}";
    Http.send("PUT", run, begun.formatted(version, at));
    String told = "{\"events\":[{\"id\":\"%s\",\"at\":\"%s\",\"kind\":\"ROUND\",\"amount\":4}]}";
    Http.send("POST", run + "/events", told.formatted(UUID.randomUUID(), at));
    Sheet morning = sheet(run + "/sheet.pdf");
    assertThat(morning.text())
        .contains("Cooked on 7 March 2026, by the warden")
        .contains("a round of 4")
        .containsPattern("energy, kcal \\d{3}");
    String put =
        "{\"versionId\":\"%s\",\"form\":\"PIECES\",\"place\":\"FREEZER\",\"amount\":4,"
            + "\"madeAt\":\"%s\",\"note\":\"top shelf\"}";
    String id =
        Http.send("POST", "/api/stock", put.formatted(version, at)).body().get("id").asString();
    Sheet label = sheet("/api/stock/" + id + "/label.pdf");
    assertThat(label.pages()).isEqualTo(1);
    assertThat(label.text())
        .contains("4 pieces, made 7 March 2026")
        .contains("Use by 6 May 2026")
        .contains("top shelf");
  }

  @Test
  void aHandoutAsksFirstAndAnswersOverleaf() throws IOException {
    String version = Shelf.kept(recipe("200 g plain flour", "100 g sugar"));
    Sheet handout = sheet("/api/versions/" + version + "/handout.pdf");
    assertThat(handout.pages()).isEqualTo(2);
    assertThat(handout.text().indexOf("Guess first"))
        .isLessThan(handout.text().indexOf("energy, kcal"));
    assertThat(handout.text()).contains("USDA Standard Reference").contains("uneven pieces");
  }

  @Test
  void fourVersionsStandOnOnePage() throws IOException {
    OnShelf recipe = recipe("200 g plain flour", "100 g sugar");
    StringBuilder query = new StringBuilder();
    for (int i = 1; i <= 4; i++) {
      Draft draft = Drafts.of(200 + 10 * i + " g plain flour", "100 g sugar");
      recipe = Shelf.saved(Shelf.now(recipe.id()), "Paper cakes", draft);
      query.append(i == 1 ? "?" : "&").append("versions=").append(Shelf.kept(recipe));
    }
    Sheet beside = sheet("/api/versions/beside.pdf" + query);
    assertThat(beside.pages()).isEqualTo(1);
    // 30 g of flour at 3.64 kcal/g in one of ten pieces: 10.9 kcal.
    assertThat(beside.text()).contains("From A to D").contains("30 g more +11 kcal");
    assertThat(Http.get("/api/versions/beside.pdf?versions=a").status()).isEqualTo(400);
  }

  /**
   * Per 100 g of plain flour (USDA SR 20081, from memory): 10.33 g protein, 76.31 g carbohydrate,
   * 2.7 g fibre, 0.98 g fat. One piece of 100 g flour: US carbohydrate 76 g, 28 % of 275 g.
   */
  @Test
  void aLabelIsRoundedAsTheLawHasIt() {
    Draft ten = Drafts.of("1000 g plain flour");
    String version = Shelf.kept("Label cakes " + UUID.randomUUID(), ten);
    String us =
        new String(
            Http.file("/api/versions/" + version + "/panel.svg?manner=UNITED_STATES"),
            StandardCharsets.UTF_8);
    assertThat(us)
        .contains(">360 kcal<")
        .contains(">76 g<")
        .contains(">28 %<")
        .contains(">3 g<")
        .contains("not a legal label");
    String eu =
        new String(
            Http.file("/api/versions/" + version + "/panel.svg?manner=EUROPEAN_UNION"),
            StandardCharsets.UTF_8);
    assertThat(eu).contains(">74 g<").contains(">10 g<");
    String refused = "/api/versions/" + version + "/panel.pdf?manner=AS_WRITTEN";
    assertThat(Http.get(refused).status()).isEqualTo(400);
  }

  /** 2.7 g of fibre in 100 g of flour is not enough; oat bran has 15.4 (USDA SR, from memory). */
  @Test
  void wordsOfClaimsAreHeldAgainstTheRules() {
    assertThat(stands("high fibre", "500 g plain flour")).isEqualTo("MISSED");
    assertThat(stands("high fibre", "500 g oat bran")).isEqualTo("MET");
    assertThat(stands("with no added sugars", "500 g oat bran")).isEqualTo("MET");
    assertThat(stands("with no added sugars", "500 g oat bran", "20 g sugar")).isEqualTo("MISSED");
  }

  private static String stands(String words, String... bowl) {
    String body = "{\"draft\":" + Drafts.json(Drafts.of(bowl)) + ",\"waffles\":false}";
    for (var one : Http.send("POST", "/api/claims/words", body).body()) {
      if (one.get("words").asString().equals(words)) {
        return one.get("verdict").asString();
      }
    }
    throw new AssertionError(words + " was not held against anything");
  }

  /** 1.35 g of fibre in 50 g of flour count 2 instead of 4 kcal/g in the EU's way. */
  @Test
  void aHandoutDrawsWhatIsAskedInTheChosenSchool() throws IOException {
    String version = Shelf.kept(recipe("200 g plain flour", "100 g sugar"));
    Sheet handout =
        sheet(
            "/api/versions/"
                + version
                + "/handout.pdf?energy=EU&pictured=PROCNT&pictured=ENERGY_EU");
    assertThat(handout.text())
        .contains("drawn by its protein")
        .contains("drawn by its energy the EU's way")
        .contains("energy the EU's way, kcal")
        .contains("Energy by the EU's factors")
        .doesNotContain("specific factors");
    String usual = sheet("/api/versions/" + version + "/handout.pdf").text();
    assertThat(usual).contains("drawn by its energy").contains("specific factors");
  }
}
