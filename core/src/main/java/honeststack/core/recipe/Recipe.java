package honeststack.core.recipe;

import honeststack.core.measure.Factors.Factor;
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

  /** What is baked, and how far: what it loses in weight depends on that. */
  public enum Doneness {
    PANCAKE(Factor.COOKED_PANCAKE, Way.COOKED_PANCAKE),
    WAFFLE_SOFT(Factor.COOKED_WAFFLE_SOFT, Way.COOKED_WAFFLE),
    WAFFLE_CRISP(Factor.COOKED_WAFFLE_CRISP, Way.COOKED_WAFFLE);

    private final Factor factor;
    private final Way way;

    Doneness(Factor factor, Way way) {
      this.factor = factor;
      this.way = way;
    }

    Factor factor() {
      return factor;
    }

    Way way() {
      return way;
    }
  }

  /**
   * Cooked pieces on the scale.
   *
   * @param weight of them, as text; empty if nobody weighed
   * @param pieces how many of them; 0 for all that are kept
   */
  public record Cooked(String weight, int pieces) {
    public static final Cooked NOT_WEIGHED = new Cooked("", 0);
  }

  /**
   * What earlier mornings of the same recipe showed.
   *
   * @param runs so many of them
   * @param cooked over raw mass, and its standard uncertainty; 0 for not known
   * @param lost share of the batter that ended in no piece, and its standard uncertainty
   */
  public record Habit(int runs, double cooked, double cookedU, double lost, double lostU) {}

  /**
   * How the batter became pieces, beside how many.
   *
   * @param portion what went into one: a tool's name, "¼ cup", "60 g", "11 cm"; empty if not said
   * @param most the upper end where a range of pieces was said: "7 or 8"
   * @param spilled thrown out or dripped; a weight, a measure, or pieces; empty for none
   * @param tasted raw; likewise
   * @param cooked pieces that were weighed
   * @param moreFat what else went into the pan, beside the first fat
   * @param rounds how many times the fats went into the pan; 0 or 1 for once
   * @param each what was noted of each piece as it left the pan: "small", "62 g" or nothing
   * @param later pieces kept for another day
   * @param heated how what holds alcohol was heated, as text; empty if not said
   * @param habit what earlier mornings showed; empty while there are too few
   */
  public record Making(
      String portion,
      Optional<Integer> most,
      String spilled,
      String tasted,
      Cooked cooked,
      Doneness doneness,
      List<Line> moreFat,
      int rounds,
      List<String> each,
      int later,
      String heated,
      Optional<Habit> habit) {
    /** Nothing was said. */
    public static final Making NOT_SAID =
        new Making(
            "",
            Optional.empty(),
            "",
            "",
            Cooked.NOT_WEIGHED,
            Doneness.PANCAKE,
            List.of(),
            0,
            List.of(),
            0,
            "",
            Optional.empty());

    public Making {
      moreFat = List.copyOf(moreFat);
      each = List.copyOf(each);
    }
  }

  /**
   * @param pieces that came out, those thrown away included; empty if nobody counted
   * @param discarded thrown away
   * @param left batter left in the bowl: a weight, a measure, or pieces not cooked; empty for none
   * @param panFat what went into the pan; empty for nothing said
   * @param panFatLeft what stayed in the pan, a weight; empty if nobody measured
   */
  public record AtTheGriddle(
      Optional<Integer> pieces,
      int discarded,
      Portioning portioning,
      String left,
      Optional<Line> panFat,
      String panFatLeft,
      Making making) {
    /** Pieces that were counted, and nothing else said. */
    public AtTheGriddle(
        Optional<Integer> pieces,
        int discarded,
        Portioning portioning,
        String left,
        Optional<Line> panFat,
        String panFatLeft) {
      this(pieces, discarded, portioning, left, panFat, panFatLeft, Making.NOT_SAID);
    }
  }

  /**
   * How a preparation ends.
   *
   * @param weight of all of it; empty for the sum of what went in
   * @param cupWeighs what one cup of it weighs; empty if not known
   */
  public record Finish(String weight, String cupWeighs) {}

  /**
   * Another serving of the same batch.
   *
   * @param name whose it is: "child"
   * @param amount of pieces, a weight or a share, as text
   * @param toppings instead of the plate's; empty for the same
   */
  public record Helping(String name, String amount, Optional<List<Line>> toppings) {}

  /**
   * @param pieces in a serving; empty if not said
   * @param toppings for one serving
   * @param amount of a serving otherwise than by pieces, as text; empty for by pieces
   * @param others further kinds of serving of the same batch
   */
  public record OnThePlate(
      Optional<Double> pieces, List<Line> toppings, String amount, List<Helping> others) {
    public OnThePlate {
      toppings = List.copyOf(toppings);
      others = List.copyOf(others);
    }

    /** By pieces, and one kind of serving. */
    public OnThePlate(Optional<Double> pieces, List<Line> toppings) {
      this(pieces, toppings, "", List.of());
    }
  }
}
