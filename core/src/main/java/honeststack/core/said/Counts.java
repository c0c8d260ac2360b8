package honeststack.core.said;

import honeststack.core.line.AmountParser;
import honeststack.core.measure.Measure;
import java.util.Locale;
import java.util.Optional;

/** How many pieces come out and how many people they serve; and numbers of a label. */
final class Counts {
  private static final int FAR = 4;

  private final Clause clause;
  private final Counted counted;

  /** "per guest: 2 pancakes" says what a serving is. */
  private final boolean serving;

  private Counts(Clause clause) {
    this.clause = clause;
    this.counted = clause.counts;
    this.serving =
        clause.elements.stream()
            .anyMatch(e -> e.isWord("order", "guest") || e.text().equalsIgnoreCase("per guest"));
  }

  static void in(Clause clause) {
    new Counts(clause).count();
  }

  private void count() {
    nutrition();
    for (int i = 0; i < clause.size(); i++) {
      if (clause.get(i).isAmount() && clause.get(i).isFree() && !isLabelled(i)) {
        count(i);
      }
    }
  }

  /** "14 g fat": a number of a label, and all of them where the sentence is one. */
  private void nutrition() {
    boolean label = clause.sentence.section() == Sentence.Section.NUTRITION;
    for (int i = 0; i < clause.size(); i++) {
      label |= clause.is(i, Sort.NUTRITION) && (i == 0 || hasNutrient(i));
      Element element = clause.get(i);
      if (label && (element.isAmount() || element.isFood())) {
        element.part = Part.METHOD;
      } else if (element.isAmount() && element.isFree()) {
        int of = clause.isWord(i + 1, "of") ? i + 2 : i + 1;
        if (clause.is(of, Sort.NUTRIENT) && !clause.isFood(of) && !clause.isFood(of + 1)) {
          element.part = Part.METHOD;
        }
      }
    }
  }

  private boolean hasNutrient(int from) {
    for (int i = from; i < clause.size(); i++) {
      if (clause.is(i, Sort.NUTRIENT)) {
        return true;
      }
    }
    return false;
  }

  private boolean isLabelled(int i) {
    return clause.get(i).part == Part.METHOD;
  }

  private void count(int i) {
    Element number = clause.get(i);
    boolean cakes = number.measure().size().equals("cake");
    if (!number.isCount() && !cakes) {
      return;
    }
    boolean made = isBehind(i, Sort.YIELD);
    boolean fed = isBehind(i, Sort.SERVES);
    int noun = noun(i + 1);
    boolean pieces =
        noun > 0 && clause.is(noun, Sort.PIECES) || cakes || isSizes(i + 1) || isPieces(i);
    boolean people = noun > 0 && clause.is(noun, Sort.PEOPLE);
    boolean food = noun < 0 && !cakes && isFoodNext(i + 1);
    if (food || number.isWeak() && !fed && !(made && pieces)) {
      return;
    }
    boolean eaten = clause.is(noun + 1, Sort.PER) && !made || serving;
    if (people || fed && !pieces || clause.isWord(i - 1, "for") && isEnd(i + 1)) {
      counted.serves = Optional.of(range(number));
      number.part = Part.SERVES;
    } else if (pieces && !eaten && (made || counted.pieces.isEmpty() || !counted.sure)) {
      counted.pieces = Optional.of(range(number));
      number.part = Part.YIELD;
      counted.sure |= made;
    } else if (made && noun < 0 && isClosed(i + 1)) {
      counted.pieces = Optional.of(range(number));
      number.part = Part.YIELD;
      counted.sure = true;
    }
  }

  private boolean isBehind(int i, Sort sort) {
    int words = 0;
    for (int j = i - 1; j >= 0 && words <= FAR; j--, words++) {
      if (clause.is(j, sort)) {
        return true;
      }
      Element element = clause.get(j);
      boolean over =
          element.kind == Element.Kind.WORD
              || element.is(Sort.IDLE, Sort.PIECES, Sort.SERVES)
              || element.isMark(":", "~");
      if (!over) {
        return false;
      }
    }
    return false;
  }

  /** The noun that a number counts, over adjectives; -1 if there is none. */
  private int noun(int from) {
    for (int i = from; i < clause.size() && i <= from + FAR; i++) {
      if (clause.is(i, Sort.PIECES, Sort.PEOPLE)) {
        return i;
      }
      Element element = clause.get(i);
      boolean over =
          element.kind == Element.Kind.WORD
              || element.isMark("-", "\"")
              || element.is(Sort.UNIT_OTHER)
              || element.is(Sort.IDLE) && !element.isWord("and", "with", "in", "for", "of");
      if (!over) {
        return -1;
      }
    }
    return -1;
  }

  private boolean isFoodNext(int i) {
    return clause.ahead(i, 2, Element::isFood) >= 0;
  }

  private boolean isEnd(int i) {
    return !clause.has(i) || clause.isMark(i, ".", "!", ",", ")", ":");
  }

  /** Nothing that it counts stands behind it. */
  private boolean isClosed(int i) {
    return isEnd(i)
        || clause.is(i, Sort.IDLE, Sort.PER, Sort.YIELD)
        || clause.is(i, Sort.PAN)
        || clause.get(i).kind == Element.Kind.WORD
        || clause.isMark(i, "(", "-", "–");
  }

  /** "(4 small)": in brackets, and nothing else. */
  private boolean isSizes(int from) {
    boolean sized = from == 1 && clause.size() == 2 && !clause.sentence.whole();
    return sized && clause.isWord(1, "small", "large", "big", "medium");
  }

  /** "(12 pcs)". */
  private boolean isPieces(int i) {
    String unit = clause.get(i).text().toLowerCase(Locale.ROOT);
    return clause.size() == 1
        && !clause.sentence.whole()
        && unit.matches(".*\\b(pcs|pieces|nos)\\.?");
  }

  static Told.Count range(Element number) {
    AmountParser.Front front = number.amount.orElseThrow();
    Measure measure = front.terms().get(0).measure();
    return new Told.Count(
        measure.amount() - measure.halfRange(), measure.amount() + measure.halfRange());
  }
}
