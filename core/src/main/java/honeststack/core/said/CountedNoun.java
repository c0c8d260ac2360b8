package honeststack.core.said;

import honeststack.core.line.LineWords;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.said.yield.BareCounts;

/** What a number counts. */
final class CountedNoun {
  private static final int FAR = 4;

  private CountedNoun() {}

  /** A phrase of a sort stands not far before it. */
  static boolean isBehind(Clause clause, int i, Sort sort) {
    int words = 0;
    for (int j = i - 1; j >= 0 && words <= FAR; j--, words++) {
      if (clause.is(j, sort) && clause.get(j).part != Part.NOTE) {
        return true;
      }
      Element element = clause.get(j);
      boolean over =
          element.kind == Element.Kind.WORD
              || element.is(Sort.IDLE, Sort.PIECES, Sort.SERVES)
              || element.isMark(":", "~")
              || element.isMark(".") && LineWords.isAbout(clause.low(j - 1));
      if (!over) {
        return false;
      }
    }
    return false;
  }

  /** The noun that a number counts, over adjectives; -1 if there is none. */
  static int at(Clause clause, int from) {
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

  /** A food is what comes next. */
  static boolean isFood(Clause clause, int i) {
    return !clause.isWord(i, "with") && clause.ahead(i, 2, Element::isFood) >= 0;
  }

  /** Nothing that it counts stands behind a number. */
  static boolean isClosed(Clause clause, int i) {
    return BareCounts.isEnd(clause, i)
        || clause.is(
            i,
            Sort.IDLE,
            Sort.PER,
            Sort.YIELD,
            Sort.SERVES,
            Sort.PAN,
            Sort.PLATE_NEXT,
            Sort.PAN_NEXT)
        || clause.is(i, Sort.OR) && clause.isStrong(i + 1) && !isFood(clause, i + 2)
        || clause.is(i, Sort.LIKE) && clause.low(i).startsWith("if ")
        || clause.get(i).kind == Element.Kind.WORD
        || clause.isMark(i, "(", "-", "–");
  }
}
