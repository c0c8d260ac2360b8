package honeststack.core.said.clause;

import java.util.List;
import java.util.function.Supplier;

/** What many rules ask of all of a sentence: made once, as long as the sentence is as it was. */
final class Seen {
  private static final int FREE = 1;
  private static final int FIRM = 2;

  private final Clause clause;
  private Kept<String> words;
  private Kept<Shape> shape;
  private Kept<Shape> read;

  Seen(Clause clause) {
    this.clause = clause;
  }

  String words() {
    words = now(words, () -> clause.joined(0, clause.size()));
    return words.what;
  }

  /** Of what nothing was made of yet. */
  Shape shape() {
    shape = now(shape, () -> new Shape(clause, false));
    return shape.what;
  }

  /** Of all of it. */
  Shape read() {
    read = now(read, () -> new Shape(clause, true));
    return read.what;
  }

  private <T> Kept<T> now(Kept<T> known, Supplier<T> made) {
    return known != null && known.holds(clause.elements)
        ? known
        : new Kept<>(made.get(), clause.elements);
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
