package honeststack.core.line;

import honeststack.core.food.Packing;
import honeststack.core.measure.Amount.Term;
import honeststack.core.measure.Containers;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Measure.Heap;
import honeststack.core.measure.Unit;
import honeststack.core.wording.Refusal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Reads the amount at the front of a line: one measure or a sum of them, a container and its
 * content, the same amount in other units behind it.
 */
public final class AmountParser {
  private final List<Token> tokens;
  private final Quantities quantities;
  private final Unnumbered alone;
  private final UnitBehind units;

  /**
   * @param text that the tokens are of, to quote it
   */
  public AmountParser(String text, List<Token> tokens) {
    this.tokens = tokens;
    this.quantities = new Quantities(text, tokens);
    this.alone = new Unnumbered(tokens);
    this.units = new UnitBehind(tokens, quantities);
  }

  /**
   * @param others the same amount in other units
   * @param name where the food's name before it ends; 0 for an amount at the front
   * @param next place of the first token after it
   */
  public record Front(
      List<Term> terms, boolean container, List<Measure> others, int name, int next) {}

  /**
   * The amount that begins at a token.
   *
   * @throws RefusedException if a number cannot be read
   */
  public Optional<Front> front(int from) {
    Found first = measure(from, true).orElse(null);
    if (first == null) {
      return Optional.empty();
    }
    List<Term> terms = new ArrayList<>(List.of(new Term(first.measure(), false)));
    List<Measure> others = new ArrayList<>();
    int i = first.next();
    boolean container = first.container();
    for (boolean on = true; on; ) {
      on = false;
      if (mark(i, "/", "|", "=") || (word(i, "or") && first.measure().unit() != Unit.COUNT)) {
        Optional<Found> other =
            measure(about(i + 1), false).filter(f -> f.measure().unit() != Unit.COUNT);
        boolean bare = first.measure().unit() == Unit.COUNT && !isNumber(about(i + 1));
        if (other.isPresent() && !bare) { // "skyr 100 / pinch salt"
          others.add(other.get().measure());
          i = other.get().next();
          on = true;
          container |= other.get().container();
        }
      }
      Measure last = terms.get(terms.size() - 1).measure();
      Optional<Found> smaller =
          Smaller.mayFollow(last.unit())
              ? measure(i, false).filter(f -> Smaller.is(tokens, from, last.unit(), f))
              : Optional.empty();
      if (smaller.isPresent()) {
        terms.add(new Term(smaller.get().measure(), false));
        i = smaller.get().next();
        on = true;
      }
      boolean count = first.measure().unit() == Unit.COUNT;
      boolean tin = count && !first.measure().size().isEmpty();
      boolean held = // "a tin and 50 ml"
          count && (word(i, "and") || mark(i, "&")) || tin && mark(i, "+");
      boolean and = word(i, "and");
      Optional<Term> term =
          held
              ? Optional.empty()
              : term(i).filter(more -> !and || Smaller.mayAdd(last, more.measure()));
      if (term.isPresent()) {
        terms.add(term.get());
        i = end;
        on = true;
      }
    }
    if (terms.size() > 1 && isNumberOnly(terms.get(0)) && isPlus(first.next())) {
      Unit unit = terms.get(1).measure().unit();
      terms.set(0, new Term(first.measure().in(unit), false)); // "10 + 10 g"
    }
    int loose = LinePhrases.end(LinePhrases.LOOSE, tokens, i);
    boolean behind = loose < tokens.size() && tokens.get(loose).kind() == Token.Kind.WORD;
    i = behind && first.measure().unit() != Unit.COUNT ? loose : i;
    return Optional.of(new Front(terms, container, others, 0, word(i, "of") ? i + 1 : i));
  }

  private boolean isPlus(int i) {
    return mark(i, "+") || word(i, "plus");
  }

  private static boolean isNumberOnly(Term term) {
    return term.measure().unit() == Unit.COUNT && term.measure().size().isEmpty();
  }

  /** A spoon, a cup or a splash without a number, "tablespoon sugar": one. */
  public Optional<Front> bare(int i) {
    return units
        .unit(new Quantity(1, 0, 0, i))
        .filter(found -> found.next() == i + 1 && tokens.get(i).text().length() > 2)
        .filter(
            found ->
                switch (found.measure().unit().kind()) {
                  case SPOON, VOLUME -> true;
                  case VAGUE -> !word(i, "walnut", "hazelnut", "egg", "nut");
                  default -> false;
                })
        .map(
            found ->
                new Front(
                    List.of(new Term(found.measure(), false)), false, List.of(), 0, found.next()));
  }

