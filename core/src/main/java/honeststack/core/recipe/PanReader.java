package honeststack.core.recipe;

import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity.Field;
import honeststack.core.estimate.SourceBook;
import honeststack.core.recipe.Recipe.AtTheGriddle;
import honeststack.core.recipe.Recipe.Line;
import honeststack.core.wording.Say;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What went into the pan, and what stayed there. */
final class PanReader {
  /** A pan that nothing goes into: said, so nothing is missing. */
  private static final Pattern NO_FAT =
      Pattern.compile(
          "\\s*(?:none|nothing|dry|(?:in )?a? ?dry pan|non-?stick(?: pan)?|no (?:fat|oil|butter)"
              + "(?: at all)?|without(?: any)? fat)[.!]?\\s*",
          Pattern.CASE_INSENSITIVE);

  private final Recipe recipe;
  private final Measuring measuring;
  private final Fields fields;
  private final SourceBook book;

  /** Measures what goes into the pan for so many pieces; empty if it cannot be counted. */
  interface Measuring {
    Optional<MeasuredFood> pan(Line line, int pieces);
  }

  PanReader(Recipe recipe, Measuring measuring, Fields fields, SourceBook book) {
    this.recipe = recipe;
    this.measuring = measuring;
    this.fields = fields;
    this.book = book;
  }

  /**
   * @param pieces that were or will be cooked; 0 if that is not known
   */
  List<PanFat> read(int pieces) {
    AtTheGriddle stated = recipe.griddle();
    boolean none =
        stated.panFat().filter(line -> NO_FAT.matcher(line.text()).matches()).isPresent();
    List<Line> said =
        Stream.concat(
                none ? Stream.empty() : stated.panFat().stream(),
                stated.making().moreFat().stream())
            .filter(line -> !line.isBlank())
            .toList();
    List<MeasuredFood> in = new ArrayList<>();
    for (Line line : said) {
      measuring.pan(line, pieces).map(this::everyRound).ifPresent(in::add);
    }
    List<PanFat> fats = fats(in, stated.panFatLeft());
    boolean counts = said.stream().anyMatch(line -> !line.off());
    boolean cooks = pieces > 0 || recipe.finish().isPresent();
    if (!none && !counts && pieces > 0 && recipe.finish().isEmpty()) {
      fields.found("No pan fat is in the numbers.");
      fields.without().add("pan fat");
    }
    for (PanFat fat : fats) {
      if (fat.assumed() && cooks) {
        fields.found("In the pan: " + fat.in().food().name() + ". " + Sentences.staysInThePan(fat));
      }
    }
    return fats;
  }

  /** A fat that goes into the pan anew for every round. */
  private MeasuredFood everyRound(MeasuredFood once) {
    int rounds = recipe.griddle().making().rounds();
    return rounds > 1 ? once.weighing(once.mass().times(rounds)) : once;
  }

  private List<PanFat> fats(List<MeasuredFood> in, String leftText) {
    Optional<Estimate> left = in.isEmpty() ? Optional.empty() : left(in, leftText);
    if (left.isEmpty()) {
      return in.stream().map(fat -> PanFat.leftNotMeasured(fat, book)).toList();
    }
    Estimate all = RecipeReading.mass(in);
    return in.stream()
        .map(
            fat ->
                PanFat.of(
                    fat, in.size() == 1 ? left.get() : left.get().times(fat.mass()).dividedBy(all)))
        .toList();
  }

  private Optional<Estimate> left(List<MeasuredFood> in, String leftText) {
    Optional<Estimate> weighed =
        fields.mass("griddle.panFatLeft", leftText, "what stayed in the pan", Field.PAN_FAT_LEFT);
    double all = in.stream().mapToDouble(fat -> fat.mass().value()).sum();
    if (weighed.isPresent() && weighed.get().value() > all) {
      fields.refuse(
          "griddle.panFatLeft",
          leftText,
          Say.of("%s stayed in the pan, but only %.1f g went in.", Say.quoted(leftText), all),
          "no more than went in");
      return Optional.empty();
    }
    return weighed;
  }
}
