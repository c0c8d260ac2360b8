package honeststack.core.goal;

/**
 * What can be said of a goal, by the probability p that the figure lies within its limits
 * (conformance probability, JCGM 106:2012; the steps are this product's own).
 */
public enum Verdict {
  MET("met"),
  LIKELY_MET("likely met"),
  TOO_CLOSE("too close to call"),
  LIKELY_MISSED("likely missed"),
  MISSED("missed"),
  NOT_KNOWN("not known");

  /** From this probability on, a goal is likely met. */
  static final double LIKELY = 0.75;

  private final String words;

  Verdict(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Met from 0.95, likely met from 0.75, likely missed up to 0.25, missed up to 0.05. */
  static Verdict of(double p) {
    if (p >= 0.95) {
      return MET;
    }
    if (p >= LIKELY) {
      return LIKELY_MET;
    }
    if (p > 0.25) {
      return TOO_CLOSE;
    }
    return p > 0.05 ? LIKELY_MISSED : MISSED;
  }

  /** Whether nothing need be measured better to believe it. */
  public boolean isClear() {
    return this == MET || this == MISSED;
  }
}
