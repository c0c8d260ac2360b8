package honeststack.core.said.clause;

import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Per;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A food that is named, with what is said of it. */
public final class Mention {
  /** Null where no amount of it is said. */
  public Element amount;

  /** Null where its name is not known. */
  public Element food;

  /** Place of its first element in its clause, and behind its last. */
  public int from;

  /** Behind its last element. */
  public int to;

  /** Where it stands in the text, if that is in brackets; null outside of them. */
  public Stretch bracketed;

  /** Its first place, and behind its last. */
  record Stretch(int start, int end) {}

  /** The words of the amount; empty for none. */
  public String amountText = "";

  /** The words of the food. */
  public String foodText = "";

  /** What was done to it, and what stands in brackets. */
  public String notes = "";

  /** Other foods that may take its place, as lines of their own. */
  public final List<String> others = new ArrayList<>();

  /** Where it goes. */
  public Place place = Place.NOT_SAID;

  /** Whether it says where it goes by itself. */
  public boolean placed;

  /** Where its parts go; null where it is not shared out. */
  public Split split;

  /** "plus more for the pan": where the unmeasured rest goes; null for a food of its own. */
  public Place more;

  /** How many times of it were made. */
  public double times = 1;

  /** For what its amount is said; null where it is for all. */
  public Per per;

  /** It is said for so many pieces. */
  public double perPieces = 1;

  /** Its amount is not written as it was said. */
  public boolean restated;

  /** It is more of what was measured before. */
  public boolean further;

  /** It is only named again: it was said elsewhere how much. */
  public boolean again;

  /** Takes another food, which words around it mean, for it. */
  public void means(Element meant) {
    foodText = foodText.replace(food.text(), meant.text());
    food = meant;
    food.part = Part.FOOD;
    restated = true;
  }

  /** Empty where its name is not known, or means a kind of food. */
  public Optional<Food> known() {
    return food == null ? Optional.empty() : food.food.map(Foods.Named::food);
  }

  /** What it does in a batter; of what is not known it is added. */
  public Role role() {
    return known().map(Food::role).orElse(Role.ADD_IN);
  }

  /** Takes its amount and its food for something. */
  public void mark(Part part) {
    if (amount != null) {
      amount.part = part;
    }
    if (food != null) {
      food.part = part;
    }
  }

  /** An amount of it is said. */
  public boolean isMeasured() {
    return !amountText.isEmpty();
  }

  /** The line that a cook would type. */
  public String text() {
    String said = amountText.isEmpty() ? foodText : amountText + " " + foodText;
    return notes.isEmpty() ? said : said + notes;
  }
}
