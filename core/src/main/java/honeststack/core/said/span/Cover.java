package honeststack.core.said.span;

import honeststack.core.said.clause.Element;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** The best coverings of a sentence's beginnings, by the place where each ends. */
final class Cover {
  private final Best[] best;

  /** A span, the score of all up to its end with it, and the span before. */
  private record Best(Element element, double score) {}

  /**
   * @param size tokens of the sentence
   */
  Cover(int size) {
    best = new Best[size + 1];
    best[0] = new Best(null, 0);
  }

  /** The span that ends there; null at the beginning. */
  Element at(int end) {
    return best[end].element();
  }

  void offer(int from, Element element, double score) {
    double all = best[from].score() + score;
    if (best[element.to] == null || all > best[element.to].score()) {
      best[element.to] = new Best(element, all);
    }
  }

  /** The spans of the best covering of all. */
  List<Element> elements() {
    List<Element> elements = new ArrayList<>();
    for (int i = best.length - 1; i > 0; i = at(i).from) {
      elements.add(at(i));
    }
    Collections.reverse(elements);
    return elements;
  }
}
