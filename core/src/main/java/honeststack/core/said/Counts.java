package honeststack.core.said;

import honeststack.core.line.LineWords;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Counted;
import honeststack.core.said.clause.Element;
import honeststack.core.said.each.PerHead;
import honeststack.core.said.talk.Implied;
import honeststack.core.said.talk.Labels;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.BareCounts;
import honeststack.core.said.yield.EachOf;
import honeststack.core.said.yield.Outcome;
import honeststack.core.said.yield.Recounted;
import honeststack.core.said.yield.Rounds;
import honeststack.core.said.yield.UpTo;
import honeststack.core.said.yield.Yielded;
import java.util.Optional;
import java.util.Set;

/** How many pieces come out and how many people they serve; and numbers of a label. */
final class Counts {
  private static final int FAR = 4;
  private static final Sought SERVING = Sought.of("serving|serve|to serve|to feed|serving about");
  private static final Remembered ALONE =
      Remembered.whole("(?:just|only) for (?:me|myself)|for myself|single (?:serving|portion)");

  private static final Sought ME =
      Sought.of(
          "(?:(?:it|that|this|they|i) )?(?:serves?|feeds?|enough for|does for|do for|sufficient for|is for|that's for|make this for|for)"
              + " (?:just |only )?(?:me|myself)[ .!]*");

  /** "double everything for 8": what may be done says nothing of what was. */
  private static final Sought ADVICE =
      Sought.of(
          "(?:just |so |then |you can |it )?(?:doubles?|triples?|halves?|quadruples?|scales?)"
              + " (?:(?:it|that|this|everything|all|easily|nicely|well|up|down|the (?:recipe|batch|amounts?|quantities|lot)) )+for\\b");

  private static final String[] HUNGRY = {
    "generously", "easily", "comfortably", "hungry", "amply", "well", "really"
  };

  private static final Remembered STACK = Remembered.whole("(?:a )?(?:stack|pile|tower) of");

