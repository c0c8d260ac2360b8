package honeststack.app.figures;

import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.core.estimate.Bound;
import honeststack.core.figures.Basis;
import honeststack.core.food.Provenance;
import honeststack.core.goal.Verdict;
import honeststack.core.keeping.Caution;
import honeststack.core.promise.Promise;
import honeststack.core.promise.Promises.Standing;
import honeststack.core.recipe.LineReading.Offer;
import honeststack.core.recipe.Station;
import jakarta.annotation.Nullable;
import java.util.List;

/**
 * All that the bench shows of a draft; where one figure comes from is asked for on its own ({@link
 * TrailAnswer}).
 *
 * @param measurands in the order of all values below
 * @param offered the bases that have figures
 * @param bases those of them that were asked for
 * @param pictured tags of the figures that the parts are of, in their order
 * @param parts what each line brings to a serving, or to 100 g of a preparation
 * @param without what is not in the numbers, in a few words each
 * @param yield how many pieces and how heavy; absent until they are counted or predicted
 * @param servings further kinds of serving; absent for none
 * @param promises what can be said of it to those who ask; none for an empty recipe
 * @param cautions what to mind in its foods; absent for nothing
 * @param energySchool how energy is counted
 * @param carbohydrateSchool what counts as carbohydrate
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record FiguresAnswer(
    List<LineAnswer> lines,
    Range batterMass,
    MakeupAnswer makeup,
    List<MeasurandAnswer> measurands,
    List<Basis> offered,
    List<BasisAnswer> bases,
    List<String> pictured,
    List<PartAnswer> parts,
    List<FieldProblemAnswer> problems,
    List<String> findings,
    List<String> without,
    List<JudgementAnswer> judgements,
    @Nullable YieldAnswer yield,
    @Nullable List<ServingAnswer> servings,
    List<PromiseAnswer> promises,
    AllergenAnswer allergens,
    @Nullable List<CautionAnswer> cautions,
    String energySchool,
    String carbohydrateSchool) {

  /** A value with its shown range, value ± 2u, never below 0. */
  public record Range(double value, double u, double low, double high) {}

  /**
   * What the batter is like.
   *
   * @param water g in 100 g; absent where it is not known
   * @param liquidPerFlour g for each g; absent without a flour or a liquid, or while something is
   *     not measured
   * @param alcohol g in all of it; absent where there is next to none
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record MakeupAnswer(
      @Nullable Range water, @Nullable Range liquidPerFlour, @Nullable Double alcohol) {}

  /**
   * A promise held against the facts of the foods.
   *
   * @param decides the food or line that decides; absent where none does
   * @param note what has to be said beside it; absent for nothing
   * @param goal whether the chosen goals ask for it; absent for not
   */
  @JsonInclude(JsonInclude.Include.NON_EMPTY)
  public record PromiseAnswer(
      Promise promise,
      String words,
      Standing standing,
      @Nullable String decides,
      @Nullable String note,
      @Nullable Boolean goal) {
    public boolean wanted() {
      return Boolean.TRUE.equals(goal);
    }
  }

  /** Allergens by name. */
  public record AllergenAnswer(List<String> contains, List<String> mayContain) {}

  /** Something to mind, and where it stands. */
  public record CautionAnswer(String words, String basis) {
    public static CautionAnswer of(Caution caution) {
      return new CautionAnswer(caution.words(), caution.basis());
    }
  }

  /**
   * What became of the batter, or is going to. What is absent is not known.
   *
   * @param pieces that came out, as exactly as they are known
   * @param counted whether somebody counted
   * @param predicted how many the portion makes
   * @param portion what goes into one
   * @param volume of all the batter with its air, mL
   * @param cookedPiece what one weighs cooked, g
   * @param yieldFactor cooked over raw mass
   * @param weighed whether cooked pieces were on the scale
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record YieldAnswer(
      Range pieces,
      boolean counted,
      @Nullable Range predicted,
      @Nullable PortionAnswer portion,
      @Nullable Range volume,
      @Nullable BalanceAnswer balance,
      @Nullable Range cookedPiece,
      @Nullable Range yieldFactor,
      boolean weighed) {}

  /**
   * What goes into one piece.
   *
   * @param grams of batter
   * @param millilitres of it
   * @param diameter of the cake that it makes 6 mm thick, mm
   */
  public record PortionAnswer(String words, Range grams, Range millilitres, double diameter) {}

  /**
   * Where the batter went, g each.
   *
   * @param unexplained below 0 where the pieces hold more than there was
   * @param finding whether that is too much to be chance
   */
  public record BalanceAnswer(
      double batter,
      double inPieces,
      double left,
      double spilled,
      double tasted,
      double unexplained,
      double u,
      boolean finding) {}

  /**
   * A further kind of serving.
   *
   * @param pieces about so many
   * @param grams cooked, without toppings; absent where it is not known
   * @param figures in the order of the measurands
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record ServingAnswer(
      String name, double pieces, @Nullable Double grams, List<FigureAnswer> figures) {}

  /**
   * What a figure is about.
   *
   * @param additive the parts of a serving sum to it
   */
  public record MeasurandAnswer(String tag, String words, String unit, boolean additive) {}

  /** All figures of one basis, in the order of the measurands. */
  public record BasisAnswer(Basis basis, List<FigureAnswer> figures) {}

  /**
   * One figure.
   *
   * @param bound which way it may be off because something is missing; absent if nothing is
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record FigureAnswer(
      double value, double u, double low, double high, @Nullable Bound bound) {}

  /** What keeps a line out of the numbers. */
  public enum State {
    NOT_MEASURED,
    REFUSED
  }

  /**
   * One line that is not blank. Texts that are empty are absent.
   *
   * @param off left out this time, and not in the numbers
   * @param amount amount and unit in words
   * @param packing how it was filled
   * @param food what it is taken for
   * @param general the name was a general one, taken for this food
   * @param grams as made, changes while cooking included
   * @param unused words that were not used
   * @param notes what is to be said of it, in sentences
   * @param from where the words begin that are not its amount; absent where they are not in one
   *     piece
   * @param to where they end
   * @param filled a cup or spoon that could be weighed once, to keep what it weighs
   * @param packable it matters how its cup was filled
   * @param would what measuring it would add, a sentence
   * @param problem why it was refused
   * @param accepted what would be understood instead
   * @param nearest foods that could be meant
   */
  @JsonInclude(JsonInclude.Include.NON_EMPTY)
  public record LineAnswer(
      String id,
      Station station,
      @Nullable State state,
      @Nullable Boolean off,
      @Nullable String amount,
      @Nullable String packing,
      @Nullable String foodId,
      @Nullable String food,
      @Nullable Boolean general,
      @Nullable Range grams,
      @Nullable List<String> allergens,
      @Nullable Boolean optional,
      @Nullable List<String> unused,
      @Nullable List<String> alternatives,
      @Nullable List<String> notes,
      @Nullable Integer from,
      @Nullable Integer to,
      @Nullable Boolean filled,
      @Nullable Boolean packable,
      @Nullable String would,
      @Nullable String problem,
      @Nullable String accepted,
      @Nullable List<Offer> nearest,
      @Nullable Boolean several) {}

  /**
   * What one line brings, one value for each pictured figure, rounded for a picture.
   *
   * @param line its place in the answer's lines
   * @param values in each measurand's unit; 0 where it is unknown
   * @param shares of the whole, 0 to 1
   */
  public record PartAnswer(int line, List<Double> values, List<Double> shares) {}

  /**
   * A verdict on one goal of the chosen set.
   *
   * @param wish nice to have, where others must be met
   * @param reason one sentence
   * @param better what to measure better; absent if the verdict is clear
   * @param change what would meet it; absent if it is not missed
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record JudgementAnswer(
      MeasurandAnswer measurand,
      Basis basis,
      boolean wish,
      @Nullable Double lower,
      @Nullable Double upper,
      double value,
      Verdict verdict,
      String words,
      double probability,
      String reason,
      @Nullable String better,
      @Nullable ChangeAnswer change) {}

  /**
   * The smallest single change that would meet a goal.
   *
   * @param pieces in a serving instead; absent if no number of them would do
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record ChangeAnswer(String words, @Nullable Double pieces) {}

  /** Something wrong in a field that is not a line. */
  public record FieldProblemAnswer(
      String field, String offending, String problem, String accepted) {}

  /**
   * Where one figure comes from.
   *
   * @param formula in words with the numbers
   * @param parts what each line brings to a serving, or to 100 g of a preparation
   * @param budget what its range is made of, largest share first; shares under one in a thousand
   *     are left out
   * @param next what to measure better first; absent if nothing helps
   * @param bestU standard uncertainty if everything were weighed
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record TrailAnswer(
      MeasurandAnswer measurand,
      Basis basis,
      FigureAnswer figure,
      String formula,
      List<TrailPart> parts,
      List<BudgetLine> budget,
      @Nullable NextAnswer next,
      double bestU) {}

  /**
   * One line of a trail.
   *
   * @param amount as it was said, with how it was filled; empty for none
   * @param grams in the serving, as measured
   * @param per100g of the food; absent where it is unknown
   * @param value in the serving; absent where it is unknown
   * @param share of the serving's figure
   * @param notes what was taken that the line does not say, in sentences
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record TrailPart(
      String lineId,
      Station station,
      String food,
      String amount,
      double grams,
      @Nullable Double per100g,
      @Nullable Double value,
      double share,
      Provenance provenance,
      List<String> notes) {}

  /** A share of u², 0 to 1. */
  public record BudgetLine(String words, double share) {}

  /**
   * The single thing whose better measuring narrows a figure most.
   *
   * @param words "weigh the rye flour"
   * @param u the figure's standard uncertainty then
   */
  public record NextAnswer(String words, double u) {}
}
