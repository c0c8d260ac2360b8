package honeststack.core.said;

import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.line.AmountParser;
import honeststack.core.line.LineWords;
import honeststack.core.line.Token;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.wording.RefusedException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Covers the words of a sentence with amounts, names of foods and phrases: of all coverings, the
 * one of the highest score.
 *
 * <p>Scores, for each word covered: a food's name or an amount 3, a phrase 2.3, nothing 0. So the
 * longest name wins ("cream of tartar" over cream), a longer phrase wins over a shorter name
 * ("butter the" over butter), and a name wins over a phrase of the same length.
 */
final class Spans {
  private static final double NAME = 3;
  private static final double AMOUNT = 3;
  private static final double PHRASE = 2.3;
  private static final double ARTICLE = 0.5;
  private static final double IDLE = 0.2;

  /** So that one long phrase wins over two short ones. */
  private static final double EACH_PHRASE = 0.3;

  /** A number with what it counts is that, and no amount of a food. */
  private static final double OTHER = 3.2;

  /** A word that was spelt otherwise. */
  private static final double MISSPELT = 1;

  private static final int LONGEST_NAME = 6;
  private static final int LONGEST_ALONE = 40;

  /** What comes behind is the same amount again. */
  private static final String[] RETOLD = {"that's", "thats", "is", "weighs", "say"};

  private static final double COLDEST_OVEN = 60;

  private final Foods foods;
  private final Inverted inverted;
  private Set<Integer> walls = Set.of();
  private final Map<String, Optional<Foods.Named>> names = new HashMap<>();
  private final Map<String, Boolean> kinds = new HashMap<>();

  Spans(Foods foods) {
    this.foods = foods;
    this.inverted = new Inverted(foods);
  }

  /** A span, the score of all up to its end with it, and the span before. */
  private record Best(Element element, double score) {}

  /**
   * @param walls places in the text where brackets with an amount stood; no name goes over them
   */
  List<Element> of(List<Token> tokens, Set<Integer> walls) {
    this.walls = walls;
    int n = tokens.size();
    Best[] best = new Best[n + 1];
    best[0] = new Best(null, 0);
    AmountParser amounts = new AmountParser("", tokens);
    for (int i = 0; i < n; i++) {
      offer(best, i, Element.token(tokens, i), 0);
      amount(tokens, i, amounts, best);
      name(tokens, i, best);
      int at = i;
      Phrases.shipped()
          .each(
              tokens,
              i,
              found -> {
                if (!isNoun(tokens, at, found.to())) {
                  offer(best, at, Element.phrase(tokens, at, found), score(found, at));
                }
              });
    }
    List<Element> elements = new ArrayList<>();
    for (int i = n; i > 0; i = best[i].element().from) {
      elements.add(best[i].element());
    }
    Collections.reverse(elements);
    return elements;
  }

  /** "50 g of butter it was": nothing is to be buttered. */
  private static boolean isNoun(List<Token> tokens, int from, int to) {
    return to > from + 1
        && from > 0
        && tokens.get(from - 1).isWord("of")
        && tokens.get(from).isWord("butter", "oil", "salt", "flour", "cream", "grease");
  }

  private static double score(Phrases.Found found, int from) {
    boolean idle = found.sorts().contains(Sort.IDLE);
    int words = found.to() - from;
    return idle && words == 1 ? IDLE : PHRASE * words - EACH_PHRASE;
  }

  private static void offer(Best[] best, int from, Element element, double score) {
    double all = best[from].score() + score;
    if (best[element.to] == null || all > best[element.to].score()) {
      best[element.to] = new Best(element, all);
    }
  }

  private void amount(List<Token> tokens, int i, AmountParser amounts, Best[] best) {
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
    if (front.isEmpty() && isGoingOn(i, best) && hasName(tokens, i + 1)) {
      front = amounts.bare(i); // "two cups flour tablespoon sugar"
    }
    if (front.isEmpty() || front.get().next() <= i) {
      return;
    }
    boolean told =
        i > 0
            && (best[i].element().isFood()
                || tokens.get(i - 1).isWord(RETOLD)
                || isNamedBefore(tokens, i, best));
    if (told && hasName(tokens, front.get().next())) {
      front = beforeAnd(tokens, i, front.get());
    }
    Element amount = Element.amount(tokens, i, trimmed(tokens, front.get()));
    boolean few =
        i > 0
            && best[i].element().isFood()
            && amount.to == i + 2
            && amount.measure().amount() > 1
            && tokens.get(i + 1).isWord("pinch", "dash", "handful", "splash");
    if (few || isPieces(tokens, i + 1, amount.to)) {
      number(tokens, i, best);
      return; // "16 drop scones" are no drops
    }
    Optional<Integer> other = other(tokens, i, amount);
    if (other.isPresent()) {
      Phrases.Found found = new Phrases.Found(EnumSet.of(Sort.UNIT_OTHER), other.get());
      offer(best, i, Element.phrase(tokens, i, found), OTHER * (other.get() - i));
    }
    if (!(amount.measure().unit() == Unit.SECOND && !isSprayed(tokens))) {
      offer(best, i, amount, amount.isWeak() ? ARTICLE : AMOUNT * (amount.to - i));
    }
  }

