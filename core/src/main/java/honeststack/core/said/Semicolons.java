package honeststack.core.said;

import honeststack.core.line.Token;
import honeststack.core.said.clause.Element;
import honeststack.core.said.corrected.SameBut;
import honeststack.core.said.page.LabelLines;
import honeststack.core.said.ratio.RuleOf;
import honeststack.core.said.supposed.Hypothetical;
import honeststack.core.said.talk.Allergens;
import honeststack.core.said.words.Sentence;
import honeststack.core.said.words.Sort;
import honeststack.core.said.yield.Tally;
import java.util.ArrayList;
import java.util.List;

/**
 * Ends a sentence at a semicolon where what follows is an amount of a food of its own: "30 kids,
 * one pancake each; 1.5 kg flour" gives nobody a kilo and a half.
 */
final class Semicolons {
  /** So many idle words may stand between an amount and its food. */
  private static final int OVER = 3;

  /** Of whom a sentence tells. */
  private static final String[] OTHERS = {"they", "she", "he", "nobody", "my", "her", "his", "our"};

  /** With which what the speaker did begins, and what others do. */
  private static final String[] OWN = {"i", "we", "mine", "ours", "now", "today"};

  private static final String[] THEIRS = {
    "the", "my", "mum", "mom", "gran", "granny", "nan", "dad", "in", "her", "his", "their", "she",
    "he", "they", "aunt", "auntie", "most", "some", "others", "people"
  };

  /** What says more of a food named before. */
  private static final Sort[] OF_FOOD = {
    Sort.PAN,
    Sort.PAN_NEXT,
    Sort.PLATE,
    Sort.PLATE_NEXT,
    Sort.BOWL,
    Sort.MORE,
    Sort.HOLD,
    Sort.PART_OF,
    Sort.CORRECT,
    Sort.EXCLUDE,
    Sort.INSTEAD,
    Sort.OUT
  };

  private static final String[] FOR_FOOD = {
    "it", "that", "this", "them", "same", "works", "too", "extra", "half", "rest", "use", "used"
  };

  private static final Sort[] PLACES = {
    Sort.PLATE, Sort.PLATE_NEXT, Sort.PAN, Sort.PAN_NEXT, Sort.SWAP, Sort.INSTEAD
  };

  /** What comes out, who eats it, how long it takes. */
  private static final Sort[] OF_PIECES = {
    Sort.PIECES, Sort.YIELD, Sort.SERVES, Sort.PEOPLE, Sort.PER, Sort.UNIT_OTHER, Sort.BATTER
  };

  private Semicolons() {}

  /** The sentences that it is: one, where no semicolon ends anything. */
  static List<Sentence> apart(Sentence sentence, List<Element> elements) {
    List<Sentence> apart = new ArrayList<>();
    int begin = sentence.start();
    int from = 0;
    int brackets = 0;
    boolean joined = !elements.stream().allMatch(Hypothetical::isPlain);
    for (int i = 0; i < elements.size(); i++) {
      int close = joined ? Joined.closes(elements, from, i) : -1;
      if (close > 0) {
        apart.add(sentence.between(begin, elements.get(i - 1).end()));
        apart.add(sentence.between(elements.get(i + 1).start(), elements.get(close - 1).end()));
        return apart;
      }
      brackets += elements.get(i).isMark("(", "[") ? 1 : elements.get(i).isMark(")", "]") ? -1 : 0;
      boolean within = brackets > 0 || i == from || i + 1 == elements.size();
      boolean ends =
          elements.get(i).isMark(";") && !within && ends(elements, from, i)
              || elements.get(i).isMark(":", "-", "–", "—")
                  && !within
                  && isTally(elements, from, i);
      ends |= joined && !within && Joined.ends(elements, from, i);
      if (ends) {
        apart.add(sentence.between(begin, elements.get(i).end()));
        begin = elements.get(i).end();
        from = i + 1;
      }
    }
    if (apart.isEmpty()) {
      return List.of(sentence);
    }
    apart.add(sentence.between(begin, sentence.end()));
    return apart;
  }

  /** "we ate ten and froze six: 300 g flour", or behind the foods. */
  private static boolean isTally(List<Element> elements, int from, int i) {
    List<Element> before = elements.subList(from, i);
    List<Element> after = elements.subList(i + 1, elements.size());
    return Tally.mayBe(before) && after.stream().anyMatch(Element::isFood)
        || Tally.mayBe(after) && before.stream().anyMatch(Element::isFood);
  }

