package honeststack.core.recipe;

import honeststack.core.estimate.Estimate;
import honeststack.core.food.Component;
import honeststack.core.measure.UsualAmounts;
import honeststack.core.measure.UsualAmounts.Usual;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.wording.Numbers;
import honeststack.core.wording.Say;
import honeststack.core.yield.Griddle;
import java.util.Optional;
import java.util.OptionalDouble;

/** What is told of a line beside its reading. */
final class Sentences {
  /** The usual amount of fat in the pan is for so many pieces, or fewer (common practice). */
  private static final double PAN_FAT_FOR = 8;

  private Sentences() {}

  /** What is taken for pan fat that nobody measured, g: more pieces take more rounds of it. */
  static double panFat(UsualAmounts amounts, int pieces) {
    return amounts.of(Usual.PAN_FAT) * Math.max(1, pieces / PAN_FAT_FOR);
  }

  static String staysInThePan(PanFat fat) {
    return Say.of(
        "Nobody measured what stayed in the pan: half of it is taken, %s g,"
            + " anything from none to all of it.",
        Numbers.grams(fat.in().mass().value() - fat.taken().mass().value()));
  }

  /** What each tablespoon, or each 10 g, would add to a serving, or to all of it. */
  static String would(
      NotMeasured line, UsualAmounts amounts, Optional<Griddle> griddle, Optional<Plate> plate) {
    if (line.station() == Station.PAN) {
      double usual = panFat(amounts, griddle.map(Griddle::pieces).orElse(0));
      return Say.of("%.0f g are taken, anything from nothing to %.0f g.", usual, 2 * usual);
    }
    OptionalDouble energy = line.food().composition().value(Component.ENERC);
    if (energy.isEmpty()) {
      return "Not in the numbers; what it would add is not known.";
    }
    double share =
        line.station() == Station.PLATE
            ? 1
            : griddle.isPresent()
                ? plate.flatMap(Plate::batterShare).map(Estimate::value).orElse(0.0)
                : 0;
    String where = share > 0 ? "to a serving" : "to all of it";
    double perGram = energy.getAsDouble() / 100 * (share > 0 ? share : 1);
    String ten = Say.of("each 10 g would add %.0f kcal %s", 10 * perGram, where);
    return line.tablespoon()
        .map(
            spoon ->
                Say.of(
                    "Not in the numbers: each tablespoon (%.0f g) would add %.0f kcal, %s.",
                    spoon, spoon * perGram, ten))
        .orElse("Not in the numbers: " + ten + ".");
  }
}
