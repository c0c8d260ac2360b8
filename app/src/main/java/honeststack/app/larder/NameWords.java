package honeststack.app.larder;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** The words that names of foods are made of. Immutable. */
public final class NameWords {
  private final Set<String> words;

  private NameWords(Set<String> words) {
    this.words = words;
  }

  /**
   * @param names in the one form
   */
  public static NameWords of(Collection<String> names) {
    return new NameWords(Set.of()).with(names);
  }

  /** These and the words of more names. */
  NameWords with(Collection<String> names) {
    Set<String> more = new HashSet<>(words);
    names.forEach(name -> more.addAll(List.of(name.split(" "))));
    return new NameWords(more);
  }

  /**
   * Whether a word, or each of those that it is joined of ("oat-milk", "oatmilk"), is in a name, or
   * says how little fat something has.
   */
  public boolean isIn(String word) {
    String normal = FoodNames.normal(word);
    return !normal.isEmpty() && (areIn(normal) || areIn(FoodNames.apart(normal)));
  }

  private boolean areIn(String normal) {
    for (String one : normal.split(" ")) {
      if (!words.contains(one) && !FatWords.isOne(one)) {
        return false;
      }
    }
    return true;
  }
}
