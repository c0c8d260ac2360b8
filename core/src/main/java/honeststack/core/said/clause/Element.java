package honeststack.core.said.clause;

import honeststack.core.food.Foods;
import honeststack.core.food.Role;
import honeststack.core.line.AmountParser;
import honeststack.core.line.Token;
import honeststack.core.measure.Measure;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.measure.Unit;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Phrases;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** A stretch of a sentence: an amount, a food's name, a phrase, or a word or mark alone. */
public final class Element {

  public enum Kind {
    AMOUNT,
    FOOD,
    PHRASE,
    WORD,
    MARK
  }

  /** What it is. */
  public final Kind kind;

  /** Of the whole sentence. */
  public final List<Token> tokens;

  /** Its first token. */
  public final int from;

  /** Behind its last token. */
  public final int to;

  final Set<Sort> sorts;

  /** What it measures; empty for what is no amount. */
  public final Optional<AmountParser.Front> amount;

  /** The food that it names; empty for what is none, or a kind of food only. */
  public final Optional<Foods.Named> food;

  /** What it was taken for; null as long as nothing was made of it. */
  public Part part;

  /** Words that stand for it where it is not written as it is meant; null for its own. */
  public String instead;

  /** Its own words, and in small letters what it says, once they were asked for. */
  private String written;

  private String low;

  /** What patterns say of them. */
  private Remembered.Word known;

  /** It takes the place of an amount before it. */
  public boolean corrects;

  /** What a scale shows of all that is in the bowl. */
  public boolean reading;

  /** "one" that is a number among others, not as weak as "a". */
  public boolean firm;

  private Element(
      Kind kind,
      List<Token> tokens,
      int from,
      int to,
      Set<Sort> sorts,
      Optional<AmountParser.Front> amount,
      Optional<Foods.Named> food) {
    this.kind = kind;
    this.tokens = tokens;
    this.from = from;
    this.to = to;
    this.sorts = sorts;
    this.amount = amount;
    this.food = food;
  }

  /** What it measures; empty for what is no amount. */
  public static Element amount(List<Token> tokens, int from, AmountParser.Front amount) {
    return new Element(
        Kind.AMOUNT, tokens, from, amount.next(), none(), Optional.of(amount), Optional.empty());
  }

  /**
   * @param food empty for a word that means a kind of food
   */
  public static Element food(List<Token> tokens, int from, int to, Optional<Foods.Named> food) {
    return new Element(Kind.FOOD, tokens, from, to, none(), Optional.empty(), food);
  }

  /** This amount with the words around it taken in, as it is written from now on. */
  public Element spanning(int first, int end, String written) {
    AmountParser.Front said = amount.orElseThrow();
    Element all =
        amount(
            tokens,
            first,
            new AmountParser.Front(said.terms(), said.container(), List.of(), 0, end));
    all.instead = written;
    return all;
  }

  /** In its place, where another food is meant than its own words name. */
  public Element meaning(Foods.Named other, String name) {
    Element meant = food(tokens, from, to, Optional.of(other));
    meant.instead = name;
    return meant;
  }

  /** A phrase from a token on. */
  public static Element phrase(List<Token> tokens, int from, Phrases.Found phrase) {
    return new Element(
        Kind.PHRASE, tokens, from, phrase.to(), phrase.sorts(), Optional.empty(), Optional.empty());
  }

  /** A word or a mark alone. */
  public static Element token(List<Token> tokens, int at) {
    Kind kind = tokens.get(at).kind() == Token.Kind.WORD ? Kind.WORD : Kind.MARK;
    return new Element(kind, tokens, at, at + 1, none(), Optional.empty(), Optional.empty());
  }

  private static Set<Sort> none() {
    return EnumSet.noneOf(Sort.class);
  }

  /** It is a phrase of one of some sorts. */
  public boolean is(Sort... any) {
    for (Sort sort : any) {
      if (sorts.contains(sort)) {
        return true;
      }
    }
    return false;
  }

  /** Both are known foods, and one. */
  public boolean isSameFood(Element other) {
    return food.isPresent()
        && other.food.isPresent()
        && food.get().food().id().equals(other.food.get().food().id());
  }

