package honeststack.core.said.choice;

import honeststack.core.line.LineWords;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Foods of which one is meant: "butter or oil", "1 egg or 2 whites", "walnuts/pecans". */
public final class Choices {
  private static final int FAR = 5;

  /** So many elements say why one of them is better. */
  private static final int REASON = 8;

  private final Clause clause;

  /** The other foods of a choice, each with its own amount or none, by its first food. */
  private final Map<Element, List<Other>> others = new HashMap<>();

  /**
   * @param amount null where it is that of the first food
   */
  public record Other(Element amount, Element food) {}

  public Choices(Clause clause) {
    this.clause = clause;
    int first = -1;
    for (int i = 0; i < clause.size(); i++) {
      if (clause.isFood(i) && clause.get(i).part == null) {
        first = first >= 0 && isListed(first, i) ? first : i;
        listed(first, i);
      } else if (clause.is(i, Sort.OR) && isHow(i - 1)) {
        clause.get(i).part = Part.CHOICE; // "3/4 cup fresh or frozen raspberries"
      } else if (isOr(i) && first >= 0 && isNear(first, i)) {
        other(first, i);
      }
    }
  }

  /** A word of how a food is, right behind an amount. */
  private boolean isHow(int word) {
    boolean plain = clause.has(word) && clause.get(word).kind == Element.Kind.WORD;
    int amount = clause.isWord(word - 1, "of") ? word - 2 : word - 1;
    return plain && clause.isStrong(amount) && LineWords.isDescribing(clause.low(word));
  }

  /** "a tablespoon of oil, melted butter or ghee": between the measured one and the last. */
  private boolean isListed(int first, int i) {
    boolean measured = clause.isStrong(first - 1) || clause.isWord(first - 1, "of");
    int or = i + 1;
    boolean next = clause.is(or, Sort.OR) && clause.ahead(or + 1, FAR, Element::isFood) > 0;
    return measured && next && isComma(first, i) && clause.get(first).isOfAKind(clause.get(i));
  }

  private boolean isComma(int first, int i) {
    int comma = first + 1;
    boolean words = true;
    for (int j = comma + 1; j < i; j++) {
      words &= clause.get(j).kind == Element.Kind.WORD;
    }
    return clause.isMark(comma, ",") && words;
  }

  private void listed(int first, int i) {
    if (first != i) {
      others
          .computeIfAbsent(clause.get(first), any -> new ArrayList<>())
          .add(new Other(null, clause.get(i)));
      clause.get(i).part = Part.CHOICE;
      clause.get(first + 1).part = Part.CHOICE;
    }
  }

  public List<Other> of(Element food) {
    return others.getOrDefault(food, List.of());
  }

  private boolean isOr(int i) {
    boolean slash =
        clause.isMark(i, "/") && !clause.isStrong(i + 1) && !isListed(i) && !isShared(i);
    return slash || clause.is(i, Sort.OR);
  }

  /** "cinnamon/cardamom/vanilla ½ tsp each": of all of them. */
  private boolean isShared(int slash) {
    int i = slash;
    while (clause.isMark(i, "/") && clause.isFood(i + 1)) {
      i += 2;
    }
    return clause.isStrong(i) && clause.is(i + 1, Sort.EACH);
  }

  /** "3 eggs / 300 ml milk / pinch salt" lists, set apart; it leaves no choice. */
  private boolean isListed(int slash) {
    boolean apart =
        slash > 0
            && clause.has(slash + 1)
            && clause.get(slash).start() > end(slash - 1)
            && clause.get(slash + 1).start() > end(slash);
    boolean pinch = apart && clause.get(slash - 1).text().matches("(?i).*\\b(pinch|dash)");
    if (apart && hasAmount(slash, -1) && hasAmount(slash, 1)) {
      return true; // "cocoa (1/4 cup) / honey (3 tbsp)"
    }
    int measured = 0;
    for (int i = 1; i < clause.size(); i++) {
      measured += i != slash && clause.isMark(i, "/") && clause.isStrong(i + 1) ? 1 : 0;
    }
    return pinch || measured > (apart ? 0 : 1);
  }

  /** On one side of a slash, up to the next or the end; in brackets too. */
  private boolean hasAmount(int slash, int step) {
    int i = slash + step;
    boolean amount = false;
    while (clause.has(i) && !clause.isMark(i, "/")) {
      amount |= clause.isStrong(i);
      i += step;
    }
    int from = step > 0 ? end(slash) : clause.has(i) ? end(i) : 0;
    int to =
        step < 0
            ? clause.get(slash).start()
            : clause.has(i) ? clause.get(i).start() : Integer.MAX_VALUE;
    return amount
        || clause.asides.stream()
            .filter(aside -> aside.after() >= from && aside.after() < to)
            .anyMatch(aside -> aside.clause().elements.stream().anyMatch(Element::isAmount));
  }

  private int end(int i) {
    Element element = clause.get(i);
    return element.tokens.get(element.to - 1).end();
  }

  /** Only marks and describing words stand between. */
  private boolean isNear(int food, int or) {
    for (int i = food + 1; i < or; i++) {
      Element element = clause.get(i);
      boolean last = i == or - 1 && element.isMark("-", "–", ";");
      boolean over = last || element.kind == Element.Kind.WORD || element.isMark(",", "(");
      if (!over && element.part != Part.CHOICE && element.part != Part.NOTE) {
        return false;
      }
    }
    return true;
  }

  /** "or, if you have none, oil": behind the second comma. */
  private int behindReason(int comma) {
    int i = comma + 1;
    while (clause.has(i) && i < comma + REASON && !clause.isMark(i, ",")) {
      if (clause.get(i).isFood() || clause.isStrong(i)) {
        return comma;
      }
      i++;
    }
    return clause.isMark(i, ",") ? i + 1 : comma;
  }

  private void other(int first, int or) {
    int from = clause.isMark(or + 1, ",") ? behindReason(or + 1) : or + 1;
    int amount = clause.ahead(from, FAR, e -> e.isAmount() && !e.isWeak());
    int food = clause.ahead(amount >= 0 ? amount + 1 : from, FAR, Element::isFood);
    if (food < 0 || !clause.isFood(food)) {
      return;
    }
    Element said = amount >= 0 ? clause.get(amount) : null;
    if (clause.get(first).isSameFood(clause.get(food)) && said == null) {
      clause.get(food).part = Part.NOTE; // "sooji / rava" is no choice
      clause.get(or).part = Part.CHOICE;
      return;
    }
    others
        .computeIfAbsent(clause.get(first), any -> new ArrayList<>())
        .add(new Other(said, clause.get(food)));
    clause.get(food).part = Part.CHOICE;
    clause.get(or).part = Part.CHOICE;
    if (said != null) {
      said.part = Part.CHOICE;
    }
  }
}
