package honeststack.core.recipe;

import honeststack.core.measure.MeasuringSystem;
import honeststack.core.measure.Uncertainties.Way;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * A recipe as the cook states it, in the order of the work. Texts may still be empty or wrong;
 * {@link RecipeReader} says which.
 *
 * @param system what its cups and spoons hold
 * @param bowl what went into the batter
 * @param griddle what came out
 * @param plate what is put before one person
 * @param finish where the recipe is a preparation, how it ends
 * @param self identity of the food that the recipe itself is, so that it is not put into itself
 */
public record Recipe(
    MeasuringSystem system,
    List<Line> bowl,
    AtTheGriddle griddle,
    OnThePlate plate,
    Optional<Finish> finish,
    Optional<String> self) {

  /** A recipe that is eaten, not used in another. */
  public Recipe(MeasuringSystem system, List<Line> bowl, AtTheGriddle griddle, OnThePlate plate) {
    this(system, bowl, griddle, plate, Optional.empty(), Optional.empty());
  }

  public Recipe {
    Objects.requireNonNull(system, "system");
    bowl = List.copyOf(bowl);
  }

  /**
   * One stated amount of a food.
   *
   * @param id identity within the recipe; it stays when the text changes
   * @param text "¾ cup rye flour, spooned"
   * @param picked a food picked by hand, whatever the text calls it
   * @param off left out this time
   * @param shared on the plate: one bowl of it for all servings, not for each
   * @param adjustments made while cooking, in their order
   * @param strained share of it that is strained out of a preparation: "60 %"; empty for nothing
   */
  public record Line(
      String id,
      String text,
      Optional<String> picked,
      String strained,
      boolean off,
      boolean shared,
      List<Adjustment> adjustments) {
    public Line {
      adjustments = List.copyOf(adjustments);
    }

    public Line(String id, String text, Optional<String> picked) {
      this(id, text, picked, "");
    }

    public Line(String id, String text, Optional<String> picked, String strained) {
      this(id, text, picked, strained, false, false, List.of());
    }

    public boolean isBlank() {
      return text.isBlank();
    }
  }

  /**
   * A bit more or a bit less of a line's food, decided while cooking.
   *
   * @param text "+2 tbsp", "-20 g"
   */
  public record Adjustment(String text) {
    /** Whether it takes away. */
    public boolean isTaken() {
      String said = text.strip();
      return said.startsWith("-") || said.startsWith("−");
    }

    /** Its amount without the sign. */
    public String bare() {
      String said = text.strip();
      boolean signed = isTaken() || said.startsWith("+");
      return signed ? said.substring(1).strip() : said;
    }
  }

  /** How the pieces were made alike. */
  public enum Portioning {
    LADLE(Way.PIECES_LADLE),
    SCOOP(Way.PIECES_SCOOP),
    SPOON(Way.PIECES_SPOON),
    WEIGHED(Way.PIECES_WEIGHED);

    private final Way way;

    Portioning(Way way) {
      this.way = way;
    }

    Way way() {
      return way;
    }
  }

  /**
   * @param pieces that came out, those thrown away included; empty if nobody counted
   * @param discarded thrown away
   * @param left batter left in the bowl, a weight; empty for none
   * @param panFat what went into the pan; empty for nothing said
   * @param panFatLeft what stayed in the pan, a weight; empty if nobody measured
   */
  public record AtTheGriddle(
      Optional<Integer> pieces,
      int discarded,
      Portioning portioning,
      String left,
      Optional<Line> panFat,
      String panFatLeft) {}

  /**
   * How a preparation ends.
   *
   * @param weight of all of it; empty for the sum of what went in
   * @param cupWeighs what one cup of it weighs; empty if not known
   */
  public record Finish(String weight, String cupWeighs) {}

  /**
   * @param pieces in a serving; empty if not said
   * @param toppings for one serving
   */
  public record OnThePlate(Optional<Double> pieces, List<Line> toppings) {
    public OnThePlate {
      toppings = List.copyOf(toppings);
    }
  }
}
