package honeststack.core.said.words;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * What a text must hold: of each list one of its words, and of each choice all that one of its
 * cases needs.
 */
record Needs(List<Words> words, List<Choice> choices) {
  static final Needs NOTHING = new Needs(List.of(), List.of());

  /** So many lists tell nearly as much as all. */
  private static final int LISTS = 3;

  /** Of what stands one behind the other. */
  static Needs all(Collection<Needs> parts) {
    List<Words> words =
        parts.stream()
            .flatMap(part -> part.words.stream())
            .sorted(Comparator.comparingInt(Words::shortest).reversed())
            .limit(LISTS)
            .toList();
    return new Needs(words, parts.stream().flatMap(part -> part.choices.stream()).toList());
  }

  /** Of several cases, of which one must be. */
  static Needs any(List<Needs> cases) {
    List<Words> best = cases.stream().map(Needs::best).toList();
    if (best.contains(Words.NONE)) {
      return NOTHING;
    }
    Words any = Words.all(best);
    boolean simple = cases.stream().allMatch(one -> one.words.size() == 1 && one.choices.isEmpty());
    return simple
        ? new Needs(List.of(any), List.of())
        : new Needs(List.of(), List.of(new Choice(any, cases)));
  }

  /** The words that are most seldom said. */
  private Words best() {
    return words.isEmpty()
        ? choices.stream()
            .map(Choice::any)
            .max(Comparator.comparingInt(Words::shortest))
            .orElse(Words.NONE)
        : words.get(0);
  }

  /**
   * @param any a word of each case
   */
  record Choice(Words any, List<Needs> cases) {}

  /** Words of which one is looked for. */
  record Words(Set<String> all, int shortest) {
    static final Words NONE = of(Set.of());

    /** Of two characters or more. */
    static Words of(Set<String> all) {
      return new Words(all, all.stream().mapToInt(String::length).min().orElse(0));
    }

    static Words all(Collection<Words> some) {
      Set<String> all = new TreeSet<>();
      some.forEach(one -> all.addAll(one.all));
      return of(all);
    }

    /** The number under which they are looked for. */
    int clue() {
      return Clues.number(all);
    }
  }
}
