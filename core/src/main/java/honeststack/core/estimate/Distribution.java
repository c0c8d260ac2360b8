package honeststack.core.estimate;

import java.util.random.RandomGenerator;

/**
 * The shape of a source of uncertainty, scaled to mean 0 and variance 1.
 *
 * <p>Half-widths follow from the variance: a rectangular source of standard uncertainty u spans
 * ±u√3, a triangular one ±u√6 (JCGM 100:2008, 4.3.7 and 4.3.9).
 */
public enum Distribution {
  NORMAL {
    @Override
    double draw(RandomGenerator random) {
      return random.nextGaussian();
    }
  },
  RECTANGULAR {
    @Override
    double draw(RandomGenerator random) {
      return Math.sqrt(3) * (2 * random.nextDouble() - 1);
    }
  },
  TRIANGULAR {
    @Override
    double draw(RandomGenerator random) {
      return Math.sqrt(6) * (random.nextDouble() + random.nextDouble() - 1);
    }
  };

  abstract double draw(RandomGenerator random);

  /** Standard uncertainty of a rectangular source of the given half-width. */
  public static double rectangular(double halfWidth) {
    return halfWidth / Math.sqrt(3);
  }

  /** Standard uncertainty of a triangular source of the given half-width. */
  public static double triangular(double halfWidth) {
    return halfWidth / Math.sqrt(6);
  }
}
