package honeststack.core.said;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.yield.BareCounts;
import java.util.List;
import java.util.Optional;

/** What a recipe is called, before what is in it: "Banana oat pancakes: 200 g oats, …". */
final class Titles {
  /** No title is longer. */
  private static final int LONGEST = 14;

  private static final Remembered CAKES =
      Remembered.whole(
          "(?:pan|hot|griddle|johnny|flap|hoe|corn)?cakes?|waffles?|cr[eê]pes?|galettes?|pikelets?"
              + "|blinis?|fritters?|latkes?|dosas?|drop scones?|crumpets?|palatschinken|oladyi|oladi"
              + "|palacsinta|pann(?:en)?koek(?:en)?|syrniki|racuchy|poffertjes|[ae]+bleskiver|okonomiyaki|uttapams?|cheelas?|chillas?"
              + "|farls?|bannocks?|kaiserschmarrn|injera|msemen|arepas?|hotteok|farinata|socca");

  private Titles() {}

  /** Before a colon, or before how many there are. */
  static void in(Clause clause) {
    int end = 0;
    boolean cakes = false;
    while (clause.has(end) && end < LONGEST && isTitle(clause, end)) {
      cakes |= clause.says(end, CAKES);
      end++;
    }
    if (!cakes || end == 0 || !clause.has(end)) {
      return;
    }
    boolean measured =
        clause.elements.subList(end, clause.size()).stream()
            .anyMatch(e -> e.isAmount() && !e.isWeak());
    boolean foods = clause.elements.subList(end, clause.size()).stream().anyMatch(Element::isFood);
    if (clause.isMark(end, ":") && measured && foods) {
      mark(clause, end);
    } else if (!foods) {
      numbered(clause, end);
    }
  }

  /** "Rye pancakes, 12 pieces", "Rye pancakes x 12". */
  private static void numbered(Clause clause, int end) {
    int number = end;
    while (clause.isMark(number, ",", "-", "–", "~", ":", "×", "/") || clause.isWord(number, "x")) {
      number++;
    }
    int size = clause.isWord(number + 1, "small", "large", "mini", "big") ? number + 1 : number;
    boolean last = clause.isStrong(number) && size == clause.size() - 1;
    boolean pieces =
        last
            && !clause.isWord(end - 1, "for")
            && !BareCounts.isOfKind(clause, number)
            && clause.get(number).measure().size().matches("|piece");
    boolean named = last && (size > number || clause.low(number).matches(".*[a-zü]"));
    if (pieces && (end > 1 || named)) {
      clause.counts.pieces = Optional.of(BareCounts.range(clause.get(number)));
      clause.get(number).part = Part.YIELD;
      mark(clause, number);
    }
  }

  /** Of a whole text: its first sentence, if it only names what is made. */
  static boolean isAlone(Clause clause) {
    List<Element> elements = clause.elements;
    return elements.size() <= LONGEST
        && elements.stream().anyMatch(e -> e.says(CAKES))
        && elements.stream().allMatch(e -> isTitle(e) || e.isMark(".", "!", ":", ","));
  }

  private static boolean isTitle(Clause clause, int i) {
    boolean version = i > 0 && clause.isAmount(i) && clause.isMark(i - 1, "#"); // "waffles #2"
    if (clause.isAmount(i) && clause.isFood(i + 1)) {
      return false; // "a pear, pancakes: …"
    }
    return version || isTitle(clause.get(i)) || clause.isMark(i, ",") && !clause.isStrong(i + 1);
  }

  /** It measures nothing, and nothing is done. */
  private static boolean isTitle(Element element) {
    boolean cue =
        element.is(Sort.EXCLUDE, Sort.PLATE, Sort.PAN, Sort.YIELD, Sort.SERVES, Sort.VERB)
            || element.is(Sort.INSTEAD, Sort.SWAP, Sort.CORRECT, Sort.OUT)
            || element.is(Sort.PLATE_NEXT, Sort.PAN_NEXT, Sort.OR);
    boolean said = element.isWord("i", "we", "you", "is", "are", "use", "add", "in");
    boolean mark = element.kind == Element.Kind.MARK && !element.isMark("-", "–", "&", "'", "#");
    return !cue && !said && !mark && (!element.isAmount() || element.isWeak());
  }

  private static void mark(Clause clause, int to) {
    for (int i = 0; i < to; i++) {
      boolean version = i > 0 && clause.isMark(i - 1, "#");
      boolean count =
          clause.get(i).isAmount() && !version || clause.isWord(i, "for"); // "waffles for two"
      clause.get(i).part = count ? null : Part.HEADING;
    }
  }
}
