package honeststack.core.measure;

import static honeststack.core.measure.Refusal.Reason.NO_FOOD;
import static honeststack.core.measure.Refusal.Reason.UNKNOWN_FOOD;

import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.food.Packing;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Reads a line as a cook types it, "¾ cup rye flour, spooned": amount, unit and food, and the words
 * that change what a cup or a piece weighs. What it does not understand it refuses, quoting it.
 */
public final class LineReader {
  private static final Map<String, Packing> PACKINGS =
      Map.of(
          "spooned", Packing.SPOONED,
          "sifted", Packing.SIFTED,
          "scooped", Packing.SCOOPED,
          "packed", Packing.PACKED);
  private static final Pattern BETWEEN = Pattern.compile("[\\s,;()]+");
  private static final List<String> SIZES = List.of("small", "medium", "large", "jumbo");
  private static final List<String> IDLE = List.of("of", "level", "firmly");

  private final Foods foods;

  public LineReader(Foods foods) {
    this.foods = foods;
  }

  /**
   * A line understood.
   *
   * @param general the food's name was a general one, taken for this food
   */
  public record Line(Measure measure, Food food, boolean general) {}

  /**
   * @throws RefusedException if amount or food cannot be read
   */
  public Line read(String text) {
    AmountReader.Front front = AmountReader.read(text);
    if (front.rest().isEmpty()) {
      throw new RefusedException(
          NO_FOOD,
          text.strip(),
          "“" + text.strip() + "” names no food.",
          "amount, unit and food: 120 g rye flour");
    }
    Optional<Foods.Named> whole = foods.byName(front.rest());
    if (whole.isPresent()) {
      return line(front, Words.NONE, whole.get());
    }
    Words words = Words.of(front.rest());
    if (words.food().isEmpty()) {
      throw new RefusedException(
          NO_FOOD,
          front.rest(),
          "“" + front.rest() + "” names no food.",
          "a food after the amount");
    }
    Foods.Named named =
        foods
            .byName(words.food())
            .orElseThrow(
                () ->
                    new RefusedException(
                        UNKNOWN_FOOD,
                        words.food(),
                        "No food in the larder is called “" + words.food() + "”.",
                        "one of the larder's foods; the nearest are offered"));
    return line(front, words, named);
  }

  /**
   * Reads amount, unit, packing and size only; the food was picked by hand.
   *
   * @throws RefusedException if the amount cannot be read
   */
  public Line read(String text, Food picked) {
    AmountReader.Front front = AmountReader.read(text);
    return line(front, Words.of(front.rest()), new Foods.Named(picked, false));
  }

  private static Line line(AmountReader.Front front, Words words, Foods.Named named) {
    return new Line(front.measure(words.packing(), words.size()), named.food(), named.general());
  }

  /** The words after the unit, sorted into those that change the mass and the food's name. */
  private record Words(Packing packing, String size, String food) {
    static final Words NONE = new Words(Packing.NOT_SAID, "", "");

    static Words of(String rest) {
      Packing packing = Packing.NOT_SAID;
      List<String> size = new ArrayList<>();
      List<String> food = new ArrayList<>();
      for (String word : BETWEEN.split(rest)) {
        String plain = word.toLowerCase(Locale.ROOT);
        if (PACKINGS.containsKey(plain)) {
          packing = PACKINGS.get(plain);
        } else if (SIZES.contains(plain)) {
          size.add(plain);
        } else if (plain.equals("extra") || plain.equals("extra-large")) {
          size.add(plain);
        } else if (!plain.isEmpty() && !IDLE.contains(plain)) {
          food.add(word);
        }
      }
      return new Words(packing, String.join(" ", size).replace('-', ' '), String.join(" ", food));
    }
  }
}
