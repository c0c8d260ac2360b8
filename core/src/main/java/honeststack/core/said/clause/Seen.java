package honeststack.core.said.clause;

import java.util.List;
import java.util.function.Supplier;

/** What many rules ask of all of a sentence: made once, as long as the sentence is as it was. */
final class Seen {
  private static final int FREE = 1;
  private static final int FIRM = 2;

  /** Of so few elements the words are put together sooner than it is known that they are kept. */
  private static final int FEW = 3;

  private Kept<Words> words;
  private Kept<Signs> free;
  private Kept<Signs> all;

  /**
   * In small letters, with spaces between.
   *
   * @param starts where each element begins
   */
  private record Words(String all, int[] starts) {
    static Words of(List<Element> elements) {
      int[] starts = new int[elements.size()];
      StringBuilder words = new StringBuilder();
      for (int i = 0; i < starts.length; i++) {
        words.append(i == 0 ? "" : " ");
        starts[i] = words.length();
        words.append(elements.get(i).low());
      }
      return new Words(words.toString(), starts);
    }

    String words(int from, int to) {
      if (from == 0 && to == starts.length) {
        return all;
      }
      return all.substring(starts[from], to == starts.length ? all.length() : starts[to] - 1);
    }
  }

  /** Of some elements, as far as there are any. */
  String words(List<Element> elements, int first, int behind) {
    int from = Math.max(0, first);
    int to = Math.min(behind, elements.size());
    if (to - from <= FEW) {
      return few(elements, from, to);
    }
    words = now(words, elements, false, () -> Words.of(elements));
    return words.what.words(from, to);
  }

  private static String few(List<Element> elements, int from, int to) {
    if (to - from == 1) {
      return elements.get(from).low();
    }
    StringBuilder words = new StringBuilder();
    for (int i = from; i < to; i++) {
      words.append(i == from ? "" : " ").append(elements.get(i).low());
    }
    return words.toString();
  }

  /**
   * @param read also of what something was made of already
   */
  Signs signs(List<Element> elements, boolean read) {
    Kept<Signs> signs = now(read ? all : free, elements, true, () -> Signs.of(elements, read));
    if (read) {
      all = signs;
    } else {
      free = signs;
    }
    return signs.what;
  }

  /**
   * @param states it matters what was made of the elements, not only what they say
   */
  private static <T> Kept<T> now(
      Kept<T> known, List<Element> elements, boolean states, Supplier<T> made) {
    return known != null && known.holds(elements, states)
        ? known
        : new Kept<>(made.get(), elements);
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

    private boolean holds(List<Element> now, boolean states) {
      if (now.size() != elements.length) {
        return false;
      }
      for (int i = 0; i < elements.length; i++) {
        Element element = elements[i];
        boolean same = now.get(i) == element && element.instead == instead[i];
        if (!same || states && state(element) != state[i]) {
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
