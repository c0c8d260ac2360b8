package honeststack.core.measure;

import honeststack.core.food.Packing;
import honeststack.core.measure.Uncertainties.Doubt;
import honeststack.core.wording.Say;
import java.util.List;
import java.util.Optional;
import org.apache.commons.statistics.distribution.TDistribution;

/** What the cook's own cups and spoons of a food weigh, from weighings that were kept. */
public interface OwnWeights {
  /** None kept. */
  OwnWeights NONE = (foodId, unit, packing) -> Optional.empty();

  /** Fewer weighings than this do not replace the table of doubt. */
  int FEWEST = 3;

  /** What one of the unit weighs; empty while there are fewer than {@link #FEWEST} weighings. */
  Optional<Own> of(String foodId, Unit unit, Packing packing);

  /** Weighings of one unit of one food: mean and standard deviation (JCGM 100:2008, 4.2). */
  final class Own {
    private static final double COVERED = 0.95;

    private final int weighings;
    private final double grams;
    private final double deviation;
    private final double widened;

    /**
     * @param weighings kept
     * @param grams their mean, g
     * @param deviation their standard deviation, g; 0 for fewer than two
     * @throws IllegalArgumentException if there are none, or they weigh nothing
     */
    public Own(int weighings, double grams, double deviation) {
      if (weighings < 1 || !(grams > 0) || !(deviation >= 0)) {
        throw new IllegalArgumentException(
            Say.of("%d weighings of %s ± %s g are none", weighings, grams, deviation));
      }
      this.weighings = weighings;
      this.grams = grams;
      this.deviation = deviation;
      this.widened = weighings < 2 ? 1 : student(weighings - 1.0) / 2;
    }

    private static double student(double degrees) {
      return TDistribution.of(degrees).inverseCumulativeProbability((1 + COVERED) / 2);
    }

    public int weighings() {
      return weighings;
    }

    /** Their mean, g. */
    public double grams() {
      return grams;
    }

    /** Their standard deviation, g. */
    public double deviation() {
      return deviation;
    }

    /** From weighings, g each. */
    public static Own of(List<Double> grams) {
      double mean = grams.stream().mapToDouble(Double::doubleValue).average().orElse(0);
      double squares = grams.stream().mapToDouble(g -> (g - mean) * (g - mean)).sum();
      int n = grams.size();
      return new Own(n, mean, n < 2 ? 0 : Math.sqrt(squares / (n - 1)));
    }

    /** Whether there are enough to replace the table of doubt. */
    public boolean isEnough() {
      return weighings >= FEWEST;
    }

    /**
     * How one more filling scatters, relative, so that ± 2 of it cover 95 %: few weighings know
     * their own scatter badly, which Student's t for n − 1 allows for (JCGM 100:2008, G.3). What
     * the scale itself cannot tell apart is added in quadrature.
     *
     * @param step of the scale, g
     */
    double perUse(double step) {
      return Math.hypot(widened * deviation, reading(step)) / grams;
    }

    /**
     * Of the mean, relative.
     *
     * @param step of the scale, g
     * @param calibration of the scale, relative
     */
    double shared(double step, double calibration) {
      double mean = Math.hypot(widened * deviation, reading(step)) / Math.sqrt(weighings);
      return Math.hypot(mean / grams, calibration);
    }

    /**
     * The doubt of one filling, both parts relative.
     *
     * @param step of the scale, g
     * @param calibration of the scale, relative
     */
    public Doubt doubt(double step, double calibration) {
      return new Doubt(shared(step, calibration), perUse(step));
    }

    /** Half of the range that one more filling lies in, 95 in 100, g. */
    public double scatter() {
      return 2 * widened * deviation;
    }

    private static double reading(double step) {
      return step / Math.sqrt(12);
    }
  }
}
