package honeststack.core.said.without;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;

/**
 * A list that takes back what it measured: "20 g cocoa, 2 eggs, and no cocoa actually", "50 g
 * raisins, scrap the raisins", "50 g sugar, sugar: none". Neither counts.
 */
final class NotAfterAll {
  /** Right behind another food. */
  private static final Sought LED =
      Sought.of(
          "^(?:but|and|only|so|cancel|scrap|scratch|strike|delete|ditch|drop|omit|skip|forget)\\b");

  /** It is of one place, or of some of it. */
  private static final String[] PLACED = {
    "in", "on", "for", "to", "with", "left", "from", "of", "at", "added", "either", "needed"
  };

  private static final Sort[] PLACES = {
    Sort.PAN, Sort.PAN_NEXT, Sort.PLATE, Sort.PLATE_NEXT, Sort.BOWL
  };

  private final Clause clause;

  private NotAfterAll(Clause clause) {
    this.clause = clause;
  }

  /** Once it is known what is left out. */
  static void in(Clause clause) {
    NotAfterAll not = new NotAfterAll(clause);
    for (int i = 1; i < clause.size(); i++) {
      Element food = clause.get(i);
      if (food.isFood() && food.part == Part.EXCLUDED && not.isItem(i)) {
        not.takeBack(i);
      }
    }
  }

  /** An item of its own, that measures nothing and names no place. */
  private boolean isItem(int food) {
    int before = food - 1;
    while (before >= 0 && !isMark(before) && !isStrong(before) && !clause.get(before).isFood()) {
      before--;
    }
    for (int i = before + 1; i < food; i++) {
      if (clause.low(i).startsWith("not") || clause.is(i, Sort.CORRECT) && !isNo(i)) {
        return false; // "30 g ground almonds, not almond flour": which it is
      }
    }
    boolean led = before >= 0 && (isMark(before) || LED.isIn(clause.words(before + 1, food)));
    return led && !isStrong(before) && isList(before + 1) && !isPlaced(food + 1);
  }

  private boolean isNo(int i) {
    return clause.low(i).equals("no") || clause.low(i).endsWith(" no");
  }

  private boolean isPlaced(int from) {
    for (int i = from; clause.has(i) && !clause.isMark(i, ",", ";", "."); i++) {
      if (clause.isWord(i, PLACED)
          || clause.is(i, PLACES)
          || clause.get(i).isFood()
          || isStrong(i)) {
        return true;
      }
    }
    return false;
  }

  private boolean isMark(int i) {
    return clause.isMark(i, ",", "–", "-", "—", ";");
  }

  private boolean isStrong(int i) {
    return clause.has(i) && clause.get(i).isAmount() && !clause.get(i).isWeak();
  }

  /** Amounts and foods, and nothing is said of them. */
  private boolean isList(int to) {
    return clause.elements.subList(0, to).stream()
        .allMatch(
            e ->
                e.isAmount() || e.isFood() || e.kind == Element.Kind.MARK || e.isWord("of", "and"));
  }

  private void takeBack(int food) {
    for (int i = 0; i < food; i++) {
      if (clause.isFood(i) && clause.get(i).isSameFood(clause.get(food))) {
        int amount = clause.isWord(i - 1, "of") ? i - 2 : i - 1;
        clause.exclude(clause.isStrong(amount) ? amount : i, i + 1);
      }
    }
  }
}
