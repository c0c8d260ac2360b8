package honeststack.core.claim;

import honeststack.core.claim.Rounding.Span;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Figure;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.recipe.Station;
import honeststack.core.wording.Numbers;
import honeststack.core.wording.Say;
import honeststack.core.yield.Griddle;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Figures that somebody states, held against a recipe as measured, and against each other. */
public final class Claim {
  private static final String ENERGY = "ENERC";
  private static final String CARBOHYDRATE = "CHOCDF";

  /**
   * Sugars are measured, carbohydrate is a difference: in tables of milk they are up to 5 % more
   * (common practice).
   */
  private static final double SLACK = 1.05;

  private final Rounding rounding;
  private final Map<Measurand, Stated> stated = new LinkedHashMap<>();

  /**
   * One stated figure.
   *
   * @param value 0 or more, in the measurand's unit
   * @param decimals digits after the point as written
   */
  public record Stated(Measurand measurand, double value, int decimals) {
    public Stated {
      if (!(value >= 0 && value <= 1e6)) {
        throw new IllegalArgumentException("Nobody states " + value);
      }
    }
  }

  /** How a stated figure stands. */
  public enum Standing {
    POSSIBLE,
    NOT_POSSIBLE,
    /** Something is not in the numbers. */
    CANNOT_BE_TOLD
  }

  /**
   * A stated figure held against the measured one.
   *
   * @param off how far the nearest value it allows lies outside of the measured range, 0 for inside
   * @param would what would have to be true for it, in sentences; none where it is possible
   */
  public record Held(
      Stated stated, Figure measured, Standing standing, double off, List<String> would) {}

  public Claim(Rounding rounding, List<Stated> all) {
    this.rounding = rounding;
    all.forEach(one -> stated.put(one.measurand(), one));
  }

  private Span span(Stated one) {
    return rounding.before(one.measurand(), one.value(), one.decimals());
  }

  /** Held against a recipe; none while the basis has no figures. */
  public List<Held> against(RecipeReading reading, Basis basis) {
    Figures figures = Figures.of(reading, Measurand.values());
    List<Held> held = new ArrayList<>();
    if (figures.on(basis).isEmpty()) {
      return held;
    }
    for (Stated one : stated.values()) {
      Figure measured = figures.figure(basis, one.measurand());
      Span span = span(one);
      Standing standing = standing(measured, span);
      double off =
          Math.max(0, Math.max(span.low() - measured.high(), measured.low() - span.high()));
      held.add(
          new Held(
              one,
              measured,
              standing,
              off,
              standing == Standing.NOT_POSSIBLE ? would(figures, basis, one, span) : List.of()));
    }
    return held;
  }

  private static Standing standing(Figure measured, Span span) {
    if (span.touches(measured.low(), measured.high())) {
      return Standing.POSSIBLE;
    }
    boolean mayBeMore = measured.missing().more() > 0 && span.low() > measured.high();
    boolean mayBeLess = measured.missing().less() > 0 && span.high() < measured.low();
    return mayBeMore || mayBeLess ? Standing.CANNOT_BE_TOLD : Standing.NOT_POSSIBLE;
  }

  /** Single things that would make it so. */
  private static List<String> would(Figures figures, Basis basis, Stated one, Span span) {
    List<String> would = new ArrayList<>();
    Figure measured = figures.figure(basis, one.measurand());
    RecipeReading reading = figures.reading();
    otherSchool(figures, basis, one, span).ifPresent(would::add);
    Optional<Griddle> griddle = reading.griddle();
    double plate = brought(figures, basis, one, Station.PLATE);
    double pieces = measured.value() - plate;
    double wanted = (span.low() + span.high()) / 2 - plate;
    if (griddle.isPresent() && one.measurand().isAdditive() && wanted > 0 && pieces > 0) {
      would.add(
          Say.of(
              "It would be so if the same batter made %s pieces instead of %s.",
              Numbers.figure(griddle.get().count() * pieces / wanted),
              Numbers.count(griddle.get().count())));
    } else if (plate > span.high()) {
      would.add(Say.of("The toppings alone bring %s.", Numbers.figure(plate)));
    }
    without(figures, basis, one, span).ifPresent(would::add);
    return would;
  }

