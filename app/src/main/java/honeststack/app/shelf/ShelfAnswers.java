package honeststack.app.shelf;

import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.app.draft.Draft;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;

/** What the shelf and the bench read and send. */
public final class ShelfAnswers {
  static final int LONGEST_NAME = 120;

  private ShelfAnswers() {}

  /**
   * A recipe on the shelf.
   *
   * @param tags words that the cook finds it by
   */
  record ShelfEntry(String id, String name, Draft.Kind kind, List<String> tags, Instant savedAt) {}

  /** Words to find a recipe by. */
  record Tags(@NotNull @Size(max = 10) List<@NotBlank @Size(max = 30) String> tags) {}

  /** A recipe on the bench. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record RecipeAnswer(
      String id,
      String name,
      int revision,
      @Nullable String parentId,
      Instant savedAt,
      Draft draft) {}

  /** What a save leaves: the next save needs its revision. */
  record SavedAnswer(int revision, Instant savedAt) {}

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
}