  /** Where the term last found by {@link #term} ends. */
  private int end;

  /** An amount behind the food, "butter 50 g", "eggs x 3", "butter, 50 g, melted". */
  Optional<Front> back() {
    for (int i = 1; i < tokens.size(); i++) {
      boolean times = word(i, "x") || mark(i, "×");
      if (word(i - 1, "to", "for")) {
        continue; // "honey to drizzle" has no amount
      }
      Optional<Found> found = measure(about(times ? i + 1 : i), true);
      if (found.isEmpty()) {
        continue;
      }
      boolean measured = found.get().measure().unit() != Unit.COUNT;
      List<Term> terms = new ArrayList<>(List.of(new Term(found.get().measure(), false)));
      int next = found.get().next();
      Optional<Term> more = measured ? term(next) : Optional.empty();
      if (more.isPresent()) {
        terms.add(more.get()); // "milk, a cup and two tablespoons"
        next = end;
      }
      // nothing behind it; or between commas, unless it is a bare number
      boolean last = measured && mark(i - 1, ",", ":") && mark(next, ",");
      if (next == tokens.size() || last) {
        boolean apart = mark(i - 1, ",", ":", "-", "–", "—", "=", ".", "…");
        return Optional.of(
            new Front(terms, found.get().container(), List.of(), apart ? i - 1 : i, next));
      }
    }
    return Optional.empty();
  }

  /** A measure that is added or taken away: "plus 2 tbsp", "less 1 tbsp". */
  Optional<Term> term(int i) {
    boolean taken = word(i, "less", "minus");
    if (!taken && !word(i, "plus", "and") && !mark(i, "+", "&")) {
      return Optional.empty();
    }
    Optional<Found> found =
        measure(about(i + 1), false).filter(f -> f.measure().unit() != Unit.COUNT);
    found.ifPresent(f -> end = f.next());
    return found.map(f -> new Term(f.measure(), taken));
  }

  int end() {
    return end;
  }

  /** Whether a number begins here that is not "a" or "some". */
  public boolean isNumber(int i) {
    return i < tokens.size()
        && !tokens.get(i).isWord("a", "an", "some", "few")
        && quantities.at(i).isPresent();
  }

  /** Skips "about", "roughly" and the like. */
  public int about(int i) {
    int at = i;
    while (at < tokens.size()
        && (LineWords.ABOUT.contains(tokens.get(at).low()) || mark(at, "~", "≈", "."))) {
      at++;
    }
    return at;
  }

