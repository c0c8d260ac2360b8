package honeststack.core.said.clause;

import honeststack.core.measure.Measure;
import honeststack.core.said.words.Sentence.Section;
import java.util.Optional;

/** A mention where it stands in a text. */
public final class Named {
  /** What is told so many sentences before is told of something else. */
  private static final int FAR_BACK = 60;

  /** The sentence that names it. */
  public final Clause clause;

  /** What is named. */
  public final Mention mention;

  /** Of its sentence. */
  private final int place;

  /** Whether its sentence works with some of what was measured; null until it is asked. */
  public Boolean inParts;

  /** Whether its sentence says how much is left; null until it is asked. */
  public Boolean left;

  private Optional<Measure> measure;
  private String words;

  /** A mention of a sentence, which is the so many-th of its text. */
  public Named(Clause clause, Mention mention, int place) {
    this.clause = clause;
    this.mention = mention;
    this.place = place;
  }

  /** What its sentence is part of. */
  public Section section() {
    return clause.sentence.section();
  }

  /** The one measure that its amount is; empty for none, a sum or a range. */
  public Optional<Measure> measure() {
    if (measure == null) {
      measure = mention.isMeasured() ? Scaled.single(amount()) : Optional.empty();
    }
    return measure;
  }

  private String amount() {
    return mention.amountText.replaceFirst(" of$", "");
  }

  /** It stands in the brackets of its sentence, where places are counted anew. */
  public boolean isOutside() {
    return mention.bracketed != null
        || mention.food == null
        || !clause.elements.contains(mention.food);
  }

  /** Its sentence in small letters. */
  public String words() {
    if (words == null) {
      words = clause.words(0, clause.size());
    }
    return words;
  }

  /** Told in the same sentence or not long after. */
  public boolean isNear(Named before) {
    return place >= before.place && place - before.place <= FAR_BACK;
  }

  /** Leaves a share of its amount. */
  public void leave(double share) {
    Scaled.times(amount(), share)
        .ifPresent(
            rest -> {
              mention.amountText = rest;
              mention.restated = true;
              measure = null;
            });
  }
}
