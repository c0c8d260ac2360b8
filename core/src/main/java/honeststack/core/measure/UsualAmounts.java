package honeststack.core.measure;

import honeststack.core.food.Food;
import honeststack.core.food.Role;
import honeststack.core.wording.Say;
import java.util.EnumMap;
import java.util.Map;

/** What is taken where nobody measured, g: data that the user can edit. Common practice. */
public record UsualAmounts(Map<Usual, Double> rows) {

  /** Something that nobody measured. */
  public enum Usual {
    /** What the display of a kitchen scale resolves, where no decimals were read off it. */
    SCALE_STEP,
    /** Oil sprayed in a second. */
    SPRAY_SECOND,
    /** Fat in the pan for up to eight pieces; anything from nothing to twice that. */
    PAN_FAT,
    /** A sprinkle of sugar or the like, and one of chips, nuts or fruit. */
    SPRINKLE_SUGAR,
    SPRINKLE_ADD_IN,
    /** The most that "to taste" or "as needed" may plausibly be, by what the food does. */
    OPEN_FLOUR,
    OPEN_LIQUID,
    OPEN_EGG,
    OPEN_FAT,
    OPEN_SUGAR,
    OPEN_LEAVENING,
    OPEN_SALT,
    OPEN_FLAVOUR,
    OPEN_ADD_IN
  }

  /**
   * @throws IllegalArgumentException if a row is missing, or is not over 0
   */
  public UsualAmounts {
    rows = Map.copyOf(new EnumMap<>(rows));
    for (Usual usual : Usual.values()) {
      Double grams = rows.get(usual);
      if (grams == null || !(grams > 0 && grams <= Measure.MOST_GRAMS)) {
        throw new IllegalArgumentException(
            Say.of("A usual amount must be over 0 g, not %s for %s", grams, usual));
      }
    }
  }

  /** g, over 0. */
  public double of(Usual usual) {
    return rows.get(usual);
  }

  /** The most, g, that an open amount of a food may plausibly be. */
  public double plausible(Food food) {
    return of(open(food.role()));
  }

  private static Usual open(Role role) {
    return switch (role) {
      case FLOUR -> Usual.OPEN_FLOUR;
      case LIQUID -> Usual.OPEN_LIQUID;
      case EGG -> Usual.OPEN_EGG;
      case FAT -> Usual.OPEN_FAT;
      case SUGAR -> Usual.OPEN_SUGAR;
      case LEAVENING -> Usual.OPEN_LEAVENING;
      case SALT -> Usual.OPEN_SALT;
      case FLAVOUR -> Usual.OPEN_FLAVOUR;
      case ADD_IN -> Usual.OPEN_ADD_IN;
    };
  }
}
