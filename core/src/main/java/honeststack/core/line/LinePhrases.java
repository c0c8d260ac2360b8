package honeststack.core.line;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Phrases of a line that say something of all of it, by their first words. */
final class LinePhrases {
  static final Map<String, List<String[]>> OPTIONAL =
      phrases("optional", "if you like", "if desired", "if liked", "if you have it", "if wanted");
  static final Map<String, List<String[]>> UNMEASURED =
      phrases(
          "to taste",
          "as needed",
          "as required",
          "if needed",
          "as much as you like",
          "as you like",
          "as desired",
          "or to taste",
          "as necessary",
          "to thin",
          "to thin it",
          "to thin the batter",
          "to loosen",
          "to loosen it",
          "to loosen the batter",
          "to bind",
          "to your liking");
  static final Map<String, List<String[]>> PAN =
      phrases(
          "for the pan",
          "for the griddle",
          "for the iron",
          "for the waffle iron",
          "for frying",
          "for greasing",
          "for cooking",
          "for brushing",
          "to fry",
          "to grease",
          "to grease the pan",
          "for the skillet",
          "for greasing the pan");
  static final Map<String, List<String[]>> PLATE =
      phrases(
          "to serve",
          "for serving",
          "on top",
          "to top",
          "for topping",
          "for the top",
          "to finish",
          "to drizzle",
          "to sprinkle",
          "to dust",
          "to decorate",
          "for drizzling",
          "for sprinkling",
          "for dusting",
          "to garnish",
          "for garnish",
          "as a topping",
          "per person",
          "per serving",
          "for each serving",
          "on each serving");
  static final Map<String, List<String[]>> CHOICE =
      phrases(
          "of choice",
          "of your choice",
          "of your choosing",
          "you like",
          "your favourite",
          "your favorite",
          "of any kind",
          "any kind of",
          "any",
          "whichever",
          "whatever");
  static final Map<String, List<String[]>> DIVIDED =
      phrases("divided", "in two parts", "fresh or frozen", "or so", "or more", "or less");

  /** Behind an amount: nobody says how much more. */
  static final Map<String, List<String[]>> LOOSE =
      phrases(
          "at most",
          "at least",
          "at the most",
          "at the least",
          "altogether",
          "in total",
          "in all",
          "all told",
          "tops",
          "max",
          "approx",
          "approximately",
          "or near enough",
          "and a bit",
          "and a bit more",
          "and a little bit",
          "and a little more",
          "and a touch",
          "and then some",
          "or a bit more",
          "or a bit less",
          "or a little more",
          "or a little less",
          "or a touch more",
          "or a touch less",
          "or slightly more",
          "or slightly less",
          "or a tad more",
          "or a tad less",
          "or so",
          "or thereabouts",
          "or more",
          "or less",
          "more or less",
          "give or take",
          "plus a bit",
          "plus a bit more",
          "plus a little");

  static final Map<String, List<String[]>> SCOOPED =
      phrases("scooped from the bag", "straight from the bag", "scooped straight from the bag");

  private LinePhrases() {}

  /** Where the phrase ends that begins at a token; the token itself if none does. */
  static int end(Map<String, List<String[]>> phrases, List<Token> tokens, int at) {
    if (at < tokens.size()) {
      for (String[] phrase : phrases.getOrDefault(tokens.get(at).low(), List.of())) {
        int j = 0;
        while (j < phrase.length
            && at + j < tokens.size()
            && tokens.get(at + j).low().equals(phrase[j])) {
          j++;
        }
        if (j == phrase.length) {
          return at + j;
        }
      }
    }
    return at;
  }

  /** Phrases by their first word, longer ones first. */
  private static Map<String, List<String[]>> phrases(String... phrases) {
    return Arrays.stream(phrases)
        .sorted(Comparator.comparingInt(String::length).reversed())
        .map(phrase -> phrase.split(" "))
        .collect(Collectors.groupingBy(words -> words[0]));
  }
}
