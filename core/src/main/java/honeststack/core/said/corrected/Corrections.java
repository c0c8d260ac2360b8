package honeststack.core.said.corrected;

import honeststack.core.line.UnitWords;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import honeststack.core.wording.Numbers;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;

/** Takes back what a speaker corrects at once: "two eggs, no, three". */
public final class Corrections {
  private static final int FAR = 9;

  /** What it comes to stands behind a reason. */
  private static final int FAR_SUM = 14;

  /** What may be said before what is right. */
  private static final Set<String> CHATTER =
      Set.of(
          "that",
          "it",
          "um",
          "er",
          "a",
          "make",
          "that's",
          "thats",
          "is",
          "way",
          "far",
          "too",
          "much",
          "many",
          "a bit",
          "bit",
          "lot",
          "wrong",
          "not right",
          "should be",
          "it's",
          "i",
          "think",
          "they",
          "they're",
          "are",
          "large",
          "medium",
          "small",
          "write",
          "put",
          "say");

  private final Clause clause;

  /** Amounts that took the place of others. */
  private final Set<Element> done = new HashSet<>();

  private Corrections(Clause clause) {
    this.clause = clause;
  }

  public static void in(Clause clause) {
    Corrections corrections = new Corrections(clause);
    for (int i = 1; i < clause.size(); i++) {
      if (CorrectionCues.isAgain(clause, i)) {
        clause.take(i - 2, i + 1, Part.EXCLUDED);
      } else if (CorrectionCues.isCue(clause, i) || CorrectionCues.isSum(clause, i)) {
        corrections.at(i);
      }
    }
    Changes.in(clause);
  }

  /** It says nothing before what is right. */
  public static boolean isChatter(Clause clause, int i) {
    return CHATTER.contains(clause.low(i));
  }

  private void at(int cue) {
    int second = next(cue + 1);
    if (second >= 0 && clause.get(second).corrects) {
      clause.get(cue).part = Part.EXCLUDED;
      return; // what was told before it is taken back already
    }
    int first = before(cue);
    if (second < 0 && isLast(cue)) {
      second = clause.isMark(cue - 1, ",") ? cue - 2 : cue - 1;
      first = clause.isStrong(second) ? before(second) : -1;
      if (first < 0 || !isFoodOnly(first, second)) {
        return;
      }
    }
    if (second < 0 && first >= 0 && otherUnit(cue, first)) {
      return;
    }
    if (second < 0 && first >= 0) {
      otherFood(cue, first);
    }
    if (second < 0) {
      unmeasured(cue);
    }
    boolean other = clause.isWord(cue, "so") && first >= 0 && foods(first, cue) > 1;
    if (second < 0 || first < 0 || other || isCounted(first) || !done.add(clause.get(second))) {
      return; // "actually make that 250 ml"
    }
    Element old = clause.get(first);
    Element said = clause.get(second);
    if (old.isCount() && !said.isCount() && foods(first, cue) > 1) {
      return; // "2 eggs, milk till it's right, that was 250 ml"
    }
    int food = foodOf(first, cue);
    int named = clause.isWord(second + 2, "of") ? second + 3 : second + 2;
    boolean set = food < 0 && clause.isMark(second + 1, ",") && clause.isFood(named);
    if (set) {
      clause.get(second + 1).part = Part.NOTE; // "300 ml, I mean 250 ml, milk"
    }
    int again = set ? named : clause.ahead(second + 1, 3, Element::isFood);
    if (again > second + 2 && clause.isStrong(again - 1) && food >= 0 && food > first) {
      again = -1; // "40 g of oats, oops, 100 g, and 100 g rye flour"
    }
    if (food == first - 1 && clause.isStrong(again + 1)) {
      again = -1; // "water 350, no, 370 salt 6 g": names first
    } else if (food == first - 1 && food >= 0 && isMeasured(food)) {
      food = -1; // "200 g of flour 20 g no 30 g of sugar"
    }
    if (again >= 0
        && food >= 0
        && !clause.get(food).isSameFood(clause.get(again))
        && !isRetold(first)
        && !isInstead(cue, first, second, food, again)) {
      return;
    }
    old.part = Part.EXCLUDED;
    clause.get(cue).part = Part.EXCLUDED;
    said.takeUnit(old);
    if (again >= 0 && food >= 0) {
      clause.get(food).part = Part.EXCLUDED;
    }
    said.corrects = again < 0;
  }

  private boolean isMeasured(int food) {
    return clause.isStrong(clause.isWord(food - 1, "of") ? food - 2 : food - 1);
  }

  /** "15 g sugar, correction, 15 g of sucralose": as much of another of its kind. */
  private boolean isInstead(int cue, int first, int second, int food, int again) {
    boolean said =
        clause.low(cue).matches("correction|scratch that|sorry|i mean|i meant|or rather");
    return said
        && clause.get(food).isOfAKind(clause.get(again))
        && clause.get(first).low().equals(clause.get(second).low());
  }

  private long foods(int from, int to) {
    return clause.elements.subList(from, to).stream().filter(Element::isFood).count();
  }

  /** "makes 12, no, 10": of what comes out, not of a food. */
  private boolean isCounted(int number) {
    int said = clause.isWord(number - 1, "about", "around", "roughly") ? number - 2 : number - 1;
    return clause.get(number).isCount()
        && clause.is(said, Sort.YIELD, Sort.SERVES)
        && !clause.isFood(number + 1);
  }

  /** Nothing follows: "100 g sugar … 80 g, sorry". */
  private boolean isLast(int cue) {
    int before = clause.isMark(cue - 1, ",") ? cue - 2 : cue - 1;
    return (!clause.has(cue + 1) || clause.isMark(cue + 1, ".", "!")) && clause.isStrong(before);
  }

