package honeststack.core.said.span;

import honeststack.core.food.Foods;
import honeststack.core.food.Role;
import honeststack.core.line.UnitWords;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Element;
import honeststack.core.said.words.Sort;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A noun that two foods share: "plain or spelt flour", "soy or oat milk", "lemon and orange zest".
 */
public final class Ellipses {
  private static final Set<String> HEADS =
      Set.of(
          "milk",
          "milks",
          "drink",
          "flour",
          "flours",
          "oil",
          "oils",
          "sugar",
          "sugars",
          "butter",
          "juice",
          "zest",
          "rind",
          "extract",
          "essence",
          "syrup",
          "powder",
          "starch",
          "cream",
          "cheese",
          "yogurt",
          "yoghurt",
          "jam",
          "chocolate",
          "sauce",
          "vinegar",
          "seeds",
          "salt",
          "eggs",
          "lentils",
          "chips",
          "pepper",
          "protein",
          "bran");

  private final Foods foods;
  private List<Element> elements = List.of();

  /** Some sentence of the text named a flour. */
  private boolean flour;

  public Ellipses(Foods foods) {
    this.foods = foods;
  }

  /** The same elements of the next sentence of a text, with what was left out put in. */
  public List<Element> filled(List<Element> sentence) {
    elements = sentence;
    for (int i = elements.size() - 2; i > 0; i--) {
      int next = isJoint(elements.get(i)) ? next(i) : -1;
      if (next > 0) {
        fill(i, next);
      }
    }
    PartNames.in(foods, elements);
    SharedNouns.in(foods, elements);
    again();
    whites();
    dried();
    flours();
    for (int i = 1; i < elements.size(); i++) {
      scooped(i);
    }
    return elements;
  }

  /** "one egg plus one white": counted, and behind an egg. */
  private void whites() {
    boolean egg = false;
    for (int i = 1; i < elements.size(); i++) {
      Element word = elements.get(i);
      egg |=
          elements.get(i - 1).isFood()
              && elements.get(i - 1).food.isPresent()
              && elements.get(i - 1).food.get().food().role() == Role.EGG;
      boolean extra = i > 1 && elements.get(i - 1).isWord("extra", "more", "additional");
      Element amount = elements.get(extra ? i - 2 : i - 1);
      if (egg && word.isWord("white") && amount.isAmount() && amount.isCount() && isLast(i)) {
        Element food = Element.food(word.tokens, word.from, word.to, foods.byName("egg white"));
        food.instead = "egg white";
        elements.set(i, food);
      }
    }
  }

  /** "20 g fresh yeast or 7 g dried". */
  private void dried() {
    Element yeast = null;
    for (int i = 0; i < elements.size(); i++) {
      Element word = elements.get(i);
      yeast = word.isFood() && word.low().contains("yeast") ? word : yeast;
      boolean other =
          yeast != null
              && word.isWord("dried", "dry", "fresh", "instant")
              && elements.get(i - 1).isAmount()
              && isLast(i);
      if (other) {
        String name = word.low() + " yeast";
        Element food = Element.food(word.tokens, word.from, word.to, foods.byName(name));
        food.instead = name;
        elements.set(i, food);
      }
    }
  }

  /** "two whole-wheat biscuits": nobody counts flour, so it says of what they are. */
  private void flours() {
    for (int i = elements.size() - 2; i > 0; i--) {
      Element flour = elements.get(i);
      int next = elements.get(i + 1).kind == Element.Kind.WORD ? i + 2 : i + 1;
      boolean counted =
          flour.isRole(Role.FLOUR)
              && elements.get(i - 1).isCount()
              && !flour.low().endsWith("flour")
              && next < elements.size()
              && elements.get(next).isFood();
      if (counted) {
        elements.remove(i);
        for (int at = flour.to - 1; at >= flour.from; at--) {
          elements.add(i, Element.token(flour.tokens, at));
        }
      }
    }
  }

  /** "1 scoop protein": in scoops it is the powder, and no figure of a label. */
  private void scooped(int i) {
    int amount = elements.get(i - 1).isWord("of") ? i - 2 : i - 1;
    boolean scoops =
        elements.get(i).isWord("protein")
            && amount >= 0
            && elements.get(amount).isAmount()
            && elements.get(amount).measure().unit() == Unit.SCOOP;
    Element word = elements.get(i);
    Optional<Foods.Named> powder = scoops ? foods.byName("protein powder") : Optional.empty();
    if (powder.isPresent()) {
      Element food = Element.food(word.tokens, word.from, word.to, powder);
      food.instead = "protein powder";
      elements.set(i, food);
    }
  }

  /** "white flour … 75 g white, 75 g wholemeal": the noun was said before. */
  private void again() {
    String head = "";
    boolean flours = elements.stream().anyMatch(Ellipses::isFlour);
    for (int i = 0; i < elements.size(); i++) {
      Element element = elements.get(i);
      boolean white = flours && element.isWord("white") && isWeighed(i); // "125 g white, 125 g rye"
      head = white && head.isEmpty() ? "flour" : head;
      if (isFlour(element)) {
        head = "flour"; // "200 g wholemeal"
        flour = true;
      } else if (element.isFood() && !isShort(element) && !isOfThe(i, head)) {
        String last = element.tokens.get(element.to - 1).low();
        head = last.startsWith("self-r") ? "flour" : HEADS.contains(last) ? last : head;
        flour |= head.equals("flour");
      } else if (!noun(head, element).isEmpty()
          && !element.isWord("whites") // of eggs
          && (isMeasured(i) || isCorrect(i) || isNameFirst(i))
          && isLast(i)) {
        String name = element.low() + " " + noun(head, element);
        Optional<Foods.Named> whole = foods.byName(name);
        if (whole.isPresent()) {
          Element food = Element.food(element.tokens, element.from, element.to, whole);
          food.instead = name;
          elements.set(i, food);
        }
      }
    }
  }

