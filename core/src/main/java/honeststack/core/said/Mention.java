package honeststack.core.said;

import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.food.Role;
import honeststack.core.line.Place;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A food that is named, with what is said of it. */
final class Mention {
  /** Null where no amount of it is said. */
  Element amount;

  /** Null where its name is not known. */
  Element food;

  /** Place of its first element in its clause, and behind its last. */
  int from;

  int to;

  /** Where it stands in the text, if that is in brackets; null outside of them. */
  Stretch bracketed;

  /** Its first place, and behind its last. */
  record Stretch(int start, int end) {}

  /** The words of the amount; empty for none. */
  String amountText = "";

  String foodText = "";

  /** What was done to it, and what stands in brackets. */
  String notes = "";

  /** Other foods that may take its place, as lines of their own. */
  final List<String> others = new ArrayList<>();

  Place place = Place.NOT_SAID;
  boolean placed;

  /** Where its parts go; null where it is not shared out. */
  Split split;

  /** "plus more for the pan": where the unmeasured rest goes; null for a food of its own. */
  Place more;

  /** How many times of it were made. */
  double times = 1;

  /** For what its amount is said; null where it is for all. */
  Per per;

  /** It is said for so many pieces. */
  double perPieces = 1;

  /** Its amount is not written as it was said. */
  boolean restated;

  /** It is more of what was measured before. */
  boolean further;

  /** It is only named again: it was said elsewhere how much. */
  boolean again;

  /** Takes another food, which words around it mean, for it. */
  void means(Element meant) {
    foodText = foodText.replace(food.text(), meant.text());
    food = meant;
    food.part = Part.FOOD;
    restated = true;
  }

  /** Empty where its name is not known, or means a kind of food. */
  Optional<Food> known() {
    return food == null ? Optional.empty() : food.food.map(Foods.Named::food);
  }

  /** What it does in a batter; of what is not known it is added. */
  Role role() {
    return known().map(Food::role).orElse(Role.ADD_IN);
  }

  /** Takes its amount and its food for something. */
  void mark(Part part) {
    if (amount != null) {
      amount.part = part;
    }
    if (food != null) {
      food.part = part;
    }
  }

  boolean isMeasured() {
    return !amountText.isEmpty();
  }

  String text() {
    String said = amountText.isEmpty() ? foodText : amountText + " " + foodText;
    return notes.isEmpty() ? said : said + notes;
  }
}
