package honeststack.app.larder;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;

/** Words of names that a misspelt one may mean: one letter more, less, other, or two swapped. */
final class Spelling {
  private static final int SHORTEST = 4;
  private static final int LONGEST = 20;

  /** Names by themselves, and by themselves without one of their letters. */
  private final Map<String, List<String>> names = new HashMap<>();

  private Spelling() {}

  /**
   * @param names in their normal form
   */
  static Spelling of(Collection<String> names) {
    Spelling spelling = new Spelling();
    SortedSet<String> words = new TreeSet<>();
    names.forEach(name -> words.addAll(List.of(name.split(" "))));
    for (String name : words) {
      if (name.length() >= SHORTEST && name.length() <= LONGEST) {
        spelling.put(name, name);
        for (int i = 0; i < name.length(); i++) {
          spelling.put(without(name, i), name);
        }
      }
    }
    return spelling;
  }

  private void put(String key, String name) {
    List<String> known = names.computeIfAbsent(key, any -> new ArrayList<>(1));
    if (!known.contains(name)) {
      known.add(name);
    }
  }

  /** Of several the one of the same letters, then of the same length, then the first of all. */
  Optional<String> nearest(String word) {
    List<String> found = new ArrayList<>(names.getOrDefault(word, List.of()));
    if (word.length() < SHORTEST || word.length() > LONGEST || found.contains(word)) {
      return Optional.empty(); // it is spelt as it should be
    }
    for (int i = 0; i < word.length(); i++) {
      names.getOrDefault(without(word, i), List.of()).stream()
          .filter(name -> isNear(name, word))
          .forEach(found::add);
    }
    return found.stream()
        .filter(name -> isNear(name, word))
        .min(
            Comparator.comparing((String name) -> !letters(name).equals(letters(word)))
                .thenComparingInt(name -> Math.abs(name.length() - word.length()))
                .thenComparing(Comparator.naturalOrder()));
  }

  private static boolean isNear(String name, String word) {
    return Math.abs(name.length() - word.length()) <= 1
        && name.charAt(0) == word.charAt(0)
        && !name.equals(FoodNames.normal(word));
  }

  private static String letters(String word) {
    char[] letters = word.toCharArray();
    Arrays.sort(letters);
    return new String(letters);
  }

  private static String without(String word, int i) {
    return word.substring(0, i) + word.substring(i + 1);
  }
}
