package honeststack.app.larder;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Words for little fat, and for none, that mean the same of any food: "half-fat", "lite". */
final class FatWords {
  private static final Set<String> LITTLE = Set.of("half", "low", "lower", "reduced", "less");
  private static final Set<String> LIGHT = Set.of("light", "lite", "lighter", "lowfat");
  private static final Set<String> NONE = Set.of("no", "zero", "non", "nil", "free", "0", "0%");
  private static final Set<String> FREE = Set.of("nonfat", "fatfree", "skim", "skimmed");

  private static final List<String> ALL_LITTLE =
      List.of("low fat", "reduced fat", "light", "half fat", "lowfat", "lite");

  private static final List<String> ALL_FREE =
      List.of("nonfat", "fat free", "skim", "skimmed", "0%");

  private static final Set<String> ALL =
      Stream.of(LITTLE, LIGHT, NONE, FREE)
          .flatMap(Set::stream)
          .collect(Collectors.toUnmodifiableSet());

  private FatWords() {}

  static boolean isOne(String word) {
    return ALL.contains(word) || word.equals("fat");
  }

  /**
   * A name in the other words for how little fat it has, each in the one form.
   *
   * @param normal in the one form
   * @return nothing if it does not say so
   */
  static List<String> others(String normal) {
    boolean said =
        normal.contains("fat")
            || normal.contains("light")
            || normal.contains("lite")
            || normal.contains("skim");
    if (!said) {
      return List.of();
    }
    List<String> words = new ArrayList<>(Arrays.asList(normal.split(" ")));
    if (words.contains("fat") && words.remove("full")) {
      return with(words, List.of("")); // the ordinary one, where no leaner one goes by its name
    }
    if (words.removeAll(LIGHT) || words.contains("fat") && words.removeAll(LITTLE)) {
      return with(words, ALL_LITTLE);
    }
    if (words.removeAll(FREE) || words.contains("fat") && words.removeAll(NONE)) {
      return with(words, ALL_FREE);
    }
    return List.of();
  }

  private static List<String> with(List<String> words, List<String> said) {
    words.remove("fat");
    String rest = String.join(" ", words);
    return rest.isEmpty()
        ? List.of()
        : said.stream().map(fat -> FoodNames.normal(rest + " " + fat)).toList();
  }
}
