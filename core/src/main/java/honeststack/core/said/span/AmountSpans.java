package honeststack.core.said.span;

import honeststack.core.food.Foods;
import honeststack.core.line.AmountParser;
import honeststack.core.line.Token;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Element;
import honeststack.core.said.words.Phrases;
import honeststack.core.said.words.Sort;
import honeststack.core.wording.RefusedException;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;

/** Finds the amounts among the words of a sentence. */
final class AmountSpans {
  private static final double AMOUNT = 3;
  private static final double ARTICLE = 0.5;

  /** Of so many eggs no kitchen speaks in words. */
  private static final double MOST_EGGS = 60;

  /** A number with what it counts is that, and no amount of a food. */
  private static final double OTHER = 3.2;

  /** What comes behind is the same amount again. */
  private static final String[] RETOLD = {"that's", "thats", "is", "weighs", "say", "no"};

  private final Foods foods;

  AmountSpans(Foods foods) {
    this.foods = foods;
  }

  /** Offers the amount that begins at a token, and what else its number may count. */
  void offer(List<Token> tokens, int i, AmountParser amounts, Cover cover) {
    if (i > 0 && tokens.get(i - 1).isMark("#")) {
      return; // "a #10 can": the number of a size
    }
    if (i > 0 && tokens.get(i - 1).isWord("type", "typ")) {
      return; // "type 550": how white a flour is
    }
    Optional<AmountParser.Front> front;
    try {
      front = amounts.front(i);
    } catch (RefusedException notRead) {
      return;
    }
    boolean bare = isGoingOn(tokens, i, cover) || isPinch(tokens, i);
    if (front.isEmpty() && bare && hasName(tokens, i + 1)) {
      front = amounts.bare(i); // "two cups flour tablespoon sugar"
    }
    if (front.isEmpty() || front.get().next() <= i || isDone(tokens, i, front.get())) {
      return;
    }
    front = beforeEggs(tokens, i, front.get());
    boolean told =
        i > 0
            && (cover.at(i).isFood()
                || tokens.get(i - 1).isWord(RETOLD)
                || isNamedBefore(tokens, i, cover));
    if (told && hasName(tokens, front.get().next())) {
      front = beforeAnd(tokens, i, front.get());
    }
    Element amount = Element.amount(tokens, i, trimmed(tokens, front.get()));
    boolean few =
        i > 0
            && cover.at(i).isFood()
            && amount.to == i + 2
            && amount.measure().amount() > 1
            && tokens.get(i + 1).isWord("pinch", "dash", "handful", "splash");
    if (few || isPieces(tokens, i + 1, amount.to)) {
      number(tokens, i, cover);
      return; // "16 drop scones" are no drops
    }
    Optional<Integer> other = OtherNumbers.end(tokens, i, amount);
    if (other.isPresent()) {
      Phrases.Found found = new Phrases.Found(EnumSet.of(Sort.UNIT_OTHER), other.get());
      cover.offer(i, Element.phrase(tokens, i, found), OTHER * (other.get() - i));
    }
    if (!(amount.measure().unit() == Unit.SECOND && !OtherNumbers.isSprayed(tokens))) {
      cover.offer(i, amount, amount.isWeak() ? ARTICLE : AMOUNT * (amount.to - i));
    }
  }

  /** "two hundred and fifty two eggs": nobody takes as many. */
  private static Optional<AmountParser.Front> beforeEggs(
      List<Token> tokens, int i, AmountParser.Front front) {
    Measure measure = front.terms().get(0).measure();
    int last = front.next() - 1;
    boolean words =
        tokens.subList(i, front.next()).stream().allMatch(t -> t.kind() == Token.Kind.WORD);
    boolean eggs =
        front.next() < tokens.size() && tokens.get(front.next()).isWord("egg", "eggs", "bananas");
    boolean many = measure.unit() == Unit.COUNT && measure.amount() > MOST_EGGS && last > i;
    boolean few =
        tokens.get(last).isWord("one", "two", "three", "four", "five", "six", "seven", "eight");
    return words && eggs && many && few
        ? new AmountParser("", tokens.subList(0, last)).front(i)
        : Optional.of(front);
  }

