package honeststack.app.draft;

import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import honeststack.core.food.Role;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.recipe.Recipe;
import honeststack.core.recipe.Recipe.Portioning;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A recipe as the bench sends it: inputs only, texts as typed.
 *
 * @param goalSetId the goals that it is judged by; absent for none
 * @param preparation how it ends, where it is used in other recipes; absent otherwise
 * @param method the steps of the work, in their order; absent for none
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record Draft(
    @NotNull Kind kind,
    @NotNull MeasuringSystem system,
    @NotNull @Size(max = MOST_LINES) List<@NotNull @Valid DraftLine> bowl,
    @NotNull @Valid DraftGriddle griddle,
    @NotNull @Valid DraftPlate plate,
    @Nullable @Size(max = 36) String goalSetId,
    @Nullable @Valid DraftPreparation preparation,
    @Nullable @Size(max = MOST_STEPS) List<@NotNull @Size(max = 2000) String> method) {

  private static final int MOST_LINES = 200;
  private static final int MOST_ADJUSTMENTS = 50;
  private static final int MOST_STEPS = 100;
  private static final int MOST_HELPINGS = 12;

  /** A recipe that is eaten. */
  public Draft(
      Kind kind,
      MeasuringSystem system,
      List<DraftLine> bowl,
      DraftGriddle griddle,
      DraftPlate plate,
      String goalSetId) {
    this(kind, system, bowl, griddle, plate, goalSetId, null, null);
  }

  /** A recipe without a method. */
  public Draft(
      Kind kind,
      MeasuringSystem system,
      List<DraftLine> bowl,
      DraftGriddle griddle,
      DraftPlate plate,
      String goalSetId,
      DraftPreparation preparation) {
    this(kind, system, bowl, griddle, plate, goalSetId, preparation, null);
  }

  /** What is baked. */
  public enum Kind {
    PANCAKE,
    WAFFLE,
    /** Used in other recipes: ground oats, compote, whipped cream. */
    PREPARATION
  }

  /**
   * @param foodId set where the food was picked by hand
   * @param off left out this time; absent for not
   * @param shared on the plate: one bowl of it for all servings; absent for not
   * @param adjustments made while cooking, in their order; absent for none
   * @param strained share that is strained out of a preparation: "60 %"; absent for nothing
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record DraftLine(
      @NotNull @Size(min = 1, max = 60) String id,
      @NotNull @Size(max = 300) String text,
      @Nullable @Size(max = 60) String foodId,
      @Nullable @Size(max = 40) String strained,
      @Nullable Boolean off,
      @Nullable Boolean shared,
      @Nullable @Size(max = MOST_ADJUSTMENTS) List<@NotNull @Valid DraftAdjustment> adjustments) {
    public DraftLine(String id, String text, String foodId) {
      this(id, text, foodId, null, null, null, null);
    }

    DraftLine written(Recipe.Line anew) {
      List<DraftAdjustment> made = adjustments == null ? List.of() : adjustments;
      List<DraftAdjustment> other =
          IntStream.range(0, made.size())
              .mapToObj(i -> new DraftAdjustment(made.get(i).at, anew.adjustments().get(i).text()))
              .toList();
      return new DraftLine(
          id, anew.text(), foodId, strained, off, shared, adjustments == null ? null : other);
    }

    Recipe.Line line() {
      return new Recipe.Line(
          id,
          text,
          Optional.ofNullable(foodId),
          strained == null ? "" : strained,
          Boolean.TRUE.equals(off),
          Boolean.TRUE.equals(shared),
          adjustments == null
              ? List.of()
              : adjustments.stream().map(a -> new Recipe.Adjustment(a.text)).toList());
    }
  }

  /**
   * A bit more or a bit less, decided while cooking.
   *
   * @param text "+2 tbsp", "-20 g"
   */
  public record DraftAdjustment(@NotNull Instant at, @NotNull @Size(max = 100) String text) {}

  /**
   * @param pieces that came out, those thrown away included
   * @param left batter left in the bowl: a weight, a measure or pieces, as text
   * @param panFatLeft what stayed in the pan, a weight as text; blank if not measured
   * @param making how the batter became pieces; absent for nothing said
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record DraftGriddle(
      @Nullable Integer pieces,
      int discarded,
      @NotNull Portioning portioning,
      @NotNull @Size(max = 100) String left,
      @NotNull @Valid DraftLine panFat,
      @NotNull @Size(max = 100) String panFatLeft,
      @Nullable @Valid DraftMaking making) {
    /** Pieces that were counted, and nothing else said. */
    public DraftGriddle(
        Integer pieces,
        int discarded,
        Portioning portioning,
        String left,
        DraftLine panFat,
        String panFatLeft) {
      this(pieces, discarded, portioning, left, panFat, panFatLeft, null);
    }
  }

  /**
   * How a preparation ends.
   *
   * @param role what it does in a batter
   * @param liquid poured rather than filled
   * @param weight of all of it, a weight as text; blank for the sum of what went in
   * @param cupWeighs what one cup of it weighs, a weight as text; blank if not known
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record DraftPreparation(
      @NotNull Role role,
      boolean liquid,
      @NotNull @Size(max = 100) String weight,
      @NotNull @Size(max = 100) String cupWeighs) {}

  /**
   * @param pieces in a serving
   * @param amount of a serving otherwise than by pieces: "150 g", "serves 4"; absent for by pieces
   * @param others further kinds of serving of the same batch; absent for none
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record DraftPlate(
      @Nullable Double pieces,
      @NotNull @Size(max = MOST_LINES) List<@NotNull @Valid DraftLine> toppings,
      @Nullable @Size(max = 100) String amount,
      @Nullable @Size(max = MOST_HELPINGS) List<@NotNull @Valid DraftHelping> others) {
    /** By pieces, and one kind of serving. */
    public DraftPlate(Double pieces, List<DraftLine> toppings) {
      this(pieces, toppings, null, null);
    }
  }

  /**
   * A further kind of serving.
   *
   * @param name whose it is: "child"
   * @param amount pieces, a weight or a share, as text
   * @param toppings instead of the plate's; absent for the same
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record DraftHelping(
      @NotNull @Size(max = 60) String name,
      @NotNull @Size(max = 100) String amount,
      @Nullable @Size(max = MOST_LINES) List<@NotNull @Valid DraftLine> toppings) {}

  /**
   * Makes sure that each line has an identity of its own.
   *
   * @throws ProblemException if two share one
   */
  public void check() {
    Set<String> seen = new HashSet<>();
    lines()
        .filter(line -> !seen.add(line.id()))
        .findFirst()
        .ifPresent(
            line -> {
              throw Problem.badInput(
                  "id",
                  line.id(),
                  "Two lines have the identity “" + line.id() + "”.",
                  "an identity of its own for each line");
            });
  }

  /** All its lines, in the order of the work. */
  private Stream<DraftLine> lines() {
    Stream<DraftLine> others =
        plate.others == null
            ? Stream.empty()
            : plate.others.stream()
                .filter(other -> other.toppings != null)
                .flatMap(other -> other.toppings.stream());
    return Stream.of(
            bowl.stream(),
            Stream.of(griddle.panFat),
            making().fats().stream(),
            plate.toppings.stream(),
            others)
        .flatMap(lines -> lines);
  }

  private DraftMaking making() {
    return griddle.making == null ? DraftMaking.NOT_SAID : griddle.making;
  }

  /**
   * The draft as the core takes it.
   *
   * @throws ProblemException if two lines share an identity
   */
  public Recipe recipe() {
    return recipe(Optional.empty(), Optional.empty());
  }

  /**
   * The draft as the core takes it.
   *
   * @param self identity of the food that it is, where it is a preparation
   * @param habit what earlier mornings of it showed
   * @throws ProblemException if two lines share an identity
   */
  public Recipe recipe(Optional<String> self, Optional<Recipe.Habit> habit) {
    check();
    return new Recipe(
        system,
        bowl.stream().map(DraftLine::line).toList(),
        new Recipe.AtTheGriddle(
            Optional.ofNullable(griddle.pieces),
            griddle.discarded,
            griddle.portioning,
            griddle.left,
            Optional.of(griddle.panFat.line()),
            griddle.panFatLeft,
            making().making(kind, habit)),
        onThePlate(),
        kind == Kind.PREPARATION
            ? Optional.of(
                preparation == null
                    ? new Recipe.Finish("", "")
                    : new Recipe.Finish(preparation.weight, preparation.cupWeighs))
            : Optional.empty(),
        self);
  }

  private Recipe.OnThePlate onThePlate() {
    return new Recipe.OnThePlate(
        Optional.ofNullable(plate.pieces),
        plate.toppings.stream().map(DraftLine::line).toList(),
        text(plate.amount),
        plate.others == null
            ? List.of()
            : plate.others.stream()
                .map(
                    other ->
                        new Recipe.Helping(
                            other.name,
                            other.amount,
                            Optional.ofNullable(other.toppings)
                                .map(lines -> lines.stream().map(DraftLine::line).toList())))
                .toList());
  }

  static String text(String said) {
    return said == null ? "" : said;
  }

  /** The same draft with the texts and counts of a recipe that was written anew from it. */
  public Draft written(Recipe anew) {
    return new Draft(
        kind,
        system,
        written(bowl, anew.bowl()),
        new DraftGriddle(
            anew.griddle().pieces().orElse(null),
            anew.griddle().discarded(),
            griddle.portioning,
            anew.griddle().left(),
            anew.griddle().panFat().map(griddle.panFat::written).orElse(griddle.panFat),
            anew.griddle().panFatLeft(),
            griddle.making == null ? null : griddle.making.written(anew.griddle().making())),
        new DraftPlate(
            plate.pieces,
            written(plate.toppings, anew.plate().toppings()),
            plate.amount,
            plate.others),
        goalSetId,
        preparation,
        method);
  }

  static List<DraftLine> written(List<DraftLine> lines, List<Recipe.Line> anew) {
    return IntStream.range(0, lines.size())
        .mapToObj(i -> lines.get(i).written(anew.get(i)))
        .toList();
  }
}
