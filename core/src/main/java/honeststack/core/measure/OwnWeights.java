package honeststack.core.measure;

import honeststack.core.food.Packing;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What the cook's own cups and spoons of a food weigh, from weighings that were kept. */
public interface OwnWeights {

  /** None kept. */
  OwnWeights NONE = (foodId, unit, packing) -> Optional.empty();

  /** Fewer weighings than this do not replace the table of doubt. */
  int FEWEST = 3;

  /** What one of the unit weighs; empty while there are fewer than {@link #FEWEST} weighings. */
  Optional<Own> of(String foodId, Unit unit, Packing packing);

  /** Mean, g. */
  static double mean(double[] grams) {
    return Arrays.stream(grams).average().orElse(0);
  }

  /** Standard deviation of a sample, g; 0 for fewer than two. */
  static double deviation(double[] grams) {
    double mean = mean(grams);
    double squares = Arrays.stream(grams).map(g -> (g - mean) * (g - mean)).sum();
    return grams.length < 2 ? 0 : Math.sqrt(squares / (grams.length - 1));
  }

  /**
   * @param weighings kept, at least {@link #FEWEST}
   * @param grams their mean, g
   * @param deviation their standard deviation, g
   */
  record Own(int weighings, double grams, double deviation) {
    public Own {
      if (weighings < FEWEST || !(grams > 0) || !(deviation >= 0)) {
        throw new IllegalArgumentException(
            weighings + " weighings of " + grams + " ± " + deviation + " g are not enough");
      }
    }

    /** From weighings, g each: mean and standard deviation (JCGM 100:2008, 4.2). */
    public static Own of(List<Double> grams) {
      double[] all = grams.stream().mapToDouble(Double::doubleValue).toArray();
      return new Own(all.length, mean(all), OwnWeights.deviation(all));
    }

    /** Standard uncertainty of the mean, relative. */
    double shared() {
      return deviation / Math.sqrt(weighings) / grams;
    }

    /** How far one filling scatters, relative. */
    double perUse() {
      return deviation / grams;
    }
  }
}
