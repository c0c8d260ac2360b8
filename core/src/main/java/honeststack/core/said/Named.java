package honeststack.core.said;

import honeststack.core.measure.Measure;
import honeststack.core.said.Sentence.Section;
import java.util.Optional;

/** A mention where it stands in a text. */
final class Named {
  /** What is told so many sentences before is told of something else. */
  private static final int FAR_BACK = 60;

  final Clause clause;
  final Mention mention;

  /** Of its sentence. */
  private final int place;

  /** Whether its sentence works with some of what was measured; null until it is asked. */
  Boolean inParts;

  /** Whether its sentence says how much is left; null until it is asked. */
  Boolean left;

  private Optional<Measure> measure;
  private String words;

  Named(Clause clause, Mention mention, int place) {
    this.clause = clause;
    this.mention = mention;
    this.place = place;
  }

  Section section() {
    return clause.sentence.section();
  }

  /** The one measure that its amount is; empty for none, a sum or a range. */
  Optional<Measure> measure() {
    if (measure == null) {
      measure = mention.isMeasured() ? Scaled.single(amount()) : Optional.empty();
    }
    return measure;
  }

  private String amount() {
    return mention.amountText.replaceFirst(" of$", "");
  }

  /** It stands in the brackets of its sentence, where places are counted anew. */
  boolean isOutside() {
    return mention.bracketed != null
        || mention.food == null
        || !clause.elements.contains(mention.food);
  }

  /** Its sentence in small letters. */
  String words() {
    if (words == null) {
      words = clause.words(0, clause.size());
    }
    return words;
  }

  /** Told in the same sentence or not long after. */
  boolean isNear(Named before) {
    return place >= before.place && place - before.place <= FAR_BACK;
  }

  /** Leaves a share of its amount. */
  void leave(double share) {
    Scaled.times(amount(), share)
        .ifPresent(
            rest -> {
              mention.amountText = rest;
              mention.restated = true;
              measure = null;
            });
  }
}
