package honeststack.core.said.yield;

import honeststack.core.line.Token;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Counted;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import java.util.List;
import java.util.Optional;

/** What brackets say of how many come out, and how many eat. */
public final class BracketCounts {
  private static final String PER_SERVING = ".*\\b(?:per|each|a) (?:serving|portion)\\b.*";

  private final Clause outer;
  private final Clause inner;

  /** Nobody names a recipe after more of them (common practice): it may be a year. */
  private static final double MOST = 200;

  private static final List<String> SIZES =
      List.of("small", "large", "big", "mini", "little", "thick", "thin", "giant", "tiny");

  public BracketCounts(Clause outer, Clause inner) {
    this.outer = outer;
    this.inner = inner;
  }

  /**
   * Gives it to the sentence that they stand in.
   *
   * @param alone they stand behind no food
   */
  public void take(boolean alone) {
    boolean made = inner.elements.stream().anyMatch(e -> e.is(Sort.YIELD, Sort.SERVES));
    boolean serving = isPieces() && outer.words(0, outer.size()).matches(PER_SERVING);
    if (outer.label && serving) {
      outer.counts.each = inner.counts.pieces; // "Nutrition per serving (2 pancakes): 310 kcal"
      outer.counts.eachNumber = number().orElseThrow();
      return;
    }
    if (outer.label && !made) {
      inner.elements.forEach(element -> element.part = Part.METHOD);
      return; // "Nutrition (1 waffle): 229 cal"
    }
    Counted all = outer.counts;
    Counted said = inner.counts;
    all.rounds = said.rounds.or(() -> all.rounds);
    all.atOnce = said.atOnce.or(() -> all.atOnce);
    Optional<Element> number = number();
    boolean ea = all.serves.isPresent() && inner.low(0).matches("\\d+ ea");
    if (ea) {
      all.each = said.pieces; // "20 portions (2 ea.)"
      all.eachNumber = inner.get(0);
      all.complete();
    } else if (said.pieces.isPresent()
        && !alone
        && (isNumber() || inner.is(0, Sort.OR) || said.pieces.get().low() < 1)) {
      return; // "2 cups grated carrot (about 3)", "2 eggs (or 1 large)", "(half a stick or so)"
    } else if (said.pieces.isPresent() && all.pieces.isPresent() && isOfASize()) {
      all.pieces = UpTo.either(all.pieces.get(), said.pieces.get());
    } else if (said.pieces.isPresent()) {
      all.pieces = said.pieces;
      all.sure = true;
    } else if (alone && (isBare() || isNamed()) && number.filter(Element::isCount).isPresent()) {
      all.pieces = number.map(BareCounts::range); // "enough for 4 (about 10)"
      number.get().part = Part.YIELD;
    }
    boolean them = inner.words(0, inner.size()).matches("(?:there are )?\\S+ of them");
    if (them && number.filter(Element::isCount).isPresent() && all.pieces.isEmpty() && isOfEach()) {
      all.pieces = number.map(BareCounts::range); // "over each one (8 of them)"
      number.get().part = Part.YIELD;
      return;
    }
    if (said.serves.isPresent()) {
      all.serves = said.serves;
    }
    if (said.each.isPresent()) {
      all.each = said.each;
      all.eachNumber = said.eachNumber;
      all.complete();
    }
  }

  private Optional<Element> number() {
    return inner.elements.stream().filter(e -> e.isAmount() && !e.isWeak()).findFirst();
  }

  /** Nothing but a number of pieces. */
  private boolean isPieces() {
    return inner.counts.pieces.isPresent() && number().isPresent();
  }

  /** "12 small (or 6 large) waffles". */
  private boolean isOfASize() {
    return inner.is(0, Sort.OR)
        || inner.elements.stream()
            .anyMatch(e -> SIZES.stream().anyMatch(size -> e.low().startsWith(size)));
  }

  private boolean isOfEach() {
    return outer.elements.stream().anyMatch(e -> e.is(Sort.EACH));
  }

  private boolean isNumber() {
    return inner.elements.stream()
        .allMatch(
            e ->
                e.isAmount() && e.tokens.get(e.to - 1).kind() != Token.Kind.WORD
                    || e.is(Sort.IDLE));
  }

  /** "Pancakes (12)": behind what they are, and nothing else. */
  private boolean isNamed() {
    return outer.is(outer.size() - 1, Sort.PIECES)
        && !outer.hasFood()
        && !outer.hasAmount()
        && number().filter(n -> n.isCount() && n.measure().amount() <= MOST).isPresent()
        && inner.elements.stream().allMatch(e -> e.isAmount() || e.isWord("c", "env", ".", "~"));
  }

  /** A number and nothing that it counts, behind how many eat. */
  private boolean isBare() {
    return outer.counts.serves.isPresent()
        && outer.counts.pieces.isEmpty()
        && inner.mentions.isEmpty()
        && inner.elements.stream().allMatch(e -> e.isAmount() || e.is(Sort.IDLE));
  }
}
