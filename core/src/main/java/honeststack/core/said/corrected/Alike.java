package honeststack.core.said.corrected;

import honeststack.core.food.Role;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Named;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Mentions by what two names of one food have in common. */
final class Alike {
  /** A food that is named more often is named again. */
  private static final int MOST = 30;

  private final Map<String, List<Named>> index = new HashMap<>();

  void put(Named said) {
    for (String key : keys(said.mention)) {
      List<Named> alike = index.computeIfAbsent(key, any -> new ArrayList<>());
      if (alike.size() < MOST) {
        alike.add(said);
      }
    }
  }

  /** In the order in which they were put in; one that is alike in two ways comes twice. */
  List<Named> of(Named said) {
    List<Named> alike = new ArrayList<>();
    keys(said.mention).forEach(key -> alike.addAll(index.getOrDefault(key, List.of())));
    return alike;
  }

  private static List<String> keys(Mention mention) {
    String words = mention.foodText.toLowerCase(Locale.ROOT);
    List<String> keys = new ArrayList<>();
    keys.add(words.substring(words.lastIndexOf(' ') + 1));
    mention.known().ifPresent(food -> keys.add("=" + food.id()));
    mention.known().filter(f -> f.role() == Role.EGG).ifPresent(egg -> keys.add("=egg"));
    return keys;
  }
}