  /** A food ends there that was measured before its name. */
  private static boolean isGoingOn(int i, Best[] best) {
    Element food = i > 0 ? best[i].element() : null;
    Element before = food != null && food.from > 0 ? best[food.from].element() : null;
    return food != null && food.isFood() && before != null && before.isAmount();
  }

  /** A food's name, which must not be the amount's before it. */
  private boolean hasName(List<Token> tokens, int from) {
    for (int to = from + 1; to <= Math.min(tokens.size(), from + 3); to++) {
      String name = Token.joined(tokens.subList(from, to));
      if (names.computeIfAbsent(name, foods::byName).isPresent()) {
        return true;
      }
    }
    return false;
  }

  /** "flour, 200 g & 30 g of sugar": a food that has no amount yet, and a mark. */
  private static boolean isNamedBefore(List<Token> tokens, int i, Best[] best) {
    boolean mark = i > 1 && tokens.get(i - 1).isMark(",", ":", "-", "–", "=");
    Element food = mark ? best[i - 1].element() : null;
    if (food == null || !food.isFood()) {
      return false;
    }
    int before = food.from;
    while (before > 0 && best[before].element().isWord("of", "the")) {
      before = best[before].element().from;
    }
    return before == 0 || !best[before].element().isAmount();
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
  private static void number(List<Token> tokens, int i, Best[] best) {
    List<Token> number = tokens.subList(0, i + 1);
    new AmountParser("", number)
        .front(i)
        .ifPresent(front -> offer(best, i, Element.amount(tokens, i, front), AMOUNT));
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

  /** Where a number of minutes, degrees or the like ends. */
  private static Optional<Integer> other(List<Token> tokens, int from, Element amount) {
    Measure measure = amount.measure();
    if (measure.unit() == Unit.SECOND && !isSprayed(tokens)) {
      return Optional.of(amount.to);
    }
    int number = amount.to;
    if (measure.unit() == Unit.CUP && measure.amount() >= COLDEST_OVEN) {
      return tokens.get(number - 1).text().equals("C") ? Optional.of(number) : Optional.empty();
    }
    if (measure.unit() != Unit.COUNT) {
      return Optional.empty();
    }
    boolean ratio =
        number + 1 < tokens.size()
            && tokens.get(number).isMark(":")
            && tokens.get(number).start() == tokens.get(number - 1).end()
            && tokens.get(number - 1).isWhole()
            && tokens.get(number + 1).start() == tokens.get(number).end()
            && tokens.get(number + 1).isWhole();
    if (ratio) {
      return Optional.of(number + 2); // "xylitol 1:1"
    }
    int at = skip(tokens, number, "-", "–");
    if (at < tokens.size() && tokens.get(at).isMark("°", "º", "\"", "”", "″", "%")) {
      boolean letter = at + 1 < tokens.size() && tokens.get(at + 1).isWord("c", "f", "fat");
      boolean fat = tokens.get(at).isMark("%") && letter;
      return Optional.of(letter && !fat ? at + 2 : at + 1);
    }
    boolean hot = measure.amount() >= COLDEST_OVEN;
    if (hot && at < tokens.size() && tokens.get(at).text().equals("F")) {
      return Optional.of(at + 1);
    }
    if (hot && from > 0 && tokens.get(from - 1).isWord("at", "to", "on") && isHeated(tokens)) {
      return Optional.of(number); // "keep the griddle at 375"
    }
    int[] end = {0};
    Phrases.shipped()
        .each(
            tokens,
            at,
            found -> {
              if (found.sorts().contains(Sort.UNIT_OTHER)) {
                end[0] = found.to();
              }
            });
    return end[0] > 0 ? Optional.of(end[0]) : Optional.empty();
  }

  /** It begins what is to be done. */
  private static boolean isStirred(List<Token> tokens, int i, int to) {
    boolean more =
        to > i + 1
            || i > 0 && tokens.get(i - 1).isWord("then", "and", "to", "now", "i", "we", "you", "just");
    boolean word = i == 0 && to < tokens.size() && tokens.get(to).kind() == Token.Kind.WORD;
    boolean it =
        to < tokens.size() && tokens.get(to).isWord("it", "all", "everything", "them", "together");
    return more || word || it;
  }

  private static boolean isHeated(List<Token> tokens) {
    return tokens.stream().anyMatch(t -> t.isWord("griddle", "oven", "iron", "stove", "hob"));
  }

  private static int skip(List<Token> tokens, int i, String... marks) {
    return i < tokens.size() && tokens.get(i).isMark(marks) ? i + 1 : i;
  }

  private static boolean isSprayed(List<Token> tokens) {
    return tokens.stream()
        .anyMatch(t -> t.low().startsWith("spray") || t.low().startsWith("spritz"));
  }

  private void name(List<Token> tokens, int i, Best[] best) {
    Token first = tokens.get(i);
    boolean number = first.kind() == Token.Kind.NUMBER || first.kind() == Token.Kind.FRACTION;
    boolean next = i + 1 < tokens.size() && isName(tokens.get(i + 1)) && !isNumber(tokens, i + 1);
    if (number && !next || first.isWord("a", "an", "the", "of", "and", "or", "with", "to", "in")) {
      return; // no food's name begins so
    }
    int last = i;
    while (last < Math.min(tokens.size(), i + LONGEST_NAME)
        && isName(tokens.get(last))
        && (last == i || !walls.contains(tokens.get(last - 1).end()))) {
      last++;
    }
    for (int to = last; to > i; to--) {
      List<Token> words = tokens.subList(i, to);
      if (words.size() == 1 && first.isWord("white", "sprinkle")) {
        continue; // of eggs they are "whites", of sugar "sprinkles"
      }
      if (first.isWord("mix", "substitute") && isStirred(tokens, i, to)) {
        continue; // "mix buttermilk and eggs"
      }
      boolean sprinkled =
          words.size() > 1
              && words.get(words.size() - 1).isWord("sprinkle")
              && to < tokens.size()
              && (isNumber(tokens, to) || tokens.get(to).isWord("a", "some", "with", "over", "on"));
      if (sprinkled) {
        continue; // "two tablespoons of sugar sprinkle 20 g of nuts over"
      }
      boolean drunk = words.size() > 1 && words.get(words.size() - 1).isWord("drink");
      if (drunk && to < tokens.size() && tokens.get(to).isWord("up", "in", "the", "all")) {
        continue; // "so the oats drink up the milk"
      }
      String name = Token.joined(words);
      if (name.equalsIgnoreCase("cream whipped")) {
        continue; // it was measured before
      }
      Optional<Foods.Named> found = names.computeIfAbsent(name, foods::byName);
      if (found.isPresent()) {
        offer(best, i, Element.food(tokens, i, to, found), NAME * (to - i));
      } else if (kinds.computeIfAbsent(name, any -> !kind(any).isEmpty())) {
        offer(best, i, Element.food(tokens, i, to, found), NAME * (to - i) - 0.1);
      }
      if (to < tokens.size() && tokens.get(to).isMark(",") && !isEndOfName(tokens, i, name)) {
        int comma = to;
        inverted
            .at(tokens, i, comma)
            .ifPresent(other -> offer(best, i, written(tokens, i, other), NAME * (other.to() - i)));
      }
    }
    if (tokens.size() > i + LONGEST_NAME && tokens.size() < i + LONGEST_ALONE) {
      alone(tokens, i, best);
    }
    misspelt(tokens, i, best);
  }

  /** "protein powder, vanilla": the name began before. */
  private boolean isEndOfName(List<Token> tokens, int i, String name) {
    boolean word = i > 0 && tokens.get(i - 1).kind() == Token.Kind.WORD;
    String longer = word ? tokens.get(i - 1).text() + " " + name : "";
    return word && names.computeIfAbsent(longer, foods::byName).isPresent();
  }

  private static Element written(List<Token> tokens, int i, Inverted.Found other) {
    Element element = Element.food(tokens, i, other.to(), other.food());
    element.instead = other.name();
    return element;
  }

  /** A name longer than others, which is all that is left of the line. */
  private void alone(List<Token> tokens, int i, Best[] best) {
    String name = Token.joined(tokens.subList(i, tokens.size()));
    Optional<Foods.Named> found = names.computeIfAbsent(name, foods::byName);
    if (found.isPresent()) {
      Element element = Element.food(tokens, i, tokens.size(), found);
      offer(best, i, element, NAME * (tokens.size() - i));
    }
  }

  private List<Food> kind(String name) {
    return foods.kind(name);
  }

  private void misspelt(List<Token> tokens, int i, Best[] best) {
    boolean measured = i > 0 && (best[i].element().isAmount() || tokens.get(i - 1).isWord("of"));
    measured |= i > 1 && LineWords.isDescribing(tokens.get(i - 1).low()) && isNumber(tokens, i - 2);
    Misspelt.meant(foods, tokens, i, measured).ifPresent(right -> spelt(tokens, i, right, best));
  }

  /** A name that begins with a word as it should be written. */
  private void spelt(List<Token> tokens, int i, String right, Best[] best) {
    for (int to = Math.min(tokens.size(), i + 3); to > i; to--) {
      String behind = to > i + 1 ? " " + Token.joined(tokens.subList(i + 1, to)) : "";
      Optional<Foods.Named> found = foods.byName(right + behind);
      if (found.isPresent() && tokens.subList(i, to).stream().allMatch(Spans::isName)) {
        Element element = Element.food(tokens, i, to, found);
        element.instead = right + behind;
        offer(best, i, element, MISSPELT + NAME * (to - i - 1));
      }
    }
  }

  private static boolean isNumber(List<Token> tokens, int i) {
    return tokens.get(i).kind() == Token.Kind.NUMBER;
  }

  private static boolean isName(Token token) {
    return token.kind() != Token.Kind.MARK || token.isMark("%");
  }
}
