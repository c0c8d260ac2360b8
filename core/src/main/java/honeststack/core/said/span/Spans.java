package honeststack.core.said.span;

import honeststack.core.food.Foods;
import honeststack.core.line.AmountParser;
import honeststack.core.line.LineWords;
import honeststack.core.line.Token;
import honeststack.core.said.clause.Element;
import honeststack.core.said.page.Misspelt;
import honeststack.core.said.words.Phrases;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import java.util.List;
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
public final class Spans {
  private static final double NAME = 3;
  private static final double PHRASE = 2.3;
  private static final double IDLE = 0.2;

  /** So that one long phrase wins over two short ones. */
  private static final double EACH_PHRASE = 0.3;

  /** A word that was spelt otherwise. */
  private static final double MISSPELT = 1;

  /** What flour, milk, honey and butter are of where nothing else is said, in Romance languages. */
  private static final String[] USUAL = {
    "trigo", "blé", "froment", "vache", "vaca", "abeja", "table", "mesa", "cuisine", "cocina"
  };

  /** Behind the word for wheat: another grain, or all of it. */
  private static final String[] OTHER_GRAINS = {
    "sarraceno", "saraceno", "integral", "complet", "noir", "dur", "duro", "tenero"
  };

  /** "d'avoine", and no "d'you". */
  private static final Remembered OF = Remembered.whole("d['’](?!you\\b)\\p{L}{3,}");

  private static final int LONGEST_NAME = 6;
  private static final int LONGEST_ALONE = 40;

  private final Foods foods;
  private final Inverted inverted;
  private final AmountSpans amountSpans;
  private Set<Integer> walls = Set.of();

  public Spans(Foods foods) {
    this.foods = foods;
    this.inverted = new Inverted(foods);
    this.amountSpans = new AmountSpans(foods);
  }

  /**
   * @param walls places in the text where brackets with an amount stood; no name goes over them
   */
  public List<Element> of(List<Token> tokens, Set<Integer> walls) {
    this.walls = walls;
    int n = tokens.size();
    Cover cover = new Cover(n);
    AmountParser amounts = new AmountParser("", tokens);
    for (int i = 0; i < n; i++) {
      cover.offer(i, Element.token(tokens, i), 0);
      amountSpans.offer(tokens, i, amounts, cover);
      name(tokens, i, cover);
      int at = i;
      Phrases.shipped()
          .each(
              tokens,
              i,
              found -> {
                if (!isNoun(tokens, at, found.to()) && !isHeadingOnly(found)) {
                  cover.offer(at, Element.phrase(tokens, at, found), score(found, at));
                }
              });
    }
    return cover.elements();
  }

  /** "the icing" is a heading by itself, and no part of "the icing sugar". */
  private static boolean isHeadingOnly(Phrases.Found found) {
    return Sort.HEADINGS.containsAll(found.sorts());
  }

  /** "50 g of butter it was": nothing is to be buttered. */
  private static boolean isNoun(List<Token> tokens, int from, int to) {
    boolean of = from > 0 && tokens.get(from - 1).isWord("of");
    boolean same = to < tokens.size() && tokens.get(to).isWord("same"); // "oil the same"
    boolean mix = // "fold 100 g pancake mix through"
        from > 0 && to > from + 1 && tokens.get(from).isWord("mix") && isMixed(tokens, from - 1);
    if (mix) {
      return true;
    }
    return to > from + 1
        && (of || same)
        && tokens.get(from).isWord("butter", "oil", "salt", "flour", "cream", "grease");
  }

  private static boolean isMixed(List<Token> tokens, int i) {
    return tokens
        .get(i)
        .isWord("pancake", "waffle", "hotcake", "buttermilk", "berry", "baking", "cake", "nut");
  }

  private static double score(Phrases.Found found, int from) {
    boolean idle = found.sorts().contains(Sort.IDLE);
    int words = found.to() - from;
    return idle && words == 1 ? IDLE : PHRASE * words - EACH_PHRASE;
  }

