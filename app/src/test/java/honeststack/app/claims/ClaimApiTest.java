package honeststack.app.claims;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.app.Drafts;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApplication.class)
class ClaimApiTest {
  private static Http.Answer claim(String draft, String... stated) {
    StringBuilder list = new StringBuilder();
    for (int i = 0; i < stated.length; i += 2) {
      list.append(i == 0 ? "" : ",")
          .append("{\"tag\":\"" + stated[i] + "\",\"value\":\"" + stated[i + 1] + "\"}");
    }
    return Http.send(
        "POST",
        "/api/claims",
        "{\"draft\":"
            + draft
            + ",\"basis\":\"PER_PIECE\",\"rounding\":\"UNITED_STATES\",\"stated\":["
            + list
            + "]}");
  }

  /** 250 g flour hold 25.8 g protein; 10 pieces hold 2.6 g each, 91 kcal: “10 g” is a wish. */
  @Test
  void aClaimIsHeldAgainstWhatWasMeasured() {
    String draft = Drafts.json(Drafts.of("250 g all-purpose flour", "300 g water"));
    JsonNode answer = claim(draft, "ENERC", "90", "PROCNT", "10").body();
    assertThat(answer.get("words").asString()).isEqualTo("Not possible as measured: protein.");
    assertThat(answer.at("/held/0/standing").asString()).isEqualTo("POSSIBLE");
    assertThat(answer.at("/held/1/would/0").asString()).contains("pieces instead of 10");
    assertThat(claim(draft, "PROCNT", "lots").body().toString()).contains("lots");
    assertThat(claim(draft, "SHINE", "3").status()).isEqualTo(400);
  }

  @Test
  void aClaimWithoutARecipeMayContradictItself() {
    JsonNode answer =
        claim("null", "ENERC", "95", "PROCNT", "10", "FAT", "5", "CHOCDF", "20").body();
    assertThat(answer.get("words").asString()).isEqualTo("It contradicts itself.");
    assertThat(answer.at("/contradictions/0").asString()).contains("95 kcal");
  }
}
