package honeststack.app.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.app.Drafts;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import honeststack.app.Shelf;
import honeststack.app.Shelf.OnShelf;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Words that recipes are found by, through the door that pages take. */
@ExtendWith(RunningApplication.class)
class ShelfApiTest {
  private static JsonNode entry(String id) {
    for (JsonNode entry : Http.get("/api/recipes").body()) {
      if (entry.get("id").asString().equals(id)) {
        return entry;
      }
    }
    throw new AssertionError(id + " is not on the shelf");
  }

  private static OnShelf recipe() {
    return Shelf.start("Tagged " + UUID.randomUUID(), Drafts.of("100 g rye flour"));
  }

  @Test
  void wordsAreKeptAndSurviveSavingAndTheBin() {
    OnShelf recipe = recipe();
    String tags = "{\"tags\":[\" for twelve \",\"no egg\",\"no egg\",\"Größe\"]}";
    assertThat(Http.send("PUT", recipe.path() + "/tags", tags).status()).isEqualTo(204);
    String kept = "[\"for twelve\",\"no egg\",\"Größe\"]";
    assertThat(entry(recipe.id()).get("tags").toString()).isEqualTo(kept);
    Shelf.saved(recipe, "Tagged anew", Drafts.of("110 g rye flour"));
    assertThat(entry(recipe.id()).get("tags").toString()).isEqualTo(kept);
    byte[] file = Http.file(recipe.path() + "/file");
    Http.send("DELETE", recipe.path(), null);
    assertThat(Http.sendFile("/api/files", file).status()).isEqualTo(201);
    assertThat(entry(recipe.id()).get("tags").toString()).isEqualTo(kept);
    assertThat(Http.send("PUT", recipe.path() + "/tags", "{\"tags\":[]}").status()).isEqualTo(204);
    assertThat(entry(recipe.id()).get("tags")).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "{\"tags\":[\"a;b\"]}",
        "{\"tags\":[\"\"]}",
        "{\"tags\":[null]}",
        "{\"tags\":[\"1234567890123456789012345678901\"]}",
        "{\"tags\":[\"1\",\"2\",\"3\",\"4\",\"5\",\"6\",\"7\",\"8\",\"9\",\"10\",\"11\"]}",
        "{}"
      })
  void whatCannotBeAWordIsRefused(String tags) {
    OnShelf recipe = recipe();
    assertThat(Http.send("PUT", recipe.path() + "/tags", tags).status()).isEqualTo(400);
    assertThat(entry(recipe.id()).get("tags")).isEmpty();
  }

  @Test
  void nobodyElsesAndNoDemoIsOnItsWay() {
    assertThat(Http.send("PUT", "/api/recipes/nowhere/tags", "{\"tags\":[]}").status())
        .isEqualTo(404);
    JsonNode arriving = Http.get("/api/demo").body();
    assertThat(arriving.get("done").asInt()).isEqualTo(arriving.get("of").asInt());
  }
}
