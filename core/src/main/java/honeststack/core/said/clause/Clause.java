package honeststack.core.said.clause;

import honeststack.core.line.Place;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sentence;
import honeststack.core.said.words.Sort;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/** The elements of a sentence, and what has been made of them so far. */
public final class Clause {
  /** What it was read from. */
  public final Sentence sentence;

  /** Its stretches in order, which cover it whole. */
  public final List<Element> elements;

  /** What stands in brackets, by the element that it stands behind; -1 for the beginning. */
  public final List<Aside> asides;

  /** How many come out and how many they serve, as far as it says. */
  public final Counted counts = new Counted();

  /** Foods that go to several places. */
  public final List<Split> splits = new ArrayList<>();

  /** How it shares out what was named before it. */
  public final List<Share> loose = new ArrayList<>();

  /** How much of what is told was made, where it says so. */
  public Optional<Batch> batch = Optional.empty();

  /** Behind the words that say so. */
  public int batchEnd;

  /** It tells how something went in bit by bit, which is no talk of another recipe. */
  public boolean bitByBit;

  /** Whether its words only tell something of its foods; null as long as nobody asked. */
  public Boolean remarks;

  /** It says what a filling, a sauce or the like is made of. */
  public boolean side;

  /** Its numbers are those of a label. */
  public boolean label;

  /** Amounts of one of several, and how many there are. */
  public final Map<Element, Double> several = new HashMap<>();

  /** Amounts of which it says what they are in two cases. */
  public final List<Case> cases = new ArrayList<>();

  /** The foods that it names, as far as they were found. */
  public final List<Mention> mentions = new ArrayList<>();

  final Seen seen = new Seen();

  /** Of the elements of a sentence and of what stands in brackets in it. */
  public Clause(Sentence sentence, List<Element> elements, List<Aside> asides) {
    this.sentence = sentence;
    this.elements = new ArrayList<>(elements);
    this.asides = asides;
  }

  /**
   * What was said for two cases.
   *
   * @param amount stands for both
   * @param text of the first case
   * @param words that say which it is
   */
  public record Case(
      Element amount, String text, String words, String otherText, String otherWords) {}

  /**
   * @param after place in the text behind which it stands
   */
  public record Aside(int after, Clause clause) {}

  /** How many elements it has. */
  public int size() {
    return elements.size();
  }

  /** Takes over what brackets mention: it stands from now on where they do. */
  public void adopt(Aside aside) {
    for (Mention mention : aside.clause.mentions) {
      mention.bracketed =
          new Mention.Stretch(aside.clause.start(mention), aside.clause.end(mention));
      mention.from = before(aside.after);
      mention.to = mention.from;
      mentions.add(mention);
    }
  }

  /** How many of its elements stand before a place in the text. */
  private int before(int place) {
    int i = 0;
    while (i < size() && get(i).end() <= place) {
      i++;
    }
    return i;
  }

  /** Where a mention begins in the text, which may be in brackets. */
  public int start(Mention mention) {
    if (mention.bracketed != null) {
      return mention.bracketed.start();
    }
    Element outside = outside(mention);
    return outside != null ? outside.start() : start(mention.from);
  }

  private int start(int i) {
    return get(has(i) ? i : 0).start();
  }

  /** Behind it. */
  public int end(Mention mention) {
    if (mention.bracketed != null) {
      return mention.bracketed.end();
    }
    Element outside = outside(mention);
    return outside != null ? outside.end() : endBefore(mention.to);
  }

  private int endBefore(int i) {
    return get(Math.min(size(), Math.max(1, i)) - 1).end();
  }

  /** What was named in another sentence: its food, or its amount where that is not known. */
  private Element outside(Mention mention) {
    Element one = mention.food == null ? mention.amount : mention.food;
    return one == null || elements.contains(one) ? null : one;
  }

  /** The element at a place, which must be there. */
  public Element get(int i) {
    return elements.get(i);
  }

  /** Whether there is an element at a place. */
  public boolean has(int i) {
    return i >= 0 && i < elements.size();
  }

  /** Null where there is none. */
  private Element at(int i) {
    return i >= 0 && i < elements.size() ? elements.get(i) : null;
  }

  /** The element at a place is a phrase of one of some sorts. */
  public boolean is(int i, Sort... sorts) {
    Element element = at(i);
    return element != null && element.is(sorts);
  }

  /** The element at a place is one of some marks. */
  public boolean isMark(int i, String... marks) {
    Element element = at(i);
    return element != null && element.isMark(marks);
  }

  /** The element at a place is one of some words, in small letters. */
  public boolean isWord(int i, String... words) {
    Element element = at(i);
    return element != null && element.isWord(words);
  }

