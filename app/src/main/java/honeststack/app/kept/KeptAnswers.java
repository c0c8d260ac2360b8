package honeststack.app.kept;

import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.app.draft.Draft;
import honeststack.app.figures.FiguresAnswer;
import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;

/** What the pages of kept versions read and send. */
final class KeptAnswers {
  private KeptAnswers() {}

  /** A kept version, without its figures. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record VersionEntry(
      String id,
      String recipeId,
      int number,
      @Nullable String parentId,
      String reason,
      Instant keptAt) {}

  /**
   * A kept version that holds a food or a preparation.
   *
   * @param current it holds the newest revision of it
   */
  record UseEntry(
      String versionId, String recipeId, String recipeName, int number, boolean current) {}

  /**
   * A kept version with its figures.
   *
   * @param changes against its parent, in a cook's words
   * @param newer foods whose composition has a newer revision than the one kept
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

  /** Why a version is kept. */
  record KeepRequest(@NotBlank @Size(max = 300) String reason) {}

  /**
   * A version that was kept.
   *
   * @param revision of the draft now, which comes from this version
   */
  record KeepAnswer(VersionEntry version, int revision) {}
}
