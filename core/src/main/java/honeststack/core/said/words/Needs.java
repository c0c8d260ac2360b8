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

  boolean areIn(String text) {
    for (Words one : words) {
      if (!one.isIn(text)) {
        return false;
      }
    }
    for (Choice choice : choices) {
      if (!choice.isIn(text)) {
        return false;
      }
    }
    return true;
  }

  /**
   * @param any a word of each case
   */
  record Choice(Words any, List<Needs> cases) {
    boolean isIn(String text) {
      if (any.isIn(text)) {
        for (Needs one : cases) {
          if (one.areIn(text)) {
            return true;
          }
        }
      }
      return false;
    }
  }

  /** Words of which one is looked for, by their first two characters. */
  record Words(Set<String> all, int shortest, String[][] byStart) {
    static final Words NONE = of(Set.of());

    private static final int STARTS = 256;

    /** Of two characters or more. */
    static Words of(Set<String> all) {
      String[][] byStart = new String[STARTS][];
      for (int i = 0; i < STARTS; i++) {
        int start = i;
        List<String> words = all.stream().filter(word -> start(word, 0) == start).toList();
        byStart[i] = words.isEmpty() ? null : words.toArray(String[]::new);
      }
      return new Words(all, all.stream().mapToInt(String::length).min().orElse(0), byStart);
    }

    static Words all(Collection<Words> some) {
      Set<String> all = new TreeSet<>();
      some.forEach(one -> all.addAll(one.all));
      return of(all);
    }

    boolean isIn(String text) {
      for (int i = 0; i + 1 < text.length(); i++) {
        String[] words = byStart[start(text, i)];
        if (words != null) {
          for (String word : words) {
            if (text.startsWith(word, i)) {
              return true;
            }
          }
        }
      }
      return false;
    }

    private static int start(String text, int i) {
      return (text.charAt(i) * 31 + text.charAt(i + 1)) & (STARTS - 1);
    }
  }
}