  /** "crack in an egg, shake for a minute", "squeeze hard": no measure. */
  private static boolean isDone(List<Token> tokens, int i, AmountParser.Front front) {
    return front.next() == i + 1
        && tokens.get(i).isWord("shake", "squeeze", "sprinkle", "dust", "drizzle", "splash", "dash")
        && i + 1 < tokens.size()
        && tokens
            .get(i + 1)
            .isWord(
                "for",
                "well",
                "until",
                "till",
                "hard",
                "vigorously",
                "gently",
                "together",
                "again",
                "to",
                "out");
  }

  /** A food ends there that was measured before its name. */
  private static boolean isGoingOn(List<Token> tokens, int i, Cover cover) {
    Element food = i > 0 ? cover.at(i) : null;
    int of = food != null && food.from > 1 && tokens.get(food.from - 1).isWord("of") ? 1 : 0;
    Element before = food != null && food.from > of ? cover.at(food.from - of) : null;
    return food != null && food.isFood() && before != null && before.isAmount();
  }

  /** "pinch salt, 250 g butter": one of it. */
  private static boolean isPinch(List<Token> tokens, int i) {
    boolean begins = i == 0 || tokens.get(i - 1).isMark(",", ";", "+", "&");
    return begins && tokens.get(i).isWord("pinch", "dash", "handful", "teaspoon", "tablespoon");
  }

  /** A food's name, which must not be the amount's before it. */
  private boolean hasName(List<Token> tokens, int from) {
    if (from < tokens.size() && tokens.get(from).kind() == Token.Kind.MARK) {
      return false;
    }
    for (int to = from + 1; to <= Math.min(tokens.size(), from + 3); to++) {
      String name = Token.joined(tokens.subList(from, to));
      if (foods.byName(name).isPresent()) {
        return true;
      }
    }
    return false;
  }

  /** "flour, 200 g & 30 g of sugar": a food that has no amount yet, and a mark. */
  private static boolean isNamedBefore(List<Token> tokens, int i, Cover cover) {
    boolean mark = i > 1 && tokens.get(i - 1).isMark(",", ":", "-", "–", "=");
    Element food = mark ? cover.at(i - 1) : null;
    if (food == null || !food.isFood()) {
      return false;
    }
    int before = food.from;
    while (before > 0 && cover.at(before).isWord("of", "the")) {
      before = cover.at(before).from;
    }
    return before == 0 || !cover.at(before).isAmount();
  }

  /** "blueberries 50 g and 10 g honey": two amounts, of two foods. */
  private static Optional<AmountParser.Front> beforeAnd(
      List<Token> tokens, int i, AmountParser.Front whole) {
    for (int at = whole.next() - 1; at > i && whole.terms().size() > 1; at--) {
      boolean joint = tokens.get(at).isWord("and", "plus") || tokens.get(at).isMark("&", "+");
      if (joint && isMeasured(tokens, at + 1)) {
        return new AmountParser("", tokens.subList(0, at)).front(i);
      }
    }
    return Optional.of(whole);
  }

  /** Not the "and a half" of the amount before. */
  private static boolean isMeasured(List<Token> tokens, int from) {
    return new AmountParser("", tokens)
        .front(from)
        .filter(front -> front.terms().get(0).measure().unit() != Unit.COUNT)
        .isPresent();
  }

  /** The number alone. */
  private static void number(List<Token> tokens, int i, Cover cover) {
    List<Token> number = tokens.subList(0, i + 1);
    new AmountParser("", number)
        .front(i)
        .ifPresent(front -> cover.offer(i, Element.amount(tokens, i, front), AMOUNT));
  }

  /** Whether what begins there is what is baked, by more words than the amount has. */
  private static boolean isPieces(List<Token> tokens, int from, int to) {
    boolean[] longer = {false};
    if (from < to) {
      Phrases.shipped()
          .each(
              tokens,
              from,
              found -> longer[0] |= found.sorts().contains(Sort.PIECES) && found.to() > to);
    }
    return longer[0];
  }

  /** Its last "of" belongs to what follows. */
  private static AmountParser.Front trimmed(List<Token> tokens, AmountParser.Front front) {
    int last = front.next() - 1;
    return tokens.get(last).isWord("of")
        ? new AmountParser.Front(front.terms(), front.container(), front.others(), 0, last)
        : front;
  }
}
