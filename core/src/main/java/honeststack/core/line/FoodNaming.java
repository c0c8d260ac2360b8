package honeststack.core.line;

import static honeststack.core.wording.Refusal.Reason.NO_AMOUNT;
import static honeststack.core.wording.Refusal.Reason.NO_FOOD;
import static honeststack.core.wording.Refusal.Reason.OPEN_CHOICE;
import static honeststack.core.wording.Refusal.Reason.UNKNOWN_FOOD;

import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.food.FreeFrom;
import honeststack.core.food.HouseholdMeasure;
import honeststack.core.food.Packing;
import honeststack.core.food.Role;
import honeststack.core.measure.Amount.Term;
import honeststack.core.measure.Containers;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.wording.RefusedException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** Finds the food among the words of a line: all of them first, then fewer and fewer. */
final class FoodNaming {
  private static final String[] COOKED = {
    "stewed", "cooked", "poached", "baked", "boiled", "mashed"
  };

  private final Foods foods;
  private final String text;

  FoodNaming(Foods foods, String text) {
    this.foods = foods;
    this.text = text;
  }

  /**
   * @param name the words that were taken for its name
   * @param unused words that nothing was made of
   */
  record Named(Food food, boolean general, List<Token> name, List<String> unused) {

    /** A spice that goes by a general name, by the spoon: "1 tsp ginger" is ground. */
    Named spooned(Foods foods, List<Term> terms) {
      boolean spoon = !terms.isEmpty() && terms.get(0).measure().unit().kind() == Unit.Kind.SPOON;
      if (!general || !spoon || food.liquid() || food.role() == Role.FLOUR) {
        return this;
      }
      return foods
          .byName("ground " + Token.joined(name))
          .filter(ground -> ground.food().role() == Role.FLAVOUR)
          .map(ground -> new Named(ground.food(), true, name, unused))
          .orElse(this);
    }

    /** "200 ml whey": what goes by a general name and is poured, where the larder has it. */
    Named poured(Foods foods, List<Term> terms) {
      Unit unit = terms.isEmpty() ? Unit.GRAM : terms.get(0).measure().unit();
      boolean poured = unit.kind() == Unit.Kind.MARKED || unit == Unit.FLUID_OUNCE;
      return Optional.of("liquid " + Token.joined(name))
          .filter(any -> poured && general && !food.liquid())
          .flatMap(foods::byName)
          .map(liquid -> new Named(liquid.food(), true, name, unused))
          .orElse(this);
    }

    /** "a tin of peaches": what comes in tins, where the larder has it. */
    Named tinned(Foods foods, List<Term> terms) {
      String size = terms.isEmpty() ? "" : terms.get(0).measure().size();
      return Optional.of("tinned " + Token.joined(name))
          .filter(any -> size.equals("tin") || size.equals("can"))
          .filter(any -> food.measures().stream().noneMatch(Named::isTin))
          .filter(any -> foods.byName(Token.joined(name)).filter(n -> n.food() == food).isPresent())
          .flatMap(foods::byName)
          .map(tinned -> new Named(tinned.food(), general, name, unused))
          .orElse(this);
    }

    /** "2 apples, stewed": pieces are counted before they are cooked. */
    Named counted(Foods foods, List<Term> terms) {
      Measure measure = terms.isEmpty() ? null : terms.get(0).measure();
      boolean pieces =
          measure != null
              && measure.unit() == Unit.COUNT
              && measure.size().isEmpty()
              && food.measures().stream().noneMatch(HouseholdMeasure.Piece.class::isInstance);
      List<Token> raw = name.stream().filter(word -> !word.isWord(COOKED)).toList();
      return Optional.of(Token.joined(raw))
          .filter(any -> pieces && !raw.isEmpty() && raw.size() < name.size())
          .flatMap(foods::byName)
          .map(whole -> new Named(whole.food(), whole.general(), raw, unused))
          .orElse(this);
    }

    private static boolean isTin(HouseholdMeasure measure) {
      return measure instanceof HouseholdMeasure.Piece piece
          && Containers.isContainer(piece.size());
    }

    /** "whole milk", "ground cinnamon": a form that the name itself means is no packing. */
    Packing packing(Packing said) {
      boolean inName = name.stream().anyMatch(word -> LineWords.FORMS.get(word.low()) == said);
      boolean weighed =
          food.measures().stream()
              .anyMatch(m -> m instanceof HouseholdMeasure.Volume v && v.packing() == said);
      return inName && !weighed ? Packing.NOT_SAID : said;
    }
  }

  static Named picked(Food food) {
    return new Named(food, false, List.of(), List.of());
  }

