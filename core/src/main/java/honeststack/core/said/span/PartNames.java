package honeststack.core.said.span;

import honeststack.core.food.Foods;
import honeststack.core.measure.Measure;
import honeststack.core.said.clause.Element;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Parts of what was measured, each named by its own word alone: "2 cups milk (1 oat, 1 almond)", "3
 * eggs, 2 of them duck".
 */
public final class PartNames {
  private static final double SAME = 1e-6;

  /** Whose parts may be named so. */
  private static final Set<String> HEADS =
      Set.of("milk", "flour", "flours", "sugar", "sugars", "eggs", "oil", "butter", "yogurt");

  private final Foods foods;
  private final List<Element> elements;

  private PartNames(Foods foods, List<Element> elements) {
    this.foods = foods;
    this.elements = elements;
  }

  /** Whether a word may stand for what has parts. */
  public static boolean mayHave(String word) {
    return HEADS.contains(word) || SharedNouns.isHead(word);
  }

  /** In its own sentence: names the parts in full. */
  static void in(Foods foods, List<Element> elements) {
    for (int i = 1; i + 2 < elements.size(); i++) {
      if (isWhole(elements, i)) {
        Element whole = elements.get(amount(elements, i));
        new PartNames(foods, elements).of(whole, head(elements, i), i);
      }
    }
  }

  /**
   * In brackets.
   *
   * @param outer what stands before them
   * @param inner what stands in them, whose parts are named in full from now on
   */
  public static void in(Foods foods, List<Element> outer, List<Element> inner) {
    SharedNouns.in(foods, outer, inner);
    int last = outer.size() - 1;
    if (last > 0 && isWhole(outer, last)) {
      Element whole = outer.get(amount(outer, last));
      PartNames names = new PartNames(foods, inner);
      names.of(whole, head(outer, last), -1).forEach(amount -> amount.takeUnit(whole));
    }
  }

  private static boolean isWhole(List<Element> all, int i) {
    return all.get(i).isFood() && HEADS.contains(head(all, i)) && amount(all, i) >= 0;
  }

  private static String head(List<Element> all, int i) {
    Element food = all.get(i);
    return food.tokens.get(food.to - 1).low();
  }

  private static int amount(List<Element> all, int food) {
    int before = all.get(food - 1).isWord("of") ? food - 2 : food - 1;
    return before >= 0 && all.get(before).isAmount() ? before : -1;
  }

  /** Names what is behind a place, as far as it tells of parts; their amounts. */
  private List<Element> of(Element whole, String head, int place) {
    List<Element> amounts = new ArrayList<>();
    List<Integer> names = new ArrayList<>();
    boolean ofIt = false;
    int i = place + 1;
    while (i + 1 < elements.size()) {
      if (isBetween(i)) {
        i++;
        continue;
      }
      int name = elements.get(i + 1).isWord("of") ? i + 2 : i + 1;
      boolean it = isIt(name);
      name += it ? 1 : 0;
      boolean part =
          name < elements.size()
              && isPart(elements.get(i), whole)
              && full(elements.get(name), head).isPresent();
      if (!part) {
        break;
      }
      ofIt |= it;
      amounts.add(elements.get(i));
      names.add(name);
      i = name + 1;
    }
    double sum = amounts.stream().mapToDouble(PartNames::amount).sum();
    boolean all = amounts.size() > 1 && Math.abs(sum - amount(whole)) < SAME;
    boolean fraction = amounts.stream().anyMatch(part -> part.isCount() && amount(part) < 1);
    if (!all && (!ofIt || fraction || sum > amount(whole))) {
      return List.of();
    }
    amounts.forEach(part -> part.firm = true);
    names.forEach(at -> elements.set(at, named(elements.get(at), head)));
    return amounts;
  }

  private static double amount(Element element) {
    return element.measure().amount();
  }

  private boolean isBetween(int i) {
    Element element = elements.get(i);
    return element.isMark(",", ":", "-", "–", "—")
        || element.isWord("and", "plus", "&")
        || element.low().equals("+");
  }

  private boolean isIt(int i) {
    boolean of = elements.get(i - 1).isWord("of");
    return of && i < elements.size() && elements.get(i).isWord("it", "them", "that", "which");
  }

  private static boolean isPart(Element part, Element whole) {
    if (!part.isAmount()) {
      return false;
    }
    Measure measure = part.measure();
    return part.isCount() || measure.unit() == whole.measure().unit();
  }

  private Element named(Element part, String head) {
    Foods.Named food = full(part, head).orElseThrow();
    return part.low().endsWith(single(head)) ? part : part.meaning(food, name(part, head));
  }

  private Optional<Foods.Named> full(Element part, String head) {
    boolean many = part.isFood() && part.low().endsWith("s"); // "1 cup almonds" are no milk
    boolean name = part.isFood() && !many || part.kind == Element.Kind.WORD;
    String full = part.low().endsWith(single(head)) ? part.low() : name(part, head);
    Optional<Foods.Named> plain = foods.byName(single(head));
    return name
        ? foods.byName(full).filter(f -> isSort(part) || !isSame(f, plain))
        : Optional.empty();
  }

  /** It names what the noun means by itself; "melted" does not. */
  private static boolean isSort(Element part) {
    return part.isWord("white", "plain", "hen", "normal", "ordinary", "regular");
  }

  private static boolean isSame(Foods.Named food, Optional<Foods.Named> plain) {
    return plain.filter(f -> f.food().equals(food.food())).isPresent();
  }

  private static String name(Element part, String head) {
    return part.low() + " " + single(head);
  }

  private static String single(String head) {
    return head.endsWith("s") ? head.substring(0, head.length() - 1) : head;
  }
}
