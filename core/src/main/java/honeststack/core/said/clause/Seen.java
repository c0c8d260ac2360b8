package honeststack.core.said.clause;

import java.util.List;
import java.util.function.Supplier;

/** What many rules ask of all of a sentence: made once, as long as the sentence is as it was. */
final class Seen {
  private static final int FREE = 1;
  private static final int FIRM = 2;

  private Kept<String> words;
  private Kept<Signs> free;
  private Kept<Signs> all;

  String words(List<Element> elements) {
    words = now(words, elements, () -> words(elements, 0, elements.size()));
    return words.what;
  }

  /**
   * @param read also of what something was made of already
   */
  Signs signs(List<Element> elements, boolean read) {
    Kept<Signs> signs = now(read ? all : free, elements, () -> Signs.of(elements, read));
    if (read) {
      all = signs;
    } else {
      free = signs;
    }
    return signs.what;
  }

  /** In small letters, with spaces between, as far as there are any. */
  static String words(List<Element> elements, int from, int to) {
    StringBuilder words = new StringBuilder();
    for (int i = Math.max(0, from); i < Math.min(to, elements.size()); i++) {
      words.append(words.isEmpty() ? "" : " ").append(elements.get(i).low());
    }
    return words.toString();
  }

  private static <T> Kept<T> now(Kept<T> known, List<Element> elements, Supplier<T> made) {
    return known != null && known.holds(elements) ? known : new Kept<>(made.get(), elements);
  }

  private static final class Kept<T> {
    private final T what;
    private final Element[] elements;
    private final String[] instead;
    private final byte[] state;

    Kept(T what, List<Element> all) {
      this.what = what;
      this.elements = all.toArray(Element[]::new);
      this.instead = new String[elements.length];
      this.state = new byte[elements.length];
      for (int i = 0; i < elements.length; i++) {
        instead[i] = elements[i].instead;
        state[i] = state(elements[i]);
      }
    }

    private boolean holds(List<Element> now) {
      if (now.size() != elements.length) {
        return false;
      }
      for (int i = 0; i < elements.length; i++) {
        Element element = elements[i];
        boolean same = now.get(i) == element && element.instead == instead[i];
        if (!same || state(element) != state[i]) {
          return false;
        }
      }
      return true;
    }

    private static byte state(Element element) {
      return (byte) ((element.part == null ? FREE : 0) | (element.firm ? FIRM : 0));
    }
  }
}
