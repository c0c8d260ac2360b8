package honeststack.core.wording;

import java.util.Arrays;
import java.util.Set;

/** Words of a list that is written as a text. */
public final class WordSet {
  private WordSet() {}

  /** The words between white space, each once. */
  public static Set<String> of(String text) {
    return Set.copyOf(Arrays.asList(text.strip().split("\\s+")));
  }
}