  /**
   * A number and its unit; without a number, a vague unit alone ("pinch of salt").
   *
   * @param counts whether a number without a unit is a count
   */
  Optional<Found> measure(int from, boolean counts) {
    Optional<Quantity> number = quantities.at(from);
    if (number.isEmpty() && word(from, "between")) {
      return quantities
          .at(from + 1)
          .flatMap(units::unit)
          .map(low -> units.orMore(from + 1, low))
          .filter(f -> f.measure().halfRange() > 0);
    }
    if (number.isEmpty()) {
      boolean heaped = from < tokens.size() && LineWords.HEAPS.containsKey(tokens.get(from).low());
      return units
          .unit(new Quantity(1, 0, 0, from))
          .filter(f -> heaped || f.measure().amount() > 1 || alone.is(from, f))
          .or(() -> alone.container(from));
    }
    Quantity quantity = number.get();
    if (mark(quantity.next(), "%")) {
      return Optional.empty();
    }
    Optional<Found> length =
        Lengths.at(tokens, quantity.next())
            .map(
                cut ->
                    new Found(
                        quantity.measure(Unit.COUNT, Packing.NOT_SAID, Heap.LEVEL, cut.size()),
                        false,
                        cut.next()));
    if (length.isPresent()) {
      return length;
    }
    Optional<Found> content = content(quantity);
    if (content.isPresent()) {
      return content;
    }
    Optional<Found> measured = units.unit(quantity);
    if (measured.isPresent()) {
      return measured.map(low -> units.orMore(from, low)).map(this::inContainer);
    }
    if (!counts) {
      return Optional.empty();
    }
    int i = quantity.next();
    boolean sized = word(i, "whole", "entire", "full");
    if (isPart(i + 1) && (sized || i < tokens.size() && Sizes.is(tokens.get(i).low()))) {
      i++; // "a whole stick", "a small tin"
    }
    String word = i < tokens.size() ? tokens.get(i).low() : "";
    if (UnitWords.VESSELS.contains(word)) {
      throw Refusals.of(
          Refusal.Reason.BAD_AMOUNT,
          tokens.get(i).text(),
          "has no size that everybody means",
          "a weight, or cups and spoons");
    }
    String part = Containers.counted(word);
    Optional<Quantity> half = part.isEmpty() ? Optional.empty() : quantities.andPart(i + 1);
    if (half.isPresent()) {
      Quantity all = new Quantity(quantity.amount() + half.get().amount(), 0, 0, 0);
      Measure measure = all.measure(Unit.COUNT, Packing.NOT_SAID, Heap.LEVEL, part);
      return Optional.of(new Found(measure, Containers.isContainer(part), half.get().next()));
    }
    boolean pieces =
        word(i, "ea", "pc", "pcs", "nos", "piece", "pieces", "stück")
            || word(i, "stk", "stck") && !word(i + 1, "butter", "of", "margarine");
    if (pieces) {
      part = "";
      i = mark(i + 1, ".") ? i + 2 : i + 1;
      return Optional.of(
          new Found(quantity.measure(Unit.COUNT, Packing.NOT_SAID, Heap.LEVEL, part), false, i));
    }
    return Optional.of(
        new Found(
            quantity.measure(Unit.COUNT, Packing.NOT_SAID, Heap.LEVEL, part),
            Containers.isContainer(part),
            part.isEmpty() ? i : i + 1));
  }

  /** "2 x 400 g tins", "a 400 g tin": the content counts. */
  private Optional<Found> content(Quantity quantity) {
    int i = quantity.next();
    boolean times = word(i, "x") || mark(i, "×", "*");
    Optional<Found> inside =
        quantities.at(times ? i + 1 : i).flatMap(units::unit).filter(f -> isContent(f.measure()));
    if (inside.isEmpty()) {
      return Optional.empty();
    }
    int next = inside.get().next();
    boolean sprayed = inside.get().measure().unit() == Unit.SECOND;
    boolean container =
        sprayed ? word(next, "spray", "sprays", "burst", "bursts") : isContainer(next);
    boolean part = !sprayed && !container && isOnePart(next);
    if (!container && !times && !part) {
      return Optional.empty();
    }
    return Optional.of(
        new Found(
            inside.get().measure().times(quantity.amount()),
            container && !sprayed,
            container || part && !isEgg(next) ? next + 1 : next));
  }

  /** "a 10 g knob of butter", "two 25 g slices", "six 60 g eggs": what one weighs. */
  private boolean isOnePart(int i) {
    Optional<Unit> unit = UnitWords.at(tokens, i).map(UnitWords.Found::unit);
    return isPart(i)
        || isEgg(i)
        || unit.filter(u -> u.kind() == Unit.Kind.VAGUE || u.kind() == Unit.Kind.LADLE).isPresent();
  }

  private boolean isEgg(int i) {
    return word(i, "egg", "eggs");
  }

  /** "125 g tub": what it holds. */
  private Found inContainer(Found found) {
    boolean container = isContent(found.measure()) && isContainer(found.next());
    return container ? new Found(found.measure(), true, found.next() + 1) : found;
  }

  private boolean isPart(int i) {
    return i < tokens.size() && !Containers.counted(tokens.get(i).low()).isEmpty();
  }

  private boolean isContainer(int i) {
    return i < tokens.size() && Containers.isContainer(Containers.counted(tokens.get(i).low()));
  }

  private static boolean isContent(Measure measure) {
    return switch (measure.unit().kind()) {
      case MASS, MARKED, SPRAY -> true;
      case VOLUME -> measure.unit() == Unit.FLUID_OUNCE;
      case SPOON, LADLE, VAGUE, COUNT -> false;
    };
  }

  private boolean word(int i, String... words) {
    return i < tokens.size() && tokens.get(i).isWord(words);
  }

  private boolean mark(int i, String... marks) {
    return i < tokens.size() && tokens.get(i).isMark(marks);
  }
}
