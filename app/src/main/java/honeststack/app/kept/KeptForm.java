package honeststack.app.kept;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.core.estimate.Distribution;
import honeststack.core.estimate.Identity.Aspect;
import honeststack.core.estimate.Identity.Field;
import honeststack.core.food.Added;
import honeststack.core.food.Allergen;
import honeststack.core.food.Component;
import honeststack.core.food.Origin;
import honeststack.core.food.Provenance;
import honeststack.core.food.Role;
import honeststack.core.recipe.LineReading.Offer;
import honeststack.core.recipe.LineReading.Said;
import honeststack.core.recipe.Station;
import honeststack.core.wording.Refusal;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A reading as it is kept. What is kept once must be readable for ever: fields may be added, never
 * renamed or taken away; anything else makes another format.
 *
 * @param format {@value #FORMAT}
 * @param alcoholKept absent for all of it
 * @param alcoholKeptU its standard uncertainty; absent for none
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
@JsonIgnoreProperties(ignoreUnknown = true)
record KeptForm(
    int format,
    List<SourceForm> sources,
    List<FoodForm> foods,
    List<LineForm> lines,
    List<MeasuredForm> batter,
    PanForm pan,
    List<PanForm> morePans,
    GriddleForm griddle,
    OutcomeForm outcome,
    PlateForm plate,
    List<HelpingForm> others,
    FinishedForm finished,
    Double alcoholKept,
    Double alcoholKeptU,
    List<GapForm> gaps,
    List<StepForm> steps,
    List<ProblemForm> problems,
    List<String> findings,
    List<String> without) {

  static final int FORMAT = 1;

  /** The kinds of identity that a source in a book can have. */
  enum Kind {
    CALIBRATION,
    HOUSEHOLD,
    OWN,
    LINE,
    FIELD,
    PIECES
  }

  /**
   * A source.
   *
   * @param of instrument, food, or line, as the kind has it
   * @param measure of a household weight; the unit of an own one
   * @param batch version of a preparation; absent for the recipe's own batch
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  @JsonIgnoreProperties(ignoreUnknown = true)
  record SourceForm(
      Kind kind,
      String of,
      String measure,
      String packing,
      Field field,
      String batch,
      Integer adjustment,
      Integer term,
      Aspect aspect,
      Distribution shape,
      String words) {}

  /**
   * A value with its sensitivities.
   *
   * @param p places of its sources
   * @param s a sensitivity for each
   */
  record EstimateForm(double v, int[] p, double[] s) {}

  /** A food with its composition as it was: each value with its standard uncertainty. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  @JsonIgnoreProperties(ignoreUnknown = true)
  record FoodForm(
      String id,
      String name,
      Role role,
      boolean liquid,
      int revision,
      double doubt,
      Map<Component, double[]> per100g,
      Set<Allergen> allergens,
      Set<Allergen> mayContain,
      Set<Origin> origins,
      Set<Added> added,
      Provenance provenance) {}

  /**
   * @param food its place in the foods
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  @JsonIgnoreProperties(ignoreUnknown = true)
  record MeasuredForm(String id, int food, EstimateForm mass, List<MeasuredForm> parts) {}

  /** A line: understood where it has a mass, refused where it has a refusal. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  @JsonIgnoreProperties(ignoreUnknown = true)
  record LineForm(
      String id,
      Station station,
      String text,
      boolean off,
      boolean optional,
      boolean general,
      Integer food,
      Said said,
      EstimateForm mass,
      List<AdjustedForm> adjusted,
      List<String> unused,
      String check,
      String assumed,
      String rest,
      Double tablespoon,
      String would,
      Refusal refusal,
      List<Offer> nearest) {}

  /** A change while cooking. */
  record AdjustedForm(String words, EstimateForm mass) {}

  /** The fat in the pan. */
  record PanForm(MeasuredForm in, MeasuredForm taken, boolean assumed) {}

  /**
   * What came out.
   *
   * @param panShare absent where it is one of the pieces
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  @JsonIgnoreProperties(ignoreUnknown = true)
  record GriddleForm(
      int pieces,
      int discarded,
      double variation,
      EstimateForm left,
      EstimateForm pieceShare,
      EstimateForm panShare,
      Boolean predicted,
      EstimateForm cookedPiece,
      Boolean weighed,
      Integer later) {}

  /** What is known of the yield beside the count. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  @JsonIgnoreProperties(ignoreUnknown = true)
  record OutcomeForm(
      EstimateForm volume, PortionForm portion, EstimateForm predicted, BalanceForm balance) {}

  /** What goes into one piece. */
  record PortionForm(EstimateForm grams, EstimateForm millilitres, String words) {}

  /** Where the batter went. */
  record BalanceForm(
      EstimateForm batter,
      EstimateForm inPieces,
      EstimateForm left,
      EstimateForm spilled,
      EstimateForm tasted) {}

  /** What is served. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  @JsonIgnoreProperties(ignoreUnknown = true)
  record PlateForm(
      double pieces,
      List<MeasuredForm> toppings,
      EstimateForm batterShare,
      EstimateForm panShare) {}

  /**
   * A further kind of serving.
   *
   * @param missing absent where its toppings are those of the plate
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  @JsonIgnoreProperties(ignoreUnknown = true)
  record HelpingForm(String name, PlateForm plate, List<GapForm> missing) {}

  /** What became of a preparation. */
  record FinishedForm(List<MeasuredForm> parts, EstimateForm weight) {}

  /** Something that is not in the numbers. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record GapForm(Station station, MeasuredForm most) {}

  /** Something to measure better. */
  record StepForm(String words, double stays, List<Integer> sources) {}

  /** Something wrong in a field. */
  record ProblemForm(String field, Refusal refusal) {}
}