  /** An amount of which nothing was made stands at a place. */
  public boolean isAmount(int i) {
    Element element = at(i);
    return element != null && element.isAmount() && !element.isWeak();
  }

  /** A food of which nothing was made stands at a place. */
  public boolean isFood(int i) {
    Element element = at(i);
    return element != null && element.isFood() && element.isFree();
  }

  /** Whether the words of an element are such; nothing has none. */
  public boolean says(int i, Remembered pattern) {
    return has(i) ? get(i).says(pattern) : pattern.is(Remembered.NOTHING);
  }

  /** Whether those of any element are. */
  public boolean says(Remembered pattern) {
    for (Element element : elements) {
      if (element.says(pattern)) {
        return true;
      }
    }
    return false;
  }

  /** One of those words is somewhere in it. */
  public boolean hasWord(String... words) {
    for (Element element : elements) {
      if (element.isWord(words)) {
        return true;
      }
    }
    return false;
  }

  /** It names a food of which nothing was made. */
  public boolean hasFood() {
    for (Element element : elements) {
      if (element.isFood()) {
        return true;
      }
    }
    return false;
  }

  /** Some amount in it says more than "a". */
  public boolean hasAmount() {
    for (Element element : elements) {
      if (element.isAmount() && !element.isWeak()) {
        return true;
      }
    }
    return false;
  }

  /** An amount that says more than "a". */
  public boolean isStrong(int i) {
    Element element = at(i);
    return element != null && element.isAmount() && element.isFree() && !element.isWeak();
  }

  /** One or more of something, and no part of it: not "half". */
  public boolean isWhole(int i) {
    return isStrong(i) && get(i).measure().amount() >= 1;
  }

  /** The elements between two places become one amount, as it is written from now on. */
  public void join(int from, int to, Element amount, String written) {
    Element all = amount.spanning(get(from).from, get(to - 1).to, written);
    elements.subList(from, to - 1).clear();
    elements.set(from, all);
  }

  /** The next element that is what is looked for, over idle words only; -1 if there is none. */
  public int ahead(int from, int most, Predicate<Element> wanted) {
    int words = 0;
    for (int i = from; i < size(); i++) {
      Element element = get(i);
      if (wanted.test(element)) {
        return i;
      }
      boolean over =
          element.kind == Element.Kind.WORD
              || element.isAmount() && element.isWeak()
              || element.is(Sort.IDLE) && element.to - element.from == 1 && !element.is(Sort.OR);
      if (!over || ++words > most) {
        return -1;
      }
    }
    return -1;
  }

  /** In small letters; empty where there is nothing. */
  public String low(int i) {
    Element element = at(i);
    return element == null ? "" : element.low();
  }

  /** The words of some elements in small letters, with spaces between; as far as there are any. */
  public String words(int from, int to) {
    return seen.words(elements, from, to);
  }

  /** Leaves out all foods and amounts from one element to before another. */
  public void exclude(int from, int to) {
    for (int i = from; i < to; i++) {
      if (get(i).isFood() || get(i).isAmount()) {
        get(i).part = Part.EXCLUDED;
      }
    }
  }

  /** The measure that took the place of another one in it. */
  public Optional<Element> right() {
    boolean wrong = elements.stream().anyMatch(e -> e.isAmount() && e.part == Part.EXCLUDED);
    return elements.stream()
        .filter(e -> wrong && e.isAmount() && e.corrects && !e.isCount())
        .findFirst();
  }

  /** Takes what is left of the elements from one place to before another for something. */
  public void take(int from, int to, Part part) {
    for (int i = from; i < to; i++) {
      if (get(i).isFree()) {
        get(i).part = part;
      }
    }
  }

  /** Of those elements the ones that are so. */
  public void take(int from, int to, Part part, Predicate<Element> wanted) {
    for (int i = from; i < to; i++) {
      if (get(i).isFree() && wanted.test(get(i))) {
        get(i).part = part;
      }
    }
  }

  /** Nothing that it names or measures counts by itself. */
  public void passOver() {
    mentions.clear();
    elements.forEach(element -> element.part = Part.METHOD);
  }

  /** Asks about no number of it. */
  public void passOverAmounts() {
    elements.stream()
        .filter(e -> e.isAmount() && (e.isFree() || e.part == Part.UNKNOWN))
        .forEach(e -> e.part = Part.METHOD);
  }

  /** Whether sentences measure so many foods, or more. */
  public static boolean measure(List<Clause> read, int foods) {
    int measured = 0;
    for (Clause clause : read) {
      for (Mention mention : clause.mentions) {
        measured += mention.isMeasured() ? 1 : 0;
        if (measured >= foods) {
          return true;
        }
      }
    }
    return false;
  }

  /** Where what it measures goes, as the heading above it says. */
  public Place heading() {
    return sentence.place();
  }
}
