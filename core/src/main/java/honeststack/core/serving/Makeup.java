package honeststack.core.serving;

import honeststack.core.batter.Batter;
import honeststack.core.batter.MeasuredFood;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.SourceBook;
import honeststack.core.estimate.Total;
import honeststack.core.food.Component;
import honeststack.core.food.Role;
import java.util.Optional;

/**
 * How wet a batter is.
 *
 * @param water g in 100 g of batter; that of milk, eggs and fruit included
 * @param liquidPerFlour g of liquids for each g of flours; empty without a flour or a liquid
 */
public record Makeup(Total water, Optional<Estimate> liquidPerFlour) {

  public static Makeup of(Batter batter, SourceBook book) {
    Estimate flour = mass(batter, Role.FLOUR);
    Estimate liquid = mass(batter, Role.LIQUID);
    boolean both = flour.value() > 0 && liquid.value() > 0;
    return new Makeup(
        Figures.per100g(batter.total(Component.WATER, book), batter.mass(), batter.gaps()),
        both ? Optional.of(liquid.dividedBy(flour)) : Optional.empty());
  }

  private static Estimate mass(Batter batter, Role role) {
    Estimate.Sum sum = new Estimate.Sum();
    batter.lines().stream()
        .filter(line -> line.food().role() == role)
        .map(MeasuredFood::mass)
        .forEach(mass -> sum.add(mass, 1));
    return sum.total();
  }
}
