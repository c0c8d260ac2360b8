package honeststack.app.larder;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Words of names that a misspelt one may mean: one letter more, less, other, or two swapped. */
final class Spelling {
  private static final int SHORTEST = 4;
  private static final int LONGEST = 20;

  /** Every name, and every name without one of its letters. */
  private final Map<String, String> names = new HashMap<>();

  private Spelling() {}

  /**
   * @param names in their normal form
   */
  static Spelling of(Collection<String> names) {
    Spelling spelling = new Spelling();
    Set<String> words = new HashSet<>();
    names.forEach(name -> words.addAll(List.of(name.split(" "))));
    for (String name : words) {
      if (name.length() >= SHORTEST && name.length() <= LONGEST) {
        spelling.names.put(name, name);
        for (int i = 0; i < name.length(); i++) {
          spelling.names.putIfAbsent(without(name, i), name);
        }
      }
    }
    return spelling;
  }

  Optional<String> nearest(String word) {
    if (word.length() < SHORTEST || word.length() > LONGEST) {
      return Optional.empty();
    }
    String found = names.get(word);
    for (int i = 0; found == null && i < word.length(); i++) {
      found = names.get(without(word, i));
    }
    boolean near = found != null && Math.abs(found.length() - word.length()) <= 1;
    return near && found.charAt(0) == word.charAt(0) && !found.equals(singular(word))
        ? Optional.of(found)
        : Optional.empty();
  }

  private static String singular(String word) {
    return FoodNames.normal(word);
  }

  private static String without(String word, int i) {
    return word.substring(0, i) + word.substring(i + 1);
  }
}
