package honeststack.core.estimate;

/** An estimate and what it lacks: what is unknown is never counted as nothing. */
public record Total(Estimate estimate, Bound bound) {

  public static final Total NOTHING = complete(Estimate.ZERO);

  public static Total complete(Estimate estimate) {
    return new Total(estimate, Bound.COMPLETE);
  }

  public Total plus(Total other) {
    return new Total(estimate.plus(other.estimate), bound.plus(other.bound));
  }

  /** Scaled by a factor that is not negative. */
  public Total times(Estimate factor) {
    return new Total(estimate.times(factor), bound);
  }

  public Total withBound(Bound further) {
    return new Total(estimate, bound.plus(further));
  }
}
