package honeststack.core.said.pairing;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import java.util.ArrayList;
import java.util.List;

/** Gives one amount to each food of a list: "½ tsp each of cloves and mace". */
public final class Sharing {
  private static final int FAR = 4;

  private final Clause clause;

  private Sharing(Clause clause) {
    this.clause = clause;
  }

  /** The foods that share an amount with another, each with its amount; they are taken. */
  public static List<Linking.Link> in(Clause clause) {
    Sharing sharing = new Sharing(clause);
    List<Linking.Link> links = new ArrayList<>();
    for (int i = 0; i < clause.size(); i++) {
      int first = clause.is(i, Sort.EACH) ? sharing.measuredBefore(i) : -1;
      if (first >= 0) {
        sharing.share(first, links);
      }
      boolean each = clause.is(i, Sort.EACH) && clause.isStrong(i - 1);
      if (each || clause.is(i, Sort.EACH) && clause.isStrong(i + 1) && i + 1 < clause.size()) {
        sharing.share(each ? i - 1 : i + 1, links);
      }
    }
    return links;
  }

  /** "150 g of flour, milk and honey each": the amount before the list; -1 for none. */
  private int measuredBefore(int each) {
    int i = each - 1;
    int foods = 0;
    while (clause.isFood(i) || clause.isMark(i, ",") || clause.isWord(i, "and", "of")) {
      foods += clause.isFood(i) ? 1 : 0;
      i--;
    }
    boolean end = !clause.has(each + 1) || clause.get(each + 1).kind == Element.Kind.MARK;
    return end && foods > 1 && clause.isStrong(i) && clause.isFood(each - 1) ? i : -1;
  }

  private void share(int amount, List<Linking.Link> links) {
    List<Integer> foods = after(amount + 1);
    if (foods.size() < 2) {
      foods = before(amount - 1);
    }
    if (foods.size() < 2 || isOneName(foods)) {
      return;
    }
    for (int food : foods) {
      clause.get(food).part = Part.FOOD;
      links.add(new Linking.Link(amount, food, -1));
    }
    clause.get(amount).part = Part.AMOUNT;
  }

  /** "coconut chutney, a spoon each": nothing stands between. */
  private static boolean isOneName(List<Integer> foods) {
    return foods.size() == 2 && foods.get(0) + 1 == foods.get(1);
  }

  private List<Integer> after(int from) {
    List<Integer> foods = new ArrayList<>();
    int words = 0;
    for (int i = from; i < clause.size(); i++) {
      boolean own = clause.get(i).isAmount() && foods.size() > 1;
      if (clause.isFood(i)) {
        foods.add(i);
        words = 0;
      } else if (clause.isStrong(i) || own || !isOver(i) || ++words > FAR) {
        break; // "a cup each of flour and milk, an egg"
      }
    }
    return foods;
  }

  private List<Integer> before(int from) {
    List<Integer> foods = new ArrayList<>();
    int words = 0;
    for (int i = from; i >= 0; i--) {
      boolean counted = clause.isFood(i) && isMeasured(i);
      if (counted && foods.size() > 1) {
        break; // "200 g flour, honey and oil, 1 tsp each"
      }
      if (clause.isFood(i)) {
        foods.add(0, i);
        words = 0;
      } else if (clause.isStrong(i) || !isOver(i) || ++words > FAR) {
        break;
      }
    }
    return foods;
  }

  /** "2 tbsp of spiced butter": over "of" and words that describe it. */
  private boolean isMeasured(int food) {
    int own = food - 1;
    while (own > food - FAR && clause.has(own) && clause.get(own).kind == Element.Kind.WORD) {
      own--;
    }
    own = clause.isWord(own, "of") ? own - 1 : own;
    return clause.isStrong(own);
  }

  private boolean isOver(int i) {
    Element element = clause.get(i);
    return element.kind == Element.Kind.WORD
        || element.is(Sort.IDLE, Sort.EACH, Sort.PLATE, Sort.PAN)
        || element.isAmount() && element.isWeak()
        || element.isMark(",", ":", "&", "+", "-", "–", "/");
  }
}
