package honeststack.app.rewrite;

import honeststack.app.kitchen.KitchenNow;
import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure;
import honeststack.core.food.HouseholdMeasure.Piece;
import honeststack.core.food.HouseholdMeasure.Volume;
import honeststack.core.line.Unfinished;
import honeststack.core.wording.Numbers;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Offers foods and preparations for a line that is being typed. */
@Service
class Completions {
  private static final int LEAST_LETTERS = 2;
  private static final int MOST = 6;

  private final KitchenNow kitchens;

  Completions(KitchenNow kitchens) {
    this.kitchens = kitchens;
  }

  /**
   * What the line could become.
   *
   * @param text the whole line
   * @param measure what the food is usually measured by: "a cup 125 g"; empty if not known
   */
  record Completion(String text, String foodId, String food, String measure) {}

  /** Foods for the words behind the amount, own preparations first; none before two letters. */
  List<Completion> of(String line) {
    int from = Unfinished.foodFrom(line);
    String words = line.substring(from).strip();
    if (words.length() < LEAST_LETTERS) {
      return List.of();
    }
    return kitchens.now().foods().nearest(words, MOST).stream()
        .map(
            food ->
                new Completion(
                    line.substring(0, from) + food.name(), food.id(), food.name(), usual(food)))
        .toList();
  }

  private static String usual(Food food) {
    return piece(food)
        .map(p -> (p.size().isEmpty() ? "one " : "one, " + p.size() + ", ") + grams(p.grams()))
        .or(
            () ->
                food.measures().stream()
                    .filter(Volume.class::isInstance)
                    .map(Volume.class::cast)
                    .findFirst()
                    .map(
                        v ->
                            Numbers.grams(v.millilitres())
                                + " mL "
                                + grams(v.density() * v.millilitres())))
        .orElse("");
  }

  private static Optional<Piece> piece(Food food) {
    return food.measures().stream()
        .filter(HouseholdMeasure.Piece.class::isInstance)
        .map(Piece.class::cast)
        .filter(Piece::usual)
        .findFirst();
  }

  private static String grams(double grams) {
    return String.format(Locale.ROOT, grams < 10 ? "%.1f g" : "%.0f g", grams);
  }
}
