package honeststack.core.estimate;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The sources of one reading. Every uncertain input enters through {@link #input}; estimates of one
 * book may be combined, those of two books may not (the law of propagation of JCGM 100:2008,
 * 5.1.2).
 *
 * <p>A book is written by one thread and then frozen; a frozen book takes no new source and is safe
 * to share between threads.
 */
public final class SourceBook {
  private final Map<Identity, Integer> places = new HashMap<>(128);
  private final List<Source> sources = new ArrayList<>(128);
  private List<Source> frozen;

  /**
   * An uncertain input.
   *
   * @param value best value, in the unit of the quantity
   * @param u standard uncertainty, same unit, not negative
   * @throws IllegalArgumentException if either is not finite or {@code u} is negative
   * @throws IllegalStateException if the book is frozen and never met the source
   */
  public Estimate input(double value, double u, Source source) {
    if (!Double.isFinite(value) || !Double.isFinite(u) || u < 0) {
      throw new IllegalArgumentException(
          "An input needs a finite value and u ≥ 0, not " + value + " ± " + u);
    }
    return u == 0
        ? Estimate.exact(value)
        : new Estimate(this, value, new int[] {enter(source)}, new double[] {u});
  }

  /**
   * An estimate put together again: value + Σ s_j ε_j.
   *
   * @param places of its sources in this book, ascending
   * @param sensitivities in the unit of the value, one for each
   * @throws IllegalArgumentException if a place does not exist, or they do not ascend
   */
  public Estimate restore(double value, int[] places, double[] sensitivities) {
    for (int i = 0; i < places.length; i++) {
      if (places[i] < 0 || places[i] >= size() || i > 0 && places[i] <= places[i - 1]) {
        throw new IllegalArgumentException(
            "Source " + places[i] + " of " + size() + " is out of order");
      }
    }
    return places.length == 0
        ? Estimate.exact(value)
        : new Estimate(this, value, places.clone(), sensitivities.clone());
  }

  /** The place of a source, which is entered if it is new. */
  public int enter(Source source) {
    Integer known = places.get(source.identity());
    if (known != null) {
      return known;
    }
    if (frozen != null) {
      throw new IllegalStateException("This book is closed and never met " + source.identity());
    }
    int next = sources.size();
    sources.add(source);
    places.put(source.identity(), next);
    return next;
  }

  /** Closes the book; it takes no new source from now on. Returns this book. */
  public SourceBook freeze() {
    if (frozen == null) {
      frozen = List.copyOf(sources);
    }
    return this;
  }

  /** Where a source stands in {@link #sources()}; -1 if it was never met. */
  public int place(Identity identity) {
    return places.getOrDefault(identity, -1);
  }

  /** The source at a place. */
  public Source source(int place) {
    return sources.get(place);
  }

  public int size() {
    return sources.size();
  }

  /** All sources met so far, in the order of their first use. */
  public List<Source> sources() {
    return frozen == null ? List.copyOf(sources) : frozen;
  }
}
