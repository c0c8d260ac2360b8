package honeststack.core.estimate;

import java.util.Objects;

/**
 * One independent reason why a figure is not known exactly. Two estimates that name the same source
 * move together in it; everything about a difference between two results rests on that.
 *
 * @param key identity; equal keys are the same source
 * @param scope whether every batch shares it or each use draws it anew
 * @param distribution shape
 * @param words what it is, for a reader: "filling the cup of rye flour"
 */
public record Source(String key, Scope scope, Distribution distribution, String words) {

  private static final String COMPOSITION = "composition:";

  /** How far the identity of a source reaches. */
  public enum Scope {
    /**
     * The same in every batch: a composition value, what a cup of a food weighs, a scale's bias.
     */
    SHARED,
    /** Drawn anew each time: filling this cup, reading this jug, this egg. */
    PER_USE
  }

  public Source {
    Objects.requireNonNull(key, "key");
    Objects.requireNonNull(scope, "scope");
    Objects.requireNonNull(distribution, "distribution");
    Objects.requireNonNull(words, "words");
  }

  public static Source shared(String key, String words) {
    return new Source(key, Scope.SHARED, Distribution.NORMAL, words);
  }

  public static Source perUse(String key, String words) {
    return new Source(key, Scope.PER_USE, Distribution.NORMAL, words);
  }

  /** Whether it is a value of a food's composition, which no measuring at the bench can improve. */
  public boolean isComposition() {
    return key.startsWith(COMPOSITION);
  }

  /** The source of a food's value for a component. */
  public static Source composition(String foodId, String component, String words) {
    return shared(COMPOSITION + foodId + ":" + component, words);
  }

  /** The same source under another identity. */
  public Source keyed(String other) {
    return new Source(other, scope, distribution, words);
  }

  public Source shaped(Distribution shape) {
    return new Source(key, scope, shape, words);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Source source && key.equals(source.key);
  }

  @Override
  public int hashCode() {
    return key.hashCode();
  }
}
