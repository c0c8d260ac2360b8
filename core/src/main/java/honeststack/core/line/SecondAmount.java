package honeststack.core.line;

import honeststack.core.measure.Amount.Term;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import java.util.List;
import java.util.Optional;

/** Of two amounts that a line states for one food, which one counts. */
final class SecondAmount {
  private SecondAmount() {}

  /**
   * The weighed amount wins, then the volume read off marks, which is the same in every kitchen; it
   * takes the place of the first term.
   *
   * @return what it won over, to check it by; a bare count is no second amount
   */
  static Optional<Measure> prefer(List<Term> terms, List<Measure> others) {
    if (terms.size() != 1 || others.isEmpty()) {
      return Optional.empty();
    }
    Measure stated = terms.get(0).measure();
    Measure best = stated;
    for (Measure other : others) {
      if (rank(other) > rank(best)) {
        best = other;
      }
    }
    if (best == stated) {
      return Optional.of(others.get(0));
    }
    terms.set(0, new Term(best, false));
    return stated.unit() == Unit.COUNT ? Optional.empty() : Optional.of(stated);
  }

  private static int rank(Measure measure) {
    return switch (measure.unit().kind()) {
      case MASS -> measure.unit() == Unit.GRAM || measure.unit() == Unit.KILOGRAM ? 5 : 4;
      case MARKED -> 3;
      case VOLUME, SPOON, LADLE -> 2;
      case COUNT -> 1;
      case VAGUE, SPRAY -> 0;
    };
  }
}
