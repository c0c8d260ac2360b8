package honeststack.core.recipe;

import honeststack.core.estimate.Estimate;
import honeststack.core.food.Food;
import honeststack.core.wording.Refusal;
import java.util.List;
import java.util.Optional;

/** A line of a recipe as it was read: understood, not measured, or refused. */
public sealed interface LineReading {
  String id();

  Station station();

  /**
   * A line in grams.
   *
   * @param general the name was a general one, taken for this food
   * @param mass g as made, adjustments included
   * @param adjusted what was changed while cooking
   */
  record Understood(
      String id,
      Station station,
      Said said,
      Food food,
      boolean general,
      Estimate mass,
      List<Adjusted> adjusted,
      Remarks remarks)
      implements LineReading {
    public Understood {
      adjusted = List.copyOf(adjusted);
    }

    /** As written and as made: "305 g + 2 tbsp". */
    public String words() {
      StringBuilder words = new StringBuilder(said.words());
      adjusted.forEach(a -> words.append(' ').append(a.words()));
      return words.toString();
    }

    Understood assuming(String assumed) {
      return new Understood(
          id, station, said, food, general, mass, adjusted, remarks.assuming(assumed));
    }
  }

  /**
   * The amount of a line.
   *
   * @param words amount and unit
   * @param symbol of its first unit; empty for a count
   * @param packing how it was filled, in words; empty if not said
   * @param weighed read off a scale
   * @param filled a vessel that could be weighed once, to keep what it weighs
   * @param packable it matters how the cup was filled
   * @param count how many were counted; 0 where nothing was
   */
  record Said(
      String words,
      String symbol,
      String packing,
      boolean weighed,
      boolean filled,
      boolean packable,
      double count) {}

  /**
   * A change of a line while cooking.
   *
   * @param words "+ 2 tbsp"
   * @param mass g, below 0 where less was taken
   */
  record Adjusted(String words, Estimate mass) {}

  /**
   * What else a line says.
   *
   * @param text the line, as written
   * @param optional it may be left out
   * @param off it is left out this time, and not in the numbers
   * @param unused words that were not used
   * @param check where another amount that the line states disagrees, a sentence; empty for none
   * @param assumed what was taken that the line does not say, a sentence; empty for none
   * @param rest the line without its amount, as written
   * @param alternatives lines with the other food of a choice
   */
  record Remarks(
      String text,
      boolean optional,
      boolean off,
      List<String> unused,
      String check,
      String assumed,
      String rest,
      List<String> alternatives) {
    public Remarks {
      unused = List.copyOf(unused);
      alternatives = List.copyOf(alternatives);
    }

    Remarks assuming(String sentence) {
      return new Remarks(text, optional, off, unused, check, sentence, rest, alternatives);
    }
  }

  /**
   * A line that names a food and measures nothing of it.
   *
   * @param tablespoon what a tablespoon of it weighs, g; empty if not known
   * @param would what measuring it would add, a sentence
   */
  record NotMeasured(
      String id,
      Station station,
      Food food,
      boolean general,
      Optional<Double> tablespoon,
      String would,
      Remarks remarks)
      implements LineReading {

    NotMeasured saying(String sentence) {
      return new NotMeasured(id, station, food, general, tablespoon, sentence, remarks);
    }
  }

  /**
   * A line that was refused.
   *
   * @param text the line, as written
   * @param off it is left out this time
   * @param nearest foods whose names come closest to what was not understood
   */
  record NotUnderstood(
      String id, Station station, String text, boolean off, Refusal refusal, List<Offer> nearest)
      implements LineReading {
    public NotUnderstood {
      nearest = List.copyOf(nearest);
    }
  }

  /** A food that could be meant. */
  record Offer(String foodId, String name) {}
}