  /** The noun that was said last; of flours alone it need not be said. */
  private String noun(String head, Element element) {
    boolean told = element.isWord("plain", "strong") || flour && element.isWord("white");
    return head.isEmpty() && told ? "flour" : head;
  }

  /** A word that names a food only by what it leaves out. */
  private static boolean isShort(Element element) {
    return element.isWord("white", "whites", "brown", "wholemeal", "wholegrain", "plain", "strong");
  }

  private static boolean isFlour(Element element) {
    return element.isWord("wholemeal", "wholegrain", "spelt", "rye", "strong", "buckwheat")
        && element.food.filter(named -> named.food().role() == Role.FLOUR).isPresent();
  }

  /** "I said oat milk but it's soy". */
  private boolean isCorrect(int i) {
    boolean word = elements.get(i).kind == Element.Kind.WORD;
    boolean unit = UnitWords.of(elements.get(i).low()).isPresent(); // "200 ml, I mean grams"
    return word && i > 0 && !unit && elements.get(i - 1).is(Sort.CORRECT);
  }

  private boolean isMeasured(int i) {
    int before = measureOf(i);
    boolean word = elements.get(i).kind == Element.Kind.WORD || elements.get(i).isFood();
    boolean taken = // "yeast 300 g fresh"
        before == i - 1
            && before > 0
            && elements.get(before - 1).isFood()
            && (before < 2 || !elements.get(before - 2).isAmount());
    return word && before >= 0 && isSome(elements.get(before)) && !taken;
  }

  private boolean isWeighed(int i) {
    int before = measureOf(i);
    return before >= 0 && elements.get(before).isAmount() && !elements.get(before).isCount();
  }

  private static boolean isSome(Element element) {
    return element.isAmount() && !element.isWeak() || element.low().endsWith("as much");
  }

  /** The element before "of", "the" or "of the". */
  private int measureOf(int i) {
    int before = i - 1;
    before -= before >= 0 && elements.get(before).isWord("the") ? 1 : 0;
    before -= before >= 0 && elements.get(before).isWord("of") ? 1 : 0;
    return before;
  }

  /** "200 ml whole milk and 100 of the oat": the other milk. */
  private boolean isOfThe(int i, String head) {
    Element element = elements.get(i);
    boolean the = i > 1 && elements.get(i - 1).isWord("the") && isMeasured(i);
    return the
        && element.to == element.from + 1
        && !SharedNouns.WHOLE.contains(element.low())
        && !head.isEmpty();
  }

  /** "buckwheat 100 g + plain 100 g": names first. */
  private boolean isNameFirst(int i) {
    Element before = i > 0 ? elements.get(i - 1) : null;
    boolean apart =
        before != null
            && (before.isMark(",", ";", "/") || before.low().equals("+") || before.isWord("and"));
    boolean measured = i + 1 < elements.size() && elements.get(i + 1).isAmount();
    return apart && measured && elements.get(i).isWord("plain", "strong", "white", "wholemeal");
  }

  /** Nothing of the name follows. */
  private boolean isLast(int i) {
    if (i + 1 == elements.size()) {
      return true;
    }
    Element next = elements.get(i + 1);
    return next.kind == Element.Kind.MARK
        || next.isAmount()
        || next.isWord("and", "or", "in", "for", "with", "to", "plus", "now", "today", "instead");
  }

  private static boolean isJoint(Element element) {
    return element.is(Sort.OR) || element.isWord("and", "or") || element.isMark("/", "&");
  }

  /**
   * The food behind a joint; over its amount, where the word before has one: "1 cup white and …".
   */
  private int next(int joint) {
    if (elements.get(joint + 1).isFood()) {
      return joint + 1;
    }
    int food = joint + 2;
    food += food < elements.size() && elements.get(food).isWord("of") ? 1 : 0;
    Element word = elements.get(joint - 1);
    boolean open = word.kind == Element.Kind.WORD || isShort(word);
    boolean both = open && isSome(elements.get(joint + 1)) && joint > 1 && isMeasured(joint - 1);
    return both && food < elements.size() && elements.get(food).isFood() ? food : -1;
  }

  private void fill(int joint, int behindJoint) {
    String next = elements.get(behindJoint).low(); // "soy/oat/cow milk": "oat" is filled already
    String head = next.substring(next.lastIndexOf(' ') + 1);
    if (head.equals(next) || !HEADS.contains(head)) {
      return;
    }
    boolean filled = fill(joint - 1, head);
    for (int i = joint - 3; filled && i >= 0 && elements.get(i + 1).isMark(","); i -= 2) {
      filled = fill(i, head); // "soy, oat or cow's milk"
    }
  }

  private boolean fill(int i, String head) {
    Element before = elements.get(i);
    String word = before.low();
    boolean one = before.to == before.from + 1 && isOpen(before, word);
    Optional<Foods.Named> whole = one ? foods.byName(word + " " + head) : Optional.empty();
    if (whole.isPresent()) {
      Element food = Element.food(before.tokens, before.from, before.to, whole);
      food.instead = word + " " + head;
      elements.set(i, food);
    }
    return whole.isPresent();
  }

  private static boolean isOpen(Element before, String word) {
    boolean plain = before.kind == Element.Kind.WORD && Character.isLetter(word.charAt(0));
    boolean singular = before.isFood() && !word.endsWith("s") && !SharedNouns.WHOLE.contains(word);
    return plain || singular;
  }
}