  private static boolean ends(List<Element> elements, int from, int i) {
    int to = i + 1;
    while (to < elements.size() && !elements.get(to).isMark(";")) {
      to++;
    }
    List<Element> before = elements.subList(from, i);
    List<Element> after = elements.subList(i + 1, to);
    if (Allergens.begin(before.get(0))) {
      return true;
    }
    boolean figures = before.stream().anyMatch(e -> e.is(Sort.NUTRIENT, Sort.NUTRITION));
    if (figures && after.stream().anyMatch(Element::isFood) && !isLabel(after)) {
      return true; // "145 kcal, 6 g protein; 200 g flour"
    }
    boolean own = // "the old card has 60 g butter; I put in 45 ml oil"
        !after.isEmpty()
            && after.get(0).isWord(OWN)
            && isTold(after)
            && before.get(0).isWord(THEIRS)
            && isTold(before)
            && after.stream().noneMatch(e -> before.stream().anyMatch(e::isSameFood));
    if (own) {
      return true;
    }
    boolean total = // "100 g flour takes 1 egg; I took 300 g"
        RuleOf.isTotal(after) && RuleOf.isTold(before);
    if (total || SameBut.isSaid(after)) {
      return true;
    }
    boolean item = isMeasured(elements, i + 1) || isNamed(before, after);
    return !isBegun(before) && (isSentence(after) || item && !isPlaced(before));
  }

  /** A food with its amount. */
  private static boolean isTold(List<Element> elements) {
    return elements.stream().anyMatch(Element::isFood)
        && elements.stream().anyMatch(e -> e.isAmount() && !e.isWeak());
  }

  /** "sugar 4 g": no word that a label does not have. */
  private static boolean isLabel(List<Element> elements) {
    return elements.stream()
        .flatMap(e -> e.tokens.subList(e.from, e.to).stream())
        .allMatch(t -> t.kind() != Token.Kind.WORD || LabelLines.isFigure(t));
  }

  /** "1 serving = 2 waffles; sugar (brown): 100 g". */
  private static boolean isNamed(List<Element> before, List<Element> after) {
    return before.stream().noneMatch(Element::isFood)
        && before.stream().anyMatch(e -> e.isAmount() || e.is(Sort.UNIT_OTHER))
        && after.stream().anyMatch(Element::isFood)
        && !isLabel(after)
        && after.stream().anyMatch(e -> e.isAmount() && !e.isWeak());
  }

  /** "; They taste of biscuits", "; makes 12", "; rest it 20 minutes": of no food before it. */
  private static boolean isSentence(List<Element> after) {
    if (after.isEmpty()) {
      return false;
    }
    Element begin = after.get(0);
    Token first = begin.tokens.get(begin.from);
    boolean capital =
        first.text().length() > 1
            && Character.isUpperCase(first.text().codePointAt(0))
            && Character.isLowerCase(first.text().codePointAt(1));
    if (capital || begin.isWord(OTHERS) || Allergens.begin(begin)) {
      return true;
    }
    boolean left = // "; half of the pancakes left over"
        after.stream().anyMatch(e -> e.is(Sort.PIECES))
            && after.stream().anyMatch(e -> e.isWord("left", "eaten", "frozen", "froze", "remain"))
            && after.stream().noneMatch(Element::isFood);
    if (left) {
      return true;
    }
    if (begin.is(Sort.OR, Sort.CORRECT, Sort.EXCLUDE, Sort.MORE)) {
      return false;
    }
    boolean amount = after.stream().anyMatch(e -> e.isAmount() && !e.isCount());
    boolean pieces = after.stream().anyMatch(e -> e.is(OF_PIECES));
    boolean measured = amount && !pieces;
    boolean of =
        after.stream().anyMatch(e -> e.isFood() || e.is(OF_FOOD))
            || amount && after.stream().anyMatch(e -> e.is(Sort.EACH))
            || !pieces && after.stream().anyMatch(e -> e.isWord(FOR_FOOD));
    return !of && !measured && (pieces || after.stream().anyMatch(Element::isAmount));
  }

  /** An amount follows, and its food: "; then 200 g flour". */
  private static boolean isMeasured(List<Element> elements, int from) {
    int i = from;
    boolean work = i < elements.size() && !elements.get(i).is(Sort.OR, Sort.CORRECT);
    if (work
        && (elements.get(i).is(Sort.VERB)
            || elements.get(i).isWord("then", "also", "and", "today", "now"))) {
      i++;
    }
    boolean amount = i < elements.size() && elements.get(i).isAmount() && elements.get(i).isFree();
    for (int j = i + 1; amount && j < elements.size() && j <= i + OVER; j++) {
      Element next = elements.get(j);
      if (next.isFood()) {
        return true;
      }
      if (next.kind == Element.Kind.MARK || next.isAmount() && !next.isWeak()) {
        return false;
      }
    }
    return false;
  }

  /** A list that goes on, or a name: "1 tsp each: salt; soda", "flour; 2 cups. sugar; 2 tbsp". */
  private static boolean isBegun(List<Element> before) {
    boolean list =
        before.stream().anyMatch(element -> element.isMark(":"))
            && before.stream().noneMatch(e -> e.is(Sort.UNIT_OTHER, Sort.NUTRITION))
            && before.stream().anyMatch(e -> e.isFood() || e.is(Sort.EACH, Sort.PER));
    return list || before.stream().allMatch(element -> element.isFood() || element.is(Sort.IDLE));
  }

  /**
   * Something goes to a place, and what follows may go there too: "top each with jam; 5 g nuts".
   */
  private static boolean isPlaced(List<Element> before) {
    return before.stream().anyMatch(Element::isFood)
        && before.stream().anyMatch(element -> element.is(PLACES));
  }
}
