package honeststack.core.said.span;

import honeststack.core.food.Foods;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A noun that is said once for several measured foods, before or behind them: "seeds: 10 g pumpkin,
 * 5 g sunflower", "1 tbsp pumpkin and 1 tbsp sunflower seeds".
 */
final class SharedNouns {
  private static final Map<String, String> HEADS =
      Map.ofEntries(
          Map.entry("seeds", "seeds"),
          Map.entry("nuts", "nuts"),
          Map.entry("milk", "milk"),
          Map.entry("milks", "milk"),
          Map.entry("flour", "flour"),
          Map.entry("flours", "flour"),
          Map.entry("oil", "oil"),
          Map.entry("oils", "oil"),
          Map.entry("sugar", "sugar"),
          Map.entry("sugars", "sugar"),
          Map.entry("butters", "butter"),
          Map.entry("syrup", "syrup"),
          Map.entry("syrups", "syrup"),
          Map.entry("yogurt", "yogurt"),
          Map.entry("yoghurt", "yogurt"),
          Map.entry("chocolate", "chocolate"),
          Map.entry("cheese", "cheese"));

  /** What no cook would measure under this short name for itself, beside the other. */
  private static final Map<String, Set<String>> BEHIND =
      Map.of(
          "seeds",
              Set.of("pumpkin", "sunflower", "poppy", "sesame", "hemp", "chia", "flax", "melon"),
          "milk", Set.of("oat", "soy", "soya", "almond", "hazelnut", "cashew"),
          "flour", Set.of("oat", "wheat", "almond", "chickpea", "hazelnut", "lentil"),
          "butter", Set.of("peanut", "almond", "cashew", "hazelnut"),
          "oil", Set.of("olive", "sunflower", "vegetable", "canola", "rapeseed"),
          "syrup", Set.of("maple", "golden", "agave", "date"));

  /** Foods that are themselves, whatever noun stands beside them. */
  static final Set<String> WHOLE =
      Set.of("sugar", "butter", "honey", "milk", "cream", "egg", "water", "salt", "flour", "oil");

  private static final double FAR = 4;

  private final Foods foods;
  private final List<Element> elements;

  private SharedNouns(Foods foods, List<Element> elements) {
    this.foods = foods;
    this.elements = elements;
  }

  /** In its own sentence. */
  static void in(Foods foods, List<Element> elements) {
    SharedNouns nouns = new SharedNouns(foods, elements);
    for (int i = 0; i + 3 < elements.size(); i++) {
      boolean unmeasured = i == 0 || !elements.get(i - 1).isAmount();
      if (unmeasured && elements.get(i + 1).isMark(":", "–", "-")) {
        nouns.ahead(elements.get(i), i + 2);
      }
    }
    for (int i = 4; i < elements.size(); i++) {
      nouns.behind(i);
    }
  }

  /**
   * In brackets.
   *
   * @param outer what stands before them
   * @param inner what stands in them, named in full from now on
   */
  static void in(Foods foods, List<Element> outer, List<Element> inner) {
    int last = outer.size() - 1;
    boolean unmeasured = last == 0 || last > 0 && !outer.get(last - 1).isAmount();
    if (unmeasured) {
      new SharedNouns(foods, inner).ahead(outer.get(last), 0);
    }
  }

  static boolean isHead(String word) {
    return HEADS.containsKey(word);
  }

  private void ahead(Element said, int from) {
    String head = HEADS.get(said.tokens.get(said.to - 1).low());
    boolean named = false;
    int i = from;
    while (head != null && i + 1 < elements.size() && elements.get(i).isAmount()) {
      int name = elements.get(i + 1).isWord("of") ? i + 2 : i + 1;
      boolean open = name < elements.size() && (name + 1 >= elements.size() || isBetween(name + 1));
      boolean full = open && elements.get(name).isFood() && elements.get(name).low().endsWith(head);
      boolean one = open && !full && isOpen(i, name, head) && name(name, head);
      if (!one && !full) {
        break; // "Chocolate: 180 g flour, 2 eggs, 300 ml milk"
      }
      named |= one;
      i = name + 1;
      while (i < elements.size() && isBetween(i)) {
        i++;
      }
    }
    if (named) {
      said.part = Part.HEADING;
    }
  }

  /** "… 1 tbsp pumpkin and 1 tbsp sunflower seeds": from the last back. */
  private void behind(int food) {
    Element last = elements.get(food);
    String head = last.tokens.get(last.to - 1).low();
    int amount = elements.get(food - 1).isWord("of") ? food - 2 : food - 1;
    if (!last.isFood() || last.to - last.from < 2 || !BEHIND.containsKey(head)) {
      return;
    }
    int before = amount;
    while (before > 2 && elements.get(amount).isAmount() && isBetween(before - 1)) {
      int name = isBetween(before - 2) ? before - 3 : before - 2;
      int own = name > 0 && elements.get(name - 1).isWord("of") ? name - 2 : name - 1;
      boolean alike =
          own >= 0
              && elements.get(own).isAmount()
              && isLike(elements.get(own), elements.get(amount));
      if (!alike || !BEHIND.get(head).contains(elements.get(name).low()) || !name(name, head)) {
        return;
      }
      before = own;
    }
  }

  /** In its unit, and no other order of size: "200 g pumpkin and 20 g sunflower seeds". */
  private static boolean isLike(Element one, Element other) {
    double times = one.measure().amount() / other.measure().amount();
    return one.measure().unit() == other.measure().unit() && times <= FAR && times >= 1 / FAR;
  }

  private boolean name(int at, String head) {
    Element word = elements.get(at);
    String one = word.low();
    Optional<String> name =
        Stream.of(one + " " + head, one + head)
            .filter(whole -> foods.byName(whole).isPresent())
            .findFirst();
    if (name.isPresent()) {
      Element food = Element.food(word.tokens, word.from, word.to, foods.byName(name.get()));
      food.instead = name.get();
      elements.set(at, food);
    }
    return name.isPresent();
  }

  private boolean isBetween(int i) {
    Element element = elements.get(i);
    return element.isMark(",", ";", "+", "&", "/", ".") || element.isWord("and", "plus");
  }

  private boolean isOpen(int amount, int name, String head) {
    Element element = elements.get(name);
    String word = element.low();
    boolean one = element.to == element.from + 1 && Character.isLetter(word.charAt(0));
    boolean free = element.kind == Element.Kind.WORD || element.kind == Element.Kind.PHRASE;
    boolean weighed = elements.get(amount).measure().unit().kind() == Unit.Kind.MASS;
    boolean whole = // but "chocolate: 20 g milk", "cheese: 20 g cream"
        WHOLE.contains(word) && !(weighed && head.startsWith("ch"));
    return one && (free || element.isFood() && !word.endsWith("s") && !whole);
  }
}
