package honeststack.core.yield;

import honeststack.core.food.Component;
import java.util.OptionalDouble;
import java.util.function.Function;

/**
 * How much room a food takes, from what it is made of: densities of water, protein, fat,
 * carbohydrate, fibre and ash at 20 °C after Choi and Okos (from memory), of alcohol from memory
 * too. Air is not in it.
 */
public final class Density {
  private static final double WATER = 0.997;
  private static final double PROTEIN = 1.330;
  private static final double FAT = 0.926;
  private static final double CARBOHYDRATE = 1.599;
  private static final double FIBRE = 1.312;
  private static final double ASH = 2.424;
  private static final double ALCOHOL = 0.789;

  /** Taken for what a table leaves out, g/mL (common practice: a batter without air). */
  private static final double REST = 1.1;

  private Density() {}

  /**
   * mL of so much of a food.
   *
   * @param mass g, not negative
   * @param holds g of a component in it; empty where it is not known
   */
  public static double millilitres(double mass, Function<Component, OptionalDouble> holds) {
    double fibre = grams(holds, Component.FIBTG);
    double carbohydrate = Math.max(0, grams(holds, Component.CHOCDF) - fibre);
    double water = grams(holds, Component.WATER);
    double protein = grams(holds, Component.PROCNT);
    double fat = grams(holds, Component.FAT);
    double ash = grams(holds, Component.ASH);
    double alcohol = grams(holds, Component.ALC);
    double rest = mass - water - protein - fat - ash - alcohol - carbohydrate - fibre;
    return water / WATER
        + protein / PROTEIN
        + fat / FAT
        + carbohydrate / CARBOHYDRATE
        + fibre / FIBRE
        + ash / ASH
        + alcohol / ALCOHOL
        + Math.max(0, rest) / REST;
  }

  private static double grams(Function<Component, OptionalDouble> holds, Component component) {
    return holds.apply(component).orElse(0);
  }
}
