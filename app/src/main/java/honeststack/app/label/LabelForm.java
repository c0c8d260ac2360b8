package honeststack.app.label;

import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import honeststack.core.food.Label;
import honeststack.core.food.LabelLine;
import honeststack.core.food.LabelStyle;
import honeststack.core.line.NumberText;
import honeststack.core.wording.RefusedException;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.EnumMap;
import java.util.Map;

/**
 * A label as typed.
 *
 * @param serving the label's own serving, in {@code servingUnit}: "30"
 * @param servingWeighs g that a serving given in mL weighs; empty if not known
 * @param lines as printed; "<0.5" for less than; blank lines are not printed ones
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record LabelForm(
    @NotNull LabelStyle style,
    @NotNull @Size(max = 40) String serving,
    @NotNull ServingUnit servingUnit,
    @NotNull @Size(max = 40) String servingWeighs,
    @NotNull @Size(max = 20) Map<LabelLine, @NotNull @Size(max = 40) String> lines) {

  /** Density of a drink or a sauce that nobody weighed, g/mL, and its doubt: common practice. */
  private static final double DENSITY = 1.03;

  private static final double DENSITY_DOUBT = 0.03;
  private static final double MOST_SERVING = 5000;

  /** What the label's serving is measured in. */
  public enum ServingUnit {
    GRAM,
    MILLILITRE
  }

  /**
   * The label in numbers.
   *
   * @throws ProblemException if a text is not a number
   */
  public Label label() {
    double amount = number("label.serving", serving);
    double grams = amount;
    double doubt = 0;
    if (servingUnit == ServingUnit.MILLILITRE) {
      boolean weighed = !servingWeighs.isBlank();
      grams = weighed ? number("label.servingWeighs", servingWeighs) : amount * DENSITY;
      doubt = weighed ? 0 : DENSITY_DOUBT;
    }
    if (!(grams > 0 && grams <= MOST_SERVING)) {
      throw Problem.badInput(
          "label.serving",
          serving,
          "A serving of “" + serving + "” cannot be.",
          "more than 0, up to 5000");
    }
    Map<LabelLine, Label.Value> values = new EnumMap<>(LabelLine.class);
    lines.forEach(
        (line, text) -> {
          if (!text.isBlank()) {
            values.put(line, value("label.lines." + line, text.strip()));
          }
        });
    return new Label(style, grams, doubt, values);
  }

  /** Whether the weight of the serving is a guess. */
  public boolean guessesWeight() {
    return servingUnit == ServingUnit.MILLILITRE && servingWeighs.isBlank();
  }

  private static Label.Value value(String field, String text) {
    boolean below = text.startsWith("<");
    return new Label.Value(number(field, below ? text.substring(1) : text), below);
  }

  private static double number(String field, String text) {
    try {
      return NumberText.read(text);
    } catch (RefusedException refused) {
      throw Problem.badInput(field, text, refused);
    }
  }
}
