package honeststack.app.figures;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.app.Drafts;
import honeststack.app.Figured;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import honeststack.app.draft.Draft;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What figures must never depend on, and what they must always say. */
@ExtendWith(RunningApplication.class)
class SoundFiguresApiTest {
  /** g in an avoirdupois ounce: NIST Handbook 44, App. C. */
  private static final double OUNCE = 28.349523125;

  /** Calibration of a household scale, relative; common practice. */
  private static final double CALIBRATION = 0.003;

  private static JsonNode answer(String draft) {
    return Http.send("POST", "/api/figures", draft).body();
  }

  /** Ids are names that nobody reads: whatever they are, the figures are the same. */
  @ParameterizedTest
  @CsvSource({
    "a,b",
    "griddle:pieces,b",
    "a,a:range",
    "pieces,left",
    "milk-whole:CUP,egg",
    "x/1,x/1/part",
    "CALIBRATION,1"
  })
  void idsNeverMatter(String one, String other) {
    String draft = Drafts.json(Drafts.of("2-3 cups rye flour", "1 cup milk less 1 tbsp"));
    JsonNode expected = answer(draft).get("bases");
    String renamed =
        draft
            .replace("\"bowl-0\"", Drafts.json(one))
            .replace("\"bowl-1\"", Drafts.json(other))
            .replace("\"pan\"", "\"bowl-0\"");
    assertThat(answer(renamed).get("bases")).isEqualTo(expected);
  }

  /** The last digit shown, in its own unit, is what a scale can tell apart: rectangular. */
  @ParameterizedTest
  @CsvSource({"0.5 oz,0.1,oz", "1.2 kg,100,g", "125 g,1,g", "12.5 g,0.1,g", "1.5 lb,1.6,oz"})
  void aScalesDigitsAreReadInItsUnit(String weight, double step, String unit) {
    JsonNode grams = Figured.of(Drafts.of(weight + " white sugar")).at("/lines/0/grams");
    double digit = step * (unit.equals("oz") ? OUNCE : 1) / Math.sqrt(12);
    assertThat(grams.get("u").asDouble())
        .isCloseTo(
            Math.hypot(digit, CALIBRATION * grams.get("value").asDouble()), within(1e-3 * digit));
  }

  /** 2 tbsp of oil in the pan; nobody says what stays: half, and it is said with the line. */
  @Test
  void whatIsTakenToStayInThePanIsSaid() {
    String draft = Drafts.json(Drafts.of("200 g plain flour", "2 eggs"));
    String oiled =
        draft.replace("\"id\":\"pan\",\"text\":\"\"", "\"id\":\"pan\",\"text\":\"30 g oil\"");
    JsonNode answer = answer(oiled);
    JsonNode pan = answer.at("/lines/2");
    assertThat(pan.get("station").asString()).isEqualTo("PAN");
    assertThat(pan.at("/notes/0").asString()).contains("half of it is taken, 15 g");
    JsonNode trail = Http.send("POST", "/api/figures/trail?basis=AS_SERVED&of=FAT", oiled).body();
    assertThat(trail.get("parts"))
        .anyMatch(part -> part.get("notes").toString().contains("half of it is taken"));
  }

  /** A pinch of salt more or less has no energy to speak of. */
  @Test
  void whatIsOfNoConsequenceLeavesTheFigureKnown() {
    JsonNode answer =
        Figured.of(Drafts.of("200 g plain flour", "2 eggs", "salt, to taste", "cinnamon"));
    JsonNode energy = Figured.served(answer, "ENERC");
    assertThat(energy.path("bound").asString("COMPLETE")).isIn("COMPLETE", "AT_LEAST");
    assertThat(answer.get("without").toString()).contains("salt");
    JsonNode raw = Figured.figure(answer, "PER_100G_RAW", "ENERC");
    assertThat(raw.path("bound").asString("COMPLETE")).isNotEqualTo("NOT_KNOWN");
  }

  /** The same draft under other ids differs from itself in nothing. */
  @Test
  void aDraftDoesNotDifferFromItself() {
    String draft = Drafts.json(Drafts.of("1 cup rye flour", "3 eggs", "1/3 cup milk"));
    String other = draft.replace("bowl-", "line-");
    String body =
        "{\"mode\":\"SAME_BOWL\",\"items\":[{\"recomputed\":false,\"draft\":%s},"
            + "{\"recomputed\":false,\"draft\":%s}]}";
    JsonNode differences =
        Http.send("POST", "/api/compare", body.formatted(draft, other))
            .body()
            .at("/against/0/differences");
    assertThat(differences).isNotEmpty();
    assertThat(differences).noneMatch(one -> one.get("real").asBoolean());
  }

  /** A sentence has a decimal point wherever the computer stands. */
  @Test
  void sentencesAreTheSameEverywhere() {
    Draft draft = Drafts.of("200 g plain flour", "honey", "2 heaped tbsp cocoa", "1/3 cup milk");
    JsonNode here = Figured.of(draft);
    Locale before = Locale.getDefault();
    try {
      for (String language : new String[] {"de-DE", "tr-TR", "ar-EG", "hi-IN"}) {
        Locale.setDefault(Locale.forLanguageTag(language));
        assertThat(Figured.of(draft)).as(language).isEqualTo(here);
        assertThat(Figured.of(Drafts.of("200 G PLAIN FLOUR, SIFTED")).at("/lines/0/state"))
            .as(language)
            .isEqualTo(here.at("/lines/0/state"));
      }
    } finally {
      Locale.setDefault(before);
    }
  }
}
