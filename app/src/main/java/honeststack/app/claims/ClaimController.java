package honeststack.app.claims;

import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.app.draft.Draft;
import honeststack.app.figures.FiguresService;
import honeststack.app.problem.Problem;
import honeststack.core.claim.Claim;
import honeststack.core.claim.Claim.Held;
import honeststack.core.claim.Claim.Standing;
import honeststack.core.claim.Claim.Stated;
import honeststack.core.claim.LabelWord;
import honeststack.core.claim.Rounding;
import honeststack.core.claim.Worded;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Measurand;
import honeststack.core.goal.Verdict;
import honeststack.core.line.NumberText;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.wording.RefusedException;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Claims: do they agree with themselves, and with what was measured? */
@RestController
@RequestMapping("/api/claims")
class ClaimController {
  private final FiguresService figures;

  ClaimController(FiguresService figures) {
    this.figures = figures;
  }

  /**
   * One stated figure.
   *
   * @param value as it was stated: "95", "9,5"
   */
  record StatedForm(@NotNull @Size(max = 40) String tag, @NotNull @Size(max = 40) String value) {}

  /**
   * @param draft what it is said of; absent for a claim without a recipe
   */
  record ClaimRequest(
      @Nullable @Valid Draft draft,
      @NotNull Basis basis,
      @NotNull Rounding rounding,
      @NotEmpty @Size(max = 40) List<@NotNull @Valid StatedForm> stated) {}

  /**
   * A stated figure and how it stands.
   *
   * @param low what it may have been before it was rounded, at least
   * @param would what would have to be true for it
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record HeldAnswer(
      String tag,
      String words,
      String unit,
      double stated,
      double value,
      double low,
      double high,
      Standing standing,
      double off,
      List<String> would) {}

  /**
   * @param words the answer first
   * @param contradictions what in the claim cannot be, whatever the recipe
   */
  record ClaimAnswer(String words, List<String> contradictions, List<HeldAnswer> held) {}

  @PostMapping
  ClaimAnswer claim(
      @Valid @RequestBody ClaimRequest request, @RequestParam(required = false) String recipe) {
    Claim claim =
        new Claim(request.rounding(), request.stated().stream().map(ClaimController::of).toList());
    List<HeldAnswer> held =
        request.draft() == null
            ? List.of()
            : held(claim, figures.read(request.draft(), Optional.ofNullable(recipe)), request);
    return new ClaimAnswer(words(claim, held), claim.contradictions(), held);
  }

  /**
   * @param waffles whether the United States' reference amount is that of waffles
   */
  record WordsRequest(@NotNull @Valid Draft draft, boolean waffles) {}

  /**
   * Words of a claim and how they stand.
   *
   * @param rule the paragraph that asks for it
   * @param stands the verdict in words
   */
  record WordsAnswer(
      String words,
      String rule,
      boolean unitedStates,
      Verdict verdict,
      String stands,
      String reason) {}

  /** Words of claims held against the pieces as cooked, without toppings. */
  @PostMapping("/words")
  List<WordsAnswer> words(
      @Valid @RequestBody WordsRequest request, @RequestParam(required = false) String recipe) {
    double amount = request.waffles() ? LabelWord.US_WAFFLES : LabelWord.US_PANCAKES;
    List<Worded> held =
        Worded.of(figures.read(request.draft(), Optional.ofNullable(recipe)), amount);
    if (held.isEmpty()) {
      throw Problem.conflict("There are no figures of 100 g cooked yet: pieces are not said.");
    }
    return held.stream()
        .map(
            one ->
                new WordsAnswer(
                    one.words(),
                    one.rule(),
                    one.unitedStates(),
                    one.verdict(),
                    one.verdict().words(),
                    one.reason()))
        .toList();
  }

  private static List<HeldAnswer> held(Claim claim, RecipeReading reading, ClaimRequest request) {
    List<Held> held = claim.against(reading, request.basis());
    if (held.isEmpty()) {
      throw Problem.conflict("There is no such figure yet: pieces or a serving are not said.");
    }
    return held.stream()
        .map(
            one ->
                new HeldAnswer(
                    one.stated().measurand().tag(),
                    one.stated().measurand().words(),
                    one.stated().measurand().unit(),
                    one.stated().value(),
                    one.measured().value(),
                    one.measured().low(),
                    one.measured().high(),
                    one.standing(),
                    one.off(),
                    one.would()))
        .toList();
  }

  private static String words(Claim claim, List<HeldAnswer> held) {
    List<String> wrong =
        held.stream()
            .filter(one -> one.standing() == Standing.NOT_POSSIBLE)
            .map(HeldAnswer::words)
            .toList();
    boolean open = held.stream().anyMatch(one -> one.standing() == Standing.CANNOT_BE_TOLD);
    if (!wrong.isEmpty()) {
      return "Not possible as measured: " + String.join(", ", wrong) + ".";
    }
    if (!claim.contradictions().isEmpty()) {
      return "It contradicts itself.";
    }
    return held.isEmpty()
        ? "Its figures agree with each other."
        : open
            ? "Nothing speaks against it, but not all of it can be told."
            : "All of it is possible as measured.";
  }

  private static Stated of(StatedForm form) {
    Measurand measurand =
        Measurand.tagged(form.tag())
            .orElseThrow(
                () ->
                    Problem.badInput(
                        "stated",
                        form.tag(),
                        "“" + form.tag() + "” is no figure.",
                        "one of " + Measurand.values()));
    try {
      String text = form.value().strip();
      int point = Math.max(text.lastIndexOf('.'), text.lastIndexOf(','));
      int decimals = point < 0 ? 0 : Math.min(6, text.length() - point - 1);
      return new Stated(measurand, NumberText.read(text), decimals);
    } catch (RefusedException refused) {
      throw Problem.badInput("stated." + form.tag(), refused.refusal().offending(), refused);
    } catch (IllegalArgumentException beyond) {
      throw Problem.badInput(
          "stated." + form.tag(), form.value(), beyond.getMessage() + ".", "0 to 1000000");
    }
  }
}
