package honeststack.core.measure;

import java.util.Objects;

/** The three tables that measuring rests on, as of one moment. */
public record Tables(Uncertainties uncertainties, UsualAmounts usual, Factors factors) {
  public Tables {
    Objects.requireNonNull(uncertainties, "uncertainties");
    Objects.requireNonNull(usual, "usual");
    Objects.requireNonNull(factors, "factors");
  }
}