  private static final Set<String> SHAPES = Set.of("square", "slice", "head");

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
    Labels.in(clause);
    Rounds.in(clause);
    PerHead.in(clause);
    EachOf.in(clause);
    boolean alone =
        clause.says(ALONE)
            || clause.words(0, FAR).startsWith("for me alone")
            || !clause.hasFood() && ME.isAll(clause.words(0, clause.size()));
    if (alone && counted.serves.isEmpty()) {
      counted.serves = Optional.of(new Told.Count(1, 1));
    }
    boolean bare = !clause.hasFood();
    if (bare && ADVICE.begins(clause.words(0, FAR))) {
      clause.take(0, clause.size(), Part.METHOD);
    }
    for (int i = 0; i < clause.size(); i++) {
      if (clause.get(i).isAmount() && clause.get(i).isFree()) {
        count(i);
        Recounted.in(clause, i, Math.max(i, CountedNoun.at(clause, i + 1)));
      }
    }
    if (counted.pieces.isEmpty() && counted.rounds.isEmpty() && clause.batch.isEmpty()) {
      Outcome.in(clause);
    }
    if (counted.pieces.isEmpty() && counted.serves.isEmpty() && counted.rounds.isEmpty()) {
      Yielded.in(clause);
    }
    counted.complete();
  }

  private void count(int i) {
    Element number = clause.get(i);
    if (number.corrects && CountedNoun.at(clause, i + 1) < 0) {
      return; // "3 large eggs, no, 4 medium ones"
    }
    boolean eggs = clause.isWord(i - 1, "and", "plus") && clause.isFood(i - 2);
    if (eggs && clause.get(i - 2).low().startsWith("egg") && Implied.isSized(clause, i + 1)) {
      return; // "four large eggs and four small ones"
    }
    if (Rounds.isRound(clause, i) || BareCounts.isOfKind(clause, i)) {
      number.part = Part.METHOD;
      return;
    }
    if (BareCounts.isLabelledPeople(clause, i)) {
      counted.serves = Optional.of(BareCounts.range(number));
      number.part = Part.SERVES;
      return;
    }
    if (counted.pieces.isEmpty() && BareCounts.isPieces(clause, i)
        || BareCounts.isLabelledPieces(clause, i)) {
      counted.pieces = Optional.of(BareCounts.range(number));
      number.part = Part.YIELD;
      return;
    }
    if (number.isCount() && BareCounts.isSizes(clause)) {
      Told.Count said = BareCounts.range(number);
      counted.pieces =
          counted
              .pieces
              .map(
                  other ->
                      new Told.Count(
                          Math.min(other.low(), said.low()), Math.max(other.high(), said.high())))
              .or(() -> Optional.of(said));
      number.part = Part.YIELD;
      return;
    }
    String size = number.measure().size();
    boolean set = clause.isWord(i - 1, "on", "at", "to", "after"); // "cook on 6"
    boolean made = !set && CountedNoun.isBehind(clause, i, Sort.YIELD);
    boolean shaped = // "makes 8 square ones", not "cook 4 slices of bacon"
        made && SHAPES.contains(size) && !CountedNoun.isFood(clause, i + 1);
    boolean cakes =
        shaped
            || (size.equals("cake") || size.equals("piece")) && !CountedNoun.isFood(clause, i + 1);
    if (!number.isCount() && !cakes) {
      return;
    }
    boolean crowd =
        clause.isWord(i, "a", "an") && !clause.is(CountedNoun.at(clause, i + 1), Sort.PEOPLE);
    boolean fed = !crowd && (CountedNoun.isBehind(clause, i, Sort.SERVES) || isServed(i));
    int noun = CountedNoun.at(clause, i + 1);
    boolean pieces =
        noun > 0 && clause.is(noun, Sort.PIECES)
            || cakes
            || BareCounts.isSizesAt(clause, i + 1)
            || STACK.is(clause.low(i - 1)) // "enough for a stack of five"
            || BareCounts.isCalledPieces(clause, i)
            || isSizedOr(i);
    boolean people = noun > 0 && clause.is(noun, Sort.PEOPLE);
    boolean food = noun < 0 && !cakes && CountedNoun.isFood(clause, i + 1);
    boolean one = clause.isWord(i, "one") && isForOne(i, noun, people);
    if (food || number.isWeak() && !fed && !one && !(made && pieces)) {
      return;
    }
    boolean eaten = clause.is(noun + 1, Sort.PER) && !made || serving;
    if (pieces && eaten && counted.serves.isPresent() && counted.pieces.isEmpty()) {
      each(number);
      return;
    }
    boolean each = clause.is(i + 1, Sort.PER, Sort.EACH) && isEnd(i + 2);
    if (each && counted.serves.isPresent() && counted.pieces.isEmpty()) {
      each(number);
      return;
    }
    if (people && counted.serves.isPresent() && clause.low(i + 1).startsWith("of ")) {
      number.part = Part.NOTE; // "we're four, and two of us eat no gluten"
      return;
    }
    boolean recipe =
        clause.isWord(i - 1, "the", "that") && clause.isWord(noun + 1, "recipe", "one", "version");
    boolean portion = isHelping(noun) || recipe || PerHead.isShare(clause, noun);
    if (people && !made && !fed && portion) {
      number.part = Part.NOTE; // "1 serving (30 g) syrup", "1 portion = 2", "the ten person recipe"
      return;
    }
    boolean gets = made && isEater(i);
    if (gets) {
      number.part = Part.METHOD; // "every guest gets two"
    } else if (people || fed && !pieces || !pieces && isFor(i) && isForPeople(i + 1)) {
      Told.Count served = BareCounts.range(number);
      int and = clause.isWord(i - 1, "the", "my", "our") ? i - 2 : i - 1;
      boolean me = clause.isWord(and, "and", "plus") && clause.isWord(and - 1, "me", "myself");
      counted.serves =
          Optional.of(me ? new Told.Count(served.low() + 1, served.high() + 1) : served);
      number.part = Part.SERVES;
      counted.either =
          !people && (clause.low(0).startsWith("there ") || clause.low(i - 1).startsWith("there "));
      orPeople(noun > 0 ? noun : i + 1);
      UpTo.served(clause, i);
    } else if (one) {
      counted.serves = Optional.of(BareCounts.range(number));
      number.part = Part.SERVES;
    } else if (pieces && !eaten && (made || counted.pieces.isEmpty() || !counted.sure)) {
      counted.pieces = Optional.of(BareCounts.range(number));
      number.part = Part.YIELD;
      counted.sure |= made;
      orPieces(noun > 0 ? noun : isSizedOr(i) ? i + 1 : -1);
      UpTo.behind(clause, i);
    } else if (made && noun < 0 && CountedNoun.isClosed(clause, i + 1)) {
      counted.pieces = Optional.of(BareCounts.range(number));
      number.part = Part.YIELD;
      counted.sure = true;
      UpTo.behind(clause, i);
    }
  }

  /** "for one", "for one person", "one portion". */
  private boolean isForOne(int i, int noun, boolean people) {
    boolean behind = isFor(i);
    boolean apart = i == 0 || clause.isMark(i - 1, ",", ";", ".");
    return people && (behind || apart && isEnd(noun + 1)) || behind && isEnd(i + 1);
  }

  private boolean isHelping(int noun) {
    int of = clause.isWord(noun + 1, "of") ? noun + 2 : noun + 1;
    return clause.isWord(noun, "serving", "servings", "portion", "portions")
        && CountedNoun.isFood(clause, of);
  }

  /** Who gets them stands before it. */
  private boolean isEater(int number) {
    int gets = number - 1;
    while (gets > 0 && !clause.is(gets, Sort.YIELD)) {
      gets--;
    }
    return gets > 0 && clause.is(gets - 1, Sort.PEOPLE) && clause.isWord(gets, "gets", "get");
  }

  /** "18 small or 9 large": behind a size, another number with its own. */
  private boolean isSizedOr(int i) {
    int other = clause.isAmount(i + 2) ? i + 2 : i + 3; // "8 small 4 big"
    boolean or = other == i + 2 || clause.is(i + 2, Sort.OR) || clause.isMark(i + 2, "/", ",");
    boolean two = isSize(i + 1) && or && clause.isAmount(other);
    return two
        && clause.get(other).isCount()
        && (clause.is(other + 1, Sort.PIECES) // "9 small ones" is one phrase
            || isSize(other + 1) && (isEnd(other + 2) || clause.is(other + 2, Sort.PIECES)));
  }

  private boolean isSize(int i) {
    return clause.isWord(
        i, "small", "large", "big", "little", "mini", "medium", "thick", "thin", "smaller",
        "larger", "bigger");
  }

  /** "4 big waffles or 8 small ones". */
  private void orPieces(int noun) {
    int or =
        clause.is(noun + 1, Sort.OR) || clause.isMark(noun + 1, "/", ",") ? noun + 2 : noun + 1;
    int other = noun > 0 ? or : -1;
    boolean count = other > 0 && clause.isAmount(other) && clause.get(other).isCount();
    boolean sized = other > 0 && isSize(other + 1) && isEnd(other + 2);
    if (count && (sized || clause.is(CountedNoun.at(clause, other + 1), Sort.PIECES))) {
      Told.Count two = BareCounts.range(clause.get(other));
      counted.pieces =
          counted.pieces.map(
              one ->
                  new Told.Count(Math.min(one.low(), two.low()), Math.max(one.high(), two.high())));
      clause.get(other).part = Part.YIELD;
    }
  }

  /** "3 adults or 5 kids". */
  private void orPeople(int noun) {
    for (int at = noun;
        isMorePeople(at + 1);
        at = CountedNoun.at(clause, at + 3)) { // "2 adults and 2 kids"
      Told.Count others = BareCounts.range(clause.get(at + 2));
      counted.serves =
          counted.serves.map(n -> new Told.Count(n.low() + others.low(), n.high() + others.high()));
      clause.get(at + 2).part = Part.SERVES;
    }
    int other = clause.is(noun + 1, Sort.OR) ? noun + 2 : -1;
    boolean people = other > 0 && clause.has(other) && clause.get(other).isAmount();
    boolean ones =
        clause.words(other + 1, other + 3).matches("(?:\\w+ )?ones"); // "or 4 polite ones"
    boolean heads = ones || clause.is(CountedNoun.at(clause, other + 1), Sort.PEOPLE);
    if (people && clause.get(other).isCount() && heads) {
      Told.Count one = counted.serves.orElseThrow();
      Told.Count two = BareCounts.range(clause.get(other));
      counted.serves =
          Optional.of(
              new Told.Count(Math.min(one.low(), two.low()), Math.max(one.high(), two.high())));
      clause.get(other).part = Part.SERVES;
    }
  }

  private boolean isMorePeople(int and) {
    return clause.low(and).matches("and|plus|[+&,]")
        && clause.has(and + 1)
        && clause.get(and + 1).isAmount()
        && clause.get(and + 1).isCount()
        && (!clause.low(and + 2).startsWith("of ") || isEnd(and + 3) || isEnd(and + 4))
        && clause.is(CountedNoun.at(clause, and + 2), Sort.PEOPLE);
  }

  /** "4 people, 3 each". */
  private void each(Element number) {
    Told.Count each = BareCounts.range(number);
    counted.pieces =
        counted.serves.map(n -> new Told.Count(n.low() * each.low(), n.high() * each.high()));
    number.part = Part.YIELD;
  }

  /** "12 pancakes serving 4", "to serve 4". */
  private boolean isForPeople(int next) {
    return isEnd(next)
        || clause.isWord(next, "on", "tonight", "today", "this", "tomorrow", "as")
        || clause.isWord(next, HUNGRY) && isEnd(next + 1);
  }

  /** "for 4", "for about 4". */
  private boolean isFor(int i) {
    int before =
        LineWords.isAbout(clause.low(i - 1)) || clause.isWord(i - 1, "maybe", "say", "just", "only")
            ? i - 2
            : i - 1;
    return clause.isWord(before, "for");
  }

  private boolean isServed(int i) {
    return SERVING.isAll(clause.low(i - 1)) && (isEnd(i + 1) || clause.is(i + 1, Sort.PEOPLE));
  }

  private boolean isEnd(int i) {
    return BareCounts.isEnd(clause, i);
  }
}