  /** Between two amounts of one kind stand a food and marks. */
  private boolean isFoodOnly(int first, int second) {
    boolean alike = clause.get(first).measure().unit() == clause.get(second).measure().unit();
    return alike
        && clause.elements.subList(first + 1, second).stream()
            .allMatch(e -> e.isFood() || e.kind == Element.Kind.MARK || e.isWord("of"));
  }

  /** "I wrote 2 tsp soda but it's 2 tsp powder". */
  private boolean isRetold(int first) {
    for (int i = 0; i < first; i++) {
      if (clause.isWord(i, "wrote", "written", "said", "says", "typed")) {
        return true;
      }
    }
    return false;
  }

  /** "two tablespoons, I mean teaspoons, of baking powder", "1 tbsp salt, sorry, tsp". */
  private boolean otherUnit(int cue, int first) {
    int unit = clause.isMark(cue + 1, ",", ":", "-", "–") ? cue + 2 : cue + 1;
    boolean alone =
        !clause.has(unit + 1)
            || clause.isWord(unit + 1, "of")
            || clause.isMark(unit + 1, ",", ".", "!", "-", "–", ";");
    Element wrong = clause.get(first);
    Optional<Unit> right = alone && !wrong.isCount() ? unit(clause.low(unit)) : Optional.empty();
    right.ifPresent(
        said -> {
          wrong.instead = Numbers.plain(wrong.measure().amount()) + " " + said.symbol();
          boolean dash = clause.isMark(unit + 1, "-", "–", ","); // "– no, teaspoon – of salt"
          int from = clause.isMark(cue - 1, ",", "-", "–") ? cue - 1 : cue;
          for (int i = from; i < (dash ? unit + 2 : unit + 1); i++) {
            clause.get(i).part = Part.EXCLUDED;
          }
        });
    return right.isPresent();
  }

  private static Optional<Unit> unit(String word) {
    return UnitWords.of(word).filter(unit -> unit != Unit.COUNT && word.length() > 1);
  }

  /** "3 tbsp honey – sorry, maple syrup": the same amount of another food. */
  private void otherFood(int cue, int first) {
    int wrong = foodOf(first, cue);
    int right = cue + 1;
    while (clause.isMark(right, ",", ":", ".", "-", "–", "—") || clause.is(right, Sort.CORRECT)) {
      right++;
    }
    boolean again =
        wrong >= 0 && wrong == first - 1 && clause.isFood(right) && clause.isStrong(right + 1);
    if (again && clause.get(wrong).isOfAKind(clause.get(right)) && !clause.isWord(cue, "no")) {
      clause.take(wrong, cue + 1, Part.EXCLUDED); // "almond milk 300 ml, sorry, soy milk 300 ml"
      return;
    }
    boolean plain = clause.get(cue).isWord("no", "rather", "actually") || clause.is(cue, Sort.IDLE);
    if (wrong >= 0 && clause.isFood(right) && (!plain || isOtherKind(cue, wrong, right))) {
      Element said = clause.get(right);
      clause.get(wrong).part = Part.EXCLUDED;
      if (clause.isWord(cue, "no")) {
        clause.get(cue).part = Part.EXCLUDED;
      }
      clause.elements.set(right, clause.get(wrong));
      clause.elements.set(wrong, said);
    }
  }

  /**
   * "brush with soy sauce, no, sesame oil, 1 tsp": between commas, of foods nobody measured yet.
   */
  private void unmeasured(int cue) {
    int wrong = clause.isMark(cue - 1, ",", "-", "–") ? cue - 2 : -1;
    int right = clause.isMark(cue + 1, ",", "-", "–") ? cue + 2 : -1;
    boolean bare =
        wrong >= 0
            && right > 0
            && clause.isFood(wrong)
            && clause.isFood(right)
            && !clause.isStrong(wrong - 1)
            && !clause.isStrong(clause.isWord(wrong - 1, "of") ? wrong - 2 : wrong - 1);
    if (bare) {
      clause.take(wrong, cue + 1, Part.EXCLUDED);
    }
  }

  /**
   * Another of one role: "200 g flour, actually spelt"; "no spelt" leaves it out, "no, spelt" not.
   */
  private boolean isOtherKind(int cue, int wrong, int right) {
    Element said = clause.get(right);
    boolean no =
        clause.isMark(cue + 1, ",", "!", ":") && clause.get(cue - 1).kind == Element.Kind.MARK;
    return (no || !clause.isWord(cue, "no"))
        && clause.get(wrong).isOfAKind(said)
        && !clause.get(wrong).isSameFood(said);
  }

  /** The amount that is right; behind marks and more words of correcting only. */
  private int next(int from) {
    for (int i = from; i < clause.size() && i < from + FAR; i++) {
      if (clause.isStrong(i) || CorrectionCues.isOne(clause, i)) {
        return i;
      }
      boolean over = clause.isMark(i, ",", ".", "-", "–", "…", "!") || clause.is(i, Sort.CORRECT);
      if (!over && !CHATTER.contains(clause.low(i))) {
        return -1;
      }
    }
    return -1;
  }

  private int before(int cue) {
    int far = clause.isWord(cue, "so") ? FAR_SUM : FAR;
    for (int i = cue - 1; i >= 0 && i >= cue - far; i--) {
      boolean heads = clause.is(i + 1, Sort.PEOPLE, Sort.PIECES); // "four of us, so 120 g"
      if (clause.isStrong(i) && !(heads && clause.get(i).isCount())) {
        return i;
      }
    }
    return -1;
  }

  private int foodOf(int amount, int cue) {
    for (int i = amount + 1; i < cue; i++) {
      if (clause.isFood(i)) {
        return i;
      }
    }
    return clause.isFood(amount - 1) ? amount - 1 : -1;
  }
}