  /** Both are known foods, of one role in a recipe: two flours. */
  public boolean isOfAKind(Element other) {
    return food.isPresent()
        && other.food.isPresent()
        && food.get().food().role() == other.food.get().food().role();
  }

  /** A known food that does one of these in a batter. */
  public boolean isRole(Role... roles) {
    return food.isPresent() && List.of(roles).contains(food.get().food().role());
  }

  /** It names a food, or a kind of food. */
  public boolean isFood() {
    return kind == Kind.FOOD;
  }

  /** It measures something. */
  public boolean isAmount() {
    return kind == Kind.AMOUNT;
  }

  /** It begins with a figure or a fraction. */
  public boolean isNumber() {
    Token.Kind first = tokens.get(from).kind();
    return first == Token.Kind.NUMBER || first == Token.Kind.FRACTION;
  }

  /** Nothing was made of it yet. */
  public boolean isFree() {
    return part == null;
  }

  /** It is one of some marks. */
  public boolean isMark(String... marks) {
    return kind == Kind.MARK && tokens.get(from).isMark(marks);
  }

  /** It is one of some single words, in small letters. */
  public boolean isWord(String... words) {
    return to == from + 1 && tokens.get(from).isWord(words);
  }

  /** In grams, in millilitres by US measures, or in pieces: to hold one amount against another. */
  public double quantity() {
    Unit unit = measure().unit();
    double one =
        unit.kind() == Unit.Kind.MASS
            ? unit.grams()
            : unit.kind().isVolume() && unit.kind() != Unit.Kind.LADLE
                ? unit.millilitres(MeasuringSystem.US)
                : 1;
    return measure().amount() * one;
  }

  /** What it measures; only of an amount. */
  public Measure measure() {
    return amount.orElseThrow().terms().get(0).measure();
  }

  /** A number, and nothing that says of what. */
  public boolean isCount() {
    return isAmount() && measure().unit() == Unit.COUNT && measure().size().isEmpty();
  }

  /** "a", "an": an amount only right before a food. */
  public boolean isWeak() {
    return !firm
        && isCount()
        && to == from + 1
        && tokens.get(from).isWord("a", "an", "one", "each");
  }

  /** Less than it, or in another unit: some of it may be. */
  public boolean isPartOf(Element whole) {
    return measure().unit() != whole.measure().unit() && !isCount()
        || measure().amount() < whole.measure().amount();
  }

  /** Its words, in the unit of another amount where it has none of its own. */
  public String textLike(Element other) {
    return isBare(other) ? text() + " " + other.measure().unit().symbol() : text();
  }

  /** Stands from now on in the unit of another amount, if it has none of its own. */
  public void takeUnit(Element other) {
    if (isBare(other)) {
      instead = textLike(other);
    }
  }

  private boolean isBare(Element other) {
    return isCount() && instead == null && other.measure().unit() != Unit.COUNT;
  }

  /** Its first place in the text. */
  public int start() {
    return tokens.get(from).start();
  }

  /** The place behind it in the text. */
  public int end() {
    return tokens.get(to - 1).end();
  }

  /** Its words as they are to be read: what stands for them, or its own. */
  public String text() {
    if (instead != null) {
      return instead;
    }
    if (written == null) {
      String all =
          to == from + 1 ? tokens.get(from).text() : Token.joined(tokens.subList(from, to));
      boolean dot = isAmount() && all.endsWith("."); // "2 tbsp."
      written = dot ? all.substring(0, all.length() - 1) : all;
    }
    return written;
  }

  /** Whether its words are such. */
  public boolean says(Remembered pattern) {
    if (instead != null) {
      return pattern.is(low());
    }
    if (known == null) {
      known = Remembered.word(low());
    }
    return pattern.is(known);
  }

  /** Its words in small letters. */
  public Stream<String> words() {
    String all = low();
    return all.indexOf(' ') < 0 ? Stream.of(all) : Arrays.stream(all.split(" "));
  }

  /** In small letters. */
  public String low() {
    if (instead != null) {
      return instead.toLowerCase(Locale.ROOT);
    }
    if (low == null) {
      low =
          to == from + 1
              ? tokens.get(from).low()
              : text().toLowerCase(Locale.ROOT).replace('’', '\'');
    }
    return low;
  }
}
