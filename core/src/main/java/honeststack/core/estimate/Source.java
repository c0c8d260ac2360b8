package honeststack.core.estimate;

import java.util.Objects;

/**
 * One independent reason why a figure is not known exactly.
 *
 * @param identity equal identities are the same source
 * @param distribution shape
 * @param words what it is, for a reader: "filling the cup of rye flour"
 */
public record Source(Identity identity, Distribution distribution, String words) {

  public Source {
    Objects.requireNonNull(identity, "identity");
    Objects.requireNonNull(distribution, "distribution");
    Objects.requireNonNull(words, "words");
  }

  /** A normally distributed source. */
  public static Source of(Identity identity, String words) {
    return new Source(identity, Distribution.NORMAL, words);
  }

  /** A source that is as likely anywhere between its ends. */
  public static Source rectangular(Identity identity, String words) {
    return new Source(identity, Distribution.RECTANGULAR, words);
  }

  /** The same source under another identity. */
  public Source as(Identity other) {
    return new Source(other, distribution, words);
  }
}
