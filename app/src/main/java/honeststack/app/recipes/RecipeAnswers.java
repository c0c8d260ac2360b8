package honeststack.app.recipes;

import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.app.figures.Draft;
import honeststack.app.figures.FiguresAnswer;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;

/** What the shelf and the bench read and send. */
final class RecipeAnswers {
  static final int LONGEST_NAME = 120;

  private RecipeAnswers() {}

  /** A recipe on the shelf. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record ShelfEntry(
      String id, String name, Draft.Kind kind, Instant savedAt, List<VersionEntry> versions) {}

  /** A kept version, without its figures. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record VersionEntry(
      String id, int number, @Nullable String parentId, String reason, Instant keptAt) {}

  /**
   * A kept version that holds a food or a preparation.
   *
   * @param current it holds the newest revision of it
   */
  record UseEntry(
      String versionId, String recipeId, String recipeName, int number, boolean current) {}

  /** A recipe on the bench. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record RecipeAnswer(
      String id,
      String name,
      int revision,
      @Nullable String parentId,
      Instant savedAt,
      Draft draft,
      List<VersionEntry> versions) {}

  /**
   * A kept version with the figures of its pins.
   *
   * @param changes against its parent, in a cook's words
   * @param newer foods whose composition has a newer revision than the one pinned
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record VersionAnswer(
      String id,
      String recipeId,
      String recipeName,
      int number,
      @Nullable String parentId,
      String reason,
      Instant keptAt,
      List<String> changes,
      List<String> newer,
      Draft draft,
      FiguresAnswer figures) {}

  /**
   * A named draft, to start a recipe or to save one.
   *
   * @param parentId the kept version that it was worked on from
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record NamedDraft(
      @NotBlank @Size(max = LONGEST_NAME) String name,
      @NotNull @Valid Draft draft,
      @Nullable @Size(max = 36) String parentId) {}

  /** Why a version is kept. */
  record KeepRequest(@NotBlank @Size(max = 300) String reason) {}
}
