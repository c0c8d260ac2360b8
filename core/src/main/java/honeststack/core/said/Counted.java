package honeststack.core.said;

import java.util.Optional;

/** What a sentence says of how many come out, and how many they serve. */
final class Counted {
  Optional<Told.Count> pieces = Optional.empty();
  Optional<Told.Count> serves = Optional.empty();

  /** Whether "makes" or the like says the pieces. */
  boolean sure;
}
