package honeststack.core.estimate;

import java.util.function.Function;

/** An estimate and what it lacks: what is unknown is never counted as nothing. */
public record Total(Estimate estimate, Bound bound) {

  public static Total complete(Estimate estimate) {
    return new Total(estimate, Bound.COMPLETE);
  }

  public Total plus(Total other) {
    return new Total(estimate.plus(other.estimate), bound.plus(other.bound));
  }

  /** The sum over parts, in one pass over all sources. */
  public static <P> Total sum(Iterable<P> parts, Function<P, Total> total) {
    Estimate.Sum sum = new Estimate.Sum();
    Bound bound = Bound.COMPLETE;
    for (P part : parts) {
      Total one = total.apply(part);
      sum.add(one.estimate, 1);
      bound = bound.plus(one.bound);
    }
    return new Total(sum.total(), bound);
  }

  /** Scaled by a factor that is not negative. */
  public Total times(Estimate factor) {
    return new Total(estimate.times(factor), bound);
  }

  public Total withBound(Bound further) {
    return new Total(estimate, bound.plus(further));
  }
}
