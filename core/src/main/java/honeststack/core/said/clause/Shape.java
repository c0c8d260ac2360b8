package honeststack.core.said.clause;

import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.stream.Stream;

/**
 * A sentence with a sign for each amount ({@code #}) and each food ({@code @}) that nothing was
 * made of yet, and its other words in small letters: "jug # , with @ # . ". Patterns say how
 * amounts and foods stand to each other, whatever they are.
 */
public final class Shape {
  private final Clause clause;
  private final String text;

  /** Where each element begins in the text. */
  private final int[] starts;

  /** The same of elements that are in no sentence yet. */
  public static String signs(List<Element> elements) {
    return Signs.of(elements, true).text();
  }

  private Shape(Clause clause, boolean read) {
    Signs signs = clause.seen.signs(clause.elements, read);
    this.clause = clause;
    this.text = signs.text();
    this.starts = signs.starts();
  }

  /** Of a sentence with so many amounts, or more; empty for another. */
  public static Optional<Shape> of(Clause clause, int amounts) {
    int strong = 0;
    for (int i = 0; i < clause.size(); i++) {
      strong += clause.isStrong(i) ? 1 : 0;
    }
    return strong >= amounts ? Optional.of(new Shape(clause, false)) : Optional.empty();
  }

  /** What a pattern finds in a sentence with foods and so many amounts, or more. */
  public static Optional<Found> in(Clause clause, int amounts, Sought pattern) {
    return clause.hasFood()
        ? of(clause, amounts).flatMap(shape -> shape.find(pattern))
        : Optional.empty();
  }

  /** What each of some patterns finds there, one behind the other as they are asked for. */
  public static Stream<Found> all(Clause clause, int amounts, List<Sought> patterns) {
    return (clause.hasFood() ? of(clause, amounts) : Optional.<Shape>empty())
        .stream().flatMap(shape -> patterns.stream().flatMap(p -> shape.find(p).stream()));
  }

  /** The words and signs, a space behind each. */
  public String text() {
    return text;
  }

  /** Where a pattern is found first; empty where it is not. */
  public Optional<Found> find(Sought pattern) {
    if (!pattern.isIn(text)) {
      return Optional.empty();
    }
    Matcher matcher = pattern.matcher(text);
    return matcher.find() ? Optional.of(new Found(this, matcher)) : Optional.empty();
  }

  /** Of a sentence of which something was made already. */
  public static Optional<Shape> read(Clause clause) {
    return Optional.of(new Shape(clause, true));
  }

  /** What a pattern finds that is all of it. */
  public Optional<Found> whole(Sought pattern) {
    Matcher matcher = pattern.matcher(text);
    return pattern.begins(text) && matcher.matches()
        ? Optional.of(new Found(this, matcher))
        : Optional.empty();
  }

  /** Wherever a pattern is found, one behind the other. */
  public List<Found> each(Sought pattern) {
    List<Found> each = new ArrayList<>();
    if (!pattern.isIn(text)) {
      return each;
    }
    for (int from = 0; from <= text.length(); ) {
      Matcher matcher = pattern.matcher(text);
      if (!matcher.find(from)) {
        break;
      }
      each.add(new Found(this, matcher));
      from = Math.max(matcher.end(), from + 1);
    }
    return each;
  }

  /** The element that begins at a place of the text, or is there; -1 for none. */
  private int element(int place) {
    int i = starts.length - 1;
    while (i >= 0 && (place < 0 || starts[i] > place)) {
      i--;
    }
    return i;
  }

  /** What a pattern found. */
  public record Found(Shape shape, Matcher said) {
    /** The element at which a group begins; -1 for a group that is not there. */
    public int at(String group) {
      return shape.element(said.start(group));
    }

    /** Whether a group was found. */
    public boolean has(String group) {
      return said.group(group) != null;
    }

    /** The first element. */
    public int start() {
      return shape.element(said.start());
    }

    /** Behind the last element. */
    public int end() {
      return shape.element(Math.max(said.end() - 2, 0)) + 1;
    }

    /** What it says from an element on is told of the one before. */
    public void note(int from) {
      for (int i = from; i < end(); i++) {
        shape.clause.get(i).part = Part.NOTE;
      }
    }

    /** Takes all of it but some elements. */
    public void take(Part part, int... but) {
      for (int i = start(); i < end(); i++) {
        boolean kept = false;
        for (int one : but) {
          kept |= one == i;
        }
        shape.clause.take(i, kept ? i : i + 1, part);
      }
    }
  }
}
