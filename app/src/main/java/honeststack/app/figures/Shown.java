package honeststack.app.figures;

import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import honeststack.core.figures.Measurand;
import honeststack.core.figures.School;
import jakarta.annotation.Nullable;
import jakarta.validation.constraints.Size;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;

/**
 * Which figures are shown: the tally's, counted as one school does, and others behind them.
 *
 * @param also tags of figures beside those of the tally; absent for none
 * @param energy how energy is counted; absent for the tables' own factors
 * @param carbohydrate what counts as carbohydrate; absent for all of it, fibre included
 * @param pictured tags of those whose parts are sent, line by line; absent for all that are shown
 */
public record Shown(
    @Nullable @Size(max = MOST) List<String> also,
    @Nullable School.Energy energy,
    @Nullable School.Carbohydrate carbohydrate,
    @Nullable @Size(max = MOST) List<String> pictured) {
  static final int MOST = 40;

  /** The tally as the tables of foods count, and nothing else. */
  public static final Shown TALLY = new Shown(null, null, null, null);

  /** The tally, and others behind it. */
  public static Shown also(List<String> tags) {
    return new Shown(tags, null, null, null);
  }

  /** How energy and carbohydrate are counted. */
  public School school() {
    return new School(
        Objects.requireNonNullElse(energy, School.USUAL.energy()),
        Objects.requireNonNullElse(carbohydrate, School.USUAL.carbohydrate()));
  }

  /**
   * All that are shown, in their order.
   *
   * @throws ProblemException if a tag is none
   */
  public List<Measurand> measurands() {
    Set<Measurand> shown = new LinkedHashSet<>(school().tally());
    shown.addAll(tagged("also", also == null ? List.of() : also));
    return List.copyOf(shown);
  }

  /**
   * Those of them whose parts are sent; one that is not shown has none, and the first stands in
   * where that leaves nothing.
   *
   * @throws ProblemException if a tag is none
   */
  public List<Measurand> parts() {
    List<Measurand> shown = measurands();
    if (pictured == null) {
      return shown;
    }
    List<Measurand> parts =
        tagged("pictured", pictured).stream().filter(shown::contains).distinct().toList();
    return parts.isEmpty() ? shown.subList(0, 1) : parts;
  }

  private static List<Measurand> tagged(String field, Collection<String> tags) {
    return tags.stream().map(tag -> tagged(field, tag)).toList();
  }

  /**
   * A figure by its tag.
   *
   * @param field where the tag was sent
   * @throws ProblemException if it is none
   */
  static Measurand tagged(String field, String tag) {
    return Measurand.tagged(tag)
        .orElseThrow(
            () ->
                Problem.badInput(
                    field, tag, "“" + tag + "” is no figure.", "one of " + Measurand.values()));
  }
}
