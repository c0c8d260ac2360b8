package honeststack.core.figures;

import honeststack.core.estimate.Bound;
import honeststack.core.estimate.Estimate;
import honeststack.core.food.Component;
import honeststack.core.food.Role;
import honeststack.core.recipe.MeasuredFood;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.recipe.Station;
import java.util.List;
import java.util.Optional;

/**
 * How wet a batter is.
 *
 * @param water g in 100 g of batter, that of milk, eggs and fruit included; empty where it is not
 *     known
 * @param liquidPerFlour g of liquids for each g of flours; empty without a flour or a liquid, or
 *     while something is not measured
 */
public record Makeup(Optional<Figure> water, Optional<Estimate> liquidPerFlour) {

  public static Makeup of(RecipeReading reading) {
    Estimate flour = mass(reading, Role.FLOUR);
    Estimate liquid = mass(reading, Role.LIQUID);
    boolean both = flour.value() > 0 && liquid.value() > 0 && !reading.hasGaps(Station.BOWL);
    Figures figures = Figures.of(reading, List.of(Measurand.of(Component.WATER)));
    return new Makeup(
        figures.on(Basis.PER_100G_RAW).stream()
            .filter(water -> water.bound() == Bound.COMPLETE)
            .findFirst(),
        both ? Optional.of(liquid.dividedBy(flour)) : Optional.empty());
  }

  private static Estimate mass(RecipeReading reading, Role role) {
    Estimate.Sum sum = new Estimate.Sum();
    reading.batter().stream()
        .filter(line -> line.food().role() == role)
        .map(MeasuredFood::mass)
        .forEach(mass -> sum.add(mass, 1));
    return sum.total();
  }
}
