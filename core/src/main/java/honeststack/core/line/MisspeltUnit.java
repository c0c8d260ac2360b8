package honeststack.core.line;

import honeststack.core.measure.Unit;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Units as hurried hands write them: "tblspns", "teaspon", "handfull". */
final class MisspeltUnit {
  private static final Pattern TABLESPOON =
      Pattern.compile("t(?:a?ble?|a?b[el]*)[es]*-?s?p(?:o*n?)?(?:ful+)?s?|tblsp?[ns]{0,2}");

  private static final Pattern TEASPOON =
      Pattern.compile("te?a?-?s+p(?:o*n?)?(?:ful+)?s?|tps|teas?p(?:oo)?n?s?");

  private static final int SHORTEST_SPOON = 3;

  /** Of shorter names another word is too near. */
  private static final int SHORTEST = 7;

  private final Map<String, Unit> units;

  /** By their first letter, and by their last: of those near a word one is the same. */
  private final Map<Character, List<String>> beginning;

  private final Map<Character, List<String>> ending;

  /**
   * @param units by their names, rightly written
   */
  MisspeltUnit(Map<String, Unit> units) {
    this.units = units;
    List<String> names =
        units.keySet().stream().filter(n -> n.length() >= SHORTEST).sorted().toList();
    this.beginning = names.stream().collect(Collectors.groupingBy(n -> n.charAt(0)));
    this.ending = names.stream().collect(Collectors.groupingBy(n -> n.charAt(n.length() - 1)));
  }

  /** Null for a word that is none. */
  Unit of(String low) {
    if (low.length() < SHORTEST_SPOON || low.length() < SHORTEST && low.charAt(0) != 't') {
      return null;
    }
    if (TABLESPOON.matcher(low).matches()) {
      return Unit.TABLESPOON;
    }
    if (TEASPOON.matcher(low).matches()) {
      return Unit.TEASPOON;
    }
    if (low.length() < SHORTEST || low.endsWith("ed")) {
      return null;
    }
    String near = nearest(beginning.getOrDefault(low.charAt(0), List.of()), low);
    near =
        near == null
            ? nearest(ending.getOrDefault(low.charAt(low.length() - 1), List.of()), low)
            : near;
    return near == null ? null : units.get(near);
  }

  private static String nearest(List<String> names, String low) {
    for (String name : names) {
      if (Math.abs(name.length() - low.length()) <= 1 && isNear(name, low)) {
        return name;
      }
    }
    return null;
  }

  /** One letter more, less or other, or two changed about. */
  private static boolean isNear(String name, String word) {
    int from = 0;
    int least = Math.min(name.length(), word.length());
    while (from < least && name.charAt(from) == word.charAt(from)) {
      from++;
    }
    int same = 0;
    while (same < least - from
        && name.charAt(name.length() - 1 - same) == word.charAt(word.length() - 1 - same)) {
      same++;
    }
    int inName = name.length() - from - same;
    int inWord = word.length() - from - same;
    boolean changed =
        inName == 2
            && inWord == 2
            && name.charAt(from) == word.charAt(from + 1)
            && name.charAt(from + 1) == word.charAt(from);
    return changed || Math.max(inName, inWord) <= 1;
  }
}
