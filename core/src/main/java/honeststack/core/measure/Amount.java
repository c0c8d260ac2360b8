package honeststack.core.measure;

import honeststack.core.food.Packing;
import java.util.List;

/**
 * All that was measured of one food in one line: "2 cups less 1 tbsp", "a 400 g tin, drained".
 *
 * @param terms at least one; the first is added
 * @param tin what a tin or a jar holds in all
 * @param drained only what stays when its liquid is poured off
 * @param more and some more that nobody measured
 */
public record Amount(List<Term> terms, boolean tin, boolean drained, boolean more) {

  /** One measure, added or taken away. */
  public record Term(Measure measure, boolean taken) {}

  public Amount {
    terms = List.copyOf(terms);
    if (terms.isEmpty() || terms.get(0).taken()) {
      throw new IllegalArgumentException("An amount begins with a measure that is added");
    }
  }

  public static Amount of(Measure measure) {
    return new Amount(List.of(new Term(measure, false)), false, false, false);
  }

  public Measure first() {
    return terms.get(0).measure();
  }

  public Unit unit() {
    return first().unit();
  }

  public Packing packing() {
    return first().packing();
  }

  /** What stays of a tin when its liquid is poured off, by the weight that the tin holds. */
  public boolean isDrainedTin() {
    return drained && tin && unit().kind() == Unit.Kind.MASS;
  }

  /** Every measure so many times as much. */
  public Amount times(double factor) {
    return new Amount(
        terms.stream().map(t -> new Term(t.measure().times(factor), t.taken())).toList(),
        tin,
        drained,
        more);
  }

  /** For a reader: "2 cups less 1 tbsp". */
  public String words() {
    StringBuilder words = new StringBuilder(first().words());
    for (Term term : terms.subList(1, terms.size())) {
      words.append(term.taken() ? " less " : " + ").append(term.measure().words());
    }
    if (drained) {
      words.append(", drained");
    }
    return more ? words + ", and some more" : words.toString();
  }
}