  /** It begins what is to be done. */
  private static boolean isStirred(List<Token> tokens, int i, int to) {
    boolean more =
        to > i + 1
            || i > 0
                && tokens.get(i - 1).isWord("then", "and", "to", "now", "i", "we", "you", "just");
    boolean word = i == 0 && to < tokens.size() && tokens.get(to).kind() == Token.Kind.WORD;
    return more || word || isIt(tokens, to);
  }

  /** What it is done to. */
  private static boolean isIt(List<Token> tokens, int i) {
    return i < tokens.size() && tokens.get(i).isWord("it", "all", "everything", "them", "together");
  }

  private void name(List<Token> tokens, int i, Cover cover) {
    Token first = tokens.get(i);
    boolean number = first.kind() == Token.Kind.NUMBER || first.kind() == Token.Kind.FRACTION;
    boolean next = i + 1 < tokens.size() && isName(tokens.get(i + 1)) && !isNumber(tokens, i + 1);
    if (number && !next || first.isWord("a", "an", "the", "of", "and", "or", "with", "to", "in")) {
      return; // no food's name begins so
    }
    int last = i;
    while (last < Math.min(tokens.size(), i + LONGEST_NAME)
        && isNamePart(tokens, last)
        && (last == i || !walls.contains(tokens.get(last - 1).end()))) {
      last++;
    }
    for (int to = last; to > i; to--) {
      List<Token> words = tokens.subList(i, to);
      if (words.size() == 1 && first.isWord("white", "sprinkle")) {
        continue; // of eggs they are "whites", of sugar "sprinkles"
      }
      boolean verb =
          i == 0 && to == 1 && to < tokens.size() && tokens.get(to).isMark(","); // "Mix, rest"
      if (first.isWord("mix", "substitute") && (verb || isStirred(tokens, i, to))) {
        continue; // "mix buttermilk and eggs"
      }
      if (words.size() > 1 && words.get(words.size() - 1).isWord("pancakes", "waffles")) {
        continue; // "almond flour pancakes" are what is made
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
      boolean in = to + 1 < tokens.size() && !tokens.get(to + 1).isWord("a", "an");
      if (drunk && in && tokens.get(to).isWord("up", "in", "the", "all")) {
        continue; // "so the oats drink up the milk"
      }
      if (words.size() == 1 && first.isWord("squash") && isIt(tokens, to)) {
        continue; // "a banana, squash it"
      }
      if (isOfAnother(tokens, to)) {
        continue; // "farine de lupin": whose name nobody knows is no flour of wheat
      }
      String name = Token.joined(words);
      Token done = words.get(words.size() - 1);
      boolean into = to < tokens.size() && tokens.get(to).isWord("to", "into");
      boolean ground = done.isWord("ground") && into && Inverted.isFilled(tokens, i);
      if (words.size() > 1 && (done.isWord("whipped") || ground)) {
        continue; // it was measured before
      }
      boolean melted = words.size() == 2 && done.isWord("melted", "softened", "browned");
      if (melted && isEndOfName(tokens, i, first.text())) {
        continue; // "20 g almond butter melted over"
      }
      Optional<Foods.Named> found = foods.byName(name);
      if (found.isPresent()) {
        cover.offer(i, Element.food(tokens, i, to, found), NAME * (to - i));
      } else if (!foods.kind(name).isEmpty()) {
        cover.offer(i, Element.food(tokens, i, to, found), NAME * (to - i) - 0.1);
      }
      if (to < tokens.size()
          && (tokens.get(to).isMark(",", "-", "–", "—") || i > 0 && tokens.get(to).isMark(":"))
          && !isEndOfName(tokens, i, name)) {
        int comma = to;
        inverted
            .at(tokens, i, comma)
            .ifPresent(other -> cover.offer(i, written(tokens, i, other), NAME * (other.to() - i)));
      }
    }
    if (tokens.size() > i + LONGEST_NAME && tokens.size() < i + LONGEST_ALONE) {
      alone(tokens, i, cover);
    }
    misspelt(tokens, i, cover);
  }

  /** A Romance name goes on: "de riz", "d'avoine", "di castagne". */
  private static boolean isOfAnother(List<Token> tokens, int to) {
    boolean word =
        to + 1 < tokens.size()
            && tokens.get(to + 1).kind() == Token.Kind.WORD
            && (!tokens.get(to + 1).isWord(USUAL)
                || to + 2 < tokens.size() && tokens.get(to + 2).isWord(OTHER_GRAINS));
    boolean of = word && tokens.get(to).isWord("de", "di", "del", "della", "du", "des");
    return of || to < tokens.size() && OF.is(tokens.get(to).low());
  }

  /** "protein powder, vanilla": the name began before. */
  private boolean isEndOfName(List<Token> tokens, int i, String name) {
    boolean word = i > 0 && tokens.get(i - 1).kind() == Token.Kind.WORD;
    String longer = word ? tokens.get(i - 1).text() + " " + name : "";
    return word && foods.byName(longer).isPresent();
  }

  private static Element written(List<Token> tokens, int i, Inverted.Found other) {
    Element element = Element.food(tokens, i, other.to(), other.food());
    element.instead = other.name();
    return element;
  }

  /** A name longer than others, which is all that is left of the line. */
  private void alone(List<Token> tokens, int i, Cover cover) {
    for (int word = i; word < tokens.size(); word++) {
      boolean mark = tokens.get(word).kind() == Token.Kind.MARK; // "oat protein, sixty per cent"
      if (!mark && !isNamePart(tokens, word)) {
        return;
      }
    }
    String name = Token.joined(tokens.subList(i, tokens.size()));
    Optional<Foods.Named> found = foods.byName(name);
    if (found.isPresent()) {
      Element element = Element.food(tokens, i, tokens.size(), found);
      cover.offer(i, element, NAME * (tokens.size() - i));
    }
  }

  private void misspelt(List<Token> tokens, int i, Cover cover) {
    boolean of = i > 0 && i + 2 < tokens.size() && tokens.get(i + 1).isWord("of");
    if (of && isNumber(tokens, i - 1) && foods.byName(tokens.get(i + 2).low()).isPresent()) {
      return; // "1 gavia of milk": of a measure, and no guava
    }
    if (walls.contains(tokens.get(i).end()) && i + 1 < tokens.size()) {
      return; // "1 gavia (200 ml) milk"
    }
    boolean measured = i > 0 && (cover.at(i).isAmount() || tokens.get(i - 1).isWord("of"));
    measured |= i > 1 && LineWords.isDescribing(tokens.get(i - 1).low()) && isNumber(tokens, i - 2);
    boolean begins = i == 0 || tokens.get(i - 1).isMark(",", ";", "/", "•");
    boolean name = begins && !tokens.get(i).isWord("nana", "nanas", "flower");
    measured |= name && i + 1 < tokens.size() && isNumber(tokens, i + 1); // "mlik 200 ml"
    Misspelt.meant(foods, tokens, i, measured).ifPresent(right -> spelt(tokens, i, right, cover));
  }

  /** A name that begins with a word as it should be written. */
  private void spelt(List<Token> tokens, int i, String right, Cover cover) {
    for (int to = Math.min(tokens.size(), i + 3); to > i; to--) {
      String said = to > i + 1 ? " " + Token.joined(tokens.subList(i + 1, to)) : "";
      String behind = said.equalsIgnoreCase(" flower") ? " flour" : said; // "bukwheat flower"
      Optional<Foods.Named> found = foods.byName(right + behind);
      if (found.isPresent() && tokens.subList(i, to).stream().allMatch(Spans::isName)) {
        Element element = Element.food(tokens, i, to, found);
        element.instead = right + behind;
        cover.offer(i, element, MISSPELT + NAME * (to - i - 1));
      }
    }
  }

  private static boolean isNumber(List<Token> tokens, int i) {
    return tokens.get(i).kind() == Token.Kind.NUMBER;
  }

  /** A word of some food's name, or a number in it: "2 % milk". */
  private boolean isNamePart(List<Token> tokens, int i) {
    Token token = tokens.get(i);
    boolean glued =
        i + 1 < tokens.size() && tokens.get(i + 1).start() == token.end() // "T55", "H2O"
            || i > 0 && tokens.get(i - 1).end() == token.start();
    return isName(token)
        && (token.kind() != Token.Kind.WORD || glued || foods.isInNames(token.low()));
  }

  private static boolean isName(Token token) {
    return token.kind() != Token.Kind.MARK || token.isMark("%");
  }
}
