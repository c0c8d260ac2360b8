package honeststack.core.figures;

import honeststack.core.estimate.Bound;
import honeststack.core.food.Component;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.wording.Say;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Whether the energy of the tables agrees with the general factors, and which line makes it not.
 */
public final class EnergyCheck {
  /** Relative; specific factors of usual foods lie within it (common practice). */
  static final double MOST = 0.08;

  private static final Measurand TABLES = Measurand.of(Component.ENERC);
  private static final Measurand GENERAL = Measurand.tagged("ENERGY_GENERAL").orElseThrow();

  private EnergyCheck() {}

  /** A sentence where the two differ by more than 8 %; empty while something is missing. */
  public static Optional<String> of(RecipeReading reading) {
    Figures figures = Figures.of(reading, List.of(TABLES, GENERAL));
    Optional<Basis> basis = figures.partsBasis();
    if (basis.isEmpty()) {
      return Optional.empty();
    }
    Figure tables = figures.figure(basis.get(), TABLES);
    Figure general = figures.figure(basis.get(), GENERAL);
    double differs = general.value() - tables.value();
    boolean known = tables.bound() == Bound.COMPLETE && general.bound() == Bound.COMPLETE;
    if (!known || Math.abs(differs) <= MOST * tables.value()) {
      return Optional.empty();
    }
    return figures.partsOf(List.of(TABLES, GENERAL)).stream()
        .max(Comparator.comparingDouble(part -> Math.signum(differs) * apart(part)))
        .map(part -> words(tables, differs, part, basis.get()));
  }

  private static double apart(Part part) {
    double apart = part.values()[1] - part.values()[0];
    return Double.isNaN(apart) ? 0 : apart;
  }

  private static String words(Figure tables, double differs, Part part, Basis basis) {
    return Say.of(
        "By the general factors (4, 9, 4 and 7 kcal/g) the energy would be %.0f %% %s than by the"
            + " food tables, most of it from %s (%+.0f kcal in %s).",
        100 * Math.abs(differs) / tables.value(),
        differs > 0 ? "more" : "less",
        part.measured().food().name(),
        apart(part),
        basis == Basis.AS_SERVED ? "a serving" : "100 g");
  }
}
