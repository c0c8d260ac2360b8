package honeststack.app.shelf;

import honeststack.app.problem.Problem;
import java.util.List;
import java.util.stream.Stream;

/** Words to find recipes by, as they are stored: between semicolons. */
final class Tagged {
  private static final String SEPARATOR = ";";

  private Tagged() {}

  static List<String> list(String text) {
    return Stream.of(text.split(SEPARATOR)).filter(word -> !word.isBlank()).toList();
  }

  /**
   * @throws honeststack.app.problem.ProblemException if a word holds what separates them
   */
  static String text(List<String> words) {
    words.stream()
        .filter(word -> word.contains(SEPARATOR))
        .findFirst()
        .ifPresent(
            word -> {
              throw Problem.badInput(
                  "tags", word, "“" + word + "” holds a semicolon.", "words without semicolons");
            });
    return String.join(SEPARATOR, words.stream().map(String::strip).distinct().toList());
  }
}
