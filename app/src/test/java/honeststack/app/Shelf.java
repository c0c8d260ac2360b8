package honeststack.app;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.app.draft.Draft;
import tools.jackson.databind.JsonNode;

/** Starts recipes, saves their drafts and keeps versions, through the door that pages take. */
public final class Shelf {
  private Shelf() {}

  /** A recipe on the shelf, as it was last written. */
  public record OnShelf(String id, String tag) {
    public String path() {
      return "/api/recipes/" + id;
    }
  }

  public static OnShelf start(String name, Draft draft) {
    Http.Answer started = Http.send("POST", "/api/recipes", Drafts.named(name, draft));
    assertThat(started.status()).as(started.body().toString()).isEqualTo(201);
    return new OnShelf(started.body().get("id").asString(), started.tag());
  }

  public static Http.Answer save(OnShelf recipe, String body) {
    return Http.send("PUT", recipe.path() + "/draft", body, "If-Match", recipe.tag());
  }

  public static OnShelf saved(OnShelf recipe, String name, Draft draft) {
    Http.Answer saved = save(recipe, Drafts.named(name, draft));
    assertThat(saved.status()).as(saved.body().toString()).isEqualTo(200);
    return new OnShelf(recipe.id(), saved.tag());
  }

  public static Http.Answer keep(OnShelf recipe, String reason) {
    return Http.send(
        "POST",
        recipe.path() + "/versions",
        "{\"reason\":" + Drafts.json(reason) + "}",
        "If-Match",
        recipe.tag());
  }

  /** The identity of the version that is kept. */
  public static String kept(OnShelf recipe) {
    Http.Answer kept = keep(recipe, "for a test");
    assertThat(kept.status()).as(kept.body().toString()).isEqualTo(201);
    return kept.body().at("/version/id").asString();
  }

  public static String kept(String name, Draft draft) {
    return kept(start(name, draft));
  }

  public static JsonNode version(String id) {
    return Http.get("/api/versions/" + id).body();
  }

  /** As it is now, for the next save. */
  public static OnShelf now(String recipeId) {
    return new OnShelf(recipeId, Http.get("/api/recipes/" + recipeId).tag());
  }
}
