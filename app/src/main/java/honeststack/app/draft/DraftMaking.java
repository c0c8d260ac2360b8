package honeststack.app.draft;

import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.app.draft.Draft.DraftLine;
import honeststack.core.recipe.Recipe;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;

/**
 * How the batter became pieces. What is absent was not said.
 *
 * @param portion what went into one: a tool's name, "¼ cup", "60 g", "11 cm"
 * @param most the upper end, where a range of pieces was said
 * @param spilled batter that was lost; a weight, a measure or pieces, as text
 * @param tasted batter that was eaten raw; likewise
 * @param cooked what cooked pieces weighed, as text
 * @param cookedPieces how many of them; absent for all that are kept
 * @param crisp of waffles: baked until they are
 * @param moreFat what else went into the pan
 * @param rounds how many times the fats went into the pan
 * @param each what was noted of each piece as it left the pan
 * @param later pieces kept for another day
 * @param heated how what holds alcohol was heated: "simmered 15 min", "flamed"
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record DraftMaking(
    @Nullable @Size(max = 100) String portion,
    @Nullable Integer most,
    @Nullable @Size(max = 100) String spilled,
    @Nullable @Size(max = 100) String tasted,
    @Nullable @Size(max = 100) String cooked,
    @Nullable Integer cookedPieces,
    @Nullable Boolean crisp,
    @Nullable @Size(max = 10) List<@NotNull @Valid DraftLine> moreFat,
    @Nullable @Min(0) @Max(1000) Integer rounds,
    @Nullable @Size(max = DraftMaking.MOST_PIECES) List<@NotNull @Size(max = 40) String> each,
    @Nullable Integer later,
    @Nullable @Size(max = 100) String heated) {
  /** Nothing was said. */
  public static final DraftMaking NOT_SAID =
      new DraftMaking(null, null, null, null, null, null, null, null, null, null, null, null);

  private static final int MOST_PIECES = 1000;

  /** The same with another portion. */
  public DraftMaking portioned(String other) {
    return new DraftMaking(
        other,
        most,
        spilled,
        tasted,
        cooked,
        cookedPieces,
        crisp,
        moreFat,
        rounds,
        each,
        later,
        heated);
  }

  List<DraftLine> fats() {
    return moreFat == null ? List.of() : moreFat;
  }

  Recipe.Making making(Draft.Kind kind, Optional<Recipe.Habit> habit) {
    boolean baked = Boolean.TRUE.equals(crisp);
    return new Recipe.Making(
        Draft.text(portion),
        Optional.ofNullable(most),
        Draft.text(spilled),
        Draft.text(tasted),
        new Recipe.Cooked(Draft.text(cooked), cookedPieces == null ? 0 : cookedPieces),
        kind != Draft.Kind.WAFFLE
            ? Recipe.Doneness.PANCAKE
            : baked ? Recipe.Doneness.WAFFLE_CRISP : Recipe.Doneness.WAFFLE_SOFT,
        fats().stream().map(DraftLine::line).toList(),
        rounds == null ? 0 : rounds,
        each == null ? List.of() : each,
        later == null ? 0 : later,
        Draft.text(heated),
        habit);
  }

  /** The same with the texts and counts of a recipe that was written anew from it. */
  DraftMaking written(Recipe.Making anew) {
    boolean weighed = cooked != null && !anew.cooked().weight().isEmpty();
    return new DraftMaking(
        portion,
        anew.most().orElse(null),
        spilled == null ? null : anew.spilled(),
        tasted == null ? null : anew.tasted(),
        weighed ? anew.cooked().weight() : null,
        weighed ? cookedPieces : null,
        crisp,
        moreFat == null ? null : Draft.written(moreFat, anew.moreFat()),
        rounds,
        each == null ? null : anew.each(),
        later == null ? null : anew.later(),
        heated);
  }
}