  private static Optional<String> otherSchool(Figures figures, Basis basis, Stated one, Span span) {
    List<String> others =
        switch (one.measurand().tag()) {
          case CARBOHYDRATE -> List.of("CARBOHYDRATE_AVAILABLE", "CARBOHYDRATE_NET");
          case ENERGY -> List.of("ENERGY_GENERAL", "ENERGY_EU");
          default -> List.of();
        };
    for (String tag : others) {
      Measurand other = Measurand.tagged(tag).orElseThrow();
      Figure figure = figures.figure(basis, other);
      if (span.touches(figure.low(), figure.high())) {
        return Optional.of(
            Say.of(
                "It would be so as %s: %s %s.",
                other.words(), Numbers.figure(figure.value()), other.unit()));
      }
    }
    return Optional.empty();
  }

  /** What a station brings to a serving of something that adds up. */
  private static double brought(Figures figures, Basis basis, Stated one, Station station) {
    if (basis != Basis.AS_SERVED) {
      return 0;
    }
    return figures.partsOf(List.of(one.measurand())).stream()
        .filter(part -> part.station() == station && !Double.isNaN(part.values()[0]))
        .mapToDouble(part -> part.values()[0])
        .sum();
  }

  /** Pan fat and toppings that were forgotten. */
  private static Optional<String> without(Figures figures, Basis basis, Stated one, Span span) {
    if (basis != Basis.AS_SERVED || !one.measurand().isAdditive()) {
      return Optional.empty();
    }
    double pan = brought(figures, basis, one, Station.PAN);
    double plate = brought(figures, basis, one, Station.PLATE);
    Figure measured = figures.figure(basis, one.measurand());
    String[] words = {"pan fat", "toppings", "pan fat and toppings"};
    double[] less = {pan, plate, pan + plate};
    for (int i = 0; i < less.length; i++) {
      if (less[i] > 0 && span.touches(measured.low() - less[i], measured.high() - less[i])) {
        return Optional.of("It would be so without the " + words[i] + ".");
      }
    }
    return Optional.empty();
  }

  /** What in it cannot be, whatever the recipe; none if its figures agree with each other. */
  public List<String> contradictions() {
    List<String> said = new ArrayList<>();
    within(said, "SUGAR", CARBOHYDRATE);
    within(said, "FIBTG", CARBOHYDRATE);
    within(said, "FASAT", "FAT");
    within(said, "SUGAD", "SUGAR");
    energy(said);
    return said;
  }

  private Optional<Stated> of(String tag) {
    return Measurand.tagged(tag).map(stated::get);
  }

  private void within(List<String> said, String part, String whole) {
    Optional<Stated> a = of(part);
    Optional<Stated> b = of(whole);
    if (a.isPresent() && b.isPresent() && span(a.get()).low() > SLACK * span(b.get()).high()) {
      said.add(
          Say.of(
              "%s g of %s do not fit into %s g of %s.",
              Numbers.figure(a.get().value()),
              a.get().measurand().words(),
              Numbers.figure(b.get().value()),
              b.get().measurand().words()));
    }
  }

  /** Energy from its parts, in the widest of the schools that are in use. */
  private void energy(List<String> said) {
    Optional<Stated> energy = of(ENERGY);
    Optional<Stated> protein = of("PROCNT");
    Optional<Stated> fat = of("FAT");
    Optional<Stated> carbohydrate = of(CARBOHYDRATE);
    if (energy.isEmpty() || protein.isEmpty() || fat.isEmpty() || carbohydrate.isEmpty()) {
      return;
    }
    Span p = span(protein.get());
    Span f = span(fat.get());
    Span c = span(carbohydrate.get());
    double fibre = of("FIBTG").map(one -> span(one).high()).orElse(c.high() / 2);
    // Fibre inside counts 0 to 4, fibre beside it up to 2 more; specific factors differ by 5 %.
    double low = 0.95 * (4 * p.low() + 9 * f.low() + 4 * c.low() - 4 * Math.min(fibre, c.low()));
    double high = 1.05 * (4 * p.high() + 9 * f.high() + 4 * c.high() + 2 * fibre);
    Span e = span(energy.get());
    if (e.high() < low || e.low() > high) {
      said.add(
          Say.of(
              "%s kcal do not go with these parts: by any school they give %.0f to %.0f kcal"
                  + " (alcohol and polyols aside).",
              Numbers.figure(energy.get().value()), low, high));
    }
  }
}
