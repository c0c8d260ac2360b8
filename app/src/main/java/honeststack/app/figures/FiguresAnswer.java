package honeststack.app.figures;

import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.core.estimate.Bound;
import honeststack.core.estimate.Source;
import honeststack.core.food.Component;
import honeststack.core.food.Provenance;
import honeststack.core.goal.Verdict;
import honeststack.core.measure.Refusal;
import honeststack.core.serving.Basis;
import honeststack.core.serving.Figures.Station;
import jakarta.annotation.Nullable;
import java.util.List;

/**
 * All that the bench shows of a draft. The matrix is {@code rows} × {@code components}; the budget
 * of a figure names its sources by their place in {@code sources}.
 *
 * @param without what is not in the numbers, in a few words each
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record FiguresAnswer(
    List<LineAnswer> lines,
    Range batterMass,
    MakeupAnswer makeup,
    Range batterShare,
    List<ComponentAnswer> components,
    List<SourceAnswer> sources,
    List<RowAnswer> rows,
    List<FigureAnswer> figures,
    List<FieldProblemAnswer> problems,
    List<String> findings,
    List<String> without,
    List<JudgementAnswer> judgements,
    String energySchool,
    String carbohydrateSchool) {

  /** A value with its shown range, value ± 2u, never below 0. */
  public record Range(double value, double u, double low, double high) {}

  /**
   * How wet the batter is.
   *
   * @param water g in 100 g; absent where it is not known
   * @param liquidPerFlour g for each g; absent without a flour or a liquid, or while something is
   *     not measured
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record MakeupAnswer(@Nullable Range water, @Nullable Range liquidPerFlour) {}

  /** A component, in the order of the matrix. */
  public record ComponentAnswer(Component tag, String words, String unit) {}

  /** A source of uncertainty. */
  public record SourceAnswer(String key, Source.Scope scope, String words) {}

  /**
   * One line that is not blank: understood (with grams), not measured, or refused (with a problem).
   *
   * @param off left out this time, and not in the numbers
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record LineAnswer(
      String id,
      Station station,
      boolean off,
      @Nullable UnderstoodAnswer understood,
      @Nullable NotMeasuredAnswer notMeasured,
      @Nullable Refusal problem,
      List<FoodName> nearest) {}

  /**
   * @param amount amount and unit in words
   * @param general the name was a general one, taken for this food
   * @param grams as made, changes while cooking included
   * @param unused words that were not used
   * @param rest the line without its amount, as written
   * @param filled a cup or spoon that could be weighed once, to keep what it weighs
   * @param packable it matters how its cup was filled
   * @param check where another amount of the line disagrees, a sentence; empty for none
   */
  public record UnderstoodAnswer(
      String amount,
      String packing,
      String foodId,
      String food,
      boolean general,
      Range grams,
      List<String> allergens,
      Provenance provenance,
      boolean optional,
      List<AdjustedAnswer> adjusted,
      List<String> unused,
      String check,
      String rest,
      boolean filled,
      boolean packable) {}

  /** A change of a line while cooking, in grams; below 0 where less was taken. */
  public record AdjustedAnswer(String words, double grams) {}

  /**
   * A line that names a food and measures nothing of it.
   *
   * @param would what measuring it would add, a sentence
   */
  public record NotMeasuredAnswer(
      String foodId, String food, boolean general, boolean optional, String would) {}

  /** A food that can be picked. */
  public record FoodName(String id, String name) {}

  /**
   * What one measured food brings to a serving, one value for each component; null where the food's
   * composition does not know it.
   *
   * @param shares of the serving's figure, 0 to 1
   * @param per100g of the food, as its composition revision has it
   */
  public record RowAnswer(
      String lineId,
      Station station,
      String food,
      double grams,
      List<Double> values,
      List<Double> u,
      List<Double> shares,
      List<Double> per100g) {}

  /**
   * One figure.
   *
   * @param formula where it comes from, in words with the numbers
   * @param sources places in the answer's list of sources, largest share first
   * @param shares of u², 0 to 1; shares under one in a thousand are left out
   * @param next what to measure better first; absent if nothing helps
   * @param bestU standard uncertainty if everything were weighed
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record FigureAnswer(
      Basis basis,
      Component component,
      double value,
      double u,
      double low,
      double high,
      Bound bound,
      String formula,
      List<Integer> sources,
      List<Double> shares,
      @Nullable NextAnswer next,
      double bestU) {}

  /**
   * The single thing whose better measuring narrows a figure most.
   *
   * @param words "weigh the rye flour"
   * @param u the figure's standard uncertainty then
   */
  public record NextAnswer(String words, double u) {}

  /**
   * A verdict on one goal of the chosen set.
   *
   * @param reason one sentence
   * @param better what to measure better; absent if the verdict is clear
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record JudgementAnswer(
      Component component,
      @Nullable Double lower,
      @Nullable Double upper,
      Verdict verdict,
      String words,
      double probability,
      String reason,
      @Nullable String better) {}

  /** Something wrong in a field that is not a line. */
  public record FieldProblemAnswer(
      String field, String offending, String problem, String accepted) {}
}