  /**
   * @param suffix a part of the food that the line means: " juice"; with a question mark where the
   *     food itself may be meant too; empty for the food itself
   * @param needsAmount the line has no amount, so an unknown name is not told from none
   * @throws RefusedException if no food is found
   */
  Named named(Notes notes, String suffix, boolean needsAmount) {
    List<Token> all = notes.words();
    if (all.isEmpty()) {
      throw Refusals.of(
          NO_FOOD, text.strip(), "names no food", "amount, unit and food: 120 g rye flour");
    }
    List<Token> head = notes.head();
    FreeFrom free = FreeFrom.of(Token.joined(all));
    List<List<Token>> candidates = head.size() == all.size() ? List.of(all) : List.of(all, head);
    boolean whole = candidates.stream().anyMatch(name -> isKnown(name, suffix));
    Optional<Named> longest = whole ? Optional.empty() : behindIdle(all, free, notes, suffix);
    if (longest.isPresent()) {
      return longest.get();
    }
    List<List<Token>> tried = new ArrayList<>(List.of(List.of(), List.of()));
    for (Predicate<Token> drop : notes.drops(free)) {
      for (int i = 0; i < candidates.size(); i++) {
        List<Token> candidate = candidates.get(i);
        List<Token> name = candidate.stream().filter(drop.negate()).toList();
        if (name.isEmpty() || name.equals(tried.get(i))) {
          continue; // nothing else was left out than before
        }
        tried.set(i, name);
        Optional<Foods.Named> found =
            found(Token.joined(name), suffix).filter(food -> free.allows(food.food()));
        if (found.isPresent()) {
          return new Named(
              found.get().food(), found.get().general(), name, notes.unused(candidate, all));
        }
      }
    }
    Optional<Named> sort = ofSort(candidates, free, notes, suffix);
    if (sort.isPresent()) {
      return sort.get();
    }
    String left = notes.left();
    if (!kind(left, free).isEmpty()) {
      throw Refusals.of(
          OPEN_CHOICE, left, "may be one of several foods", "one food; the usual ones are offered");
    }
    if (left.isEmpty()) {
      throw Refusals.of(NO_FOOD, Token.joined(all), "names no food", "a food after the amount");
    }
    if (needsAmount) {
      throw Refusals.of(
          NO_AMOUNT, text.strip(), "does not begin with an amount", Quantities.AMOUNTS);
    }
    if (!free.isNothing()) {
      throw new RefusedException(
          UNKNOWN_FOOD,
          left,
          "The larder knows no “" + left + "” that holds nothing of what it excludes.",
          "the food, typed from its label");
    }
    throw new RefusedException(
        UNKNOWN_FOOD,
        left,
        "No food in the larder is called “" + left + "”.",
        "one of the larder's foods; the nearest are offered");
  }

  private boolean isKnown(List<Token> name, String suffix) {
    return found(Token.joined(name), suffix).isPresent();
  }

  /** "good tart cherries": the name behind words that say nothing; empty where none is known. */
  private Optional<Named> behindIdle(List<Token> all, FreeFrom free, Notes notes, String suffix) {
    for (int i = 1; i < all.size() && LineWords.isIdle(all.get(i - 1).low()); i++) {
      List<Token> name = all.subList(i, all.size());
      Optional<Foods.Named> found =
          found(Token.joined(name), suffix).filter(food -> free.allows(food.food()));
      if (found.isPresent()) {
        return found.map(
            food -> new Named(food.food(), food.general(), name, notes.unused(all, all)));
      }
    }
    return Optional.empty();
  }

  /** "1 Bramley apple": a sort of a food that is named for it. */
  private Optional<Named> ofSort(
      List<List<Token>> candidates, FreeFrom free, Notes notes, String suffix) {
    for (List<Token> candidate : candidates) {
      List<Token> told = candidate.stream().filter(word -> !LineWords.isIdle(word.low())).toList();
      Optional<List<Token>> name = Varieties.behindSort(told, foods);
      Optional<Foods.Named> found =
          name.flatMap(words -> found(Token.joined(words), suffix))
              .filter(food -> free.allows(food.food()));
      if (found.isPresent()) {
        return Optional.of(
            new Named(found.get().food(), true, name.get(), notes.unused(name.get(), candidate)));
      }
    }
    return Optional.empty();
  }

  private List<Food> kind(String name, FreeFrom free) {
    return foods.kind(name).stream().filter(free::allows).toList();
  }

  private Optional<Foods.Named> found(String name, String suffix) {
    return suffix.endsWith("?")
        ? foods.byName(name + suffix.substring(0, suffix.length() - 1)).or(() -> foods.byName(name))
        : foods.byName(name + suffix);
  }
}
