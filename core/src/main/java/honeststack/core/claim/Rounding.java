package honeststack.core.claim;

import honeststack.core.figures.Measurand;
import java.util.List;
import java.util.Map;

/**
 * How a stated figure was rounded. United States: 21 CFR 101.9(c)(1) to (c)(8). European Union: the
 * Commission's guidance of December 2012 on tolerances, table 4 (from memory).
 */
public enum Rounding {
  /** As it stands, to its last digit. */
  AS_WRITTEN,
  UNITED_STATES,
  EUROPEAN_UNION;

  /**
   * One band of a rule.
   *
   * @param from the least value that is rounded so
   * @param step what it is rounded to; 0 for “stated as nothing”
   */
  private record Band(double from, double step) {}

  private static final List<Band> US_ENERGY =
      List.of(new Band(0, 0), new Band(5, 5), new Band(50, 10));
  private static final List<Band> US_FAT =
      List.of(new Band(0, 0), new Band(0.5, 0.5), new Band(5, 1));
  private static final List<Band> US_GRAMS = List.of(new Band(0, 0), new Band(0.5, 1));
  private static final List<Band> US_SODIUM =
      List.of(new Band(0, 0), new Band(5, 5), new Band(140, 10));
  private static final List<Band> EU_ENERGY = List.of(new Band(0, 1));
  private static final List<Band> EU_GRAMS =
      List.of(new Band(0, 0), new Band(0.5, 0.1), new Band(10, 1));
  private static final List<Band> EU_SATURATES =
      List.of(new Band(0, 0), new Band(0.1, 0.1), new Band(10, 1));
  private static final List<Band> EU_SALT =
      List.of(new Band(0, 0), new Band(0.0125, 0.01), new Band(1, 0.1));

  private static final Map<String, List<Band>> US =
      Map.of(
          "ENERC", US_ENERGY,
          "FAT", US_FAT,
          "FASAT", US_FAT,
          "CHOCDF", US_GRAMS,
          "FIBTG", US_GRAMS,
          "SUGAR", US_GRAMS,
          "SUGAD", US_GRAMS,
          "PROCNT", US_GRAMS,
          "NA", US_SODIUM);
  private static final Map<String, List<Band>> EU =
      Map.of(
          "ENERC", EU_ENERGY,
          "FAT", EU_GRAMS,
          "FASAT", EU_SATURATES,
          "CARBOHYDRATE_AVAILABLE", EU_GRAMS,
          "CHOCDF", EU_GRAMS,
          "FIBTG", EU_GRAMS,
          "SUGAR", EU_GRAMS,
          "PROCNT", EU_GRAMS,
          "SALT", EU_SALT);

  /**
   * What a stated value may have been before it was rounded.
   *
   * @param low 0 or more
   */
  public record Span(double low, double high) {
    public boolean touches(double from, double to) {
      return low <= to && high >= from;
    }
  }

  private List<Band> bands(Measurand measurand) {
    return switch (this) {
      case AS_WRITTEN -> List.of();
      case UNITED_STATES -> US.getOrDefault(measurand.tag(), List.of());
      case EUROPEAN_UNION -> EU.getOrDefault(measurand.tag(), List.of());
    };
  }

  /**
   * What it may have been.
   *
   * @param stated 0 or more, in the measurand's unit
   * @param decimals digits after the point as written
   */
  public Span before(Measurand measurand, double stated, int decimals) {
    List<Band> bands = bands(measurand);
    double step = Math.pow(10, -decimals);
    for (Band band : bands) {
      if (stated >= band.from) {
        step = band.step;
      }
    }
    if (step == 0) {
      return new Span(0, bands.get(1).from);
    }
    return new Span(Math.max(0, stated - step / 2), stated + step / 2);
  }

  /** The value as a label would state it. */
  public double rounded(Measurand measurand, double value) {
    double step = 0;
    List<Band> bands = bands(measurand);
    for (Band band : bands) {
      if (value >= band.from) {
        step = band.step;
      }
    }
    if (bands.isEmpty()) {
      return value;
    }
    return step == 0 ? 0 : Math.round(value / step) * step;
  }
}
