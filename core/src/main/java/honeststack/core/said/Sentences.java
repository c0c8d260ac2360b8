package honeststack.core.said;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.words.Sentence;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/**
 * Reads the sentences of a text, each by itself: those of a long one in a few runs side by side, as
 * many as there are processors. What one says of another is not its matter.
 */
final class Sentences {
  /** For fewer the handing over costs more than is won. */
  private static final int RUN = 8;

  private Sentences() {}

  /**
   * In their order.
   *
   * @param reader a new one for each run, as a reader is for one thread
   */
  static List<Clause> read(List<Sentence> sentences, Supplier<ClauseReader> reader) {
    int all = sentences.size();
    int runs = Math.min(all / RUN, Runtime.getRuntime().availableProcessors());
    if (runs < 2) {
      return run(sentences, reader.get());
    }
    return IntStream.range(0, runs)
        .parallel()
        .mapToObj(i -> sentences.subList(all * i / runs, all * (i + 1) / runs))
        .flatMap(run -> run(run, reader.get()).stream())
        .toList();
  }

  private static List<Clause> run(List<Sentence> sentences, ClauseReader reader) {
    return sentences.stream().flatMap(sentence -> reader.read(sentence).stream()).toList();
  }
}
